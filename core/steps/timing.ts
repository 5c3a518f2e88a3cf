import type { Range } from '../quantity/range';
import { PHASES, type Phase, type Step } from './step';

/** One block of the clock ribbon. Seconds from the start. */
export interface RibbonBlock {
  phase: Phase;
  label: string;
  startS: number;
  durationS: Range;
  /** True when the cook's hands are free for all of it. */
  passive: boolean;
}

/** When things happen, from the start of preparation to the table. */
export interface Timing {
  blocks: RibbonBlock[];
  /** From starting to the table. */
  totalS: Range;
  handsOnS: number;
  passiveS: number;
  /** Lid on, pressure reached, pin down: seconds from the start, mid values. */
  lidOnS: number;
  pinDownS: number;
  /** What the hands-free stretch is for, in order: nothing that this dish does not need. */
  tips: { atS: number; text: string }[];
}

const LABELS: Record<Phase, string> = {
  prep: 'Prep',
  sear: 'Sear',
  soften: 'Soften',
  deglaze: 'Load',
  up: 'Comes up',
  hold: 'Holds',
  down: 'Comes down',
  again: 'Again',
  open: 'Check',
  thicken: 'Thicken',
  dairy: 'Dairy',
  finish: 'Finish',
};

/** Rice that the dish is served with takes this long, s; it is started so as to end with the dish. Source: ordinary absorption method. */
const RICE_S = 22 * 60;
/** The slurry's cup is got ready this long before the pin drops, s. */
const AHEAD_S = 180;

/**
 * How far a cook who is slow at one thing is slow at the next: the correlation between what her hands do. Source: between a cook
 * whose pace is hers and one who is held up by chance; spread 60 %.
 */
const SHARED_PACE = 0.5;

/**
 * The time of several steps one after the other: what the pot does errs on its own, what the hands do partly together. Never wider
 * than the sum of the ranges, never narrower than independent errors.
 */
export function sumSteps(parts: readonly { durationS: Range; hands: boolean }[]): Range {
  const mid = parts.reduce((s, p) => s + p.durationS.mid, 0);
  const off = (of: (r: Range) => number): number => {
    let alone = 0;
    let together = 0;
    for (const { durationS, hands } of parts) {
      const half = of(durationS);
      alone += half ** 2 * (hands ? 1 - SHARED_PACE : 1);
      if (hands) together += half;
    }
    return Math.sqrt(alone + SHARED_PACE * together ** 2);
  };
  return { low: mid - off((r) => r.mid - r.low), mid, high: mid + off((r) => r.high - r.mid) };
}

/** Stretches that are called by what is done in them: where nothing is thickened, nothing says so. */
const BY_WHAT_IS_DONE: ReadonlySet<Phase> = new Set(['thicken', 'finish']);

/** What is done for the longest in a stretch; null where it has its usual name. */
function doneIn(phase: Phase, mine: readonly Step[]): string | null {
  if (!BY_WHAT_IS_DONE.has(phase) || mine.some((s) => s.kind === 'thicken')) return null;
  const [longest] = mine.toSorted((a, b) => b.durationS.mid - a.durationS.mid);
  const all = mine.reduce((sum, s) => sum + s.durationS.mid, 0);
  return longest?.block && longest.durationS.mid > all / 2 ? longest.block : null;
}

/** Lays the steps end to end. */
export function timeSteps(steps: readonly Step[]): Timing {
  const blocks: RibbonBlock[] = [];
  let at = 0;
  for (const phase of PHASES) {
    const mine = steps.filter((s) => s.phase === phase);
    if (!mine.length) continue;
    const durationS = sumSteps(mine);
    const free = mine.filter((s) => !s.hands).reduce((s, x) => s + x.durationS.mid, 0);
    const vents = phase === 'down' && free === 0;
    blocks.push({
      phase,
      label: vents ? 'Vent' : (doneIn(phase, mine) ?? LABELS[phase]),
      startS: at,
      durationS,
      passive: free > durationS.mid / 2,
    });
    at += durationS.mid;
  }
  const totalS = sumSteps(steps);
  const passiveS = steps.filter((s) => !s.hands).reduce((s, x) => s + x.durationS.mid, 0);
  const startOf = (phase: Phase): number => blocks.find((b) => b.phase === phase)?.startS ?? at;
  const lidOnS = startOf('up');
  const pinDownS = startOf('open');
  const tips: Timing['tips'] = [];
  if (steps.some((s) => s.kind === 'serve' && s.items.some((i) => /\brice\b/i.test(i.name))))
    tips.push({ atS: Math.max(lidOnS, totalS.mid - RICE_S), text: 'start the rice' });
  if (steps.some((s) => s.kind === 'thicken'))
    tips.push({ atS: Math.max(lidOnS, pinDownS - AHEAD_S), text: 'get the thickening ready' });
  tips.sort((a, b) => a.atS - b.atS);
  return { blocks, totalS, handsOnS: totalS.mid - passiveS, passiveS, lidOnS, pinDownS, tips };
}
