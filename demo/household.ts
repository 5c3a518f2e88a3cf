import {
  CookEventSchema,
  forecastOf,
  KitchenSchema,
  planDish,
  POT_PRESETS,
  type CookEvent,
  type Dish,
  type EventPayload,
  type Kitchen,
  type Plan,
} from '../core/index';
import { demoDishes } from './dishes';
import { DAY_MS, type Household } from './onDay';
import { seeded } from './random';

const COOKS = 48;
/** Every so many cooks, two people eat at the hut. */
const HUT_EVERY = 7;
/** What the forecasts of this household do not know: its pot is as forecast but for a little, its starch runs a little weak. */
const HIDDEN = { comeUp: 1.02, release: 0.94, sauce: 1.08 };

const NOTES = [
  'Table 6 min late: the crossing nearly left without us.',
  'Could have fitted half as much again.',
  'Scraped properly this time, not a murmur from the pot.',
  'Mixed the slurry while it came down: no waiting.',
  'Rice started too early. Next time when the pin rises.',
  'Everyone wanted more sauce.',
  'Wind took the power for a minute, came up late.',
  '',
  '',
  '',
];

/** The ferry-house kitchen on a tidal island: three pots, two heights. */
function demoKitchen(): Kitchen {
  const preset = (id: string) => POT_PRESETS.find((p) => p.id === id);
  return KitchenSchema.parse({
    name: 'Ferry-house kitchen',
    pots: [
      { ...preset('electric-standard'), id: 'pot-ferry', name: 'Ferry-house pot, 5.7 l' },
      { ...preset('stovetop-spring'), id: 'pot-stovetop', name: 'Stovetop pot, 6 l' },
      { ...preset('electric-small'), id: 'pot-loft', name: 'Loft pot at the hut, 2.8 l', altitudeM: 1150 },
    ],
    potId: 'pot-ferry',
    altitudeM: 40,
    system: 'metric',
  });
}

/** The demo household at `now` (epoch ms), a year of cooks behind it; the same seed gives the same year. */
export function demoHousehold(now: number, seed = 20260): Household {
  const random = seeded(seed);
  const kitchen = demoKitchen();
  const dishes = demoDishes(now);
  const events: CookEvent[] = [];
  let order: Dish[] = [];
  // A dish is cooked several times a year and planned once.
  const plans = new Map<string, Plan>();
  const planOf = (dish: Dish, atHut: boolean): Plan => {
    const key = `${dish.id} ${atHut}`;
    const plan = plans.get(key) ?? planDish(dish, kitchen);
    plans.set(key, plan);
    return plan;
  };
  const normal = (): number => (random() + random() + random() + random() - 2) * 0.9;
  for (let n = 0; n < COOKS; n++) {
    if (n % dishes.length === 0) order = shuffled(dishes, random);
    const chosen = order[n % dishes.length];
    if (!chosen) continue;
    const atHut = n % HUT_EVERY === HUT_EVERY - 1;
    const dish = atHut
      ? { ...chosen, plates: 2, settings: { ...chosen.settings, potId: 'pot-loft' } }
      : chosen;
    const daysAgo = Math.round(360 - (n * 354) / COOKS + random() * 3);
    const startAt =
      Math.floor((now - daysAgo * DAY_MS) / DAY_MS) * DAY_MS + (16.6 + random() * 1.6) * 3_600_000;
    events.push(...cookOf(planOf(dish, atHut), n, Math.round(startAt), random, normal));
  }
  return { kitchen, dishes, events };
}

function shuffled<T>(list: readonly T[], random: () => number): T[] {
  return list
    .map((item) => ({ item, at: random() }))
    .sort((a, b) => a.at - b.at)
    .map(({ item }) => item);
}

function cookOf(
  plan: Plan,
  n: number,
  startAt: number,
  random: () => number,
  normal: () => number,
): CookEvent[] {
  const { dish } = plan;
  const cookId = `demo-${n}`;
  const list: CookEvent[] = [];
  let at = startAt;
  const write = (afterS: number, payload: EventPayload): void => {
    at += Math.max(0, Math.round(afterS * 1000));
    list.push(
      CookEventSchema.parse({ id: `${cookId}-${list.length}`, cookId, seq: list.length, at, ...payload }),
    );
  };
  const slow = HIDDEN.comeUp;
  const sauceG = plan.liquid.sauceAfterG.mid * HIDDEN.sauce * (1 + normal() * 0.08);
  const { dose, input } = plan.sauce;
  const after = plan.timing.totalS.mid - plan.timing.pinDownS;
  write(0, { type: 'started', dish, potId: plan.pot.id, potName: plan.pot.name, forecast: forecastOf(plan) });
  write(plan.timing.lidOnS * (1 + normal() * 0.15), { type: 'sealed' });
  write(plan.heat.comeUpS.mid * slow * (1 + normal() * 0.07), { type: 'pressureReached' });
  write(plan.heat.holdS + random() * 40, { type: 'holdEnded' });
  write(plan.heat.releaseS.mid * HIDDEN.release * (1 + normal() * 0.1), { type: 'pinDown' });
  if (plan.heat.coreAtOpenC)
    write(90, {
      type: 'coreMeasured',
      tempC: Math.round((plan.heat.coreAtOpenC - 3 + normal() * 2) * 10) / 10,
    });
  write(120, {
    type: 'sauceMeasured',
    sauceG: Math.round(sauceG / 10) * 10,
    how: 'jug',
    aim: dish.settings.aim,
    presentPercent: input.presentPercent,
  });
  if (dose.starchG > 1)
    write(60, {
      type: 'thickened',
      thickener: dose.thickener.id,
      starchG: Math.round(dose.starchG * 2) / 2,
      waterG: Math.round(dose.waterG),
    });
  write(Math.max(120, after * (0.8 + random() * 0.4) - 270), { type: 'served' });
  const roll = random();
  write(3000, {
    type: 'verdict',
    meat: roll < 0.1 ? 'under' : roll > 0.94 ? 'over' : 'right',
    sauce: random() < 0.28 ? 'thin' : random() < 0.1 ? 'thick' : 'right',
    salt: random() < 0.25 ? 'low' : random() < 0.06 ? 'high' : 'right',
    note: NOTES[Math.floor(random() * NOTES.length)] ?? '',
  });
  write(5, { type: 'finished' });
  return list;
}
