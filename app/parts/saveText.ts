/** Hands the cook a text as a file to keep. */
export const saveText = (name: string, text: string, type = 'application/json'): void =>
  saveFile(name, new Blob([text], { type }));

/** Hands the cook a file to keep. */
export function saveFile(name: string, file: Blob): void {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(file);
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(link.href), 10_000);
}
