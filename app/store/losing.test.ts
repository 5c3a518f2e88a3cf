/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import '../testing/browser';
import {
  emptyDish,
  foldCook,
  planDish,
  defaultKitchen,
  readBackup,
  writeBackup,
  type Dish,
} from '../../core/index';
import { cookingNow, bringDemoBack, startEmpty } from './backup';
import { clockWasSet, record, recordAt, startCook } from './cooks';
import { db } from './db';
import { allStored, editDish, recoverJournals, seenDish } from './dishes';
import { withPending } from './pending';
import { keep, reasonOf, tryAgain } from './writes';

const dish: Dish = {
  ...emptyDish('d1', 'Stew', 1000),
  lines: [
    { id: 'l0', text: '800 g chicken thighs' },
    { id: 'l1', text: '400 ml stock' },
  ],
};
const plan = planDish(dish, defaultKitchen());
const load = async (cookId: string) => foldCook(await db.events.where('cookId').equals(cookId).toArray());

beforeEach(async () => {
  await allStored();
  await Promise.all(db.tables.map((t) => t.clear()));
  localStorage.clear();
  await db.kitchen.put({ ...defaultKitchen(), id: 'home' });
  await db.dishes.put(dish);
  seenDish(dish);
});

describe('an edit', () => {
  it('is on the screen before it is stored, and once it is stored it is not counted twice', async () => {
    const typed = editDish('d1', 'the name', (d) => ({ ...d, name: `${d.name}!` }), 'name');
    expect(withPending(dish).name).toBe('Stew!');
    await typed;
    const kept = (await db.dishes.get('d1'))!;
    expect(kept.name).toBe('Stew!');
    expect(withPending(kept).name).toBe('Stew!');
    seenDish(kept);
    expect(withPending(kept)).toBe(kept);
  });

  it('that finds no room stays on the screen, is said, and is stored when there is room', async () => {
    const full = jest.spyOn(db.dishes, 'put').mockImplementation(() => {
      throw new DOMException('no room', 'QuotaExceededError');
    });
    await editDish('d1', '7 plates', (d) => ({ ...d, plates: 7 }), 'plates');
    expect((await db.dishes.get('d1'))?.plates).toBe(4);
    expect(withPending(dish).plates).toBe(7);
    full.mockRestore();
    tryAgain();
    await allStored();
    await new Promise((resolve) => setTimeout(resolve, 0));
    await expect(db.dishes.get('d1')).resolves.toMatchObject({ plates: 7 });
  });

  it('typed just before the page went is found again, unless the dish was changed since', async () => {
    const gone = jest
      .spyOn(db, 'transaction')
      .mockImplementation((() => new Promise(() => undefined)) as never);
    void editDish('d1', 'a line', (d) => ({ ...d, note: 'a word mo' }), 'note');
    const journal = { ...localStorage };
    expect(JSON.stringify(journal)).toContain('a word mo');
    gone.mockRestore();
    expect(await recoverJournals()).toBe(1);
    expect((await db.dishes.get('d1'))?.note).toBe('a word mo');
    Object.assign(localStorage, journal);
    expect(await recoverJournals()).toBe(0);
    localStorage.setItem('keen-ladle-journal:d1', '{"base":1,"dish":{"id":"<b>"}}');
    expect(await recoverJournals()).toBe(0);
  });
});

describe('a write that fails', () => {
  it('is tried again until it is kept, and says why in a cook’s words', async () => {
    let fails = 1;
    const write = jest.fn(() => (fails-- > 0 ? Promise.reject(new Error('Quota')) : Promise.resolve(5)));
    expect(await keep('x', 'the pots', write)).toBeUndefined();
    tryAgain();
    await new Promise((resolve) => setTimeout(resolve, 0));
    expect(write).toHaveBeenCalledTimes(2);
    expect(reasonOf(new DOMException('', 'QuotaExceededError'))).toMatch(/no room/);
    expect(reasonOf(new DOMException('', 'InvalidStateError'))).toMatch(/reload/);
    expect(reasonOf('what')).toMatch(/did not take it/);
  });
});

describe('the same tap', () => {
  it('on Start cooking twice begins one cook', async () => {
    const [a, b] = await Promise.all([startCook(plan), startCook(plan)]);
    expect(a).toBe(b);
    expect(new Set((await db.events.toArray()).map((e) => e.cookId)).size).toBe(1);
  });

  it('in two tabs counts once; told again later it counts again', async () => {
    const cookId = await startCook(plan, ['Too little thin liquid']);
    expect((await load(cookId)).overruled).toEqual(['Too little thin liquid']);
    await record(cookId, {
      type: 'sauceMeasured',
      sauceG: 600,
      how: 'jug',
      aim: 'coating',
      presentPercent: 0,
    });
    const tap = { type: 'thickened', thickener: 'cornstarch', starchG: 12, waterG: 24 } as const;
    await Promise.all([recordAt(cookId, 1, [tap], 3), recordAt(cookId, 1, [tap], 3)]);
    expect((await load(cookId)).sauce).toMatchObject({ starchG: 12, doses: 1 });
    await recordAt(cookId, 2, [tap], 4);
    expect((await load(cookId)).sauce).toMatchObject({ starchG: 24, doses: 2 });
  });
});

describe('a clock that is set', () => {
  it('back and right again leaves every timer as it was, however many tabs saw it', async () => {
    const cookId = await startCook(plan);
    const at = Date.now();
    await recordAt(cookId, at, [{ type: 'timerStarted', timerId: 't', name: 'rice', seconds: 1800 }]);
    const now = jest.spyOn(Date, 'now').mockReturnValue(at - 3_600_000);
    await Promise.all([clockWasSet(-3_600_000), clockWasSet(-3_600_000)]);
    expect((await load(cookId)).timers[0]!.startedAt).toBe(at - 3_600_000);
    now.mockReturnValue(at + 5000);
    await Promise.all([clockWasSet(3_604_000), clockWasSet(3_604_000)]);
    expect(Math.abs((await load(cookId)).timers[0]!.startedAt - at)).toBeLessThan(5000);
    // Waking from sleep: the wall is right, and nothing is told.
    now.mockReturnValue(at + 7_200_000);
    expect(await clockWasSet(7_000_000)).toBe(0);
    now.mockRestore();
  });
});

describe('a backup', () => {
  it('whose events share an identity keeps them all, with a count', async () => {
    const cookId = await startCook(plan);
    for (let i = 0; i < 6; i++)
      await record(cookId, { type: 'timerStarted', timerId: `t${i}`, name: 'T', seconds: 60 + i });
    const events = (await db.events.toArray()).map((e) => ({ ...e, id: 'same' }));
    const text = writeBackup({ savedAt: 1, kitchen: defaultKitchen(), dishes: [dish], events });
    const read = readBackup(text);
    expect(read.ok && read.mended).toBe(6);
    expect(read.ok && new Set(read.backup.events.map((e) => e.id)).size).toBe(7);
    const twice = readBackup(
      writeBackup({
        savedAt: 1,
        kitchen: defaultKitchen(),
        dishes: [dish],
        events: [...events.slice(0, 1), ...events.slice(0, 1)],
      }),
    );
    expect(twice.ok && [twice.mended, twice.backup.events.length]).toEqual([0, 1]);
  });

  it('that took the place of everything can be put back, and a running cook is known before', async () => {
    await startCook(plan);
    expect(await cookingNow()).toEqual(['Stew']);
    const before = [await db.dishes.toArray(), await db.events.toArray()];
    const back = await startEmpty();
    expect(await db.dishes.count()).toBe(0);
    await back();
    expect([await db.dishes.toArray(), await db.events.toArray()]).toEqual(before);
    const demo = await bringDemoBack();
    expect(await db.dishes.count()).toBe(12);
    await demo();
    expect(await db.dishes.toArray()).toEqual(before[0]);
  });
});
