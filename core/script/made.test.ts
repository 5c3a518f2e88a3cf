import fc from 'fast-check';
import { readLine } from '../dish/read';
import { Pantry } from '../pantry/pantry';
import { clauses } from './clauses';
import { readScript } from './read';

const pantry = new Pantry();
const CLOSED = ' Close the lid and cook at high pressure for 10 minutes. Quick release.';
const read = (lines: readonly string[], method: string) =>
  readScript(
    method,
    lines.map((text) => ({ read: readLine(text, pantry) })),
    pantry,
  )?.acts ?? [];
/** Acts as "verb(lines; what it is done to)", each line by its first word that is no figure. */
const told = (lines: readonly string[], method: string): string[] => {
  const name = (i: number): string =>
    lines[i]!.replace(/^[\d\s./½]*(?:kg|g|ml|tbsp|tsp)?\s*/, '').split(/[ ,]/)[0]!;
  return read(lines, method).map(
    (a) =>
      `${a.verb}(${a.lines.map((l) => name(l.index) + (l.share < 0.999 ? ` ${l.share.toFixed(2)}` : '')).join(' ')}${a.again.length ? `; ${a.again.map(name).join(' ')}` : ''})`,
  );
};

describe('what is made beside the pot', () => {
  it('goes in where it is named again, in the parts that are told, and nowhere else', () => {
    expect(
      told(
        [
          '6 tbsp hoisin sauce',
          '3 tbsp honey',
          '1 tbsp vinegar',
          '200 ml water',
          '10 chicken drumsticks',
          '1 tbsp sesame seeds',
        ],
        `Stir the hoisin, honey and vinegar together. Put the water and half of the hoisin mixture into the pot. Add the drumsticks.${CLOSED} Add the remaining sauce and boil until sticky. Scatter with sesame.`,
      ),
    ).toEqual([
      'mix(; hoisin honey vinegar)',
      'add(hoisin 0.50 honey 0.50 vinegar 0.50 water chicken)',
      'close()',
      'hold()',
      'release()',
      'glaze(hoisin 0.50 honey 0.50 vinegar 0.50)',
      'serve(sesame)',
    ]);
  });

  it.each([
    [
      'soaked, toasted and then ground with the rest',
      [
        '4 dried chillies',
        '60 ml vinegar',
        '1 tsp cumin seeds',
        '8 cloves garlic',
        '700 g pork shoulder',
        '200 ml water',
      ],
      'Soak the chillies in the vinegar. Dry roast the cumin. Grind the chillies, vinegar, cumin and garlic to a paste. Rub the pork with the paste. Add the pork and water.',
      'blend(; dried vinegar cumin cloves)',
    ],
    [
      'the sauce that was blended is fried by its name',
      ['2 onions', '4 cloves garlic', '50 g cashews', '1 tbsp oil', '800 g chicken thighs', '200 ml water'],
      'Blend the onions, garlic and cashews to a paste. Heat the oil and fry the paste for 5 minutes. Add the chicken and water.',
      'soften(oil onions cloves cashews)',
    ],
    [
      'one of a mixture brings all of it',
      ['100 g yogurt', '1 tbsp chopped mint', '800 g lamb leg', '300 ml stock'],
      `Add the lamb and stock.${CLOSED} Stir the mint into the yogurt. Serve the lamb with the minted yogurt.`,
      'serve(yogurt chopped; lamb)',
    ],
    [
      'what is boiled in water and drained is boiled beside the pot',
      ['5 dried chiles', '3 garlic cloves', '1 kg beef chuck', '500 ml beef stock'],
      `Season the meat, let sit. Boil the chiles in water 10 min till soft. Drain. Blend the chiles and garlic. Brown the meat. Add the stock.${CLOSED}`,
      'blanch(; dried)',
    ],
    [
      'soaking water that is thrown away is no water of the list',
      ['1 ham hock', '400 g split peas', '2000 ml cold water'],
      `Soak the hock overnight in cold water, throw that water away. Everything in the cooker with the fresh water, no more than half full.${CLOSED}`,
      'add(ham split cold)',
    ],
    [
      'a third that is taken out comes in at the end',
      ['3 tbsp ghee', '2 onions', '800 g chicken thighs', '300 ml water'],
      `Heat the ghee. Fry the onions until golden; remove a third for garnish. Add the chicken and water.${CLOSED} Top with the fried onions.`,
      'soften(ghee onions 0.67)',
    ],
    [
      'what is cooked on high before the lid is closed is an open pot',
      ['800 g chicken thighs', '2 onions', '400 g rice', '500 ml water'],
      'Soften the onions. Add the chicken and cook on high for 5 minutes till it changes colour. Add the rice and water. Close the lid and cook for 2 whistles. Let the pressure release naturally.',
      'add(rice water)',
    ],
    [
      'the meat and its marinade rest an hour before there is any pot',
      ['800 g chicken thighs', '250 g yoghurt', '1 tsp turmeric', '300 ml water'],
      `Mix the yoghurt and turmeric with the chicken and rest for 1 hour. Brown the chicken. Add the water.${CLOSED}`,
      'marinate(yoghurt turmeric; chicken)',
    ],
    [
      'a sauce that thickens in a pan of its own binds nothing in the pot',
      ['1 kg pork ribs', '250 ml water', '100 g honey', '60 ml soy sauce'],
      `Stand the ribs on the rack over the water.${CLOSED} Meanwhile simmer the honey and soy in a small saucepan until thick, 8 minutes. Brush over the ribs.`,
      'sauce(honey soy)',
    ],
    [
      'chillies are toasted dry, and it is they that are soaked',
      ['4 ancho chiles', '500 ml boiling water', '1 tsp cumin seeds', '3 garlic cloves', '800 g beef chuck'],
      `Tear the stems and seeds out of the chiles. Toast them in a dry skillet until they puff, then cover with the boiling water for 20 minutes. Blend the chiles with their water and the garlic. Brown the beef. Add the puree.${CLOSED}`,
      'soak(; ancho boiling)',
    ],
    [
      'what is ground and kept aside is lifted out of nothing',
      ['50 g desiccated coconut', '1 tsp poppy seeds', '2 onions', '600 g lamb shoulder', '300 ml water'],
      `Grind the coconut and poppy seeds and keep aside. Soften the onions. Add the lamb and water.${CLOSED} Stir in the paste.`,
      'stirin(desiccated poppy)',
    ],
    [
      'mince that is kneaded is mixed in a bowl, with the crumbs that were soaked',
      ['500 g ground beef', '40 g breadcrumbs', '100 ml milk', '1 egg', '300 ml beef stock'],
      'Soak the breadcrumbs in the milk. Add the beef and egg, knead and roll into 20 balls. Brown the meatballs. Add the stock.',
      'mix(ground egg)',
    ],
    [
      'a dough that is made while the pot is open is dropped on top',
      ['1 kg chicken thighs', '1 l chicken stock', '250 g flour', '1 tbsp baking powder', '180 ml milk'],
      `Add the chicken and stock.${CLOSED} Stir together the flour and baking powder, then mix in the milk until a dough forms. Drop the dough by spoonfuls over the top.`,
      'top(; flour baking milk)',
    ],
    [
      'water that onions lose is nobody’s water',
      ['4 onions', '150 ml water', '2 tbsp ghee', '1 kg chicken thighs'],
      `Put the onions into the dry pot on a medium heat and stir until they have lost their water and begin to brown. Add the ghee. Add the chicken and water.${CLOSED}`,
      'soften(onions)',
    ],
    [
      'meat balls stay what they are',
      ['500 g ground beef', '1 egg', '60 g breadcrumbs', '700 g passata', '200 ml stock'],
      'Mix the beef, egg and breadcrumbs. Roll into 18 balls. Add the passata and stock, and the meatballs.',
      'mix(ground egg breadcrumbs)',
    ],
  ])('%s', (_name, lines, method, wanted) => {
    expect(told(lines, method.includes('Close') ? method : method + CLOSED)).toContain(wanted);
  });

  it('gives every line out once: the shares of what any method makes, halves and keeps add to one or less', () => {
    const LINES = [
      '6 tbsp hoisin sauce',
      '3 tbsp honey',
      '150 ml stock',
      '400 ml coconut milk',
      '1 kg chicken thighs',
    ];
    const parts = fc.constantFrom(
      'Stir the hoisin and honey together.',
      'Scoop the thick cream off the top of the coconut milk and set aside.',
      'Add half of the hoisin mixture.',
      'Add the chicken and the stock.',
      'Pour in half the stock.',
      'Pour in the remaining stock and the rest of the coconut milk.',
      'Toast the honey.',
      'Stir in the reserved coconut cream.',
      'Reserve half of the honey.',
      'Add the honey.',
      'Brush with the remaining sauce.',
    );
    fc.assert(
      fc.property(fc.array(parts, { maxLength: 8 }), fc.array(parts, { maxLength: 4 }), (before, after) => {
        const acts = read(LINES, `${before.join(' ')}${CLOSED} ${after.join(' ')}`);
        const sums = LINES.map(() => 0);
        for (const a of acts) for (const l of a.lines) sums[l.index]! += l.share;
        for (const sum of sums) expect(sum).toBeLessThanOrEqual(1 + 1e-9);
        for (const a of acts) for (const l of a.lines) expect(l.share).toBeGreaterThan(0);
      }),
      { numRuns: 300 },
    );
  });
});

describe('what is kept for the end', () => {
  it('waits until it is called back', () => {
    const acts = read(
      [
        '1 can (400 ml) coconut milk',
        '1 tbsp coconut oil',
        '60 g red curry paste',
        '700 g beef chuck',
        '1 lime',
      ],
      `Scoop the thick cream off the top of the coconut milk and set aside. Heat the coconut oil and fry the curry paste. Add the beef and pour in the remaining thin coconut milk.${CLOSED} Stir in the reserved coconut cream and lime juice.`,
    );
    const coconut = acts.flatMap((a) =>
      a.lines.flatMap((l) => (l.index === 0 ? [[a.verb, Number(l.share.toFixed(2))]] : [])),
    );
    expect(coconut).toEqual([
      ['add', 0.7],
      ['stirin', 0.3],
    ]);
  });
});

describe('words that only sound like something else', () => {
  const STEW = ['1 kg pork shoulder', '2 onions', '1 tbsp oil', '300 ml stock', '2 tbsp flour'];
  it.each([
    [
      'sealed meat is browned, and closes no lid',
      'Heat the oil. Add the pork and seal the meat on all sides. Add the stock.',
      'brown(oil pork)',
    ],
    [
      'fried after it was floured, the meat is what is fried',
      'Roll the pork in the flour. Fry in hot oil till brown. Add the stock.',
      'brown(oil pork)',
    ],
    [
      'onions that go in where something was fried are fried',
      'Brown the pork in the oil, lift out. Onions in, 5 min. Add the stock and pork.',
      'soften(onions)',
    ],
    [
      'skin side down in hot fat is browning',
      'Heat the pot and add the oil. Put the pork in skin side down for 6 minutes. Add the stock.',
      'brown(oil pork)',
    ],
    [
      'a pot that is switched off softens nothing',
      'Brown the pork in the oil. Cancel sauté. Add the stock.',
      'brown(pork oil)',
    ],
    [
      'an oven that gets hot bakes nothing',
      'Brown the pork in the oil. Preheat the grill. Add the stock.',
      'add(stock)',
    ],
  ])('%s', (_name, method, wanted) => {
    const got = told(STEW, method + CLOSED);
    expect(got).toContain(wanted);
    expect(got.filter((a) => a.startsWith('close'))).toHaveLength(1);
    expect(got).not.toContain('soften()');
    expect(got.some((a) => a.startsWith('grill'))).toBe(false);
  });

  it.each([
    ['If the gravy is thin, boil it down until it clings.', 'reduce'],
    ['Taste and add more stock if you like.', 'add'],
    ['Remove the roast to a board.', 'bake'],
  ])('after the lid: “%s” is no act of its own', (sentence, verb) => {
    const got = read(STEW, `Add the pork, onions and stock.${CLOSED} ${sentence}`);
    expect(got.filter((a) => a.run > 0).map((a) => a.verb)).not.toContain(verb);
  });

  it('adds the minutes of what is fried one after the other, and boils down in the minutes it is told', () => {
    const [soften] = read(
      STEW,
      `Fry the onions in the oil for 8 minutes. Add the flour and fry 1 minute more. Add the pork and stock.${CLOSED}`,
    );
    expect(soften?.minutes).toBe(8);
    const acts = read(
      STEW,
      `Add the pork and stock.${CLOSED} Lift out the pork. Cook it down 10 min while you shred.`,
    );
    expect(acts.find((a) => a.verb === 'reduce')?.minutes).toBe(10);
  });

  it('keeps every word of the recipe beside its step', () => {
    const method = 'On sauté (high), brown the chx w/ 2 tbsp. oil. Press Cancel. Add stock & half-and-half.';
    const words = clauses(method).map((c) => c.sentence);
    for (const sentence of new Set(words)) expect(method).toContain(sentence.replace(/tbsp /, 'tbsp. '));
  });

  it('drains on the board, strips only what was in the pot, and slices for the table', () => {
    const lines = [
      '400 g dried black beans',
      '1 smoked ham hock',
      '200 g smoked sausage',
      '1 onion',
      '1 tbsp oil',
      '1000 ml water',
      '1 orange',
    ];
    const got = told(
      lines,
      'Drain the beans. Fry the onion in the oil. Add the beans, hock and water. High pressure 35 minutes, natural release. Take out the hock, strip off the meat and discard the bone. Return the meat with the sausage and simmer for 10 minutes. Slice the orange. Serve with the orange.',
    );
    expect(got[0]).toBe('soften(onion oil)');
    expect(got).toContain('add(dried smoked water)');
    expect(got.find((a) => a.startsWith('liftout'))).toBe('liftout(; smoked)');
    expect(got.some((a) => a.startsWith('slice'))).toBe(false);
    expect(got.at(-1)).toBe('serve(orange)');
  });
});
