import {
  clockMoveFor,
  cookTime,
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

/**
 * The same by the cook's own clock, which a simulated kitchen may make run faster than the wall's. `seen` is how many events the
 * screen had when it was tapped: what another tab has told in the meantime, word for word, is the same tap and counts once.
 */
export async function recordAt(
  cookId: string,
  at: number,
  payloads: readonly EventPayload[],
  seen?: number,
): Promise<void> {
  await db.transaction('rw', db.events, async () => {
    const last = await db.events.where('[cookId+seq]').between([cookId, -1], [cookId, Infinity]).last();
    const from = (last?.seq ?? -1) + 1;
    const meanwhile =
      seen === undefined || seen >= from
        ? []
        : await db.events.where('[cookId+seq]').between([cookId, seen], [cookId, Infinity]).toArray();
    const told = new Set(meanwhile.map((e) => wordsOf(e)));
    const fresh = payloads.filter((payload) => !told.has(wordsOf(payload)));
    await db.events.bulkAdd(
      fresh.map((payload, i) => ({
        id: freshId(),
        cookId,
        at: Math.round(at),
        seq: from + i,
        ...payload,
      })),
    );
  });
}

/** A second tab that saw the same clock being set tells it within this time, ms. */
const SAME_MOVE_MS = 15_000;

/** Tells every running cook that the wall's clock was set, once however many tabs saw it. Returns how many cooks it concerns. */
export async function clockWasSet(byMs: number): Promise<number> {
  return db.transaction('rw', db.events, async () => {
    const now = Date.now();
    const recent = await db.events
      .where('at')
      .above(now - Math.abs(byMs) - 36 * 3_600_000)
      .toArray();
    let told = 0;
    for (const cookId of new Set(recent.map((e) => e.cookId))) {
      const events = await db.events.where('cookId').equals(cookId).toArray();
      const state = foldCook(events);
      const move = state.status === 'cooking' ? clockMoveFor(state, byMs) : null;
      const isTold = events.some(
        (e) =>
          e.type === 'clockMoved' &&
          Math.abs(e.byMs - byMs) < SAME_MOVE_MS &&
          Math.abs(e.at - cookTime(state.clock, now)) < SAME_MOVE_MS,
      );
      if (!move || isTold) continue;
      await recordAt(cookId, cookTime(state.clock, now), [move]);
      told++;
    }
    return told;
  });
}

/** What an event says, without who and when. */
function wordsOf(event: EventPayload | CookEvent): string {
  const { id: _id, cookId: _cook, at: _at, seq: _seq, ...payload } = event as CookEvent;
  return JSON.stringify(payload, Object.keys(payload).sort());
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

/** Cooks that are being begun, by dish: two quick taps begin one. */
const beginning = new Map<string, Promise<string>>();

/**
 * Begins a cook of a planned dish and returns its identity; tapped again meanwhile, the same one. `overruled` names the findings
 * that said stop and were cooked all the same.
 */
export function startCook(plan: Plan, overruled: readonly string[] = []): Promise<string> {
  const dishId = plan.dish.id;
  const begun = beginning.get(dishId) ?? begin(plan, overruled).finally(() => beginning.delete(dishId));
  beginning.set(dishId, begun);
  return begun;
}

async function begin(plan: Plan, overruled: readonly string[]): Promise<string> {
  const cookId = freshId();
  await record(
    cookId,
    {
      type: 'started',
      dish: plan.dish,
      potId: plan.pot.id,
      potName: plan.pot.name,
      forecast: forecastOf(plan),
    },
    ...overruled.map((text): EventPayload => ({ type: 'overruled', text: text.slice(0, 300) })),
  );
  // A version that finds no room must not keep the cook from beginning.
  await keepRevision(plan.dish, 'cooked').catch(() => null);
  return cookId;
}

/** Takes back the last tap of a cook, all that it meant, but never the start. */
export async function undoLast(cookId: string): Promise<void> {
  const events = await db.events.where('cookId').equals(cookId).toArray();
  const byId = new Map(events.map((e) => [e.id, e]));
  const isStart = (id: string): boolean => ['started', 'overruled'].includes(byId.get(id)?.type ?? '');
  const applied = foldCook(events).applied.filter((id) => !isStart(id));
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
