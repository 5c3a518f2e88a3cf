import { pressureRuns } from '../dish/pressure';
import { readLine } from '../dish/read';
import { readPage } from '../page/page';
import { defaultKitchen } from '../kitchen/kitchen';
import { planDish, type Plan } from '../plan/plan';
import { readScript } from './read';
import { dishOf, pantry, told } from './testing/telling';

const planOf = (list: string, method: string): Plan => planDish(dishOf(list, method), defaultKitchen());
const LIST =
  '1 kg chicken legs; 2 carrots; 1 turnip; 300 ml chicken stock; 200 ml double cream; 150 g yoghurt';
const LID =
  'Brown the chicken. Add the carrots and stock. Lock the lid, high pressure 12 minutes, natural release.';
const after = (method: string, list = LIST): string[] => {
  const acts = told(list, `${LID} ${method}`);
  return acts.slice(acts.indexOf('release()') + 1);
};

describe('what is told once the pot is open', () => {
  it('keeps the minutes of a simmer after cream, and only keeps yoghurt hot', () => {
    expect(after('Stir in the cream and simmer for 4 minutes until thickened.')).toEqual([
      'dairy(double-cream)',
      'simmer/4()',
    ]);
    expect(after('Stir in the yoghurt and simmer for 4 minutes.')).toEqual(['dairy(yoghurt)', 'warm/4()']);
  });

  it('takes “keep warm in the oven” for no baking', () => {
    expect(after('Remove the legs and keep warm in the oven at 80 °C.')).toEqual(['liftout()']);
  });

  it('lifts out what was under the lid, and puts nothing there by it', () => {
    const acts = told(LIST, `${LID} Take out the chicken and the vegetables.`);
    expect(acts.slice(acts.indexOf('close()'))).not.toContain('liftout(turnip)');
    expect(acts.slice(0, acts.indexOf('close()')).join()).toContain('turnip');
  });

  it('chills, lifts the fat, warms it again and puts the meat back for its minutes', () => {
    expect(
      after(
        'Take out the chicken. Chill the liquid overnight and lift off the fat. Next day reheat the liquid. Put the meat back to heat through 10 minutes.',
      ),
    ).toEqual(['liftout()', 'chill()', 'skim()', 'warm()', 'return/10()']);
  });

  it('makes a dough of flour that is kneaded, and boils what is dropped into the broth', () => {
    expect(
      after(
        'Knead a stiff dough from the flour and the egg and pinch it into bits. Drop these into the boiling soup and cook for 5 minutes.',
        `${LIST}; 100 g flour; 1 egg`,
      ),
    ).toEqual(['mix(plain-flour egg)', 'simmer/5()']);
  });

  it('does not return a pot that goes back on the heat', () => {
    const acts = told(
      `${LIST}; 2 tbsp paprika; 2 onions; 2 tbsp lard`,
      `Soften the onions in the lard. Pull the pot off the heat, stir in the paprika. Put it back on the heat. ${LID}`,
    );
    expect(acts.some((a) => a.startsWith('return'))).toBe(false);
  });
});

describe('before the lid', () => {
  it('blanches what was cut a sentence before, in water that is none of the list', () => {
    expect(
      told(
        '1 kg pork belly; 300 ml hot water; 40 g rock sugar; 1 tbsp oil',
        'Cut the pork into 3 cm cubes. Put in a pot with cold water, bring to the boil, boil 3 minutes, skim. Drain and rinse under warm water. Brown the pork in the oil. Add the hot water and sugar. Lid on, high pressure 20 minutes, natural release.',
      ).slice(0, 3),
    ).toEqual(['blanch/3()', 'brown(pork-belly sunflower-oil)', 'add(water rock-sugar)']);
  });

  it('takes a quarter of an hour of frying and a low flame for no lid', () => {
    expect(
      told(
        '1 kg chicken drumsticks; 3 red onions; 80 g ghee; 20 g berbere; 250 ml water',
        'cook onions on saute, no fat, stirring, abt 15 min. add the ghee, berbere, cook low 5 min. water, scrape. chicken in. 12 min high, let it sit 10 then vent.',
      ),
    ).toEqual([
      'soften/15(red-onion)',
      'bloom/5(ghee berbere)',
      'deglaze(water)',
      'add(chicken-drumstick)',
      'close/12()',
      'hold/12()',
      'release/10()',
    ]);
    expect(pressureRuns('chicken in. 12 min high, let it sit 10 then vent.')).toMatchObject([
      { minutes: 12, release: 'ten', releaseMin: 10 },
    ]);
  });

  it('says how long the pot takes to come down as no word to vent', () => {
    expect(pressureRuns('Pressure 50 mins. Leave to come down on its own (20-25 mins).')).toMatchObject([
      { minutes: 50, release: 'natural' },
    ]);
    expect(pressureRuns('High pressure 50 mins. Natural release for 15 minutes, then vent.')).toMatchObject([
      { minutes: 50, release: 'ten', releaseMin: 15 },
    ]);
  });

  it('gives a line out by its amounts: a little, one litre, the rest', () => {
    const lines = ['1 kg beef shin', '1.5 litres water', '500 g potatoes'].map((text) => ({
      read: readLine(text, pantry),
    }));
    const shares = (
      readScript(
        'Brown the beef. Pour in a little water. Add 1 litre of the water. Close, high pressure 25 minutes, quick release. Add the potatoes and the rest of the water, close again, high pressure 5 minutes, quick release.',
        lines,
        pantry,
      )?.acts ?? []
    ).flatMap((a) => a.lines.filter((l) => l.index === 1).map((l) => l.share));
    // What comes in before the lid by two names is one line of that act.
    expect(shares).toHaveLength(2);
    expect(shares[0]).toBeGreaterThan(2 / 3);
    expect(shares.reduce((s, x) => s + x, 0)).toBeCloseTo(1, 5);
  });
});

describe('hand notes', () => {
  it('throw all in but for what comes at the end, and mash the beans and no vinegar', () => {
    expect(
      told(
        'soak 1lb navy beans overnight. drain.; 2 smoked ham hocks; 6 c water; 1 T cider vin at the end',
        'throw all in except vinegar. HP 35, NR. pull hocks, strip meat, chuck bones + skin, meat back in. mash some beans against the side. vinegar, pepper.',
      ),
    ).toEqual([
      'add(dried-white-bean ham-hock water)',
      'close/35()',
      'hold/35()',
      'release()',
      'bone()',
      'return()',
      'mash()',
      'stirin(cider-vinegar)',
    ]);
  });

  it('flame what was browned, and stir flour round it in the pot', () => {
    expect(
      told(
        '1 kg chicken thighs; 5 cl cognac; 2 tbsp flour; 500 ml red wine; 1 tbsp oil',
        'Brown the chicken in the oil. Pour over the cognac and flame. Sprinkle with the flour and stir 1 minute. Add the wine. Lock the lid, high pressure 12 minutes, quick release.',
      ).slice(0, 4),
    ).toEqual([
      'brown(chicken-thigh sunflower-oil)',
      'flame(brandy)',
      'bloom/1(plain-flour)',
      'deglaze(red-wine)',
    ]);
  });

  it('take the thick cream off a tin for the frying and pour the rest at the end', () => {
    const acts = told(
      '4 tbsp green curry paste; 1 x 400 ml can coconut milk; 600 g chicken thighs; 200 ml chicken stock; 2 tbsp oil',
      'Fry the curry paste in the oil for 2 minutes. Spoon in the thick cream from the top of the can and fry until the oil separates. Add the chicken and toss until coated, then the stock. Lock the lid, high pressure 3 minutes, quick release. Pour in the rest of the coconut milk and simmer 4 minutes.',
    );
    expect(acts.filter((a) => a.includes('coconut-milk'))).toHaveLength(2);
  });

  it('put what is named by its heading where the heading is named', () => {
    const page =
      'Lamb shanks\n\n4 lamb shanks\n3 sprigs rosemary\n1 c beef stock\nGremolata: 1/4 c chopped parsley, zest of 1 lemon, 1 clove garlic minced\n\nMethod\nBrown the shanks. Stock, herbs. Lid on, high pressure 45 min, natural release. Reduce 10 min. Top with the gremolata.';
    const got = readPage(page, pantry).recipes[0];
    const lines = (got?.lines ?? []).flatMap((l) => {
      const { several } = readLine(l.text, pantry);
      return (several.length > 1 ? several : [l.text]).map((text) => ({
        read: readLine(text, pantry),
        section: l.section,
      }));
    });
    const served = readScript(got?.method ?? '', lines, pantry)?.acts.filter((a) => a.verb === 'serve') ?? [];
    expect(served.flatMap((a) => a.lines.map((l) => lines[l.index]?.read.food?.id))).toEqual([
      'parsley',
      'lemon-zest',
      'garlic',
    ]);
  });

  it('rub with what stands under the heading, and with nothing that a later sentence pours', () => {
    const list = [
      '2 racks baby back ribs',
      '1/4 cup brown sugar',
      '2 tsp salt',
      '1 tsp pepper',
      '1 cup apple juice',
      '1 cup BBQ sauce',
    ];
    const lines = list.map((text, i) => ({
      read: readLine(text, pantry),
      section: i === 0 ? undefined : 'Dry rub',
    }));
    const acts =
      readScript(
        'Combine rub ingredients and rub on both sides. Add juice to the pot. Place trivet in and curl the ribs around. Seal, 25 min high, NR 10 min. Brush both sides with BBQ sauce. Broil 4 min.',
        lines,
        pantry,
      )?.acts ?? [];
    const of = (verb: string): (string | undefined)[] =>
      acts.filter((a) => a.verb === verb).flatMap((a) => a.lines.map((l) => lines[l.index]?.read.food?.id));
    expect(of('season')).toEqual(['brown-sugar', 'salt', 'black-pepper']);
    expect(of('add')).toEqual(['apple-juice']);
    expect(of('coat')).toEqual(['barbecue-sauce']);
  });

  it('sauté in the sauce what is added to it', () => {
    expect(after('Lift out the chicken. Add the turnip; sauté until just tender, 3 minutes.').at(-1)).toBe(
      'simmer/3(turnip)',
    );
  });

  it('wash what was soaked, when nothing is named', () => {
    const acts = told(
      '3 lb beef short ribs; 200 ml water',
      'Soak the ribs in cold water for 30 minutes. Drain and rinse. Place the ribs in the pot with the water. Seal, high pressure 35 mins, natural release.',
    );
    expect(acts.slice(0, 3)).toEqual(['soak/30()', 'rinse()', 'add(beef-short-rib water)']);
  });
});

describe('what a step says', () => {
  const step = (plan: Plan, title: RegExp) => plan.steps.find((s) => title.test(s.title));

  it('looks at garlic by its smell, and never at whether it is glassy', () => {
    const plan = planOf(
      '1 kg chicken thighs; 1 onion; 3 cloves garlic; 2 tbsp oil; 300 ml chicken stock',
      'Soften the onion in the oil for 5 minutes. Add the garlic and cook for 1 minute. Add the chicken and stock. Lock the lid, high pressure 8 minutes, quick release.',
    );
    expect(step(plan, /^Soften garlic/)?.look).toBe('It smells; no colour on it.');
    expect(step(plan, /^Soften onion/)?.look).toBe('Soft and glassy.');
  });

  it('has no hot jug where a paste of raw things is blended, and one where it was boiled', () => {
    const method = (begins: string) =>
      `${begins} Blend the shallots, garlic and chillies to a paste. Fry the paste in the oil for 5 minutes. Add the beef and water. Lock the lid, high pressure 35 minutes, natural release.`;
    const list = '1 kg beef chuck; 6 shallots; 6 cloves garlic; 8 dried chillies; 3 tbsp oil; 300 ml water';
    expect(step(planOf(list, method('')), /^Blend/)?.cautions).toEqual([]);
    expect(step(planOf(list, method('Soak the chillies in hot water.')), /^Blend/)?.cautions).not.toEqual([]);
  });

  it('gives garlic that is stirred for seconds no five minutes', () => {
    const plan = planOf(
      '1 tbsp butter; 5 cloves garlic; 1 kg chicken thighs; 300 ml chicken stock',
      'Melt butter, add garlic, stir for 20 seconds. Add the chicken and stock. Lock the lid, high pressure 10 minutes, quick release.',
    );
    expect(plan.steps.find((s) => /garlic/.test(s.title))?.durationS.mid).toBeLessThanOrEqual(60);
    const untold = planOf(
      '1 tbsp butter; 5 cloves garlic; 1 kg chicken thighs; 300 ml chicken stock',
      'Fry the garlic in the butter. Add the chicken and stock. Lock the lid, high pressure 10 minutes, quick release.',
    );
    expect(untold.steps.find((s) => /garlic/.test(s.title))?.durationS.mid).toBeLessThanOrEqual(90);
  });

  it('warms sour cream with a ladle of the sauce and stirs it in, and lifts no rogan out', () => {
    const list =
      '700 g beef chuck; 500 ml beef stock; 3 tbsp butter; 180 g sour cream; 1 tbsp Dijon mustard; 2 tbsp flour';
    const lid =
      'Brown the beef in some of the butter. Add the stock. Lock the lid, high pressure 25 minutes, natural release.';
    const acts = told(
      list,
      `${lid} Skim the red oil from the top and keep aside. Stir together sour cream and mustard with a ladleful of hot sauce, then stir back into the pot with the remaining butter.`,
    );
    const opened = acts.slice(acts.indexOf('release()') + 1);
    expect(opened[0]).toBe('skim()');
    expect(opened[1]).toBe('dairy(sour-cream dijon-mustard)');
    expect(opened.join()).not.toMatch(/liftout|return/);
  });

  it('calls nothing frozen that was cooked', () => {
    const plan = planOf(
      '4 frozen chicken breasts (about 2 lb); 250 ml chicken stock',
      'Pour the stock into the pot. Add the frozen chicken. High pressure 15 min, natural release 10 min. Remove the chicken and shred. Put the chicken back.',
    );
    const opened = plan.steps.findIndex((s) => s.kind === 'open');
    expect(
      plan.steps
        .slice(opened)
        .map((s) => s.title)
        .join('; '),
    ).not.toMatch(/frozen/i);
  });

  it('measures mince in a heap, and no thick piece of it', () => {
    const plan = planOf(
      '500 g beef mince; 1 onion; 1 tbsp oil; 400 ml beef stock',
      'Soften the onion in the oil. Brown the mince. Add the stock. Lock the lid, high pressure 8 minutes, quick release.',
    );
    expect(step(plan, /^Check/)?.text).toContain('no pink anywhere');
  });

  it('spoons the fat off before cream goes in, and not after', () => {
    const plan = planOf(
      '1.2 kg chicken legs; 150 g bacon; 2 tbsp ghee; 350 ml chicken stock; 200 ml cream; 1 tsp cornflour',
      'Render the bacon. Brown the legs in the ghee. Add the stock. Lock the lid, high pressure 12 minutes, natural release. Add the cream to the sauce. Bind with the cornflour mixed with a little cold water.',
    );
    const titles = plan.steps.map((s) => s.title);
    expect(titles.indexOf('Skim the fat')).toBeGreaterThan(0);
    expect(titles.indexOf('Skim the fat')).toBeLessThan(titles.findIndex((t) => /cream/.test(t)));
    expect(step(plan, /How much sauce/)?.text).not.toMatch(/fat/);
  });

  it('pours the marinade in by its name', () => {
    const plan = planOf(
      '1 kg pork belly; 120 ml soy sauce; 1 head garlic; 120 ml cane vinegar; 250 ml water; 2 tbsp oil',
      'Marinate the pork in the soy sauce and garlic for 1 hour. Drain, keeping the marinade. Brown the pork in the oil. Pour in the marinade, vinegar and water and boil uncovered for 3 minutes. Lock the lid, high pressure 25 minutes, natural release.',
    );
    const poured = step(plan, /^In with/);
    expect(poured?.title).toMatch(/the marinade/);
    expect(poured?.title).not.toMatch(/soy/);
    expect(step(plan, /^Simmer/)?.timer?.seconds).toBe(180);
  });
});

describe('rows with names', () => {
  it('are read without them, and a part of the list that is only a food’s name is no line', () => {
    const page = readPage(
      'Garlic chicken\nServings 4\n\nIngredients\nChicken\n4 chicken thighs (about 2 lb)\n¾ teaspoon salt\n\nSauce\n1 tablespoon butter\n5 cloves garlic\n¾ cup chicken stock\n\nInstructions\nSeason: Pat the chicken dry, then sprinkle with salt.\nGarlic: Turn down to low. Melt butter, add garlic, stir for 20 seconds.\nDeglaze: Add the broth, scrape the base well.\nPressure cook: Put the chicken in. Lid on, 10 minutes on high. Quick release.\nServe: Spoon the sauce over.',
      pantry,
    ).recipes[0];
    expect(page?.lines.map((l) => l.text)).not.toContain('Chicken');
    const acts = told((page?.lines ?? []).map((l) => l.text).join('; '), page?.method ?? '');
    expect(acts.slice(0, 3)).toEqual(['dry()', 'season(salt)', 'soften/0.3333333333333333(butter garlic)']);
  });
});

describe('pages', () => {
  const read = (text: string) => readPage(text, pantry).recipes[0];

  it('have a name where it is the only heading over the list', () => {
    const got = read(
      'SALSA CHICKEN BOWLS - DUMP & GO!\n\n4 chicken breasts\n1 jar salsa\n1 c chicken broth\n\n1. Pour broth into pot. Add chicken and salsa.\n2. High pressure 15 min, natural release 10 min.',
    );
    expect(got?.title).toBe('SALSA CHICKEN BOWLS - DUMP & GO!');
    expect(got?.lines.every((l) => l.section === undefined)).toBe(true);
  });

  it('have what goes on top line by line', () => {
    const got = read(
      'Tortilla soup\nServes a crowd (8)\n\nIngredients\n1 lb chicken breasts\n4 cups broth\nFor topping: tortilla strips, sliced avocado, sour cream, shredded jack cheese\n\nMethod\nAdd all. High pressure 10 min.',
    );
    expect(got?.plates).toBe(8);
    expect(got?.lines.filter((l) => l.section === 'For topping').map((l) => l.text)).toEqual([
      'tortilla strips',
      'sliced avocado',
      'sour cream',
      'shredded jack cheese',
    ]);
  });

  it('say in passing for how many they are', () => {
    expect(
      read(
        'Sausage pasta\n\nOne pot, 20 minutes. Feeds 4.\n\nYou’ll need\n1 lb sausage\n12 oz pasta\n3 cups stock\n\nWhat to do\nBrown the sausage. Add the pasta and stock. Seal, HP 4 min. Quick release.',
      )?.plates,
    ).toBe(4);
  });

  it('keep a sugar that is cooked with, and leave one of a table of nutrition', () => {
    const got = read(
      'Red pork\n\nIngredients\n1 kg pork belly\nRock sugar 40g\n300 ml water\n\nMethod\nBrown the pork. Add the sugar and water. Lid on, high pressure 20 minutes.\n\nNutrition\nSugar 12g\nFat 30g',
    );
    expect(got?.lines.map((l) => l.text)).toEqual(['1 kg pork belly', 'Rock sugar 40g', '300 ml water']);
  });
});
