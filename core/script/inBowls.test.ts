import { defaultKitchen } from '../kitchen/kitchen';
import { planDish } from '../plan/plan';
import { dishOf, told } from './testing/telling';

const acts = (list: string, method: string): string => told(list, method).join(' ');
const LID = ' Close. 30 minutes at high pressure, natural release.';

describe('what is boiled in a pan of its own', () => {
  it('eggs are boiled and peeled beside, in no coconut water of the list, and come in where they are named again', () => {
    const list = '1 kg pork belly; 60 ml fish sauce; 500 ml coconut water; 6 eggs';
    const method = `Boil the eggs for 7 minutes, cool them in iced water and peel. Add the pork, fish sauce and coconut water.${LID} Add the peeled eggs and simmer 10 minutes.`;
    expect(acts(list, method)).toMatch(
      /^blanch\/7\(\) add\(\S+ fish-sauce coconut-water\) .*simmer\/10\(egg\)$/,
    );
    const plan = planDish(dishOf(list, method), defaultKitchen());
    expect(plan.steps.map((s) => s.title)).toContain('Boil eggs beside');
  });

  it.each(['Hard-boil the eggs, peel and halve.', 'Soft-boil the eggs for 6 minutes.'])(
    'never puts them under the lid: %s',
    (said) => {
      expect(
        acts('1 kg beef; 200 ml stock; 4 eggs', `${said} Put beef and stock in.${LID} Top with the eggs.`),
      ).toMatch(/^blanch\S*\(\) add\(beef-chuck \S+\) close\(\) .*serve\(egg\)$/);
    },
  );

  it('a biryani: rice is boiled in the wait, laid over, and the second lid only rests', () => {
    const list =
      '1 kg lamb shoulder, cubed; 400 g basmati rice; 200 g yoghurt; 2 onions, sliced; 3 tbsp ghee; pinch of saffron; 50 ml milk, warm; mint';
    const method =
      'Fry the onions in the ghee until dark; take out half. Add the lamb and yoghurt. Lid on, 15 minutes at high pressure, natural release. Meanwhile soak the saffron in the milk and parboil the rice in salted water for 5 minutes and drain. Spread the rice over the lamb, scatter the fried onions and mint and pour over the saffron milk. Lid on, low heat, 10 minutes without pressure.';
    expect(acts(list, method)).toBe(
      'soften(onion ghee) liftout() add(lamb-shoulder yoghurt) close() hold/15() release() soak() boil/5(white-rice) top() serve(onion mint) top(saffron milk) steamlid/10()',
    );
    const plan = planDish(dishOf(list, method), defaultKitchen());
    const titles = plan.steps.map((s) => s.title);
    expect(titles.filter((t) => /^Close/.test(t))).toHaveLength(1);
    expect(titles).not.toContain('Stir in the milk');
    expect(plan.steps.find((s) => s.kind === 'hold')?.text).toMatch(/Meanwhile: soak .* Boil basmati rice/);
    // Half of two onions is one onion, and dark ones take their time.
    const fried = plan.steps.find((s) => s.title.startsWith('Soften'));
    expect(fried?.items[0]).toMatchObject({ amount: '1', name: 'onion' });
    expect(fried?.look).toBe('Dark.');
    expect(fried?.timer?.seconds).toBe(15 * 60);
  });
});

describe('what is mixed in a bowl', () => {
  it('flour with what makes it rise is a batter for the top, and binds nothing', () => {
    const list =
      '700 g turkey mince; 200 ml water; 2 tbsp chilli powder; 150 g cornmeal; 75 g plain flour; 2 tsp baking powder; 1 egg; 150 ml milk; 80 g cheddar';
    const method =
      'Brown the turkey with the chilli powder. Add water. Lock lid. High, 8 minutes, natural 5. While the chilli cooks, whisk the cornmeal, flour and baking powder; beat in egg and milk. Spoon the chilli into a baking dish, dollop over the batter and scatter with the cheddar. Bake for 20 minutes.';
    expect(acts(list, method)).toMatch(
      /release\/5\(\) mix\(masa-harina plain-flour baking-powder egg milk\) top\(\) bake\/20\(cheddar\)$/,
    );
    expect(planDish(dishOf(list, method), defaultKitchen()).sauce.already.map((a) => a.name)).toEqual([]);
  });

  it('stuffed peppers: what was kneaded is in them, half of the paste is in the stock, and the rice is no mush', () => {
    const list =
      '500 g lamb mince; 150 g rice, washed; 1 onion, grated; 2 tbsp tomato paste; 6 peppers; 500 ml lamb stock; 300 g yoghurt; 1 clove garlic';
    const method =
      'Knead the mince with the rice, onion and half of the tomato paste. Cut the tops off the peppers, take out the seeds and stuff loosely with the mixture. Stir the rest of the tomato paste into the stock. Stand the peppers upright in the cooker and pour the stock around. 12 minutes at high pressure, natural release. Beat the yoghurt with the garlic. Serve the peppers with the garlic yoghurt.';
    expect(acts(list, method)).toMatch(
      /^mix\(ground-lamb white-rice onion tomato-paste\) stuff\(\) mix\(\) add\(red-pepper \S+ tomato-paste\) close.* mix\(\) serve\(yoghurt garlic\)$/,
    );
    const plan = planDish(dishOf(list, method), defaultKitchen());
    expect(plan.steps.map((s) => s.title)).toContain('Stuff peppers');
    expect(plan.findings.map((f) => f.id)).not.toContain('soft-rice');
    expect(plan.items.filter((i) => i.read.food?.id === 'tomato-paste').map((i) => i.share)).toEqual([
      0.5, 0.5,
    ]);
  });

  it('yoghurt that is beaten with a clove for the table stays out of the pot; what is poured next does not', () => {
    const list = '1 kg lamb; 300 ml stock; 300 g yoghurt; 1 clove garlic';
    const pot = `Put lamb and stock in.${LID} `;
    expect(acts(list, `${pot}Beat the yoghurt with the garlic. Serve with it.`)).toMatch(
      /mix\(yoghurt garlic\)/,
    );
    expect(acts(list, `${pot}Beat the yoghurt with the garlic. Stir it into the pot.`)).toMatch(
      /dairy\(yoghurt garlic\)/,
    );
  });
});

describe('words that only sound like a lid, a lifting or a boiling down', () => {
  it('wine that steams off lets no pressure out', () => {
    expect(
      acts(
        '1 kg chicken; 30 g butter; 3 onions; 100 ml white wine; 300 ml stock',
        `Fry the chicken, 8 minutes. Add the wine and let it steam off. Add the butter and onions and go on frying till the onions are soft. Add the stock.${LID}`,
      ),
    ).toMatch(/^brown\/8\(\S+\) deglaze\(white-wine\) soften\(butter onion\) add\(\S+\) close\(\)/);
  });

  it('sugar in a dry pot is a caramel; oil that splits out lifts nothing; lumps are stirred out and nothing boils', () => {
    expect(
      acts(
        '1 kg pork; 3 tbsp sugar; 300 ml stock',
        `Put the sugar in the dry pot and let it melt, swirling, until it is the colour of tea. Add pork and stock.${LID}`,
      ),
    ).toMatch(/^caramel\(sugar\) add/);
    expect(
      acts(
        '1 kg beef; 400 ml coconut milk; 3 tbsp curry paste; 200 ml stock',
        `Heat the coconut milk on sauté until the oil splits out. Fry the paste in it. Add beef and stock.${LID}`,
      ),
    ).toMatch(/^reduce\(coconut-milk\) bloom\(curry-paste\) add/);
    expect(
      acts('1 kg ground beef; 1 l water', `Crumble the beef into the water until there are no lumps.${LID}`),
    ).toMatch(/^add\(ground-beef water\) close/);
  });

  it('meat that is cooked already goes in when the pot is open', () => {
    expect(
      acts(
        '500 g chicken thighs; 400 g leftover pulled pork; 500 ml stock; 300 g corn',
        'Put chicken and stock in. 10 minutes at high pressure, quick release. Pull the chicken apart. Add the pork and corn and bubble for 10 minutes.',
      ),
    ).toMatch(/^add\(chicken-thigh \S+\) close.*simmer\/10\(pork-shoulder sweetcorn\)$/);
  });

  it('“one of the onions” of two is half of them, and the other is for the table', () => {
    expect(
      acts(
        '1 kg ground beef; 500 ml water; 2 onions, chopped; 300 g cheddar',
        `Add beef, water and one of the onions.${LID} Ladle into bowls, top with raw onion and cheese.`,
      ),
    ).toMatch(/^add\(ground-beef water onion\) .*serve\(onion cheddar\)$/);
  });
});

describe('a caramel that the recipe makes', () => {
  const plan = planDish(
    dishOf(
      '1 kg pork belly; 3 tbsp sugar; 60 ml fish sauce; 500 ml coconut water; 2 shallots',
      `Melt the sugar in the dry pot until it is the colour of tea. Add the pork and turn it in the caramel for 3 minutes. Add the shallots. Pour in the fish sauce and coconut water.${LID}`,
    ),
    defaultKitchen(),
  );

  it('is the way of the dish: nobody is told to hold its sugar back', () => {
    expect(plan.findings.flatMap((f) => f.fixes.map((x) => x.label)).join()).not.toMatch(/hold|sugar/i);
    expect(plan.items.find((i) => i.read.food?.id === 'sugar')?.early).toBeNull();
  });

  it('has a caution of its own, and the pork is turned in it', () => {
    const step = plan.steps.find((s) => s.title.startsWith('Melt sugar'));
    expect(step?.cautions.join()).toMatch(/hotter than boiling water/);
    expect(plan.steps.map((s) => s.title)).toContain('Turn pork belly in it');
  });
});
