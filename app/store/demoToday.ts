import { calibrations, foldAll } from '../../core/index';
import { made, MADE_AT } from '../../demo/ready';
import { householdOnDay, type Household } from '../../demo/onDay';
import type { OutlookRow } from './db';
import { householdKey, outlookKey } from './outlookKey';

/** The ferry-house kitchen with a year behind it that ends today. */
export function demoToday(): Pick<Household, 'kitchen' | 'dishes' | 'events'> & { rows: OutlookRow[] } {
  const household = householdOnDay(made.household, MADE_AT, Date.now());
  const { dishes, events } = household;
  const kitchen = { ...household.kitchen, id: 'home' };
  const learned = householdKey(kitchen, calibrations(foldAll(events), kitchen));
  const rows = dishes.flatMap((dish) => {
    const outlook = made.outlooks[dish.id];
    return outlook ? [{ dishId: dish.id, key: outlookKey(dish, learned), outlook }] : [];
  });
  return { ...household, rows };
}
