import {
  defaultKitchen,
  emptyDish,
  minutesTable,
  NO_CALIBRATION,
  outlookOf,
  planDish,
  POT_PRESETS,
  type Dish,
  type MinutesRow,
  type RangeAnswer,
} from '../../core/index';
import { planning } from './planning';

const kitchen = { ...defaultKitchen(), pots: [...POT_PRESETS], potId: 'electric-standard' };
const dishOf = (id: string, lines: string[]): Dish => ({
  ...emptyDish(id, id, 0),
  lines: lines.map((text, i) => ({ id: `l${i}`, text })),
});
const stew = dishOf('stew', ['1 kg beef chuck, in 4 cm cubes', '400 g carrots', '500 ml stock']);
const plan = planDish(stew, kitchen);
const ask = (job: number, runs: number, tell: (a: RangeAnswer) => void) =>
  planning.ranges(job, plan.heating, plan.heat.holdS / 60, plan.heat.lead, runs, tell);

describe('the same cook in many kitchens, away from the screen', () => {
  it('tells the first answer at once, better ones from time to time, and the last whole', async () => {
    const told: number[] = [];
    await ask(1, 120, (a) => told.push(a.runs));
    expect(told.length).toBeGreaterThan(0);
    expect(told).toEqual([...told].sort((a, b) => a - b));
    expect(new Set(told).size).toBe(told.length);
    expect(told.at(-1)).toBe(120);
  });

  it('says the same however often it is asked, and whatever was dropped before', async () => {
    const answers: RangeAnswer[] = [];
    await ask(2, 40, (a) => answers.push(a));
    let stopped = 0;
    const dropped = ask(3, 100_000, (a) => {
      stopped = a.runs;
      planning.drop(3);
    });
    await dropped;
    expect(stopped).toBeLessThan(100_000);
    await ask(4, 40, (a) => answers.push(a));
    const whole = answers.filter((a) => a.runs === 40);
    expect(whole).toHaveLength(2);
    expect(whole[0]).toEqual(whole[1]);
  });

  it('a job dropped before it began tells nothing, and its number may be used again', async () => {
    planning.drop(9);
    let told = 0;
    await ask(9, 20, () => told++);
    expect(told).toBe(0);
    await ask(9, 20, () => told++);
    expect(told).toBeGreaterThan(0);
  });
});

describe('outlooks of a shelf', () => {
  it('are what planning each dish says', () => {
    const [outlook] = planning.outlooks([stew], kitchen, new Map());
    expect(outlook).toEqual(outlookOf(planDish(stew, kitchen)));
  });

  it('one dish that cannot be planned does not stop the rest', () => {
    const broken = { ...stew, id: 'broken', lines: null } as unknown as Dish;
    const [first, second] = planning.outlooks([broken, stew], kitchen, new Map());
    expect(first).toBeNull();
    expect(second).not.toBeNull();
  });
});

describe('a dish in every pot', () => {
  it('comes once for each pot, each with what is right for it', () => {
    const answers = planning.pots(stew, kitchen, new Map());
    expect(answers.map((a) => a.potId).sort()).toEqual(POT_PRESETS.map((p) => p.id).sort());
    for (const a of answers) {
      expect(a.needMl).toBeGreaterThan(0);
      expect(a.lidS.low).toBeLessThanOrEqual(a.lidS.mid);
      expect(a.lidS.mid).toBeLessThanOrEqual(a.lidS.high);
    }
    const share = (id: string) => answers.find((a) => a.potId === id)!.shareOfLimit;
    expect(share('electric-small')).toBeGreaterThan(share('electric-large'));
  });
});

describe('the table of minutes', () => {
  it('ends only when its last row has been heard, however slow the way', async () => {
    const heard: string[] = [];
    await planning.minutes(21, POT_PRESETS[1]!, kitchen, async (row) => {
      await new Promise((resolve) => setTimeout(resolve, 2));
      heard.push(row.cutId);
      if (heard.length === 4) planning.drop(21);
    });
    expect(heard).toHaveLength(4);
  });

  it('is told row by row, the same rows as the core makes, and stops when dropped', async () => {
    const pot = POT_PRESETS[1]!;
    const first: MinutesRow[] = [];
    await planning.minutes(20, pot, kitchen, (row) => {
      first.push(row);
      if (first.length === 3) planning.drop(20);
    });
    expect(first).toHaveLength(3);
    const core: MinutesRow[] = [];
    for (const row of minutesTable(pot, kitchen)) {
      core.push(row);
      if (core.length === 3) break;
    }
    expect(first).toEqual(core);
  });
});

describe('the schools that concern a dish', () => {
  it('each option is planned for real, the chosen one changing nothing', () => {
    for (const { school, options } of planning.schools(stew, kitchen, NO_CALIBRATION)) {
      const chosen = school.options.findIndex((o) => o.id === plan.rules[school.id]);
      expect([school.id, options[chosen]?.consequences ?? []]).toEqual([school.id, []]);
    }
  });
});
