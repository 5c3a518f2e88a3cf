import { wrap } from 'comlink';
import { withoutEdges } from '../../core/index';
import type { Preparing } from './worker';

/** One line of print, where it stands in the prepared picture, and how sure the reader is of it, per cent. */
export interface PhotoLine {
  text: string;
  clear: number;
  box: { x0: number; y0: number; x1: number; y1: number };
  /** True of the first line of a block: a gap stands before it. */
  opens: boolean;
}

export interface PhotoRead {
  lines: PhotoLine[];
  /** The page as it was read. */
  picture: Blob;
}

/** Largest picture that is opened, bytes. */
const MAX_PHOTO_BYTES = 25_000_000;
/** Most lines that are taken from one picture. */
const MOST_LINES = 200;

/** How far it has come: what is being done, and the share of it where that is known. */
export type Tell = (
  doing: 'Straightening the page' | 'Fetching the reader' | 'Reading',
  share: number | null,
) => void;

/** What went wrong, in a cook's words. */
export class PhotoError extends Error {}

const folder = (): string => new URL(`${import.meta.env.BASE_URL}photo/`, location.href).href;

async function straightened(file: Blob, signal: AbortSignal) {
  const worker = new Worker(new URL('./worker.ts', import.meta.url), { type: 'module' });
  const stop = (): void => worker.terminate();
  signal.addEventListener('abort', stop);
  try {
    return await Promise.race([
      wrap<Preparing>(worker).prepared(file),
      new Promise<never>((_, reject) =>
        signal.addEventListener('abort', () => reject(new PhotoError('Left off.'))),
      ),
    ]);
  } catch (error) {
    if (error instanceof PhotoError) throw error;
    throw new PhotoError('This picture cannot be opened here. Save it as JPEG or PNG and try again.');
  } finally {
    signal.removeEventListener('abort', stop);
    worker.terminate();
  }
}

/**
 * Reads the print of a photographed page, in this browser and nowhere else. The reader is fetched the first time it is asked for. Throws
 * a `PhotoError` with a sentence for the cook; leaves off when `signal` says so.
 */
export async function readPhoto(file: Blob, tell: Tell, signal: AbortSignal): Promise<PhotoRead> {
  if (file.size > MAX_PHOTO_BYTES)
    throw new PhotoError('This picture is larger than 25 MB: take a smaller one.');
  tell('Straightening the page', null);
  const { picture } = await straightened(file, signal);
  tell('Fetching the reader', null);
  const { createWorker, OEM } = await import('tesseract.js');
  const at = folder();
  const reader = await createWorker('eng', OEM.LSTM_ONLY, {
    workerPath: `${at}worker.min.js`,
    corePath: `${at}tesseract-core-simd-lstm.js`,
    langPath: at.replace(/\/$/, ''),
    workerBlobURL: false,
    cacheMethod: 'none',
    logger: ({ status, progress }) => {
      if (status === 'recognizing text') tell('Reading', progress);
    },
    errorHandler: () => undefined,
  }).catch(() => {
    throw new PhotoError(
      'What reads pictures could not be fetched. It needs the server once; after that it is kept.',
    );
  });
  const stop = (): void => void reader.terminate();
  signal.addEventListener('abort', stop);
  try {
    if (signal.aborted) throw new PhotoError('Left off.');
    const { data } = await Promise.race([
      reader.recognize(picture, {}, { blocks: true, text: false }),
      new Promise<never>((_, reject) =>
        signal.addEventListener('abort', () => reject(new PhotoError('Left off.'))),
      ),
    ]);
    const lines = (data.blocks ?? []).flatMap((block) => {
      const printed = block.paragraphs
        .flatMap((p) => p.lines)
        .flatMap(({ words, bbox }): Omit<PhotoLine, 'opens'>[] => {
          const kept = withoutEdges(
            words.map((w) => ({ text: w.text, x0: w.bbox.x0, x1: w.bbox.x1, clear: w.confidence })),
            bbox.y1 - bbox.y0,
          );
          const text = kept
            .map((w) => w.text)
            .join(' ')
            .replace(/\s+/g, ' ')
            .trim();
          const [first] = kept;
          if (!first || !text) return [];
          const x1 = kept.at(-1)?.x1 ?? first.x1;
          const clear = kept.reduce((sum, w) => sum + w.clear, 0) / kept.length;
          return [{ text, clear, box: { x0: first.x0, y0: bbox.y0, x1, y1: bbox.y1 } }];
        });
      return printed.map((line, k): PhotoLine => ({ ...line, opens: k === 0 }));
    });
    const found = lines.filter((l) => /[\p{L}\p{N}]/u.test(l.text)).slice(0, MOST_LINES);
    if (!found.length)
      throw new PhotoError('No print was found in this picture. Closer, straighter, in better light?');
    return { lines: found, picture };
  } catch (error) {
    if (error instanceof PhotoError) throw error;
    throw new PhotoError('This picture could not be read.');
  } finally {
    signal.removeEventListener('abort', stop);
    await reader.terminate();
  }
}
