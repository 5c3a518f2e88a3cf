import { readLine } from '../dish/read';
import { readScript } from './read';
import { pantry } from './testing/telling';

/** Laws of what is made beside the closed pot: it is made there, it comes in afterwards, and it takes nothing of the table with it. */

/** What is made, of which lines, by which name it is called, and the food that it is known by. */
const MADE: readonly { list: string; told: string; name: string; food: RegExp }[] = [
  {
    list: '250 g mushrooms; 2 tbsp butter',
    told: 'fry the mushrooms in the butter until golden',
    name: 'mushrooms',
    food: /^mushroom$/,
  },
  {
    list: '200 g rice noodles',
    told: 'soak the noodles in boiling water for 5 minutes and drain',
    name: 'noodles',
    food: /noodle/,
  },
  {
    list: '200 g egg noodles',
    told: 'boil the noodles in a separate pan and drain',
    name: 'noodles',
    food: /noodle/,
  },
  { list: '50 g almonds', told: 'toast the almonds in a dry pan', name: 'almonds', food: /almond/ },
  {
    list: '100 g self-raising flour; 50 g suet; 60 ml milk',
    told: 'mix the flour, suet and milk to a soft dough and shape into 8 dumplings',
    name: 'dumplings',
    food: /flour/,
  },
  { list: '4 slices bacon', told: 'fry the bacon in a frying pan until crisp', name: 'bacon', food: /bacon/ },
  {
    list: '150 g yoghurt; 1 tbsp plain flour',
    told: 'whisk the yoghurt with the flour',
    name: 'yoghurt',
    food: /yog/,
  },
  {
    list: '12 pearl onions; 1 tbsp butter',
    told: 'brown the pearl onions in the butter in a skillet',
    name: 'onions',
    food: /onion/,
  },
  { list: '300 g green beans', told: 'steam the beans until just tender', name: 'beans', food: /bean/ },
];
const MEANWHILE = [
  'Meanwhile, {}.',
  'While it cooks, {}.',
  'In the meantime {}.',
  'While the pressure drops, {}.',
  'Meanwhile {} and set aside.',
  'During that time {}.',
  'While you wait, {}.',
  'While the pot does its work, {}.',
  'With 10 minutes to go, {}.',
  'Once it is under pressure, {}.',
  '{} while the beef cooks.',
];
const COMES_IN = [
  'Stir in the {}.',
  'Add them to the pot.',
  'When the pressure is released, open the lid and add the {}.',
  'Once the pin has dropped, stir in the {}.',
  'Open the pot. Add the {} and simmer for 2 minutes.',
  'Top with the {}.',
  'Fold the {} into the stew.',
  'Take off the lid, tip in the {} and let it bubble 2 minutes.',
  'Then mix in the {}.',
  'Return the {} to the pot.',
  'Now the {} go in.',
  'Vent the rest, open up and throw in the {}.',
  'Spoon the {} over.',
  'Remove the lid carefully. Stir the {} into the stew and heat for a minute.',
];
const END = ['Season and serve.', 'Scatter over the parsley.', 'Serve with the parsley sprinkled over.'];
const RELEASE = ['Natural release.', 'Release naturally 10 minutes.', ''];
/** Every so many of all ways to tell it is read. */
const STRIDE = 7;

const capital = (text: string): string => text.replace(/^./, (first) => first.toUpperCase());

describe.each(MADE)('beside the closed pot, $told', ({ list, told, name, food }) => {
  const lines = `1 kg beef chuck; 1 tbsp oil; 500 ml beef stock; small bunch parsley; ${list}`
    .split('; ')
    .map((text) => ({ read: readLine(text, pantry) }));
  const idOf = (i: number): string => lines[i]?.read.food?.id ?? '';
  const ways = MEANWHILE.flatMap((meanwhile) =>
    COMES_IN.flatMap((comesIn) =>
      END.flatMap((end) => RELEASE.map((release) => ({ meanwhile, comesIn, end, release }))),
    ),
  ).filter((_, i) => i % STRIDE === 0);

  it('is made there, comes in when the pot is open, and leaves the parsley for the table', () => {
    const wrong: string[] = [];
    for (const { meanwhile, comesIn, end, release } of ways) {
      const made = capital(meanwhile.replace('{}', told));
      const method = `Brown the beef in the oil. Add the stock and scrape. Close and cook at high pressure for 35 minutes. ${release} ${made} ${comesIn.replace('{}', name)} ${end}`;
      const acts = readScript(method, lines, pantry)?.acts ?? [];
      const isOfIt = (a: (typeof acts)[number]): boolean =>
        [...a.lines.map((l) => l.index), ...a.again].some((i) => food.test(idOf(i)));
      const first = acts.findIndex(isOfIt);
      const isMadeBeside = acts[first]?.stage === 'closed';
      const isIn = acts.some((a, k) => k > first && a.stage !== 'closed' && isOfIt(a));
      const parsley = acts.filter((a) => a.lines.some((l) => idOf(l.index) === 'parsley'));
      const isAtTable = end.includes('parsley')
        ? parsley.length === 1 && parsley[0]?.verb === 'serve'
        : parsley.length === 0;
      const isOneRelease = acts.filter((a) => a.verb === 'release').length === 1;
      if (!(isMadeBeside && isIn && isAtTable && isOneRelease)) wrong.push(method);
    }
    expect(wrong).toEqual([]);
  });
});
