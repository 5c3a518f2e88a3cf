/** @jest-environment node */
import 'fake-indexeddb/auto';
import {
  emptyDish,
  foldCook,
  planDish,
  defaultKitchen,
  type EventPayload,
  readRecipe,
} from '../../core/index';
import { record, removeCook, startCook, undoLast } from './cooks';
import { db } from './db';
import { editDish, removeDish, stepHistory } from './dishes';
import { createDish } from './fromPage';
import { planning } from '../workers/planning';
import { bringDemoBack, openHousehold, startEmpty } from './backup';
import { householdKey, outlookKey } from './outlookKey';
import { exportAll, openSaved } from './saving';
import { changeKitchen } from './household';
import { calibrations, foldAll, Pantry } from '../../core/index';

const dish = {
  ...emptyDish('d1', 'Test', 0),
  lines: [
    { id: 'a', text: '1 kg beef chuck' },
    { id: 'b', text: '400 ml stock' },
  ],
};
const open = (content: string | Uint8Array<ArrayBuffer>) => openSaved(new Blob([content]));

beforeEach(async () => {
  await Promise.all([
    db.dishes.clear(),
    db.kitchen.clear(),
    db.events.clear(),
    db.history.clear(),
    db.meta.clear(),
  ]);
});

describe('editing a dish', () => {
  it('is taken back and done again, by name, over several steps', async () => {
    await db.dishes.put(dish);
    await editDish('d1', 'plates', (d) => ({ ...d, plates: 6 }));
    await editDish('d1', 'name', (d) => ({ ...d, name: 'Other' }));
    expect(await stepHistory('d1', 'undo')).toBe('name');
    expect(await stepHistory('d1', 'undo')).toBe('plates');
    expect(await stepHistory('d1', 'undo')).toBeNull();
    expect(await db.dishes.get('d1')).toMatchObject({ name: 'Test', plates: 4 });
    expect(await stepHistory('d1', 'redo')).toBe('plates');
    expect(await stepHistory('d1', 'redo')).toBe('name');
    expect(await db.dishes.get('d1')).toMatchObject({ name: 'Other', plates: 6 });
  });

  it('joins keystrokes in one line into one step', async () => {
    await db.dishes.put(dish);
    for (const name of ['T', 'Te', 'Tea']) await editDish('d1', 'the name', (d) => ({ ...d, name }), 'name');
    await stepHistory('d1', 'undo');
    expect((await db.dishes.get('d1'))?.name).toBe('Test');
  });

  it('writes only the newest of many quick edits of one thing, and every edit of different things', async () => {
    await db.dishes.put(dish);
    const typed = Array.from('a whole long name').map((_, i, all) => all.slice(0, i + 1).join(''));
    await Promise.all([
      ...typed.map((name) => editDish('d1', 'the name', (d) => ({ ...d, name }), 'name')),
      editDish('d1', 'plates', (d) => ({ ...d, plates: d.plates + 1 })),
      editDish('d1', 'plates', (d) => ({ ...d, plates: d.plates + 1 })),
    ]);
    expect(await db.dishes.get('d1')).toMatchObject({ name: 'a whole long name', plates: 6 });
  });

  it('forgets what was undone once something new is done', async () => {
    await db.dishes.put(dish);
    await editDish('d1', 'plates', (d) => ({ ...d, plates: 6 }));
    await stepHistory('d1', 'undo');
    await editDish('d1', 'name', (d) => ({ ...d, name: 'New' }));
    expect(await stepHistory('d1', 'redo')).toBeNull();
  });

  it.each([
    ['Fit the lid and bring to low pressure; cook for 5 minutes. Release quickly.', 'low'],
    ['Lock the lid. Cook at high pressure for 5 minutes. Simmer on low.', 'high'],
  ])('cooks a paste at the pressure that it names: %s', async (method, pressure) => {
    const page = readRecipe(`Stew\n1 kg chicken breast\n300 ml stock\n\nMethod\n${method}`, new Pantry());
    const id = await createDish(page, '', 4, new Pantry());
    expect((await db.dishes.get(id))?.settings.pressure).toBe(pressure);
  });

  it('makes a dish of a paste, and puts a removed one back', async () => {
    const id = await createDish(
      readRecipe('Tea stew\n1 kg beef chuck\n2 onions', new Pantry()),
      '',
      4,
      new Pantry(),
    );
    const made = await db.dishes.get(id);
    expect(made).toMatchObject({ name: 'Tea stew' });
    expect(made?.lines.map((l) => l.text)).toEqual(['1 kg beef chuck', '2 onions']);
    const back = await removeDish(made!);
    expect(await db.dishes.count()).toBe(0);
    await back();
    expect(await db.dishes.get(id)).toEqual(made);
  });
});

describe('a cook in the database', () => {
  const plan = planDish(dish, defaultKitchen());
  const load = async (cookId: string) => foldCook(await db.events.where('cookId').equals(cookId).toArray());

  it('gives every event its own place, however many taps at once', async () => {
    const cookId = await startCook(plan);
    const payloads: EventPayload[] = Array.from({ length: 12 }, (_, i) => ({
      type: 'timerStarted',
      timerId: `t${i}`,
      name: 'x',
      seconds: 60,
    }));
    await Promise.all(payloads.map((p) => record(cookId, p)));
    const seqs = (await db.events.where('cookId').equals(cookId).toArray()).map((e) => e.seq);
    expect(new Set(seqs).size).toBe(13);
    expect((await load(cookId)).timers).toHaveLength(12);
  });

  it('undoes a whole tap and never the start', async () => {
    const cookId = await startCook(plan);
    await new Promise((resolve) => setTimeout(resolve, 3));
    await record(
      cookId,
      { type: 'pressureReached' },
      { type: 'stepDone', stepId: 'up' },
      { type: 'timerStarted', timerId: 'hold', name: 'Hold', seconds: 60 },
    );
    await undoLast(cookId);
    expect(await load(cookId)).toMatchObject({ pressureAt: null, timers: [], done: {}, status: 'cooking' });
    await undoLast(cookId);
    expect((await load(cookId)).status).toBe('cooking');
  });

  it('can be removed and put back', async () => {
    const cookId = await startCook(plan);
    const back = await removeCook(cookId);
    expect(foldAll(await db.events.toArray())).toEqual([]);
    await back();
    expect(foldAll(await db.events.toArray())).toHaveLength(1);
  });
});

describe('the household', () => {
  it('is seeded once, and stays empty when the cook wants it empty', async () => {
    await Promise.all([openHousehold(), openHousehold()]);
    expect(await db.dishes.count()).toBe(12);
    await startEmpty();
    await openHousehold();
    expect(await db.dishes.count()).toBe(0);
    expect((await db.kitchen.get('home'))?.pots).toHaveLength(1);
    await bringDemoBack();
    expect(await db.dishes.count()).toBe(12);
  });

  it('comes with the outlook of each of its dishes, as the worker would plan it', async () => {
    await openHousehold();
    const kitchen = await db.kitchen.get('home');
    if (!kitchen) throw new Error('no kitchen');
    const learned = calibrations(foldAll(await db.events.toArray()), kitchen);
    const rows = new Map((await db.outlooks.toArray()).map((row) => [row.dishId, row]));
    for (const dish of await db.dishes.toArray()) {
      const row = rows.get(dish.id);
      expect(row?.key).toBe(outlookKey(dish, householdKey(kitchen, learned)));
      expect(row?.outlook).toEqual(planning.outlooks([dish], kitchen, learned)[0]);
    }
    expect(rows.size).toBe(12);
  });

  it('keeps two quick changes of the kitchen, and refuses an impossible one', async () => {
    await openHousehold();
    await Promise.all([changeKitchen({ altitudeM: 900 }), changeKitchen({ roomC: 25 })]);
    expect(await db.kitchen.get('home')).toMatchObject({ altitudeM: 900, roomC: 25 });
    expect(await changeKitchen({ altitudeM: 99999 })).toBe(false);
    expect(await changeKitchen({ pots: [] })).toBe(false);
    expect(await db.kitchen.get('home')).toMatchObject({ altitudeM: 900 });
  });

  it('comes back whole from its own file, and a bad file changes nothing', async () => {
    await openHousehold();
    const bytes = await exportAll();
    const before = await db.dishes.toArray();
    const events = await db.events.toArray();
    for (const bad of ['', '{', '{"format":"x"}', bytes.slice(0, -40), bytes.slice(40)]) {
      expect((await open(bad)).ok).toBe(false);
      expect(await db.dishes.toArray()).toEqual(before);
    }
    await startEmpty();
    const opened = await open(bytes);
    expect(opened).toMatchObject({ ok: true, dishes: 12, cooks: 48, mended: 0 });
    if (opened.ok) await opened.replace();
    expect(await db.dishes.toArray()).toEqual(before);
    expect(await db.events.toArray()).toEqual(events);
  });
});
