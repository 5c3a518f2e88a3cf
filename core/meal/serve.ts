import type { Range } from '../quantity/range';
import type { Side } from '../kitchen/data/sides';
import type { Step } from '../steps/index';

/** What there is to cook with, besides the pot. */
interface MealMeans {
  /** Pairs of hands. */
  hands: 1 | 2;
  burners: number;
  oven: boolean;
  /** What can be done the day before has been done. */
  yesterday: boolean;
}

/** What a meal is planned from. */
export interface MealInput {
  steps: readonly Step[];
  /** From planning: what the table's own range is, s. */
  totalS: Range;
  /** The pressure cooker itself stands on a burner; its sear is done in a pan beside it. */
  potOnBurner: boolean;
  panSear: boolean;
  sides: readonly Side[];
  means: MealMeans;
  /** Steps and tasks already done, by id. */
  done?: ReadonlySet<string>;
}

/** One thing to do, when, and with what. Seconds from the start of the meal. */
export interface MealTask {
  id: string;
  /** The side it belongs to; null for the dish. */
  side: string | null;
  name: string;
  startS: number;
  endS: number;
  hands: boolean;
  /** Which pair of hands, 0 or 1. */
  who: number | null;
  uses: 'none' | 'burner' | 'oven' | 'pot';
  /** What it makes stands this much longer than it likes to, s. */
  waitsS: number;
  note: string;
}

/** A meal laid out backwards from the table. */
export interface Meal {
  tasks: MealTask[];
  /** From the first task to the table, s. */
  lengthS: number;
  /** Earliest and latest the table may be against the plan, s: how far the dish's own forecast varies. */
  tableS: Range;
  yesterday: { side: string | null; name: string; minutes: number }[];
  /** Hands are busy for this long in all, s. */
  handsS: number;
}

interface Job {
  id: string;
  name: string;
  durationS: number;
  hands: boolean;
  uses: MealTask['uses'];
  keepsS: number;
}

/** Grid on which a place for a task is looked for, s. */
const GRID_S = 30;
/** Most side dishes whose every order is tried. */
const MOST_ORDERED = 4;
/** A meal does not reach further back than this, s. */
const LONGEST_S = 24 * 3600;

/** Who and what is taken when. Times are seconds before the table, so they count up as one goes back. */
class Board {
  readonly placed: Placed[] = [];

  constructor(readonly means: MealMeans) {}

  #taken(from: number, to: number, which: (t: MealTask) => boolean): number {
    // Before-the-table times: a task covers (before - duration, before].
    const inside = this.placed.filter(
      (t) => which(t) && t.before > from && t.before - (t.endS - t.startS) < to,
    );
    let most = 0;
    for (const t of inside) {
      const at = Math.min(t.before, to) - 1e-6;
      const here = inside.filter((o) => o.before > at && o.before - (o.endS - o.startS) <= at).length;
      most = Math.max(most, here);
    }
    return most;
  }

  /** True when a job may run from `before` seconds before the table. */
  isFree(job: Pick<Job, 'durationS' | 'hands' | 'uses'>, before: number): boolean {
    const from = before - job.durationS;
    if (job.hands && this.#taken(from, before, (t) => t.hands) >= this.means.hands) return false;
    if (job.uses === 'burner' && this.#taken(from, before, (t) => t.uses === 'burner') >= this.means.burners)
      return false;
    if (job.uses === 'oven' && (!this.means.oven || this.#taken(from, before, (t) => t.uses === 'oven') >= 1))
      return false;
    return true;
  }

  put(job: Job, side: string | null, before: number, waitsS: number, note: string): void {
    this.placed.push({
      id: job.id,
      side,
      name: job.name,
      startS: 0,
      endS: job.durationS,
      hands: job.hands,
      who: null,
      uses: job.uses,
      waitsS,
      note,
      before,
    });
  }
}

/**
 * Lays a meal out backwards from the table: the dish's own steps end to end, the side dishes as late as hands, burners and oven
 * let them, what cannot be done at the last moment before it, with how long it then stands. Tries the orders in which the
 * sides may claim their places and takes the one that starts last and keeps least waiting.
 */
export function layOutMeal(input: MealInput): Meal {
  const placed = bestLayout(input);
  const lengthS = lengthOf(placed);
  const tasks = placed
    .map(({ before, ...t }): MealTask => ({
      ...t,
      startS: lengthS - before,
      endS: lengthS - before + (t.endS - t.startS),
    }))
    .sort((a, b) => a.startS - b.startS || a.endS - b.endS);
  giveHands(tasks, input.means.hands);
  return {
    tasks,
    lengthS,
    tableS: {
      low: input.totalS.low - input.totalS.mid,
      mid: 0,
      high: input.totalS.high - input.totalS.mid,
    },
    yesterday: input.means.yesterday ? yesterdayOf(input) : [],
    handsS: tasks.filter((t) => t.hands).reduce((s, t) => s + t.endS - t.startS, 0),
  };
}

type Placed = MealTask & { before: number };

const lengthOf = (placed: readonly Placed[]): number => Math.max(0, ...placed.map((t) => t.before));

/**
 * The layout that starts last and keeps least waiting. Placing greedily, more help can end in a longer meal; what was possible
 * without the help still is, so it is laid out too and bounds the length.
 */
function bestLayout(input: MealInput): readonly Placed[] {
  const { means } = input;
  const without = [
    ...(means.hands > 1 ? [bestLayout({ ...input, means: { ...means, hands: 1 } })] : []),
    ...(means.yesterday
      ? [doneYesterday(bestLayout({ ...input, means: { ...means, yesterday: false } }), input)]
      : []),
  ];
  const most = Math.min(...without.map(lengthOf), Number.POSITIVE_INFINITY);
  const sides = input.sides.slice(0, 8);
  const orders = sides.length <= MOST_ORDERED ? permutations(sides) : [sides];
  const laid = orders.map((order) => {
    const board = new Board(means);
    placeDish(board, input);
    for (const side of order) placeSide(board, side, input);
    return board.placed;
  });
  let best: { placed: readonly Placed[]; score: number } | undefined;
  for (const placed of [...laid, ...without]) {
    const length = lengthOf(placed);
    if (length > most + 1e-9) continue;
    const score = length + placed.reduce((s, t) => s + t.waitsS, 0) * 0.5;
    if (!best || score < best.score - 1e-9) best = { placed, score };
  }
  return best?.placed ?? [];
}

/** A layout without what was done the day before; everything else stays where it was. */
function doneYesterday(placed: readonly Placed[], { sides }: Pick<MealInput, 'sides'>): Placed[] {
  const gone = new Set(
    sides.flatMap((side) => side.tasks.flatMap((t, i) => (t.yesterday ? [`${side.id}-${i}`] : []))),
  );
  return placed
    .filter((t) => !gone.has(t.id))
    .map((t) => {
      if (t.id !== 'prep') return t;
      const durationS = Math.round((t.endS - t.startS) * TAKE_OUT);
      return { ...t, before: t.before - (t.endS - t.startS) + durationS, endS: t.startS + durationS };
    });
}

/**
 * Says which pair of hands does what: the first has the dish, the second what is beside it, and each helps out where the other
 * is busy. Tasks come by their start, so that whoever is free then is free for all of it.
 */
function giveHands(tasks: readonly MealTask[], hands: MealMeans['hands']): void {
  const freeAt = [0, 0];
  for (const task of tasks) {
    if (!task.hands) continue;
    const mine = task.side === null || hands === 1 ? 0 : 1;
    const isFree = (who: number): boolean => (freeAt[who] ?? 0) <= task.startS + 1e-6;
    const who = hands === 1 || isFree(mine) ? mine : 1 - mine;
    task.who = who;
    freeAt[who] = task.endS;
  }
}

/** Everything of a meal that may be done the day before. */
export function yesterdayOf(input: Pick<MealInput, 'steps' | 'sides'>): Meal['yesterday'] {
  const prep = input.steps.find((s) => s.id === 'prep');
  return [
    ...(prep
      ? [{ side: null, name: 'cut and weigh into bowls, covered and cold', minutes: prep.durationS.mid / 60 }]
      : []),
    ...input.sides.flatMap((side) =>
      side.tasks
        .filter((t) => t.yesterday)
        .map((t) => ({ side: side.name, name: t.name, minutes: t.minutes })),
    ),
  ];
}

/** What is left of getting ready when it was done the day before: taking it out. Share of the time. */
const TAKE_OUT = 0.2;

function placeDish(board: Board, { steps, potOnBurner, panSear, means, done }: MealInput): void {
  let before = 0;
  for (const step of [...steps].reverse()) {
    if (done?.has(step.id) || step.durationS.mid <= 0) continue;
    const share = step.id === 'prep' && means.yesterday ? TAKE_OUT : 1;
    const durationS = Math.round(step.durationS.mid * share);
    before += durationS;
    const isHot = step.phase !== 'prep' && step.phase !== 'down' && step.phase !== 'open';
    const uses = (potOnBurner && isHot) || (panSear && step.id === 'sear') ? 'burner' : 'pot';
    board.put(
      {
        id: step.id,
        name: step.title,
        durationS,
        hands: step.hands,
        uses: step.id === 'prep' ? 'none' : uses,
        keepsS: 0,
      },
      null,
      before,
      0,
      '',
    );
  }
}

function placeSide(board: Board, side: Side, { means, done }: MealInput): void {
  let latestEnd = 0;
  let previous: { keepsS: number } | null = null;
  const tasks = side.tasks.map((t, i) => ({ t, id: `${side.id}-${i}` }));
  for (const { t, id } of [...tasks].reverse()) {
    if (done?.has(id) || (means.yesterday && t.yesterday)) continue;
    const job: Job = {
      id,
      name: t.name,
      durationS: Math.round(t.minutes * 60),
      hands: t.hands,
      uses: t.uses === 'oven' && !means.oven ? 'burner' : t.uses,
      keepsS: t.keepsMin * 60,
    };
    let before = latestEnd + job.durationS;
    while (before < LONGEST_S && !board.isFree(job, before)) before += GRID_S;
    const waitsS = Math.max(0, before - job.durationS - latestEnd - job.keepsS);
    board.put(job, side.name, before, waitsS, waitsS > 0 && previous === null ? side.ifWaits : '');
    latestEnd = before;
    previous = job;
  }
}

function permutations<T>(list: readonly T[]): T[][] {
  if (list.length < 2) return [[...list]];
  return list.flatMap((x, i) =>
    permutations([...list.slice(0, i), ...list.slice(i + 1)]).map((rest) => [x, ...rest]),
  );
}

/** A wish for the table against what the meal takes. Epoch milliseconds; `lateS` above zero says by how much it fails. */
export interface WishAnswer {
  startAt: number;
  tableAt: number;
  /** How much too late the meal would be for the wish, s; 0 when it can be met. */
  lateS: number;
}

/** When to start for a wished time, or for as soon as possible when there is none; never starts in the past. */
export function answerWish(meal: Pick<Meal, 'lengthS'>, wishAt: number | null, now: number): WishAnswer {
  const soonest = now + meal.lengthS * 1000;
  const tableAt = wishAt === null ? soonest : Math.max(wishAt, soonest);
  return {
    startAt: tableAt - meal.lengthS * 1000,
    tableAt,
    lateS: wishAt === null ? 0 : Math.max(0, (soonest - wishAt) / 1000),
  };
}

/** A change of means that would put the meal on the table sooner. */
export interface SoonerWay {
  id: 'hands' | 'yesterday' | 'drop';
  sideId?: string;
  label: string;
  savesS: number;
}

/** What would shorten the meal, most first; nothing that saves less than a minute. */
export function soonerWays(input: MealInput): SoonerWay[] {
  const length = layOutMeal(input).lengthS;
  const saves = (other: MealInput): number => length - layOutMeal(other).lengthS;
  const ways: SoonerWay[] = [];
  if (input.means.hands === 1)
    ways.push({
      id: 'hands',
      label: 'A second pair of hands',
      savesS: saves({ ...input, means: { ...input.means, hands: 2 } }),
    });
  if (!input.means.yesterday && yesterdayOf(input).length)
    ways.push({
      id: 'yesterday',
      label: 'What was done yesterday',
      savesS: saves({ ...input, means: { ...input.means, yesterday: true } }),
    });
  for (const side of input.sides)
    ways.push({
      id: 'drop',
      sideId: side.id,
      label: `Without: ${side.name.toLowerCase()}`,
      savesS: saves({ ...input, sides: input.sides.filter((s) => s !== side) }),
    });
  return ways.filter((w) => w.savesS >= 60).sort((a, b) => b.savesS - a.savesS);
}
