import { useLiveQuery } from 'dexie-react-hooks';
import { useMemo } from 'react';
import {
  calibrate,
  foldCook,
  planDish,
  potFor,
  type Calibration,
  type CookState,
  type Dish,
  type Kitchen,
  type Plan,
} from '../../core/index';
import { foldAll } from './cooks';
import { db } from './db';

/** The kitchen, live; undefined while it is being read. */
export function useKitchen(): Kitchen | undefined {
  return useLiveQuery(() => db.kitchen.get('home'));
}

/** One dish, live: undefined while it is being read, null when there is none. */
export function useDish(dishId: string): Dish | null | undefined {
  return useLiveQuery(async () => (await db.dishes.get(dishId)) ?? null, [dishId]);
}

/** All dishes, live. */
export function useDishes(): Dish[] | undefined {
  return useLiveQuery(() => db.dishes.toArray());
}

/** Every cook, newest first, live. */
export function useCooks(): CookState[] | undefined {
  const events = useLiveQuery(() => db.events.toArray());
  return useMemo(() => events && foldAll(events), [events]);
}

/** One cook, live: undefined while it is being read, null when there is none. */
export function useCook(cookId: string): CookState | null | undefined {
  const events = useLiveQuery(() => db.events.where('cookId').equals(cookId).toArray(), [cookId]);
  return useMemo(() => {
    if (!events) return undefined;
    const state = foldCook(events);
    return state.status === 'none' ? null : state;
  }, [events]);
}

/** What the cooks have taught about each pot. */
export function useCalibrations(kitchen: Kitchen | undefined): Map<string, Calibration> | undefined {
  const cooks = useCooks();
  return useMemo(
    () =>
      cooks &&
      kitchen &&
      new Map(kitchen.pots.map((p) => [p.id, calibrate(cooks, p.id, kitchen.spoonRatios)])),
    [cooks, kitchen],
  );
}

/** The plan of a dish in the kitchen as it is, with what the log has learned. */
export function usePlan(dish: Dish | null | undefined, kitchen: Kitchen | undefined): Plan | undefined {
  const calibrations = useCalibrations(kitchen);
  return useMemo(() => {
    if (!dish || !kitchen || !calibrations) return undefined;
    const calibration = calibrations.get(potFor(dish, kitchen).id);
    return planDish(dish, kitchen, calibration ? { calibration } : {});
  }, [dish, kitchen, calibrations]);
}
