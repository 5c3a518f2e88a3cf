import Dexie, { type DexieOptions, type EntityTable, type Table } from 'dexie';
import {
  DishSchema,
  KitchenSchema,
  type CookEvent,
  type Dish,
  type Kitchen,
  type Outlook,
  type Reading,
  type Revision,
} from '../../core/index';

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

/** The outlook of a dish as last planned; `key` says for which dish, kitchen and learning. */
export interface OutlookRow {
  dishId: string;
  key: string;
  outlook: Outlook;
}

/**
 * Readings of one device in a cook, sixty to a row and in order: few rows, so that a long cook stays light for everything that
 * watches the database.
 */
export interface ReadingRow {
  cookId: string;
  kitchenId: string;
  kind: Reading['kind'];
  /** Readings `60 * chunk + 1` to `60 * chunk + 60`. */
  chunk: number;
  list: Reading[];
}

/** The one photo of a cook, made small. */
export interface PhotoRow {
  cookId: string;
  image: Blob;
}

/** Everything kept in this browser. Version numbers only ever go up; each has its migration. */
export class LadleDb extends Dexie {
  dishes!: EntityTable<Dish, 'id'>;
  kitchen!: EntityTable<KitchenRow, 'id'>;
  events!: EntityTable<CookEvent, 'id'>;
  history!: EntityTable<HistoryRow, 'dishId'>;
  revisions!: EntityTable<Revision, 'id'>;
  outlooks!: EntityTable<OutlookRow, 'dishId'>;
  readings!: Table<ReadingRow, [string, string, number]>;
  photos!: EntityTable<PhotoRow, 'cookId'>;
  meta!: EntityTable<{ key: string; value: unknown }, 'key'>;

  constructor(name = 'keen-ladle', options: DexieOptions = {}) {
    super(name, options);
    this.version(1).stores({
      dishes: 'id, name, updatedAt',
      kitchen: 'id',
      events: 'id, cookId, [cookId+seq], at',
      history: 'dishId',
      meta: 'key',
    });
    this.version(2)
      .stores({ revisions: 'id, dishId, at', outlooks: 'dishId' })
      .upgrade(async (tx) => {
        // House rules and needs were added: a kitchen kept before takes their defaults.
        const kept = await tx.table<KitchenRow>('kitchen').get('home');
        const now = KitchenSchema.safeParse(kept);
        if (kept && now.success) await tx.table('kitchen').put({ ...now.data, id: 'home' });
      });
    this.version(3)
      .stores({})
      .upgrade(async (tx) => {
        // Pots may whistle, lines may stand on a rack, layers may be moved: what was kept before takes the defaults.
        const kept = KitchenSchema.safeParse(await tx.table<KitchenRow>('kitchen').get('home'));
        if (kept.success) await tx.table('kitchen').put({ ...kept.data, id: 'home' });
        const whole = (dish: unknown): Dish | undefined => DishSchema.safeParse(dish).data;
        await tx
          .table<Dish>('dishes')
          .toCollection()
          .modify((dish, row) => {
            row.value = whole(dish) ?? dish;
          });
        await tx
          .table<Revision>('revisions')
          .toCollection()
          .modify((revision) => {
            revision.dish = whole(revision.dish) ?? revision.dish;
          });
        await tx
          .table<CookEvent>('events')
          .toCollection()
          .modify((event) => {
            if (event.type === 'started') event.dish = whole(event.dish) ?? event.dish;
          });
        await tx.table<HistoryRow>('history').clear();
      });
    // Readings of devices during a cook, and one small photo of each.
    this.version(4).stores({ readings: '[cookId+kind+chunk], cookId', photos: 'cookId' });
    // A household says whose minutes it follows: what was kept before follows the recipe where it is harmless.
    this.version(5)
      .stores({})
      .upgrade(async (tx) => {
        const kept = KitchenSchema.safeParse(await tx.table<KitchenRow>('kitchen').get('home'));
        if (kept.success) await tx.table('kitchen').put({ ...kept.data, id: 'home' });
      });
  }
}

/** The database in use: the browser's, or one in memory where the browser keeps none. */
export let db = new LadleDb();

/** Goes on in memory: nothing lasts beyond this page. */
export async function goOnInMemory(): Promise<void> {
  const { indexedDB, IDBKeyRange } = await import('fake-indexeddb');
  db.close();
  db = new LadleDb('keen-ladle-in-memory', { indexedDB, IDBKeyRange });
  await db.open();
}
