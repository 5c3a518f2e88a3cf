import {
  cutById,
  defaultKitchen,
  donenessOf,
  emptyDish,
  foldCook,
  forecastHeat,
  Pantry,
  planDish,
  readLine,
  type CookEvent,
  type Dish,
} from '../core/index';
import { FORTY, TWENTY } from './forty';
import { measure, printTable } from './clock';
import { benchFindings } from './findings';
import { benchReading } from './reading';
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

const chuck = cutById('beef-chuck');
printTable('forecastHeat, one kilo', [
  {
    what: '40 mm beef chuck, natural release, minutes suggested',
    ...measure(
      () =>
        void forecastHeat({
          pot: { heaterW: 1000, lossWPerK: 1, metalJPerK: 650, gaugeKPa: 75 },
          altitudeM: n++ % 900,
          roomC: 20,
          lumpJPerK: 3200,
          startC: 70,
          pieces: [{ massG: 1000, thicknessMm: 44, exponent: 1.8, conduction: 1, startC: 6 }],
          judged: chuck ? [{ index: 0, doneness: donenessOf(chuck, 'us') }] : [],
          release: 'natural',
          minutes: null,
        }),
    ),
  },
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

benchReading();
benchSearch();
benchFindings();
