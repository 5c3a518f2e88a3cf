import { TELLING } from '../heat/data/figures';
import { asItCameUp } from '../heat/hold';
import { forecastHeat, type HeatForecast, type HeatInput } from '../heat/simulate';
import {
  restOf,
  weighKitchens,
  type Happened,
  type RestAnswer,
  type RestOf,
  type Stretch,
} from '../heat/weigh';
import type { Kitchen } from '../kitchen/kitchen';
import { type Plan, stepsOf } from '../plan/plan';
import type { CookState } from './cook';
import type { Reading } from './protocol';

/** Everything the rest of a cook is forecast from: plain figures, to be sent to wherever there is time for it. */
export interface LiveAsk {
  input: HeatInput;
  happened: Happened;
  rest: RestOf;
  /** Seconds from the lid to pressure as the plan had it. */
  expectedUpS: number;
}

/** What has happened, weighed: the rest of this cook. */
export interface LiveRest extends RestAnswer {
  /** Minutes under pressure that what happened asks for; those that stand where it asks for nothing. Null without meat. */
  advisedMin: number | null;
  /** A thermometer had its say. */
  isProbed: boolean;
}

/** Where the quasi-random kitchens begin: any number, the same each time. */
const SEED = 20;
/** A stretch that goes on is looked at anew so often, s. */
const LOOK_EVERY_S = 60;

const between = (from: number, to: number): number => Math.max(1, (to - from) / 1000);

/** Seconds from locking the lid to working pressure, as told; null before. */
function cameUpS(state: CookState): number | null {
  return state.sealedAt !== null && state.pressureAt !== null
    ? between(state.sealedAt, state.pressureAt)
    : null;
}

/** A stretch that began and may have ended; null where it has told nothing yet: begun, and no longer under way than was expected. */
function stretch(
  { from, to }: { from: number; to: number | null },
  now: number,
  expectedS: number,
  errorS: number,
): Stretch | null {
  if (to !== null) return { seconds: between(from, to), isOver: true, errorS };
  const seconds = Math.floor(between(from, now) / LOOK_EVERY_S) * LOOK_EVERY_S;
  return seconds > expectedS ? { seconds, isOver: false, errorS } : null;
}

/** Readings of the probe that are asked: one when pressure comes, and the newest of those so far apart, s. */
const PROBE_EVERY_S = 120;

/** Readings of a plugged-in probe as what they tell of the piece it is in, the deciding one. By the devices' own clock. */
export function probesOf(readings: readonly Reading[], plan: Plan): Happened['probes'] {
  const begins = readings.find((r) => r.kind === 'cooker' && r.stage === 'heating')?.timeS;
  const holds = readings.find((r) => r.kind === 'cooker' && r.stage === 'holding')?.timeS;
  if (begins === undefined || holds === undefined) return [];
  const ends =
    readings.find((r) => r.timeS > holds && r.kind === 'cooker' && r.stage !== 'holding')?.timeS ??
    Number.POSITIVE_INFINITY;
  const probe = readings.filter((r) => r.kind === 'probe' && r.timeS >= holds && r.timeS <= ends);
  const last = probe.at(-1)?.timeS ?? holds;
  const newest = holds + Math.floor((last - holds) / PROBE_EVERY_S) * PROBE_EVERY_S;
  return [...new Set([holds, newest])].flatMap((timeS) => {
    const r = probe.find((p) => p.timeS >= timeS);
    return r?.kind === 'probe'
      ? [{ afterLidS: Math.max(0, r.timeS - begins), tempC: r.tempC, kind: plan.heat.lead }]
      : [];
  });
}

/** Asks for the rest of a cook from what it has told by `now`; null while there is nothing to learn from, and once the pin is down. */
export function liveAsk(
  plan: Plan,
  state: CookState,
  probes: Happened['probes'],
  now: number,
): LiveAsk | null {
  const { heat, heating } = plan;
  if (state.sealedAt === null || state.pinDownAt !== null) return null;
  const errorS = (state.plugged ? TELLING.deviceS : TELLING.tapS).value;
  const comeUp = stretch({ from: state.sealedAt, to: state.pressureAt }, now, heat.comeUpS.mid, errorS);
  const release =
    state.holdEndedAt === null
      ? null
      : stretch({ from: state.holdEndedAt, to: null }, now, heat.releaseS.mid, errorS);
  if (!comeUp) return null;
  const heldS =
    state.pressureAt !== null && state.holdEndedAt !== null
      ? between(state.pressureAt, state.holdEndedAt)
      : null;
  return {
    input: heating,
    happened: { comeUp, probes, heldS, release },
    rest: {
      minutes: (heldS ?? state.holdS ?? heat.holdS) / 60,
      floorMin: Math.max(0, ...heating.judged.map((j) => j.doneness.floorMin)),
      lead: heat.lead,
    },
    expectedUpS: heat.comeUpS.mid,
  };
}

/**
 * The rest of the cook from what happened: heavy, for a worker. More minutes where nine in ten kitchens need them; fewer only where
 * pressure came late, by as many as the lateness saves, never below the floor; and a thermometer, which may have slipped, never
 * takes a minute off.
 */
export function restAsItWent(ask: LiveAsk): LiveRest {
  const { input, happened, rest } = ask;
  const answer = (what: Happened): RestAnswer => restOf(input, weighKitchens(input, what, SEED), rest);
  const now = answer(happened);
  const isProbed = happened.probes.length > 0;
  const standing = Math.round(rest.minutes);
  if (now.neededMin === null || !happened.comeUp?.isOver || happened.heldS !== null)
    return { ...now, advisedMin: now.neededMin === null ? null : standing, isProbed };
  if (now.neededMin >= standing) return { ...now, advisedMin: now.neededMin, isProbed };
  if (happened.comeUp.seconds <= ask.expectedUpS) return { ...now, advisedMin: standing, isProbed };
  const unprobed = isProbed ? answer({ ...happened, probes: [] }) : now;
  const inTime = answer({
    ...happened,
    comeUp: { ...happened.comeUp, seconds: ask.expectedUpS },
    probes: [],
  });
  const needed = Math.max(now.neededMin, unprobed.neededMin ?? standing);
  const saved = Math.max(0, (inTime.neededMin ?? standing) - needed);
  return { ...now, advisedMin: Math.max(rest.floorMin, standing - saved), isProbed };
}

/** A range moved on to a forecast's stretch that is still to come. */
function withRest(heat: HeatForecast, rest: LiveRest, state: CookState): HeatForecast {
  return {
    ...heat,
    ...(state.pressureAt === null ? { comeUpS: rest.comeUpS } : {}),
    ...(state.pinDownAt === null ? { releaseS: rest.releaseS } : {}),
  };
}

/**
 * The plan from what has really happened: the come-up as it was, the minutes as they were last decided, the rest as the weighed
 * kitchens have it, where they are known. Core, release and the steps still to do follow. The same plan before anything was told.
 */
export function planAsItWent(
  plan: Plan,
  kitchen: Kitchen,
  state: CookState,
  rest: LiveRest | null = null,
): Plan {
  const up = cameUpS(state);
  if (up === null && !rest) return plan;
  const minutes = (state.holdS ?? plan.heat.holdS) / 60;
  const heat = up === null ? plan.heat : forecastHeat({ ...asItCameUp(plan.heating, up), minutes });
  const went: Plan = {
    ...plan,
    heat: { ...(rest ? withRest(heat, rest, state) : heat), suggestedMin: plan.heat.suggestedMin },
  };
  return { ...went, steps: stepsOf(went, kitchen) };
}

/** Other minutes than planned, because of what happened. */
export interface HoldAdvice {
  seconds: number;
  plannedS: number;
  /** Minutes pressure came before the forecast; negative when it came late. */
  earlyMin: number;
  /** In the cook's words, whole. */
  sentence: string;
}

/** Fewer minutes than this apart are not worth a word. */
const WORTH_MIN = 1;

/**
 * What the weighed kitchens ask of the hold: longer where pressure came early, because the pieces are cooler, or where the probe
 * says so; shorter where it came late, but never below the fewest for this cut nor what was held by `now`. Minutes that the cook
 * chose are only ever lengthened. Null where nothing changes, nothing is known, or it was decided already.
 */
export function holdAdvice(
  plan: Plan,
  state: CookState,
  rest: LiveRest | null,
  now: number,
): HoldAdvice | null {
  const up = cameUpS(state);
  if (up === null || state.pressureAt === null || !rest || rest.advisedMin === null) return null;
  if (state.holdEndedAt !== null || state.holdS !== null) return null;
  const plannedMin = Math.round(plan.heat.holdS / 60);
  const isOwn = plan.dish.settings.minutes !== null;
  const heldMin = Math.ceil((now - state.pressureAt) / 60_000);
  const wanted = isOwn ? Math.max(rest.advisedMin, plannedMin) : rest.advisedMin;
  const minutes = wanted < plannedMin ? Math.min(plannedMin, Math.max(wanted, heldMin)) : wanted;
  if (Math.abs(minutes - plannedMin) < WORTH_MIN) return null;
  const earlyMin = Math.round((plan.heat.comeUpS.mid - up) / 60);
  const because =
    minutes < plannedMin
      ? earlyMin <= -WORTH_MIN &&
        `Pressure came ${-earlyMin} min late, and they cooked on the way: ${minutes} min are enough, not ${plannedMin}.`
      : earlyMin >= WORTH_MIN
        ? `Pressure came ${earlyMin} min early, so the pieces are cooler: hold ${minutes} min, not ${plannedMin}.`
        : // What came as forecast keeps the margin that was planned: only a thermometer asks for more.
          rest.isProbed &&
          `The probe reads colder than was forecast, so the pieces are thicker or colder: hold ${minutes} min, not ${plannedMin}.`;
  return because ? { seconds: minutes * 60, plannedS: plan.heat.holdS, earlyMin, sentence: because } : null;
}
