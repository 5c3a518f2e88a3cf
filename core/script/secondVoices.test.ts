import { readMethod } from '../dish/method';
import { readLine } from '../dish/read';
import { defaultKitchen } from '../kitchen/kitchen';
import { readPage } from '../page/page';
import { planDish } from '../plan/plan';
import { readScript } from './read';
import { dishOf, pantry, told } from './testing/telling';

/** Whole methods as other cooks write them; each stands for a class that was once misread. */
const acts = (list: string, method: string): string => told(list, method).join(' ');

describe('what stands in water beside raw meat', () => {
  const LIST =
    '1.2 kg beef short ribs; 2 tsp salt; 4 dried guajillo chillies; 1 tin chopped tomatoes; 3 cloves garlic; 1 tbsp oil; 500 ml beef stock';
  const END =
    ' Heat the oil and brown the ribs, 4 minutes a side. Pour over the chilli sauce and the stock. High pressure 45 minutes, natural release.';
  it.each([
    'Salt the ribs. Put the dried chillies in a bowl, cover with boiling water and leave to soak for 15 minutes. Drain the chillies and put them in a blender with the tomatoes and garlic. Blend until smooth.',
    'Salt the ribs. Soak the chillies in boiling water for 15 minutes. Drain them and blend with the tomatoes and garlic.',
    'Salt the ribs. Pour boiling water over the chillies and leave for 15 minutes; drain and blend with the tomatoes and garlic.',
  ])('is soaked, and marinates nothing: %s', (begin) => {
    expect(acts(LIST, begin + END)).toMatch(
      /^season\(salt\) soak\/15\(\) blend\(\) brown\/\d\(.*\) add\(dried-chilli chopped-tomatoes garlic beef-stock\) close/,
    );
  });
});

describe('what is strewn between two lids', () => {
  const LIST =
    '700 g diced lamb; 2 onions; 500 ml lamb stock; 300 g basmati rice; 50 g raisins; 2 tbsp flaked almonds';
  it.each([
    'Scatter the raisins and rice over the lamb.',
    'Sprinkle over the raisins, then the rice.',
    'Top with the raisins and the rice.',
    'Put the rice and raisins on top.',
  ])('goes under the second: %s', (strewn) => {
    const method = `Brown the lamb. Add the onions and half the stock. Seal and cook at high pressure for 15 minutes; quick release. ${strewn} Pour in the rest of the stock. Reseal and cook for 5 minutes on high. Let it stand for 10 minutes, release any pressure that is left and fluff up the rice. Turn out on a platter and finish with the almonds.`;
    const said = acts(LIST, method);
    expect(said).toMatch(
      /release\(\) (?:top|add)\(.*(?:raisin|rice).*\) (?:add\(\S+\) )?close\(\) hold\/5\(\) release\/10\(\) fluff\(\) serve\(almond\)$/,
    );
    expect(said.match(/white-rice/g)).toHaveLength(1);
  });

  it('goes to the table where a lid only rests', () => {
    const method =
      'Brown the lamb. Add the onions and stock. High pressure 15 minutes; quick release. Add the raisins, put the lid on loosely and leave for 2 minutes. Scatter with the almonds.';
    expect(acts(LIST, method)).toMatch(/serve\(almond\)$/);
  });
});

it('a white sauce is one of its own, though the stock lets it down', () => {
  const list =
    '1.5 kg gammon joint; 1 onion, halved and studded with 4 cloves; 1 litre water; 40 g butter; 40 g plain flour; 300 ml milk; 1 bunch parsley';
  const method =
    'Soak the gammon in cold water overnight, then drain it. Put the joint in the cooker with the onion and pour in the water. High pressure, 40 minutes. Let the pressure fall on its own. Lift the gammon out. Strain the stock and keep 200 ml of it. Melt the butter in a saucepan, stir in the flour and cook for a minute, then gradually whisk in the milk and the reserved stock. Simmer for 5 minutes until smooth. Stir in the parsley. Carve the gammon and serve with the sauce.';
  expect(acts(list, method)).toMatch(
    /^soak\(\) add\(gammon onion water\) close.* strain\(\) sauce\/5\(butter plain-flour milk parsley\) slice/,
  );
  const plan = planDish(dishOf(list, method), defaultKitchen());
  // The onion is strained off: nobody minds that it falls apart, and the joint is not diced in the meantime.
  expect(plan.findings.map((f) => f.id)).not.toContain('soft-onion');
});

it.each([
  ['1 onion, halved and studded with 4 cloves', 'onion'],
  ['1 onion, stuck with 3 cloves', 'onion'],
  ['1 small onion spiked with 2 whole cloves', 'onion'],
])('%s is one thing', (line, food) => {
  const read = readLine(line, pantry);
  expect([read.food?.id, read.several]).toEqual([food, []]);
});

it('“the purée” is the tube of the list, and no vegetables chopped in a machine', () => {
  const list = '500 g beef mince; 1 onion; 1 carrot; 2 tbsp tomato purée; 200 ml red wine; 1 bottle passata';
  const method =
    'Whizz the onion and carrot in a food processor until finely chopped; tip into the pot and cook for 8 minutes until soft. Brown the mince. Squeeze in the purée and cook it out for 2 minutes. Add the wine and let it bubble away. Add the passata, rinse the bottle with 100 ml water and add this too. High pressure 25 minutes, quick release.';
  const said = acts(list, method);
  expect(said).toMatch(
    /^blend\(\) soften\/8\(onion carrot\) brown\(ground-beef\) bloom\/2\(tomato-paste\) deglaze\(red-wine\) add\(passata\) close/,
  );
});

it('meat that is taken from its marinade is browned, and the marinade poured in', () => {
  const list =
    '1 kg chicken thighs; 120 ml soy sauce; 120 ml cane vinegar; 1 head garlic; 1 tbsp oil; 240 ml water; steamed rice';
  const method =
    'Combine the soy sauce, vinegar and half of the garlic in a bowl. Add the chicken and marinate for 30 minutes. Heat the oil and fry the remaining garlic until golden, then scoop it out. Remove the chicken from the marinade and brown it for 4 minutes. Pour in the marinade and the water. High pressure 10 minutes. Quick release. Serve over rice.';
  expect(acts(list, method)).toMatch(/liftout\(\) brown\/4\(chicken-thigh\) add\(water\) close/);
});

it.each(['S+P to taste', 'S & P to taste', 's/p to taste'])('%s is the salt and pepper', (words) => {
  const list =
    '2 lbs ground beef; 2 tbsp chili powder; 1 cup beef broth; 1 can crushed tomatoes; salt; pepper';
  const method = `brown beef. all the spices in, 1 min. broth and tomatoes in. HP 15, QR. ${words}.`;
  expect(acts(list, method)).toMatch(/bloom\/1\(chilli-powder\) .*finish\(salt black-pepper\)$/);
});

it('meat tossed in starch is floured, and no rub', () => {
  const list = '600 g pork shoulder, cubed; 3 tbsp cornflour; 1/2 tsp five-spice; 3 tbsp oil; 400 ml stock';
  const method =
    'Mix 2 tablespoons of the cornflour with the five-spice and toss the pork in it until coated. Fry the pork in the oil until golden. Pour in the stock. High pressure 12 minutes, quick release. Mix the last tablespoon of cornflour with 2 tablespoons of water, stir in and cook until glossy.';
  expect(acts(list, method)).toMatch(/^dredge\(cornstarch .*\) brown.*thicken\(cornstarch\)$/);
});

it('what a thing is done for names no line', () => {
  const list = '250 g soaked white beans; 500 g pork belly; 1 l chicken stock; 200 g kale';
  const method =
    'Put the beans, pork and stock in the pot. High pressure 25 minutes, natural release. Take out the pork and cut the meat into small cubes. Crush a few of the beans to thicken the stock. Stir in the kale. Return the pork.';
  const { steps } = planDish(dishOf(list, method), defaultKitchen());
  expect(steps.map((s) => s.title)).toEqual(
    expect.arrayContaining([
      expect.stringMatching(/^Cut up pork belly$/),
      expect.stringMatching(/^Mash (?:soaked )?white beans$/),
    ]),
  );
});

it('a note in the words of another kitchen is cooked as it says', () => {
  const list =
    'mutton 500g curry cut; chana dal 3/4 cup; onion 2 big sliced; g+g paste 1.5 tbsp; haldi 1/2 tsp; dhania pwd 2 tsp; 1 tsp jeera; tel 4 tbsp; imli pulp 1 tbsp; namak; 500 ml pani';
  const method =
    'heat oil, jeera. when jeera splutters, onions till golden brown (12 min). g+g paste 2 min. mutton in, bhuno 8 min on high. add haldi dhania, salt, bhuno till oil leaves. water, 4 whistles. let cool down. open, add dal, 2 more whistles. let pressure go by itself. imli pulp, boil 2-3 min.';
  expect(acts(list, method)).toMatch(
    /^pop\(cumin-seed sunflower-oil\) soften\/12\(onion\) soften\/2\(ginger-garlic-paste\) brown\/8\(mutton\) .*close\(\) hold\(\) release\(\) add\(yellow-split-pea\) close/,
  );
});

describe('what is left of a thing, and what it is for', () => {
  it('spring onions are fried white and strewn green', () => {
    const list =
      '1 kg pork belly; 4 spring onions, white parts chopped, greens sliced to serve; 4 garlic cloves; 150 ml stock; steamed rice, to serve';
    const method =
      'Brown the pork. Cook the spring onion whites and garlic for 1 min. Pour in the stock. High pressure 25 mins, natural release. Serve over the rice with the spring onion greens.';
    const plan = planDish(dishOf(list, method), defaultKitchen());
    const shares = plan.script?.acts.flatMap((a) =>
      a.lines.filter((l) => l.index === 1).map((l) => [a.verb, l.share]),
    );
    expect(shares).toEqual([
      ['soften', 0.5],
      ['serve', 0.5],
    ]);
    // The greens are no dish of greens beside.
    expect(plan.steps.map((s) => s.text).join(' ')).not.toContain('greens in the pan');
  });

  it('a strip of peel is fished out as it went in', () => {
    const list = '1 kg beef chuck; 2 sprigs rosemary; strip of orange peel; 400 ml stock';
    const method =
      'Put everything in. High pressure 40 minutes, natural release. Discard the rosemary and orange peel.';
    const out = planDish(dishOf(list, method), defaultKitchen()).script?.acts.find(
      (a) => a.verb === 'liftout',
    );
    expect(out?.again).toEqual([1, 2]);
  });
});

it('a pickle is made while the pot is closed, and only it is served from its bowl', () => {
  const list =
    '1 kg pork belly; 300 ml stock; steamed rice, to serve; 1 cucumber, sliced; 1/2 tsp salt; 1 tsp sugar; 2 tbsp rice vinegar';
  const method =
    'Put the pork and stock in the pot. High pressure 25 mins. Meanwhile, toss the cucumber with the salt, sugar and vinegar and leave to pickle. Natural release 10 mins. Serve over the rice with the drained cucumber.';
  expect(acts(list, method)).toMatch(
    /mix\(cucumber salt sugar rice-vinegar\) release\/10\(\) serve\(white-rice\)$/,
  );
});

it('a glaze bubbles in its own pan in the wait, is poured over, and what stays in the pot is on no plate', () => {
  const list =
    '2 smoked ham hocks; 1.2 litres water; 330 ml cola; 3 tbsp brown sugar; 2 tbsp cider vinegar; 1 tbsp English mustard; 12 small corn tortillas; 1 avocado, sliced';
  const method =
    'Put the hocks in the pot with the water. High pressure for 50 minutes. Let the pressure drop naturally. Meanwhile, bubble the cola, sugar, vinegar and mustard in a small saucepan for about 15 minutes, until sticky. Lift out the hocks and pull the meat into shreds. Spread the meat on a tray, pour over the glaze, toss to coat and grill for 5 minutes until crisp. Warm the tortillas. Fill with the ham and avocado.';
  expect(acts(list, method)).toMatch(
    /release\(\) sauce\(cola brown-sugar cider-vinegar dijon-mustard\) liftout\(\) shred\(\) coat\(\) grill\/5/,
  );
  const serve = planDish(dishOf(list, method), defaultKitchen()).steps.find((s) => s.kind === 'serve');
  const grams = Number(/(\d+) g a plate/.exec(serve?.text ?? '')?.[1]);
  expect(grams).toBeGreaterThan(300);
  expect(grams).toBeLessThan(760);
});

it('what simmers in a sauce that goes down is no glaze, and a bound sauce that boils on for long goes down', () => {
  const prunes =
    'Brown the lamb. Pour in the stock. High pressure 40 minutes, natural release. Lift out the lamb. Skim the fat, add the prunes and simmer briskly for 10 mins until reduced and syrupy.';
  expect(acts('4 lamb shanks; 300 ml stock; 12 prunes', prunes)).toMatch(/simmer\/10\(prune\)$/);
  const bound =
    'Brown the pork. Pour in the stock. High pressure 25 minutes, natural release. Mix the cornflour with 1 tbsp water and stir in. Boil on sauté for 8–10 mins until reduced and glossy.';
  expect(acts('1 kg pork belly; 300 ml stock; 1 tsp cornflour', bound)).toMatch(
    /thicken\(cornstarch\) reduce\/9\(\)$/,
  );
});

it('pasta that is sprinkled over the chicken lies on top of it', () => {
  const method =
    'Brown the chicken. Pour in 1/2 cup of the broth and scrape. Sprinkle the orzo evenly over the chicken, then pour the remaining broth on top. Push the orzo under the liquid with a spoon but do NOT stir. High pressure 4 minutes, quick release.';
  const plan = planDish(
    dishOf('1 1/2 lb chicken thighs; 1 1/2 cups orzo; 2 1/2 cups chicken broth', method),
    defaultKitchen(),
  );
  expect(plan.steps.map((s) => s.title)).toContain('Orzo and chicken broth on top');
});

describe('meat that is put in and then browned', () => {
  it('is what was put in, and no prawns that come later', () => {
    const list =
      '1 lb andouille sausage; 1 lb boneless skinless chicken thighs, cubed; 1 tbsp oil; 1 tbsp Creole seasoning; 1 1/2 cups long grain white rice; 1 1/2 cups chicken stock; 1/2 lb raw shrimp, peeled; 2 green onions, sliced';
    const method =
      "When hot, add oil and sausage; cook till browned, 5 min. Remove sausage. Add chicken and half the Creole seasoning; brown 4 min. Remove chicken. Stir in rice and remaining Creole seasoning. Add the stock. Put the chicken and sausage back in. High pressure 6 minutes; 5 minute NPR then QR. Open, lay the shrimp on top of the hot rice, replace the lid (don't turn on) and let sit 8 minutes until the shrimp are pink. Fluff, top with green onions.";
    expect(acts(list, method)).toMatch(
      /liftout\(\) brown\/4\(chicken-thigh creole-seasoning\) liftout\(\) .*release\/5\(\) top\(prawn\) \w+\/8\(\) fluff\(\) serve\(spring-onion\)$/,
    );
  });
});

it('the name of a part of the list closes no lid, and what is fried in a pan afterwards goes on in it', () => {
  const page = `Beef fry

Ingredients
To pressure cook
500 g beef, cut into small cubes
1 tsp chilli powder
1 tsp salt
1/4 cup water

To roast
3 tbsp coconut oil
1 tsp mustard seeds
10 shallots, sliced
2 tsp crushed black pepper

Instructions
Mix the beef with everything listed under "to pressure cook" except the water and let it marinate for 30 minutes.
Transfer to the cooker, add the water and cook for 5-6 whistles on medium flame. Let the pressure release naturally.
Heat the coconut oil in a heavy pan. Splutter the mustard seeds. Add the shallots and saute until browned.
Add the cooked beef. Lower the flame, sprinkle over the pepper and roast for 10 more minutes until dark brown and dry.`;
  const [recipe] = readPage(page, pantry).recipes;
  expect(recipe?.lines.map((l) => l.section)).toEqual([
    ...Array<string>(4).fill('To pressure cook'),
    ...Array<string>(4).fill('To roast'),
  ]);
  const lines = (recipe?.lines ?? []).map(({ text, section }) => ({ read: readLine(text, pantry), section }));
  const said = (readScript(recipe?.method ?? '', lines, pantry)?.acts ?? []).map(
    (a) => `${a.verb}(${a.lines.map((l) => l.index).join(' ')})`,
  );
  expect(said.join(' ')).toMatch(
    /^marinate\(1 2\) add\(3 0\) close\(\) hold\(\) release\(\) fry\(4 5 6\) return\(\) simmer\(7\)$/,
  );
});

describe('one thing that is cut in two ways', () => {
  const LIST =
    '1 whole chicken; 2 onions, 1 quartered and 1 diced; 4 carrots, 2 in chunks and 2 sliced; 10 cups water; 2 tsp salt; 8 oz egg noodles';
  const METHOD =
    'Put the chicken, the quartered onion, the carrot chunks and the water in the pot. Cook on high for 25 minutes, then allow a full natural release, about 25 minutes. Lift out the chicken. Strain the broth, pressing on the onion and carrots, and discard them. Pull the meat from the bones. Return the broth to the pot with the salt. Add the diced onion and sliced carrots and simmer 6 minutes. Add the noodles and cook 6 minutes. Stir in the chicken.';
  it('goes in by halves, as each half is told', () => {
    const script = planDish(dishOf(LIST, METHOD), defaultKitchen()).script;
    const shares = [1, 2].map((i) =>
      script?.acts.flatMap((a) => a.lines.filter((l) => l.index === i).map((l) => `${a.verb} ${l.share}`)),
    );
    expect(shares).toEqual([
      ['add 0.5', 'simmer 0.5'],
      ['add 0.5', 'simmer 0.5'],
    ]);
  });

  it('and the broth that goes back is no meat, nor its release one that is vented', () => {
    const plan = planDish(dishOf(LIST, METHOD), defaultKitchen());
    expect(plan.release).toBe('natural');
    expect(plan.steps.map((s) => s.title)).not.toEqual(
      expect.arrayContaining([expect.stringMatching(/^Return.*salt/)]),
    );
    expect(plan.steps.map((s) => s.title)).toContain('Strain the broth');
  });
});

it.each([
  ['then allow a full natural release, about 25 minutes', 'natural', null],
  ['Full NPR (about 15 minutes)', 'natural', null],
  ['Allow the pressure to come down completely on its own, 15 to 20 minutes', 'natural', null],
  ['Natural release for about 15 minutes, then vent', 'ten', 15],
  ['Natural release (15 min)', 'ten', 15],
])('%s', (words, release, minutes) => {
  const told = readMethod(`Add the chicken and stock. Cook on high pressure for 30 minutes. ${words}.`);
  expect([told.minutes, told.release, told.releaseMin]).toEqual([30, release, minutes]);
});

it('what was shaped is called so from then on, and bread is torn by hand', () => {
  const list =
    '500g beef mince; 1 slice white bread; 100ml milk; 1 onion, grated; 1 tsp salt; 2 tbsp butter; 500ml beef stock; 150ml double cream';
  const method =
    'Tear the bread into pieces and soak in the milk for 5 minutes. Add the mince, onion and salt and mix with your hands. Roll into walnut-sized balls. Melt the butter and brown the meatballs, 4 minutes. Set aside. Pour in the stock and scrape. Lower in the meatballs. Pressure cook on high for 5 minutes. Quick release. Lift the meatballs into a warm bowl. Pour in the cream. Return the meatballs.';
  const { steps } = planDish(dishOf(list, method), defaultKitchen());
  const titles = steps.map((s) => s.title);
  expect(titles.filter((t) => /mince|bread/.test(t) && !/^(?:Mix|Check|Soak)/.test(t))).toEqual([]);
  expect(titles).toEqual(
    expect.arrayContaining(['Soak white bread', 'Brown meatballs', 'Lift out meatballs', 'Return meatballs']),
  );
});

it('“bay x2, clove x3” is two bay leaves and three cloves', () => {
  expect(readLine('bay x2, clove x3, cinnamon stick x1', pantry).several).toEqual([
    '2 bay',
    '3 clove',
    '1 cinnamon stick',
  ]);
});

it('what boils beside is mashed beside, and spread over the dish before the oven', () => {
  const list =
    '20g dried porcini; 1.2kg beef shin; 300ml beef stock; 1kg potatoes; 50g butter; 100ml warm milk; 120g cheddar, grated; 200ml boiling water';
  const method =
    'Cover the porcini with 200ml boiling water and leave for 20 minutes. Lift them out, squeezing, and chop; strain the liquor. Brown the beef. Add the stock and the porcini. High pressure, 40 minutes. Natural release. Meanwhile boil the potatoes until tender, drain and mash with the butter, milk and half the cheese. Tip the stew into an ovenproof dish. Spread the mash on top and scatter with the rest of the cheese. Bake at 200C for 20 minutes or flash under a hot grill until golden.';
  expect(acts(list, method)).toMatch(
    /^soak\/20\(\S+ ?\S*\) brown\(beef-shin\) .*release\(\) boil\(potato\) mash\(butter milk cheddar\) fill\(\) bake\/20\(cheddar\)$/,
  );
});

it('a basket is set over the meat once, by its own name', () => {
  const list = '4 chicken legs; 3 leeks; 500g new potatoes; 300ml chicken stock';
  const method =
    'Put the leeks in the pot with the stock. Sit the chicken legs on top. Put the potatoes in the steamer basket and set it over the chicken. High pressure for 12 minutes, quick release.';
  const { steps } = planDish(dishOf(list, method), defaultKitchen());
  const titles = steps.map((s) => s.title);
  expect(titles).toContain('New potatoes on the rack');
  expect(titles.filter((t) => /potatoes/.test(t))).toHaveLength(1);
});

it('meat that is fried, stirring, for a quarter of an hour takes so long, however much it is', () => {
  const list =
    '2 kg bone-in goat; 300 g thick yogurt, whisked with 1 tsp flour; 4 tsp chilli powder; 500 ml water';
  const method =
    'Fry the goat on a high flame, stirring, until it browns, about 15 minutes. Stir in the chilli powder. Add the yogurt a spoonful at a time, stirring until each is absorbed. Add the water. High pressure 27 minutes. Natural release.';
  const plan = planDish(dishOf(list, method), defaultKitchen());
  const brown = plan.steps.find((s) => /^Brown|^Turn/.test(s.title));
  expect(brown?.durationS.mid).toBeLessThan(17 * 60);
  // It fries into the base as such curries do, and the flour in it thickens no sauce.
  expect(plan.findings.find((f) => f.id === 'early-l1')?.severity).toBe('note');
  expect(plan.items.filter((i) => i.read.food?.kind === 'flour')).toEqual([]);
});

it('butter that is kneaded with flour is not what the mushrooms fry in', () => {
  const list =
    '8 chicken thighs; 250g button mushrooms; 500ml white wine; 1 tbsp plain flour; 1 tbsp soft butter; 150ml double cream';
  const method =
    'Brown the chicken. Pour in the wine. Low pressure, 12 mins. Release the pressure slowly. In the meantime, fry the mushrooms in a little butter in a frying pan until golden. Lift out the chicken. Whisk the flour-butter paste into the simmering sauce until it thickens, add the cream and mushrooms.';
  expect(acts(list, method)).toMatch(/fry\(mushroom\) .*thicken\(plain-flour butter\)/);
});

it('a part of the list that runs on in one line is as many lines as it has things', () => {
  const page = `Tinga

2 lbs chicken breast
1/2 cup chicken broth
For enchiladas: 12 corn tortillas, 1 can red enchilada sauce (15 oz), 2 cups shredded Oaxaca or Monterey Jack cheese, crema + cilantro on top

Steps
Chicken and broth in. High pressure 10 min, natural 10.`;
  const [recipe] = readPage(page, pantry).recipes;
  expect(recipe?.lines.map((l) => l.text)).toEqual([
    '2 lbs chicken breast',
    '1/2 cup chicken broth',
    '12 corn tortillas',
    '1 can red enchilada sauce (15 oz)',
    '2 cups shredded Oaxaca or Monterey Jack cheese',
    'crema + cilantro on top',
  ]);
});

it('what is seared in batches is the meat, and pasta until al dente boils by itself', () => {
  const list =
    '4 lbs bone-in short ribs; kosher salt; 2 tbsp olive oil; 1 onion; 1 cup beef stock; 1 lb pappardelle';
  const method =
    'Season the ribs well on all sides. Working in batches, sear in the oil until deeply browned, 3–4 minutes per side. Remove. Cook the onion until soft, 6 minutes. Add the stock. Nestle in the ribs. High pressure 45 minutes. Natural release. Shred the meat. Meanwhile, cook the pappardelle until al dente. Toss the pasta with the ragu.';
  expect(acts(list, method)).toMatch(
    /^season\(kosher-salt\) brown\/4\(olive-oil beef-short-rib\) liftout\(\) soften\/6\(onion\) .*boil\(spaghetti\) stirin\(\)$/,
  );
});

it('bones are bones, and what was charred goes in as it is', () => {
  const list =
    '1 kg beef marrow or knuckle bones; 500 g beef brisket; 1 onion, halved; 3 star anise; 2 litres water';
  const method =
    'Put the bones and brisket in a large pan of cold water, bring to the boil and blanch for 5 minutes. Drain. Char the onion under a hot grill until blackened, about 8 minutes. Toast the star anise in the dry pressure cooker for 2 minutes. Put the bones, brisket, charred onion and water in the cooker. High pressure 45 minutes, natural release. Lift out the brisket.';
  expect(acts(list, method)).toMatch(
    /^blanch\/5\(\) char\/8\(\) toast\/2\(star-anise\) add\(beef-bone beef-brisket onion water\) close/,
  );
  const { steps } = planDish(dishOf(list, method), defaultKitchen());
  expect(steps.map((s) => s.title)).toContain('Char onion');
});

it('wings are tossed with their salt, grilled, and tossed in the sauce that was made while they cooked', () => {
  const list =
    '2.5 lb wings; 1 c water; 1 tsp kosher salt; 1 tsp baking powder; 1/3 c honey; 1/4 c soy; 2 tsp cornstarch; sesame seeds';
  const method =
    "Water in pot, trivet in. Wings on trivet. HP 8 min, NR 5, QR. While that's going: honey and soy in a small pot, simmer 3 min, whisk in cornstarch till thick. Pat wings dry. Toss w/ salt and baking powder. Broil 5 min till brown. Toss in the sauce. Seeds on top.";
  expect(acts(list, method)).toMatch(
    /sauce\/3\(honey soy-sauce cornstarch\) dry\(\) coat\(kosher-salt baking-powder\) grill\/5\(\) coat\(\) serve\(sesame-seed\)$/,
  );
  const { steps } = planDish(dishOf(list, method), defaultKitchen());
  expect(steps.find((s) => s.kind === 'hold')?.text).toContain('make the sauce in a small pan');
});

it('meat that turns white in the hot base is sealed there for its minutes', () => {
  const list =
    '1 whole chicken, cut up; 1 thumb luya; 1 sibuyas; 4 cloves garlic; 2 tbsp patis; 6 cups water';
  const method =
    'Sauté ginger, garlic and onion in a little oil in the pressure cooker. Add chicken, season with patis and stir until it turns white, about 5 mins. Pour in the water. Cover and pressure cook for 12 minutes. Release the pressure.';
  expect(acts(list, method)).toMatch(
    /^soften\(ginger onion garlic\) brown\/5\(whole-chicken\) add\(patis water\) close/,
  );
});

it.each([
  ['8 Scheiben Speck', 'guanciale', 160],
  ['1 Stange Lauch', 'leek', 180],
  ['2 EL Butterschmalz', 'ghee', 26],
  ['1 can (28) crushed toms', 'crushed-tomatoes', 794],
  ['1 can (14.5) diced tomatoes', 'chopped-tomatoes', 411],
  ['2 branches thyme', 'thyme', 3],
  ['Tel. 01234 567890', undefined, 0],
  // A typing error is held against the words of this kitchen alone.
  ['4 tomatoe', 'tomato', 480],
  ['50 g buter', 'butter', 50],
])('%s', (line, food, grams) => {
  const read = readLine(line, pantry);
  expect([read.food?.id, Math.round(read.massG.mid / 2) * 2]).toEqual([food, Math.round(grams / 2) * 2]);
});

it('noodles that are pushed under are stuffed into nothing', () => {
  const list = '1 lb chicken breast, cubed; 4 cups chicken broth; 1 lb fettuccine';
  const method =
    'Brown the chicken. Add the broth. Layer the fettuccine on top; push down so noodles are submerged. Do not stir. High pressure for 6 minutes. QR.';
  expect(acts(list, method)).not.toContain('stuff');
});

it('rice that goes in once the pot is open does not hold the pressure back', () => {
  const list = '1.5 kg oxtail; 1.9 l water; 2 onions; 1/2 cup toasted ground rice; 1/2 cup peanut butter';
  const method =
    'Pressure cook the oxtail with the water and the onions for 45 minutes. Let the pressure out. Stir in the peanut butter, then the ground rice. Simmer 10 minutes.';
  expect(planDish(dishOf(list, method), defaultKitchen()).release).toBe('quick');
});
