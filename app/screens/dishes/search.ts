import MiniSearch from 'minisearch';
import { foldSearch, type Dish } from '../../../core/index';

interface Entry {
  id: string;
  name: string;
  tags: string;
  lines: string;
  note: string;
}

const entryOf = (dish: Dish): Entry => ({
  id: dish.id,
  name: dish.name,
  tags: dish.tags.join(' '),
  lines: dish.lines.map((l) => l.text).join('\n'),
  note: dish.note,
});

/** From this many letters on two may be wrong: two swapped letters are two errors. */
const SWAPPED = 6;

/** Finds dishes by name, tag, ingredient or note, forgiving of typos and accents. Kept up to date dish by dish. */
export class DishSearch {
  readonly #index = new MiniSearch<Entry>({
    fields: ['name', 'tags', 'lines', 'note'],
    processTerm: (term) => foldSearch(term),
    searchOptions: {
      boost: { name: 4, tags: 3, lines: 1, note: 0.5 },
      prefix: (term) => term.length >= 2,
      fuzzy: (term) => (/^\d+$/.test(term) ? 0 : term.length >= SWAPPED ? 2 : term.length >= 4 ? 1 : 0),
      combineWith: 'AND',
    },
  });
  readonly #seen = new Map<string, number>();

  /** Takes in what is new or changed and drops what is gone. Returns how many entries changed. */
  update(dishes: readonly Dish[]): number {
    let changed = 0;
    const here = new Set(dishes.map((d) => d.id));
    for (const id of [...this.#seen.keys()])
      if (!here.has(id)) {
        this.#index.discard(id);
        this.#seen.delete(id);
        changed++;
      }
    for (const dish of dishes) {
      if (this.#seen.get(dish.id) === dish.updatedAt) continue;
      if (this.#seen.has(dish.id)) this.#index.replace(entryOf(dish));
      else this.#index.add(entryOf(dish));
      this.#seen.set(dish.id, dish.updatedAt);
      changed++;
    }
    return changed;
  }

  /** Identities of the dishes that match, best first; null for an empty query, which matches all. */
  find(query: string): string[] | null {
    return query.trim() ? this.#index.search(query).map((hit) => String(hit.id)) : null;
  }
}
