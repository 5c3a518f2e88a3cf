import fc from 'fast-check';
import { judgeScript, scriptCases } from '../../corpora/judge';
import { emptyDish, type Dish } from '../dish/dish';
import { minutesNamed, pressureRuns } from '../dish/pressure';
import { readLine } from '../dish/read';
import { Pantry } from '../pantry/pantry';
import { defaultKitchen } from '../kitchen/kitchen';
import { planDish } from '../plan/plan';
import { VERBS, VERBS_THAT, verbById } from './data/verbs';
import { linesMeant } from './align';
import { readScript } from './read';

const pantry = new Pantry();
const dishOf = (lines: readonly string[], method: string): Dish => ({
  ...emptyDish('d', 'Test', 0),
  lines: lines.map((text, i) => ({ id: `l${i}`, text })),
  method,
});
const planOf = (lines: readonly string[], method: string) =>
  planDish(dishOf(lines, method), defaultKitchen());

/** The acts of a method as they are told apart: "brown(1 tbsp oil, 8 chicken thighs)". */
const acts = (lines: readonly string[], method: string): string[] =>
  (
    readScript(
      method,
      lines.map((l) => ({ read: readLine(l, pantry) })),
      pantry,
    )?.acts ?? []
  ).map((a) => `${a.verb}(${a.lines.map((l) => lines[l.index]).join(', ')})`);

describe('dishes that are each cooked their own way', () => {
  it.each(scriptCases('corpora/scripts/open.txt').map((c) => [c.name, c] as const))('%s', (_name, c) => {
    const r = judgeScript(c);
    expect([r.inOrder, r.extra]).toEqual([r.acts, 0]);
    expect(r.wrong.length).toBeLessThanOrEqual(1);
  });
});

describe('which line a mention means', () => {
  const meant = (clause: string, ...lines: string[]): string[] =>
    linesMeant(
      clause,
      lines.map((l) => ({ read: readLine(l, pantry) })),
      pantry,
    ).map((i) => lines[i]!);

  it.each([
    ['return the chicken', ['8 chicken thighs', '400 ml chicken stock'], ['8 chicken thighs']],
    ['pour in the stock', ['8 chicken thighs', '400 ml chicken stock'], ['400 ml chicken stock']],
    [
      'add the chicken, stock and thyme',
      ['8 chicken thighs', '400 ml chicken stock', '2 sprigs thyme'],
      ['8 chicken thighs', '400 ml chicken stock', '2 sprigs thyme'],
    ],
    ['add the cinnamon', ['1 cinnamon stick', '2 tsp ground cumin'], ['1 cinnamon stick']],
    [
      'stir in the ground spices',
      ['2 tsp ground cumin', '1 star anise', '1 tsp turmeric'],
      ['2 tsp ground cumin', '1 tsp turmeric'],
    ],
    ['scatter with spring onions', ['1 onion', '3 spring onions'], ['3 spring onions']],
    [
      'add everything but the cream',
      ['1 kg beef chuck', '2 onions', '100 ml double cream'],
      ['1 kg beef chuck', '2 onions'],
    ],
    ['squeeze in the lime', ['4 lime leaves', '1 lime'], ['1 lime']],
  ])('“%s”', (clause, lines, wanted) => expect(meant(clause, ...lines)).toEqual(wanted));
});

describe('a method becomes steps', () => {
  it('of a dump recipe: a handful, nothing browned, nothing thickened unasked', () => {
    const plan = planOf(
      ['1 kg chicken breasts', '1 jar salsa', '300 ml chicken stock', '1 packet taco seasoning'],
      'Put everything in the pot. Cook on high pressure for 12 minutes. Natural release 10 minutes. Shred the chicken and serve.',
    );
    const titles = plan.steps.map((s) => s.title).join('|');
    expect(titles).not.toMatch(/Brown|Soften|Thicken|How much sauce|Deglaze/);
    expect(titles).toMatch(/In with .*Close and set.*Hold.*Shred/);
    expect(plan.steps.find((s) => s.title.startsWith('Shred'))?.words).toMatch(/Shred the chicken/);
  });

  it('with what comes after in its order: lifted out, reduced, under the grill', () => {
    const plan = planOf(
      ['1.5 kg pork ribs', '300 ml apple juice', '100 ml ketchup', '2 tbsp honey'],
      'Stand the ribs on a rack over the juice. High pressure 22 minutes, natural release. Lift out the ribs. Boil the ketchup and honey with the juices until sticky. Brush over and put under the grill for 5 minutes.',
    );
    const ids = plan.steps.map((s) => s.title);
    const at = (re: RegExp): number => ids.findIndex((t) => re.test(t));
    expect(at(/on the rack/)).toBeLessThan(at(/Close and set/));
    expect(at(/Lift out/)).toBeGreaterThan(at(/Check the/));
    expect(at(/glaze/i)).toBeGreaterThan(at(/Lift out/));
    expect(at(/grill/)).toBeGreaterThan(at(/glaze/i));
    expect(plan.steps.find((s) => /grill/.test(s.title))?.cautions.join()).toMatch(/oven-proof/);
  });

  it('for the stove becomes one for pressure, and says so', () => {
    const { script, steps } = planOf(
      ['1 kg beef chuck, cubed', '2 onions', '1 tbsp oil', '500 ml stock'],
      'Brown the beef in the oil. Add the onions and stock. Cover and simmer gently for 2 hours. Taste and serve.',
    );
    expect(script).toMatchObject({ isConverted: true });
    expect(script?.convertedFrom).toMatch(/2 hours/);
    expect(steps.some((s) => s.kind === 'hold')).toBe(true);
  });

  it('keeps a second lid apart: what comes later is not in the first', () => {
    const plan = planOf(
      ['1 kg lamb neck', '400 ml stock', '500 g potatoes, in 3 cm pieces'],
      'Brown the lamb. Add the stock and scrape. Lock the lid, 20 minutes at high pressure, quick release. Add the potatoes, close again and cook 5 minutes at high pressure. Quick release.',
    );
    expect(plan.items.find((i) => i.lineId === 'l2')).toMatchObject({ moment: 'lid', line: { later: true } });
    expect(plan.heat.second?.then).toBe('pressure');
    expect(plan.steps.find((s) => s.id === 'load')?.items.map((i) => i.lineId)).not.toContain('l2');
  });

  it('follows its minutes where they do no harm, and says what differs where they do', () => {
    const lines = ['900 g beef chuck, in 4 cm cubes', '500 ml stock'];
    const method = (n: number): string =>
      `Brown the beef. Add the stock and scrape. High pressure ${n} minutes, natural release.`;
    const computed = planOf(lines, '').heat.holdS / 60;
    const more = planOf(lines, method(computed + 3));
    expect([more.heat.holdS / 60, more.told.isFollowed]).toEqual([computed + 3, true]);
    const short = planOf(lines, method(9));
    expect(short.told.isFollowed).toBe(false);
    expect(short.findings.find((f) => f.id === 'recipe-minutes')?.text).toMatch(/says 9 min; here it is/);
    expect(
      planOf(lines, method(computed + 3).replace('natural release', 'natural release 15 minutes, then vent'))
        .ventAfterMin,
    ).toBe(15);
  });
});

describe('what sounds like another thing', () => {
  const verbs = (lines: string[], method: string): string =>
    (
      readScript(
        method,
        lines.map((l) => ({ read: readLine(l, pantry) })),
        pantry,
      )?.acts ?? []
    )
      .map((a) => `${a.verb}${a.lines.length ? `:${a.lines.map((l) => lines[l.index]).join('+')}` : ''}`)
      .join(' | ');
  const LID = 'Lock the lid and cook at high pressure for 10 minutes. Quick release.';
  const MEAT = '1 kg chicken thighs';

  it.each([
    [
      'boiling on high is no lid',
      [MEAT, '300 ml stock'],
      `Add the chicken and stock. ${LID} Lift out the chicken. Boil the sauce on high for 8 minutes until reduced by half.`,
      /release \| liftout \| reduce$/,
    ],
    [
      'a lid under which cheese melts is no second one',
      [MEAT, '300 ml stock', '1 ball mozzarella'],
      `Add the chicken and stock. ${LID} Tear over the mozzarella, put the lid back on for 5 minutes so it melts.`,
      /release \| melt:1 ball mozzarella$/,
    ],
    [
      'whistles are a hold',
      ['1 kg goat', '400 ml water'],
      'Add the goat and water, close the lid and cook for 5 whistles, then simmer 10 minutes. Let the pressure drop by itself.',
      /^add:1 kg goat\+400 ml water \| close \| hold \| release$/,
    ],
    [
      'purée is no blending',
      [MEAT, '1 tbsp tomato purée', '300 ml stock'],
      `Brown the chicken. Stir in the tomato purée. Pour in the stock. ${LID}`,
      /^brown:.* \| bloom:1 tbsp tomato purée/,
    ],
    [
      'to tip in is no tip',
      [MEAT, '2 onions', '300 ml stock'],
      `Tip in the onions and sweat for 8 minutes. Add the chicken and stock. ${LID}`,
      /^soften:2 onions/,
    ],
    [
      'meat that is shredded was under the lid',
      [MEAT, '300 ml stock'],
      `Pour the stock into the pot. ${LID} Shred the chicken with two forks.`,
      /^add:300 ml stock\+1 kg chicken thighs \| close .*\| shred$/,
    ],
    [
      'placed in the pot is what was on the board',
      [MEAT, '2 tsp cumin', '300 ml stock'],
      `Rub the cumin over the chicken. Place in the pot with the stock. ${LID}`,
      /^season:2 tsp cumin \| add:1 kg chicken thighs\+300 ml stock/,
    ],
    [
      'a splash is not the jug',
      [MEAT, '2 onions', '500 ml water'],
      `Soften the onions with a splash of water. Add the chicken and pour in the water. ${LID}`,
      /^soften:2 onions \| add:1 kg chicken thighs\+500 ml water/,
    ],
    [
      'two waters are told apart',
      [MEAT, '180 ml water', '2 tbsp cornflour', '2 tbsp cold water'],
      `Add the chicken and 180 ml water. ${LID} Mix the cornflour with the cold water, stir in and boil until glossy.`,
      /^add:1 kg chicken thighs\+180 ml water \| .*thicken:2 tbsp cornflour\+2 tbsp cold water$/,
    ],
    [
      'all but a spoonful of fat is no group',
      [MEAT, '2 onions', '300 ml stock'],
      `Brown the chicken in a wide pan. Pour off all but a spoonful of fat. Soften the onions. Add the stock, scraping up everything stuck. ${LID}`,
      /pouroff \| soften:2 onions \| deglaze:300 ml stock/,
    ],
    [
      'a dough is no slurry',
      [MEAT, '400 ml stock', '150 g self-raising flour', '75 g suet', '100 ml cold water'],
      `Add the chicken and stock. ${LID} Mix the flour and suet with the water and roll into 8 balls. Simmer with the lid on loosely for 15 minutes.`,
      /mix:150 g self-raising flour\+75 g suet\+100 ml cold water \| shape \| steamlid$/,
    ],
    [
      'until thick, with nothing to thicken it, is boiled down',
      [MEAT, '300 ml stock'],
      `Add the chicken and stock. ${LID} Simmer uncovered until thick.`,
      /release \| reduce$/,
    ],
    [
      'hand notes',
      ['800 g chx thighs', '1 onion', '1 tin tomatoes', '60 g butter', '120 ml cream'],
      'All except butter and cream in the pot. HP 10, NPR 10. Chx out, blend sauce. Butter in. Cream. Chx back in.',
      /^add:800 g chx thighs\+1 onion\+1 tin tomatoes \| close \| hold \| release \| liftout \| blendafter \| stirin:60 g butter \| dairy:120 ml cream \| return$/,
    ],
    [
      'a release without a lid was under one',
      [MEAT, '300 ml stock'],
      'Add the chicken and stock. Manual, 9 minutes, QR. Shred.',
      /^add:.* \| close \| hold \| release \| shred$/,
    ],
  ] as const)('%s', (_name, lines, method, wanted) => expect(verbs([...lines], method)).toMatch(wanted));

  it('a part told by its amount is that share, and the rest comes later', () => {
    const lines = [MEAT, '400 ml coconut milk', '150 ml water'];
    const acts = readScript(
      `Pour in 250 ml of the coconut milk and the water, add the chicken. ${LID} Stir in the remaining coconut milk.`,
      lines.map((l) => ({ read: readLine(l, pantry) })),
      pantry,
    )!.acts;
    const shares = acts.flatMap((a) => a.lines.filter((l) => l.index === 1).map((l) => l.share));
    expect(shares).toHaveLength(2);
    expect(shares[0]).toBeCloseTo(0.625, 1);
    expect(shares[0]! + shares[1]!).toBeCloseTo(1);
  });

  it('boiling half a litre of wine by half takes the time that it takes', () => {
    const minutes = (ml: number): number =>
      planOf(
        ['1 kg beef chuck', `${ml} ml red wine`, '300 ml stock'],
        `Brown the beef. Pour in the wine and reduce by half, scraping. Add the stock. ${LID}`,
      ).steps.find((s) => s.title === 'Boil down by half')!.durationS.mid / 60;
    expect(minutes(500)).toBeGreaterThan(15);
    expect(minutes(500)).toBeGreaterThan(minutes(250));
  });

  it('the minutes of a second lid are the recipe’s', () => {
    const plan = planOf(
      ['700 g beef chuck, in 2 cm cubes', '500 ml stock', '250 g egg noodles'],
      'Add the beef and stock. Cook at high pressure 12 minutes; quick release. Stir in the noodles, replace the lid and cook at high pressure for 3 minutes more. Quick release.',
    );
    expect(plan.heat.second?.holdS).toBe(180);
    expect(plan.release).toBe('quick');
  });
});

describe('laws of scripts', () => {
  const SENTENCES = [
    'Heat the oil and brown the chicken.',
    'Soften the onions for 5 minutes.',
    'Stir in the spices.',
    'Do not stir.',
    'Pour in the stock and scrape.',
    'Return the chicken.',
    'Lock the lid and cook at high pressure for 9 minutes.',
    'Quick release.',
    'Natural release 10 minutes.',
    'Add the potatoes, close again and cook 4 minutes under pressure.',
    'Stir in the cream.',
    'Whisk the cornflour with the water and stir in.',
    'Half of the parsley in, the rest over the top.',
    'Simmer until thick.',
    'Serve with rice.',
    'Put everything in.',
    '🍲',
  ];
  const LINES = [
    '8 chicken thighs',
    '1 tbsp oil',
    '2 onions',
    '2 tsp paprika',
    '1 tsp cumin',
    '400 ml chicken stock',
    '400 g potatoes',
    '100 ml double cream',
    '1 tbsp cornflour',
    '2 tbsp water',
    '1 handful parsley',
    '3 zorblaxes',
  ];

  it('never throw, take no line twice, and put every line into one step', () => {
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom(...SENTENCES), { maxLength: 14 }),
        fc.subarray(LINES, { minLength: 2 }),
        (told, lines) => {
          const method = told.join(' ');
          const script = readScript(
            method,
            lines.map((l) => ({ read: readLine(l, pantry) })),
            pantry,
          );
          const shares = new Map<number, number>();
          for (const act of script?.acts ?? []) {
            if (!['close', 'hold', 'release', 'open'].includes(act.verb))
              expect(verbById(act.verb).id).toBe(act.verb);
            for (const l of act.lines) shares.set(l.index, (shares.get(l.index) ?? 0) + l.share);
          }
          for (const share of shares.values()) expect(share).toBeLessThanOrEqual(1 + 1e-9);
          const plan = planOf(lines, method);
          const ids = plan.steps.map((s) => s.id);
          expect(new Set(ids).size).toBe(ids.length);
          const said = plan.steps.flatMap((s) => [s.title, s.text, s.words ?? '', s.look]).join('\n');
          expect(said).not.toMatch(/NaN|undefined|\{food\}| {2}/);
          const used = new Set(
            plan.steps.filter((s) => s.id !== 'prep').flatMap((s) => s.items.map((i) => i.lineId)),
          );
          // The slurry's own water is poured with its starch.
          const missing = plan.items.filter(
            (i) => i.read.food && i.read.food.kind !== 'water' && !used.has(i.lineId),
          );
          expect(missing.map((i) => i.line.text)).toEqual([]);
        },
      ),
      { numRuns: 80 },
    );
  });

  it('every verb has its words', () => {
    for (const verb of VERBS) {
      expect(verb.title.length).toBeGreaterThan(3);
      expect(verb.minutes).toBeGreaterThan(0);
    }
    expect(() => verbById('dance')).toThrow();
  });
});

describe('what a method makes, leaves and counts in seconds', () => {
  const acts = (method: string, ...lines: string[]) =>
    readScript(
      `${method} Lock the lid and cook at high pressure for 9 minutes.`,
      lines.map((text) => ({ read: readLine(text, pantry) })),
      pantry,
    )?.acts ?? [];

  it.each(['paste', 'purée', 'powder'])('takes “to a %s” for what is made, never for a line', (made) => {
    const read = acts(
      `Blend the shallots and garlic to a smooth ${made}. Heat the oil and fry the ${made} for 4 minutes.`,
      '5 shallots',
      '4 cloves garlic',
      `2 tbsp tamarind ${made}`,
      '2 tbsp coconut oil',
    );
    expect(read.some((a) => a.lines.some((l) => l.index === 2))).toBe(false);
    expect(read.find((a) => a.verb === 'soften')?.lines.map((l) => l.index)).toEqual([3, 0, 1]);
  });

  it('counts seconds as seconds', () => {
    const read = acts(
      'Melt the butter, add the garlic and cook 30 seconds.',
      '1 tbsp butter',
      '3 cloves garlic',
    );
    expect(read.find((a) => a.lines.some((l) => l.index === 1))?.minutes).toBeCloseTo(0.5);
  });

  it('rubs nothing into what is in the pot already', () => {
    const read = acts(
      'Brown the chicken. Pour in the stock, season with the salt.',
      '800 g chicken thighs',
      '300 ml chicken stock',
      '1 tsp salt',
    );
    expect(read.map((a) => a.verb)).not.toContain('season');
  });

  it.each(['Let stand', 'Leave to sit', 'Rest'])('%s to thicken is no boil after the cream', (words) => {
    const plan = planDish(
      {
        ...emptyDish('d', 'Pasta', 0),
        lines: ['2 chicken breasts', '700 ml chicken stock', '120 ml double cream'].map((text, i) => ({
          id: `l${i}`,
          text,
        })),
        method: `Pour in the stock, add the chicken. High pressure 6 minutes. Stir in the cream. ${words} 5 minutes to thicken.`,
      },
      defaultKitchen(),
    );
    const cream = plan.steps.findIndex((s) => s.phase === 'dairy');
    expect(cream).toBeGreaterThan(0);
    expect(plan.steps.slice(cream).some((s) => s.id === 'thicken')).toBe(false);
  });

  it.each([
    'Seal and cook on high for 8 minutes, then let the pressure drop naturally for 5 minutes.',
    'Lock and cook on high 8 minutes. Let the pressure fall by itself for 5 minutes.',
    'Sealed and set to high for 8 minutes, then let its pressure come down for 5 minutes.',
  ])('knows a lid told without the word lid: %s', (method) => {
    expect(pressureRuns(method)).toMatchObject([{ minutes: 8, release: 'ten', releaseMin: 5 }]);
  });

  it('halves what stands next to the word, and no more', () => {
    const [marinate] = acts(
      'Marinate the chicken in the yogurt, half the garam masala and the turmeric.',
      '150 g yogurt',
      '2 tsp garam masala',
      '1 tsp turmeric',
    );
    expect(marinate?.lines).toEqual([
      { index: 0, share: 1 },
      { index: 1, share: 0.5 },
      { index: 2, share: 1 },
    ]);
  });

  it('stands meat on the rack, and pours its liquid under it', () => {
    const read = acts(
      'Pour the apple juice into the pot with the trivet and stand the ribs on it.',
      '250 ml apple juice',
      '1.2 kg pork ribs',
    );
    expect(read.slice(0, 2).map((a) => [a.verb, a.lines[0]?.index])).toEqual([
      ['add', 0],
      ['rack', 1],
    ]);
  });

  it('cooks a dish of the hob in the pot, its one pan; a second pan stays a pan', () => {
    const hob = readScript(
      'Heat the ghee in a wide pan and fry the onion. Toast the cumin in a small pan. Add the chicken and simmer for 25 minutes, covered.',
      ['2 tbsp ghee', '1 onion', '1 tsp cumin', '750 g chicken thighs'].map((text) => ({
        read: readLine(text, pantry),
      })),
      pantry,
    );
    const whereOf = (index: number) => hob?.acts.find((a) => a.lines.some((l) => l.index === index))?.where;
    expect([whereOf(1), whereOf(2)]).toEqual(['pot', 'pan']);
  });

  it('leaves the soy of a glaze with the glaze, however little is in the pot', () => {
    const plan = planOf(
      ['1.2 kg pork ribs', '100 ml apple juice', '60 ml honey', '2 tbsp soy sauce'],
      'Pour in the juice, add the ribs. High pressure 25 minutes, natural release. Simmer the honey and soy until sticky. Brush over.',
    );
    expect(plan.items.find((i) => i.index === 3)?.moment).toBe('finish');
    expect(plan.items.find((i) => i.index === 1)?.actId).toBeDefined();
  });

  it.each(['Finish with', 'Taste and season with', 'Off the heat finish it with'])(
    'says every line of “%s” once, and none in the simmer before it',
    (words) => {
      const plan = planOf(
        [
          '600 g chicken thighs',
          '400 ml chicken stock',
          '150 g green beans',
          '1 lime',
          '100 ml double cream',
        ],
        `Pour in the stock, add the chicken. High pressure 9 minutes, quick release. Add the beans and simmer 5 minutes. ${words} the lime juice and cream.`,
      );
      const said = plan.steps.filter((s) => s.id !== 'prep').flatMap((s) => s.items.map((i) => i.name));
      expect(said.filter((n) => /lime/.test(n))).toHaveLength(1);
      expect(said.filter((n) => /cream/.test(n))).toHaveLength(1);
      const simmer = plan.steps.find((s) => /simmer/i.test(s.title));
      expect(simmer?.items.map((i) => i.name).join(' ') ?? '').not.toMatch(/lime/);
    },
  );

  it('holds sliced poultry no longer than whole, and a joint that is sliced to serve as a joint', () => {
    const method = 'Pour in the stock, add the meat. Pressure cook. Quick release.';
    const hold = (line: string): number => planOf([line, '400 ml chicken stock'], method).heat.suggestedMin;
    expect(hold('600 g chicken breast, sliced')).toBeLessThan(hold('600 g chicken breast'));
    expect(hold('1.2 kg turkey breast, sliced to serve')).toBe(hold('1.2 kg turkey breast'));
  });

  it('puts a tin that is parted in where the method names it', () => {
    const plan = planDish(
      {
        ...emptyDish('d', 'Curry', 0),
        lines: ['1 kg beef shin', '200 ml beef stock', '400 ml tin coconut milk'].map((text, i) => ({
          id: `l${i}`,
          text,
        })),
        method:
          'Add the beef, stock and coconut milk. Cook at high pressure for 35 minutes, natural release.',
      },
      defaultKitchen(),
    );
    const load = plan.steps.find((s) => s.id === 'load');
    expect(load?.items ?? []).toEqual([]);
  });
});

describe('more of how recipes are told', () => {
  const POT = ' Add the stock. High pressure 10 minutes, quick release.';
  const STOCK = '300 ml chicken stock';

  it.each([
    [
      'what is lifted out with everything else is what is there, and nothing that is to come',
      ['100 g lardons', '200 g mushrooms', '8 chicken thighs', STOCK, '1 tbsp chopped parsley'],
      'Fry the lardons until crisp. Add the mushrooms and brown them, then lift everything out. Brown the chicken.' +
        POT,
      ['render(100 g lardons)', 'soften(200 g mushrooms)', 'liftout()', 'brown(8 chicken thighs)'],
    ],
    [
      'what is tossed with spice on the board is seasoned and not in the pot',
      ['1 kg lamb shoulder, cubed', '2 tsp ground cumin', '1 tbsp olive oil', STOCK],
      'Toss the lamb with the cumin. Heat the oil and brown the lamb.' + POT,
      ['season(2 tsp ground cumin)', 'brown(1 tbsp olive oil, 1 kg lamb shoulder, cubed)'],
    ],
    [
      'mince that is broken up is browned',
      ['500 g ground turkey', '1 tbsp oil', STOCK],
      'Heat the oil. Break up the turkey and cook until no pink remains.' + POT,
      ['brown(1 tbsp oil, 500 g ground turkey)'],
    ],
    [
      'the spices are not those that a later sentence names',
      ['1 onion', '1 tbsp oil', '2 tsp ground cumin', '1 tsp turmeric', '1 tbsp cocoa powder', STOCK],
      'Soften the onion in the oil. Spices in, 1 min. Stock, scrape. Add the cocoa. High pressure 10 minutes, quick release.',
      [
        'soften(1 onion, 1 tbsp oil)',
        'bloom(2 tsp ground cumin, 1 tsp turmeric)',
        'deglaze(300 ml chicken stock)',
        'add(1 tbsp cocoa powder)',
      ],
    ],
    [
      'an onion is no spring onion',
      ['1 onion', '1 tbsp oil', '4 spring onions', STOCK],
      'Soften the onion in the oil.' + POT + ' Scatter with the spring onions.',
      ['soften(1 onion, 1 tbsp oil)'],
    ],
    [
      'spirits are set alight, and the pan is wetted after',
      ['8 chicken thighs', '1 tbsp oil', '2 tbsp brandy', '400 ml red wine', STOCK],
      'Brown the chicken in the oil. Pour over the brandy and set it alight. Add the wine and boil for 5 minutes.' +
        POT,
      ['brown(8 chicken thighs, 1 tbsp oil)', 'flame(2 tbsp brandy)', 'deglaze(400 ml red wine)'],
    ],
    [
      'what is cut is no act, and is fried and added where it is meant next',
      ['1 onion', '1 tbsp oil', '2 carrots', '1 kg beef chuck', STOCK],
      'Chop the onion. Heat the oil and fry until soft. Slice the carrots and add them with the beef and stock. High pressure 30 minutes, natural release.',
      ['soften(1 tbsp oil, 1 onion)', 'add(2 carrots, 1 kg beef chuck, 300 ml chicken stock)'],
    ],
    [
      'the water is not the cold water of the slurry',
      ['200 ml water', '1 tbsp cold water', '1 tbsp cornstarch', '8 chicken drumsticks'],
      'Pour the water into the pot and add the drumsticks. High pressure 10 minutes, quick release. Stir the cornstarch and cold water together and thicken the sauce.',
      [
        'add(200 ml water, 8 chicken drumsticks)',
        'close()',
        'hold()',
        'release()',
        'thicken(1 tbsp cold water, 1 tbsp cornstarch)',
      ],
    ],
    [
      'meat that stands in a bowl of yoghurt is marinated and not in the pot; spices crackle before the onions',
      ['800 g lamb leg, diced', '150 g yogurt', '2 tbsp ghee', '4 cardamom pods', '1 onion', STOCK],
      'Mix the lamb with the yogurt and leave for 2 hours. Heat the ghee and add the cardamom. Once it crackles add the onion and fry. Add the marinated lamb and fry for 6 minutes.' +
        POT,
      [
        'marinate(150 g yogurt)',
        'pop(2 tbsp ghee, 4 cardamom pods)',
        'soften(1 onion)',
        'brown(800 g lamb leg, diced)',
      ],
    ],
    [
      'nuts that are toasted first go in where they are named again',
      ['50 g almonds', '8 chicken thighs', STOCK],
      'Toast the almonds in a dry pan.' +
        POT.replace('Add the', 'Add the chicken and') +
        ' Scatter with the almonds.',
      [
        'toast()',
        'add(8 chicken thighs, 300 ml chicken stock)',
        'close()',
        'hold()',
        'release()',
        'serve(50 g almonds)',
      ],
    ],
    [
      'seeds are toasted dry before there is fat',
      ['1 tsp cumin seeds', '1 tsp coriander seeds', '1 kg goat', STOCK],
      'Dry roast the cumin and coriander seeds. Add the goat.' + POT,
      ['toast(1 tsp cumin seeds, 1 tsp coriander seeds)'],
    ],
    [
      'bones are blanched in water that is no line of the list',
      ['1 kg oxtail', '1 l water', '2 carrots'],
      'Put the oxtail in a pan of cold water, bring to the boil, drain and rinse. Add the oxtail, water and carrots to the cooker. High pressure 45 minutes, natural release.',
      ['blanch()', 'add(1 kg oxtail, 1 l water, 2 carrots)'],
    ],
  ])('%s', (_name, lines, method, wanted) => {
    expect(acts(lines, method).slice(0, wanted.length)).toEqual(wanted);
  });

  it.each([
    ['Mash the butter with the flour and whisk it in.', 'thicken(25 g butter, 25 g flour)'],
    ['Stir in the cream and spinach until the spinach wilts.', 'dairy(100 ml double cream, 100 g spinach)'],
    ['Tear the chicken into pieces.', 'shred()'],
    ['Ladle out all but 100 ml of the liquid.', 'pouroff()'],
    ['Lift out the chicken. Leave it to cool for 10 minutes.', 'cool()'],
  ])('once it is open: %s', (sentence, wanted) => {
    const lines = [
      '8 chicken thighs',
      STOCK,
      '25 g butter',
      '25 g flour',
      '100 ml double cream',
      '100 g spinach',
    ];
    expect(
      acts(lines, `Add the chicken and stock. High pressure 9 minutes, quick release. ${sentence}`),
    ).toContain(wanted);
  });

  it('warming through on low is no lid', () => {
    expect(
      pressureRuns(
        'Lock the lid. Cook on high pressure for 12 minutes. Natural release 10 minutes. Shred, add the sauce and warm through on low for 5 minutes.',
      ),
    ).toHaveLength(1);
  });

  it.each([
    ['Cook on manual for 5 minutes and do a quick release.', 5, 'quick', null],
    [
      'Cook at high pressure for 15 minutes, then leave the pressure to fall for 10 minutes before venting.',
      15,
      'ten',
      10,
    ],
    ['High pressure 20 minutes. Allow the pressure to drop.', 20, 'natural', null],
  ])('%s', (told, minutes, release, releaseMin) => {
    expect(pressureRuns(told)).toEqual([expect.objectContaining({ minutes, release, releaseMin })]);
  });

  it('pulled meat and mince keep the recipe’s longer minutes; whole breast does not', () => {
    const list = ['1 kg chicken breasts', '400 ml chicken stock'];
    const method = 'Add the chicken and stock. High pressure 12 minutes, natural release 10 minutes.';
    expect(planOf(list, method).told.isFollowed).toBe(false);
    expect(planOf(list, `${method} Lift out the chicken and shred it.`).told.isFollowed).toBe(true);
    expect(
      planOf(
        ['500 g ground turkey', '400 ml chicken stock'],
        'Add the turkey and stock. High pressure 10 minutes, quick release.',
      ).told.isFollowed,
    ).toBe(true);
  });
});

describe('what the words of a method change in the sums', () => {
  const LINES = ['800 g chicken thighs', '1 tbsp oil', '300 ml white wine', '200 ml chicken stock'];
  const method = (wine: string, end: string): string =>
    `Brown the chicken in the oil. ${wine} Add the stock. High pressure 9 minutes, quick release. ${end}`;

  it('wine that is reduced counts half, wine that is only scraped with nearly whole', () => {
    const counted = (wine: string): number => planOf(LINES, method(wine, '')).liquid.countedMl.mid;
    const reduced = counted('Pour in the wine and reduce by half.');
    const scraped = counted('Pour in the wine and scrape the bottom clean.');
    expect(scraped - reduced).toBeGreaterThan(80);
    expect(scraped).toBeLessThan(500);
  });

  it('meat that is shredded and never boned is boneless; a word of bones makes it what it usually is', () => {
    const thick = (end: string, line = LINES[0]!): number =>
      planOf([line, ...LINES.slice(1)], method('Scrape with the wine.', end)).meat[0]!.thicknessMm;
    const pulled = thick('Lift out the chicken and shred it.');
    expect(pulled).toBeLessThan(thick('Serve.'));
    expect(thick('Lift out the chicken, discard the bones and shred it.')).toBe(thick('Serve.'));
    expect(thick('Lift out the chicken and shred it.', '800 g bone-in chicken thighs')).toBe(thick('Serve.'));
  });

  it('an hour and more in the refrigerator is done ahead and not counted; half an hour is waited for', () => {
    const total = (time: string): number =>
      planOf(
        ['800 g chicken thighs', '200 g yoghurt', '1 tbsp oil', '400 ml chicken stock'],
        `Mix the chicken with the yoghurt and leave in the fridge for ${time}. Add the stock and the chicken. High pressure 9 minutes, quick release.`,
      ).timing.totalS.mid / 60;
    expect(total('2 hours')).toBeLessThan(total('40 minutes'));
    expect(total('40 minutes') - total('20 minutes')).toBeCloseTo(20, 0);
  });

  it('names the meat where spices are rubbed in, and says no sentence twice', () => {
    const plan = planOf(
      ['4 duck legs', '1 tsp five spice', '1 tsp salt', '300 ml chicken stock'],
      'Prick the duck skin and rub with the five spice and salt. Start the legs in the cold pot and cook 10 minutes until the fat runs and the skin is brown. Add the stock, scraping. High pressure 35 minutes, natural release.',
    );
    const titles = plan.steps.map((s) => s.title);
    expect(titles).toContain('Season duck legs');
    expect(titles.filter((title) => /^(?:Render|Brown)/.test(title))).toHaveLength(1);
    for (const s of plan.steps) {
      const sentences = (s.words ?? '').split(/(?<=[.!?])\s+/).filter(Boolean);
      expect(new Set(sentences).size).toBe(sentences.length);
    }
  });
});

describe('what stands for what', () => {
  const STOCK = '300 ml chicken stock';

  it.each([
    [
      'it is the meat that was named, never the oil',
      ['8 chicken thighs', '2 tbsp olive oil', STOCK],
      'Season the chicken. Heat the oil and brown it skin side down. Add the stock. High pressure 11 minutes, quick release.',
      'brown(2 tbsp olive oil, 8 chicken thighs)',
    ],
    [
      'the peppers are all of them, and no ground one',
      [
        '1 onion',
        '1 red pepper',
        '1 green pepper',
        '1 tsp black pepper',
        '1 tbsp oil',
        STOCK,
        '500 g beef chuck',
      ],
      'Cook the onion and peppers in the oil until soft. Add the beef, stock and black pepper. High pressure 30 minutes, natural release.',
      'soften(1 onion, 1 red pepper, 1 green pepper, 1 tbsp oil)',
    ],
    [
      'polenta that is served beside it binds no sauce',
      ['8 chicken thighs', STOCK, 'polenta, to serve'],
      'Add the chicken and stock. High pressure 11 minutes, quick release. Take out the chicken and simmer the sauce for 10 minutes until thick. Serve on polenta.',
      'reduce()',
    ],
    [
      'seasoning is done with the salt of the list',
      ['1.5 kg beef brisket', '1 tbsp oil', '2 tsp salt', STOCK],
      'Season the beef generously. Sear it in the oil. Add the stock. High pressure 60 minutes, natural release.',
      'season(2 tsp salt)',
    ],
    [
      'what is scraped with is the liquid, not the meat that went in before',
      ['900 g beef chuck', '1 tbsp oil', '1 onion', STOCK],
      'Fry the onion in the oil. Add the beef and turn to coat. Pour in the stock and deglaze. High pressure 30 minutes, natural release.',
      'deglaze(300 ml chicken stock)',
    ],
    [
      'resealed is a second lid',
      ['1 kg beef brisket', STOCK, '500 g potatoes'],
      'Add the beef and stock. High pressure 60 minutes, natural release. Add the potatoes around the meat. Reseal and cook for 5 minutes more, quick release.',
      'add(500 g potatoes)',
    ],
    [
      'mixed first, then the meat into it and into the cold: a marinade, nothing of it in the pot',
      ['800 g chicken thighs', '150 g yoghurt', '2 tsp paprika', '1 onion', STOCK],
      'Combine the yoghurt and paprika, add the chicken and chill for at least an hour. Fry the onion. Add the chicken and stock. High pressure 8 minutes, natural release.',
      'marinate(150 g yoghurt, 2 tsp paprika)',
    ],
    [
      'smeared on meat is no liquid in the pot',
      ['1 rabbit, jointed', '3 tbsp Dijon mustard', '1 tbsp oil', STOCK],
      'Smear the rabbit with the mustard. Brown it in the oil. Add the stock. High pressure 20 minutes, natural release.',
      'season(3 tbsp Dijon mustard)',
    ],
    [
      'a little oil that is added is what the meat is browned in',
      ['150 g bacon lardons', '1 tbsp oil', '1 kg beef chuck', STOCK],
      'Fry the bacon until the fat runs. Scoop it out. Add a little oil and brown the beef. Add the stock. High pressure 30 minutes, natural release.',
      'brown(1 tbsp oil, 1 kg beef chuck)',
    ],
    [
      'the water beside the starch is the slurry’s, though nobody names it',
      ['8 chicken thighs', STOCK, '1 tbsp cornstarch', '2 tbsp cold water'],
      'Add the chicken and stock. High pressure 10 minutes, quick release. Stir in the cornstarch slurry and simmer until thick.',
      'thicken(1 tbsp cornstarch, 2 tbsp cold water)',
    ],
    [
      'out of their skins is work at the board, and they are what is fried',
      ['6 pork sausages', '1 tbsp oil', '1 tsp fennel seeds', STOCK, '300 g penne'],
      'Squeeze the sausages out of their skins. Heat the oil and fry them with the fennel seeds. Add the penne and stock. High pressure 5 minutes, quick release.',
      'brown(1 tbsp oil, 6 pork sausages, 1 tsp fennel seeds)',
    ],
    [
      'before serving with: first the one, then the other',
      ['8 chicken thighs', STOCK, '60 g mascarpone', 'basil'],
      'Add the chicken and stock. High pressure 10 minutes, quick release. Stir in the mascarpone and leave for 3 minutes before serving with basil.',
      'serve(basil)',
    ],
    [
      'a dough is no thickener',
      ['3 lb chicken pieces', STOCK, '2 cups self-raising flour', '1 cup milk'],
      'Add the chicken and stock. High pressure 12 minutes, natural release. Mix flour and milk just until moistened. Drop by spoonfuls on top and cook covered without pressure 10 minutes.',
      'mix(2 cups self-raising flour, 1 cup milk)',
    ],
    [
      'whole spices fried in fat are bloomed',
      ['2 tbsp ghee', '5 cardamom pods', '2 bay leaves', '800 g chicken thighs', STOCK],
      'Heat the ghee and fry the cardamom and bay for a minute. Add the chicken and stock. High pressure 6 minutes, quick release.',
      'bloom(2 tbsp ghee, 5 cardamom pods, 2 bay leaves)',
    ],
    [
      'dried mushrooms in hot water are soaked',
      ['20 g dried porcini', '250 ml boiling water', '8 chicken thighs', STOCK],
      'Cover the porcini with the boiling water and leave for 20 minutes. Add the chicken, stock and porcini. High pressure 10 minutes, quick release.',
      'soak(250 ml boiling water)',
    ],
    [
      'a basket over the meat is a rack, and what is put in it stands on it',
      ['6 lamb chops', STOCK, '600 g new potatoes'],
      'Add the lamb and stock. Set a steamer basket over the meat and put the potatoes in it. High pressure 12 minutes, quick release.',
      'rack(600 g new potatoes)',
    ],
    [
      'flour in a bowl, the meat into it and tossed: floured',
      ['1 kg braising steak', '2 tbsp seasoned flour', '2 tbsp oil', STOCK],
      'Put the flour in a large bowl, add the beef and toss well until coated. Fry the beef in the oil until browned. Add the stock. High pressure 25 minutes, natural release.',
      'dredge(2 tbsp seasoned flour)',
    ],
    [
      'what is brought to the boil, drained and rinsed is blanched, and goes in for good afterwards',
      ['1.2 kg veal shoulder', '2 carrots', STOCK],
      'Place the veal in the cooker, cover with cold water, bring to the boil and let it bubble for 2 minutes. Drain and rinse the meat. Put the veal back with the carrots and stock. High pressure 25 minutes, natural release.',
      'add(1.2 kg veal shoulder, 2 carrots, 300 ml chicken stock)',
    ],
    [
      'while something cooks is no order to cook it',
      ['1 kg chicken wings', STOCK, '100 ml ketchup', '3 tbsp honey'],
      'Add the wings and stock. High pressure 8 minutes, quick release. While the wings cook, put the ketchup and honey in a pan and simmer for 6 minutes.',
      'sauce(100 ml ketchup, 3 tbsp honey)',
    ],
    [
      'the soft butter is kept for the flour',
      ['4 chicken breasts', '30 g butter', '1 tbsp plain flour', '1 tbsp soft butter', STOCK],
      'Brown the chicken in the butter. Add the stock. High pressure 5 minutes, quick release. Work the flour into the soft butter and whisk it into the simmering sauce.',
      'thicken(1 tbsp plain flour, 1 tbsp soft butter)',
    ],
    [
      'cooked on a high heat is no pressure',
      ['500 g diced lamb', '1 onion', STOCK],
      'Fry the onion. Add the lamb and cook on high heat for 5 minutes. Add the stock. Close the lid and cook for 6 whistles on medium heat. Let it release naturally.',
      'brown(500 g diced lamb)',
    ],
    [
      'slowly in the lard is softened',
      ['1 kg beef shin', '3 onions', '2 tbsp lard', '3 tbsp paprika', STOCK],
      'Onions chopped fine, slowly in the lard 10-12 min. Off heat, paprika in. Beef and stock in. Pressure 30 min, natural.',
      'soften(3 onions, 2 tbsp lard)',
    ],
    [
      'a section named by its ingredients is that section and no more',
      ['1 kg mutton', '1 tsp turmeric', '3 tbsp curd', '2 onions, chopped', '2 cups hot water'],
      'Marinate the mutton with the turmeric and curd for 1 hour. Fry the onions. Add the mutton and fry 8 minutes. Add hot water. Close the lid. Pressure cook for 1 whistle, then simmer for 20 mins. Let it release naturally.',
      'marinate(1 tsp turmeric, 3 tbsp curd)',
    ],
    [
      'everything that is ground to a paste is what was roasted for it',
      ['1 kg mutton', '1 tbsp sesame seeds', '8 dry red chillies', '2 onions, chopped', '2 cups hot water'],
      'Dry roast the sesame seeds and red chillies till fragrant. Grind everything to a fine paste. Fry the onions. Add the mutton and the paste. Add hot water. High pressure 25 minutes, natural release.',
      'add(1 kg mutton, 1 tbsp sesame seeds, 8 dry red chillies, 2 cups hot water)',
    ],
    [
      'half-and-half is a cream and nobody’s half',
      ['8 chicken thighs', STOCK, '½ cup half and half', '¾ cup shredded Parmesan'],
      'Add the chicken and stock. High pressure 10 minutes, quick release. Stir in half and half and Parmesan.',
      'dairy(½ cup half and half, ¾ cup shredded Parmesan)',
    ],
    [
      'the joints are the meat there is, and sauté with its accent is done',
      ['8 chicken drumsticks', '25 g seasoned flour', '2 tbsp olive oil', '1 onion', STOCK],
      'Coat the joints in the flour. Heat the oil in the open pressure cooker and fry the joints until browned. Remove. Sauté the onion. Add the stock and return the chicken. High pressure 7 minutes. Reduce the pressure quickly.',
      'soften(1 onion)',
    ],
    [
      'a splash of a stock is that much of it',
      ['1 kg diced lamb', '2 tbsp oil', '400 ml hot lamb or chicken stock'],
      'Brown the lamb in the oil and lift it out. Pour in a splash of the stock and scrape. Return the lamb with the rest of the stock. High pressure 25 minutes and leave for 15 minutes before venting.',
      'deglaze(400 ml hot lamb or chicken stock)',
    ],
    [
      'boiled until it is reduced is boiled down',
      ['4 lamb shanks', STOCK, '12 dried apricots'],
      'Add the lamb and stock. High pressure 40 minutes, natural release. Lift out the lamb. Add the apricots and boil until the sauce is reduced by a third.',
      'reduce()',
    ],
  ])('%s', (_name, lines, method, wanted) => {
    expect(acts(lines, method)).toContain(wanted);
  });

  it('takes the rest of a line as what the first of it left', () => {
    const sharesOf = (method: string): number[] =>
      readScript(
        method,
        ['5 cups beef broth', '1 kg beef chuck', '1 onion'].map((l) => ({ read: readLine(l, pantry) })),
        pantry,
      )!.acts.flatMap((a) => a.lines.filter((l) => l.index === 0).map((l) => l.share));
    const told = sharesOf(
      'Brown the beef. Add ½ cup of the broth and scrape. Add the remaining broth and the onion. High pressure 30 minutes.',
    );
    expect(told[0]).toBeCloseTo(0.1, 2);
    expect(told[1]).toBeCloseTo(0.9, 2);
    const untold = sharesOf(
      'Brown the beef. Pour in the broth and scrape. Add the rest of the broth and the onion. High pressure 30 minutes.',
    );
    expect(untold).toEqual([0.5, 0.5]);
  });

  it.each([
    ['Cook on high pressure for 25 minutes and leave for 15 minutes before venting.', 25, 'ten', 15],
    [
      'Close the lid and set vent to “Sealing”. Cook on Manual for 60 minutes, then a 10-minute natural release.',
      60,
      'ten',
      10,
    ],
    [
      'Lock lid; set steam release to sealing. Pressure cook on high 60 min. Natural release 20 min.',
      60,
      'ten',
      20,
    ],
    ['Bring to high pressure and cook for 7 minutes. Reduce the pressure quickly.', 7, 'quick', null],
    [
      'Close the lid. Pressure cook on high for 1 whistle, then simmer for 20 mins. Let the pressure settle down naturally.',
      20,
      'natural',
      null,
    ],
    [
      'Melt the butter in the pressure cooker on a medium-high heat and brown the chicken for 3-4 min each side. Close the lid, bring to high pressure and cook for 12 min. Natural release.',
      12,
      'natural',
      null,
    ],
    ['Cook it in the pressure cooker for 20 minutes. Natural release.', 20, 'natural', null],
  ])('reads the lid of “%s”', (method, minutes, release, releaseMin) => {
    expect(pressureRuns(method)[0]).toMatchObject({ minutes, release, releaseMin });
  });

  it('hears “up to pressure” and “10 NPR” in hand notes', () => {
    expect(
      pressureRuns('Everything in. Up to pressure, 25 min, leave to come down by itself.')[0],
    ).toMatchObject({ minutes: 25, release: 'natural' });
    expect(pressureRuns('toms + splash water. 15 min HP, 10 NPR. blend.')[0]).toMatchObject({
      minutes: 15,
      release: 'ten',
      releaseMin: 10,
    });
  });

  it.each([
    ['brown it in two or three batches', null],
    ['two thirds', null],
    ['two thirds of the sauce, three threads of saffron', null],
    ['cook for 1 hour 20 minutes', 80],
    ['1 hr and 10', 70],
    ['leave for half an hour', 30],
    ['an hour and a half', 90],
    ['10-12min', 11],
    ['ten to twelve minutes', 11],
    ["15'", 15],
    ['2h', 120],
  ])('hears the time in “%s”', (text, minutes) => {
    expect(minutesNamed(text)).toBe(minutes);
  });

  it('takes no number of batches, sides, layers, parts or people for a time', () => {
    const counts = fc.constantFrom(
      'two',
      'three',
      'four',
      '2',
      '3 or 4',
      'two or three',
      '2-3',
      'five or six',
    );
    const things = fc.constantFrom(
      'batches',
      'sides',
      'layers',
      'parts',
      'people',
      'hungry mouths',
      'heads',
      'helpings',
      'thirds',
      'hearts',
      'handfuls',
      'halves',
      'horizontal cuts',
      'more',
      'mushrooms',
      'mounds',
    );
    fc.assert(
      fc.property(counts, things, (n, thing) => {
        expect(minutesNamed(`brown it in ${n} ${thing}, moving each to the pressure cooker`)).toBeNull();
      }),
    );
  });

  it('counts two lids where it is resealed, and hears a pot that cools itself', () => {
    expect(
      pressureRuns(
        'High pressure 60 minutes, natural release. Add the potatoes. Reseal and cook for 5 minutes more, quick release.',
      ).map((r) => [r.minutes, r.release]),
    ).toEqual([
      [60, 'natural'],
      [5, 'quick'],
    ]);
    expect(pressureRuns('Close. 4 whistles on medium flame. Let it cool itself.')[0]?.release).toBe(
      'natural',
    );
    expect(
      pressureRuns('Cook 10 minutes at high pressure; let it release for 5 minutes, then open the valve.')[0],
    ).toMatchObject({ minutes: 10, release: 'ten', releaseMin: 5 });
  });

  it('takes a few spoonfuls of a tin as no more than that', () => {
    const lines = ['1 tin coconut milk', '4 tbsp massaman paste', '900 g beef chuck', STOCK];
    const script = readScript(
      'Fry the curry paste in a few spoonfuls of the coconut milk. Add the beef and stock. High pressure 30 minutes, natural release. Stir in the remaining coconut milk.',
      lines.map((l) => ({ read: readLine(l, pantry) })),
      pantry,
    )!;
    const shares = script.acts.flatMap((a) => a.lines.filter((l) => l.index === 0).map((l) => l.share));
    expect(shares).toHaveLength(2);
    expect(shares[0]).toBeLessThan(0.25);
    expect(shares.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
  });
});

describe('the table of verbs', () => {
  it('has every verb that its groups name, once in each', () => {
    const ids = VERBS.map((v) => v.id);
    for (const [group, verbs] of Object.entries(VERBS_THAT))
      for (const verb of verbs) expect([group, verb, ids.includes(verb)]).toEqual([group, verb, true]);
  });
});
