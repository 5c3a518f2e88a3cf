import fc from 'fast-check';
import { emptyDish } from '../dish/dish';
import { defaultKitchen } from '../kitchen/kitchen';
import { planDish } from '../plan/plan';
import { cookTime, foldCook, foldOn, liveTimers, orderEvents, secondsLeft } from './cook';
import { CookEventSchema, type CookEvent, type EventPayload } from './events';
import { holdAdvice, liveAsk, planAsItWent, probesOf, restAsItWent, type HoldAdvice } from './asItWent';
import type { Reading } from './protocol';
import { forecastOf, liveForecast } from './forecast';
import { potNow } from './phase';
import { eventsForStep } from './tap';

const dish = {
  ...emptyDish('d', 'Test', 0),
  lines: ['800 g chicken thighs', '400 ml stock', '2 onions', '1 tbsp oil'].map((text, i) => ({
    id: `l${i}`,
    text,
  })),
};
const plan = planDish(dish, defaultKitchen());
const started: EventPayload = {
  type: 'started',
  dish,
  potId: 'p',
  potName: 'Pot',
  forecast: forecastOf(plan),
};
const MIN = 60_000;

function events(...list: [number, EventPayload][]): CookEvent[] {
  return [[0, started] as [number, EventPayload], ...list].map(
    ([at, payload], seq) => ({ id: `e${seq}`, cookId: 'c', seq, at, ...payload }) as CookEvent,
  );
}

const arbPayload: fc.Arbitrary<EventPayload> = fc.oneof(
  fc
    .constantFrom(...plan.steps.map((s) => s.id))
    .map((stepId): EventPayload => ({ type: 'stepDone', stepId })),
  fc
    .constantFrom(...plan.steps.map((s) => s.id))
    .map((stepId): EventPayload => ({ type: 'wentBack', stepId })),
  fc
    .integer({ min: 0, max: 4 })
    .map((n): EventPayload => ({ type: 'timerStarted', timerId: `t${n}`, name: 'T', seconds: 60 + n })),
  fc.integer({ min: 0, max: 4 }).map((n): EventPayload => ({ type: 'timerStopped', timerId: `t${n}` })),
  fc.constantFrom<EventPayload>(
    { type: 'sealed' },
    { type: 'pressureReached' },
    { type: 'holdEnded' },
    { type: 'pinDown' },
    { type: 'served' },
    { type: 'paused' },
    { type: 'resumed' },
    { type: 'addedEarly', lineId: 'l1', name: 'stock', harm: 'x' },
    { type: 'plugged', kitchenId: 'sim-1', name: 'K', speed: 60, simulated: true, wallAt: 5000 },
    { type: 'unplugged', wallAt: 9000 },
    { type: 'finished' },
  ),
  fc.integer({ min: 0, max: 20 }).map((n): EventPayload => ({ type: 'undone', eventId: `e${n}` })),
);
const arbEvents = fc
  .array(arbPayload, { maxLength: 30 })
  .map((list) => events(...list.map((p, i): [number, EventPayload] => [(i + 1) * 1000, p])));

describe('folding a cook', () => {
  it('is the same in any order and with any duplicates', () => {
    fc.assert(
      fc.property(arbEvents, fc.integer(), (list, seed) => {
        const shuffled = [...list, ...list.slice(0, 5)].sort(
          (a, b) => ((a.seq * 7919 + seed) % 13) - ((b.seq * 7919 + seed) % 13),
        );
        expect(foldCook(shuffled)).toEqual(foldCook(list));
      }),
    );
  });

  it('writes events that its own schema reads back', () => {
    fc.assert(
      fc.property(arbEvents, (list) =>
        list.forEach((e) => expect(CookEventSchema.parse(JSON.parse(JSON.stringify(e)))).toEqual(e)),
      ),
    );
  });

  it('no step is done twice, and the first time counts', () => {
    const s = foldCook(
      events([1000, { type: 'stepDone', stepId: 'prep' }], [9000, { type: 'stepDone', stepId: 'prep' }]),
    );
    expect(s.done['prep']?.at).toBe(1000);
    expect(s.applied).toHaveLength(2);
  });

  it('undo takes back exactly one event', () => {
    const list = events([1000, { type: 'stepDone', stepId: 'prep' }], [2000, { type: 'sealed' }]);
    const undone = [
      ...list,
      { id: 'u', cookId: 'c', seq: 9, at: 3000, type: 'undone', eventId: 'e2' } as CookEvent,
    ];
    expect(foldCook(undone).sealedAt).toBeNull();
    expect(foldCook(undone).done['prep']).toBeDefined();
    expect(foldCook(undone)).toEqual(foldCook(list.slice(0, 2)));
  });

  it('keeps order by sequence even when a clock jumps back', () => {
    const list = events([5000, { type: 'sealed' }], [4000, { type: 'pressureReached' }]);
    expect(orderEvents([...list].reverse()).map((e) => e.type)).toEqual([
      'started',
      'sealed',
      'pressureReached',
    ]);
  });

  it('remembers what was stirred in', () => {
    const s = foldCook(
      events(
        [1, { type: 'sauceMeasured', sauceG: 800, how: 'jug', aim: 'gravy', presentPercent: 0.4 }],
        [2, { type: 'thickened', thickener: 'cornstarch', starchG: 12, waterG: 22 }],
        [3, { type: 'thickened', thickener: 'cornstarch', starchG: 6, waterG: 11 }],
      ),
    );
    expect(s.sauce).toMatchObject({ starchG: 18, waterG: 33 });
  });
});

it('remembers which thickener was chosen at the bench', () => {
  const s = foldCook(
    events([
      1,
      {
        type: 'sauceMeasured',
        sauceG: 800,
        how: 'jug',
        aim: 'gravy',
        presentPercent: 0,
        thickener: 'xanthan',
        laterG: 90,
      },
    ]),
  );
  expect(s.sauce?.chosen).toEqual({ thickener: 'xanthan', laterG: 90 });
});

describe('laws of the fold', () => {
  it('any prefix, and then the rest, is the whole', () => {
    fc.assert(
      fc.property(arbEvents, fc.nat({ max: 30 }), (list, cut) => {
        const plain = list.filter((e) => e.type !== 'undone');
        const state = foldOn(foldCook(plain.slice(0, cut)), orderEvents(plain.slice(cut)));
        expect(state).toEqual(foldCook(plain));
      }),
    );
  });

  it('every kind of event passes its schema and comes back from a file as it was', () => {
    fc.assert(
      fc.property(arbEvents, (list) => {
        for (const e of list) expect(CookEventSchema.parse(JSON.parse(JSON.stringify(e)))).toEqual(e);
      }),
      { numRuns: 30 },
    );
  });
});

describe('the cook’s own clock', () => {
  const plugged: [number, EventPayload] = [
    10 * MIN,
    { type: 'plugged', kitchenId: 'sim-1', name: 'K', speed: 60, simulated: true, wallAt: 2_000_000 },
  ];
  it('is the wall’s, until a simulated kitchen makes it run faster, and goes on from there without a jump', () => {
    expect(cookTime(null, 123)).toBe(123);
    const fast = foldCook(events(plugged));
    expect(cookTime(fast.clock, 2_000_000)).toBe(10 * MIN);
    expect(cookTime(fast.clock, 2_010_000)).toBe(10 * MIN + 600_000);
    expect(fast.isSimulated).toBe(true);
    const slow = foldCook(events(plugged, [20 * MIN, { type: 'unplugged', wallAt: 2_010_000 }]));
    expect(cookTime(slow.clock, 2_010_000)).toBe(20 * MIN);
    expect(cookTime(slow.clock, 2_011_000)).toBe(20 * MIN + 1000);
    expect(slow).toMatchObject({ plugged: null, isSimulated: true });
  });

  it('a clock set back moves everything before it, and no timer gains or loses', () => {
    const at = 30 * MIN;
    const list: [number, EventPayload][] = [
      [10 * MIN, { type: 'sealed' }],
      [20 * MIN, { type: 'timerStarted', timerId: 't', name: 'Hold', seconds: 1200 }],
    ];
    const before = foldCook(events(...list));
    const back = 3_600_000;
    const after = foldCook(events(...list, [at - back, { type: 'clockMoved', byMs: -back }]));
    expect(secondsLeft(after.timers[0]!, at - back)).toBe(secondsLeft(before.timers[0]!, at));
    expect(after.sealedAt! - after.startedAt).toBe(before.sealedAt! - before.startedAt);
  });

  it('a pause holds the step and is given back', () => {
    const s = foldCook(events([MIN, { type: 'paused' }]));
    expect(s.pausedAt).toBe(MIN);
    const early = liveForecast(plan, s, 2 * MIN).tableAt.mid - 2 * MIN;
    const late = liveForecast(plan, s, 30 * MIN).tableAt.mid - 30 * MIN;
    expect(late).toBeCloseTo(early, -2);
    expect(foldCook(events([MIN, { type: 'paused' }], [2 * MIN, { type: 'resumed' }])).pausedAt).toBeNull();
  });

  it('a temperature is kept with what it was measured in', () => {
    const s = foldCook(events([1, { type: 'coreMeasured', tempC: 71, where: 'sausage' }]));
    expect(s).toMatchObject({ coreC: 71, coreWhere: 'sausage' });
    expect(foldCook(events([1, { type: 'coreMeasured', tempC: 71 }])).coreWhere).toBe('');
  });

  it('what went in early is kept once', () => {
    const e: EventPayload = { type: 'addedEarly', lineId: 'l1', name: 'cream', harm: 'It splits.' };
    expect(foldCook(events([1, e], [2, e])).early).toHaveLength(1);
  });
});

describe('timers', () => {
  it('are true by the wall clock, whatever happened to the page', () => {
    const s = foldCook(
      events([10 * MIN, { type: 'timerStarted', timerId: 't', name: 'Hold', seconds: 480 }]),
    );
    expect(secondsLeft(s.timers[0]!, 13 * MIN)).toBe(300);
    expect(secondsLeft(s.timers[0]!, 20 * MIN)).toBe(-120);
    expect(liveTimers(s, 20 * MIN)).toHaveLength(1);
  });
  it('fall silent when heard or stopped', () => {
    const base: [number, EventPayload] = [
      0,
      { type: 'timerStarted', timerId: 't', name: 'Hold', seconds: 60 },
    ];
    expect(
      liveTimers(foldCook(events(base, [61_000, { type: 'timerHeard', timerId: 't' }])), 62_000),
    ).toEqual([]);
    expect(liveTimers(foldCook(events(base, [1000, { type: 'timerStopped', timerId: 't' }])), 2000)).toEqual(
      [],
    );
    expect(
      liveTimers(foldCook(events(base, [1000, { type: 'timerAdded', timerId: 't', seconds: 60 }])), 90_000),
    ).toHaveLength(1);
  });
});

describe('the live forecast', () => {
  it('never lies in the past and is in order', () => {
    fc.assert(
      fc.property(arbEvents, fc.integer({ min: 0, max: 300 }), (list, minutes) => {
        const now = 40_000 + minutes * MIN;
        const f = liveForecast(plan, foldCook(list), now);
        expect(f.tableAt.low).toBeGreaterThanOrEqual(now);
        expect(f.tableAt.low).toBeLessThanOrEqual(f.tableAt.mid);
        expect(f.tableAt.mid).toBeLessThanOrEqual(f.tableAt.high);
      }),
    );
  });

  it('moves when pressure comes late, and says why', () => {
    const before = ['prep', 'sear', 'soften', 'deglaze', 'load', 'seal'].map(
      (stepId, i): [number, EventPayload] => [i * MIN, { type: 'stepDone', stepId }],
    );
    const sealedAt = 6 * MIN;
    const lateMs = plan.heat.comeUpS.mid * 1000 + 5 * MIN;
    const s = foldCook(
      events(
        ...before,
        [sealedAt, { type: 'sealed' }],
        [sealedAt + lateMs, { type: 'pressureReached' }],
        [sealedAt + lateMs, { type: 'stepDone', stepId: 'up' }],
      ),
    );
    expect(liveForecast(plan, s, sealedAt + lateMs + 1000).reason).toBe('Pressure came 5 min late.');
  });

  it('starts where the plan stands', () => {
    const f = liveForecast(plan, foldCook(events()), 0);
    expect(f.current?.id).toBe('prep');
    expect(f.tableAt.mid / 1000).toBeCloseTo(plan.timing.totalS.mid, 0);
  });
});

describe('where the pot stands', () => {
  const stepOf = (p: typeof plan, id: string) => p.steps.find((s) => s.id === id)!;
  /** Taps through the steps of a plan; after each, where the pot stands. */
  const walk = (p: typeof plan) => {
    let list: CookEvent[] = events();
    const seen: Record<string, ReturnType<typeof potNow>> = {};
    for (const s of p.steps) {
      seen[s.id] = potNow(p, foldCook(list));
      const more = eventsForStep(s, p, foldCook(list), { how: 'done' });
      list = [
        ...list,
        ...more.map(
          (payload, i) =>
            ({
              id: `w${list.length + i}`,
              cookId: 'c',
              seq: list.length + i,
              at: (list.length + i) * 1000,
              ...payload,
            }) as CookEvent,
        ),
      ];
    }
    return seen;
  };

  it('is told at each step by one function', () => {
    const seen = walk(plan);
    expect(seen['seal']).toEqual({ phase: 'open', isLocked: false, mayAdd: false });
    expect(seen['up']).toEqual({ phase: 'closed', isLocked: true, mayAdd: false });
    expect(seen['hold']).toEqual({ phase: 'pressure', isLocked: true, mayAdd: false });
    expect(seen['release']).toEqual({ phase: 'coming-down', isLocked: true, mayAdd: false });
    expect(seen['open']).toEqual({ phase: 'open', isLocked: false, mayAdd: true });
  });

  it('keeps the tray locked and the trouble buttons there through a second run under pressure', () => {
    const again = planDish(
      {
        ...dish,
        lines: [
          ...dish.lines,
          { id: 'p', text: '400 g potatoes, in 3 cm pieces', later: true, moment: 'lid' as const },
        ],
      },
      defaultKitchen(),
    );
    expect(again.heat.second?.then).toBe('pressure');
    const seen = walk(again);
    expect(seen['open-between']).toMatchObject({ phase: 'open', mayAdd: false });
    expect(seen['again']).toMatchObject({ isLocked: true, mayAdd: false });
    expect(seen['again-release']).toEqual({ phase: 'coming-down', isLocked: true, mayAdd: false });
    expect(seen['open']).toEqual({ phase: 'open', isLocked: false, mayAdd: true });
  });

  it('is open until all that is done between two lids is done', () => {
    const between = planDish(
      {
        ...emptyDish('two', 'Broth', 0),
        lines: ['700 g neck of lamb', '1.2 l water', '3 carrots, diced', '1 onion'].map((text, i) => ({
          id: `b${i}`,
          text,
        })),
        method:
          'Put the lamb, onion and water in the cooker. High pressure 25 minutes, quick release. Take out the meat, strip off the bones and put it back in. Add the carrots, lid on, high pressure 5 minutes. Let it drop by itself.',
      },
      defaultKitchen(),
    );
    const seen = walk(between);
    const again = between.steps.filter((s) => s.phase === 'again').map((s) => s.id);
    const closes = again.indexOf('again');
    expect(closes).toBeGreaterThan(2);
    for (const id of again.slice(0, closes)) expect([id, seen[id]?.phase]).toEqual([id, 'open']);
    expect(seen['again']?.phase).toBe('closed');
    expect(again.slice(0, closes).every((id) => seen[id]?.mayAdd === false)).toBe(true);
  });

  it('does not believe a tap of the pot that was taken back', () => {
    const tap = (list: CookEvent[], id: string): CookEvent[] => [
      ...list,
      ...eventsForStep(stepOf(plan, id), plan, foldCook(list), { how: 'done' }).map(
        (payload, i) =>
          ({
            id: `t${list.length + i}`,
            cookId: 'c',
            seq: list.length + i,
            at: 1000 * (list.length + i),
            ...payload,
          }) as CookEvent,
      ),
    ];
    let list = events();
    for (const id of ['seal', 'up', 'hold', 'release']) list = tap(list, id);
    expect(potNow(plan, foldCook(list)).mayAdd).toBe(true);
    const back = (stepId: string): CookEvent =>
      ({
        id: `b-${stepId}`,
        cookId: 'c',
        seq: list.length + 1,
        at: 1e6,
        type: 'wentBack',
        stepId,
      }) as CookEvent;
    expect(potNow(plan, foldCook([...list, back('release')]))).toEqual({
      phase: 'coming-down',
      isLocked: true,
      mayAdd: false,
    });
    expect(foldCook([...list, back('up')]).timers.some((t) => t.id === 'hold')).toBe(false);
  });

  it('agrees with the lock for any sequence of taps: nothing may be added while it is locked', () => {
    fc.assert(
      fc.property(arbEvents, (list) => {
        const now = potNow(plan, foldCook(list));
        expect(now.isLocked && now.mayAdd).toBe(false);
      }),
    );
  });
});

describe('pressure that came at another time than forecast', () => {
  const up = plan.heat.comeUpS.mid;
  const at = (seconds: number): ReturnType<typeof foldCook> =>
    foldCook(
      events([MIN, { type: 'sealed' }], [MIN + Math.round(seconds * 1000), { type: 'pressureReached' }]),
    );

  const PRESSED = MIN + 60_000;
  /** What is advised as soon as pressure is told, or `laterMin` minutes after. */
  const advised = (state: ReturnType<typeof foldCook>, laterMin = 0, probes: readonly Reading[] = []) => {
    const now = (state.pressureAt ?? PRESSED) + laterMin * MIN;
    const ask = liveAsk(plan, state, probesOf(probes, plan), now)!;
    return holdAdvice(plan, state, restAsItWent(ask), now);
  };
  const minutesOf = (advice: HoldAdvice | null): number => (advice?.seconds ?? plan.heat.holdS) / 60;

  it('early asks for a longer hold, with the reason, and the core is forecast from there', () => {
    const advice = advised(at(60))!;
    expect(advice.seconds).toBeGreaterThan(plan.heat.holdS);
    expect(advice.sentence).toMatch(/came \d+ min early, so the pieces are cooler: hold \d+ min, not \d+/);
    const went = planAsItWent(plan, defaultKitchen(), at(60));
    expect(went.heat.coreAtOpenC!).toBeLessThan(plan.heat.coreAtOpenC!);
  });

  it('earlier never asks for fewer minutes, later never for fewer than the floor', () => {
    const minutes = [0.1, 0.4, 0.7, 1, 1.5, 2.5].map((x) => minutesOf(advised(at(up * x))));
    expect([...minutes].sort((a, b) => b - a)).toEqual(minutes);
    expect(Math.min(...minutes)).toBeGreaterThanOrEqual(plan.meat[0]!.cut.floorMin);
  });

  it('a late one is never cut below what was held already', () => {
    const state = at(up * 2.5);
    for (const held of [0, 1, 2, 4]) {
      const advice = advised(state, held);
      if (advice) expect(advice.seconds / 60).toBeGreaterThanOrEqual(held);
    }
  });

  it('minutes that the cook chose are only ever lengthened', () => {
    const own = planDish({ ...dish, settings: { ...dish.settings, minutes: 25 } }, defaultKitchen());
    const state = at(up * 3);
    const ask = liveAsk(own, state, [], state.pressureAt!)!;
    expect(holdAdvice(own, state, restAsItWent(ask), state.pressureAt!)).toBeNull();
  });

  it('a probe that reads colder asks for more minutes, and says that it was the probe; one that reads hot takes none off', () => {
    const readings = (tempC: number): Reading[] => [
      {
        kind: 'cooker',
        seq: 1,
        timeS: 0,
        stage: 'heating',
        display: '',
        pinUp: false,
        valve: 'sealed',
        powerW: 1000,
        gaugeKPa: 0,
        heldS: 0,
      },
      {
        kind: 'cooker',
        seq: 2,
        timeS: up,
        stage: 'holding',
        display: '',
        pinUp: true,
        valve: 'sealed',
        powerW: 0,
        gaugeKPa: 70,
        heldS: 0,
      },
      { kind: 'probe', seq: 1, timeS: up + 3, tempC },
    ];
    const cold = advised(at(up), 0, readings(15))!;
    expect(cold.seconds).toBeGreaterThan(plan.heat.holdS);
    expect(cold.sentence).toMatch(/^The probe reads colder/);
    expect(minutesOf(advised(at(up), 0, readings(112)))).toBe(plan.heat.holdS / 60);
    expect(minutesOf(advised(at(up * 1.6), 0, readings(112)))).toBeGreaterThanOrEqual(
      minutesOf(advised(at(up * 1.6))),
    );
  });

  it('asks nothing before the lid, before anything is late, and after the pin is down', () => {
    const open = foldCook(events());
    expect(liveAsk(plan, open, [], MIN)).toBeNull();
    const closed = foldCook(events([MIN, { type: 'sealed' }]));
    expect(liveAsk(plan, closed, [], 2 * MIN)).toBeNull();
    const late = liveAsk(plan, closed, [], MIN + up * 1500)!;
    expect(late.happened.comeUp).toMatchObject({ isOver: false });
    expect(restAsItWent(late).comeUpS.mid).toBeGreaterThan(late.happened.comeUp!.seconds);
    expect(liveAsk(plan, { ...at(up), holdEndedAt: 30 * MIN, pinDownAt: 40 * MIN }, [], 41 * MIN)).toBeNull();
  });

  it('as forecast asks for nothing, and what was decided is asked once', () => {
    expect(advised(at(up))).toBeNull();
    expect(advised({ ...at(60), holdS: 600 })).toBeNull();
    expect(holdAdvice(plan, at(60), null, PRESSED)).toBeNull();
    expect(
      foldCook(
        events(
          [MIN, { type: 'sealed' }],
          [2 * MIN, { type: 'pressureReached' }],
          [2 * MIN, { type: 'holdSet', seconds: 540, reason: 'early' }],
        ),
      ).holdS,
    ).toBe(540);
  });
});
