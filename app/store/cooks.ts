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
  const at = Date.now();
  await db.transaction('rw', db.events, async () => {
    const last = await db.events.where('[cookId+seq]').between([cookId, -1], [cookId, Infinity]).last();
    const from = (last?.seq ?? -1) + 1;
    await db.events.bulkAdd(
      payloads.map((payload, i) => ({ id: freshId(), cookId, at, seq: from + i, ...payload })),
    );
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
  await db.events.where('cookId').equals(cookId).delete();
  return async () => {
    await db.events.bulkPut(events);
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
