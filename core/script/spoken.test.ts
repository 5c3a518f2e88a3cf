import { readLine } from '../dish/read';
import { readPage } from '../page/page';
import { recipeOf } from '../page/recipe';
import { defaultKitchen } from '../kitchen/kitchen';
import { planDish, type Plan } from '../plan/plan';
import { dishOf, pantry, told } from './testing/telling';

const planOf = (list: string, method: string): Plan => planDish(dishOf(list, method), defaultKitchen());
const recipe = (text: string) => recipeOf(readPage(text, pantry), 0);
const titles = (plan: Plan): string[] => plan.steps.map((s) => s.title);

describe('a recipe as it is told in passing', () => {
  const text = `ok so here's how i do the creamy chicken and rice:

chicken thighs, 6 or so (boneless), cut up
1 onion, chopped. 2 sticks celery. couple carrots
mushrooms if i've got them (about 200g)
long grain rice 1 1/2 cups, rinsed
2 cups stock (chicken)
half a cup of cream
frozen peas, a cup
butter + oil

so fry the chicken in butter & oil. take it out. veg in, 5 mins. splash of the stock to get the bits off. rice in, stir it about a minute. rest of the stock, chicken back on top, don't stir!! lid, high pressure 8 minutes, leave it 10 then let it out. stir through cream and the peas, lid back on (not locked) for 5 mins. feeds 4 with seconds`;
  const r = recipe(text);
  const lines = r.lines.flatMap((l) => {
    const { several } = readLine(l.text, pantry);
    return several.length > 1 ? several : [l.text];
  });

  it('has its name, its plates and every line', () => {
    expect([r.title, r.plates, lines.length]).toEqual(['creamy chicken and rice', 4, 11]);
  });

  it('is cooked in its order, the lid laid on without pressure at the end', () => {
    const acts = told(lines.join('; '), r.method);
    expect(acts.map((a) => a.replace(/\(.*/, '').replace('close/8', 'close'))).toEqual([
      'brown',
      'liftout',
      'soften/5',
      'deglaze',
      'bloom/1',
      'deglaze',
      'return',
      'close',
      'hold/8',
      'release',
      'dairy',
      'steamlid/5',
    ]);
  });
});

describe('half of what is named', () => {
  it('is half of the coconut milk, and all of the paste', () => {
    const plan = planOf(
      '2 tbsp massaman curry paste; 900 g chuck roast, cubed; 1 tin coconut milk, divided; 250 ml beef stock',
      'Brown the beef, set aside. Open the coconut milk. Spoon half of it into the pot with the curry paste and fry 3 min. Add the stock, scrape. Return the beef. High pressure 35 min, quick release. Stir in the remaining coconut milk.',
    );
    expect(plan.items.filter((i) => i.index === 0).map((i) => i.share)).toEqual([1]);
    expect(plan.items.filter((i) => i.index === 2).map((i) => i.share)).toEqual([0.5, 0.5]);
  });
});

describe('eggs with lemon', () => {
  it('are warmed by the broth before they go in, all as one, and the meat comes back alone', () => {
    const acts = told(
      '700 g chicken breasts; 2 l chicken stock; 150 g orzo; 3 eggs; 80 ml lemon juice',
      'Put the chicken and stock in the pot. Seal; pressure cook 10 min. QPR. Take the chicken out and shred. When the broth boils add the orzo and cook 8 min. Whisk the eggs in a bowl till frothy, add the lemon juice. Whisking, slowly drizzle in 2 cups of the hot broth. Pour the egg mixture back in the pot. Return the chicken.',
    );
    expect(acts.slice(acts.indexOf('release()') + 1)).toEqual([
      'liftout()',
      'shred()',
      'simmer/8(orzo)',
      'temper(egg lemon)',
      'return()',
    ]);
  });
});

describe('a recipe of the oven', () => {
  const plan = planOf(
    '1.8 kg bone-in short ribs; 1 onion, chopped; 1 bottle dry red wine; 1 l beef stock; 2 bay leaves',
    'Brown the ribs in 2 batches, 4 minutes a side. Transfer to a plate. Add the onion, cook 5 minutes. Stir in the wine, return the ribs and simmer until reduced by half, 25 minutes. Add the bay and stock. Bring to a boil, cover, and transfer to the oven. Cook until tender, 2 to 2½ hours. Transfer the ribs to a platter.',
  );
  const found = plan.findings.find((f) => f.id === 'converted');

  it('says what it became, and lifts nothing out because it goes to the oven', () => {
    expect(found?.text).toMatch(/Written for the stove or the oven: \d+ min under pressure/);
    expect(plan.script?.acts.filter((a) => a.verb === 'liftout')).toHaveLength(2);
    expect(plan.batches).toBe(2);
  });

  it('offers to leave out stock that a closed pot does not boil away, and no more than that', () => {
    const [fix] = found?.fixes ?? [];
    expect(fix?.label).toMatch(/^Pour only .*beef stock$/);
    const after = planDish(fix!.apply(plan.dish), defaultKitchen());
    expect(after.liquid.countedMl.mid).toBeLessThan(plan.liquid.countedMl.mid);
    expect(after.liquid.verdict).not.toBe('short');
    expect(after.findings.find((f) => f.id === 'converted')?.fixes).toEqual([]);
  });
});

describe('a joint that is cut into so many', () => {
  it('is as thick as so many pieces of it are', () => {
    const mm = (text: string): number | null => readLine(text, pantry).thicknessMm;
    const four = mm('1 (4-5 pound) boneless pork shoulder (butt), cut into 4 chunks') ?? 0;
    const eight = mm('2 kg boneless pork shoulder, cut into 8 pieces') ?? 0;
    expect(four).toBeGreaterThan(55);
    expect(four).toBeLessThan(75);
    expect(eight).toBeLessThan(four);
    // A size in so many words says more.
    expect(mm('2 kg pork shoulder, cut into 8 pieces of 5 cm')).toBe(50);
  });
});

describe('names and titles', () => {
  it('says olives as they are written, a fruit by its own name, and no half of a bracket', () => {
    const plan = planOf(
      '1 kg chicken legs; 100 g pitted Kalamata olives; zest of 1 orange; 2 sticks celery, divided; 300 ml chicken stock',
      'Put the chicken, stock and celery in the pot. High pressure 12 min, natural release. Stir in the olives and zest.',
    );
    expect(titles(plan)).toContain('Stir in kalamata olives and orange zest');
    expect(plan.steps.flatMap((s) => s.items.map((i) => i.note)).join()).not.toMatch(/divided/);
  });

  it('names what comes out of its marinade or off its plate, and not what is in the pot already', () => {
    const plan = planOf(
      '1 kg chicken drumsticks; 1 tbsp oil; 200 ml orange juice; 60 ml soy sauce',
      'Brown the drumsticks in the oil. Mix the juice and soy. Pour over the chicken. High pressure 12 min, quick release.',
    );
    expect(titles(plan).find((t) => t.startsWith('In with'))).toBe('In with orange juice and soy sauce');
  });

  it('fries what stands on the plate, and no oil alone', () => {
    const plan = planOf(
      '1 kg chicken drumsticks; 120 ml soy sauce; 120 ml cane vinegar; 100 ml water; oil',
      'Put everything except the oil in the pressure cooker. HP 8 min, natural release. Take the chicken out, pat dry. Heat oil in a pan and fry till brown and crispy, 2-3 min each side.',
    );
    expect(titles(plan).find((t) => t.startsWith('Fry'))).toBe('Fry chicken drumsticks');
  });
});

describe('the clock', () => {
  const marinated = planOf(
    '1 kg chicken thighs, cubed; 150 g yoghurt; 2 tsp garam masala; 3 onions, chopped; 30 g ginger, minced; 400 g tomatoes, chopped; 200 ml water; 2 tbsp oil',
    'Marinate the chicken in the yoghurt and garam masala for 30 minutes. Heat the oil, fry the onions, ginger and tomatoes 8 minutes. Add the chicken and water. High pressure 8 min, quick release.',
  );

  it('lets the knife work run while the meat stands, and never below three minutes', () => {
    const wait = marinated.steps.find((s) => s.title.startsWith('Marinate'));
    expect(wait?.text).toMatch(/The rest can be cut meanwhile/);
    expect(wait!.durationS.mid).toBeLessThan(29 * 60);
    expect(wait!.durationS.mid).toBeGreaterThanOrEqual(180);
  });

  it('waits for no heat where the pot is hot already', () => {
    const heat = marinated.steps.find((s) => s.title.startsWith('Heat'));
    expect(heat === undefined || heat.durationS.mid <= 60).toBe(true);
  });

  it('browns strips in as long as the recipe gives them', () => {
    const plan = planOf(
      '500 g chicken breast, sliced into thin strips; 1 tbsp oil; 300 ml stock',
      'Cook the chicken in the oil for 3-4 minutes or until lightly golden. Remove to a plate. Pour in the stock, return the chicken. High pressure 3 min, quick release.',
    );
    const brown = plan.steps.find((s) => s.title.startsWith('Brown'));
    expect(brown!.durationS.mid).toBeLessThanOrEqual(10 * 60);
  });
});

describe('pages with a site around them', () => {
  it('keep the name of the dish, and a word about it out of the list', () => {
    const r = recipe(
      'POLLO GUISADO (olla a presión)\nStewed chicken of the island, how my grandmother does it\n\n2½ lbs chicken thighs, bone in\n2 tbsp olive oil\n1 cup chicken broth\n\nBrown the chicken in the oil. Add the broth. High pressure 15 minutes, natural release for 10.\n(5 servings)',
    );
    expect([r.title, r.lines.length, r.plates]).toEqual(['POLLO GUISADO (olla a presión)', 3, 5]);
    expect(
      recipe(
        'Lamb Shank Stew | Pressure Cooker | Ferry Kitchen\nServes 4\nIngredients\n4 lamb shanks\n300 ml stock\nMethod\nPut it all in the pot. High pressure 40 min.',
      ).title,
    ).toBe('Lamb Shank Stew');
  });

  it('marinates with the spoons it names, of two lines of one spice', () => {
    const list =
      '900 g chicken thighs; 150 g yoghurt; 2 tsp garam masala; 1 tsp ground cumin; 1 tbsp garam masala; 2 tsp ground cumin; 1 onion; 120 ml broth';
    const acts = told(
      list,
      'Combine the yoghurt, 2 tsp garam masala and 1 tsp cumin. Add the chicken, toss and refrigerate 30 minutes. Fry the onion 5 minutes. Add the spices, stir 30 seconds. Pour in the broth. Add the chicken. High pressure 10 minutes, quick release.',
    );
    expect(acts[0]).toBe('marinate/30(yoghurt garam-masala ground-cumin)');
    expect(acts.find((a) => a.startsWith('bloom'))).toBe('bloom/0.5(garam-masala ground-cumin)');
  });
});

describe('little packs', () => {
  it.each([
    ['1 packet sazón con achiote', 50],
    ['1 packet ground cumin', 40],
    ['1 sachet taco seasoning', 50],
  ])('%s is no quarter kilo', (text, most) => {
    expect(readLine(text, pantry).massG.mid).toBeLessThan(most);
  });

  it('is a head of garlic where it is whole, and mince where it is mixed', () => {
    expect(readLine('1 whole garlic, smashed', pantry).massG.mid).toBeGreaterThan(30);
    expect(readLine('500 g mixed mince', pantry).food?.kind).toBe('ground-meat');
  });
});

describe('more of how cooks say it', () => {
  it('hears a second lid in “6 more min high”, and none where a lid is only laid on', () => {
    const acts = told(
      '1.5 kg chuck roast; 1 tbsp oil; 350 ml beef broth; 700 g baby potatoes',
      'Sear the roast in the oil. Add the broth. 60 min high, 10 natural then release.\nAdd the potatoes around the roast, 6 more min high. QR.',
    );
    expect(acts.filter((a) => a.startsWith('close'))).toHaveLength(2);
    const laid = told(
      '500 g chicken breast, cubed; 500 ml broth; 200 g broccoli; 100 ml cream',
      'Add the chicken and broth. Seal and cook on high pressure 6 minutes, quick release. Add the broccoli, put lid on and let it steam for 5 min. Stir in the cream.',
    );
    expect(laid.slice(laid.indexOf('release()') + 1)).toEqual([
      'stirin(broccoli)',
      'steamlid/5()',
      'dairy(double-cream)',
    ]);
  });

  it('drops the names of steps whose every word has a capital, and “Cook.” is no opening', () => {
    const acts = told(
      '200 g wild rice; 450 g chicken breasts; 1.5 l chicken stock; 40 g butter; 30 g flour; 350 ml milk',
      'Cook The Soup. Combine rice, chicken and stock in the pot. Set to High Pressure 25 minutes. Cook. Then let it rest for 10 minutes (natural release), then vent.\nMake The Cream Sauce. In a saucepan melt the butter, whisk in the flour, then the milk.\nPut Everything Together. Shred the chicken. Add the cream sauce.',
    );
    expect(acts[0]).toMatch(/^(?:add|mix)\(brown-rice/);
    expect(acts.slice(0, 4).map((a) => a.replace(/[/(].*/, ''))).toEqual([
      expect.stringMatching(/add|mix/),
      'close',
      'hold',
      'release',
    ]);
  });

  it('gives wild rice its minutes, whatever the chicken beside it would like', () => {
    const plan = planOf(
      '200 g wild rice; 450 g chicken breasts; 1.5 l chicken stock',
      'Put everything in the pot. High pressure 25 minutes, natural release 10 minutes.',
    );
    expect(plan.told).toMatchObject({ minutes: 25, isFollowed: true });
  });

  it('leaves what was pushed to one side in the pot, and out of every step', () => {
    const acts = told(
      '700 g beef chuck, cubed; 1 tbsp oil; 1 onion; 400 ml beef broth',
      'Brown the beef in the oil. Push the beef to one side; add the onion and cook 4 minutes. Pour in the broth and scrape. High pressure 20 minutes, natural release.',
    );
    expect(acts.map((a) => a.replace(/[/(].*/, ''))).toEqual([
      'brown',
      'soften',
      'deglaze',
      'close',
      'hold',
      'release',
    ]);
  });

  it('takes the water that a list leaves open from the method', () => {
    const r = recipe(
      'Aloo gosht\nMutton 750 gms (with bone)\nPotatoes 3 medium\nOil 3 tbsp\nWater as required\n\nHeat oil, fry the mutton. Add 2 cups water. Pressure cook 18 mins. Release. Add the potatoes and 1 cup water if needed. Cook covered 15 mins. Serves 5',
    );
    expect(r.lines.map((l) => l.text)).toContain('2 cups water');
    expect(r.lines.map((l) => l.text)).not.toContain('1 cup water');
  });

  it('asks for no amount of a squeeze of lemon', () => {
    expect(readLine('lemon juice', pantry).confidence).toBe('sure');
  });
});

describe('water, sugar and onions that are taken for something else', () => {
  it('blanches in water from the tap, melts the sugar and pours the coconut water once', () => {
    const acts = told(
      '1 kg pork belly, in cubes; 3 tbsp sugar; 4 cloves garlic; 60 ml fish sauce; 500 ml coconut water',
      'Blanch pork: cover with cold water, bring to a boil, boil 3 min, drain and rinse. Add sugar and 1 tablespoon of water, swirl until it becomes deep amber, about 5 minutes. Add pork, toss to coat. Add garlic, 2 minutes. Add fish sauce and coconut water. Scrape bottom. High pressure 25 minutes.',
    );
    expect(acts[0]).toMatch(/^blanch/);
    expect(acts[1]).toMatch(/^caramel.*sugar/);
    expect(acts.filter((a) => /coconut/.test(a))).toHaveLength(1);
    expect(acts.find((a) => /coconut/.test(a))).toMatch(/^deglaze/);
  });

  it('softens onions that are scraped about, and deglazes where something is poured', () => {
    const acts = told(
      '700 g chicken thighs; 2 onions; 1 red pepper; 250 ml stock',
      'Brown the chicken and lift it out. Add onions and pepper; cook, scraping up the browned bits, until softened, 7 minutes. Pour in the stock and scrape the bottom. Return the chicken. High pressure 10 minutes.',
    );
    expect(acts.map((a) => a.replace(/\W.*/, '')).slice(0, 4)).toEqual([
      'brown',
      'liftout',
      'soften',
      'deglaze',
    ]);
  });
});

describe('an amount that nobody counts', () => {
  it.each([
    ['pint of lamb stock', 473],
    ['can of coconut milk', 400],
    ['cup of cream', 240],
  ])('%s is one', (text, about) => {
    const { massG } = readLine(text, pantry);
    expect(massG.mid).toBeGreaterThan(about * 0.9);
    expect(massG.mid).toBeLessThan(about * 1.1);
  });
});

describe('meat that is fried without being named again', () => {
  const list = '4 chicken legs; 1 tbsp oil; 1 onion; 500 ml stock; 1 tsp salt';
  const rest = ' Remove. Soften the onion. Add the stock. Return the chicken legs. High pressure 10 minutes.';
  it.each([
    'Heat the oil. Season the chicken legs, then fry for about 5 mins on each side until golden brown.',
    'Season the chicken legs. Heat the oil and fry for 5 minutes on each side.',
    'Heat the oil. Pat the chicken legs dry and fry until golden.',
    'Score the chicken legs and rub with salt. Fry in oil for 5 minutes.',
    'Season the chicken legs. Cook in the oil, skin-side down, for 5 minutes.',
  ])('%s', (method) => {
    const acts = told(list, method + rest);
    expect(acts.find((a) => a.startsWith('brown'))).toContain('chicken-leg');
    expect(acts.some((a) => a.startsWith('return'))).toBe(true);
  });

  it('leaves onions that are fried after the seasoning to soften', () => {
    const acts = told(
      list,
      'Season the chicken legs. Fry the onion in oil for 5 minutes. High pressure 10 minutes.',
    );
    expect(acts.filter((a) => a.startsWith('brown'))).toEqual([]);
  });

  it('counts both sides of what is flipped', () => {
    const acts = told(
      list,
      `Brown chicken 4-5 minutes skin side down, flip and brown 2 minutes more.${rest}`,
    );
    expect(acts[0]).toMatch(/^brown\/(?:6|7)/);
  });
});

describe('beans that are soaked first', () => {
  const list =
    '1 cup rajma (dried red kidney beans); 3 cups water to pressure cook; 1 tsp salt; 1 tsp garam masala';
  const method = (how: string): string =>
    `${how} Drain and rinse. Add them to a pressure cooker with 3 cups fresh water and salt. Cook for 5 whistles. Natural release. Stir in the garam masala.`;

  it('are in the pot under the lid, in the water of the list, and soaked', () => {
    const plan = planOf(list, method('Wash and soak rajma in lots of water overnight or 8 to 9 hours.'));
    expect(plan.items.slice(0, 2).map((i) => i.moment)).toEqual(['lid', 'lid']);
    expect(plan.items[0]?.read.soaked).toBe(true);
    expect(plan.findings.map((f) => f.text).join()).not.toMatch(/not soaked/);
    // The caution stands, soaked or not.
    expect(plan.findings.map((f) => f.text).join()).toMatch(/boiled hard for ten minutes/);
  });

  it('are dry where they stood for no time', () => {
    const plan = planOf(list, method('Soak rajma in water for 20 minutes.'));
    expect(plan.items[0]?.read.soaked).toBe(false);
  });
});

describe('three things in one breath', () => {
  it('names the soy, the water and the sugar', () => {
    const [acts = ''] = told(
      '1/2 c low sodium soy; 1/2 c water; 2/3 c brown sugar; 700 g beef',
      'soy water sugar in. beef in. 8 min HP.',
    );
    for (const id of ['soy', 'water', 'sugar']) expect(acts).toContain(id);
  });
});

describe('notes in a hurry', () => {
  const list =
    '2 lb boneless chicken thighs; 1 T oil; 2 T butter; 1 onion; 3 carrots; 3 celery; 3 garlic; 1 tsp thyme; 4 c chicken broth; 2 T cornstarch + 2 T water';
  const rest =
    ' garlic thyme 1 min. broth, scrape!! chicken in. lid, manual 8, qr. slurry in, saute till it bubbles.';
  it.each([
    'IP on saute, oil + butter, veg 5 min.',
    'oil + butter, veg 5 min.',
    'heat oil and butter, veg 5 min.',
  ])('%s', (begin) => {
    const acts = told(list, begin + rest);
    expect(acts[0]).toMatch(/^soften\/5\(.*onion/);
    expect(acts[1]).toMatch(/^(?:soften|bloom)\/1\(garlic/);
    expect(acts[2]).toBe('deglaze(chicken-stock)');
    expect(acts.find((a) => a.startsWith('thicken'))).toContain('cornstarch');
    expect(acts.some((a) => a.startsWith('fry'))).toBe(false);
  });

  it('takes a whistle that is put on for the lid', () => {
    const acts = told(
      '500 g chicken; 300 g basmati rice; 750 ml water',
      'Fry the chicken 5 mins. Add the rice and water. Close lid, put the whistle on. Cook on medium flame for 1 whistle, then off. Leave till pressure settles. Open and serve.',
    );
    expect(acts.map((a) => a.replace(/\W.*/, ''))).toEqual(
      expect.arrayContaining(['close', 'hold', 'release']),
    );
    expect(acts.some((a) => a.startsWith('simmer'))).toBe(false);
  });
});

describe('what a word is not', () => {
  it('browns meat with the herb that goes in beside it, and softens it with onions', () => {
    const list = '700 g chicken thigh fillets; 1 tbsp oil; 1 tsp dried oregano; 1 onion; 500 ml stock';
    const rest = ' Pour in the stock. High pressure 8 minutes.';
    const first = (method: string): string | undefined =>
      told(list, method + rest).find((a) => a.includes('chicken-thigh'));
    expect(first('Heat the oil. Add the chicken and oregano and cook for 5 minutes until coloured.')).toMatch(
      /^brown\/5/,
    );
    expect(first('Heat the oil. Add the chicken and the onion and cook for 5 minutes.')).not.toMatch(
      /^brown/,
    );
  });

  it('mashes butter with flour and leaves the mash on the table', () => {
    const acts = told(
      '1 kg beef short ribs; 500 ml red wine; 20 g butter, soft; 20 g plain flour; mashed potatoes',
      'Brown the ribs. Add the wine. High pressure 45 minutes, natural release. Mash the butter and flour together and whisk into the simmering sauce until it coats a spoon. Serve with mashed potatoes.',
    );
    expect(acts.filter((a) => a.includes('mashed-potato'))).toEqual([expect.stringMatching(/^serve/)]);
  });
});
