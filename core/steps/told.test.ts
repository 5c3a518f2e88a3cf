import { emptyDish, type Dish } from '../dish/dish';
import { bowlsFor } from './bowls';
import { defaultKitchen } from '../kitchen/kitchen';
import { planDish, type Plan } from '../plan/plan';

const kitchen = defaultKitchen();
const plan = (lines: readonly string[], method: string): Plan => {
  const dish: Dish = {
    ...emptyDish('d', 'Test', 0),
    lines: lines.map((text, i) => ({ id: `l${i}`, text })),
    method,
  };
  return planDish(dish, kitchen);
};
const VINDALOO = [
  '8 dried chillies',
  '60 ml vinegar',
  '1 tsp cumin seeds',
  '5 peppercorns',
  '8 cloves garlic',
  '700 g pork shoulder, in 4 cm cubes',
  '2 onions',
  '2 tbsp oil',
  '300 ml water',
];
const METHOD =
  'Grind the chillies, vinegar, cumin, peppercorns and garlic to a paste. Rub the pork with half the paste. Leave 2 hours in the fridge. Heat the oil and fry the onions until deep brown. Add the remaining paste and cook until the oil separates. Add the pork and seal it on all sides. Pour in the water. Close the lid. Cook for 4 whistles, then lower the flame and cook 10 more mins. Let the pressure drop by itself.';

describe('a recipe that makes its paste first', () => {
  const made = plan(VINDALOO, METHOD);
  const step = (title: RegExp) => made.steps.find((s) => title.test(s.title))!;

  it('lists every line whole where it is got out and ground, and the paste by its name where it goes in', () => {
    const amounts = (title: RegExp): string[] => step(title).items.map((i) => `${i.amount} ${i.name}`.trim());
    expect(amounts(/ready/)).toContain('5 peppercorns');
    expect(amounts(/ready/).filter((a) => /peppercorn/.test(a))).toHaveLength(1);
    expect(amounts(/Blend/)).toEqual([
      '8 dried chillies',
      '60 ml vinegar',
      '1 tsp cumin seeds',
      '5 peppercorns',
      '8 cloves garlic',
    ]);
    expect(amounts(/Marinate/)).toEqual(['half of the paste']);
    expect(amounts(/Fry the paste/)).toEqual(['half of the paste']);
    expect(step(/Marinate/).title).toBe('Marinate pork shoulder');
  });

  it('gives what is ground a bowl of its own, and each line one bowl', () => {
    const bowls = bowlsFor(made);
    const paste = bowls.find((b) => b.name === 'To blend');
    expect(paste?.items.map((i) => i.lineId)).toEqual(['l0', 'l1', 'l2', 'l3', 'l4']);
    expect(paste?.items.every((i) => i.share === 1)).toBe(true);
    const rest = bowls.filter((b) => b !== paste).flatMap((b) => b.items.map((i) => i.lineId));
    expect(rest.filter((id) => ['l0', 'l1', 'l2', 'l3', 'l4'].includes(id))).toEqual([]);
  });

  it('looks for what the recipe says', () => {
    expect(step(/Soften onions/).look).toBe('Deep brown.');
    expect(step(/Fry the paste/).look).toBe('The oil separates.');
  });

  it('counts whistles as minutes, and says so', () => {
    expect(made.told).toMatchObject({ minutes: 22, whistles: 4 });
    expect(
      made.findings.find((f) => f.about === 'meat' && /whistles are about 22 min/.test(`${f.text} ${f.why}`)),
    ).toBeDefined();
  });
});

describe('what no cook would say', () => {
  it('warns of no mince beside mince, and says of none that it falls apart', () => {
    const { findings } = plan(
      ['500 g beef mince', '250 g pork mince', '400 g tin tomatoes', '300 ml beef stock'],
      'Brown the beef and pork mince. Add the tomatoes and stock. High pressure 20 minutes. Quick release.',
    );
    expect(findings.map((f) => f.id)).not.toContain('mixed-meats');
    expect(findings.map((f) => f.why).join(' ')).not.toMatch(/fall apart at a touch/);
  });

  it('stirs no cheese for a roll into the sauce, and has no step that says nothing', () => {
    const { steps } = plan(
      ['1.5 kg beef rump roast', '500 ml beef stock', '8 bread rolls', '8 slices provolone'],
      'Add the roast and stock. High pressure 60 minutes. Natural release. Slice the beef. Split the rolls. Pile on the beef, top with the cheese and bake 3 minutes.',
    );
    expect(steps.filter((s) => s.phase === 'dairy')).toEqual([]);
    expect(steps.map((s) => s.title)).not.toContain('Stir in');
    expect(steps.find((s) => /oven/i.test(s.title))?.items.map((i) => i.name)).toContain('provolone');
  });

  it('warns mildly of a spoonful of flour fried in a jug of stock, and stops at a cup of it', () => {
    const severity = (flour: string) =>
      plan(
        ['1 kg chicken legs', '1 onion', flour, '500 ml chicken stock'],
        'Brown the chicken. Fry the onion. Stir in the flour. Add the stock. High pressure 15 minutes. Quick release.',
      ).findings.find((f) => f.id === 'early-l2')?.severity;
    expect(severity('1 tbsp flour')).toBe('careful');
    expect(severity('1 cup flour')).toBe('stop');
  });

  it('asks no amount of what is only served', () => {
    const { findings } = plan(
      ['1 kg chicken legs', '400 ml chicken stock', 'jasmine rice'],
      'Add the chicken and stock. High pressure 15 minutes. Quick release. Serve with the rice.',
    );
    expect(findings.filter((f) => f.about === 'reading')).toEqual([]);
  });

  it('counts no filling of a breast and no egg of a meatball as a thickener or on the floor', () => {
    const stuffed = (method: string) =>
      plan(
        [
          '4 chicken breasts',
          '150 g ricotta',
          '30 g parmesan, grated',
          '1 tbsp olive oil',
          '400 ml chicken stock',
        ],
        `${method} High pressure 7 minutes. Quick release.`,
      );
    const inside = stuffed(
      'Mix the ricotta and parmesan. Cut a pocket in each breast and fill with the mixture. Heat the oil and brown the chicken. Add the stock.',
    );
    expect(inside.items.filter((i) => i.isInside).map((i) => i.lineId)).toEqual(['l1', 'l2']);
    expect(inside.findings.filter((f) => f.severity === 'stop')).toEqual([]);
    expect(inside.fill.shareOfLimit).toBeGreaterThan(0.2);
    const loose = stuffed('Heat the oil and brown the chicken. Add the stock, ricotta and parmesan.');
    expect(loose.findings.map((f) => f.id)).toContain('early-l1');
    expect(inside.floor.risk).toBeLessThan(loose.floor.risk);
  });

  it('cooks a recipe of the oven or the slow pot without its hours on the open pot', () => {
    const { steps, meat, timing } = plan(
      ['3 pound boneless pork loin roast', '2 tbsp olive oil', '1 cup chicken broth'],
      'Heat the oil and sear the roast. Pour over the broth. Cover and cook the pork on low 6 hours. Slice the pork.',
    );
    const before = steps.slice(
      0,
      steps.findIndex((s) => s.kind === 'comeUp'),
    );
    expect(Math.max(...before.map((s) => s.durationS.mid))).toBeLessThan(25 * 60);
    expect(meat[0]?.thicknessMm).toBeGreaterThan(70);
    expect(timing.totalS.mid).toBeLessThan(150 * 60);
  });

  it('forecasts a roll of thin slices as a roll, and sausage in coins as coins', () => {
    const rolls = plan(
      ['8 thin slices beef top round (about 800 g)', '3 tbsp mustard', '8 slices bacon', '400 ml beef stock'],
      'Lay the slices flat and spread with mustard. Put a slice of bacon on each, roll up tightly and tie. Brown the rolls. Add the stock. High pressure 25 minutes. Natural release.',
    );
    expect(rolls.meat[0]?.thicknessMm).toBeGreaterThan(30);
    expect(rolls.meat[0]?.thicknessMm).toBeLessThan(45);
    expect(rolls.told).toMatchObject({ minutes: 25, isFollowed: true });
    const coins = plan(['500 g smoked sausage, sliced', '400 ml stock'], 'Add all. High pressure 4 minutes.');
    expect(coins.meat[0]?.thicknessMm).toBeLessThan(15);
  });

  it('leaves no raw meat out of the pot because it is named again only afterwards', () => {
    const { meat, findings } = plan(
      ['3 lb pork shoulder, cut into 2-inch chunks', '1 tbsp salt', '1/2 cup orange juice', '1 cup broth'],
      'Toss the pork with the salt. Dump in pot with the juice and broth. High pressure 30 minutes. Natural release. Move pork to a sheet pan, shred it and broil 5 min.',
    );
    expect(meat).toHaveLength(1);
    expect(findings.map((f) => f.id)).not.toContain('no-meat');
  });

  it('thickens no broth on the plate, and warns of meat that is only scalded', () => {
    const broth = plan(
      [
        '1 kg beef bones',
        '500 g beef brisket in one piece',
        '2 litres water',
        '200 g beef sirloin, very thinly sliced',
        '400 g rice noodles',
      ],
      'Add the bones, brisket and water. High pressure 60 minutes, natural release. Lift out the brisket and slice. Strain the broth. Divide the noodles between bowls. Lay the raw sirloin over. Bring the broth back to a rolling boil and ladle over.',
    );
    const table = broth.steps.find((s) => s.kind === 'serve');
    expect(table?.text).not.toMatch(/thickens/);
    expect(table?.cautions.join(' ')).toMatch(/scalded/);
    const gravy = plan(
      ['1 kg beef chuck', '500 ml beef stock', '2 tbsp cornflour'],
      'Add the beef and stock. High pressure 35 minutes. Natural release. Whisk in the cornflour and simmer until thick.',
    ).steps.find((s) => s.kind === 'serve');
    expect(gravy?.text).toMatch(/thickens about another third/);
    expect(gravy?.cautions.join(' ')).not.toMatch(/scalded/);
  });
});

describe('what is mixed into pieces is never in the sauce', () => {
  const dumplings = plan(
    [
      '1 kg chicken thighs',
      '1 l chicken stock',
      '2 carrots',
      'FOR THE DUMPLINGS',
      '250 g flour',
      '1 tbsp baking powder',
      '180 ml milk',
      '50 g melted butter',
    ],
    'Add the chicken, carrots and stock. Close the lid and cook at high pressure for 10 minutes. Quick release. Lift out the chicken and shred it. Stir together the flour and baking powder, then mix in the milk and melted butter just until a sticky dough forms. Drop the dough by tablespoons over the top. Put a (non-locking) lid on and simmer 12 minutes. Return the chicken. Serve.',
  );
  const titles = dumplings.steps.map((s) => s.title);

  it('lists all of a dough where it is mixed, and calls it by its name where it is dropped', () => {
    const mixing = dumplings.steps.find((s) => s.title.startsWith('Mix'));
    expect(mixing?.items.map((i) => i.name)).toEqual(['flour', 'baking powder', 'milk', 'melted butter']);
    expect(titles).toContain('Dough on top');
    expect(titles).toContain('Lid resting, no pressure');
  });

  it('binds nothing with the flour of a dough, and closes the pot once', () => {
    expect(titles.filter((t) => /^Thicken|^Whisk/.test(t))).toEqual([]);
    expect(titles.filter((t) => t === 'Coming up to pressure')).toHaveLength(1);
    expect(dumplings.findings.filter((f) => f.severity === 'stop')).toEqual([]);
  });

  it('stops nobody over the milk that crumbs are soaked in for meatballs', () => {
    const balls = plan(
      ['500 g ground beef', '40 g breadcrumbs', '100 ml milk', '1 egg', '25 g butter', '400 ml beef stock'],
      'Soak the breadcrumbs in the milk. Add the beef and egg, knead and roll into 20 balls. Brown the meatballs in the butter. Pour in the stock and scrape. Close the lid and cook at high pressure for 5 minutes. Quick release. Serve.',
    );
    expect(balls.findings.filter((f) => f.severity === 'stop')).toEqual([]);
    expect(balls.steps.some((s) => s.title === 'Brown meatballs')).toBe(true);
  });

  it('brings a sauce to the boil without boiling it down', () => {
    const sauced = plan(
      ['800 g chicken thighs', '400 ml chicken stock', '1 tbsp cornstarch', '2 tbsp cold water'],
      'Add the chicken and stock. Close the lid and cook at high pressure for 8 minutes. Quick release. Bring the liquid to a boil and whisk in the cornstarch mixed with the water.',
    );
    expect(sauced.steps.map((s) => s.title)).not.toContain('Boil down');
  });

  it('breaks a block of roux in off the heat, and kneads no flour with butter for it', () => {
    const curry = plan(
      ['500 g beef chuck, in 3 cm cubes', '700 ml water', '110 g curry roux'],
      'Add the beef and water. Close the lid and cook at high pressure for 25 minutes. Natural release. Turn off the heat, break in the roux and stir until dissolved.',
    );
    expect(curry.steps.map((s) => s.title)).toContain('Break in the roux');
    expect(curry.steps.map((s) => s.text).join(' ')).not.toMatch(/worked to a paste/);
  });
});

it('heats the pot ahead for what is fried in it, never for what begins in the cold one', () => {
  const rest =
    'Lift out. Add the stock. Close the lid and cook at high pressure for 35 minutes. Natural release.';
  const ready = (method: string): string =>
    plan(['4 duck legs', '1 tbsp oil', '400 ml chicken stock'], `${method} ${rest}`).steps[0]!.text;
  expect(ready('Heat the oil and brown the duck.')).toMatch(/Set the pot to heat/);
  expect(ready('Put the duck skin side down in the cold pot and let the fat run until golden.')).not.toMatch(
    /Set the pot to heat/,
  );
});

describe('minutes that belong to what is beside the meat', () => {
  const list = ['500 g chicken breast, in 2 cm strips', '250 g brown rice', '600 ml chicken stock'];

  it('are the recipe’s where the meat’s own would leave the rice hard', () => {
    const { told, heat } = plan(list, 'Add all. High pressure 22 minutes, natural release 10 minutes.');
    expect(told).toMatchObject({ minutes: 22, isFollowed: true });
    expect(heat.kinds.at(-1)?.state).toMatch(/soft|firm/);
  });

  it('are the computed ones where the recipe’s leave it hard too', () => {
    const { told } = plan(list, 'Add all. High pressure 4 minutes, quick release.');
    expect(told.minutes).toBe(4);
  });
});

describe('a floured coat', () => {
  const stew = (flour: string, stock: string): Plan =>
    plan(
      [
        '900 g beef chuck, in 4 cm cubes',
        flour,
        '2 tbsp olive oil',
        '1 onion',
        '250 ml red wine',
        stock,
        '2 tbsp tomato paste',
      ],
      'Toss the beef with the flour. Brown it in the oil in batches; transfer to a plate. Add the onion and cook 3 minutes. Pour in the wine and scrape up any browned bits. Return the beef, add the stock and tomato paste. High pressure 35 minutes, natural release 10 minutes.',
    );

  it('stops no ordinary stew', () => {
    const { findings } = stew('30 g flour', '500 ml beef stock');
    expect(findings.filter((f) => f.severity === 'stop')).toEqual([]);
    expect(findings.some((f) => /flour/i.test(f.text))).toBe(true);
  });

  it('is riskier with more flour, and with less in the pot', () => {
    const base = stew('30 g flour', '500 ml beef stock').floor.risk;
    expect(stew('60 g flour', '500 ml beef stock').floor.risk).toBeGreaterThan(base);
    expect(stew('30 g flour', '200 ml beef stock').floor.risk).toBeGreaterThan(base);
  });

  it('thickens by what loosens of it, under the lid as after it', () => {
    const strength = (flour: string): number => stew(flour, '500 ml beef stock').boil.strengthPercent;
    const none = strength('1 pinch flour');
    const coat = strength('18 g flour');
    expect(strength('36 g flour') - none).toBeGreaterThan((coat - none) * 1.8);
    // What the meat does not take stays on the plate, however much is in it.
    expect(strength('200 g flour')).toBeLessThanOrEqual(strength('60 g flour') + 1e-9);
    expect(coat).toBeLessThan(2);
  });
});

describe('game', () => {
  it.each(['1 rabbit, jointed (about 1.3 kg)', '900 g venison, in 4 cm cubes'])(
    'is measured to the figure for game, and not of beef: %s',
    (line) => {
      const { steps, meat } = plan(
        [line, '400 ml chicken stock'],
        'Add all. High pressure 25 minutes, natural release.',
      );
      expect(meat[0]?.safeC).toBe(71);
      const check = steps.find((s) => s.id === 'meat')?.text ?? '';
      expect(check).toContain('71');
      expect(check).toContain('fork');
      expect(check).not.toMatch(/Whole cuts of beef/);
    },
  );
});

describe('the stretches of the clock', () => {
  const labels = (after: string, ...more: string[]): string[] =>
    plan(
      ['1 kg beef chuck, cubed', '400 ml beef stock', ...more],
      `Put the beef and stock in. Pressure cook for 35 minutes, natural release. ${after}`,
    ).timing.blocks.map((b) => b.label);

  it.each([
    ['Cover loosely and cook 10 minutes over a low heat.', 'Lid rests'],
    ['Boil down by half.', 'Boil down'],
    ['Spoon into a dish and bake for 35 minutes at 200C.', 'Oven'],
  ])('are called by what is done in them: %s', (after, label) => {
    expect(labels(after)).toContain(label);
    expect(labels(after)).not.toContain('Thicken');
  });

  it('say “Thicken” where something is thickened', () => {
    expect(
      labels('Thicken with the cornflour and water.', '1 tbsp cornflour', '2 tbsp cold water'),
    ).toContain('Thicken');
  });
});
