import type { Act } from '../script/act';
import { isDoneAhead, standsAlone } from './actMinutes';
import type { Step } from './step';

/** Share of the knife work that can be done while the meat stands in its marinade. Source: judgement; spread 30 %. */
const CUT_MEANWHILE = 0.7;
/** What is left of a wait that is cut through, s. */
const LEAST_WAIT_S = 180;

/** While the meat stands for half an hour the rest is cut: the wait is shorter by it. What is done ahead is in no clock. */
export function withKnifeWorkMeanwhile(steps: readonly Step[], acts: readonly Act[]): readonly Step[] {
  const ready = steps.find((s) => s.id === 'prep');
  const actOf = (s: Step): Act | undefined => acts.find((a) => s.id === `do-${a.id}`);
  const at = steps.findIndex((s) => {
    const act = actOf(s);
    return act?.run === 0 && standsAlone(act, act.minutes ?? 0) && !isDoneAhead(act);
  });
  const wait = steps[at];
  if (!ready || !wait) return steps;
  const { low, mid, high } = wait.durationS;
  const cutS = Math.min(CUT_MEANWHILE * ready.durationS.mid, mid - LEAST_WAIT_S);
  if (cutS <= 0) return steps;
  return steps.map((s) =>
    s === wait
      ? {
          ...s,
          durationS: { low: Math.max(0, low - cutS), mid: mid - cutS, high: high - cutS },
          text: `${s.text} The rest can be cut meanwhile.`.trim(),
        }
      : s,
  );
}
