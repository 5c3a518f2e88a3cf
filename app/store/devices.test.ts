/** @jest-environment node */
import 'fake-indexeddb/auto';
import {
  defaultKitchen,
  emptyDish,
  eventsOf,
  foldCook,
  planDish,
  type CookerReading,
  type Reading,
} from '../../core/index';
import { recordAt, recordFrom, removeCook, startCook } from './cooks';
import { db } from './db';
import { allReadings, keep, listen, makeKitchen, tellCooker } from './devices';
import { startEmpty } from './backup';
import { cooker, FakeSource } from '../testing/source';
import { changeKitchen, rememberSpoon } from './household';

const probe = (seq: number): string =>
  JSON.stringify({ kind: 'probe', seq, timeS: seq * 6, tempC: 20 + seq });
const dish = {
  ...emptyDish('d1', 'Test', 0),
  lines: [
    { id: 'a', text: '1 kg beef chuck, in 4 cm cubes' },
    { id: 'b', text: '400 ml stock' },
  ],
};
const plan = planDish(dish, defaultKitchen());
const stateOf = async (cookId: string) => foldCook(await db.events.where('cookId').equals(cookId).toArray());

beforeEach(async () => {
  FakeSource.all.length = 0;
  (globalThis as { EventSource?: unknown }).EventSource = FakeSource;
  jest.useFakeTimers({ doNotFake: ['setImmediate', 'queueMicrotask', 'nextTick', 'performance', 'Date'] });
  await Promise.all([db.events.clear(), db.kitchen.clear(), db.readings.clear(), db.meta.clear()]);
});
afterEach(() => {
  jest.useRealTimers();
});

describe('listening to a device', () => {
  it('begins after what was kept, takes each reading once, and takes the stream up again where it broke', () => {
    const got: number[] = [];
    const states: boolean[] = [];
    const stop = listen(
      'sim-1-probe',
      4,
      (r) => got.push(r.seq),
      (on) => states.push(on),
    );
    expect(FakeSource.now.url).toBe('/api/devices/sim-1-probe/readings?after=4');
    FakeSource.now.onopen?.();
    for (const seq of [3, 4, 5, 6, 6, 5]) FakeSource.now.onmessage?.({ data: probe(seq) });
    FakeSource.now.onerror?.();
    expect(FakeSource.all[0]?.isClosed).toBe(true);
    jest.advanceTimersByTime(300);
    expect(FakeSource.all).toHaveLength(2);
    expect(FakeSource.now.url).toMatch(/after=6$/);
    FakeSource.now.onopen?.();
    for (const seq of [6, 7]) FakeSource.now.onmessage?.({ data: probe(seq) });
    expect(got).toEqual([5, 6, 7]);
    expect(states).toEqual([true, false, true]);
    stop();
    expect(FakeSource.now.isClosed).toBe(true);
  });

  it('waits longer the longer nobody answers, and stops for good when told', () => {
    const stop = listen(
      'sim-1-probe',
      0,
      () => undefined,
      () => undefined,
    );
    const opened: number[] = [];
    for (let i = 0; i < 6; i++) {
      FakeSource.now.onerror?.();
      const before = FakeSource.all.length;
      let waited = 0;
      while (FakeSource.all.length === before && waited < 20_000) {
        jest.advanceTimersByTime(100);
        waited += 100;
      }
      opened.push(waited);
    }
    expect([...opened].sort((a, b) => a - b)).toEqual(opened);
    expect(opened.at(-1)).toBeLessThanOrEqual(4000);
    FakeSource.now.onerror?.();
    stop();
    const count = FakeSource.all.length;
    jest.advanceTimersByTime(60_000);
    expect(FakeSource.all).toHaveLength(count);
  });

  it('drops nonsense and goes on', () => {
    const got: Reading[] = [];
    listen(
      'sim-1-probe',
      0,
      (r) => got.push(r),
      () => undefined,
    );
    for (const data of ['', '}{', '{"kind":"probe"}', probe(1), 'x'.repeat(9000), probe(2)])
      FakeSource.now.onmessage?.({ data });
    expect(got.map((r) => r.seq)).toEqual([1, 2]);
  });

  it('lets a flood wait: it is taken up again, and nothing of it is lost', () => {
    const got: number[] = [];
    listen(
      'sim-1-probe',
      0,
      (r) => got.push(r.seq),
      () => undefined,
    );
    const first = FakeSource.now;
    for (let seq = 1; seq <= 1000; seq++) if (!first.isClosed) first.onmessage?.({ data: probe(seq) });
    expect(first.isClosed).toBe(true);
    expect(got.length).toBeLessThan(600);
    jest.advanceTimersByTime(5000);
    expect(FakeSource.now.url).toMatch(new RegExp(`after=${got.at(-1) ?? 0}$`));
  });
});

describe('asking the server', () => {
  it('gives its refusal in its own words, and plain ones when it does not answer', async () => {
    globalThis.fetch = jest.fn(() =>
      Promise.resolve({ ok: false, json: () => Promise.resolve({ message: 'The pin is up.' }) }),
    ) as unknown as typeof fetch;
    expect(await tellCooker('sim-1', { do: 'open' })).toBe('The pin is up.');
    globalThis.fetch = jest.fn(() => Promise.reject(new Error('down'))) as unknown as typeof fetch;
    expect(await tellCooker('sim-1', { do: 'open' })).toMatch(/does not answer/);
    globalThis.fetch = jest.fn(() =>
      Promise.resolve({ ok: false, json: () => Promise.resolve({ message: 7 }) }),
    ) as unknown as typeof fetch;
    expect(await makeKitchen({ name: 'x', seed: 1, speed: 1, faults: [], load: {} as never })).toEqual({
      message: expect.stringMatching(/does not answer/) as string,
    });
  });
});

describe('what a cooker tells a cook', () => {
  const tell = (cookId: string, reading: CookerReading) =>
    recordFrom(
      cookId,
      () => 5000,
      (state) => eventsOf(reading, plan, state),
    );

  it('is told once, however many tabs hear it at the same moment', async () => {
    const cookId = await startCook(plan);
    await recordAt(cookId, 1000, [{ type: 'sealed' }, { type: 'stepDone', stepId: 'seal' }]);
    const holding = cooker(9, { stage: 'holding', pinUp: true, gaugeKPa: 75, heldS: 6 });
    await Promise.all([tell(cookId, holding), tell(cookId, holding), tell(cookId, holding)]);
    const events = await db.events.where('cookId').equals(cookId).toArray();
    expect(events.filter((e) => e.type === 'pressureReached')).toHaveLength(1);
    expect(events.filter((e) => e.type === 'timerStarted')).toHaveLength(1);
    expect((await stateOf(cookId)).done['up']).toBeDefined();
    const seqs = events.map((e) => e.seq).sort((a, b) => a - b);
    expect(seqs).toEqual(seqs.map((_, i) => i));
  });

  it('keeps each reading once, whatever order, doubling or tab it comes from', async () => {
    const cookId = await startCook(plan);
    const all = Array.from({ length: 200 }, (_, i) => cooker(i + 1));
    const mixed = [...all.slice(100), ...all.slice(0, 130), ...all.slice(50, 60)];
    await Promise.all([
      keep(cookId, 'sim-1', mixed.slice(0, 120), plan),
      keep(cookId, 'sim-1', mixed.slice(90), plan),
    ]);
    const kept = (await allReadings(cookId)).map((r) => r.seq).sort((a, b) => a - b);
    expect(kept).toEqual(all.map((r) => r.seq));
    expect(await db.readings.count()).toBe(4);
    // Another kitchen begins to count anew.
    await keep(cookId, 'sim-2', [cooker(1, { stage: 'off' })], plan);
    expect((await allReadings(cookId)).filter((r) => r.seq === 1)).toEqual([cooker(1, { stage: 'off' })]);
  });

  it('goes with the cook when it is removed, and comes back with it', async () => {
    const cookId = await startCook(plan);
    await keep(cookId, 'sim-1', [cooker(1)], plan);
    await db.photos.put({ cookId, image: new Blob(['x']) });
    const back = await removeCook(cookId);
    expect(await db.readings.count()).toBe(0);
    expect(await db.photos.count()).toBe(0);
    await back();
    expect(await db.readings.count()).toBe(1);
    expect(await db.photos.count()).toBe(1);
    await startEmpty();
    expect(await db.readings.count()).toBe(0);
  });
});

describe('what the household remembers', () => {
  it('a spoon is remembered once for each pot, the newest forty', async () => {
    await startEmpty();
    await rememberSpoon(1.25, 2.5, false);
    await rememberSpoon(2.5, 2.5, true);
    expect((await db.kitchen.get('home'))?.spoonRatios).toEqual([1]);
    for (let i = 0; i < 50; i++) await rememberSpoon(2, 2.5, false);
    expect((await db.kitchen.get('home'))?.spoonRatios).toHaveLength(40);
    await rememberSpoon(0, 2, false);
    await rememberSpoon(2, 0, false);
    expect((await db.kitchen.get('home'))?.spoonRatios).toHaveLength(40);
  });

  it('a side dish of its own has to be one', async () => {
    await startEmpty();
    const side = {
      id: 'own-1',
      name: 'Dumplings',
      tasks: [{ name: 'steam', minutes: 12, hands: false, uses: 'burner' as const, keepsMin: 5 }],
      ifWaits: '',
    };
    expect(await changeKitchen({ ownSides: [side] })).toBe(true);
    expect(await changeKitchen({ ownSides: [{ ...side, tasks: [] }] })).toBe(false);
    expect((await db.kitchen.get('home'))?.ownSides).toHaveLength(1);
    expect(await changeKitchen({ burners: 99 })).toBe(false);
    expect(await changeKitchen({ burners: 2, oven: false, ladleMl: 90 })).toBe(true);
  });
});
