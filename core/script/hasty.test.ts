import { readLine } from '../dish/read';
import { pressureRuns } from '../dish/pressure';
import { readPage } from '../page/page';
import { defaultKitchen } from '../kitchen/kitchen';
import { planDish, type Plan } from '../plan/plan';
import { dishOf, pantry, told } from './testing/telling';

const planOf = (list: string, method: string): Plan => planDish(dishOf(list, method), defaultKitchen());
const titles = (plan: Plan): string[] => plan.steps.map((s) => s.title);

describe('notes in a hurry', () => {
  const LIST =
    '8 chix thighs bone in; 1 leek; 2 carrots; 1T butter; 1 pint stock; bay; thyme; 5oz SR flour; 2 1/2 oz suet; parsley; 3T cream';
  const METHOD =
    'brown thighs in the butter, out. leek carrot 5 mins. stock, herbs, chx back. HP 10 NPR 10. mix flour suet parsley to a soft dough, 8 balls. take out the herbs. drop balls on top, lid on no pressure simmer 15 mins. cream in.';

  it('say out and back, and what is poured is fried no more', () => {
    const acts = told(LIST, METHOD).map((a) => a.replace(/\(.*/, ''));
    expect(acts.slice(0, 5)).toEqual(['brown', 'liftout', 'soften/5', 'add', 'return']);
  });

  it.each([
    ['HP 10 NPR 10.', 10],
    ['HP 25 mins NPR 10.', 25],
    ['LP 6 QR.', 6],
  ])('give the minutes before the release: %s', (method, minutes) => {
    expect(pressureRuns(method).map((r) => r.minutes)).toEqual([minutes]);
  });

  it('lay the lid on without pressure, which is no second run', () => {
    expect(pressureRuns(METHOD)).toHaveLength(1);
  });

  it('drop the dough on top, and fish out no herb that is in it', () => {
    const plan = planOf(LIST, METHOD);
    expect(titles(plan)).toContain('Fish out bay and thyme');
    expect(titles(plan).some((t) => /dumplings|dough/i.test(t) && /on top/.test(t))).toBe(true);
    expect(titles(plan)).toContain('Brown chicken thighs');
  });
});

describe('a method without minutes under pressure', () => {
  it('is followed, and the minutes are computed', () => {
    const plan = planOf(
      '1 kg beef chuck, cubed; 1 onion, chopped; 500 ml beef stock',
      'Brown the beef. Add the onion and stock. Pressure cook until tender. Serve.',
    );
    expect(plan.script?.acts.some((a) => a.verb === 'close')).toBe(true);
    expect(plan.heat.suggestedMin).toBeGreaterThan(20);
  });

  it('is none where no pressure is spoken of', () => {
    expect(pressureRuns('Brown the beef. Add the stock. Cover and close the oven. Cook until done.')).toEqual(
      [],
    );
  });
});

describe('pulses under the lid', () => {
  it('are followed wherever they go in, and have a floor of their own', () => {
    const plan = planOf(
      '450 g dried cannellini beans, soaked overnight; 450 g Italian sausage; 1 onion, chopped; 1.5 l chicken stock',
      'Brown the sausage. Soften the onion. Stir in the beans and broth, scraping the bottom. Pressure cook until tender.',
    );
    expect(plan.plants.map((p) => p.softening.id)).toContain('bean-soaked');
    expect(plan.heat.suggestedMin).toBeGreaterThanOrEqual(8);
  });
});

describe('a bowl beside the pot', () => {
  const LIST =
    '6 dried red chillies; 1 tsp cumin seeds; 5 garlic cloves; 60 ml white wine vinegar; 800 g pork shoulder, cubed; 1 tsp salt; 2 tbsp oil; 2 onions, sliced; 200 ml water';
  const METHOD =
    'Toast the chillies and cumin in a dry pan. Tip into a blender with the garlic and vinegar and blitz to a smooth paste. Put the pork in a bowl, add the paste and the salt and mix well. Cover and marinate for 2 hours. Heat the oil and fry the onions for 10 minutes. Add the pork and all of its marinade and fry for 5 minutes until the paste darkens a little. Pour in the water, scraping. Cook at high pressure for 20 minutes. Natural release.';

  it('is filled before it stands: one act, and no pan', () => {
    const acts = told(LIST, METHOD).map((a) => a.replace(/\(.*/, ''));
    expect(acts).toEqual([
      'toast',
      'blend',
      'marinate/120',
      'soften/10',
      'brown/5',
      'deglaze',
      'close/20',
      'hold/20',
      'release',
    ]);
    expect(planOf(LIST, METHOD).steps.find((s) => s.title.startsWith('Marinate'))?.text).not.toMatch(/pan/);
  });
});

describe('salt that goes in with what fries', () => {
  it('is no frying of its own', () => {
    const plan = planOf(
      '1 onion, chopped; salt; black pepper; 600 g chicken thighs; 400 ml stock',
      'Add onion to pot; season with salt and pepper. Cook until softened, 5 min. Add the chicken and stock. High pressure 8 minutes, quick release.',
    );
    expect(titles(plan).filter((t) => t.startsWith('Soften'))).toHaveLength(1);
  });
});

describe('how a thing is called', () => {
  it.each([
    ['400 g crushed tomatoes', 'Cook down'],
    ['250 g mushrooms', 'Fry'],
  ])('as a cook would: %s', (line, verb) => {
    const plan = planOf(
      `${line}; 1 onion, chopped; 600 g chicken thighs; 400 ml stock`,
      `Soften the onion for 5 minutes. Add the ${line.split(' ').at(-1)} and fry for 5 minutes. Add the chicken and stock. High pressure 8 minutes, quick release.`,
    );
    expect(titles(plan).some((t) => t.startsWith(verb))).toBe(true);
  });

  it('loosens the floor with the liquid, whatever comes in with it', () => {
    const plan = planOf(
      '450 g lentils; 1 sprig rosemary; 600 g sausages; 1.5 l chicken stock',
      'Brown the sausages. Stir in the lentils, rosemary and stock, scraping the bottom. High pressure 10 minutes, quick release.',
    );
    expect(titles(plan)).toContain('Deglaze with chicken stock');
  });
});

describe('lines with two measures, or several things', () => {
  it.each([
    ['1kg/2lb 4oz stewing beef', 1000, 'stewing beef'],
    ['675g/1lb 8oz pork', 675, 'pork'],
    ['900g (2lb) lamb', 900, 'lamb'],
  ])('%s', (line, g, name) => {
    const read = readLine(line, pantry);
    expect([Math.round(read.massG.mid), read.foodText]).toEqual([g, name]);
  });

  it('are told apart at a slash before an amount, and at no other', () => {
    expect(readLine('2 tbsp olive oil / 1 onion / 2 carrots', pantry).several).toHaveLength(3);
    expect(readLine('400 g / 14 oz beef', pantry).several.length).toBeLessThan(2);
    expect(
      readLine('2 black cardamoms, 4 green cardamoms, 1 inch cinnamon, 4 cloves, 2 bay leaves', pantry)
        .several,
    ).toHaveLength(5);
  });
});

describe('a title', () => {
  it.each([
    ['Pork Vindaloo-Style Curry | The Salt Jetty', 'Pork Vindaloo-Style Curry'],
    ['Paprika chicken | for 4', 'Paprika chicken'],
    ['Lamb and barley stew', 'Lamb and barley stew'],
  ])('is the name of the dish: %s', (written, title) => {
    const page = `${written}\n\nIngredients\n1 kg lamb neck\n300 ml stock\n\nMethod\nAdd the lamb and stock and cook at high pressure for 25 minutes.`;
    expect(readPage(page, pantry).recipes[0]?.title).toBe(title);
  });
});

describe('what is told in three words', () => {
  it('seasons the ribs, and browns them as pieces and no mince', () => {
    const list = '4 lb beef short ribs; 1 T kosher salt; 2 t black pepper; 1 T oil; 1 cup beef broth';
    const method =
      'Salt and pepper ribs. Sear ribs in oil in batches 3 min per side. Remove. Broth in, scrape. Put ribs back in. 45 min high. Natural release 15, then quick. Strain the liquid; boil to 1 cup.';
    const acts = told(list, method).map((a) => a.replace(/\(.*/, ''));
    expect(acts.slice(0, 3)).toEqual(['season', 'brown/3', 'liftout']);
    expect(acts.at(-1)).toBe('reduce');
    const browned = planOf(list, method).steps.find((s) => s.title.startsWith('Brown'));
    expect(browned?.text).not.toMatch(/broken up/i);
  });

  it('lays shredded meat on a tray for the grill, and puts none of it back', () => {
    const acts = told(
      '1.5 kg pork shoulder, in 4 chunks; 300 ml orange juice',
      'Add the juice and the pork. Pressure cook 60 min, natural release. Take out the pork and shred it. Spread the pork on a tray, spoon over some juices and grill 5 min until crisp.',
    ).map((a) => a.replace(/\(.*/, ''));
    expect(acts.slice(-3)).toEqual(['liftout', 'shred', 'grill/5']);
  });

  it('simmers what was only floured for the time that is told', () => {
    const acts = told(
      '1 kg chicken thighs; 30 g flour; 2 tbsp oil; 200 ml red wine; 75 g olives',
      'Dredge the chicken in the flour. Brown in the oil. Pour in the wine, scraping. High pressure 10 minutes, quick release. Stir the olives into the sauce and simmer, uncovered, until slightly thickened, 5 to 8 minutes.',
    );
    expect(acts.at(-1)).toBe('simmer/7(olive)');
  });
});

describe('meat that is worked between two lids', () => {
  const plan = planOf(
    '1 smoked ham hock; 2 litres water; 1 onion, diced; 300 g red lentils',
    'Put the hock in with the water. Pressure 30 mins. Release naturally. Take out the hock, strip off the meat and shred it. Add the onion and lentils. Close again, pressure 6 minutes, quick release. Return the meat.',
  );

  it('is checked while it is whole', () => {
    const at = (start: string): number => plan.steps.findIndex((s) => s.title.startsWith(start));
    expect(at('Check the')).toBeGreaterThan(0);
    expect(at('Check the')).toBeLessThan(at('Shred'));
    expect(plan.steps.filter((s) => s.kind === 'meat')).toHaveLength(1);
  });
});

describe('a little of something', () => {
  it('is a thing of its own in a list', () => {
    expect(readLine('Salt, white pepper, a little nutmeg', pantry).several).toHaveLength(3);
  });
});

describe('what was fried and stands aside under the lid', () => {
  it('is not in the pot, and comes back where it is named', () => {
    const plan = planOf(
      '150 g streaky bacon, in lardons; 20 shallots; 250 g mushrooms; 6 chicken legs; 500 ml white wine',
      'Start the lardons in the cold cooker. Remove with a slotted spoon. Brown the shallots and mushrooms in the fat, 7 min, and set aside with the bacon. Colour the chicken. Add the wine. Close the cooker, high pressure 12 min. Release the steam. Take out the chicken. Reduce the sauce. Return the chicken with bacon, shallots and mushrooms, reheat for 5 min.',
    );
    const momentOf = (n: number): string | undefined => plan.items.find((i) => i.index === n)?.moment;
    expect([0, 1, 2].map(momentOf)).toEqual(['finish', 'finish', 'finish']);
    expect(titles(plan).some((t) => /^Return chicken legs.*bacon/.test(t))).toBe(true);
  });
});

describe('a cube of stock', () => {
  it.each([
    ['1 Oxo-type beef cube', 'stock-cube'],
    ['2 chicken cubes', 'stock-cube'],
    ['500 g beef cubes', 'beef-chuck'],
    ['1 kg lamb cubes', 'lamb-shoulder'],
  ])('is no meat, and meat in cubes is no stock: %s', (line, id) => {
    expect(readLine(line, pantry).food?.id).toBe(id);
  });

  it('brings its water, and no word for the meat means it', () => {
    expect(readLine('1 beef cube in 3/4 pt hot water', pantry).several).toEqual([
      '1 beef cube',
      '3/4 pt hot water',
    ]);
    const acts = told(
      '2 lb shin of beef, chunked; 3 tbsp flour; 1 beef cube; 400 ml hot water; 2 onions',
      'Dust the beef in the flour and brown in hot dripping. Fry the onions. Everything else in, scrape about, lid on and 35 mins at high pressure. Natural release.',
    );
    expect(acts[0]).not.toMatch(/stock-cube/);
  });
});

describe('what goes in once the lid is off', () => {
  it('stirs in raw shrimp, which is put back by nobody', () => {
    const plan = planOf(
      '340 g andouille sausage, sliced; 680 g boneless chicken thighs, cubed; 1 onion, diced; 300 g long-grain rice; 450 ml chicken broth; 250 g shrimp, peeled',
      'Brown the sausage 4 minutes; transfer to a plate. Brown the chicken 4 minutes; transfer to plate with the sausage. Soften the onion 5 minutes. Stir in the broth, scraping. Add the rice, the sausage and the chicken. High pressure 7 minutes; natural release 5 minutes. Stir in the shrimp, cover and let stand 7 minutes.',
    );
    expect(plan.items.find((i) => i.read.food?.kind === 'seafood')?.moment).toBe('finish');
    expect(titles(plan)).toContain('Lift out chicken thighs');
  });

  it('gives everything a scrape, and throws not everything in', () => {
    const plan = planOf(
      '300 g arborio rice; 900 ml hot stock; 50 g parmesan, grated; chives',
      'Turn the rice in the pot for 1 min. Pour over the stock and give everything a good scrape. Pressure cook on high for 5 mins then quick release. Beat in the parmesan and scatter with chives.',
    );
    expect(plan.items.find((i) => i.index === 2)?.moment).toBe('dairy');
  });
});

describe('the second ring', () => {
  it('is pressure, by its number too', () => {
    expect(pressureRuns('Close. Ring 2, 30 min. Slow release.').map((r) => r.minutes)).toEqual([30]);
  });
});

describe('words that only sound like something', () => {
  it('half a tin of water halves no tomatoes, and mince that fries dry is browned', () => {
    const plan = planOf(
      '500 g beef mince; 150 ml milk; 400 g tin plum tomatoes; 2 tbsp tomato purée; 1 onion, chopped; 1 tbsp oil',
      'Heat the oil and soften the onion for 8 mins. Crumble in the mince and fry until any liquid has evaporated, 10 mins. Pour in the milk and let it bubble away almost completely. Add the tomatoes and purée with half a tin of water. Lock on the lid and cook at high pressure for 20 mins. Natural release.',
    );
    expect(plan.items.filter((i) => i.index === 2).map((i) => i.share)).toEqual([1]);
    expect(plan.script?.acts[1]?.verb).toBe('brown');
    expect(plan.findings.find((f) => f.id === 'early-l1')?.severity).toBe('note');
  });

  it.each([
    [
      'Add the soy, ginger and water. Pop on the lid and pressure cook on high for 25 mins, natural release.',
      'add',
    ],
    [
      'Add the soy, ginger and water. Pop the lid on and pressure cook on high for 25 mins, quick release.',
      'add',
    ],
  ])('pops a lid on and no spice: %s', (method, verb) => {
    const acts = told(
      '500 g pork belly, cubed; 100 ml soy sauce; 3 cm ginger; 150 ml water',
      `Brown the pork. ${method}`,
    );
    expect(acts[1]).toMatch(new RegExp(`^${verb}`));
  });

  it('heats the ghee in the pressure pan, which is the pot, and blanches in no water of the list', () => {
    const plan = planOf(
      '250 g spinach; 2 green chillies; 2 tbsp ghee; 1 onion, chopped; 500 g chicken, curry cut; ½ cup water',
      'Blanch spinach in boiling water for 2 minutes, drain and grind with the green chillies to a smooth puree. Heat ghee in a pressure pan. Add onions and saute till golden. Add chicken and fry for 5 minutes. Add ½ cup water, close the lid and cook for 3 whistles. Let the pressure settle. Add the spinach puree and simmer for 5 minutes.',
    );
    expect(plan.steps.some((s) => /In the pan beside/.test(s.text))).toBe(false);
    expect(plan.items.find((i) => i.index === 5)?.moment).not.toBe('finish');
    expect(plan.items.find((i) => i.index === 0)?.moment).toBe('finish');
    expect(plan.steps.find((s) => s.title.startsWith('Blanch'))?.items.map((i) => i.name)).toEqual([
      'spinach',
    ]);
  });

  it('turns in a sauce that has boiled down already, and boils it no more', () => {
    const acts = told(
      '500 g pork belly, cubed; 200 ml soy sauce; 1 tsp cornflour',
      'Add the pork and soy. Pressure cook for 25 mins, natural release. Lift out the pork. Boil the liquid for 10 mins, then thicken with the cornflour. Return the pork to the sauce and turn until sticky.',
    ).map((a) => a.replace(/\(.*/, ''));
    expect(acts.slice(-2)).toEqual(['return', 'coat']);
  });
});

describe('what is done again with something else', () => {
  it('lets the wine bubble away as the milk did', () => {
    const acts = told(
      '500 g beef mince; 150 ml milk; 150 ml dry white wine; 400 g tin plum tomatoes',
      'Brown the mince. Pour in the milk and let it bubble away, then do the same with the wine. Add the tomatoes. High pressure 20 mins, natural release.',
    );
    expect(acts).toContain('deglaze(white-wine)');
  });

  it('blooms garlic that goes in with its ground spice', () => {
    const acts = told(
      '1 onion, sliced; 2 cloves garlic, grated; 1 tsp sweet paprika; 800 g beef chuck, cubed; 350 ml beef stock',
      'Sweat the onion for 6 minutes. Garlic and paprika go in for one minute. Add the beef and stock. High pressure 30 minutes, natural release.',
    );
    expect(acts[1]).toMatch(/^bloom/);
  });
});

describe('mussels that stay shut', () => {
  it.each(['Discard any that stay shut.', 'Throw out any mussels that have not opened.'])(
    'are a word of warning, and nobody lifts the meat out: %s',
    (words) => {
      const plan = planOf(
        '300 ml fish stock; 400 g tin chickpeas, drained; 500 g white fish; 200 g mussels; parsley',
        `Add the stock and chickpeas. High pressure for 5 minutes, quick release. Simmer, lay the fish and mussels in the sauce, cover and cook for 4 minutes until the mussels have opened. ${words} Scatter with parsley.`,
      );
      expect(titles(plan).some((t) => t.startsWith('Lift out'))).toBe(false);
    },
  );
});

describe('everything in the pot', () => {
  const LIST =
    '1 kg chicken breasts; 250 ml chicken stock; 1 tsp cumin; 100 g cream cheese; 120 ml sour cream; 2 tbsp cornstarch; 1 lime, juice; 2 carrots; coriander';
  it.each([
    'Put everything in the pot.',
    'Tip all the ingredients into the pot.',
    'Throw everything into the pot and give it a stir.',
  ])('is without what a later sentence stirs in: %s', (start) => {
    const acts = told(
      LIST,
      `${start} High pressure for 12 minutes, natural release. Whisk the cornstarch with a little water and stir it in. Stir in the cream cheese and sour cream. Add the lime juice. Serve with coriander.`,
    );
    expect(acts[0]).toBe('add(chicken-breast chicken-stock ground-cumin carrot)');
    expect(acts.some((a) => a.startsWith('thicken(cornstarch'))).toBe(true);
    expect(acts.some((a) => a.startsWith('dairy(cream-cheese sour-cream'))).toBe(true);
  });

  it('keeps what is only named again, taken out or put back', () => {
    const acts = told(
      LIST,
      'Put everything in the pot. High pressure for 12 minutes, natural release. Take out the carrots and mash them, then stir the carrots back in. Stir until the cream cheese has melted.',
    );
    expect(acts[0]).toMatch(/cream-cheese/);
    expect(acts[0]).toMatch(/carrot/);
  });

  it('goes from the bowl of its marinade to the pot, and fries afterwards what was lifted out', () => {
    const acts = told(
      '1.5 kg chicken; 120 ml vinegar; 120 ml soy sauce; 60 ml water; 1 tbsp brown sugar; 2 tbsp oil',
      'Combine the chicken, vinegar and soy sauce and marinate for 1 hour. Transfer everything to the pot and add the water. Cook at high pressure for 15 minutes. Release the pressure. Remove the chicken and fry in hot oil until browned. Simmer the sauce with the sugar until thick. Return the chicken to the sauce.',
    ).map((a) => a.replace(/\/.*$/, ''));
    expect(acts.map((a) => a.replace(/\(.*/, ''))).toEqual([
      'marinate',
      'add',
      'close',
      'hold',
      'release',
      'liftout',
      'fry',
      'reduce',
      'return',
    ]);
    expect(acts[7]).toMatch(/brown-sugar/);
  });
});

describe('the slurry among what comes last', () => {
  it('binds before the cream that is named in one breath with it', () => {
    const acts = told(
      '2 pork chops; 200 ml chicken stock; 1 tsp cornstarch + 1 tbsp water; 1 tbsp mustard; 60 ml double cream',
      'Chops and stock in. HP 8, QR. Whisk in slurry, mustard, cream.',
    ).map((a) => a.replace(/\(.*/, ''));
    expect(acts.slice(-2)).toEqual(['thicken', 'dairy']);
  });
});

describe('what was fried first and comes back for a second lid', () => {
  it('is told where the pot is opened in between', () => {
    const plan = planOf(
      '1 kg beef shin, cubed; 500 g shallots, peeled; 2 tbsp olive oil; 400 ml beef stock',
      'Brown the beef in half the oil. Set aside. Colour the shallots in the rest of the oil. Remove to a plate. Add the stock and the beef. Pressure cook for 35 minutes. Natural release. Add the shallots and pressure cook for a further 5 minutes. Quick release.',
    );
    const between = titles(plan).indexOf('Open in between');
    expect(titles(plan)[between + 1]).toMatch(/shallots/);
  });
});

describe('a lid that nobody tells of', () => {
  it.each([
    ['Set 10 mins on high, let it come down naturally.', 'natural'],
    ['10 mins HP, slow release.', 'natural'],
    ['Seal. 10 minutes on the poultry setting. Allow pressure to drop of its own accord.', 'natural'],
    ['High pressure: 10 min. Release: natural, full.', 'natural'],
    ['Cook at 15 psi for 10 minutes. Remove from the heat and leave till the pressure has gone.', 'natural'],
    ['After 10 minutes at pressure take off the heat and vent.', 'quick'],
    ['Set timer for 10 minutes. Once done leave on keep warm for 10 minutes, then vent.', 'ten'],
    ['Cook 10 minutes, NR.', 'natural'],
    ['Cook 10 minutes, QR.', 'quick'],
    ['Pressure: 10 minutes. Natural release.', 'natural'],
    ['Lock the lid. 10 minutes. Release.', null],
  ] as const)('closes over what is in, for the minutes before it is let go: %s', (words, release) => {
    const method = `Put the chicken and stock in the pot. ${words} Stir in the peas. Serve.`;
    const acts = told('1 kg chicken thighs; 400 ml chicken stock; 200 g peas', method);
    expect(acts.map((a) => a.replace(/[(/].*/, ''))).toEqual([
      'add',
      'close',
      'hold',
      'release',
      'stirin',
      'serve',
    ]);
    expect(pressureRuns(method)).toMatchObject([{ minutes: 10, ...(release ? { release } : {}) }]);
  });

  it('closes none over a stew of the hob, however it rests at the end', () => {
    const method =
      'Brown the beef. Add the stock and cook gently for 2 hours. Turn off the heat and leave to rest for 10 minutes. Serve.';
    expect(pressureRuns(method)).toEqual([]);
  });
});

describe('hot fat, said another way', () => {
  const LIST = '1 kg beef chuck, cubed; 2 tbsp oil; 1 onion, sliced; 400 ml beef stock';
  it.each([
    'Once the oil shimmers, lay in the beef, leave it until it releases, then turn.',
    'When the oil is hot, add the beef and leave undisturbed for 4 minutes, then turn.',
    'Caramelise the beef in the hot oil.',
    'Beef: brown in oil, set aside.',
  ])('browns the meat: %s', (words) => {
    const acts = told(LIST, `${words} Add the onion and stock. High pressure 20 minutes, quick release.`);
    expect(acts[0]).toMatch(/^brown/);
    expect(acts.some((a) => a.startsWith('marinate'))).toBe(false);
  });

  it('cooks off an onion, which does not go down', () => {
    const acts = told(LIST, 'Cook off the onion in the oil. Add the beef and stock. HP 20, QR.');
    expect(acts[0]).toBe('soften(sunflower-oil onion)');
  });
});

describe('what stood overnight', () => {
  it('is not mixed with what the pot gets the next day', () => {
    const acts = told(
      '1 kg chicken thighs; 2 tsp ground cumin; 2 carrots; 400 ml chicken stock',
      'Marinate the chicken in the cumin overnight. Add the chicken, carrots and stock. HP 10, QR.',
    );
    expect(acts.slice(0, 2)).toEqual(['marinate(ground-cumin)', 'add(chicken-thigh carrot chicken-stock)']);
  });
});

describe('a recipe for the oven or the slow pot', () => {
  const LIST = '1 kg beef chuck, cubed; 1 onion, chopped; 2 carrots; 500 ml beef stock';
  it.each([
    ['Combine all ingredients in a casserole, cover tightly and bake at 300F for 3 1/2 hours.', 210],
    ['Put it all in a casserole and bake, covered, for 1 1/2 hours.', 90],
    ['Tip the beef into the slow cooker with the rest. Cook on low for 8 hours.', 480],
  ])('puts everything in, and its hours are read with their fractions: %s', (method, minutes) => {
    const acts = told(LIST, method);
    expect(acts[0]).toBe('add(beef-chuck onion carrot beef-stock)');
    expect(acts[1]).toBe(`close/${minutes}()`);
  });
});

describe('rice in the cooker', () => {
  const LIST =
    '500 g chicken, small pieces; 300 g basmati; 2 onions, sliced; 4 cloves; 120 ml curd; 3 tbsp ghee; 500 ml water';
  const METHOD =
    'Marinate the chicken in curd for 30 min. Heat ghee, add the cloves, then onions; fry till brown. Take out half for garnish. Add chicken with marinade, cook on high 5 min. Add rice and water. Close and cook on medium for 2 whistles (or HP 5 min). Let pressure go by itself 10 min. Top with fried onions.';

  it('closes the lid where it is closed, and not where the meat fries on a high flame', () => {
    const acts = told(LIST, METHOD).map((a) => a.replace(/[(/].*/, ''));
    expect(acts.indexOf('close')).toBeGreaterThan(acts.indexOf('add'));
    expect(acts.filter((a) => a === 'close')).toHaveLength(1);
    expect(pressureRuns(METHOD)).toMatchObject([{ minutes: 5, release: 'ten', releaseMin: 10 }]);
  });

  it('takes half of the onions out, and no chicken that is not in yet', () => {
    expect(titles(planOf(LIST, METHOD))).toContain('Lift out onions');
  });
});

describe('the skin in the cold pot', () => {
  it('renders the meat that was made ready', () => {
    const acts = told(
      '4 duck legs; salt; 2 shallots, sliced; 200 ml chicken stock',
      'Prick the skin of the duck legs and season well. Lay skin side down in the cold pot and render for 10 minutes until golden. Lift out. Pour off all but a tablespoon of fat. Soften the shallots. Add the stock and the duck. HP 35, NPR 15.',
    );
    expect(acts.find((a) => a.startsWith('render'))).toBe('render/10(duck-leg)');
    expect(acts.find((a) => a.startsWith('pouroff'))).toBe('pouroff()');
  });
});

describe('words of other hands', () => {
  it('lifts out the meatballs that were mixed and shaped, and no egg', () => {
    const plan = planOf(
      '500 g turkey mince; 1 egg; 40 g breadcrumbs; 1/2 tsp salt; 2 tbsp olive oil; 500 g passata; 200 ml chicken stock',
      'Mix the turkey, egg, breadcrumbs and salt and roll into 16 balls. Heat the oil and brown the meatballs all over, then lift them out. Pour in the stock and scrape the bottom. Put the meatballs back and pour the passata over the top. HP 6, QR.',
    );
    expect(titles(plan)).toEqual(
      expect.arrayContaining(['Brown meatballs', 'Lift out meatballs', 'Return meatballs']),
    );
  });

  it('boils soaked kidney beans hard in water of their own, by their name, and puts them in afterwards', () => {
    const plan = planOf(
      '300 g dried red kidney beans; 500 g beef mince; 500 ml beef stock',
      'Soak the beans overnight, drain, then boil hard in fresh water for 10 minutes and drain again. Brown the mince. Add the stock. Tip in the beans. HP 30, NPR 15.',
    );
    const at = titles(plan).findIndex((t) => /^Boil dried red kidney beans beside/.test(t));
    expect(at).toBeGreaterThan(0);
    expect(plan.steps[at]?.timer?.seconds).toBe(600);
    expect(titles(plan).findIndex((t) => /^In with .*kidney beans/.test(t))).toBeGreaterThan(at);
    expect(plan.items.find((i) => i.read.food?.id === 'dried-kidney-bean')?.moment).toBe('lid');
  });

  it('binds nothing by what comes of a stir, and keeps for the table only what is more', () => {
    const acts = told(
      '1 kg lamb neck; 900 g potatoes, sliced; 600 ml lamb stock; 15 g butter; 200 ml BBQ sauce + more for serving',
      'Layer the potatoes and lamb in the pot. Pour over the stock. HP 20, NPR. Stir gently so the sliced potatoes break up and thicken the stew, and dot with butter. Stir in the BBQ sauce.',
    );
    expect(acts.some((a) => a.startsWith('thicken'))).toBe(false);
    expect(acts.join(' ')).toMatch(/stirin\([^)]*barbecue-sauce/);
  });

  it('stirs in what is sprinkled in, and strews what is grated over', () => {
    const acts = told(
      '500 g chicken breast, cubed; 700 ml chicken stock; 300 g penne; 100 g parmesan; pinch nutmeg',
      'Put the chicken, stock and penne in the pot. HP 5, QR. Sprinkle in the parmesan a handful at a time, stirring until it melts. Grate over a little nutmeg.',
    );
    expect(acts.slice(-2)).toEqual(['dairy(hard-cheese)', 'serve(nutmeg)']);
  });

  it('turns the meat in its marinade, and puts it in the pot the next day', () => {
    const acts = told(
      '1 kg pork shoulder; 3 tbsp hoisin sauce; 2 tbsp soy sauce; 200 ml water',
      'Mix the hoisin and soy, turn the pork in it and leave overnight in the fridge. Put the pork in the pot with the water. HP 20, NPR 10.',
    ).map((a) => a.replace(/[(/].*/, ''));
    expect(acts.slice(0, 3)).toEqual(['marinate', 'add', 'close']);
  });

  it('ties a roll with string, and closes no lid by it', () => {
    const acts = told(
      '4 beef roulades; 4 tsp mustard; 2 tbsp butter; 250 ml red wine; 300 ml beef stock; 1 tbsp starch',
      'Brush the roulades with mustard, roll up and fasten with kitchen string. Heat the butter and brown the roulades, take out. Deglaze with the wine. Pour in the stock and put in the roulades. Close the pot and cook at level 2 for 25 minutes. Steam off. Take out the roulades. Bind the sauce with the starch.',
    ).map((a) => a.replace(/[(/].*/, ''));
    expect(acts.filter((a) => a === 'close')).toHaveLength(1);
    expect(acts.indexOf('close')).toBeGreaterThan(acts.indexOf('deglaze'));
    expect(acts.slice(acts.indexOf('release'))).toEqual(['release', 'liftout', 'thicken']);
  });

  it('waits ten minutes and not half an hour until a gravy is thick', () => {
    const plan = planOf(
      '750 g pork shoulder, cubed; 400 ml water; 2 onions',
      'Put everything in the pot. Pressure cook for 25 minutes, natural release. Open, simmer till the gravy is thick. Serve.',
    );
    const boil = plan.steps.find((s) => s.title === 'Boil down');
    expect(boil?.durationS.mid).toBeLessThanOrEqual(10 * 60);
  });
});
