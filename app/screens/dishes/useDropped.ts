import { useEffect, useRef } from 'react';

/** A file may be dropped anywhere on the screen. */
export function useDropped(onFile: (file: File) => Promise<void>): void {
  const dropped = useRef(onFile);
  useEffect(() => {
    dropped.current = onFile;
  });
  useEffect(() => {
    const over = (e: DragEvent): void => {
      if (e.dataTransfer?.types.includes('Files')) e.preventDefault();
    };
    const drop = (e: DragEvent): void => {
      const file = e.dataTransfer?.files[0];
      if (!file) return;
      e.preventDefault();
      void dropped.current(file);
    };
    document.addEventListener('dragover', over);
    document.addEventListener('drop', drop);
    return () => {
      document.removeEventListener('dragover', over);
      document.removeEventListener('drop', drop);
    };
  }, []);
}
