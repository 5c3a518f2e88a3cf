import { useEffect, useState } from 'react';
import type { Calibration, Dish, Kitchen, Outlook } from '../../core/index';
import { planningWorker } from '../workers/client';
import { db } from './db';
import { householdKey, outlookKey } from './outlookKey';

/** Dishes planned in one message to the worker: small enough that the first answers come at once. */
const CHUNK = 24;

/**
 * Outlooks of dishes by identity, filling as they are planned in a worker and kept for the next opening. Dishes come in the
 * order given, so what is on screen is planned first; undefined until those that were kept have been read.
 */
export function useOutlooks(
  dishes: readonly Dish[] | undefined,
  kitchen: Kitchen | undefined,
  calibrations: ReadonlyMap<string, Calibration> | undefined,
): ReadonlyMap<string, Outlook> | undefined {
  const [known, setKnown] = useState<ReadonlyMap<string, Outlook>>();
  useEffect(() => {
    if (!dishes || !kitchen || !calibrations) return;
    let isCurrent = true;
    const household = householdKey(kitchen, calibrations);
    const fill = async (): Promise<void> => {
      const kept = new Map((await db.outlooks.toArray()).map((row) => [row.dishId, row]));
      const found = new Map<string, Outlook>();
      const missing: Dish[] = [];
      for (const dish of dishes) {
        const row = kept.get(dish.id);
        if (row?.key === outlookKey(dish, household)) found.set(dish.id, row.outlook);
        else missing.push(dish);
      }
      if (!isCurrent) return;
      setKnown((before) => new Map([...(before ?? []), ...found]));
      for (let at = 0; at < missing.length && isCurrent; at += CHUNK) {
        const chunk = missing.slice(at, at + CHUNK);
        const outlooks = await planningWorker().outlooks(chunk, kitchen, calibrations);
        const rows = chunk.flatMap((dish, i) => {
          const outlook = outlooks[i];
          return outlook ? [{ dishId: dish.id, key: outlookKey(dish, household), outlook }] : [];
        });
        await db.outlooks.bulkPut(rows);
        if (isCurrent)
          setKnown(
            (before) => new Map([...(before ?? []), ...rows.map((r) => [r.dishId, r.outlook] as const)]),
          );
      }
    };
    void fill();
    return () => {
      isCurrent = false;
    };
  }, [dishes, kitchen, calibrations]);
  return known;
}
