import { db } from './db';
import { exportAll, openSaved, wasSaved } from './saving';

/** A file that the browser may read and write again later, where it has such a thing. */
export interface KeptFile {
  readonly name: string;
  getFile(): Promise<Blob>;
  createWritable(): Promise<{ write(data: Blob): Promise<void>; close(): Promise<void> }>;
  requestPermission?(wish: { mode: 'readwrite' }): Promise<PermissionState>;
}

type Picker = (wish: {
  suggestedName: string;
  types: { description: string; accept: Record<string, string[]> }[];
}) => Promise<KeptFile>;

/** Where the file that two devices share is remembered. */
const SAME_FILE = 'sameFile';

const picker = (): Picker | undefined =>
  (globalThis as { showSaveFilePicker?: Picker }).showSaveFilePicker?.bind(globalThis);

/** True where the browser lets a page keep a file. */
export const canKeepAFile = (): boolean => picker() !== undefined;

/** Lets the cook choose the file that two devices share; null when it was left. */
export async function chooseSameFile(): Promise<KeptFile | null> {
  const choose = picker();
  if (!choose) return null;
  try {
    const file = await choose({
      suggestedName: 'keen-ladle.zip',
      types: [{ description: 'Keen Ladle kitchen', accept: { 'application/zip': ['.zip'] } }],
    });
    await db.meta.put({ key: SAME_FILE, value: file });
    return file;
  } catch {
    return null;
  }
}

/** The file that was chosen before; null when there is none. */
export async function sameFile(): Promise<KeptFile | null> {
  return ((await db.meta.get(SAME_FILE))?.value as KeptFile | undefined) ?? null;
}

/** Forgets the file; what is in it stays in it. */
export async function forgetSameFile(): Promise<void> {
  await db.meta.delete(SAME_FILE);
}

/** What bringing two devices together came to. */
export type Together = { ok: true; added: number; changed: number } | { ok: false; message: string };

/**
 * Joins what the shared file has with what is here and writes the whole back into it, so that each device ends with all of both. A file
 * that is damaged or of another kind is never written over.
 */
export async function bringTogether(file: KeptFile): Promise<Together> {
  try {
    if ((await file.requestPermission?.({ mode: 'readwrite' })) === 'denied')
      return { ok: false, message: 'This browser does not let the page read that file.' };
    const there = await file.getFile();
    let added = 0;
    let changed = 0;
    if (there.size > 0) {
      const opened = await openSaved(there);
      if (!opened.ok) return opened;
      ({ added, changed } = opened.compared.dishes);
      added += opened.compared.cooks.added;
      await opened.join();
    }
    const out = await file.createWritable();
    await out.write(new Blob([await exportAll()], { type: 'application/zip' }));
    await out.close();
    await wasSaved();
    return { ok: true, added, changed };
  } catch {
    return { ok: false, message: 'That file could not be read or written. Choose it again.' };
  }
}
