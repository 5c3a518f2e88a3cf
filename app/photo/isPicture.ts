/** True of a file that is a picture by its kind or its name. */
export const isPicture = (file: File): boolean =>
  file.type.startsWith('image/') || /\.(?:jpe?g|png|webp|heic|avif|bmp|gif)$/i.test(file.name);
