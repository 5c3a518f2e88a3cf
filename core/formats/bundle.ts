import { strFromU8, unzipSync } from 'fflate';

/** Files of a zip that can hold a recipe. */
const READABLE = /\.(?:txt|text|md|markdown|html?|json|jsonld)$/i;
/** What systems put into a zip for themselves. */
const OF_THE_SYSTEM = /(?:^|\/)(?:__MACOSX\/|\.|Thumbs\.db|desktop\.ini)/i;
/** Most files and letters that are unpacked, and the longest of them, bytes: a shelf of recipes. */
const MOST_FILES = 2_000;
const MOST_BYTES = 60_000_000;
const LONGEST_BYTES = 2_000_000;
/** Largest zip that is opened, bytes. */
const MAX_BUNDLE_BYTES = 40_000_000;

/** Texts of a zip, and the names of what was not taken. */
export type Bundle =
  { ok: true; texts: { name: string; text: string }[]; skipped: string[] } | { ok: false; message: string };

/** The texts in a zip file of recipes. Never throws; other files, files too long and all beyond the most are named as skipped. */
export function textsIn(zip: Uint8Array): Bundle {
  if (zip.length > MAX_BUNDLE_BYTES)
    return { ok: false, message: 'This file is larger than a shelf of recipes can be (40 MB).' };
  const skipped: string[] = [];
  let taken = 0;
  let bytes = 0;
  try {
    const files = unzipSync(zip, {
      filter: ({ name, originalSize }) => {
        if (name.endsWith('/') || OF_THE_SYSTEM.test(name)) return false;
        const isTaken =
          READABLE.test(name) &&
          originalSize <= LONGEST_BYTES &&
          taken < MOST_FILES &&
          bytes + originalSize <= MOST_BYTES;
        if (!isTaken) skipped.push(name);
        else {
          taken++;
          bytes += originalSize;
        }
        return isTaken;
      },
    });
    return {
      ok: true,
      texts: Object.entries(files).map(([name, content]) => ({ name, text: strFromU8(content) })),
      skipped,
    };
  } catch {
    return { ok: false, message: 'This zip file is damaged: it breaks off or cannot be unpacked.' };
  }
}
