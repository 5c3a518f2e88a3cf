import fc from 'fast-check';
import { draws } from '../../corpora/runs';
import { Pantry } from '../pantry/pantry';
import { readLine } from '../dish/read';
import { readScript } from './read';

/**
 * The same law for whole dishes of other ways: chillies that are soaked and blended, pasta under the lid, dumplings on a stew. Each sentence
 * is drawn from a pool of those that say the same, and every line has to come to its act, before the lid or after it.
 */
const pantry = new Pantry();

interface Way {
  name: string;
  list: readonly string[];
  pools: readonly (readonly string[])[];
  /** Line, the acts it may be in, and on which side of the lid. */
  wanted: readonly (readonly [line: number, acts: RegExp, when: 'before' | 'after'])[];
  /** Acts that nobody asked for. */
  never: readonly string[];
}

const WAYS: readonly Way[] = [
  {
    name: 'chillies soaked and blended',
    list: [
      '1.2 kg pork shoulder, cubed',
      '3 guajillo chiles',
      '2 ancho chiles',
      '1 onion, quartered',
      '4 garlic cloves',
      '1 tsp cumin seeds',
      '2 tbsp cider vinegar',
      '2 tbsp oil',
      '300 ml chicken stock',
      '2 bay leaves',
      'corn tortillas',
      '1 lime',
    ],
    pools: [
      [
        'Toast the guajillo and ancho chiles in a dry pan, then soak in hot water for 20 minutes',
        'Stem and seed the chiles, toast for a minute and cover with boiling water for 15 minutes',
        'Tear the chiles open, shake out the seeds and toast in a hot dry skillet. Soak in hot water until soft',
        'Soak the dried chiles in hot water for 30 minutes',
      ],
      [
        'Drain and blend with the onion, garlic, cumin and vinegar to a smooth paste',
        'Transfer the chiles to a blender with the onion, garlic, cumin seeds, vinegar and a little of the soaking water and blend until smooth',
        'Purée the drained chiles with the onion, garlic, cumin and vinegar',
      ],
      [
        'Heat the oil and brown the pork on all sides',
        'Brown the pork in the oil in batches',
        'Sear the pork in hot oil',
      ],
      [
        'Add the chile paste and fry for 3 minutes',
        'Stir in the chile purée and let it sizzle for a couple of minutes',
        'Pour over the chile sauce',
      ],
      ['Add the stock and bay leaves', 'Pour in the stock, add the bay, scrape the bottom'],
      ['HP 35, NPR', 'Pressure cook 35 min, natural release 15'],
      [
        'Lift out the pork and shred. Reduce the sauce. Return the pork. Serve in tortillas with lime',
        'Shred the pork in the pot. Serve with warm tortillas and lime wedges',
        'Discard the bay. Pull the meat apart with forks and pile into tortillas; squeeze over the lime',
      ],
    ],
    wanted: [
      [0, /^brown$/, 'before'],
      [1, /^(?:bloom|soften|top|add|deglaze)$/, 'before'],
      [3, /^(?:bloom|soften|top|add|deglaze)$/, 'before'],
      [5, /^(?:bloom|soften|top|add|deglaze)$/, 'before'],
      [8, /^(?:add|deglaze)$/, 'before'],
      [10, /^(?:serve|fill)$/, 'after'],
      [11, /^(?:serve|fill|stirin)$/, 'after'],
    ],
    never: ['thicken', 'rest', 'pop'],
  },
  {
    name: 'pasta under the lid',
    list: [
      '500 g beef mince',
      '1 tbsp oil',
      '1 onion, chopped',
      '2 cloves garlic',
      '1 tbsp tomato paste',
      '500 g spaghetti',
      '700 g jar passata',
      '700 ml beef stock',
      '100 g parmesan',
      '100 ml cream',
      'basil leaves',
    ],
    pools: [
      [
        'Brown the mince in the oil with the onion',
        'Sauté the mince and onion in the oil, 6 minutes',
        'Oil in, mince and onion in, brown',
      ],
      ['Stir in the garlic and tomato paste for a minute', 'Garlic and tomato paste, 1 min'],
      ['Pour in half of the stock and scrape the bottom', 'Deglaze with a little stock'],
      [
        'Break the spaghetti in half and lay it crosswise on top. Pour over the passata and the rest of the stock. Do not stir',
        'Snap the spaghetti and scatter it over in a criss-cross so it does not clump. Add the stock and passata and push the pasta under',
        'Layer the broken spaghetti over the meat, pour in the stock then the passata without stirring',
        'In go the spaghetti (broken), stock and passata, in that order; do not mix',
      ],
      ['HP 8, QR', 'Close, 8 min high, quick release carefully as it may spit'],
      [
        'Stir well, then stir in the parmesan and cream. Let it sit for 5 minutes to thicken',
        'Give it a good stir (it will look watery but thickens as it stands), add cream and parmesan',
      ],
      ['Serve with basil', 'Scatter over the basil'],
    ],
    wanted: [
      [0, /^brown$/, 'before'],
      [3, /^(?:bloom|soften)$/, 'before'],
      [4, /^(?:bloom|soften)$/, 'before'],
      [5, /^(?:add|top)$/, 'before'],
      [6, /^(?:add|top)$/, 'before'],
      [8, /^(?:dairy|stirin)$/, 'after'],
      [9, /^dairy$/, 'after'],
      [10, /^serve$/, 'after'],
    ],
    never: ['liftout', 'thicken', 'boil', 'simmer'],
  },
  {
    name: 'dumplings on a stew',
    list: [
      '1 kg stewing beef',
      '3 tbsp plain flour',
      '2 tbsp oil',
      '2 onions',
      '3 carrots',
      '500 ml ale',
      '300 ml beef stock',
      '150 g self-raising flour',
      '75 g suet',
      '100 ml cold water',
      'parsley, chopped',
    ],
    pools: [
      [
        'Toss the beef in the flour',
        'Season the flour and roll the beef in it',
        'Shake the beef and flour together in a bag',
      ],
      [
        'Brown in the oil in batches',
        'Heat the oil and brown the beef all over; set aside',
        'Fry in hot oil until brown, remove',
      ],
      [
        'Fry the onions and carrots for 5 minutes',
        'Tip in the veg and cook until starting to colour',
        'Onions and carrots in, 5 mins',
      ],
      [
        'Pour in the ale and scrape up the sticky bits',
        'Deglaze with the ale',
        'Add the ale, bubble for 2 minutes, scraping',
      ],
      ['Return the beef with the stock', 'Beef back in, plus stock'],
      ['HP 30, NPR', 'Close and cook at high pressure for 30 minutes; natural release'],
      [
        'For the dumplings mix the self-raising flour and suet with the water to a soft dough, shape into balls and drop onto the stew',
        'Meanwhile make the dumplings: stir the self-raising flour and suet together, add the water, bring together and divide into 8. Place on top of the stew',
        'Combine the self-raising flour, suet and water; form 8 dumplings and put on top',
      ],
      [
        'Put the lid on without pressure and simmer for 15 minutes',
        'Cover with a glass lid and simmer until puffed up, 15 minutes',
      ],
      ['Sprinkle with parsley', 'Serve scattered with parsley'],
    ],
    wanted: [
      [0, /^brown$/, 'before'],
      [1, /^(?:dredge|brown)$/, 'before'],
      [3, /^soften$/, 'before'],
      [4, /^soften$/, 'before'],
      [5, /^deglaze$/, 'before'],
      [6, /^(?:add|return)$/, 'before'],
      [7, /^(?:mix|top)$/, 'after'],
      [8, /^(?:mix|top)$/, 'after'],
      [9, /^(?:mix|top)$/, 'after'],
      [10, /^(?:serve|stirin)$/, 'after'],
    ],
    never: ['thicken', 'fill', 'grill'],
  },
];

describe('a whole dish, whichever way it is said', () => {
  it.each(WAYS.map((way) => [way.name, way] as const))('%s', (_name, { list, pools, wanted, never }) => {
    const lines = list.map((t) => ({ read: readLine(t, pantry) }));
    fc.assert(
      fc.property(fc.tuple(...pools.map((p) => fc.constantFrom(...p))), (said) => {
        const method = `${said.join('. ')}.`;
        const acts = readScript(method, lines, pantry)?.acts ?? [];
        const lid = acts.findIndex((a) => a.verb === 'close');
        const has = (line: number) => acts.filter((a) => a.lines.some((l) => l.index === line));
        for (const [line, verbs, when] of wanted) {
          const mine = has(line);
          const at = mine[0] ? acts.indexOf(mine[0]) : -1;
          expect([
            method,
            list[line],
            mine.map((a) => a.verb).join('+'),
            at < lid ? 'before' : 'after',
          ]).toEqual([method, list[line], expect.stringMatching(verbs), when]);
        }
        const verbs = acts.map((a) => a.verb);
        expect([
          method,
          verbs.filter((v) => v === 'close').length,
          verbs.filter((v) => never.includes(v)),
        ]).toEqual([method, 1, []]);
      }),
      { numRuns: draws(75), seed: 20261128 },
    );
  });
});
