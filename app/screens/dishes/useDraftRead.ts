import { useDeferredValue, useMemo } from 'react';
import {
  emptyDish,
  FROM_THE_METHOD,
  likelyAnswers,
  MAX_LINES,
  pantryFor,
  placeDish,
  readMethod,
  recipeOf,
  type Answer,
  type Kitchen,
  type MethodHints,
  type PagePart,
  type PartKind,
  type PastedRecipe,
  type PlacedItem,
} from '../../../core/index';
import type { Draft } from './draft';
import { useReadPage } from './useReadPage';

/** A draft as it is read, a moment behind the typing. */
export interface DraftRead {
  /** The text that was read. */
  shown: string;
  recipe: PastedRecipe;
  /** Which of the page's recipes, and what there is to choose from. */
  one: number;
  recipes: readonly { title: string | null; lines: readonly unknown[] }[];
  parts: readonly PagePart[];
  forPlates: number;
  /** Where each ingredient goes in, by its words. */
  byText: Map<string, PlacedItem[]>;
  /** What is likely meant, for the lines that are not sure. */
  answers: Map<string, readonly Answer[]>;
  hints: MethodHints | null;
  unsure: number;
  tooMany: number;
  /** What the method pours and the list has not. */
  forgotten: readonly string[];
  share: number | null;
  stop: () => void;
  isStopped: boolean;
}

/** Lines that the cook turned, by their words, as positions in the text as it is now. */
function turnedIn(text: string, turned: Draft['turned']): Map<number, PartKind> {
  const found = new Map<number, PartKind>();
  if (!turned.length) return found;
  const kinds = new Map(turned);
  text.split(/\r\n|[\n\r\u2028\u2029]/).forEach((line, at) => {
    const kind = kinds.get(line.trim().slice(0, 200));
    if (kind) found.set(at, kind);
  });
  return found;
}

/** Reads a draft with the household's pantry; what the cook turned stays turned. */
export function useDraftRead({ text, turned, which, plates }: Draft, kitchen: Kitchen): DraftRead {
  const shown = useDeferredValue(text);
  const pantry = pantryFor(kitchen);
  const turnedHere = useMemo(() => turnedIn(shown, turned), [shown, turned]);
  const { page, share, stop, isStopped } = useReadPage(shown, kitchen.ownFoods, turnedHere);
  const one = Math.min(which, page.recipes.length - 1);
  const recipe = useMemo(() => recipeOf(page, one), [page, one]);
  const placed = useMemo((): PlacedItem[] => {
    const lines = recipe.lines.slice(0, MAX_LINES).map((l, i) => ({ ...l, id: `l${i}` }));
    return placeDish(
      { ...emptyDish('draft', 'draft', 0), lines, method: recipe.method },
      { pantry, system: kitchen.system, rules: kitchen.rules },
    );
  }, [recipe, pantry, kitchen]);
  const forPlates = plates ?? recipe.plates ?? 4;
  const byText = useMemo(() => {
    const found = new Map<string, PlacedItem[]>();
    const parts = page.parts.filter((p) => p.kind === 'ingredient' && p.recipe === one);
    parts.forEach((part, i) => {
      const mine = placed.filter((p) => p.index === i);
      if (mine.length) found.set(part.text, mine);
    });
    return found;
  }, [page, placed, one]);
  const answers = useMemo(
    () =>
      new Map(
        [...byText].flatMap(([text, [first]]) =>
          first && first.read.confidence !== 'sure'
            ? [[text, likelyAnswers(text, pantry, kitchen.system, forPlates)] as const]
            : [],
        ),
      ),
    [byText, pantry, kitchen.system, forPlates],
  );
  const read = placed.filter((p) => p.partIndex === 0);
  const hints = useMemo(() => (recipe.method ? readMethod(recipe.method) : null), [recipe]);
  const unsure = read.filter((p) => p.read.confidence === 'unsure').length;
  const tooMany = Math.max(0, recipe.lines.length - MAX_LINES);
  const forgotten = recipe.lines.filter((l) => l.section === FROM_THE_METHOD).map((l) => l.text);
  return {
    shown,
    recipe,
    one,
    recipes: page.recipes,
    parts: page.parts.filter((p) => p.recipe === one),
    forPlates,
    byText,
    answers,
    hints,
    unsure,
    tooMany,
    forgotten,
    share,
    stop,
    isStopped,
  };
}
