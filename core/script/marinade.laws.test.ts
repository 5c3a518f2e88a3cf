import fc from 'fast-check';
import { draws } from '../../corpora/runs';
import { readLine } from '../dish/read';
import { linesApart, readRecipe } from '../page/index';
import { Pantry } from '../pantry/pantry';
import type { Act } from './act';
import { readScript } from './read';

/**
 * A law of other words for a marinated curry: whatever the marinade's part of the list is called and however it is put together and left,
 * all of it stands so long with the meat, and everything else goes in by itself.
 */
const RUNS = { numRuns: draws(60), seed: 20261201 };
const pantry = new Pantry();

const NAMED = ['For the marinade:', 'Marinade', 'To marinate:', 'For Marination', 'Marination:', null];
const OTHERS = ['For the curry:', 'Curry', 'Other ingredients:', 'For the gravy', 'Rest:'];
/** How it is put together, and for how many minutes it stands. */
const STOOD: readonly (readonly [string, number])[] = [
  [
    'In a mixing bowl take the chicken, add all the marination ingredients, mix well and keep aside for at least 1 hour.',
    60,
  ],
  ['Marinate the chicken with the yoghurt, turmeric, chilli powder and salt for 1 hour.', 60],
  ['Mix the chicken with yogurt, turmeric, chilli powder and salt. Cover and leave for an hour.', 60],
  [
    'Combine the yoghurt, turmeric, chilli powder and salt in a bowl. Add the chicken, coat well, and refrigerate for 1 hour.',
    60,
  ],
  [
    'Add the chicken to a large bowl with all the marinade ingredients. Mix and set aside for 30 minutes.',
    30,
  ],
  [
    'Take chicken in a bowl. Add yogurt, turmeric, chilli powder, salt. Mix well and let it rest for 30 minutes.',
    30,
  ],
  [
    'Whisk the yoghurt with the turmeric, chilli powder and salt, then stir in the chicken. Chill for at least 2 hours or overnight.',
    120,
  ],
  ['Toss the chicken in the yoghurt, spices and salt; let stand 20 min.', 20],
  [
    'Put the chicken in a zip-top bag with the yoghurt, turmeric, chilli and salt, squash it about and put in the fridge for 4 hours.',
    240,
  ],
  [
    'Rub the chicken with turmeric, chilli powder and salt, then add the yoghurt and mix. Keep it in the fridge for 1 hour.',
    60,
  ],
  [
    'Marinade the chicken in yogurt, turmeric, chilli powder and salt, overnight if you can, but at least 30 mins.',
    30,
  ],
  ['Apply yogurt, turmeric, chilli powder and salt to the chicken. Leave aside 30 mins.', 30],
  [
    'Place the chicken in a bowl; add the yoghurt, turmeric, chilli powder and salt and massage well. Cover with cling film and leave in the fridge for 2-3 hours.',
    150,
  ],
  ['Mix all the ingredients for the marinade and coat the chicken in it. Refrigerate 1 hour.', 60],
  ['To the chicken add curd, turmeric, red chilli powder and salt, mix and keep aside for 30 mins.', 30],
  ['Marinate chicken with the ingredients under marinade for 1 hr.', 60],
];
const BEGUN = [
  'Heat the oil in the cooker and add the cumin seeds. When they splutter add the onions and fry till golden brown, 10 minutes.',
  'Heat oil, splutter cumin seeds, add onions and saute till brown.',
  'In a pressure cooker, heat the oil. Add the cumin and let it crackle. Add the onions and fry until golden.',
];
const BASE = [
  'Add the ginger garlic paste and fry for a minute. Add tomatoes and cook till mushy.',
  'Stir in ginger garlic paste, saute 1 min till the raw smell goes, then the tomatoes; cook until oil separates.',
  'Add the ginger-garlic paste; cook 1 minute. Tip in the tomatoes and cook down for 5 minutes.',
];
const MEAT_IN = [
  'Add the marinated chicken and cook for 5 minutes.',
  'Add the chicken along with the marinade and fry on high for 5 mins.',
  'Now put in the marinated chicken, mix well and saute for 5 mins.',
  'Tip in the chicken and all its marinade; stir for 5 minutes.',
  'Add chicken with marinade, mix and cook on medium heat for 4-5 minutes.',
];
const LID = [
  'Add the water, close the lid and cook for 2 whistles. Let the pressure release naturally.',
  'Pour in the water. Lid on, 8 minutes at high pressure, natural release 5 minutes.',
  'Add water, pressure cook on high for 8 minutes. Quick release.',
];
const END = [
  'Open, sprinkle garam masala, simmer for 3 minutes and garnish with coriander.',
  'Stir in the garam masala and coriander. Serve hot with rice.',
  'Add garam masala, mix, top with coriander leaves.',
];
const MARINADE = [
  '1 kg chicken, curry cut',
  '1 cup yogurt',
  '1/2 tsp turmeric',
  '2 tsp chilli powder',
  '1 tsp salt',
];
const CURRY = [
  '3 tbsp oil',
  '1 tsp cumin seeds',
  '3 onions, sliced',
  '2 tbsp ginger garlic paste',
  '3 tomatoes, chopped',
  '1 cup water',
  '1 tsp garam masala',
  'fresh coriander',
];

it('what is marinated stands together for its time, and nothing else with it', () => {
  fc.assert(
    fc.property(
      fc.record({
        head: fc.constantFrom(...NAMED),
        others: fc.constantFrom(...OTHERS),
        stood: fc.constantFrom(...STOOD),
        begun: fc.constantFrom(...BEGUN),
        base: fc.constantFrom(...BASE),
        meatIn: fc.constantFrom(...MEAT_IN),
        lid: fc.constantFrom(...LID),
        end: fc.constantFrom(...END),
      }),
      ({ head, others, stood: [stood, minutes], begun, base, meatIn, lid, end }) => {
        fc.pre(head !== null || !stood.includes('ingredients'));
        const list = head === null ? [...MARINADE, ...CURRY] : [head, ...MARINADE, '', others, ...CURRY];
        const recipe = readRecipe(
          `Chicken curry\nServes 4\n\nIngredients\n${list.join('\n')}\n\nMethod\n${[stood, begun, base, meatIn, lid, end].map((s, i) => `${i + 1}. ${s}`).join('\n')}`,
          pantry,
        );
        const lines = linesApart(recipe.lines, pantry).map((l) => ({
          read: readLine(l.text, pantry),
          section: l.section,
        }));
        expect(lines).toHaveLength(MARINADE.length + CURRY.length);
        const acts = readScript(recipe.method, lines, pantry)?.acts ?? [];
        const nameOf = (i: number): string => lines[i]?.read.food?.id ?? '?';
        const doneTo = (a: Act): string[] => [...a.lines.map((l) => nameOf(l.index)), ...a.again.map(nameOf)];
        const of = (id: string): string =>
          acts
            .filter((a) => a.lines.some((l) => nameOf(l.index) === id))
            .map((a) => a.verb)
            .join('+');
        const [standing, ...more] = acts.filter((a) => a.verb === 'marinate');
        expect(more).toEqual([]);
        expect(standing?.minutes).toBe(minutes);
        expect([...new Set(standing ? doneTo(standing) : [])].sort()).toEqual(
          ['chilli-powder', 'salt', 'turmeric', 'whole-chicken', 'yoghurt'].sort(),
        );
        expect(of('cumin-seed')).toBe('pop');
        expect(of('onion')).toBe('soften');
        expect(of('ginger-garlic-paste')).toMatch(/^(?:soften|bloom)$/);
        expect(of('tomato')).toMatch(/^(?:soften|add)$/);
        expect(of('water')).toMatch(/^(?:add|deglaze)$/);
        expect(of('garam-masala')).toMatch(/^(?:stirin|finish|simmer)$/);
        expect(acts.map((a) => a.verb)).not.toContain('liftout');
        const isIn = (a: Act): boolean => ['brown', 'add', 'soften', 'return'].includes(a.verb);
        expect(acts.filter(isIn).flatMap(doneTo)).toContain('whole-chicken');
      },
    ),
    RUNS,
  );
});
