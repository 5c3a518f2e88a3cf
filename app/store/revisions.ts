import { useLiveQuery } from 'dexie-react-hooks';
import { isWorthKeeping, MAX_REVISIONS, type Dish, type Revision } from '../../core/index';
import { db } from './db';
import { freshId } from './dishes';

/**
 * Keeps a version of a dish under a label, unless the newest kept one reads the same. The oldest give way beyond the most
 * that are kept. Returns the version, or null when there was nothing new.
 */
export async function keepRevision(dish: Dish, label: string): Promise<Revision | null> {
  return db.transaction('rw', db.revisions, async () => {
    const kept = await db.revisions.where('dishId').equals(dish.id).sortBy('at');
    if (!isWorthKeeping(dish, kept.at(-1))) return null;
    const revision: Revision = {
      id: freshId(),
      dishId: dish.id,
      at: Date.now(),
      label: label.slice(0, 120),
      dish,
    };
    await db.revisions.add(revision);
    const tooMany = kept.length + 1 - MAX_REVISIONS;
    if (tooMany > 0) await db.revisions.bulkDelete(kept.slice(0, tooMany).map((r) => r.id));
    return revision;
  });
}

/** Kept versions of a dish, newest first, live. */
export function useRevisions(dishId: string): Revision[] | undefined {
  return useLiveQuery(
    async () => (await db.revisions.where('dishId').equals(dishId).sortBy('at')).reverse(),
    [dishId],
  );
}
