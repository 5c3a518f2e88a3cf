import fc from 'fast-check';
import { draws } from '../../corpora/runs';
import { readLine } from '../dish/read';
import { Pantry } from '../pantry/pantry';
import { readScript } from './read';

/**
 * A law of other words for pulled meat in tortillas: an onion pickled beside it never comes into the pot, the meat is shredded, its juices
 * boil down, it may go under the grill, and what is for the table goes there, whichever way each of it is said.
 */
const RUNS = { numRuns: draws(60), seed: 20261203 };
const pantry = new Pantry();
const LIST = [
  '1.5 kg pork shoulder, in 4 chunks',
  '1 tbsp oil',
  '1 onion, chopped',
  '5 cloves garlic, minced',
  '2 tsp cumin',
  '2 tsp oregano',
  'juice of 2 oranges',
  'juice of 1 lime',
  '250 ml chicken stock',
  '2 bay leaves',
  '12 corn tortillas',
  '1 avocado',
  '100 g queso fresco',
  '1 red onion, sliced',
  '3 tbsp cider vinegar',
  'handful coriander',
];
const LINES = LIST.map((text) => ({ read: readLine(text, pantry) }));
const BROWNED = [
  'Rub the pork with the cumin and oregano. Heat the oil and brown the pork on all sides. Take it out. ',
  'Season pork with cumin and oregano. Sear in hot oil, 4 minutes a side; remove. ',
  'Toss the pork with the cumin and oregano and brown in the oil in two batches. Set aside. ',
];
const LOADED = [
  'Soften the onion, 5 minutes, then the garlic, 1 minute. Pour in the stock and citrus juices, scraping; add the bay. Return the pork. ',
  'Add the onion and garlic and cook until soft. Add orange juice, lime juice, stock and bay leaves; scrape up the bits. Nestle in the pork. ',
  'Sauté the onion and garlic for 4 minutes. Deglaze with the stock, then add both juices and the bay. Put the pork back. ',
];
const LID = [
  'Lock the lid, high pressure 45 minutes, natural release. ',
  'Pressure cook on high for 45 min. NPR 15 min, then QR. ',
];
const PICKLED = [
  'Meanwhile, put the red onion in a bowl with the vinegar and a pinch of salt and leave to pickle. ',
  'While it cooks, pickle the red onion: toss it with the vinegar and set aside. ',
  'Mix the sliced red onion and vinegar in a jar; set aside, stirring now and then. ',
  'For the pickled onions, combine the red onion with the vinegar and let stand 20 minutes. ',
  'In the meantime quick-pickle the red onion in the vinegar. ',
  'Cover the red onion with the vinegar and leave until pink. ',
];
const SHREDDED = [
  'Remove the pork and shred with two forks. ',
  'Lift the pork on to a board and pull it apart, discarding the fat. ',
  'Take out the pork, let it cool for 5 minutes, then shred it. ',
  'Transfer pork to a baking sheet; shred into chunks. ',
  'Fish out the bay, then shred the pork right in the pot. ',
  'Using two forks, shred the pork on a tray. ',
];
const REDUCED = [
  'Turn the pot to sauté and reduce the juices by half, about 15 minutes. ',
  'Boil the liquid down until syrupy, 12-15 minutes. ',
  'Skim the fat and simmer the juices on sauté until reduced by half. ',
  'Strain the juices and boil them down by half. ',
  'Let the sauce bubble hard for 10 minutes to concentrate. ',
];
const GRILLED = [
  'Spread the pork on a foil-lined tray, spoon over some of the juices and grill for 5 minutes until the edges crisp. ',
  'Broil the meat 4-5 min with a ladle of juice until crisp at the edges. ',
  'Put the pork on a tray, drizzle with juices and place under a hot grill till the tips char, 5 minutes. ',
  'Crisp the pork under the broiler for 5 minutes, moistened with a few spoonfuls of the juices. ',
  '',
];
const MOISTENED = [
  'Toss the pork with the reduced juices. ',
  'Return the pork to the pot and stir to coat. ',
  'Pour the juices over the meat. ',
  'Moisten with the remaining juices. ',
  'Mix the meat back into the sauce. ',
];
const FILLED = [
  'Warm the tortillas in a dry pan and fill with the pork, avocado, cheese, pickled onion and coriander.',
  'Serve in warm tortillas with avocado, queso fresco, the pickled onions and coriander.',
  'Pile into warmed corn tortillas and top with avocado, crumbled cheese, pickled red onion and coriander leaves.',
  'Heat the tortillas. Assemble: pork, slices of avocado, queso, onions, coriander.',
];

/** Each line's verb by its place in the list, or verbs it may have. */
const WANTED: readonly (readonly [number, RegExp])[] = [
  [2, /^soften$/],
  [3, /^(?:soften|bloom)$/],
  [4, /^season$/],
  [5, /^season$/],
  [8, /^(?:add|deglaze)$/],
  [9, /^(?:add|deglaze)$/],
  [10, /^(?:serve|fill|warm)$/],
  [11, /^(?:serve|fill)$/],
  [12, /^(?:serve|fill)$/],
  [13, /^(?:mix|serve|fill)$/],
  [14, /^(?:mix|serve|fill)$/],
  [15, /^(?:serve|fill)$/],
];
const UNWANTED = ['boil', 'fry', 'add', 'brown', 'dairy', 'thicken', 'bake', 'deglaze', 'top'];

it('every way with pulled meat is that way', () => {
  fc.assert(
    fc.property(
      fc.tuple(
        ...[BROWNED, LOADED, LID, PICKLED, SHREDDED, REDUCED, GRILLED, MOISTENED, FILLED].map((p) =>
          fc.constantFrom(...p),
        ),
      ),
      (said) => {
        const acts = readScript(said.join(''), LINES, pantry)?.acts ?? [];
        const after = acts.slice(acts.findIndex((a) => a.verb === 'release') + 1).map((a) => a.verb);
        const of = (line: number): string =>
          acts
            .filter((a) => a.lines.some((l) => l.index === line))
            .map((a) => a.verb)
            .join('+');
        for (const [line, verb] of WANTED)
          expect(`${LIST[line] ?? ''}: ${verb.test(of(line)) ? 'right' : of(line)}`).toBe(
            `${LIST[line] ?? ''}: right`,
          );
        expect(after).toEqual(expect.arrayContaining(['shred', 'reduce']));
        expect(after.includes('grill')).toBe(said[6] !== '');
        expect(after.filter((v) => UNWANTED.includes(v))).toEqual([]);
      },
    ),
    RUNS,
  );
});
