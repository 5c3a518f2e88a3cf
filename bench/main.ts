import {
  defaultKitchen,
  emptyDish,
  foldCook,
  Pantry,
  planDish,
  readLine,
  type CookEvent,
  type Dish,
} from '../core/index';
import { benchLines, benchPages, benchScripts } from '../corpora/judge';
import { FORTY, TWENTY } from './forty';
import { measure, printTable } from './clock';
import { benchFindings } from './findings';
import { benchHeat } from './heat';
import { benchReading } from './reading';
import { benchSauce } from './sauce';
import { benchSearch } from './search';

const kitchen = defaultKitchen();
const dishOf = (list: readonly string[]): Dish => ({
  ...emptyDish('d', 'Bench', 0),
  lines: list.map((text, i) => ({ id: `l${i}`, text })),
});
const dish = dishOf(FORTY);

let n = 0;
/** A dish in which one line differs from every one before: what a keystroke does. */
const typed = (): Dish => ({
  ...dish,
  lines: dish.lines.map((l, i) => (i === 3 ? { ...l, text: `${l.text} ${n++}` } : l)),
});
/** A dish in which every line is new to the reader. */
const unseen = (): Dish => ({ ...dish, lines: dish.lines.map((l) => ({ ...l, text: `${l.text} ${n++}` })) });

printTable('planDish', [
  { what: '40 lines, one line typed in', ...measure(() => void planDish(typed(), kitchen)) },
  { what: '40 lines, never read before', ...measure(() => void planDish(unseen(), kitchen)) },
  {
    what: '20 lines, one minute of settings changed',
    ...measure(
      () =>
        void planDish(
          { ...dishOf(TWENTY), settings: { ...dish.settings, minutes: 5 + (n++ % 20) } },
          kitchen,
        ),
    ),
  },
]);

const pantry = new Pantry();
printTable('Reading lines', [
  {
    what: '40 lines, never read before',
    ...measure(() => FORTY.forEach((t) => void readLine(`${t} ${n++}`, pantry))),
  },
  { what: '40 lines, read before', ...measure(() => FORTY.forEach((t) => void readLine(t, pantry))) },
]);

const events: CookEvent[] = Array.from({ length: 400 }, (_, i) => ({
  id: `e${i}`,
  cookId: 'c',
  seq: i,
  at: i * 1000,
  type: 'timerStarted',
  timerId: `t${i}`,
  name: 'x',
  seconds: 60,
}));
printTable('foldCook', [{ what: '400 events', ...measure(() => void foldCook(events)) }]);

benchHeat();
benchSauce();
benchReading();
benchLines('corpora/lines/open.txt');
benchPages('corpora/pages/open.txt');
benchScripts('corpora/scripts/open.txt');
benchSearch();
benchFindings();
