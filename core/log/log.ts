import type { CookState } from '../cook/cook';
import { NO_CALIBRATION, type Calibration, type Kitchen } from '../kitchen/kitchen';
import { thicknessOf } from '../sauce/data/thickeners';
import { believe } from './posterior';

/** Forecast against actual for one cook. Seconds; null where it was not recorded. */
export interface CookComparison {
  comeUp: { forecastS: number; actualS: number | null };
  hold: { forecastS: number; actualS: number | null };
  release: { forecastS: number; actualS: number | null };
  total: { forecastS: number; actualS: number | null };
  sauce: { forecastG: number; actualG: number | null };
}

const between = (a: number | null, b: number | null): number | null =>
  a !== null && b !== null && b >= a ? (b - a) / 1000 : null;

/** Lines up what was forecast with what happened: the cook's own word where given, else the taps. Null before the cook began. */
export function compareCook(state: CookState): CookComparison | null {
  const f = state.forecast;
  if (!f) return null;
  const told = state.verdict?.times;
  return {
    comeUp: { forecastS: f.comeUpS, actualS: told?.comeUpS ?? between(state.sealedAt, state.pressureAt) },
    hold: { forecastS: f.holdS, actualS: told?.holdS ?? between(state.pressureAt, state.holdEndedAt) },
    release: {
      forecastS: f.releaseS,
      actualS: told?.releaseS ?? between(state.holdEndedAt, state.pinDownAt),
    },
    total: { forecastS: f.totalS.mid, actualS: between(state.startedAt, state.servedAt) },
    sauce: {
      forecastG: f.sauceG,
      actualG: state.sauce?.how === 'forecast' ? null : (state.sauce?.sauceG ?? null),
    },
  };
}

/** Cooks it takes before what was seen counts as much as the starting figure. */
const PRIOR_COOKS = 2;
/** Sauces that say how strong the household’s starch is: a new packet or ladle soon outweighs the old. */
const RECENT_SPOONS = 12;
/** A single cook is not believed beyond this factor: a forgotten tap is likelier. */
const BELIEVABLE = { from: 0.5, to: 2 };

function learned(ratios: readonly number[]): number {
  const good = ratios.filter((r) => r >= BELIEVABLE.from && r <= BELIEVABLE.to).sort((a, b) => a - b);
  if (!good.length) return 1;
  const median = ((good[(good.length - 1) >> 1] ?? 1) + (good[good.length >> 1] ?? 1)) / 2;
  return (good.length * median + PRIOR_COOKS) / (good.length + PRIOR_COOKS);
}

/**
 * What finished cooks in one pot have taught: what is believed of come-up and release after them, the newest counting most, and
 * the strength the household gets from its starch from what its spoons showed (at the pot, or `spoonRatios` from the bench on
 * its own) and from its sauce verdicts, each drawn towards 1 until there are several.
 * A stored forecast carries the factors it was made with, so actual times are compared with the bare model.
 */
export function calibrate(
  cooks: readonly CookState[],
  potId: string,
  spoonRatios: readonly number[] = [],
): Calibration {
  const real = cooks.filter((c) => !c.isSimulated);
  const mine = real
    .filter((c) => c.potId === potId && (c.status === 'finished' || c.status === 'served'))
    .sort((a, b) => a.startedAt - b.startedAt);
  const ratios = (stage: 'comeUp' | 'release'): number[] =>
    mine.flatMap((cook) => {
      const times = compareCook(cook)?.[stage];
      const bareS = times && cook.forecast ? times.forecastS / cook.forecast[`${stage}Factor`] : 0;
      const ratio = times?.actualS && bareS > 60 ? times.actualS / bareS : 0;
      return ratio >= BELIEVABLE.from && ratio <= BELIEVABLE.to ? [ratio] : [];
    });
  const byTime = [...real].sort((a, b) => a.startedAt - b.startedAt);
  const spoons = byTime.flatMap((c) => {
    if (c.sauce?.shownRatio !== undefined) return [c.sauce.shownRatio];
    if (!c.sauce || c.sauce.starchG <= 0 || !c.verdict?.sauce) return [];
    const aim = thicknessOf(c.sauce.aim).percent;
    return aim > 0 ? [c.verdict.sauce === 'thin' ? 0.85 : c.verdict.sauce === 'thick' ? 1.15 : 1] : [];
  });
  const starch = [...spoons, ...spoonRatios].slice(-RECENT_SPOONS);
  const up = believe(ratios('comeUp'));
  const down = believe(ratios('release'));
  return mine.length
    ? {
        comeUpFactor: Math.exp(up.mean),
        releaseFactor: Math.exp(down.mean),
        known: { comeUp: up.deviation, release: down.deviation },
        starchFactor: learned(starch),
        cooks: mine.length,
      }
    : { ...NO_CALIBRATION, starchFactor: learned(starch) };
}

/** What a verdict suggests for next time, in the cook's words; empty when all was right. */
export function nextTimeNotes(state: CookState): string[] {
  const v = state.verdict;
  const notes = [...new Set(state.troubles.map((t) => t.remember).filter(Boolean))];
  if (!v) return notes;
  if (v.meat === 'under') notes.push('A few more minutes under pressure.');
  if (v.meat === 'over') notes.push('A few minutes less under pressure.');
  if (v.sauce === 'thin') notes.push('Thicken one notch more, or boil it down.');
  if (v.sauce === 'thick') notes.push('Thicken one notch less.');
  if (v.salt === 'low') notes.push('A little more salt.');
  if (v.salt === 'high') notes.push('Less salt: low-salt stock, or none before the end.');
  return notes;
}

/** What the cooks have taught about every pot of a kitchen, by its identity. */
export const calibrations = (cooks: readonly CookState[], kitchen: Kitchen): Map<string, Calibration> =>
  new Map(kitchen.pots.map((p) => [p.id, calibrate(cooks, p.id, kitchen.spoonRatios)]));
