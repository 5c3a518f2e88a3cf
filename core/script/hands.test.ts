import { defaultKitchen } from '../kitchen/kitchen';
import { planDish } from '../plan/plan';
import { dishOf, told } from './testing/telling';

/** What hands do between the list and the table, as cooks write it down: each a class that was once read otherwise. */
const acts = (list: string, method: string): string => told(list, method).join(' ');

describe('coconut milk and pastes', () => {
  const LIST = '1 kg beef; 2 tbsp vegetable oil; 3 tbsp curry paste; 400 ml coconut milk; 200 ml beef stock';

  it('fries the paste until it smells, and boils the milk down until it splits', () => {
    const method =
      'Brown the beef in oil. Stir in paste until it smells. Add 1/2 the coconut milk & cook until oil splits out. Add stock. HP 30m; NPR. Add the rest of the coconut milk. Cook lid off 15m til tender.';
    expect(acts(LIST, method)).toBe(
      'brown(beef-chuck sunflower-oil) bloom(curry-paste) reduce(coconut-milk) add(beef-stock) close/30() hold/30() release() simmer/15(coconut-milk)',
    );
  });

  it.each([
    'Pour in half the coconut milk and simmer till the oil separates.',
    'Cook half the coconut milk until it splits.',
  ])('boils it down, and softens nothing: %s', (said) => {
    expect(acts(LIST, `Fry the paste in oil. ${said} Add beef and stock. HP 30, NPR.`)).toMatch(
      /^\S+\(\S+ curry-paste\) reduce\(coconut-milk\) add/,
    );
  });
});

describe('what is stirred together beside the pot', () => {
  const LIST =
    '1 kg chicken thighs; 1 tbsp cornflour; 2 tbsp soy sauce; 1 tbsp sugar; 100 ml chicken stock; 2 tbsp hoisin; 2 tbsp oil; 3 cloves garlic';

  it('waits in its bowl while the meat stands, and comes in as the sauce', () => {
    const method =
      'Toss the chicken with the cornflour and half the soy. Stand 15 min. Stir together the remaining soy, stock, hoisin and sugar. Oil in, high sauté. Add chicken, spread out and leave to brown 3 min. Garlic 20 sec, sauce in, scrape the bottom well. Lid; 2 min HP; QR.';
    expect(acts(LIST, method)).toMatch(
      /^dredge\/15\(cornstarch soy-sauce\) mix\(\) brown\/3\(sunflower-oil chicken-thigh\) .*deglaze\(soy-sauce sugar chicken-stock hoisin\)/,
    );
  });

  it('is a salsa where the method calls it so', () => {
    const method =
      'Roast the tomatillos and onion under a hot grill for 8 minutes. Tip into a blender with the coriander and whizz to a rough salsa. Brown the pork. Pour in the salsa and stock. Close, 20 min at high.';
    expect(
      acts('1 kg pork; 500 g tomatillos; 1 onion; 1 bunch coriander; 250 ml chicken stock', method),
    ).toMatch(/^char\/8\(\) blend\(\) brown\(\S+\) add\(tomatillo onion coriander chicken-stock\)/);
  });
});

describe('the oven and the table', () => {
  it('bakes in an oven that is told by its heat, and coats with what is brushed on', () => {
    const method =
      'Chicken and stock in the pot. HP 25, NPR 15. Put the bird on a tray, brush with melted butter, and brown in a 220 C oven for 10 minutes. Rest 5 minutes. Basil and more parmesan.';
    expect(acts('1 whole chicken; 250 ml stock; 30 g butter; basil; parmesan', method)).toMatch(
      /liftout\(\) coat\(butter\) bake\/10\(\) rest\/5\(\) serve\(basil hard-cheese\)$/,
    );
  });

  it('lays pastry over a pie, brushes and slits it, and serves no pastry beside', () => {
    const method =
      'Add turkey and stock. Pressure-cook for 12 min; release the pressure. Spoon into a pie dish & leave to cool. Cut pastry to fit, lay it over, brush with egg, cut a slit. Bake 25 minutes.';
    expect(acts('1 kg turkey thigh; 300 ml stock; 500 g puff pastry; 1 egg, beaten', method)).toMatch(
      /fill\(\) cool\(\) fill\(puff-pastry egg\) bake\/25\(\)$/,
    );
  });

  it('has celery and a dip beside the wings', () => {
    const method =
      'Water and wings in the pot. HP 8, QR. Toss in the sauce. Grill 5 min a side. Celery and dip.';
    expect(
      acts('1 kg chicken wings; 250 ml water; 100 ml hot sauce; celery sticks; blue cheese dip', method),
    ).toMatch(/serve\(celery blue-cheese\)$/);
  });
});

describe('what only sounds like something to do', () => {
  it('fills a tin with water, and stuffs nothing', () => {
    const method =
      'Add the pork, rice and tomatoes, then fill the empty tin with water & add that too. Scrape the bottom. High 6 min, QR.';
    expect(acts('500 g pork; 200 g rice; 1 tin chopped tomatoes; water', method)).not.toContain('stuff');
  });

  it('scrapes the marinade off on the board, and burns the spice in hot oil', () => {
    const method =
      'Season the goat with half the curry powder and the onion; leave overnight. Scrape off and keep the seasoning. Burn the remaining curry powder in hot oil for a minute. Brown the goat in it. Add water. Pressure for 35 minutes.';
    expect(acts('1 kg goat; 2 tbsp curry powder; 1 onion; 2 tbsp oil; 500 ml water', method)).toMatch(
      /^marinate\(curry-powder onion\) bloom\/1\(curry-powder sunflower-oil\) brown\(goat\)/,
    );
  });

  it('drains the mince, and keeps black pepper among peppers', () => {
    const method = 'Brown the mince. Drain. Add stock. HP 8, QR. Peppers, onion, black pepper: simmer 3 min.';
    const all = acts('1 kg beef mince; 200 ml stock; 2 green peppers; 1 onion; 2 tsp black pepper', method);
    expect(all).toMatch(/^brown\(ground-beef\) pouroff\(\)/);
    expect(all).toMatch(/simmer\/3\(green-pepper onion black-pepper\)$/);
  });

  it('rests a lid without heat on the prawns', () => {
    const method =
      'Add the pork, rice and stock. High 6 min, QR. Stir in the prawns, lid on (no heat) 5 minutes.';
    expect(acts('500 g pork; 200 g rice; 400 ml stock; 200 g prawns', method)).toMatch(
      /release\(\) stirin\(prawn\) steamlid\/5\(\)$/,
    );
  });

  it('puts the anchovy inside with the garlic', () => {
    const method =
      'Make small cuts all over the lamb and push in slivers of garlic and anchovy. Sear all over in the hot cooker. Add stock. HP 60, NPR.';
    expect(acts('1.5 kg lamb shoulder; 4 garlic cloves; 2 anchovies; 250 ml stock', method)).toMatch(
      /stuff\(garlic anchovy\) brown\S*\(lamb-shoulder\)/,
    );
  });

  it('heats the oil until it loses its colour, and cooks the roux to the colour of chocolate', () => {
    const palm =
      'Heat palm oil until it loses its red colour. Fry the onion. Add chicken and stock. HP 15, QR.';
    expect(acts('1 kg chicken; 1 onion; 3 tbsp palm oil; 400 ml chicken stock', palm)).toMatch(
      /^soften\(\S+ onion\) add\(whole-chicken chicken-stock\)|^soften\(onion \S+\)/,
    );
    const roux =
      'Make the roux: heat the oil, whisk in flour and cook stirring constantly 10-15 min until the colour of chocolate. Add the trinity and stir 4 min. Whisk in the stock. Add chicken. HP 10. NPR 10.';
    expect(
      acts(
        '600 g chicken thighs; 1 onion; 1 bell pepper; 3 celery ribs; 4 tbsp flour; 4 tbsp oil; 900 ml chicken stock',
        roux,
      ),
    ).toMatch(
      /^bloom\/13\(plain-flour sunflower-oil\)|^bloom\/13\(sunflower-oil plain-flour\) soften\S*\(onion red-pepper celery\)/,
    );
  });

  it('goes on behind a word of warning in brackets', () => {
    const method =
      "Melt butter on saute, brown beef 3-4 min. (don't crowd!) Pour in wine; cook 2 min scraping. Add broth. HP 35, NPR 15.";
    expect(acts('2 lb beef stew meat; 2 tbsp butter; 1 cup red wine; 3 cups beef broth', method)).toMatch(
      /^brown\S*\(\S+ \S+\) deglaze\/2\(red-wine\)/,
    );
  });

  it('knows a name that is cut short behind its verb', () => {
    const method = 'Sear chops. Deglaze w/ broth. Add worc + thyme. HP 8, NPR 10.';
    expect(acts('4 pork chops; 1 cup chicken broth; 1 tbsp worcestershire; 1 tsp thyme', method)).toContain(
      'add(worcestershire-sauce thyme)',
    );
  });

  it.each([
    'Close and count 25 minutes from when the valve whispers. Let the pressure out gently.',
    'Close. As soon as steam escapes, lower the heat and time 25 minutes. Let the pressure out.',
    'Close; count 25 minutes from the moment it hisses. Open when the pressure is gone.',
  ])('counts the minutes of the lid: %s', (said) => {
    expect(acts('1 kg veal; 600 ml water', `Veal and water in. ${said}`)).toContain('hold/25()');
  });

  it.each([
    'Add a splash of the stock and rub the base with a wooden spoon until clean.',
    'Pour in a little of the stock and scrub the bottom of the pot clean.',
    'Add half a cup of stock and work the browned bits loose.',
  ])('cleans the floor however it is said: %s', (said) => {
    const method = `Brown the mince. ${said} Add the macaroni and the rest of the stock. 5 minutes high pressure. QR.`;
    expect(acts('500 g beef mince; 500 ml beef stock; 300 g macaroni', method)).toMatch(
      /^brown\(ground-beef\) deglaze\(beef-stock\)/,
    );
  });

  it('has the minutes of hand notes that leave their unit away', () => {
    const list = '1 kg chicken thighs; 1 onion; 250 ml chicken stock';
    const high =
      'Brown the chicken. Pour over stock, making sure to lift everything off the bottom. High 9, natural 5.';
    expect(acts(list, high)).toMatch(/deglaze\(chicken-stock\) close\/9\(\) hold\/9\(\) release/);
    const drop = 'Brown the chicken. Stock. 30 minutes on high, let it drop for 10.';
    expect(acts(list, drop)).toMatch(/hold\/30\(\) release/);
  });

  it('spares what a group is told without, and serves what is only named at the end', () => {
    const list =
      '800 g lamb; 2 onions; 2 tsp cumin; 1 tsp turmeric; 200 ml stock; 1 tsp garam masala; tortillas; salsa; coriander';
    const method =
      'Soften the onions, then all the spices bar the garam masala for 30 seconds. Stock and lamb in. 15 mins at pressure, NPR. Stir in the garam masala. Tortillas, salsa, coriander.';
    expect(acts(list, method)).toMatch(
      /bloom\/0.5\(ground-cumin turmeric\).*stirin\(garam-masala\) serve\(\S+ salsa coriander\)$/,
    );
  });

  it('leaves meat in its wine the night before, without the mash', () => {
    const method =
      'The night before, put the cheeks in the wine with the vegetables. Next day lift out the cheeks and pat dry. Brown the cheeks in the butter. Pour in the wine. Stock. Pressure 50 min; natural release. Mash.';
    expect(
      acts(
        '1.5 kg ox cheek; 75 cl red wine; 1 carrot; 1 onion; 50 g butter; 500 ml veal stock; mash',
        method,
      ),
    ).toMatch(/^marinate\(red-wine carrot onion\)/);
  });

  it('knows shiitake by “mushrooms”, pours stock with its sauce, and serves rice without an amount', () => {
    const method =
      'Sear the beef in two lots, 1 minute each, out. Mushrooms and garlic 2 min. Stock and oyster sauce, scrape. Beef in. Lid, HP 4 min, QR. Cornflour slurry in, bubble. Rice.';
    expect(
      acts(
        '600 g beef rump, strips; 250 g shiitake; 3 garlic cloves; 200 ml beef stock; 3 tbsp oyster sauce; 1 tbsp cornflour; rice',
        method,
      ),
    ).toMatch(
      /soften\/2\(shiitake garlic\) deglaze\(beef-stock oyster-sauce\).*thicken\(cornstarch\) serve\(white-rice\)$/,
    );
  });

  it('turns the rice in the fat, and boils away the wine and no rice', () => {
    const method =
      'Brown the chicken, 4 minutes. Take it out. Cook the onion for 4 minutes. Add the garlic, 30 seconds, then the rice and stir until the edges turn clear, 1 minute. Pour in the wine and let it bubble away. Add the stock. Return the chicken. HP 6, QR.';
    const list =
      '500 g chicken thighs; 1 onion; 2 cloves garlic; 300 g arborio rice; 100 ml dry white wine; 900 ml stock';
    expect(acts(list, method)).toMatch(/soften\/0.5\(garlic arborio-rice\) deglaze\(white-wine\)/);
    const wine = planDish(dishOf(list, method), defaultKitchen()).steps.find((s) => /wine/.test(s.title));
    expect(wine?.durationS.mid).toBeLessThan(6 * 60);
  });
});
