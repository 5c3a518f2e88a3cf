import { useEffect, useState } from 'react';
import type { Plan, RangeAnswer } from '../../core/index';
import { startRanges } from '../workers/client';

/** Runs that serve: two seeds of so many agree within half a minute, see docs/models.md. */
export const RUNS = 200;
/** A slider in motion is waited out, ms. */
const CALM_MS = 180;

/** The ranges of a planned cook, growing better while they are worked out in the worker; null until the first are there. */
export function useRanges(plan: Pick<Plan, 'heating' | 'heat'>): RangeAnswer | null {
  const { heating, heat } = plan;
  const key = JSON.stringify([heating, heat.holdS, heat.lead]);
  const [known, setKnown] = useState<{ key: string; answer: RangeAnswer } | null>(null);
  useEffect(() => {
    let drop: (() => void) | undefined;
    const timer = setTimeout(() => {
      const [input, holdS, lead] = JSON.parse(key) as [Plan['heating'], number, number];
      drop = startRanges({ input, minutes: holdS / 60, lead, runs: RUNS }, (answer) =>
        setKnown({ key, answer }),
      );
    }, CALM_MS);
    return () => {
      clearTimeout(timer);
      drop?.();
    };
  }, [key]);
  return known?.key === key ? known.answer : null;
}
