import { MAX_LINE_LENGTH } from '../dish/names';
import { listName } from '../dish/several';
import { readLine } from '../dish/read';
import type { Pantry } from '../pantry/pantry';
import { readPage, type ReadPage } from './page';

/** A pasted text told apart: one recipe of it, and what belongs to no recipe. */
export interface PastedRecipe {
  title: string | null;
  plates: number | null;
  lines: { text: string; section?: string }[];
  method: string;
  /** Tips, storage, stories: kept in the dish's note. */
  notes: string[];
  /** Page furniture: what nobody cooks with. */
  leftOut: string[];
}

/** One recipe of a page that was read, as a dish is made of it. Lines longer than a line may be are cut into several. */
export function recipeOf(page: ReadPage, which = 0): PastedRecipe {
  const recipe = page.recipes[which] ?? page.recipes[0];
  const leftOut = page.parts.filter((p) => p.kind === 'left').map((p) => p.text);
  if (!recipe) return { title: null, plates: null, lines: [], method: '', notes: [], leftOut };
  return {
    ...recipe,
    lines: recipe.lines.flatMap(({ text, section }) => {
      const pieces: { text: string; section?: string }[] = [];
      for (let at = 0; at < Math.max(1, text.length); at += MAX_LINE_LENGTH)
        pieces.push({ text: text.slice(at, at + MAX_LINE_LENGTH), ...(section ? { section } : {}) });
      return pieces;
    }),
    leftOut,
  };
}

/** Reads a pasted text and takes its first recipe. */
export function readRecipe(text: string, pantry: Pantry): PastedRecipe {
  return recipeOf(readPage(text, pantry));
}

/** The lines a recipe comes to: one that holds several foods is told apart, and what it calls them is their part of the list. */
export function linesApart(lines: PastedRecipe['lines'], pantry: Pantry): PastedRecipe['lines'] {
  return lines.flatMap((line) => {
    const { several } = readLine(line.text, pantry);
    if (several.length < 2) return [line];
    const section = listName(line.text) ?? line.section;
    return several.map((text) => ({ text, ...(section ? { section } : {}) }));
  });
}
