import fc from 'fast-check';
import { draws } from '../../corpora/runs';
import { told } from './testing/telling';

/**
 * A law of other words for what is made in a pan of its own: however it is begun, bound and used, its lines are one sauce that never sees
 * the pot, and the meat is brushed with it and grilled.
 */
const RUNS = { numRuns: draws(60), seed: 20261129 };
const LIST =
  '2 racks baby back ribs; 250 ml apple juice; 120 ml honey; 80 ml soy sauce; 4 cloves garlic, grated; 1 tbsp cornstarch; 1 tbsp rice vinegar';
const LID =
  'Put the juice in the pot and stand the ribs on the trivet. Close and cook at high pressure for 25 minutes; natural release 10 minutes. ';

const WHEN = [
  'While that cooks, ',
  'Meanwhile, ',
  'In the meantime, ',
  'While the ribs are under pressure, ',
  'While the pot comes down, ',
  'Once the ribs are in, ',
  'Take the ribs out onto a foil-lined tray. ',
  'Lift out the ribs carefully and lay them on a baking sheet. For the glaze, ',
  'Remove ribs. To make the glaze, ',
  'Open the lid and transfer the ribs to a tray, bone side down. ',
];
const BEGUN = [
  'combine the honey, soy sauce and garlic in a small saucepan',
  'put the honey, soy and garlic into a small pan',
  'in a small saucepan, whisk together the honey, soy sauce and garlic',
  'add honey, soy and garlic to a saucepan',
  'heat the honey, soy sauce and garlic in a saucepan',
  'stir the honey, soy and grated garlic together in a little saucepan over a medium heat',
  'bring the honey, soy sauce and garlic to a boil in a small saucepan',
  'pour the honey and soy into a small pan with the garlic',
  'warm the honey with the soy and garlic in a milk pan',
  'simmer honey, soy sauce and garlic in a small pot on the stove',
];
const BOUND = [
  ' and bring to a simmer. Mix the cornstarch with the vinegar and whisk it in; cook 2 minutes until thick.',
  ', then bring to the boil. Whisk the cornstarch into the vinegar, add to the pan and bubble until syrupy.',
  '. Stir the cornstarch and vinegar together, pour in and let it bubble for 2 minutes.',
  '. Slake the cornstarch with the vinegar and stir it in until the glaze coats a spoon.',
  '; once bubbling, add the cornstarch mixed with the vinegar and stir until it thickens, 1-2 minutes.',
  '. When it bubbles, whisk in a slurry of the cornstarch and vinegar. Turn off the heat.',
];
const USED = [
  ' Brush the ribs with the glaze and grill for 4 minutes.',
  ' Brush it all over the ribs, then broil for 4-5 min.',
  ' Slather over the ribs. Broil until sticky, about 4 minutes.',
  ' Paint the ribs with half of it and put them under a hot grill for 5 minutes. Serve with the rest.',
  ' Set the ribs on a tray, brush with the sauce and broil 4 minutes.',
];

const inCase = (before: string, s: string): string =>
  before.endsWith('. ') ? s.charAt(0).toUpperCase() + s.slice(1) : s;

it('a glaze is one sauce of its own, whichever way it is told', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...WHEN),
      fc.constantFrom(...BEGUN),
      fc.constantFrom(...BOUND),
      fc.constantFrom(...USED),
      (when, begun, bound, used) => {
        const acts = told(LIST, LID + when + inCase(when, begun) + bound + used);
        const sauce = acts.find((a) => a.startsWith('sauce')) ?? '';
        for (const line of ['honey', 'soy-sauce', 'garlic', 'cornstarch', 'rice-vinegar'])
          expect(sauce).toContain(line);
        const verbs = acts.map((a) => /^\w+/.exec(a)?.[0]);
        expect(verbs).toEqual(expect.arrayContaining(['coat', 'grill']));
        for (const ofThePot of ['thicken', 'stirin', 'deglaze', 'reduce'])
          expect(verbs).not.toContain(ofThePot);
      },
    ),
    RUNS,
  );
});
