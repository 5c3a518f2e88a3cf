import { sauceWay, type Dish, type DishAct, type DishScript } from '../dish/dish';
import type { Pantry } from '../pantry/pantry';
import { untoldAct, type Act, type Script } from './act';
import type { ScriptLine } from './line';
import { VERBS, verbById, type Stage } from './data/verbs';
import { scriptFor } from './script';

/** What the pot does: it stays where it is, and nothing is done between closing and letting go. */
const OF_THE_POT: ReadonlySet<string> = new Set(['close', 'hold', 'release', 'open']);
/** Done before there is heat, by the table of verbs. */
const BEFORE_THE_HEAT: ReadonlySet<string> = new Set(
  VERBS.filter((v) => v.before === 'prep').map((v) => v.id),
);
const KNOWN: ReadonlySet<string> = new Set([...VERBS.map((v) => v.id), ...OF_THE_POT]);
/** Most acts of one dish. */
const MAX_ACTS = 80;

/** The script a dish is cooked by: the cook's own where there is one, else the method's; null where neither can be followed. */
export function scriptOfDish(
  dish: Pick<Dish, 'method' | 'script' | 'lines'> & { settings: Pick<Dish['settings'], 'sauce' | 'aim'> },
  lines: readonly ScriptLine[],
  pantry: Pantry,
): Script | null {
  // What the tool poured in at a tap is told by no method; so a fix that is tried reads nothing anew.
  const own = dish.lines.findLastIndex((line) => !line.added) + 1;
  const told = scriptFor(dish.method, own < lines.length ? lines.slice(0, own) : lines, pantry);
  // How the meat is cut is told by the method, in whatever order the cook does things.
  const script = dish.script ? opened(dish.script, dish.lines, told?.sizes ?? []) : told;
  return script && withSauce(script, dish.settings);
}

/** Comes after a sauce is thick: what must not boil, what is put into it, what is done at the table. */
const AFTER_THICKENING: ReadonlySet<string> = new Set([
  'dairy',
  'melt',
  'finish',
  'serve',
  'grill',
  'bake',
  'rest',
  'fill',
]);
/** The act of a house that thickens what the recipe does not. */
export const HOUSE_THICKENS = 'house-thicken';

/** The script with its sauce left thin, or thickened by a house that wants it so where the recipe does not. */
function withSauce(script: Script, settings: Pick<Dish['settings'], 'sauce' | 'aim'>): Script {
  const sauce = sauceWay(settings);
  const verb = settings.aim === 'glaze' ? 'glaze' : 'thicken';
  const isThickening = (a: Act): boolean => a.run > 0 && (a.verb === 'thicken' || a.verb === verb);
  if (sauce === 'thin') return { ...script, acts: script.acts.filter((a) => !isThickening(a)) };
  if (sauce !== 'house' || script.acts.some(isThickening)) return script;
  const last = script.acts.findLastIndex((a) => a.verb === 'release');
  const before = script.acts[last];
  if (!before) return script;
  const next = script.acts.findIndex((a, i) => i > last && AFTER_THICKENING.has(a.verb));
  const at = next < 0 ? script.acts.length : next;
  const made = untoldAct(HOUSE_THICKENS, verb, before.run + 1);
  return { ...script, acts: [...script.acts.slice(0, at), made, ...script.acts.slice(at)] };
}

/** A script as it is kept with a dish: lines by their identity, so that it outlives edits of the list. */
function kept(script: Script, lines: Dish['lines']): DishScript {
  return {
    isConverted: script.isConverted,
    convertedFrom: script.convertedFrom.slice(0, 400),
    acts: script.acts.slice(0, MAX_ACTS).map((a) => ({
      id: a.id,
      verb: a.verb,
      lines: a.lines.flatMap((l) => {
        const line = lines[l.index];
        return line ? [{ lineId: line.id, share: l.share }] : [];
      }),
      again: a.again.flatMap((index) => lines[index]?.id ?? []),
      minutes: a.minutes,
      words: a.words.slice(0, 400),
      where: a.where,
      ...(a.until === undefined ? {} : { until: a.until.slice(0, 120) }),
      ...(a.stage === 'closed' && !OF_THE_POT.has(a.verb) ? { meanwhile: true as const } : {}),
    })),
  };
}

/** A kept script as it is followed: what names a line that is gone, or a verb that never was, says nothing. Null without a lid. */
function opened(script: DishScript, lines: Dish['lines'], sizes: Script['sizes']): Script | null {
  const at = new Map(lines.map((l, i) => [l.id, i]));
  const acts = withStages(
    script.acts
      .filter((a) => KNOWN.has(a.verb))
      .map((a) => ({
        ...a,
        lines: a.lines.flatMap(({ lineId, share }) => {
          const index = at.get(lineId);
          return index === undefined ? [] : [{ index, share }];
        }),
        again: a.again.flatMap((lineId) => at.get(lineId) ?? []),
      })),
  );
  return acts.some((a) => a.verb === 'close') ? { ...script, acts, sizes } : null;
}

/** Where each act stands, by the lids before it. */
function withStages(acts: readonly (Omit<Act, 'run' | 'stage'> & { meanwhile?: true | undefined })[]): Act[] {
  let run = 0;
  let isClosed = false;
  return acts.map(({ meanwhile, ...a }): Act => {
    if (a.verb === 'close') isClosed = true;
    // Beside the pot while it is closed, told before the release or after it; moved to before the lid it is like any other.
    if (meanwhile && (isClosed || run > 0)) return { ...a, stage: 'closed', run: isClosed ? run + 1 : run };
    const isOfThePot = OF_THE_POT.has(a.verb);
    const stage: Stage = isOfThePot
      ? 'closed'
      : run > 0
        ? a.verb === 'serve'
          ? 'table'
          : 'after'
        : BEFORE_THE_HEAT.has(a.verb)
          ? 'prep'
          : 'open';
    const act = { ...a, stage, run };
    if (a.verb === 'release') {
      run++;
      isClosed = false;
    }
    return act;
  });
}

/** An edit of how a dish goes: takes the script it is cooked by now, and gives the dish its own. */
type ActEdit = (acts: readonly DishAct[]) => readonly DishAct[];

function edited(dish: Dish, script: Script, edit: ActEdit): Dish {
  const now = dish.script ?? kept(script, dish.lines);
  return { ...dish, script: { ...now, acts: edit(now.acts).slice(0, MAX_ACTS) } };
}

/** One act earlier (-1) or later (1); over a lid it goes in one step, and never under it. */
export function moveAct(dish: Dish, script: Script, actId: string, by: -1 | 1): Dish {
  return edited(dish, script, (acts) => {
    const from = acts.findIndex((a) => a.id === actId);
    const act = acts[from];
    if (!act || OF_THE_POT.has(act.verb)) return acts;
    let to = from + by;
    while (OF_THE_POT.has(acts[to]?.verb ?? '') && OF_THE_POT.has(acts[to + by]?.verb ?? '')) to += by;
    if (to < 0 || to >= acts.length) return acts;
    const rest = acts.filter((a) => a !== act);
    return [...rest.slice(0, to), act, ...rest.slice(to)];
  });
}

/** Without an act. Its lines go where the table puts them until another act takes them. */
export function dropAct(dish: Dish, script: Script, actId: string): Dish {
  return edited(dish, script, (acts) => acts.filter((a) => a.id !== actId || OF_THE_POT.has(a.verb)));
}

/** With one more act, after another; before the first where there is none. An unknown verb changes nothing. */
export function addAct(dish: Dish, script: Script, verb: string, afterId: string | null): Dish {
  return edited(dish, script, (acts) => {
    if (!VERBS.some((v) => v.id === verb)) return acts;
    const taken = new Set(acts.map((a) => a.id));
    let n = acts.length;
    while (taken.has(`o${n}`)) n++;
    let at = acts.findIndex((a) => a.id === afterId) + 1;
    // Nothing is done between closing and letting go.
    while (at > 0 && OF_THE_POT.has(acts[at]?.verb ?? '') && acts[at]?.verb !== 'close') at++;
    const made: DishAct = { id: `o${n}`, verb, lines: [], again: [], minutes: null, words: '', where: 'pot' };
    return [...acts.slice(0, at), made, ...acts.slice(at)];
  });
}

/** With other minutes for an act; null for the usual ones. */
export function setActMinutes(dish: Dish, script: Script, actId: string, minutes: number | null): Dish {
  const within = minutes === null ? null : Math.min(240, Math.max(0, minutes));
  return edited(dish, script, (acts) => acts.map((a) => (a.id === actId ? { ...a, minutes: within } : a)));
}

/** A line, all of it, at another act. */
export function giveLine(dish: Dish, script: Script, lineId: string, actId: string): Dish {
  if (!dish.lines.some((l) => l.id === lineId)) return dish;
  return edited(dish, script, (acts) =>
    acts.map((a) => {
      const lines = a.lines.filter((l) => l.lineId !== lineId);
      return a.id === actId && !OF_THE_POT.has(a.verb)
        ? { ...a, lines: [...lines, { lineId, share: 1 }], again: a.again.filter((id) => id !== lineId) }
        : { ...a, lines };
    }),
  );
}

/** As the method says again. */
export function asTheMethodSays({ script: _own, ...dish }: Dish): Dish {
  return dish;
}

/** One act as it is listed where the order is changed. */
export interface ActRow {
  id: string;
  title: string;
  words: string;
  minutes: number | null;
  lines: { lineId: string; name: string; share: number }[];
  /** What it is done to that is in already. */
  again: string[];
  /** Closing, holding and letting go stay where they are. */
  isOfThePot: boolean;
  canGoUp: boolean;
  canGoDown: boolean;
  /** True where something more can be done right after it: never while the lid is closed. */
  canBeFollowed: boolean;
}

const POT_TITLES: Record<string, string> = {
  close: 'Close the lid',
  hold: 'Under pressure',
  release: 'Let the pressure go',
  open: 'Open',
};

/** What a verb is called in a list: its title without what it is done to. */
export function verbLabel(verb: string): string {
  const title = POT_TITLES[verb] ?? verbById(verb).title;
  const plain = title.replace('{food}', '').replace(/\s+/g, ' ').trim();
  return plain.charAt(0).toUpperCase() + plain.slice(1);
}

/** The acts of a dish as rows, in order. `nameOf` gives a line's short name by its position. */
export function actRows(script: Script, lines: Dish['lines'], nameOf: (index: number) => string): ActRow[] {
  const { acts } = script;
  const first = acts.findIndex((a) => !OF_THE_POT.has(a.verb));
  const last = acts.findLastIndex((a) => !OF_THE_POT.has(a.verb));
  return acts.map((a, i): ActRow => {
    const isOfThePot = OF_THE_POT.has(a.verb);
    return {
      id: a.id,
      title: verbLabel(a.verb),
      words: a.words,
      minutes: a.minutes,
      lines: a.lines.flatMap(({ index, share }) => {
        const line = lines[index];
        return line ? [{ lineId: line.id, name: nameOf(index), share }] : [];
      }),
      again: isOfThePot ? [] : a.again.map(nameOf),
      isOfThePot,
      canBeFollowed: !isOfThePot || !OF_THE_POT.has(acts[i + 1]?.verb ?? '') || acts[i + 1]?.verb === 'close',
      canGoUp: !isOfThePot && (i > first || acts.slice(0, i).some((b) => OF_THE_POT.has(b.verb))),
      canGoDown: !isOfThePot && (i < last || acts.slice(i + 1).some((b) => OF_THE_POT.has(b.verb))),
    };
  });
}
