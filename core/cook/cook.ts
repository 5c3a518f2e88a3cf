import type { Aim, Dish } from '../dish/dish';
import type { ThickenerId } from '../sauce/data/thickeners';
import type { MeasuringId } from '../sauce/measure';
import type { CookEvent, CookForecast, ToldTimes } from './events';

/** A named timer, true by the wall clock: it ends at `startedAt + seconds` whatever happened to the page in between. */
export interface Timer {
  id: string;
  name: string;
  startedAt: number;
  seconds: number;
  stopped: boolean;
  heard: boolean;
}

/** What has been measured and stirred in. */
interface SauceRecord {
  sauceG: number;
  how: MeasuringId;
  aim: Aim;
  presentPercent: number;
  starchG: number;
  waterG: number;
  thickener: ThickenerId | null;
  /** What the cook meant to thicken with, and the dairy still to come, when the sauce was measured. */
  /** What the spoon showed after the first dose, over what was promised. */
  shownRatio?: number;
  /** How often something was stirred in. */
  doses: number;
  chosen?: { thickener?: ThickenerId; laterG?: number };
}

/** How it turned out. */
export interface Verdict {
  meat: 'under' | 'right' | 'over' | null;
  sauce: 'thin' | 'right' | 'thick' | null;
  salt: 'low' | 'right' | 'high' | null;
  note: string;
  /** The cook's own word on how long the stretches took. */
  times?: ToldTimes;
}

/** From `wallAt` on the wall the cook's own clock ran on from `at` at this speed. */
export interface CookClock {
  at: number;
  wallAt: number;
  speed: number;
}

/** The cook's own clock at a moment of the wall's: the same, unless a simulated kitchen makes it run faster. */
export function cookTime(clock: CookClock | null, wall: number): number {
  return clock ? clock.at + (wall - clock.wallAt) * clock.speed : wall;
}

/** A cook as it stands: the fold of its events. Times are epoch milliseconds. */
export interface CookState {
  cookId: string;
  dish: Dish | null;
  potId: string;
  potName: string;
  forecast: CookForecast | null;
  startedAt: number;
  /** Steps finished or skipped, and when. */
  done: Record<string, { at: number; skipped: string | null }>;
  timers: Timer[];
  sealedAt: number | null;
  pressureAt: number | null;
  /** Seconds under pressure as last decided at the pot; null while the plan's own stand. */
  holdS: number | null;
  holdEndedAt: number | null;
  pinDownAt: number | null;
  servedAt: number | null;
  endedAt: number | null;
  status: 'none' | 'cooking' | 'served' | 'finished' | 'abandoned';
  coreC: number | null;
  /** In what the core was last measured; empty when it was not said. */
  coreWhere: string;
  sauce: SauceRecord | null;
  /** What went wrong on the way, and what was found. */
  troubles: readonly { kind: 'burn' | 'no-pressure'; causeId: string; remember: string; at: number }[];
  verdict: Verdict | null;
  /** What went in early, against advice. */
  early: readonly { lineId: string; name: string; harm: string; at: number }[];
  /** Findings that said stop and were cooked all the same. */
  overruled: readonly string[];
  /** By how much the wall's clock was set since the start, ms: what a clock set right again takes back. */
  clockMovedMs: number;
  /** The devices that are plugged in, and the clock they run by. */
  plugged: { kitchenId: string; name: string; speed: number; simulated: boolean } | null;
  clock: CookClock | null;
  /** True once a simulated kitchen was plugged in: the log learns nothing from it. */
  isSimulated: boolean;
  pausedAt: number | null;
  /** Ids of the events that count, in order: the last is what undo takes back. */
  applied: string[];
}

const EMPTY: CookState = {
  cookId: '',
  dish: null,
  potId: '',
  potName: '',
  forecast: null,
  startedAt: 0,
  done: {},
  timers: [],
  sealedAt: null,
  pressureAt: null,
  holdS: null,
  holdEndedAt: null,
  pinDownAt: null,
  servedAt: null,
  endedAt: null,
  status: 'none',
  coreC: null,
  coreWhere: '',
  sauce: null,
  troubles: [],
  verdict: null,
  early: [],
  overruled: [],
  clockMovedMs: 0,
  plugged: null,
  clock: null,
  isSimulated: false,
  pausedAt: null,
  applied: [],
};

/** Events in the order they happened, each once. Equal times are settled by sequence, then id, so any delivery order agrees. */
export function orderEvents(events: readonly CookEvent[]): CookEvent[] {
  const once = new Map(events.map((e) => [e.id, e]));
  return [...once.values()].sort((a, b) => a.seq - b.seq || a.at - b.at || (a.id < b.id ? -1 : 1));
}

/**
 * Folds events to the state. Duplicates and any order of delivery give the same state; an undone event counts as never
 * having happened; an event that makes no sense where it stands changes nothing.
 */
export function foldCook(events: readonly CookEvent[]): CookState {
  const ordered = orderEvents(events);
  const undone = new Set<string>();
  for (const e of ordered) if (e.type === 'undone') undone.add(e.eventId);
  return foldOn(
    { ...EMPTY, done: {}, timers: [], applied: [] },
    ordered.filter((e) => !undone.has(e.id)),
  );
}

/** Goes on folding later events, in their order and without any undoing, from a state. */
export function foldOn(from: CookState, later: readonly CookEvent[]): CookState {
  let state = from;
  for (const e of later) {
    if (e.type === 'undone') continue;
    const next = apply(state, e);
    if (next !== state) state = { ...next, applied: [...state.applied, e.id] };
  }
  return state;
}

const without = (s: CookState, timerId: string): Pick<CookState, 'timers'> => ({
  timers: s.timers.filter((t) => t.id !== timerId),
});

/** What has not happened either when a step of the pot was not done after all: the lock must not believe a tap that was taken back. */
const NOT_YET: Record<string, (s: CookState) => Partial<CookState>> = {
  seal: () => ({ sealedAt: null }),
  up: (s) => ({ pressureAt: null, holdS: null, ...without(s, 'hold') }),
  hold: (s) => ({ holdEndedAt: null, ...without(s, 'down') }),
  release: () => ({ pinDownAt: null }),
  'open-between': (s) => without(s, 'again'),
};

function apply(s: CookState, e: CookEvent): CookState {
  if (e.type === 'started') {
    if (s.status !== 'none') return s;
    return {
      ...s,
      cookId: e.cookId,
      dish: e.dish,
      potId: e.potId,
      potName: e.potName,
      forecast: e.forecast,
      startedAt: e.at,
      status: 'cooking',
    };
  }
  if (s.status === 'none') return s;
  const timers = (id: string, edit: (t: Timer) => Timer): CookState =>
    s.timers.some((t) => t.id === id)
      ? { ...s, timers: s.timers.map((t) => (t.id === id ? edit(t) : t)) }
      : s;
  switch (e.type) {
    case 'stepDone':
      return s.done[e.stepId] ? s : { ...s, done: { ...s.done, [e.stepId]: { at: e.at, skipped: null } } };
    case 'stepSkipped':
      return s.done[e.stepId]
        ? s
        : { ...s, done: { ...s.done, [e.stepId]: { at: e.at, skipped: e.reason } } };
    case 'wentBack': {
      if (!s.done[e.stepId]) return s;
      const { [e.stepId]: _dropped, ...rest } = s.done;
      return { ...s, done: rest, ...NOT_YET[e.stepId]?.(s) };
    }
    case 'timerStarted':
      if (s.timers.some((t) => t.id === e.timerId)) return s;
      return {
        ...s,
        timers: [
          ...s.timers,
          { id: e.timerId, name: e.name, startedAt: e.at, seconds: e.seconds, stopped: false, heard: false },
        ],
      };
    case 'timerAdded':
      return timers(e.timerId, (t) => ({ ...t, seconds: Math.max(1, t.seconds + e.seconds), heard: false }));
    case 'timerStopped':
      return timers(e.timerId, (t) => ({ ...t, stopped: true }));
    case 'timerHeard':
      return timers(e.timerId, (t) => ({ ...t, heard: true }));
    case 'sealed':
      return s.sealedAt ? s : { ...s, sealedAt: e.at };
    case 'pressureReached':
      return s.pressureAt ? s : { ...s, sealedAt: s.sealedAt ?? e.at, pressureAt: e.at };
    case 'holdSet':
      return s.holdEndedAt === null ? { ...s, holdS: e.seconds } : s;
    case 'holdEnded':
      return s.holdEndedAt ? s : { ...s, holdEndedAt: e.at };
    case 'pinDown':
      return s.pinDownAt ? s : { ...s, pinDownAt: e.at };
    case 'coreMeasured':
      return { ...s, coreC: e.tempC, coreWhere: e.where ?? '' };
    case 'sauceMeasured':
      return {
        ...s,
        sauce: {
          sauceG: e.sauceG,
          how: e.how,
          aim: e.aim,
          presentPercent: e.presentPercent,
          starchG: 0,
          waterG: 0,
          thickener: null,
          doses: 0,
          ...(e.thickener !== undefined || e.laterG !== undefined
            ? { chosen: { thickener: e.thickener, laterG: e.laterG } }
            : {}),
        },
      };
    case 'thickened':
      return s.sauce
        ? {
            ...s,
            sauce: {
              ...s.sauce,
              starchG: s.sauce.starchG + e.starchG,
              waterG: s.sauce.waterG + e.waterG,
              thickener: e.thickener,
              doses: s.sauce.doses + 1,
            },
          }
        : s;
    case 'spoonShown':
      return s.sauce && e.promisedPercent > 0 && s.sauce.doses <= 1
        ? { ...s, sauce: { ...s.sauce, shownRatio: e.seenPercent / e.promisedPercent } }
        : s;
    case 'trouble':
      return {
        ...s,
        troubles: [...s.troubles, { kind: e.kind, causeId: e.causeId, remember: e.remember, at: e.at }],
      };
    case 'overruled':
      return s.overruled.includes(e.text) ? s : { ...s, overruled: [...s.overruled, e.text] };
    case 'addedEarly':
      return s.early.some((x) => x.lineId === e.lineId)
        ? s
        : { ...s, early: [...s.early, { lineId: e.lineId, name: e.name, harm: e.harm, at: e.at }] };
    case 'plugged':
      return {
        ...s,
        plugged: { kitchenId: e.kitchenId, name: e.name, speed: e.speed, simulated: e.simulated },
        clock: { at: e.at, wallAt: e.wallAt, speed: e.speed },
        isSimulated: s.isSimulated || e.simulated,
      };
    case 'unplugged':
      return s.plugged ? { ...s, plugged: null, clock: { at: e.at, wallAt: e.wallAt, speed: 1 } } : s;
    case 'paused':
      return s.pausedAt === null && s.status === 'cooking' ? { ...s, pausedAt: e.at } : s;
    case 'resumed':
      return s.pausedAt === null ? s : { ...s, pausedAt: null };
    case 'clockMoved':
      return moved(s, e.byMs);
    case 'served':
      return s.servedAt ? s : { ...s, servedAt: e.at, status: 'served' };
    case 'verdict':
      return {
        ...s,
        verdict: {
          meat: e.meat,
          sauce: e.sauce,
          salt: e.salt,
          note: e.note,
          ...(e.times ? { times: e.times } : {}),
        },
      };
    case 'finished':
      return s.status === 'finished'
        ? s
        : { ...s, status: 'finished', endedAt: e.at, servedAt: s.servedAt ?? e.at };
    case 'abandoned':
      return s.status === 'finished' ? s : { ...s, status: 'abandoned', endedAt: e.at };
    case 'undone':
      return s;
  }
}

/** The same cook told by a clock that was set by `ms`. */
function moved(s: CookState, ms: number): CookState {
  const at = (t: number | null): number | null => (t === null ? null : t + ms);
  return {
    ...s,
    clockMovedMs: s.clockMovedMs + ms,
    startedAt: s.startedAt + ms,
    sealedAt: at(s.sealedAt),
    pressureAt: at(s.pressureAt),
    holdEndedAt: at(s.holdEndedAt),
    pinDownAt: at(s.pinDownAt),
    servedAt: at(s.servedAt),
    pausedAt: at(s.pausedAt),
    clock: s.clock && { ...s.clock, at: s.clock.at + ms, wallAt: s.clock.wallAt + ms },
    done: Object.fromEntries(Object.entries(s.done).map(([id, d]) => [id, { ...d, at: d.at + ms }])),
    timers: s.timers.map((t) => ({ ...t, startedAt: t.startedAt + ms })),
    troubles: s.troubles.map((t) => ({ ...t, at: t.at + ms })),
    early: s.early.map((x) => ({ ...x, at: x.at + ms })),
  };
}

/** Seconds left on a timer at `now`; negative when it is overdue. */
export function secondsLeft(timer: Timer, now: number): number {
  return timer.seconds - (now - timer.startedAt) / 1000;
}

/** Timers still running or ringing, soonest first. */
export function liveTimers(state: CookState, now: number): Timer[] {
  return state.timers
    .filter((t) => !t.stopped && !(t.heard && secondsLeft(t, now) <= 0))
    .sort((a, b) => secondsLeft(a, now) - secondsLeft(b, now));
}

/** Folds a flat list of events into cooks, newest first. */
export function foldAll(events: readonly CookEvent[]): CookState[] {
  const byCook = new Map<string, CookEvent[]>();
  for (const e of events) {
    const list = byCook.get(e.cookId);
    if (list) list.push(e);
    else byCook.set(e.cookId, [e]);
  }
  return [...byCook.values()]
    .map(foldCook)
    .filter((c) => c.status !== 'none')
    .sort((a, b) => b.startedAt - a.startedAt);
}
