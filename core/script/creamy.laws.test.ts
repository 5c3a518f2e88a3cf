import fc from 'fast-check';
import { draws } from '../../corpora/runs';
import { readLine } from '../dish/read';
import { Pantry } from '../pantry/pantry';
import { readScript } from './read';

/**
 * A law of other words for the end of a creamy dish: lifted out, bound, dairy, leaves, something sharp, back and to the table, in that
 * order, with every line at its act, whichever way each of it is said.
 */
const RUNS = { numRuns: draws(60), seed: 20261202 };
const pantry = new Pantry();
const LIST = [
  '1 kg boneless chicken thighs',
  '1 tsp Italian seasoning',
  '1 tbsp olive oil',
  '1 onion, diced',
  '4 cloves garlic, minced',
  '250 ml chicken broth',
  '80 g sun-dried tomatoes, chopped',
  '2 tbsp cornstarch',
  '2 tbsp cold water',
  '200 ml heavy cream',
  '60 g grated Parmesan',
  '100 g baby spinach',
  '1 tbsp lemon juice',
  'chopped parsley',
  'mashed potatoes',
];
const LINES = LIST.map((text) => ({ read: readLine(text, pantry) }));
const HEAD =
  'Season the chicken with the Italian seasoning. Heat the oil and brown the chicken. Remove. Soften the onion, 4 min; add the garlic for 30 seconds. Add the broth and scrape. Return the chicken and scatter over the sun-dried tomatoes. Close and cook at high pressure for 8 minutes, natural release 5 minutes, then quick release. ';
const OUT = [
  'Lift out the chicken. ',
  'Transfer the chicken to a plate and keep warm. ',
  'Remove the chicken and set aside, loosely covered with foil. ',
  'Take the chicken out and slice it. ',
  'Move the chicken to a cutting board; rest while you make the sauce. ',
  'Carefully open the lid and fish out the chicken with tongs. ',
  'Open the pot. Chicken out onto a warm dish. ',
  'Pull the chicken out with tongs and tent with foil. ',
];
const THICK = [
  'Set the pot to sauté. Whisk the cornstarch and water together and stir into the sauce; simmer until thickened, 2 minutes. ',
  'Turn to sauté and bring to a simmer. Mix cornstarch with the cold water, pour in and stir for 2 min until thick. ',
  'Make a slurry with the cornstarch and water, add it to the pot and let it bubble for a couple of minutes. ',
  'In a small bowl stir the cornstarch into the water. Add to the simmering sauce and whisk until it thickens. ',
  'Slake the cornstarch in the water, whisk in and boil for 1-2 minutes. ',
  'Press Sauté. Once the sauce bubbles, whisk in the slurry (cornstarch + water) and cook 2 minutes, stirring. ',
  'Combine cornstarch and cold water in a cup until smooth; stir this into the boiling liquid and cook, stirring, until it coats a spoon. ',
];
const DAIRY = [
  'Turn off the heat and stir in the cream and Parmesan. ',
  'Off the heat, add the cream, then the parmesan a handful at a time. ',
  'Lower the heat and pour in the cream; stir in the parmesan until melted. ',
  'Cancel. Stir through the cream and cheese until smooth. ',
  'Add the heavy cream and Parmesan cheese and stir until the cheese has melted. ',
  'Reduce to low; whisk in cream and parmesan. ',
  'Swirl in the cream followed by the Parmesan. ',
];
const WILT = [
  'Add the spinach and stir until wilted. ',
  'Fold in the spinach; the heat of the sauce will wilt it. ',
  'Stir in spinach a handful at a time until it wilts, 1 minute. ',
  'Toss in the spinach, put the lid on loosely and leave 2 minutes. ',
  'Then in goes the spinach until just wilted. ',
  'Add baby spinach and let it wilt for a minute or two. ',
];
const SHARP = [
  'Squeeze in the lemon juice and season to taste. ',
  'Finish with the lemon juice. ',
  'Add the lemon juice, taste and adjust the seasoning. ',
  'Sharpen with the lemon juice. ',
  'Stir in lemon juice; season. ',
];
const BACK = [
  'Return the chicken to the sauce and serve over mash, sprinkled with parsley.',
  'Slide the chicken back in and warm through for 2 minutes. Scatter with parsley and serve with mashed potatoes.',
  'Nestle the chicken back into the sauce. Garnish with parsley. Serve with mash.',
  'Put the chicken back, spoon the sauce over and top with parsley. Serve on mashed potatoes.',
  'Chicken back in to warm. Parsley on top. Mash alongside.',
  'Add the chicken back to the pot, turn to coat, and serve with the mash and a sprinkle of parsley.',
  'Pour the sauce over the chicken, sprinkle with parsley and serve with mashed potatoes.',
];

/** Each line's verb, or verbs it may have. */
const WANTED: readonly (readonly [string, RegExp])[] = [
  ['cornstarch', /^thicken$/],
  ['water', /^thicken$/],
  ['double-cream', /^dairy$/],
  ['hard-cheese', /^(?:dairy|melt)$/],
  ['spinach', /^wilt$/],
  ['lemon', /^(?:stirin|finish|wilt|dairy)$/],
  ['parsley', /^serve$/],
  ['mashed-potato', /^serve$/],
  ['sun-dried-tomato', /^(?:top|return|add)$/],
];
/** What nobody asked for. */
const UNWANTED = [
  'boil',
  'fry',
  'add',
  'brown',
  'reduce',
  'rest',
  'strain',
  'coat',
  'glaze',
  'top',
  'grill',
  'bake',
  'shred',
];

it('every end of a creamy dish is that end', () => {
  fc.assert(
    fc.property(
      fc.tuple(...[OUT, THICK, DAIRY, WILT, SHARP, BACK].map((p) => fc.constantFrom(...p))),
      (said) => {
        const acts = readScript(HEAD + said.join(''), LINES, pantry)?.acts ?? [];
        const after = acts.slice(acts.findIndex((a) => a.verb === 'release') + 1);
        const nameOf = (i: number): string => LINES[i]?.read.food?.id ?? '?';
        const of = (id: string): string =>
          acts
            .filter((a) => a.lines.some((l) => nameOf(l.index) === id))
            .map((a) => a.verb)
            .join('+');
        for (const [id, verb] of WANTED)
          expect(`${id} ${verb.test(of(id)) ? 'right' : of(id)}`).toBe(`${id} right`);
        const withChicken = (verb: string): boolean =>
          after.some((a) => a.verb === verb && a.again.some((i) => nameOf(i) === 'chicken-thigh'));
        expect(withChicken('liftout')).toBe(true);
        expect(withChicken('return') || said.join('').includes('Pour the sauce over')).toBe(true);
        expect(after.map((a) => a.verb).filter((v) => UNWANTED.includes(v))).toEqual([]);
      },
    ),
    RUNS,
  );
});
