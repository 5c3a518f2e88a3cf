import { alreadyThere, type Dish, type FoundRecipe } from '../../../core/index';
import { planningWorker } from '../../workers/client';
import { textOf } from './pageFile';

/** A text of a file that may hold recipes. */
export interface NamedText {
  name: string;
  text: string;
}

/** What was not taken, and why, in a cook's words. */
export interface NotTaken {
  name: string;
  why: string;
}

/** Most files that are read at once, and the longest of them, bytes. */
const MOST_FILES = 2_000;
const LONGEST_BYTES = 2_000_000;
const NO_TEXT = 'No text that can be read.';

const isZip = (file: File): boolean => /\.zip$/i.test(file.name) || file.type === 'application/zip';
const isPage = (name: string): boolean => /\.html?$/i.test(name);

/** The texts of files, zips unpacked, pages without their markup; and what was not taken. Never throws. */
export async function textsOf(files: readonly File[]): Promise<{ texts: NamedText[]; not: NotTaken[] }> {
  const texts: NamedText[] = [];
  const not: NotTaken[] = [];
  const take = (name: string, raw: string): void => {
    const read = texts.length < MOST_FILES ? textOf(raw, isPage(name)) : TOO_MANY;
    if (read.ok) texts.push({ name, text: read.text });
    else not.push({ name, why: read.message });
  };
  for (const file of files) {
    if (isZip(file)) {
      const bundle = await planningWorker().bundle(new Uint8Array(await file.arrayBuffer()));
      if (!bundle.ok) not.push({ name: file.name, why: bundle.message });
      else {
        for (const { name, text } of bundle.texts) take(name, text);
        not.push(...bundle.skipped.map((name) => ({ name, why: NO_TEXT })));
      }
    } else if (/^(?:image|video|audio)\//.test(file.type) || /\.(?:pdf|docx?|odt|pages)$/i.test(file.name))
      not.push({ name: file.name, why: 'A format of its own: open it, copy its text and paste it.' });
    else if (file.size > LONGEST_BYTES) not.push({ name: file.name, why: 'Larger than a recipe can be.' });
    else take(file.name, await file.text());
  }
  return { texts, not };
}
const TOO_MANY = { ok: false, message: 'Beyond the most that are read at once.' } as const;

/** One recipe of the report. */
export interface ReportRow extends FoundRecipe {
  id: string;
  file: string;
  /** The dish of the shelf that it already is. */
  there?: Dish;
}

/** What was found in each text, held against the shelf; texts without a recipe are not taken. */
export function reportOf(
  texts: readonly NamedText[],
  found: readonly FoundRecipe[][],
  dishes: readonly Dish[],
): { rows: ReportRow[]; not: NotTaken[] } {
  const rows = texts.flatMap(({ name }, i) =>
    (found[i] ?? []).map((one, n): ReportRow => {
      const there = alreadyThere(one, dishes);
      return { ...one, id: `${i}-${n}`, file: name, ...(there ? { there } : {}) };
    }),
  );
  const not = texts.flatMap(({ name }, i) =>
    found[i]?.length ? [] : [{ name, why: 'There is no recipe in it.' }],
  );
  return { rows, not };
}
