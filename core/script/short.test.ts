import { pressureRuns } from '../dish/pressure';
import { readLine } from '../dish/read';
import { Pantry } from '../pantry/pantry';
import { readScript } from './read';

const pantry = new Pantry();
/** The acts of a method: "brown(1 tbsp oil, 8 chicken thighs)". */
const acts = (lines: readonly string[], method: string): string[] =>
  (
    readScript(
      method,
      lines.map((text) => ({ read: readLine(text, pantry) })),
      pantry,
    )?.acts ?? []
  ).map((a) => `${a.verb}(${a.lines.map((l) => lines[l.index]).join(', ')})`);

describe('short and named words', () => {
  const COOK = 'Close the lid and cook at high pressure for 10 minutes. Quick release.';

  it('takes the name of a step for no step, whatever mark stands behind it', () => {
    const lines = ['1 tbsp oil', '1 onion', '800 g chicken thighs', '400 ml stock'];
    const told = (name: (what: string) => string): string[] =>
      acts(
        lines,
        `${name('Soften')}Heat the oil and fry the onion for 5 minutes.\n${name('Pressure cook')}Add the chicken and stock. ${COOK}\n${name('Finish')}Serve.`,
      );
    const plain = told(() => '');
    expect(plain[0]).toBe('soften(1 tbsp oil, 1 onion)');
    for (const mark of [' – ', ' — ', ': ', ' - '])
      expect(told((what) => `Step 1: ${what}${mark}`)).toEqual(plain);
  });

  it('meat shaken in a bag with flour is floured', () => {
    expect(
      acts(
        ['1 kg beef chuck', '3 T flour', '2 T oil', '2 c broth'],
        `Shake beef in bag with flour. Brown in oil. Add broth. ${COOK}`,
      )[0],
    ).toBe('dredge(3 T flour)');
  });

  it('knows a word cut short, a pair by its number, and a bare word that one line begins with', () => {
    const lines = [
      '1 kg pork shoulder',
      '1 T worcestershire',
      '1 tbsp wholegrain mustard',
      '1 tbsp Dijon mustard',
      '1 tbsp adobo sauce',
      '300 ml stock',
    ];
    const got = acts(lines, `Put in the pork and stock, worc., adobo. ${COOK} Stir in both mustards.`);
    expect(got[0]).toBe('add(1 kg pork shoulder, 1 T worcestershire, 1 tbsp adobo sauce, 300 ml stock)');
    expect(got.at(-1)).toBe('stirin(1 tbsp wholegrain mustard, 1 tbsp Dijon mustard)');
  });

  it('blends what stood before the “and”, and takes no water of the list for what something was soaked in', () => {
    const lines = ['5 dried chillies', '4 cloves garlic', '1 kg lamb shoulder', '2 tbsp oil', '200 ml water'];
    const got = acts(
      lines,
      `Drain the chillies and blend with the garlic, adding a little of the soaking water. Brown the lamb in the oil. Add the paste and the water. ${COOK}`,
    );
    expect(got.find((a) => a.includes('water'))).toMatch(
      /^(?:add|deglaze)\(5 dried chillies, 4 cloves garlic, 200 ml water\)/,
    );
  });

  it('squeezed juices go in together; the meat’s own are nobody’s', () => {
    const lines = [
      '1 kg pork shoulder',
      'Juice of 2 oranges',
      'Juice of 1 lime',
      '200 ml stock',
      'lime wedges, to serve',
    ];
    expect(
      acts(lines, `Add the juices and stock to the pot. Put in the pork. ${COOK} Serve with lime wedges.`)[0],
    ).toContain('Juice of 2 oranges, Juice of 1 lime, 200 ml stock');
    expect(acts(lines, `Add the pork with any juices, and the stock. ${COOK}`)[0]).not.toContain('orange');
  });

  it('boils down where there is nothing to thicken with, and shreds nothing for pepper flakes', () => {
    const lines = [
      '1 kg chicken thighs',
      '1 tsp red pepper flakes',
      '400 g chopped tomatoes',
      '100 ml stock',
    ];
    const got = acts(
      lines,
      `Add everything. ${COOK} Remove the chicken. Sauté the sauce on high 5 min to thicken.`,
    );
    expect(got.at(-1)).toBe('reduce()');
    expect(
      acts(lines, `Stir tomatoes, pepper flakes and stock together in the pot. Add chicken. ${COOK}`).join(),
    ).not.toMatch(/shred/);
  });

  it('lets the steam off and the rest out without boiling down or lifting out', () => {
    const lines = ['1 kg chicken thighs', '400 ml stock'];
    for (const [words, release] of [
      ['let the steam off', 'quick'],
      ['let it come down on its own for ten then let the rest out', 'ten'],
    ] as const) {
      const method = `Add the chicken and stock. Lid on, up to pressure, 12 mins, ${words}.`;
      expect(acts(lines, method).map((a) => a.split('(')[0])).toEqual(['add', 'close', 'hold', 'release']);
      expect(pressureRuns(method)[0]).toMatchObject({ minutes: 12, release });
    }
  });

  it('cooks for the minutes that stand behind what went in', () => {
    const got = acts(
      ['1 onion', '1 tbsp oil', '2 cloves garlic', '800 g lamb shoulder', '300 ml stock'],
      `Turn down the heat, add the oil and the onion; 6 minutes. Stir in the garlic for 1 minute. Add the lamb and stock. ${COOK}`,
    );
    expect(got[0]).toBe('soften(1 onion, 1 tbsp oil)');
  });

  it('what must not happen under pressure closes no lid: the roux goes in after it', () => {
    const lines = ['450 g chicken thighs', '600 ml water', '110 g curry roux', '1 tbsp ketchup'];
    const got = acts(
      lines,
      `Add the chicken and water. ${COOK} Dissolve the roux in a ladle - never pressure cook with the roux in! Add the ketchup. Simmer 5 min, stirring, until thick.`,
    );
    expect(got.filter((a) => a.startsWith('close'))).toHaveLength(1);
    expect(got.findIndex((a) => a.includes('roux'))).toBeGreaterThan(got.indexOf('release()'));
    expect(got.at(-1)).not.toMatch(/^thicken/);
  });

  it('browns what was salted, and puts in later what is added later', () => {
    const got = acts(
      ['1 chicken, in 8 pieces', '150 g ham, diced', '2 tbsp oil', '2 onions', '150 ml white wine'],
      `Salt the chicken pieces. Heat the oil and brown the pieces on all sides; keep them on a plate. Melt the onions for 8 minutes. Add the ham and the wine. Put back the chicken. ${COOK}`,
    );
    expect(got.find((a) => a.startsWith('brown'))).not.toContain('ham');
    expect(got.find((a) => a.includes('onions'))).toMatch(/^soften/);
  });

  it('lets a sauce with nothing in it to bind rest while it thickens by itself', () => {
    const got = acts(
      ['450 g sausage meat', '300 g orzo', '650 ml chicken stock', '2 handfuls kale', '60 ml cream'],
      `Brown the sausage. Add the stock and orzo. ${COOK} Stir in kale and cream. Lid back on (off the heat) 3-5 min until the kale wilts and the sauce thickens.`,
    );
    expect(got.at(-1)).toBe('steamlid()');
  });

  it('boils pasta in water of its own, and leaves a tin of chillies where it is named', () => {
    const got = acts(
      [
        '1 kg beef cheeks',
        '400 ml stock',
        '1 tin green chillies',
        '2 green chillies, sliced',
        '1 tbsp oil',
        '400 g pappardelle',
      ],
      `Fry the green chillies in the oil. Add the beef, stock and tin of green chillies. ${COOK} Meanwhile, cook the pasta in salted boiling water until al dente.`,
    );
    expect(got[0]).toBe('soften(2 green chillies, sliced, 1 tbsp oil)');
    expect(got.at(-1)).toBe('boil(400 g pappardelle)');
  });

  it('gathers nothing into the pot, and leaves undone what may be left', () => {
    const lines = ['1 kg pork shoulder', '2 tbsp oil', '400 ml stock', '100 ml double cream'];
    const got = acts(
      lines,
      `Gather all ingredients. Brown the pork in the oil. Add the stock. ${COOK} Boil off extra liquid if you like. Stir in the cream.`,
    );
    expect(got[0]).toBe('brown(1 kg pork shoulder, 2 tbsp oil)');
    expect(got.join()).not.toMatch(/reduce/);
  });

  it('grinds what was toasted into the paste, and fries the meat that was added with it', () => {
    const got = acts(
      [
        '8 dried chillies',
        '1 tsp cumin seeds',
        '6 garlic cloves',
        '4 tbsp vinegar',
        '1 kg pork shoulder, cubed',
        '3 tbsp oil',
        '250 ml water',
      ],
      `Toast the chillies and cumin in a dry pan. Grind with the garlic and vinegar to a smooth paste. Heat the oil. Add the pork and the paste. Fry on high for 6 minutes until the oil shows. Pour in the water. ${COOK}`,
    );
    const fried = got.find((a) => a.startsWith('brown'));
    for (const part of ['dried chillies', 'cumin seeds', 'garlic', 'pork']) expect(fried).toContain(part);
  });

  it('pours a blended sauce whole, salts the meat from none of it, and throws the bay leaves away', () => {
    const sections = new Map([
      ['5 cloves garlic', 'For the sauce'],
      ['160 ml beef broth', 'For the sauce'],
      ['2 tsp salt', 'For the sauce'],
    ]);
    const lines = [...sections.keys(), '1.3 kg beef chuck', '2 tbsp oil', '3 bay leaves'];
    const script = readScript(
      `Blend all sauce ingredients until smooth. Pat beef dry and salt it. Sear in oil. Pour the sauce over the beef, tuck in the bay leaves. ${COOK} Toss the bay leaves.`,
      lines.map((text) => {
        const section = sections.get(text);
        return { read: readLine(text, pantry), ...(section ? { section } : {}) };
      }),
      pantry,
    );
    const poured = script?.acts.find((a) => a.verb === 'add');
    expect(poured?.lines.map((l) => l.index)).toEqual(expect.arrayContaining([0, 1, 2]));
    expect(script?.acts.at(-1)?.verb).toBe('liftout');
  });

  it('counts whistles once where they are told in minutes too', () => {
    expect(
      pressureRuns(
        'Pour in the water, close and cook for 4-5 whistles (about 20 min). Let it cool down by itself.',
      )[0],
    ).toMatchObject({ minutes: 20, whistles: null });
  });

  it('sets a roast on top and browns it once; what meat is washed with is used up; a tap is a quick release', () => {
    const roast = acts(
      ['1.5 kg chuck roast', '2 Tbsp oil', '1 onion', '500 ml beef broth'],
      `Sear in hot oil, 4 mins per side. Remove. Add onion and broth. Set roast on top. ${COOK}`,
    );
    expect(roast.filter((a) => a.startsWith('brown'))).toHaveLength(1);
    expect(roast).toContain('return()');
    const goat = acts(
      ['2 kg goat, chopped', 'Juice of 1 lime', '2 tbsp oil', '500 ml water'],
      `Wash the goat in the lime juice and drain well. Brown the goat in the oil. Add the water. ${COOK}`,
    );
    expect(goat[0]).toBe('rinse(Juice of 1 lime)');
    expect(pressureRuns('Bring to pressure and cook 25 mins. Cool pot under tap, open.')[0]).toMatchObject({
      minutes: 25,
      release: 'quick',
    });
  });

  it('boils down for the minutes that stand behind the look', () => {
    const got = acts(
      ['1 kg chicken thighs', '1 tbsp brown sugar', '125 ml soy sauce', '125 ml water'],
      `Add the chicken, soy and water. ${COOK} Add the sugar, and simmer uncovered until the sauce thickens and turns a bit oily, 10 minutes.`,
    );
    expect(got.slice(-2)).toEqual(['stirin(1 tbsp brown sugar)', 'reduce()']);
  });

  it('cooks onions until they are brown, and browns no meat again for it', () => {
    const got = acts(
      ['2 kg short ribs', '2 tbsp oil', '2 onions, chopped', '2 carrots', '400 ml stock'],
      `Sear the ribs in the oil; set aside. Toss in the onions and carrots and cook till lightly browned, 6 minutes. Add the stock and nestle in the ribs. ${COOK}`,
    );
    expect(got.filter((a) => a.startsWith('brown'))).toEqual(['brown(2 kg short ribs, 2 tbsp oil)']);
  });
});
