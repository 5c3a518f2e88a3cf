import type { Act } from './act';
import { BOILED } from './board';

/** What is only done to meat that is cooked. */
const WORKED_ON: ReadonlySet<string> = new Set([
  'shred',
  'slice',
  'bone',
  'liftout',
  'return',
  'grill',
  'serve',
  'fill',
]);

const COLOURED_APART: ReadonlySet<string> = new Set(['roast', 'char']);

/** Meat that is brought to the boil, drained and rinsed is blanched; it goes in for good where it is named again. */
export function withMeatBlanched(acts: readonly Act[], isRawMeat: (line: number) => boolean): readonly Act[] {
  const rinsed = acts.findIndex((a) => a.verb === 'rinse' && a.again.some(isRawMeat));
  const at = acts.slice(0, Math.max(0, rinsed)).findLastIndex((a) => a.lines.length > 0);
  const boiled = acts[at];
  const isBlanched =
    boiled !== undefined &&
    boiled.lines.every((l) => isRawMeat(l.index)) &&
    acts.slice(at, rinsed).every((a) => a.words === boiled.words) &&
    BOILED.test(boiled.words);
  if (!isBlanched) return acts;
  const meat = boiled.lines;
  const again = acts.findIndex((a, i) => i > rinsed && meat.every((l) => a.again.includes(l.index)));
  if (again < 0) return acts;
  const isMeat = (i: number): boolean => meat.some((l) => l.index === i);
  return acts.flatMap((a, i) => {
    if (i === at) return { ...a, verb: 'blanch', lines: [], again: meat.map((l) => l.index) };
    if (i > at && i < rinsed) return [];
    if (i !== again) return a;
    const verb = a.verb === 'return' ? 'add' : a.verb;
    return { ...a, verb, lines: [...meat, ...a.lines], again: a.again.filter((j) => !isMeat(j)) };
  });
}

/**
 * Raw meat that is first named once the lid is off ("shred the pork"), and whatever is lifted out then, was under it: it went in with
 * the last thing before.
 */
export function withMeatUnderLid(
  acts: readonly Act[],
  isRawMeat: (line: number) => boolean,
  isQuick: (line: number) => boolean,
): readonly Act[] {
  const lid = acts.findIndex((a) => a.verb === 'close');
  const before = acts.slice(0, Math.max(0, lid)).findLast((a) => a.stage === 'open' && a.verb !== 'liftout');
  // What was coloured in the oven or under the grill waits beside, for when the pot is open again.
  const apart = new Set(acts.filter((a) => COLOURED_APART.has(a.verb)).flatMap((a) => a.again));
  const late = acts
    .slice(lid)
    .filter((a) => (WORKED_ON.has(a.verb) || a.verb === 'stirin') && !/\braw\b/i.test(a.words))
    .flatMap((a) =>
      a.lines.filter(
        (l) =>
          !apart.has(l.index) &&
          (a.verb === 'liftout' || isRawMeat(l.index)) &&
          !(a.verb === 'stirin' && isQuick(l.index)),
      ),
    );
  const close = acts[lid];
  if (!before && close) {
    // "Mix the beef with the spices. Pressure cook": what stood in the bowl is what was closed in.
    const bowl = acts.slice(0, lid).flatMap((a) => a.again);
    const told = new Set(acts.slice(0, lid).flatMap((a) => a.lines.map((l) => l.index)));
    const raw = [...new Set(bowl)].filter((i) => isRawMeat(i) && !told.has(i));
    const all = [...late.map((l) => l.index), ...raw].filter((i, n, list) => list.indexOf(i) === n);
    if (!all.length) return acts;
    const add: Act = {
      ...close,
      id: `${close.id}m`,
      verb: 'add',
      stage: 'open',
      minutes: null,
      lines: all.map((index) => ({ index, share: 1 })),
      again: [],
    };
    const without = (a: Act): Act => ({
      ...a,
      lines: a.lines.filter((l) => !all.includes(l.index)),
      again: [...new Set([...a.again, ...a.lines.map((l) => l.index).filter((i) => all.includes(i))])],
    });
    return [...acts.slice(0, lid), add, ...acts.slice(lid).map(without)];
  }
  if (!before || !late.length) return acts;
  const isLate = (l: { index: number }): boolean => late.some((m) => m.index === l.index);
  return acts.map((a, i) =>
    a === before
      ? { ...a, lines: [...a.lines, ...late] }
      : i >= lid && a.lines.some(isLate)
        ? {
            ...a,
            lines: a.lines.filter((l) => !isLate(l)),
            again: [...a.again, ...a.lines.filter(isLate).map((l) => l.index)],
          }
        : a,
  );
}
