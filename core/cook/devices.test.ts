import fc from 'fast-check';
import { defaultKitchen } from '../kitchen/kitchen';
import { planDish } from '../plan/plan';
import { emptyDish } from '../dish/dish';
import { foldCook } from './cook';
import { SimCooker } from './cooker';
import type { CookEvent, EventPayload } from './events';
import { Feed } from './feed';
import { forecastOf } from './forecast';
import { eventsOf, loadOf } from './plugged';
import {
  FAULTS,
  KitchenRequestSchema,
  LoadSchema,
  ReadingSchema,
  type CookerReading,
  type Fault,
} from './protocol';

const plan = planDish(
  {
    ...emptyDish('d', 'Stew', 0),
    lines: ['900 g beef chuck, in 4 cm cubes', '2 onions', '450 ml stock'].map((text, i) => ({
      id: `l${i}`,
      text,
    })),
  },
  defaultKitchen(),
);
const load = loadOf(plan);
const cookerOf = (faults: Fault[] = [], seed = 1): SimCooker => new SimCooker(load, seed, faults);
const reading = (c: SimCooker): CookerReading => c.readings(1)[0] as CookerReading;
/** Runs until a stage, or for an hour and a half. Returns the minutes. */
function until(c: SimCooker, stage: string, most = 5400): number {
  const from = c.clockS;
  while (c.stage !== stage && c.clockS - from < most) c.advance(3);
  return c.stage === stage ? (c.clockS - from) / 60 : Number.NaN;
}

describe('the simulated cooker', () => {
  it('takes the load of any plan', () => {
    expect(LoadSchema.safeParse(load).success).toBe(true);
    expect(load.contentsG).toBeGreaterThan(1400);
    expect(load.pieces.length).toBeGreaterThan(0);
  });

  it('comes up, holds what it was told, comes down by itself, near the forecast and never exactly at it', () => {
    const times = [1, 2, 3, 4].map((seed) => {
      const c = cookerOf([], seed);
      expect(c.command({ do: 'start', minutes: 20 })).toBeNull();
      const up = until(c, 'holding');
      expect(until(c, 'coming-down')).toBeCloseTo(20, 0);
      const down = until(c, 'off');
      return [up, down];
    });
    const forecast = plan.heat.comeUpS.mid / 60;
    for (const [up, down] of times) {
      expect(up! / forecast).toBeGreaterThan(0.7);
      expect(up! / forecast).toBeLessThan(1.4);
      expect(down).toBeGreaterThan(4);
    }
    expect(new Set(times.map((t) => t[0])).size).toBeGreaterThan(1);
  });

  it('is the same for the same seed, whatever the size of the advances', () => {
    const a = cookerOf([], 9);
    const b = cookerOf([], 9);
    a.command({ do: 'start', minutes: 5 });
    b.command({ do: 'start', minutes: 5 });
    for (let i = 0; i < 600; i++) a.advance(3);
    b.advance(1800);
    expect(a.readings(7)).toEqual(b.readings(7));
  });

  it('vents when told, and the lid does not turn under pressure', () => {
    const c = cookerOf();
    c.command({ do: 'start', minutes: 2 });
    until(c, 'holding');
    expect(c.command({ do: 'open' })).toMatch(/Never force/);
    expect(reading(c).pinUp).toBe(true);
    expect(c.command({ do: 'vent' })).toBeNull();
    expect(until(c, 'off')).toBeLessThan(5);
    expect(c.command({ do: 'open' })).toBeNull();
    expect(reading(c)).toMatchObject({ stage: 'open', pinUp: false });
  });

  it('a film burns until it is scraped; then it comes up', () => {
    const c = cookerOf(['film']);
    c.command({ do: 'start', minutes: 5 });
    expect(until(c, 'burn')).toBeGreaterThan(1);
    expect(c.command({ do: 'start', minutes: 5 })).toMatch(/scorched/);
    c.command({ do: 'cancel' });
    until(c, 'off');
    expect(c.command({ do: 'scrape' })).toBeNull();
    expect(c.command({ do: 'add-liquid', ml: 150 })).toBeNull();
    c.command({ do: 'start', minutes: 5 });
    expect(until(c, 'holding')).toBeGreaterThan(0);
  });

  it('with the valve open or a leaking ring there is no working pressure, and closing the valve mends the first', () => {
    const leak = cookerOf(['ring-leaks']);
    leak.command({ do: 'start', minutes: 5 });
    expect(until(leak, 'holding', 1500)).toBeNaN();
    const open = cookerOf(['valve-open']);
    open.command({ do: 'start', minutes: 5 });
    open.advance(420);
    expect(reading(open)).toMatchObject({ valve: 'open', pinUp: false });
    open.command({ do: 'seal' });
    expect(until(open, 'holding', 1500)).toBeGreaterThan(0);
  });

  it('a weak heater, a lump, little liquid, a slipped probe and a power cut each show as what they are', () => {
    const well = cookerOf();
    well.command({ do: 'start', minutes: 5 });
    const usual = until(well, 'holding');
    const weak = cookerOf(['weak-heater']);
    weak.command({ do: 'start', minutes: 5 });
    expect(until(weak, 'holding')).toBeGreaterThan(usual * 1.3);
    const lump = cookerOf(['frozen-lump']);
    lump.command({ do: 'start', minutes: 5 });
    until(lump, 'holding');
    const probe = (c: SimCooker): number => c.readings(1).find((r) => r.kind === 'probe')!.tempC;
    expect(probe(lump)).toBeLessThan(probe(well) - 20);
    const short = cookerOf(['thin-short']);
    short.command({ do: 'start', minutes: 5 });
    expect(until(short, 'burn', 2400)).toBeGreaterThan(1);
    const out = cookerOf(['probe-out']);
    out.command({ do: 'start', minutes: 5 });
    until(out, 'holding');
    expect(probe(out)).toBeGreaterThan(probe(well) + 5);
    const cut = cookerOf(['power-cut']);
    cut.command({ do: 'start', minutes: 5 });
    expect(until(cut, 'no-power')).toBeGreaterThan(1);
    expect(reading(cut).display).toBe('');
    expect(until(cut, 'holding')).toBeGreaterThan(2);
  });

  it('whatever it is told, every reading is one, and the scale never gains but by what is poured in', () => {
    const command = fc.constantFrom(
      { do: 'start', minutes: 3 } as const,
      { do: 'cancel' } as const,
      { do: 'vent' } as const,
      { do: 'seal' } as const,
      { do: 'open' } as const,
      { do: 'scrape' } as const,
    );
    fc.assert(
      fc.property(
        fc.array(fc.tuple(command, fc.integer({ min: 0, max: 400 })), { maxLength: 12 }),
        fc.subarray([...FAULTS]),
        fc.nat({ max: 500 }),
        (told, faults, seed) => {
          const c = cookerOf(faults, seed);
          let grams = Number.POSITIVE_INFINITY;
          for (const [what, seconds] of told) {
            c.command(what);
            c.advance(seconds);
            for (const r of c.readings(3)) {
              expect(ReadingSchema.safeParse(r).success).toBe(true);
              if (r.kind === 'scale') {
                expect(r.grams).toBeLessThanOrEqual(grams + 5);
                grams = Math.min(grams, r.grams);
              }
            }
          }
        },
      ),
      { numRuns: 30 },
    );
  });

  it('a request beyond a household’s limits is not taken', () => {
    const good = { name: 'x', seed: 1, speed: 60, faults: [], load };
    expect(KitchenRequestSchema.safeParse(good).success).toBe(true);
    for (const bad of [
      { ...good, speed: 1e6 },
      { ...good, faults: ['explodes'] },
      { ...good, load: { ...load, pieces: Array.from({ length: 99 }, () => load.pieces[0]) } },
      { ...good, load: { ...load, startC: Number.NaN } },
      { ...good, name: '' },
    ])
      expect(KitchenRequestSchema.safeParse(bad).success).toBe(false);
  });
});

describe('a feed', () => {
  const message = (seq: number): string => JSON.stringify({ kind: 'probe', seq, timeS: seq * 6, tempC: 20 });

  it('takes each reading once and in order, however often the connection breaks and replays', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 30 }), { maxLength: 60 }), (breaks) => {
        const feed = new Feed();
        const got: number[] = [];
        let sent = 0;
        for (const more of breaks) {
          // A connection replays everything after what was last taken, and some of it doubled.
          for (let s = Math.max(1, feed.last - 2); s <= sent + more; s++) {
            const r = feed.receive(message(s));
            if (r.kind === 'reading' || r.kind === 'gap') got.push(r.reading.seq);
          }
          sent += more;
        }
        expect(got).toEqual(Array.from({ length: got.length }, (_, i) => i + 1));
        expect(feed.missing).toBe(0);
      }),
    );
  });

  it('drops nonsense, counts it, and goes on', () => {
    const feed = new Feed();
    for (const text of [
      '',
      '{}',
      'null',
      '}{',
      '[1]',
      message(-3),
      'z'.repeat(5000),
      message(1).replace('20', '9e9'),
    ])
      expect(feed.receive(text).kind).toBe('nonsense');
    expect(feed.receive(message(1)).kind).toBe('reading');
    expect(feed.receive(message(900_000)).kind).toBe('nonsense');
    expect(feed.receive(message(2)).kind).toBe('reading');
    expect(feed.receive(message(5))).toMatchObject({ kind: 'gap', missing: 2 });
    expect(feed.nonsense).toBe(9);
  });
});

describe('a cooker in a cook', () => {
  const started: EventPayload = {
    type: 'started',
    dish: plan.dish,
    potId: plan.pot.id,
    potName: plan.pot.name,
    forecast: forecastOf(plan),
  };
  const fold = (payloads: EventPayload[]) =>
    foldCook(payloads.map((p, i): CookEvent => ({ id: `e${i}`, cookId: 'c', at: i * 1000, seq: i, ...p })));

  it('tells pressure, end of the hold and the pin, each once, by any number of readings', () => {
    const c = cookerOf();
    const payloads: EventPayload[] = [started, { type: 'sealed' }, { type: 'stepDone', stepId: 'seal' }];
    c.command({ do: 'start', minutes: plan.heat.holdS / 60 });
    for (let i = 0; i < 2000; i++) {
      c.advance(3);
      for (const again of [0, 1])
        payloads.push(...eventsOf(reading(c), plan, fold(payloads)).slice(0, again ? 0 : 99));
      if (fold(payloads).pinDownAt) break;
    }
    const types = payloads.map((p) => p.type);
    for (const t of ['pressureReached', 'holdEnded', 'pinDown'])
      expect([t, types.filter((x) => x === t).length]).toEqual([t, 1]);
    const state = fold(payloads);
    expect(Object.keys(state.done)).toEqual(expect.arrayContaining(['up', 'hold', 'release']));
    expect(eventsOf(reading(c), plan, state)).toEqual([]);
  });

  it('says nothing before the lid is closed', () => {
    const c = cookerOf();
    c.command({ do: 'start', minutes: 3 });
    until(c, 'holding');
    expect(eventsOf(reading(c), plan, fold([started]))).toEqual([]);
  });
});
