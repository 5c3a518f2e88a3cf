import fc from 'fast-check';
import { draws } from '../../corpora/runs';
import { readLine } from '../dish/read';
import { linesApart, readRecipe } from '../page/index';
import { Pantry } from '../pantry/pantry';
import { readScript } from './read';

/**
 * A law of other words for the parts of a list: whatever stands over them and however the method calls for them ("the rub", "the sauce
 * ingredients", "combine everything"), the rub goes on the meat and the sauce is made for itself.
 */
const RUNS = { numRuns: draws(60), seed: 20261130 };
const pantry = new Pantry();

const RUBHEAD: readonly (string | null)[] = [
  'For the rub:',
  'Dry Rub',
  'RUB',
  'For the spice rub',
  'Rub:',
  'The rub',
  'Spice rub:',
  'For the dry rub',
  null,
];
const RUBLINES = [
  '2 tbsp brown sugar',
  '1 tbsp paprika',
  '1 tsp garlic powder',
  '2 tsp salt',
  '1/2 tsp black pepper',
];
const MAINHEAD = ['For the pork:', 'Pork', 'The rest', 'Also:', 'For the pot:', 'Main', "You'll also need:"];
const MAIN = [
  '1.5 kg pork shoulder, in large chunks',
  '1 tbsp oil',
  '1 onion, sliced',
  '250 ml apple juice',
  '2 tbsp cider vinegar',
];
const SAUCEHEAD = [
  'For the sauce:',
  'Barbecue sauce',
  'SAUCE',
  'For the BBQ sauce',
  'Finishing sauce:',
  'To finish:',
];
const SAUCE = ['200 ml ketchup', '2 tbsp molasses', '1 tbsp Worcestershire sauce', '1 tsp mustard powder'];
const RUB = [
  'Mix the rub ingredients and rub all over the pork.',
  'Combine rub and massage into the pork.',
  'Make the rub: mix everything together. Rub it into the pork.',
  'Mix the rub and rub it all over the meat.',
  'Rub the pork all over with the rub.',
  'Season the pork with the dry rub.',
  'Stir together the rub. Pat it onto the pork.',
  'Coat the pork with the rub.',
  'Toss the pork in the rub.',
  'Mix together all the ingredients for the rub and coat the pork.',
  'In a small bowl, mix together the dry rub ingredients. Rub over pork on all sides.',
  'Put the pork in a bowl, sprinkle with the rub and toss until coated.',
  'Combine sugar, paprika, garlic powder, salt and pepper; rub over the pork.',
  'Stir the spices, sugar and salt together and rub into the pork.',
];
const BROWN = [
  'Heat the oil and brown the pork.',
  'Sear pork in hot oil.',
  'Brown in the oil in batches.',
  'Press sauté, add oil, and sear the pork on all sides.',
];
const LOAD = [
  'Add the onion, juice and vinegar.',
  'Add onion, apple juice and vinegar, scraping the pot.',
  'Scatter over the onion, pour in the juice and vinegar.',
  'Take the pork out. Soften the onion. Pour in the juice and vinegar and scrape; pork back in.',
];
const LID = ['Close and cook at high pressure 45 minutes, natural release.', 'Lock the lid. 45 min HP, NPR.'];
const SAU = [
  'Meanwhile, whisk the sauce ingredients together in a small saucepan and simmer 5 minutes.',
  'While it cooks, make the sauce: combine everything in a small pan and simmer for 5 minutes.',
  'Mix the sauce ingredients in a small pan and bring to a simmer.',
  'Combine the sauce ingredients in a saucepan and cook gently for 5 min.',
  'Meanwhile, put all the sauce ingredients in a saucepan and simmer for 5 minutes, stirring.',
  'While the pork cooks, simmer the ketchup, molasses, Worcestershire and mustard in a small saucepan for 5 minutes.',
];
const END = [
  'Shred the pork and stir in the sauce.',
  'Lift out the pork, shred it, and toss with the sauce.',
  'Remove pork and shred with two forks. Mix with the sauce.',
  'Shred the meat. Pour the sauce over.',
];

/** Which acts a food comes in with, by its id. */
function actsOf(page: string): { lines: number; of: (id: string) => string; verbs: string[] } {
  const recipe = readRecipe(page, pantry);
  const lines = linesApart(recipe.lines, pantry).map((l) => ({
    read: readLine(l.text, pantry),
    section: l.section,
  }));
  const acts = readScript(recipe.method, lines, pantry)?.acts ?? [];
  const isOf = (id: string, index: number): boolean => lines[index]?.read.food?.id === id;
  return {
    lines: lines.length,
    of: (id) =>
      acts
        .filter((a) => a.lines.some((l) => isOf(id, l.index)))
        .map((a) => a.verb)
        .join('+'),
    verbs: acts.map((a) => a.verb),
  };
}

it('the rub is rubbed in and the sauce is made beside, whatever they are called', () => {
  fc.assert(
    fc.property(
      fc.record({
        rubHead: fc.constantFrom(...RUBHEAD),
        mainHead: fc.constantFrom(...MAINHEAD),
        sauceHead: fc.constantFrom(...SAUCEHEAD),
        isRubFirst: fc.boolean(),
        rub: fc.constantFrom(...RUB),
        brown: fc.constantFrom(...BROWN),
        load: fc.constantFrom(...LOAD),
        lid: fc.constantFrom(...LID),
        sauce: fc.constantFrom(...SAU),
        end: fc.constantFrom(...END),
      }),
      (said) => {
        const rub =
          said.rubHead === null ? [`Dry rub (${RUBLINES.join(', ')})`] : [said.rubHead, ...RUBLINES];
        const main = [said.mainHead, ...MAIN];
        const parts = [...(said.isRubFirst ? [rub, main] : [main, rub]), [said.sauceHead, ...SAUCE]];
        const { lines, of, verbs } = actsOf(
          `Pulled pork\nServes 6\n\nIngredients\n${parts.map((p) => p.join('\n')).join('\n\n')}\n\nMethod\n1. ${said.rub}\n2. ${said.brown} ${said.load}\n3. ${said.lid}\n4. ${said.sauce}\n5. ${said.end}`,
        );
        expect(lines).toBe(RUBLINES.length + MAIN.length + SAUCE.length);
        for (const id of ['brown-sugar', 'paprika', 'garlic-powder', 'salt', 'black-pepper'])
          expect([id, of(id)]).toEqual([id, 'season']);
        for (const id of ['ketchup', 'molasses', 'worcestershire-sauce', 'mustard-powder'])
          expect([id, of(id)]).toEqual([id, 'sauce']);
        expect(of('onion')).toMatch(/^(?:add|soften|deglaze)$/);
        expect(of('apple-juice')).toMatch(/^(?:add|deglaze)$/);
        expect(verbs).toContain('shred');
      },
    ),
    RUNS,
  );
});
