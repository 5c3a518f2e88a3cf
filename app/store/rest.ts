import { useEffect, useMemo, useState } from 'react';
import {
  cookTime,
  liveAsk,
  probesOf,
  type CookState,
  type LiveAsk,
  type LiveRest,
  type Plan,
} from '../../core/index';
import { useNow } from '../parts/now';
import { planningWorker } from '../workers/client';
import { useReadings } from './devices';

/** How often it is looked whether a stretch goes on for longer than was thought, ms. */
const LOOK_MS = 1000;

/**
 * The rest of a running cook, weighed from what it has told so far in the worker; the last answer stays until the next is there, null
 * before anything has been told.
 */
export function useRest(plan: Plan | null | undefined, state: CookState | null | undefined): LiveRest | null {
  const wall = useNow(LOOK_MS);
  const readings = useReadings(state?.plugged ? state.cookId : '');
  const probes = useMemo(() => (plan ? probesOf(readings, plan) : []), [readings, plan]);
  const ask = plan && state ? liveAsk(plan, state, probes, cookTime(state.clock, wall)) : null;
  const key = ask ? JSON.stringify(ask) : '';
  const [known, setKnown] = useState<LiveRest | null>(null);
  useEffect(() => {
    let isWanted = true;
    const told = key
      ? planningWorker().rest(JSON.parse(key) as LiveAsk)
      : Promise.resolve<LiveRest | null>(null);
    // Without an answer the cook goes on by the plan, as before.
    told.then(
      (rest) => isWanted && setKnown(rest),
      () => undefined,
    );
    return () => {
      isWanted = false;
    };
  }, [key]);
  return key ? known : null;
}
