import { pressureRuns } from '../dish/pressure';
import { readLine } from '../dish/read';
import { readPage } from '../page/page';
import { defaultKitchen } from '../kitchen/kitchen';
import { planDish, type Plan } from '../plan/plan';
import { readScript } from './read';
import { dishOf, pantry, told } from './testing/telling';

const planOf = (list: string, method: string): Plan => planDish(dishOf(list, method), defaultKitchen());
const LID = 'Add the chicken and the water. Lock the lid, high pressure 8 minutes, natural release.';

describe('what is fried one after the other', () => {
  const list =
    '800 g chicken, curry cut; 2 onions; 1 tbsp ginger garlic paste; 1 tsp haldi; 1 tsp red chilli powder; 2 tomatoes pureed; 3 tbsp oil; 200 ml water';

  it('has its own minutes each, in a hand note without a verb too', () => {
    expect(
      told(
        list,
        `Heat oil. Onion - fry till golden, 12 min. Then g-g paste 2 min till raw smell goes. Haldi mirch + splash of water, fry 1 min. Tomato puree, cook till oil leaves the sides, 8 min. ${LID}`,
      ).slice(0, 4),
    ).toEqual([
      'soften/12(sunflower-oil onion)',
      'soften/2(ginger-garlic-paste)',
      'bloom/1(turmeric chilli-powder)',
      'soften/8(tomato)',
    ]);
  });

  it('has the seconds of what went in last, and of nothing before it', () => {
    const acts = told(
      '500 g chicken thighs; 1 onion; 4 cloves garlic; 1 tbsp oil; 250 ml water',
      `Fry the onion in the oil for 6 minutes. Add the garlic and stir for 30 seconds. ${LID}`,
    );
    expect(acts.slice(0, 2)).toEqual(['soften/6(onion sunflower-oil)', 'soften/0.5(garlic)']);
  });

  it('takes another minute for one', () => {
    const acts = told(
      '500 g chicken thighs; 1 onion; 1 tbsp ginger; 1 tbsp oil; 250 ml water',
      `Cook the onion in the oil for 6 minutes. Add the ginger and cook for another minute. ${LID}`,
    );
    expect(acts[1]).toBe('soften/1(ginger)');
  });
});

describe('meat that joins a base', () => {
  const list = '900 g chicken thighs; 3 onions; 2 tbsp oil; 250 ml water; 1 tsp salt';
  const turned = planOf(
    list,
    `Fry the onions in the oil for 10 minutes. Add the chicken and fry it for 5 minutes. Pour in the water. Lock the lid, high pressure 8 minutes, natural release.`,
  );
  const step = (plan: Plan, title: RegExp) => plan.steps.find((s) => title.test(s.title));

  it('is turned in it, all at once, in the minutes the recipe gives', () => {
    const it = step(turned, /Turn chicken/);
    expect(it?.text).not.toMatch(/One layer|batches/);
    expect((it?.durationS.mid ?? 0) / 60).toBeCloseTo(5, 0);
    expect(turned.batches).toBe(1);
    expect(turned.findings.map((f) => f.id)).not.toContain('batches');
  });

  it('is browned in one layer where the pot is bare, or was cleared', () => {
    const bare = planOf(
      list,
      `Brown the chicken in the oil. Take it out. Fry the onions for 10 minutes. Return the chicken with the water. Lock the lid, high pressure 8 minutes, natural release.`,
    );
    expect(step(bare, /Brown chicken/)?.text).toMatch(/One layer/);
    const cleared = planOf(
      list,
      `Fry the onions in the oil for 10 minutes and lift them out. Brown the chicken. Return the onions with the water. Lock the lid, high pressure 8 minutes, natural release.`,
    );
    expect(step(cleared, /Brown chicken/)?.text).toMatch(/One layer/);
  });

  it('is broken up where it is minced', () => {
    const mince = planOf(
      '500 g beef mince; 1 tbsp oil; 300 ml beef stock',
      'Brown the mince in the oil. Add the stock. Lock the lid, high pressure 10 minutes, quick release.',
    );
    expect(step(mince, /Brown/)?.text).toMatch(/Broken up/);
  });
});

describe('words that are no act, and acts in other words', () => {
  it('leaves the names of steps out', () => {
    const acts = told(
      '500 g chicken thighs; 1 onion; 1 tbsp oil; 250 ml water; 1 tsp paprika',
      `Sauté. Press Sauté and heat the oil. Add the onion and cook for 5 minutes.\nDeglaze. Pour in the water and scrape the floor.\nPressure cook. Add the chicken and paprika. Lock the lid, high pressure 8 minutes, natural release.`,
    );
    expect(acts.filter((a) => /^(?:soften|deglaze)/.test(a))).toEqual([
      'soften/5(sunflower-oil onion)',
      'deglaze(water)',
    ]);
  });

  it('leaves out another way, and what is only done if somebody likes', () => {
    const acts = told(
      '1.2 kg pork shoulder; 250 ml water; 2 tbsp oil',
      `Put the pork in the pot with the water. Lock the lid, high pressure 45 minutes, natural release. Shred it. Heat the oil in a wide pan, press in the pork and crisp it for 3 minutes. Or broil on a sheet pan for 5 minutes. Thicken the juices with cornstarch if u want.`,
    );
    expect(acts.slice(4)).toEqual(['shred()', 'fry/3(sunflower-oil)']);
  });

  it('lifts out in passing, flames, and takes kneaded butter for what it is made of', () => {
    const acts = told(
      '8 pieces chicken; 20 g butter; 2 tbsp brandy; 400 ml red wine; 20 g soft butter; 20 g flour',
      `Brown the chicken in the butter in 2 batches, transferring to a plate as you go. Pour in the brandy and flame it. Add the wine. Return the chicken. Lock the lid, high pressure 12 minutes, natural release. Whisk in the beurre manié bit by bit and boil for 2 minutes.`,
    );
    expect(acts.slice(0, 3)).toEqual(['brown(chicken-pieces butter)', 'liftout()', 'flame(brandy)']);
    expect(acts.at(-1)).toBe('thicken/2(butter plain-flour)');
  });

  it('puts ribs on the rack once, drains fat, and takes no bone out by a side', () => {
    const ribs = told(
      '2 racks baby back ribs; 250 ml water; 300 ml BBQ sauce',
      `Place the trivet in the pot and pour in the water. Stand the ribs on the trivet. Lock the lid, high pressure 25 minutes, natural release for 10 minutes. Transfer the ribs to a tray, bone side down, and brush with BBQ sauce. Broil 5 minutes. Cut between the bones.`,
    );
    expect(ribs.filter((a) => /^(?:rack|bone)/.test(a))).toEqual(['rack(pork-rib)']);
    expect(
      told(
        '500 g ground beef; 1 onion; 400 ml beef broth',
        'Brown the beef with the onion, 6 min. Drain grease. Pour in the broth. Lock the lid, high pressure 5 minutes, quick release.',
      )[1],
    ).toBe('pouroff()');
  });

  it('takes the packets of the list by that word', () => {
    expect(
      told(
        '1 chuck roast 3-4 lbs; 1 packet ranch dressing mix; 1 packet au jus gravy mix; 1 cup beef broth',
        'Put the roast in the pot with the broth. Sprinkle both packets over. Lock the lid, high pressure 60 minutes, natural release.',
      ).slice(0, 2),
    ).toEqual(['add(beef-chuck beef-stock ranch-seasoning au-jus-mix)', 'close()']);
  });

  it('gives the ground spice and not the leaf among ground spices', () => {
    const acts = told(
      '500 g chicken; 1 tbsp coriander powder; 2 tsp paprika; 200 ml water; 1/4 cup cilantro',
      `Stir in the water, paprika and coriander. Add the chicken. Lock the lid, high pressure 8 minutes, natural release. Garnish with cilantro.`,
    );
    expect(acts[0]).toMatch(/ground-coriander/);
    expect(acts[0]).not.toMatch(/coriander coriander|(?<!ground-)coriander/);
    expect(acts.at(-1)).toBe('serve(coriander)');
  });

  it('boils wine for three minutes without boiling half of it away', () => {
    const plan = planOf(
      '800 g chicken thighs; 400 ml red wine; 1 tbsp oil',
      `Brown the chicken in the oil. Pour in the wine and boil for 3 minutes to drive off the alcohol. Lock the lid, high pressure 10 minutes, natural release.`,
    );
    expect(plan.liquid.countedMl.mid).toBeGreaterThan(320);
  });

  it('is told in a list of bullets as well as in sentences', () => {
    const page = readPage(
      'Chana chicken saag\n\n500g chicken thigh\n2 tins chickpeas\n400g spinach\n2 onions\n2 tsp cumin seeds\n1 tbsp ground coriander\n2 tomatoes chopped\n3 tbsp ghee\n200ml water\nsalt\n\n- blanch spinach 1 min in boiling water, blitz to a puree & keep aside\n- ghee in cooker, pop the cumin seeds. onions til golden, 10 min\n- ground spices 30 secs w/ splash of water, tomatoes 5 mins til soft\n- chicken, salt, stir 3 mins\n- chickpeas + water, lid on, 2 whistles. let pressure drop\n- stir in spinach puree, simmer 4 mins',
      pantry,
    ).recipes[0];
    const acts = told(page?.lines.map((l) => l.text).join('; ') ?? '', page?.method ?? '');
    expect(acts).toEqual([
      'blanch/1()',
      'blend()',
      'pop(ghee cumin-seed)',
      'soften/10(onion)',
      'bloom/0.5(ground-coriander)',
      'soften/5(tomato)',
      'brown/3(chicken-thigh salt)',
      'add(chickpea water)',
      'close()',
      'hold()',
      'release()',
      expect.stringMatching(/^(?:stirin|simmer)/),
    ]);
  });

  it('takes what was made beside by its name, and a line by the name in its brackets', () => {
    const acts = told(
      '6 shallots; 3 cm galangal; 1 kg beef shin; 400 ml coconut milk; 150 ml water; 2 tbsp oil; 4 cloves; 60 g desiccated coconut, toasted and pounded (kerisik)',
      'Blend the shallots and galangal to a paste. Heat oil, fry the cloves for 1 min, then paste and cook it 8 min until oil comes out. Add beef and turn it about for 3 min. Coconut milk and water in. Pressure cook 35 min, natural release. Take the lid off and boil it down, 20 min. Stir in the kerisik, 5 more min low.',
    );
    expect(acts.filter((a) => a.startsWith('close'))).toHaveLength(1);
    expect(acts).toContain('soften/8(shallot galangal)');
    expect(acts.at(-1)).toBe('stirin/5(desiccated-coconut)');
  });

  it('mixes meat with what it is shaped with, and browns the balls', () => {
    const acts = told(
      '500 g ground beef; 60 ml milk; 50 g panko; 1 egg; 1 tsp salt; 2 tbsp butter; 400 ml beef broth',
      'Soak the panko in the milk. Mix with the rest of the meatball ingredients and shape into balls. Melt the butter and brown half of the meatballs; repeat with the rest. Take out. Pour in the broth and scrape. Put the meatballs back. Lid on, 5 min HIGH, QR.',
    );
    expect(acts[1]).toMatch(/^mix\(.*ground-beef/);
    expect(acts).toContain('brown(butter)');
    expect(acts.some((a) => /^return\(.*(?:breadcrumb|milk)/.test(a))).toBe(false);
  });

  it('knows pressure told behind its minutes, settings that are no frying, and flakes that are a spice', () => {
    const acts = told(
      '500 g Italian sausage; 1 onion; 1.5 l chicken broth; 900 g russets; 1/2 tsp red pepper flakes; 200 g kale; 250 ml heavy cream',
      'Brown sausage, crumbling it. Onion 4 mins. Splash broth, scrape. Rest of the broth, potatoes, flakes. Lid. Manual 5. QR. Saute low. Kale in, 3-4 min. Cream in, heat thru, dont boil.',
    );
    expect(acts.filter((a) => /^(?:fry|shred|boil)/.test(a))).toEqual([]);
    expect(pressureRuns('Close, 12 min pressure, natural.')).toMatchObject([
      { minutes: 12, release: 'natural' },
    ]);
    expect(pressureRuns('Lid. Manual 5. QR.')).toMatchObject([{ minutes: 5, release: 'quick' }]);
  });

  it('fills the pot for a second lid with what is in it then', () => {
    const filled = (between: string): number =>
      planOf(
        '1.5 kg beef brisket; 350 ml lager; 400 ml water; 450 g baby potatoes; 450 g carrots; 1 small cabbage',
        `Put the brisket in with the lager and the water. Lock the lid, high pressure 85 minutes, natural release 15 minutes. ${between}Add potatoes, carrots and cabbage. Lock the lid again, high pressure 4 minutes, quick release. Slice the beef.`,
      ).fill.shareOfLimit;
    expect(filled('Transfer the beef to a board. ')).toBeLessThan(filled('') * 0.8);
  });

  it('takes a pounded breast at the thickness it is pounded to', () => {
    const breast = planOf(
      '4 chicken breasts; 1 tbsp oil; 400 ml chicken stock',
      'Pound the chicken to an even 2 cm thickness. Brown it in the oil. Pour in the stock. Lock the lid, high pressure 3 minutes, quick release.',
    );
    expect(breast.meat[0]?.thicknessMm).toBe(20);
  });

  it('makes the dough of dumplings in its own bowl, of its own flour', () => {
    const page = readPage(
      'Chicken and Dumplings\n\nFor the stew\n3 tablespoons butter\n1 cup chopped onion\n1 1/2 pounds chicken thighs\n4 cups chicken broth\n1/4 cup heavy cream\n3 tablespoons all-purpose flour\n\nFor the dumplings\n1 1/2 cups all-purpose flour\n2 teaspoons baking powder\n3/4 cup whole milk\n2 tablespoons melted butter\n\n1. Cook the onion in 3 tablespoons butter, 5 minutes.\n2. Add the chicken and broth. Cook on Manual High for 9 minutes. Quick release.\n3. Make the dumplings: whisk flour and baking powder; stir in the milk and butter just until combined.\n4. Whisk together the cream and 3 tablespoons flour, stir into the broth. Drop in the dough. Cover with a glass lid and simmer 10 minutes until the dumplings are cooked through.',
      pantry,
    ).recipes[0];
    const lines = (page?.lines ?? []).map((l) => ({ read: readLine(l.text, pantry), section: l.section }));
    const acts = readScript(page?.method ?? '', lines, pantry)?.acts ?? [];
    const brought = (verb: string): string[] =>
      (acts.find((a) => a.verb === verb)?.lines ?? []).map((l) => lines[l.index]?.read.text ?? '');
    // Flour, baking powder, milk and butter of the dumplings, and no flour of the stew.
    expect(brought('mix')).toEqual([
      '1 1/2 cups all-purpose flour',
      '2 teaspoons baking powder',
      '3/4 cup whole milk',
      '2 tablespoons melted butter',
    ]);
    expect(acts.filter((a) => a.verb === 'dairy').flatMap((a) => a.lines)).toHaveLength(2);
  });

  it('ends what is told at its minutes in a note without capitals', () => {
    expect(
      told(
        '600 g lamb mince; 2 tbsp ghee; 2 onions; 1 tbsp ginger garlic paste; 2 tsp coriander powder; 100 ml water; 2 tomatoes',
        'heat ghee. onions till brown, 10 min. ginger garlic paste 2 min. coriander powder 30 sec with a splash of water. mince in, fry 6 min till no pink. tomatoes 4 min. water, lid, 2 whistles, let it cool by itself.',
      ).slice(0, 5),
    ).toEqual([
      'soften/10(ghee onion)',
      'soften/2(ginger-garlic-paste)',
      'bloom/0.5(ground-coriander)',
      'brown/6(ground-lamb)',
      'soften/4(tomato)',
    ]);
  });

  it('studs what it scores, mixes a glaze and brushes it on, and chops no chops', () => {
    expect(
      told(
        '2 kg gammon; 1 litre cola; 100 g brown sugar; 1 tbsp mustard; cloves to stud',
        'Put the gammon in the pot with the cola. High pressure 45 minutes, natural release. Score the fat and stud with cloves. Mix the sugar and mustard for the glaze, brush over. Roast for 15 minutes.',
      ).slice(4),
    ).toEqual(['score(clove)', 'mix(brown-sugar dijon-mustard)', 'coat()', 'bake/15()']);
    expect(
      told(
        '4 veal shanks; 250 ml beef broth; zest of 1 lemon; a bunch of parsley',
        'Put the shanks in the pot with the broth. High pressure 35 minutes, natural release. Chop together the parsley and lemon zest. Serve with it on top.',
      )[4],
    ).toBe('mix(lemon-zest parsley)');
  });
});
