import {
  foldCook,
  forecastOf,
  type CookEvent,
  type CookState,
  type EventPayload,
  type Plan,
} from '../../core/index';
import { db } from './db';
import { freshId } from './dishes';
import { keepRevision } from './revisions';

/**
 * Writes what one tap means: one event or several that share a moment. The sequence is given inside the transaction, so two
 * tabs never share one, and either all of them are kept or none.
 */
export async function record(cookId: string, ...payloads: EventPayload[]): Promise<void> {
  return recordAt(cookId, Date.now(), payloads);
}

/** The same by the cook's own clock, which a simulated kitchen may make run faster than the wall's. */
export async function recordAt(cookId: string, at: number, payloads: readonly EventPayload[]): Promise<void> {
  await db.transaction('rw', db.events, async () => {
    const last = await db.events.where('[cookId+seq]').between([cookId, -1], [cookId, Infinity]).last();
    const from = (last?.seq ?? -1) + 1;
    await db.events.bulkAdd(
      payloads.map((payload, i) => ({
        id: freshId(),
        cookId,
        at: Math.round(at),
        seq: from + i,
        ...payload,
      })),
    );
  });
}

/**
 * Writes what `decide` says about the cook as it stands in the database: read and written in one transaction, so that two tabs
 * that hear the same device never tell the same thing twice.
 */
export async function recordFrom(
  cookId: string,
  at: (state: CookState) => number,
  decide: (state: CookState) => readonly EventPayload[],
): Promise<void> {
  await db.transaction('rw', db.events, async () => {
    const state = foldCook(await db.events.where('cookId').equals(cookId).toArray());
    const payloads = decide(state);
    if (payloads.length) await recordAt(cookId, at(state), payloads);
  });
}

/** Begins a cook of a planned dish and returns its identity. */
export async function startCook(plan: Plan): Promise<string> {
  const cookId = freshId();
  await record(cookId, {
    type: 'started',
    dish: plan.dish,
    potId: plan.pot.id,
    potName: plan.pot.name,
    forecast: forecastOf(plan),
  });
  await keepRevision(plan.dish, 'cooked');
  return cookId;
}

/** Takes back the last tap of a cook, all that it meant, but never the start. */
export async function undoLast(cookId: string): Promise<void> {
  const events = await db.events.where('cookId').equals(cookId).toArray();
  const applied = foldCook(events).applied.slice(1);
  const byId = new Map(events.map((e) => [e.id, e]));
  const at = byId.get(applied.at(-1) ?? '')?.at;
  const tap = applied.filter((id) => byId.get(id)?.at === at);
  if (tap.length) await record(cookId, ...tap.map((eventId): EventPayload => ({ type: 'undone', eventId })));
}

/** Removes a cook with all its events; what it returns puts it back. */
export async function removeCook(cookId: string): Promise<() => Promise<void>> {
  const events = await db.events.where('cookId').equals(cookId).toArray();
  const readings = await db.readings.where('cookId').equals(cookId).toArray();
  const photo = await db.photos.get(cookId);
  await db.transaction('rw', [db.events, db.readings, db.photos], async () => {
    await db.events.where('cookId').equals(cookId).delete();
    await db.readings.where('cookId').equals(cookId).delete();
    await db.photos.delete(cookId);
  });
  return async () => {
    await db.transaction('rw', [db.events, db.readings, db.photos], async () => {
      await db.events.bulkPut(events);
      await db.readings.bulkPut(readings);
      if (photo) await db.photos.put(photo);
    });
  };
}

/** Folds a flat list of events into cooks, newest first. */
export function foldAll(events: readonly CookEvent[]): CookState[] {
  const byCook = new Map<string, CookEvent[]>();
  for (const e of events) {
    const list = byCook.get(e.cookId);
    if (list) list.push(e);
    else byCook.set(e.cookId, [e]);
  }
  return [...byCook.values()]
    .map(foldCook)
    .filter((c) => c.status !== 'none')
    .sort((a, b) => b.startedAt - a.startedAt);
}
