import { useLiveQuery } from 'dexie-react-hooks';
import { useEffect, useMemo } from 'react';
import {
  calibrations,
  DishSchema,
  foldAll,
  foldCook,
  type Calibration,
  type CookState,
  type Dish,
  type Kitchen,
} from '../../core/index';
import { db } from './db';
import { seenDish } from './dishes';
import { seenKitchen, useKitchenEdits } from './kitchenEdits';
import { usePending, withPending } from './pending';

/** The kitchen, live; undefined while it is being read. */
export function useKitchen(): Kitchen | undefined {
  const edits = useKitchenEdits();
  const kept = useLiveQuery(() => db.kitchen.get('home'));
  useEffect(() => {
    if (kept) seenKitchen();
  }, [kept]);
  return useMemo(
    () => (kept && edits.length ? edits.reduce((kitchen, e) => ({ ...kitchen, ...e.part }), kept) : kept),
    [kept, edits],
  );
}

/** One dish, live: undefined while it is being read, null when there is none. */
export function useDish(dishId: string): Dish | null | undefined {
  const edits = usePending();
  const kept = useLiveQuery(async () => readRow(await db.dishes.get(dishId)) ?? null, [dishId]);
  useEffect(() => {
    if (kept) seenDish(kept);
  }, [kept]);
  // What was just typed is shown at once, and stays even where it cannot be written.
  return useMemo(() => kept && withPending(kept, edits), [kept, edits]);
}

/** A row as it should be; undefined for one that some accident left malformed, which must not break a screen. */
function readRow(row: Dish | undefined): Dish | undefined {
  return row && isReadable(row) ? row : row && DishSchema.safeParse(row).data;
}

/** True of a row that has the shape every screen relies on. Cheap: thousands are looked at at once. */
function isReadable(row: Dish): boolean {
  return (
    typeof row.name === 'string' &&
    row.plates > 0 &&
    row.writtenFor > 0 &&
    Array.isArray(row.lines) &&
    row.lines.every((l) => typeof l?.text === 'string' && typeof l.id === 'string') &&
    typeof row.settings === 'object' &&
    row.settings !== null &&
    typeof row.method === 'string' &&
    Array.isArray(row.tags) &&
    Array.isArray(row.nextTime)
  );
}

/** All dishes, live. */
export function useDishes(): Dish[] | undefined {
  return useLiveQuery(async () => (await db.dishes.toArray()).filter(isReadable));
}

/** How many dishes are too damaged to show. */
export function useDamaged(): number {
  return useLiveQuery(async () => (await db.dishes.toArray()).filter((d) => !isReadable(d)).length) ?? 0;
}

/** Every cook, newest first, live. */
export function useCooks(): CookState[] | undefined {
  const events = useLiveQuery(() => db.events.toArray());
  return useMemo(() => events && foldAll(events), [events]);
}

/** A cook as a screen shows it, and how many events it had then: what a tap on that screen had before it. */
export type SeenCook = CookState & { seen: number };

/** One cook, live: undefined while it is being read, null when there is none. */
export function useCook(cookId: string): SeenCook | null | undefined {
  const events = useLiveQuery(() => db.events.where('cookId').equals(cookId).toArray(), [cookId]);
  return useMemo(() => {
    if (!events) return undefined;
    const state = foldCook(events);
    const seen = Math.max(-1, ...events.map((e) => e.seq)) + 1;
    return state.status === 'none' ? null : { ...state, seen };
  }, [events]);
}

/** What the cooks have taught about each pot. */
export function useCalibrations(kitchen: Kitchen | undefined): Map<string, Calibration> | undefined {
  const cooks = useCooks();
  return useMemo(() => cooks && kitchen && calibrations(cooks, kitchen), [cooks, kitchen]);
}
