import { shareName } from '../moments/item';
import type { PlacedItem } from '../moments/item';
import type { Act, Script } from '../script/act';
import { kindOf, stepItem, type StepInput, type StepItem } from './step';
import { VERBS_THAT } from '../script/data/verbs';

/** Done beside the pot, before it: every line that it is done to is made ready whole, wherever it goes in afterwards. */
const MADE_BESIDE: ReadonlySet<string> = new Set(['blend', 'mix', 'toast', 'soak', 'steep', 'blanch']);
/** Fewer than these are named for themselves. */
const LEAST_LINES = 3;
const NAMES =
  /\b(?:the|an?|half|remaining|its) (?:\p{L}+ ){0,2}?(paste|marinade|masala|glaze|dressing|rub|sauce|base|pur[ée]e|mixture|mix)\b/iu;

/** True of an act in a bowl, a jug or a dry pan, before the pot is closed. */
export const isMadeBeside = (act: Act): boolean => MADE_BESIDE.has(act.verb) && act.run === 0;

/** Acts before the lid that make one thing of several lines, each with the lines it takes. */
export function madeOfSeveral(script: Script | null | undefined): { act: Act; lines: ReadonlySet<number> }[] {
  return (script?.acts ?? [])
    .filter((a) => VERBS_THAT.makeOneThing.has(a.verb) && isMadeBeside(a))
    .map((act) => ({ act, lines: new Set([...act.lines.map((l) => l.index), ...act.again]) }))
    .filter(({ lines }) => lines.size >= LEAST_LINES);
}

/** A line as a whole, whatever part of it goes in where. */
export const whole = (item: PlacedItem): PlacedItem => {
  const k = item.share > 0 ? 1 / item.share : 1;
  const { low, mid, high } = item.massG;
  return {
    ...item,
    factor: item.factor * k,
    massG: { low: low * k, mid: mid * k, high: high * k },
    share: 1,
    part: '',
  };
};

/** The whole of every line that an act beside the pot is done to, in its order. */
export function madeReady(
  act: Act,
  { items, script }: Pick<StepInput, 'items' | 'script'>,
  mine: readonly PlacedItem[],
): StepItem[] {
  const indices = [...new Set([...act.lines.map((l) => l.index), ...act.again])];
  const found = indices.flatMap((index) => items.find((i) => i.index === index && i.read.food) ?? []);
  const parts = partsTaken(indices, act, script);
  return [...found, ...mine.filter((i) => !found.some((f) => f.index === i.index))].map((i) => {
    const part = items.find((o) => o.index === i.index && o.actId === parts?.id);
    return stepItem(part ?? whole(i));
  });
}

/**
 * The act that takes what was made, where of some of its lines only a part was in it: half of the coriander blended, the rest for the end.
 * A paste that goes in by halves was made whole, and has none.
 */
function partsTaken(
  indices: readonly number[],
  act: Act,
  script: Script | null | undefined,
): Act | undefined {
  const taker = (script?.acts ?? []).find(
    (a) => a !== act && a.lines.filter((l) => indices.includes(l.index)).length > 1,
  );
  const shares = (taker?.lines ?? []).filter((l) => indices.includes(l.index)).map((l) => l.share);
  return Math.max(...shares) - Math.min(...shares) > 0.01 ? taker : undefined;
}

/** Items as they are got out: a line that is ground or mixed as a whole is listed once, however its parts go in later. */
export function gotOut(items: readonly PlacedItem[], script: Script | null | undefined): StepItem[] {
  const together = new Set((script?.acts ?? []).filter(isMadeBeside).flatMap((a) => a.again));
  return items
    .filter((i, at) => !together.has(i.index) || items.findIndex((o) => o.index === i.index) === at)
    .map((i) => stepItem(together.has(i.index) ? whole(i) : i));
}

/** Most names that are said of what is in a mixture. */
const MOST_NAMES = 7;
const inIt = (all: readonly string[]): string => {
  const names = [...new Set(all)];
  return names.length <= MOST_NAMES
    ? names.join(', ')
    : `${names.slice(0, MOST_NAMES - 1).join(', ')} and ${names.length - MOST_NAMES + 1} more`;
};

/** What lines became that go into the pot together: "half of the paste", with what is in it; null where they are named for themselves. */
export function asProduct(
  act: Act,
  mine: readonly PlacedItem[],
  script: Script | null | undefined,
): { items: readonly PlacedItem[]; name: string; listed: StepItem } | null {
  if (act.run > 0 || isMadeBeside(act)) return null;
  const made = (script?.acts ?? []).findLast(
    (a) =>
      VERBS_THAT.makeOneThing.has(a.verb) &&
      isMadeBeside(a) &&
      mine.filter((i) => a.again.includes(i.index)).length >= LEAST_LINES,
  );
  const of = made ? mine.filter((i) => made.again.includes(i.index)) : [];
  const [first] = of;
  if (!made || !first || of.some((i) => Math.abs(i.share - first.share) > 0.01)) return null;
  const name = `the ${(NAMES.exec(act.words) ?? NAMES.exec(made.words))?.[1]?.toLowerCase() ?? 'mixture'}`;
  const isSalt = (i: PlacedItem): boolean => kindOf(i) === 'salt';
  return {
    items: of,
    name,
    listed: {
      lineId: first.lineId,
      amount: first.share < 0.999 ? `${shareName(first.share)} of` : 'all of',
      name,
      note: inIt(of.filter((i) => !isSalt(i)).map((i) => i.read.known || i.read.foodText)),
    },
  };
}
