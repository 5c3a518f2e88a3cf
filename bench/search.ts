import { emptyDish, type Dish } from '../core/index';
import { DishSearch } from '../app/screens/dishes/search';
import { LINES_AS_WRITTEN } from '../demo/lines';
import { measure, printTable } from './clock';

const WORDS = [
  'lamb',
  'chicken',
  'prune',
  'mustard',
  'harbour',
  'korma',
  'stout',
  'orzo',
  'plum',
  'pepper',
  'winter',
  'quick',
];

/** A shelf of `count` dishes with names and twelve lines each, always the same. */
function shelf(count: number): Dish[] {
  return Array.from({ length: count }, (_, i) => ({
    ...emptyDish(`d${i}`, `${WORDS[i % 12]} and ${WORDS[(i * 7 + 3) % 12]} no. ${i}`, 0),
    lines: Array.from({ length: 12 }, (_line, k) => ({
      id: `l${k}`,
      text: LINES_AS_WRITTEN[(i * 13 + k * 5) % LINES_AS_WRITTEN.length]?.[0] ?? '',
    })),
    updatedAt: i,
  }));
}

/** The search on the home screen: building it once, and each keystroke of a query. */
export function benchSearch(): void {
  const dishes = shelf(2000);
  const search = new DishSearch();
  const started = performance.now();
  search.update(dishes);
  const built = performance.now() - started;
  const typed = 'plum and chiken'.split('').map((_, i, all) => all.slice(0, i + 1).join(''));
  let n = 0;
  const keystroke = measure(() => void search.find(typed[n++ % typed.length] ?? ''), 300);
  printTable('Search over 2,000 dishes of 12 lines', [
    { what: 'one keystroke of a query with a typing error', ...keystroke },
    {
      what: 'taking one changed dish in again',
      ...measure(
        () => void search.update(dishes.map((d, i) => (i === 7 ? { ...d, updatedAt: 5000 + n++ } : d))),
        60,
      ),
    },
    { what: 'building the index, once', medianMs: built, p95Ms: built },
  ]);
}
