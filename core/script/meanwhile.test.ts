import { readLine } from '../dish/read';
import { readPage } from '../page/page';
import { recipeOf } from '../page/recipe';
import { defaultKitchen } from '../kitchen/kitchen';
import { planDish, type Plan } from '../plan/plan';
import { dishOf, pantry, told } from './testing/telling';

const planOf = (list: string, method: string): Plan => planDish(dishOf(list, method), defaultKitchen());
const STEW = '1 kg beef chuck, in 4 cm cubes; 200 g smoked lardons; 2 carrots; 750 ml red wine';
const GARNISH = '250 g mushrooms; 20 small onions; 40 g butter';
const LID = 'Brown the meat. Add the carrots and wine. Close the lid, high pressure 40 minutes.';

describe('what is done beside the pot while it is closed', () => {
  const method = `${LID} Meanwhile fry the mushrooms and small onions in the butter for 10 minutes. Open. Add the mushrooms and the onions.`;
  const acts = told(`${STEW}; ${GARNISH}`, method);

  it('stands between the hold and the release, and not after the opening', () => {
    const at = (verb: string): number => acts.findIndex((a) => a.startsWith(verb));
    expect(at('fry/10')).toBeGreaterThan(at('hold'));
    expect(at('fry/10')).toBeLessThan(at('release'));
  });

  it('is told and listed in the wait, and adds nothing to the thin liquid or the load', () => {
    const plan = planOf(`${STEW}; ${GARNISH}`, method);
    const hold = plan.steps.find((s) => s.kind === 'hold');
    expect(hold?.text).toMatch(/Meanwhile: fry mushrooms and .*, in a pan beside, 10 min\. Look for: golden/);
    expect(hold?.items.map((i) => i.name)).toEqual(['mushrooms', 'onions', 'butter']);
    const without = planOf(STEW, LID);
    expect(plan.liquid.countedMl.mid).toBeCloseTo(without.liquid.countedMl.mid, 6);
    expect(plan.heat.holdS).toBe(without.heat.holdS);
    // What was fried beside comes in by its name, and is seasoned no second time.
    expect(plan.steps.find((s) => /Stir in mushrooms/.test(s.title))).toBeDefined();
    expect(plan.steps.at(-2)?.items.map((i) => i.name)).not.toContain('butter');
  });

  it('leaves a slurry and what goes into the pot for after', () => {
    const late = told(
      `${STEW}; 1 tbsp cornstarch; 2 tbsp water; 100 ml cream`,
      `${LID} Meanwhile mix the cornstarch with the water. Release. Stir in the slurry and boil. Stir in the cream.`,
    );
    expect(late.findIndex((a) => a.startsWith('thicken'))).toBeGreaterThan(late.indexOf('release()'));
  });
});

describe('what a word stands for', () => {
  it('browns the beef and not its bacon, where “the meat” is said', () => {
    expect(told(STEW, LID)[0]).toBe('brown(beef-chuck)');
  });

  it('puts back what was in the pot by “everything back”, and makes the dumplings for themselves', () => {
    const list =
      '900 g neck of lamb; 2 onions; 850 ml lamb stock; 110 g self-raising flour; 55 g suet; 75 ml cold water';
    const lines = list.split('; ').map((text, i) => ({
      id: `l${i}`,
      text,
      ...(i > 2 ? { section: 'dumplings' } : {}),
    }));
    const dish = {
      ...dishOf(list, ''),
      lines,
      method:
        'Brown the meat, take out. Soften the onions. Put everything back, add the stock. HP 20 min, NR 10 then let the rest out. Mix the flour and suet with water to a soft dough. Drop the dumplings on the simmering stew, lid on loosely 15 minutes.',
    };
    const plan = planDish(dish, defaultKitchen());
    const verbs = plan.script?.acts.map((a) => `${a.verb}${a.lines.length}`) ?? [];
    expect(verbs).toEqual(
      expect.arrayContaining(['return0', 'add1', 'close0', 'hold0', 'release0', 'mix3', 'steamlid0']),
    );
    expect(verbs).not.toContain('liftout1');
    expect(plan.items.filter((i) => i.line.section).every((i) => i.moment === 'finish')).toBe(true);
  });

  it('keeps half of the coriander out of the sauce it was blended into, and conserves every line', () => {
    const plan = planOf(
      '1 kg pork shoulder, cubed; 450 g tomatillos; 1 bunch coriander; 500 ml chicken stock; 2 limes; 1 tsp salt',
      'Blend the tomatillos with half the coriander and 100 ml of the stock. Season the pork with the salt and brown it. Add the rest of the stock and scrape. Pour the sauce on top. Lock it, 30 min high. Natural 15. Off heat, lime juice and the rest of the coriander.',
    );
    const shares = new Map<number, number>();
    for (const i of plan.items) shares.set(i.index, (shares.get(i.index) ?? 0) + i.share);
    expect([...shares.values()].every((s) => Math.abs(s - 1) < 1e-6)).toBe(true);
    const blend = plan.steps.find((s) => s.title.startsWith('Blend'));
    expect(blend?.items.map((i) => i.amount)).toEqual(['450 g', '½ bunch', '100 ml']);
    expect(plan.told).toMatchObject({ minutes: 30 });
  });

  it('stands in its marinade as long as it is kept aside', () => {
    expect(
      told(
        '1 kg chicken; 3 tbsp curd; 1 tsp salt; 1 cup water',
        'Marinate the chicken with the curd and salt and keep aside for 30 mins. Heat the cooker, add the chicken and fry 5 mins. Add water, close the lid, 3 whistles.',
      )[0],
    ).toBe('marinate/30(yoghurt salt)');
  });

  it('is both paprikas, where neither is told', () => {
    const list = '800 g beef shin; 2 tbsp sweet paprika powder; 1 tsp hot paprika powder; 400 ml beef broth';
    const way = (word: string): string[] =>
      told(
        list,
        `Sear the meat. Add the ${word}, stir 1 minute. Pour on the broth. Close the pot, high pressure 25 min.`,
      );
    expect(way('paprika').join()).toContain('paprika hot-paprika');
    expect(way('hot paprika').join()).not.toContain('(paprika');
  });

  it('takes the pot off the heat and the whole chilli out, and lifts no meat', () => {
    const list = '1.4 kg oxtail; 1 scotch bonnet, whole; 1 tsp black pepper; 500 ml beef stock; 2 carrots';
    const plan = planOf(
      list,
      'Brown the oxtail. Draw aside from the heat, add the black pepper. Add the stock and scotch bonnet. Close and pressure 40 min from the hiss. Open it, take out the pepper. Add the carrots and simmer 15 min.',
    );
    expect(plan.steps.filter((s) => /^Lift out/.test(s.title))).toEqual([]);
    expect(plan.steps.some((s) => /^Fish out scotch bonnet/.test(s.title))).toBe(true);
  });
});

describe('pages', () => {
  const recipe = (text: string) => recipeOf(readPage(text, pantry), 0);

  it('reads “Ingredients for 4 servings” as a heading, and nothing under it as served', () => {
    const r = recipe(
      'Goulash\nIngredients for 4 servings\n800 g beef shin\n600 g onions\n400 ml beef broth\nPreparation\nSear the meat. Add the onions and broth. Close the pot, 25 min on high pressure.',
    );
    expect([r.plates, r.lines.map((l) => l.section)]).toEqual([4, [undefined, undefined, undefined]]);
  });

  it('tells a part of the list from a leaf of it', () => {
    const r = recipe(
      'Kodi kura\nFor marination:\nChicken - 1 kg\nSalt - to taste\nFor masala powder\nCoriander seeds 2 tbsp\nCloves 4\nOther ingredients\nOil 3 tbsp\nCurry leaves - 2 sprigs\nTomato - 2\nMethod\n- Heat oil. Add curry leaves and tomato. Add chicken, close, 3 whistles.',
    );
    expect(r.lines.map((l) => `${l.section ?? ''}|${l.text}`)).toEqual([
      'For marination|Chicken - 1 kg',
      'For marination|Salt - to taste',
      'For masala powder|Coriander seeds 2 tbsp',
      'For masala powder|Cloves 4',
      'Other ingredients|Oil 3 tbsp',
      'Other ingredients|Curry leaves - 2 sprigs',
      'Other ingredients|Tomato - 2',
    ]);
  });

  it('leaves a tip among the steps out of them, and a side that begins like an order in the list', () => {
    const r = recipe(
      'Mustard chicken\nServes 4\n650 g chicken thighs\n150 ml cider\nMash and green beans, to serve\nBrown the chicken. Add the cider. Lock the lid, high pressure 6 minutes, quick release. Freezes well. Enough for 4 hungry.\nCook’s tip: for a thicker sauce, stir in a slurry and simmer 4 minutes.',
    );
    expect(r.lines.at(-1)?.text).toBe('Mash and green beans, to serve');
    expect([r.method.includes('slurry'), r.notes.length]).toEqual([false, 1]);
  });
});

describe('pasta under the lid', () => {
  it('keeps the recipe’s minutes where those of the meat alone would leave it hard, and offers nothing shorter', () => {
    const plan = planOf(
      '500 g chicken breast, sliced into thin strips; 1 tbsp oil; 350 g penne; 750 ml chicken stock',
      'Brown the chicken in the oil. Add the penne and stock. Lock the lid, high pressure 5 minutes, quick release.',
    );
    expect(plan.told).toMatchObject({ minutes: 5, isFollowed: true, isForStarch: true });
    const minutes = plan.findings.find((f) => f.id === 'minutes');
    expect([minutes?.fixes, /beside it hard/.test(minutes?.why ?? '')]).toEqual([[], true]);
  });
});

describe('lines', () => {
  it.each([
    ['1 kg floury potatoes, half thinly sliced, half left in large chunks', 2],
    ['2 spring onions, knotted, + 1 chopped for garnish', 2],
    ['salt + plenty of pepper', 2],
    ['salt and pepper', 0],
  ])('tells %s apart', (text, n) => {
    const { several } = readLine(text, pantry);
    expect(several.length).toBe(n);
  });

  it('weighs a vague amount behind the food, and doubts no powder for being called one', () => {
    expect(readLine('thai basil, big handful', pantry).massG.mid).toBeGreaterThan(5);
    expect(readLine('2 tbsp sweet paprika powder', pantry).confidence).toBe('sure');
    expect(readLine('16 ounces penne pasta uncooked', pantry).confidence).toBe('sure');
  });
});

describe('what is fried and set aside until the lid is off', () => {
  const list = '1 kg beef chuck, cubed; 200 g smoked lardons; 400 ml red wine; 200 ml beef stock; 2 carrots';
  const plan = planOf(
    list,
    'Fry the lardons until crisp and set them aside. Brown the beef. Add the wine, stock and carrots. High pressure 40 minutes, natural release. Stir in the lardons.',
  );

  it('is in no way of the lid, and is listed where it fries and named where it comes back', () => {
    expect(plan.items.find((i) => i.index === 1)?.moment).toBe('finish');
    const at = (re: RegExp): number => plan.steps.findIndex((s) => re.test(s.title));
    expect(plan.steps[at(/^Render/)]?.items.map((i) => i.name)).toEqual(['smoked lardons']);
    expect(at(/^(?:Stir in|Return) smoked lardons/)).toBeGreaterThan(at(/^Hold/));
    expect(plan.steps.at(-2)?.items).toEqual([]);
  });

  it('stays under the lid where nobody says that it comes back, and so does raw meat', () => {
    const kept = planOf(
      list,
      'Fry the lardons until crisp and set them aside. Brown the beef and set it aside. Add the wine, stock and carrots. High pressure 40 minutes, natural release. Return the beef.',
    );
    expect(kept.items.filter((i) => i.index < 2).map((i) => i.moment)).toEqual(['sear', 'sear']);
  });
});
