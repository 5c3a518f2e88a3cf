import { planDish } from '../plan/plan';
import { defaultKitchen } from '../kitchen/kitchen';
import { emptyDish } from '../dish/dish';
import { Pantry } from '../pantry/pantry';
import { readLine } from '../dish/read';
import { readScript } from './read';

const pantry = new Pantry();

/** The acts of a method as `verb(foods + foods that were in before)`, for a list with "; " between its lines. */
function told(list: string, method: string): string[] {
  const lines = list.split('; ').map((text) => ({ read: readLine(text, pantry) }));
  const nameOf = (i: number): string => lines[i]?.read.food?.id ?? '?';
  return (readScript(method, lines, pantry)?.acts ?? []).map((a) => {
    const fresh = a.lines.map((l) => `${nameOf(l.index)}${l.share < 0.995 ? '~' : ''}`).join(' ');
    const again = a.again.map(nameOf).join(' ');
    return `${a.verb}(${fresh}${again ? ` + ${again}` : ''})`;
  });
}
const planOf = (list: string, method: string) =>
  planDish(
    {
      ...emptyDish('d', 'Stew', 0),
      lines: list.split('; ').map((text, i) => ({ id: `l${i}`, text })),
      method,
    },
    defaultKitchen(),
  );

describe('what is boiled first and poured away', () => {
  const list = '1 kg pork belly, in 3 cm cubes; 200 ml hot water; 2 slices ginger';
  const after =
    'Put the pork back in the pot with the ginger and the hot water. High pressure 20 minutes, natural release.';

  it.each([
    ['in one breath', `Put the pork in cold water, bring to a boil, boil 3 mins, drain & rinse. ${after}`],
    [
      'over sentences',
      `Cover the pork with cold water. Bring to the boil and boil for 5 minutes. Drain and rinse. ${after}`,
    ],
    [
      'by its name',
      `Blanch the pork: cover with fresh water, boil 5 minutes, drain and rinse. Put the pork in the pot with the ginger and the hot water. High pressure 20 minutes, natural release.`,
    ],
  ])('is one act and takes no water of the list: %s', (_, method) => {
    const acts = told(list, method);
    expect(acts[0]).toBe('blanch( + pork-belly)');
    expect(acts.filter((a) => /rinse|simmer/.test(a))).toEqual([]);
    expect(acts[1]).toMatch(/^(?:add|return)\(pork-belly.*water/);
  });
});

describe('what a slurry does', () => {
  const list = '600 g chicken thighs; 400 ml chicken stock; 2 tbsp cornstarch';
  const start =
    'Add the chicken and stock. High pressure 8 minutes, quick release. Stir in the cornstarch mixed with water';

  it.each([
    'and cook until thickened, about 3 minutes.',
    'and stir until it is syrupy, 2 minutes.',
    'and let it bubble 2 min.',
  ])('is no boiling down: “%s”', (end) => {
    const acts = told(list, `${start} ${end}`);
    expect(acts.at(-1)).toBe('thicken(cornstarch)');
  });

  it('takes the flour that was saved for it', () => {
    const acts = told(
      '4 pork chops; 60 g flour; 2 tbsp oil; 300 ml chicken stock',
      'Dredge the chops in the flour, saving 2 tbsp of the leftover flour. Brown the chops in the oil, then remove. Pour in the stock and scrape. Return the chops. High pressure 8 minutes, natural release 10 minutes. Whisk the saved flour with cold water, whisk it into the gravy and let it bubble 2 min.',
    );
    expect(acts[0]).toBe('dredge(plain-flour~ + pork-loin)');
    expect(acts.at(-1)).toBe('thicken(plain-flour~)');
  });

  it('is bound with butter that is kneaded with flour', () => {
    const acts = told(
      '600 g chicken thighs; 400 ml chicken stock; 3 tbsp butter, divided; 2 tbsp flour',
      'Melt 1 Tbsp. butter in the pot and brown the chicken. Add the stock. High pressure 8 minutes, quick release. Mash the remaining butter with the flour to a paste and whisk into the bubbling sauce until thickened.',
    );
    expect(acts.at(-1)).toBe('thicken(butter~ plain-flour)');
  });
});

describe('looks that go on', () => {
  it('browns no meat while mushrooms give up their juice and brown', () => {
    const acts = told(
      '800 g beef chuck; 400 g mushrooms; 1 tbsp oil; 300 ml beef stock',
      'Brown the beef in the oil; transfer to a bowl. Cook the mushrooms until they give up their liquid and brown, 6 minutes. Scoop out onto the beef. Pour in the stock. Return beef (not mushrooms!) to the pot. High pressure 20 minutes, natural release. Stir in the mushrooms.',
    );
    expect(acts.filter((a) => a.startsWith('brown'))).toEqual(['brown(beef-chuck sunflower-oil)']);
    expect(acts).toContain('soften(mushroom)');
    expect(acts).toContain('liftout( + mushroom)');
    expect(acts).toContain('return( + beef-chuck)');
  });

  it('seals meat that is turned in the spices, and boils onions for as long as they are told', () => {
    const acts = told(
      '800 g chicken thighs; 1 onion; 1 tsp cumin seeds; 2 tbsp oil; 200 ml water',
      'Heat the oil, add the cumin seeds until they crackle, then the onion for 4 minutes. Add the chicken and turn it in the spices for 2 minutes. Pour in the water. High pressure 8 minutes, quick release.',
    );
    expect(acts).toContain('soften(onion)');
    expect(acts.some((a) => a.startsWith('brown(chicken-thigh'))).toBe(true);
  });

  it('melts sugar to a caramel, with its caution', () => {
    const plan = planOf(
      '800 g pork shoulder, in 4 cm cubes; 50 g sugar; 1 tbsp oil; 300 ml water',
      'Melt the sugar in the oil until amber. Add the pork and stir until coated, 2 minutes. Pour in the water. High pressure 25 minutes, natural release.',
    );
    const caramel = plan.steps.find((s) => s.title.includes('caramel'));
    expect(caramel?.items.map((i) => i.name)).toEqual(['sugar', 'oil']);
    expect(caramel?.cautions.join(' ')).toMatch(/[Bb]urn/);
  });
});

describe('into the pot and not', () => {
  it('whisks a sauce in the pot itself, and rubs nothing with it', () => {
    const acts = told(
      '1 kg chicken drumsticks; 100 ml soy sauce; 60 ml water; 2 tbsp honey',
      'Whisk the honey, soy sauce and water in the inner pot. Add the drumsticks, turning to coat. High pressure 12 minutes, natural release 5 minutes.',
    );
    expect(acts.slice(0, 2).join(' ')).toBe('add(soy-sauce water honey chicken-drumstick) close()');
  });

  it('leaves what is for the table out of “everything”', () => {
    const lines = [
      { read: readLine('1 kg pork shoulder', pantry) },
      { read: readLine('300 ml water', pantry) },
      { read: readLine('8 corn tortillas, warmed', pantry), section: 'To serve' },
    ];
    const script = readScript(
      'Everything goes into the pot. High pressure 45 minutes, natural release.',
      lines,
      pantry,
    );
    expect(script?.acts[0]?.lines.map((l) => l.index)).toEqual([0, 1]);
  });
});

describe('two lids', () => {
  const list =
    '700 g neck of lamb; 1.2 l water; 3 carrots, diced; 2 leeks, sliced; 1 onion; 1 handful parsley';
  const method =
    'Put the lamb, onion and water in the cooker. High pressure 25 minutes, quick release. Take out the meat, strip off the bones and put it back in. Add the carrots and leeks, lid on, high pressure 5 minutes. Let it drop by itself. Stir in the parsley.';

  it('tells what is done between them, in order, and lets the second go as it is told', () => {
    const { steps } = planOf(list, method);
    const at = (title: RegExp): number => steps.findIndex((s) => title.test(s.title));
    const order = [/Open in between/, /bones out/, /^Return/, /^In with .*carrots/, /Close again/, /^Open$/];
    const places = order.map(at);
    expect(places.every((p) => p >= 0)).toBe(true);
    expect([...places].sort((a, b) => a - b)).toEqual(places);
    expect(steps.find((s) => s.id === 'again-release')?.title).toBe('Natural release');
  });

  it('has a timer where the second pressure is left some minutes first', () => {
    const { steps } = planOf(
      list,
      method.replace('Let it drop by itself', 'Natural release for 6 minutes, then vent'),
    );
    const letGo = steps.find((s) => s.id === 'again-release');
    expect([letGo?.title, letGo?.timer?.seconds]).toEqual(['6 minutes, then vent', 360]);
  });

  it('takes longer to come down by itself than by the valve', () => {
    const slow = planOf(list, method).heat.second;
    const fast = planOf(list, method.replace('Let it drop by itself', 'Quick release')).heat.second;
    expect(slow?.releaseS.mid ?? 0).toBeGreaterThan((fast?.releaseS.mid ?? 0) * 2);
  });

  it('count nothing for the first that only comes for the second, and all of it in the sauce', () => {
    const first = 'Add the beef and stock. High pressure 30 minutes, quick release.';
    const alone = planOf('1 kg beef shin, in 4 cm pieces; 400 ml beef stock', `${first} Serve.`);
    const both = planOf(
      '1 kg beef shin, in 4 cm pieces; 400 ml beef stock; 500 ml water; 400 g potatoes, in 3 cm pieces; 200 g egg noodles',
      `${first} Stir in the water, potatoes and noodles, close the lid, high pressure 4 minutes, quick release. Serve.`,
    );
    expect(both.items.filter((i) => i.line.later)).toHaveLength(3);
    expect(both.liquid.countedMl).toEqual(alone.liquid.countedMl);
    expect(both.fill.layers.map((l) => l.label)).toEqual(alone.fill.layers.map((l) => l.label));
    expect(both.fill.shareOfLimit).toBeCloseTo(alone.fill.shareOfLimit, 6);
    expect(both.boil).toEqual(alone.boil);
    expect(both.liquid.sauceAfterG.mid).toBeGreaterThan(alone.liquid.sauceAfterG.mid);
  });

  it('is closed again with nothing new, where the recipe says so', () => {
    const { steps } = planOf(
      '1 kg beef shin, in 5 cm pieces; 500 ml beef stock; 1 onion',
      'Add all ingredients. High pressure 30 minutes, natural release 10 minutes. Turn the meat over. Close the lid, high pressure 10 minutes more, natural release.',
    );
    expect(steps.filter((s) => s.id === 'again')).toHaveLength(1);
  });

  it('finds the second where dal is cooked first and nobody says that the lid comes off', () => {
    const acts = told(
      '100 g toor dal; 600 g chicken thighs; 1 tbsp oil; 1 tsp mustard seeds; 2 tomatoes; 350 ml water; 1 tsp salt',
      'Pressure cook the dal with the water for 4 whistles. Mash well and keep aside. In the same cooker heat oil, add the mustard seeds; when they splutter add the tomatoes and cook soft. Add the chicken and salt, fry 2 mins. Close and 2 whistles, wait till the pressure goes. Mix in the mashed dal. Simmer 5 min.',
    );
    const verbs = acts.map((a) => a.split('(')[0]);
    expect(verbs.filter((v) => v === 'close')).toHaveLength(2);
    expect(acts[0]).toContain('yellow-split-pea');
    expect(acts.slice(verbs.indexOf('close') + 1, verbs.lastIndexOf('close')).join(' ')).toContain(
      'chicken-thigh',
    );
  });
});

describe('ways for other pots', () => {
  const method =
    'Brown the beef in the oil.\nAdd the remaining sauce ingredients and return the beef.\nSLOW COOKER: low 8 hours.\nPRESSURE COOKER: 40 minutes on high, natural release 10 minutes.\nOVEN: 3 hours at 160C covered.\nShred the beef. Serve with parmesan and 1/2 cup of pasta water.';

  it('are left out where this one has its own, and “remaining” takes what no later sentence has', () => {
    const list =
      '1.2 kg beef chuck, in 3 cm pieces; 1 tbsp oil; 800 g crushed tomatoes; 200 ml red wine; 375 ml water; parmesan; parsley';
    const plan = planOf(list, method);
    expect(plan.heat.holdS).toBe(40 * 60);
    const acts = told(list, method);
    expect(acts.filter((a) => a.startsWith('close'))).toHaveLength(1);
    expect(acts[1]).toMatch(/^add\(crushed-tomatoes red-wine water\b/);
  });

  it('stay where no label names this one', () => {
    const plan = planOf('1 kg beef chuck; 400 ml beef stock', 'Add all.\nOVEN: 3 hours at 160C covered.');
    expect(plan.script?.isConverted).toBe(true);
  });
});

describe('hand notes', () => {
  it('flour shins before they brown, and takes a side’s minutes for no pressure', () => {
    const acts = told(
      '4 slices veal shin, 3 cm thick; flour; 40 g butter; 150 ml white wine; 200 ml stock',
      'Tie, flour, shake off. Brown in butter, 4 min a side, low enough that the butter does not burn. Take out. Wine, let it go almost completely. Stock. Put the shins back in. Close. 25 min from the whistle, then off the heat, leave 10 min, then let off the steam.',
    );
    expect(acts[0]).toMatch(/^dredge\(plain-flour/);
    expect(acts[1]).toMatch(/^brown\(.*(?:osso-buco|veal)/);
    expect(acts.filter((a) => a.startsWith('hold'))).toHaveLength(1);
  });

  it('closes a cooker that is covered until it hisses', () => {
    const acts = told(
      '1 kg chicken pieces; 250 ml water; 100 ml soy sauce',
      'Add the chicken, water and soy sauce. Cover pressure cooker, cook 10 mins from when it hisses. Let the steam out before opening. Remove chicken.',
    );
    expect(acts.map((a) => a.split('(')[0])).toEqual(['add', 'close', 'hold', 'release', 'liftout']);
  });
});

/** The acts for a list whose lines have a heading each: "Sauce: 1 onion". */
function toldIn(list: string, method: string): string[] {
  const lines = list.split('; ').map((row) => {
    const [section = '', text = ''] = row.split(': ');
    return { read: readLine(text, pantry), section };
  });
  return (readScript(method, lines, pantry)?.acts ?? []).map(
    (a) => `${a.verb}(${a.lines.map((l) => lines[l.index]?.read.food?.id ?? '?').join(' ')})`,
  );
}

describe('two parts of a list that share their foods', () => {
  const list =
    'Marinade: 700 g boneless chicken thighs; Marinade: 120 g yoghurt; Marinade: 2 tsp garam masala; Marinade: 1 tsp salt; Sauce: 2 tbsp ghee; Sauce: 1 onion; Sauce: 400 g tin tomato sauce; Sauce: 2 tsp garam masala; Sauce: 1 tsp ground coriander; Sauce: 120 ml water; Sauce: 120 ml double cream';
  const acts = toldIn(
    list,
    'Combine the marinade ingredients in a large bowl, add the chicken and mix well. Cover and refrigerate for at least 1 hour. Heat 1 tbsp of the ghee. Add half the chicken with its marinade clinging to it; cook until lightly browned, about 3 minutes. Remove and repeat with the rest. Set aside. Add the remaining ghee and the onion and cook 4 minutes. Stir in all the sauce spices; cook 1 minute. Add the water and scrape. Return the chicken. Pour the tomato sauce over the top, do not stir. High pressure 7 minutes, natural release 5 minutes. Stir in the cream.',
  );

  it('marinate in the one, and what stands in a bowl first is in no pot', () => {
    expect(acts[0]).toBe('marinate(yoghurt garam-masala salt)');
    expect(acts.filter((a) => a.startsWith('liftout'))).toEqual(['liftout()']);
    expect(acts[1]).toBe('brown(ghee chicken-thigh)');
  });

  it('pour a sauce that is a line of its own, and nothing else of that part', () => {
    expect(acts).toContain('top(passata)');
    expect(acts.find((a) => a.startsWith('dairy'))).toBe('dairy(double-cream)');
    expect(acts.join(' ')).toContain('ground-coriander');
  });
});

describe('names that only say which', () => {
  it('heat the oil of a jar and keep its tomatoes', () => {
    const acts = told(
      '500 g chicken breasts; 2 tbsp oil from the sun-dried tomato jar; 80 g sun-dried tomatoes; 750 ml chicken stock; 300 g rigatoni',
      'Heat the sun-dried tomato oil and cook the chicken 2 min each side. Set aside. Add half a cup of the stock and scrape. Add the rigatoni, then the remaining stock – push the pasta under but do not stir. Scatter with the sun-dried tomatoes. Return the chicken. High pressure 5 minutes, quick release.',
    );
    expect(acts[0]).toBe('brown(sunflower-oil chicken-breast)');
    expect(acts.join(' ')).not.toContain('rigatoni~');
    expect(acts.join(' ')).toMatch(/sun-dried-tomato/);
  });

  it('take a button called Brown, and a sauce that is reduced already, for nothing to do', () => {
    const acts = told(
      '1.5 kg beef chuck; 2 tbsp oil; 400 ml beef stock',
      'Preheat the pressure cooker using Brown or Sauté. Add the oil and sear the beef. Add the stock. High pressure 60 minutes, natural release. Slice the beef and spoon over the reduced sauce.',
    );
    expect(acts.filter((a) => a.startsWith('brown'))).toHaveLength(1);
    expect(acts.filter((a) => a.startsWith('reduce'))).toEqual([]);
  });
});

describe('a lid that comes off without many words', () => {
  it('lets peas in, and minutes that are told of an open pot are no lid', () => {
    const acts = told(
      '500 g veal, diced; 2 potatoes, in chunks; 250 g frozen peas; 75 ml white wine; 250 g passata; 300 ml stock; 2 tbsp olive oil',
      'Brown the veal in the oil. Wine, evaporate. Passata, stock. Close, from the whistle 15 minutes. Let off steam, open, put the potatoes in, close, 7 minutes from the whistle. Open again, peas in, cook open 5 minutes until the sauce is thick.',
    );
    expect(acts).toContain('deglaze(white-wine)');
    expect(acts.some((a) => a.startsWith('add(passata'))).toBe(true);
    expect(acts.filter((a) => a.startsWith('close'))).toHaveLength(2);
    expect(acts.some((a) => /^(?:stirin|simmer|wilt)\(pea\)/.test(a))).toBe(true);
  });

  it('stands rice with no amount beside the dish', () => {
    const plan = planOf(
      '700 g boneless chicken thighs; 400 ml chicken stock; Jasmine rice',
      'Add the chicken and stock. High pressure 6 minutes, quick release. Meanwhile cook the rice. Serve over the rice.',
    );
    const rice = plan.items.find((i) => i.read.food?.kind === 'grain');
    expect([rice?.moment, rice?.read.doubt]).toEqual(['serve', '']);
  });
});

describe('spices among garlic', () => {
  it.each([
    'Add the garlic, cumin and oregano and stir 1 minute.',
    'Soften the garlic with the cumin and oregano for a minute.',
    'Add the garlic, cumin and oregano; cook 1 minute until fragrant.',
  ])('are fried for a moment, and not for as long as the onion: “%s”', (then) => {
    const acts = told(
      '1 kg beef chuck; 1 onion; 3 garlic cloves; 1 tsp ground cumin; 1 tsp dried oregano; 2 tbsp oil; 400 ml beef stock',
      `Heat the oil and cook the onion for 6 minutes. ${then} Add the beef and stock. High pressure 35 minutes, natural release.`,
    );
    expect(acts[0]).toMatch(/^soften\((?:onion sunflower-oil|sunflower-oil onion)\)/);
    expect(acts[1]).toMatch(/^bloom\(garlic ground-cumin oregano/);
  });

  it('wait on the board after “set aside”, and the lid goes back on under pressure', () => {
    const acts = told(
      '750 g chicken thighs; 1 tsp turmeric; 1 tsp salt; 600 g potatoes; 200 ml water; 80 g feta; 1 lemon',
      'Rub the chicken with turmeric and salt and set aside. Add the chicken and water. High pressure 8 minutes, quick release. Add the potatoes, lid back on, 6 minutes at high pressure, quick release. Top with the feta, the lemon cut in wedges.',
    );
    const verbs = acts.map((a) => a.split('(')[0]);
    expect(verbs.slice(0, 2)).toEqual(['season', 'add']);
    expect(verbs.filter((v) => v === 'close')).toHaveLength(2);
    expect(verbs).not.toContain('steamlid');
    expect(verbs.at(-1)).toBe('serve');
  });
});

describe('bowls and sizes', () => {
  it('stir salt into yoghurt in a bowl, and fry the meat with what clings to it', () => {
    const acts = told(
      '800 g lamb leg, in 4 cm cubes; 150 g yoghurt; 1 tsp salt; 3 tbsp ghee; 2 onions, sliced; 200 ml water',
      'Stir the salt into the yoghurt and coat the lamb with it; leave for an hour. Heat the ghee in the cooker, add the onions and fry for 12 minutes. Add the lamb with its marinade and fry for 5 minutes till the yoghurt dries. Add the water, scrape well and close the lid. Cook 20 minutes at high pressure and let it come down by itself.',
    );
    expect(acts[0]).toBe('marinate(yoghurt salt + lamb-leg)');
    expect(acts.some((a) => a.startsWith('brown(lamb-leg'))).toBe(true);
  });

  it('tell small onions from the chopped one, wherever they are named', () => {
    const lines = ['1 onion, chopped', '12 small onions, peeled', '1 kg beef chuck', '500 ml red wine'];
    const script = readScript(
      'Soften the onion. Add the beef and wine. High pressure 40 minutes, natural release. Add the small onions and simmer for 10 minutes.',
      lines.map((text) => ({ read: readLine(text, pantry) })),
      pantry,
    );
    const simmer = script?.acts.find((a) => a.verb === 'simmer' || a.verb === 'stirin');
    expect(simmer?.lines.map((l) => l.index)).toEqual([1]);
    expect(simmer?.again).toEqual([]);
  });

  it('boil wine until it is gone, and let meat soak in its juices', () => {
    const acts = told(
      '1 kg beef chuck; 120 ml red wine; 300 ml beef stock; 1 tbsp oil',
      'Brown the beef in the oil. Add the wine; scrape and cook until nearly gone. Add the stock. High pressure 60 minutes, natural release. Shred the beef in the pot and let it soak in the juices for 10 minutes.',
    );
    expect(acts.join(' ')).not.toContain('soften');
    expect(acts.at(-1)).toMatch(/^rest/);
  });
});

describe('parts of a list by their name', () => {
  it('mix what is left of the meatballs, whole, and nothing of the gravy', () => {
    const acts = toldIn(
      'Meatballs: 40 g panko; Meatballs: 80 ml milk; Meatballs: 500 g ground beef; Meatballs: 1 egg; Gravy: 2 tbsp butter; Gravy: 500 ml beef broth; Gravy: 3 tbsp flour; Gravy: 120 ml sour cream',
      'In a large bowl soak the panko in the milk for 5 min. Add the remaining meatball ingredients; mix just until combined. Shape into balls. Melt the butter and brown the meatballs, 4 min. Set aside. Add 120 ml of the broth, scraping. Return the meatballs. High pressure 5 min, quick release. Scoop out the meatballs. Whisk the flour with the rest of the broth and simmer until thickened. Turn off, whisk in the sour cream.',
    );
    expect(acts.slice(0, 2)).toEqual(['soak(breadcrumb milk)', 'mix(ground-beef egg)']);
    expect(acts).toContain('brown(butter)');
    expect(acts.find((a) => a.startsWith('thicken'))).toMatch(/plain-flour/);
    expect(acts.filter((a) => a.includes('sour-cream'))).toEqual(['dairy(sour-cream)']);
  });

  it('leave out what only may be done: “if too thin”, “optional”', () => {
    const acts = told(
      '900 g ground beef; 1 onion; 300 ml beef stock; 2 tbsp chili powder; 1 tsp salt',
      'Cook the onion 4 minutes. Add the beef and cook until no longer pink. Stir in the chili powder and salt. Cook 1 min. Add the stock. High pressure 12 minutes, natural release 10 minutes. If too thin, simmer 5 minutes. Optional: spread on a sheet pan and broil 3 minutes.',
    );
    expect(acts.slice(acts.findIndex((a) => a.startsWith('release')) + 1)).toEqual([]);
    expect(acts).toContain('bloom(chilli-powder salt)');
  });
});

describe('a packet that is meant to be thin', () => {
  it('stops no pot roast', () => {
    const { findings } = planOf(
      '1.5 kg beef chuck; 2 tbsp olive oil; 375 ml beef broth; 1 packet au jus gravy mix; 8 pepperoncini; 100 g butter',
      'Sear the roast in the oil. Remove and add the broth, scraping. Place the roast back in and sprinkle with the au jus mix. Top with the pepperoncini and butter. High pressure 70 minutes, natural release.',
    );
    expect(findings.filter((f) => f.severity === 'stop')).toEqual([]);
  });
});

describe('what ordinary pages say', () => {
  it('know beans by their noun, however the line ends', () => {
    const acts = told(
      '1 15 oz can black beans drained; 1 ½ pounds chicken breasts; 4 cups chicken broth; 1 cup frozen corn',
      'Add the broth, chicken, beans and corn. High pressure 8 minutes, quick release.',
    );
    expect(acts[0]).toBe('add(black-bean chicken-breast chicken-stock sweetcorn)');
  });

  it('top bowls at the table with what the list has for it', () => {
    const acts = toldIn(
      'Soup: 1 kg chicken breasts; Soup: 1 l chicken stock; Soup: 1 lime; For topping: tortilla strips; For topping: 1 avocado diced; For topping: shredded cheddar',
      'Add the chicken and stock. High pressure 8 minutes, quick release. Remove chicken, shred and return to the pot along with the juice of the lime. Top bowls with tortilla strips, avocado and cheese.',
    );
    expect(acts.at(-1)).toMatch(/^serve\(.*cheddar/);
    expect(acts.filter((a) => a.startsWith('dairy'))).toEqual([]);
  });

  it('cook beside what is for the table, and add toppings there', () => {
    const acts = toldIn(
      'Soup: 1 kg chicken thighs; Soup: 1 l chicken stock; For the topping: 1 avocado diced; To serve: 200 g egg noodles',
      'Add the chicken and stock. High pressure 8 minutes, quick release. Boil the noodles in salted water. Add the avocado.',
    );
    expect(acts.slice(-2)).toEqual(['boil(egg-noodle)', 'serve(avocado)']);
  });

  it('bring a sauce to a simmer for the slurry, and swirl butter in off the heat', () => {
    const acts = told(
      '800 g pork tenderloin; 300 ml chicken stock; 1 tbsp butter; 2 tbsp cornstarch',
      'Add the pork and stock. High pressure 2 minutes, natural release 12 minutes. Remove the pork and rest 5 min. Bring the sauce to a simmer, stir in the cornstarch and cook until thick. Off heat swirl in the butter.',
    );
    expect(acts.slice(-2)).toEqual(['thicken(cornstarch)', 'stirin(butter)']);
  });

  it('whisk in the butter paste, which binds and boils nothing down', () => {
    const acts = told(
      '150 g smoked streaky bacon; 1 kg chicken legs; 500 ml red wine; 30 g soft butter; 30 g flour',
      'Put the bacon into the cold cooker and heat gently till the fat runs and it crisps; scoop out. Brown the chicken in the fat. Add the wine. High pressure 12 minutes, natural release. Whisk the butter paste into the simmering sauce until it is glossy and coats the spoon.',
    );
    expect(acts[0]).toBe('render(bacon)');
    expect(acts.at(-1)).toBe('thicken(butter plain-flour)');
  });

  it('mash some of it with the back of the ladle', () => {
    const acts = told(
      '200 g black urad dal; 750 ml water; 1 tsp salt; 60 ml cream; 1 tbsp oil; 1 onion',
      'Fry the onion in the oil until it leaves oil. Add the dal, salt and water. High pressure 30 minutes, natural release. Mash some dal with the back of the ladle. Stir in the cream.',
    );
    expect(acts.map((a) => a.split('(')[0])).toEqual([
      'soften',
      'add',
      'close',
      'hold',
      'release',
      'mash',
      'dairy',
    ]);
  });

  it('are under pressure: “Seal. 25 min high, 10 natural.”', () => {
    const plan = planOf(
      '900 g beef chuck, in 3 cm chunks; 400 ml beef stock',
      'Stir the stock in the pot. Beef in. Seal. 25 min high, 10 natural. Beef out into a bowl, shred roughly.',
    );
    expect(plan.told.minutes).toBe(25);
    expect(plan.script?.acts.filter((a) => a.verb === 'hold')).toHaveLength(1);
    expect(plan.ventAfterMin).toBe(10);
  });
});
