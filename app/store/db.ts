import Dexie, { type EntityTable } from 'dexie';
import type { CookEvent, Dish, Kitchen } from '../../core/index';

/** The one row of the household's kitchen. */
export type KitchenRow = Kitchen & { id: 'home' };

/** What can be taken back and brought again for one dish. */
export interface HistoryRow {
  dishId: string;
  past: HistoryStep[];
  future: HistoryStep[];
}

/** A dish before one named edit. `coalesce` joins keystrokes in the same line into one step. */
export interface HistoryStep {
  label: string;
  dish: Dish;
  coalesce?: string;
  at: number;
}

/** Everything kept in this browser. Version numbers only ever go up; each has its migration. */
export class LadleDb extends Dexie {
  dishes!: EntityTable<Dish, 'id'>;
  kitchen!: EntityTable<KitchenRow, 'id'>;
  events!: EntityTable<CookEvent, 'id'>;
  history!: EntityTable<HistoryRow, 'dishId'>;
  meta!: EntityTable<{ key: string; value: unknown }, 'key'>;

  constructor(name = 'keen-ladle') {
    super(name);
    this.version(1).stores({
      dishes: 'id, name, updatedAt',
      kitchen: 'id',
      events: 'id, cookId, [cookId+seq], at',
      history: 'dishId',
      meta: 'key',
    });
  }
}

export const db = new LadleDb();
