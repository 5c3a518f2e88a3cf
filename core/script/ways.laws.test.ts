import fc from 'fast-check';
import { draws } from '../../corpora/runs';
import { Pantry } from '../pantry/pantry';
import { readLine } from '../dish/read';
import type { Act } from './act';
import { readScript } from './read';

/**
 * A law of other words: a braise is the same braise whichever way each of its sentences is said. Sentences are drawn from pools, and every
 * line has to come to the act that it is in.
 */
const pantry = new Pantry();
const read = (list: readonly string[]) => list.map((t) => ({ read: readLine(t, pantry) }));
const RUNS = { numRuns: draws(100), seed: 20261128 };

/** What is done to a line, act by act. */
const doneTo = (acts: readonly Act[], line: number): string =>
  acts
    .filter((a) => a.lines.some((l) => l.index === line))
    .map((a) => a.verb)
    .join('+');
const lower = (s: string): string => s.charAt(0).toLowerCase() + s.slice(1);

describe('from the board to the lid', () => {
  const LINES = read([
    '1 kg beef chuck, cubed',
    '1 tsp salt',
    '1/2 tsp black pepper',
    '2 tbsp oil',
    '2 onions, chopped',
    '3 cloves garlic, crushed',
    '2 tsp paprika',
    '1 tsp cumin',
    '200 ml red wine',
    '400 ml beef stock',
    '1 tin chopped tomatoes',
    '2 carrots, sliced',
  ]);
  const SEASON = [
    'Season the beef with salt and pepper',
    'Rub the beef with the salt and pepper',
    'Pat the beef dry and season with salt and pepper',
    'Toss the beef with the salt and pepper',
    'Dust the meat with salt and pepper',
    'Scatter the salt and pepper over the beef',
    'Salt the beef well and grind over the pepper',
    'Put the beef in a bowl with the salt and pepper and toss',
    'Season: salt, pepper',
    'Dry the beef with kitchen paper, then salt and pepper it',
  ];
  const BROWN = [
    'Heat the oil on sauté and brown the beef in batches',
    'Sear the meat in hot oil until well browned',
    'Add the oil and the beef and cook until browned all over',
    'When the oil is hot add the beef and brown',
    'Get some colour on the beef in the oil',
    'Caramelise the beef in hot oil',
    'Slick the pot with the oil and brown the beef hard',
    'Turn the beef in the hot oil until it loses its pinkness',
    'Sauté on high, oil in, beef in, brown',
    'Heat a tablespoon of the oil, brown half the beef, repeat with the rest of the oil and beef',
  ];
  const OUT = [
    'Remove and set aside',
    'Transfer to a plate',
    'Park it on a plate',
    'Hold on a plate',
    'Tip into a bowl',
    'Take it out',
    'Take the meat out and keep it',
    'Reserve the beef',
    'Out',
    'As each batch is done put it on a plate',
  ];
  const SOFTEN = [
    'Add the onions and cook for 5 minutes',
    'Onions next, 5 min',
    'Into the same pot go the onions; cook 5 minutes',
    'Gently cook the onions, lid ajar, until meltingly soft',
    'Let the onions take colour in the fat, about 8 minutes',
    'Turn down to low, add the onions with a pinch of salt and cook for 10 minutes',
  ];
  const BLOOM = [
    'Add the garlic, paprika and cumin and stir for a minute',
    'Chuck in the garlic, paprika, cumin; 30 secs',
    'Let the garlic, paprika and cumin sizzle for a minute',
    'Add garlic; when it smells add the paprika and cumin',
    'Mix in the garlic, paprika and cumin and wait until you can smell them',
    'Follow with garlic, paprika and cumin, a minute more',
  ];
  const DEGLAZE = [
    'Pour in the wine and scrape the bottom',
    'Splash in the wine and let it bubble until reduced by half',
    'Add wine; let it nearly disappear',
    'Pour over the wine and get all the brown stuff off the bottom',
    'Add the wine and use a spoon to get up all of the brown bits',
    'Loosen with the wine',
    'Cook off the wine, scraping',
  ];
  const LOAD = [
    'Return the beef with the stock, tomatoes and carrots',
    'Put the beef back and add the stock, tomatoes and carrots',
    'Dump in the stock, tomatoes and carrots. Nestle the beef in',
    'Everything else in: stock, tomatoes, carrots, beef',
    'Add the rest of the ingredients and the beef',
    'Beef goes back, plus the stock, tomatoes and carrots',
  ];
  const pools = [SEASON, BROWN, OUT, SOFTEN, BLOOM, DEGLAZE, LOAD].map((p) => fc.constantFrom(...p));

  it('every line is where it is put, whichever way it is said', () => {
    fc.assert(
      fc.property(fc.tuple(...pools), (said) => {
        const method = `${said.join('. ')}. HP 35, NPR. Serve.`;
        const acts = readScript(method, LINES, pantry)?.acts ?? [];
        const at = LINES.map((_, i) => doneTo(acts, i));
        const verbs = acts.map((a) => a.verb);
        expect([method, at[1], at[2], at[0], at[4], at[8]]).toEqual([
          method,
          'season',
          'season',
          'brown',
          'soften',
          'deglaze',
        ]);
        for (const i of [5, 6, 7])
          expect([method, at[i]]).toEqual([method, expect.stringMatching(/^(?:bloom|soften)$/)]);
        for (const i of [9, 10, 11])
          expect([method, at[i]]).toEqual([method, expect.stringMatching(/^(?:add|return)$/)]);
        expect([method, verbs.filter((v) => v === 'liftout'), verbs.filter((v) => v === 'close')]).toEqual([
          method,
          ['liftout'],
          ['close'],
        ]);
        // What was lifted out goes back before the lid.
        const back = acts.findLast((a) => a.again.includes(0) && a.run === 0);
        expect([method, back?.verb]).toEqual([method, expect.stringMatching(/^(?:add|return)$/)]);
      }),
      RUNS,
    );
  });
});

describe('from the pin to the table', () => {
  const LINES = read([
    '1 kg chicken thighs',
    '500 ml stock',
    '1 onion',
    '2 tbsp cornflour',
    '3 tbsp cold water',
    '100 ml double cream',
    'a handful of parsley, chopped',
  ]);
  const OUT = [
    'Lift out the chicken',
    'Transfer the chicken to a cutting board',
    'Chicken out',
    'Scoop out the chicken with a slotted spoon',
    'Carefully remove the thighs',
  ];
  const CUT = [
    'Shred it with two forks',
    'Pull it apart with forks',
    'Tear into bite-size pieces',
    'Chop into chunks',
  ];
  const BIND = [
    'Mix the cornflour with the cold water and stir into the sauce',
    'In a small bowl whisk the cornflour and water. Press sauté. When the sauce bubbles whisk in the slurry',
    'Slake the cornflour in the water, add it and let it bubble for a minute',
    'Turn to sauté, add cornflour + water, stir till thick',
    'Add the slurry (cornflour and water) and simmer',
  ];
  const BACK = [
    'Return the chicken to the pot',
    'Chicken back in',
    'Stir in the chicken',
    'Return it to the pot',
  ];
  const CREAM = [
    'Stir in the cream',
    'Off the heat, stir in the cream',
    'Cream in',
    'Swirl through the cream',
  ];
  const STREW = [
    'Scatter with parsley',
    'Parsley on top',
    'Garnish with parsley and serve',
    'Finish: parsley',
  ];
  const pools = [OUT, CUT, BIND, BACK, CREAM, STREW].map((p) => fc.constantFrom(...p));

  it('lifts out, cuts, binds, returns, adds the cream and strews, in this order and once each', () => {
    fc.assert(
      fc.property(fc.tuple(...pools), fc.constantFrom('. ', ', ', ' and '), (said, join) => {
        const [out = '', cut = '', ...rest] = said;
        const hands = `${out}${join}${join === '. ' ? cut : lower(cut)}`;
        const method = `Put the chicken, onion and stock in. HP 12, NPR 5. ${[hands, ...rest].join('. ')}.`;
        const acts = readScript(method, LINES, pantry)?.acts ?? [];
        const after = acts.slice(acts.findIndex((a) => a.verb === 'release') + 1);
        const verbs = after.map((a) => a.verb).filter((v, i, all) => v !== 'serve' || all.indexOf(v) === i);
        expect([method, verbs.join(' ').replace('slice', 'shred')]).toEqual([
          method,
          'liftout shred thicken return dairy serve',
        ]);
        expect([method, ...[3, 4, 5, 6].map((i) => doneTo(after, i))]).toEqual([
          method,
          'thicken',
          'thicken',
          'dairy',
          'serve',
        ]);
      }),
      RUNS,
    );
  });
});

describe('each thing that is done to an open pot, alone or among others', () => {
  const LINES = read([
    '1.5 kg pork ribs',
    '300 ml stock',
    '200 ml barbecue sauce',
    '200 g green beans',
    '200 g spinach',
    '1 lemon',
    '150 g yoghurt',
    '300 g rice',
  ]);
  /** What is said, the verb it is, and the line that comes with it. */
  const DEEDS: readonly { verb: RegExp; line?: number; said: readonly string[] }[] = [
    { verb: /^strain$/, said: ['Strain the liquid', 'Pass the sauce through a sieve', 'Sieve the sauce'] },
    {
      verb: /^skim$/,
      said: [
        'Skim off the fat',
        'Skim',
        'Defat the sauce',
        'Remove the fat that has risen',
        'Blot up any fat with kitchen paper',
      ],
    },
    {
      verb: /^blendafter$/,
      said: [
        'Blitz the sauce with a stick blender',
        'Use an immersion blender to blend the sauce',
        'Liquidise the sauce',
      ],
    },
    {
      verb: /^reduce$/,
      said: [
        'Simmer the liquid down by half',
        'Set to sauté and reduce',
        'Cook the sauce down until syrupy',
        'Bubble the sauce until it coats a spoon',
      ],
    },
    {
      verb: /^(?:simmer|steamlid)$/,
      line: 3,
      said: [
        'Add the green beans and simmer for 4 minutes',
        'Green beans in, 4 minutes',
        'Drop the green beans into the sauce and let them cook for 4 minutes',
      ],
    },
    {
      verb: /^wilt$/,
      line: 4,
      said: ['Stir in the spinach until wilted', 'Wilt in the spinach', 'Spinach in, stir till it collapses'],
    },
    {
      verb: /^(?:stirin|finish)$/,
      line: 5,
      said: ['Squeeze in the lemon', 'Sharpen with lemon', 'Brighten with the lemon juice'],
    },
    {
      verb: /^(?:coat|grill|glaze)$/,
      line: 2,
      said: [
        'Brush the ribs with the barbecue sauce and finish under a hot grill for 5 minutes',
        'Transfer the ribs to a tray, coat with the sauce and broil 5 min',
        'Smother with the barbecue sauce; grill 5 min',
        'Put the ribs on a foil-lined baking sheet, slather with the barbecue sauce and broil until sticky, 5 minutes',
      ],
    },
    {
      verb: /^serve$/,
      line: 6,
      said: [
        'Serve with the yoghurt and rice',
        'Ladle over rice; yoghurt on top',
        'To serve: rice, yoghurt',
        'Spoon over rice and top with yoghurt',
      ],
    },
  ];

  it('is that deed, and brings its line', () => {
    const some = fc.subarray([...DEEDS.keys()], { minLength: 1, maxLength: 5 });
    fc.assert(
      fc.property(some, fc.nat(60), (chosen, nth) => {
        const said = chosen.map((d) => DEEDS[d]?.said[nth % (DEEDS[d]?.said.length ?? 1)] ?? '');
        const method = `Put the ribs and stock in. HP 25, NPR. Lift out the ribs. ${said.join('. ')}.`;
        const acts = readScript(method, LINES, pantry)?.acts ?? [];
        const after = acts.slice(acts.findIndex((a) => a.verb === 'release') + 1);
        for (const { verb, line } of chosen.flatMap((d) => DEEDS[d] ?? []))
          expect([
            method,
            after.map((a) => a.verb).join(' '),
            line === undefined ? '' : doneTo(after, line),
          ]).toEqual([
            method,
            expect.stringMatching(verb.source.replace(/[\^$]/g, '')),
            line === undefined ? '' : expect.stringMatching(verb),
          ]);
      }),
      RUNS,
    );
  });
});

describe('a long simmer, oven or slow pot becomes the lid', () => {
  const LINES = read([
    '1 kg beef chuck, cubed',
    '2 tbsp oil',
    '2 onions, chopped',
    '400 ml beef stock',
    '1 tin chopped tomatoes',
    '2 carrots, sliced',
    '1 tbsp cornflour',
    '2 tbsp cold water',
    '100 ml cream',
  ]);
  const BEFORE = [
    'Heat the oil in a casserole and brown the beef; set aside. Soften the onions. Return the beef with the stock, tomatoes and carrots',
    'Brown the beef in the oil in batches in a heavy pan. Remove. Fry the onions until golden. Add the beef, stock, tomatoes and carrots',
    'Put the beef, onions, stock, tomatoes and carrots in a large ovenproof dish',
    'Heat oil in a Dutch oven over medium-high heat. Sear beef, 8 minutes. Add onions, cook 5 minutes. Stir in stock, tomatoes and carrots',
  ];

  it.each([
    'Bring to the boil, then cover and simmer gently for 2 hours',
    'Simmer, covered, over a low heat for 2 hours, stirring occasionally',
    'Cover and cook in the oven at 160C for 2 hours',
    'Cover with a lid, transfer to the oven and braise for 2-2½ hours until tender',
    'Turn the heat down to low, put the lid on and cook for 2 hours',
    'Cook on low for 8 hours or high for 4',
    'Transfer to the slow cooker and cook on LOW 8 hours',
    'Let it bubble away gently, partially covered, for about 2 hours',
    'Leave to simmer on the lowest heat for an hour and a half',
    'Cover and let it tick over for 2 hours',
    'Bring to a simmer. Cover. Cook very gently 2 hours',
    'Pop the lid on and cook in a low oven (150C/130C fan/gas 2) for 3 hours',
    'Reduce the heat, cover and simmer until the meat is tender, about 2 hours',
  ])('%s', (long) => {
    for (const before of BEFORE) {
      const method = `${before}. ${long}. Thicken with the cornflour and water. Off the heat add the cream.`;
      const script = readScript(method, LINES, pantry);
      const verbs = script?.acts.map((a) => a.verb) ?? [];
      const lid = verbs.indexOf('close');
      expect([method, script?.isConverted, verbs.slice(lid).join(' ')]).toEqual([
        method,
        true,
        'close hold release thicken dairy',
      ]);
      for (const i of [0, 2, 3, 4, 5])
        expect([
          method,
          i,
          script?.acts.slice(0, lid).some((a) => a.lines.some((l) => l.index === i)),
        ]).toEqual([method, i, true]);
    }
  });
});

describe('a curry from marinade to leaves', () => {
  const LINES = read([
    '1 kg chicken thighs',
    '200 g yoghurt',
    '1 tsp salt',
    '1 tsp turmeric',
    '2 tbsp ghee',
    '1 tsp cumin seeds',
    '2 onions, sliced',
    '1 tbsp ginger garlic paste',
    '2 tsp coriander powder',
    '1 tsp red chilli powder',
    '400 g tomatoes, chopped',
    '50 g cashews',
    '200 ml water',
    '1 tsp garam masala',
    '100 ml cream',
    'coriander leaves',
  ]);
  const POOLS = [
    [
      'Marinate the chicken in the yoghurt, salt and turmeric for an hour',
      'Mix the chicken with the yoghurt, salt and turmeric and set aside for 30 minutes',
      'Combine yoghurt, salt and turmeric in a bowl, add the chicken, coat well and refrigerate overnight',
      'Put the chicken, yoghurt, salt and turmeric in a bag and massage; leave for an hour',
      'Toss chicken in yoghurt, turmeric and salt. Rest 30 min',
    ],
    [
      'Soak the cashews in hot water for 15 minutes and blend to a paste',
      'Grind the cashews to a smooth paste with a little water',
      'Soak cashews, then grind',
    ],
    [
      'Heat ghee. Add cumin. When it crackles',
      'In the ghee temper the cumin seeds',
      'Melt the ghee, throw in the cumin seeds and let them sizzle',
    ],
    [
      'Add the onions and fry till golden brown',
      'Onions go in, fry till light brown',
      'Fry onions to a deep golden',
    ],
    ['Add ginger garlic paste, saute till the raw smell goes', 'G-G paste next, 1 min'],
    [
      'Add the dry spices (coriander powder, red chilli powder)',
      'Lower the heat and add the coriander and chilli powders',
      'Sprinkle in coriander powder and red chilli powder; fry briefly',
    ],
    [
      'Add tomatoes, cook till mushy',
      'Stir in the tomatoes and bhuno until the oil floats',
      'Tip in the tomatoes; cook for 6 minutes until pulpy',
    ],
    [
      'Add the marinated chicken and cook on high for 5 minutes. Pour in the water',
      'Add the chicken along with all the marinade, stir for 3 minutes, add the water',
      'Slide in the chicken, turn it in the masala for 4 minutes, pour in the water',
    ],
    [
      'Pressure cook for 2 whistles. Let the pressure release naturally',
      'HP 8, NPR 5',
      'Cook for 2 whistles on medium flame; wait for the pressure to drop',
    ],
    [
      'Stir in the cashew paste and simmer for 5 minutes. Add the garam masala. Finish with cream and garnish with coriander',
      'Add cashew paste, garam masala; simmer 5 min. Off the heat stir in the cream. Top with coriander leaves',
    ],
  ];

  it('has every spice, paste and powder at its act', () => {
    fc.assert(
      fc.property(fc.tuple(...POOLS.map((p) => fc.constantFrom(...p))), (said) => {
        const method = `${said.join('. ')}.`;
        const acts = readScript(method, LINES, pantry)?.acts ?? [];
        const lid = acts.findIndex((a) => a.verb === 'close');
        const wanted: readonly [number, RegExp, 'before' | 'after'][] = [
          [0, /^(?:add|brown)$/, 'before'],
          [1, /^(?:marinate|season)$/, 'before'],
          [3, /^(?:marinate|season)$/, 'before'],
          [5, /^(?:pop|bloom)$/, 'before'],
          [6, /^soften$/, 'before'],
          [7, /^(?:bloom|soften)$/, 'before'],
          [8, /^(?:bloom|soften)$/, 'before'],
          [9, /^(?:bloom|soften)$/, 'before'],
          [10, /^soften$/, 'before'],
          [11, /^(?:simmer|stirin)$/, 'after'],
          [12, /^(?:add|deglaze)$/, 'before'],
          [13, /^(?:simmer|stirin|dairy)$/, 'after'],
          [14, /^dairy$/, 'after'],
          [15, /^serve$/, 'after'],
        ];
        for (const [line, verb, when] of wanted) {
          const at = acts.findIndex((a) => a.lines.some((l) => l.index === line));
          expect([method, line, doneTo(acts, line), at < lid ? 'before' : 'after']).toEqual([
            method,
            line,
            expect.stringMatching(verb),
            when,
          ]);
        }
        const verbs = acts.map((a) => a.verb);
        expect([
          method,
          verbs.filter((v) => v === 'close').length,
          verbs.filter((v) => ['rest', 'liftout'].includes(v)),
        ]).toEqual([method, 1, []]);
      }),
      RUNS,
    );
  });
});
