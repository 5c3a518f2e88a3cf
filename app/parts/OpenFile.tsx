import type { ReactNode } from 'react';

/** A button that lets the cook choose a file; the same file may be chosen twice in a row. */
export function OpenFile({
  accept = 'application/json,.json',
  isSmall = false,
  onFile,
  children,
}: {
  accept?: string;
  isSmall?: boolean;
  onFile: (file: File) => void;
  children: ReactNode;
}) {
  return (
    <label className={`btn btn-quiet open-file${isSmall ? ' btn-sm' : ''}`}>
      {children}
      <input
        type="file"
        accept={accept}
        className="visually-hidden"
        onChange={(e) => {
          const file = e.target.files?.[0];
          e.target.value = '';
          if (file) onFile(file);
        }}
      />
    </label>
  );
}

/** A button that lets the cook choose many files, or a whole folder with all that is in it. */
export function OpenFiles({
  accept,
  isFolder = false,
  onFiles,
  children,
}: {
  accept?: string;
  isFolder?: boolean;
  onFiles: (files: File[]) => void;
  children: ReactNode;
}) {
  return (
    <label className="btn btn-quiet open-file">
      {children}
      <input
        type="file"
        multiple
        accept={accept}
        {...(isFolder ? { webkitdirectory: '' } : {})}
        className="visually-hidden"
        onChange={(e) => {
          const files = [...(e.target.files ?? [])];
          e.target.value = '';
          if (files.length) onFiles(files);
        }}
      />
    </label>
  );
}
