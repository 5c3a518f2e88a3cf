import {
  calibrate,
  compareCook,
  foldCook,
  KitchenSchema,
  planDish,
  readBackup,
  writeBackup,
} from '../core/index';
import { demoHousehold } from './household';
import { DAY_MS, householdOnDay } from './onDay';
import { made, MADE_AT } from './ready';

const NOW = Date.UTC(2026, 10, 24, 17);
const home = demoHousehold(NOW);
const cooks = [...new Set(home.events.map((e) => e.cookId))].map((id) =>
  foldCook(home.events.filter((e) => e.cookId === id)),
);

describe('the ferry-house kitchen', () => {
  it('is the same household from the same seed', () => {
    expect(JSON.stringify(demoHousehold(NOW))).toBe(JSON.stringify(home));
    expect(JSON.stringify(demoHousehold(NOW, 7).events)).not.toBe(JSON.stringify(home.events));
  });

  it('is on any day what it would be if it were made on that day', () => {
    const midnight = Math.floor(NOW / DAY_MS) * DAY_MS;
    expect(householdOnDay(made.household, MADE_AT, NOW)).toEqual(demoHousehold(midnight));
    const back = JSON.parse(JSON.stringify(made.household)) as typeof made.household;
    expect(back).toEqual(made.household);
  });

  it('has twelve dishes in which nothing is unknown', () => {
    expect(home.dishes).toHaveLength(12);
    for (const dish of home.dishes) {
      const plan = planDish(dish, home.kitchen);
      expect([dish.name, plan.items.filter((i) => !i.read.food).map((i) => i.line.text)]).toEqual([
        dish.name,
        [],
      ]);
      expect([dish.name, plan.meat.length > 0]).toEqual([dish.name, true]);
      expect(plan.fill.shareOfLimit).toBeLessThan(1);
    }
  });

  it('has a year of finished cooks whose times are plausible', () => {
    expect(cooks.length).toBeGreaterThan(40);
    for (const cook of cooks) {
      expect(cook.status).toBe('finished');
      const c = compareCook(cook);
      expect(c?.comeUp.actualS).toBeGreaterThan(120);
      expect(c?.total.actualS).toBeLessThan(4 * 3600);
      expect(cook.servedAt).toBeLessThan(NOW);
    }
  });

  it('lets the log find what the forecasts did not know', () => {
    const { comeUpFactor, releaseFactor, known } = calibrate(cooks, 'pot-ferry');
    expect(Math.abs(comeUpFactor - 1.02)).toBeLessThan(0.04);
    expect(Math.abs(releaseFactor - 0.94)).toBeLessThan(0.05);
    expect(known?.comeUp).toBeLessThan(0.05);
  });

  it('fits a backup that reads back', () => {
    const read = readBackup(writeBackup({ savedAt: NOW, ...home }));
    expect(read.ok).toBe(true);
    expect(KitchenSchema.parse(home.kitchen)).toEqual(home.kitchen);
  });
});
