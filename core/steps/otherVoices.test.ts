import { defaultKitchen } from '../kitchen/kitchen';
import { planDish } from '../plan/plan';
import { linesApart, readRecipe } from '../page/index';
import { Pantry } from '../pantry/pantry';
import { emptyDish } from '../dish/dish';
import { dishOf } from '../script/testing/telling';

const stepsOf = (list: string, method: string) => planDish(dishOf(list, method), defaultKitchen()).steps;

describe('a line at its step', () => {
  const nameAt = (line: string) => {
    const item = stepsOf(`${line}; 1 kg beef chuck; 400 ml stock`, '')
      .flatMap((s) => s.items)
      .find((i) => i.lineId === 'l0');
    return [item?.amount, item?.name, item?.note];
  };
  it.each([
    ['Ginger - 1" piece, julienned', ['1 inch', 'Ginger', 'julienned']],
    ['1" piece ginger, grated', ['1 inch', 'ginger', 'grated']],
    ['4 bone-in, skin-on chicken thighs (about 1.5 lbs)', ['4', 'bone-in, skin-on chicken thighs', '']],
    ['1 whole chicken cut up (about 2.5 lbs)', ['1 whole', 'chicken', '']],
    ['1 orange (juiced, save the rinds)', ['1', 'orange', 'juice, save the rinds']],
    ['2 limes, juiced', ['2', 'limes', 'juiced']],
    ['1,2 kg de paleron de boeuf', ['1.2 kg', 'paleron de boeuf', '']],
    ["1,5 l d'eau, chaude", ['1.5 l', 'eau', 'chaude']],
  ])('%s', (line, wanted) => {
    expect(nameAt(line)).toEqual(wanted);
  });
});

describe('a list in one line', () => {
  const pantry = new Pantry();
  it.each([
    ['dry rub (2 tbsp brown sugar, 1 tbsp paprika, 1 tsp salt)', 'dry rub', 3],
    ['Whole spices - 4 cloves, 3 cardamom, 1" cinnamon, 1 tsp crushed peppercorns', 'Whole spices', 4],
    ['bouquet garni (2 bay leaves, 4 sprigs thyme, a few parsley stalks)', 'bouquet garni', 3],
  ])('%s', (line, section, count) => {
    const { lines } = readRecipe(
      `Stew\n\n1 kg beef, cubed\n${line}\n400 ml stock\n\nMethod\nBrown the beef.`,
      pantry,
    );
    const mine = linesApart(lines, pantry).filter((l) => l.section === section);
    expect(mine).toHaveLength(count);
  });

  it('a stalk of a herb weighs a gram, and a pickling onion no more than a mouthful', () => {
    const plan = planDish(
      {
        ...emptyDish('d', 'x', 0),
        lines: ['4 parsley stalks', '12 pickling onions', '1 scotch bonnet pepper'].map((text, i) => ({
          id: `l${i}`,
          text,
        })),
      },
      defaultKitchen(),
    );
    expect(plan.items.map((i) => Math.round(i.massG.mid))).toEqual([4, 168, 10]);
  });
});

describe('amounts in full', () => {
  it.each([
    ['carrot, one', 70],
    ['onions - two large', 460],
    ['peppercorns, ten', 3],
  ])('%s', (line, grams) => {
    const { items } = planDish(
      { ...emptyDish('d', 'x', 0), lines: [{ id: 'l', text: line }] },
      defaultKitchen(),
    );
    expect(Math.round(items[0]?.massG.mid ?? 0)).toBe(grams);
  });
});

describe('what goes on at once', () => {
  const LIST = '1.2 kg beef short ribs; 2 tbsp oil; 250 ml red wine; 400 ml beef stock; 500 g pappardelle';
  const LID =
    'Brown the ribs in the oil. Add the wine and stock. High pressure 45 minutes, natural release. Lift out the ribs and shred. Simmer the sauce, uncovered, for 15 minutes. ';
  it('is one stretch of the clock: the pasta boils while the sauce goes down', () => {
    const totalOf = (method: string) => planDish(dishOf(LIST, method), defaultKitchen()).timing.totalS.mid;
    const boil = 'cook the pasta in a large saucepan of salted boiling water, drain. Toss with the sauce.';
    const beside = totalOf(`${LID}Meanwhile, ${boil}`);
    const after = totalOf(`${LID}Then ${boil}`);
    expect(after - beside).toBeCloseTo(600, -1);
    const step = stepsOf(LIST, `${LID}Meanwhile, ${boil}`).find((s) => s.text.includes('Meanwhile:'));
    expect(step?.items.map((i) => i.name)).toEqual(['pappardelle']);
  });
});

it('meat rests while its sauce is made, and the clock counts only what is left of that', () => {
  const list = '2 kg lamb shoulder; 2 tbsp oil; 500 ml stock';
  const lid =
    'Brown the lamb in the oil. Add the stock. High pressure 60 minutes, natural release 20 minutes. ';
  const rest = 'Transfer the lamb to a dish and rest 15 minutes. ';
  const of = (method: string) => planDish(dishOf(list, method), defaultKitchen());
  const beside = of(`${lid}${rest}Meanwhile, boil the juices down for 11 minutes. Shred the lamb.`);
  const after = of(`${lid}${rest}Boil the juices down for 11 minutes. Shred the lamb.`);
  expect(after.timing.totalS.mid - beside.timing.totalS.mid).toBeCloseTo(11 * 60, -2);
  const at = (title: RegExp): number => beside.steps.findIndex((s) => title.test(s.title));
  expect(at(/^Boil down/)).toBeLessThan(at(/^Let it rest/));
  expect(beside.steps[at(/^Let it rest/)]?.text).toBe('15 min in all, since it came out.');
});

it('"each ground cumin and coriander" is ground coriander too', () => {
  const pantry = new Pantry();
  const lines = linesApart([{ text: '1 tbsp each ground cumin and coriander' }], pantry);
  expect(lines.map((l) => l.text)).toEqual(['1 tbsp ground cumin', '1 tbsp ground coriander']);
});

it('a diet is no name of a dish', () => {
  const page =
    'Risotto with Chicken and Peas\n\nGluten free • 35 minutes • Serves 4\n\n300 g risotto rice\n800 ml chicken stock\n\nMethod\nAdd the stock to the rice.';
  expect(readRecipe(page, new Pantry()).title).toBe('Risotto with Chicken and Peas');
});

it('bacon after the beef is fried in a hot pot, and no cold one', () => {
  const method =
    'Brown the beef in the oil and lift out. Fry the lardons until crisp. Add the stock and the beef. High pressure 35 minutes, natural release.';
  const step = stepsOf('1 kg beef chuck; 2 tbsp oil; 200 g bacon lardons; 400 ml stock', method).find((s) =>
    s.title.includes('lardons'),
  );
  expect([step?.title, step?.text]).toEqual(['Fry bacon lardons', '']);
});

it('bay and rosemary come out with the bones', () => {
  const method =
    'Brown the ribs. Add the stock, bay and rosemary. High pressure 45 minutes, natural release. Lift out the ribs. Discard rosemary, bay and bones, and shred the meat.';
  const step = stepsOf('1.2 kg beef short ribs; 500 ml stock; 2 bay leaves; 2 sprigs rosemary', method).find(
    (s) => s.title === 'Take the bones out',
  );
  expect(step?.text).toContain('rosemary');
});

it('sausage out of its skins is called what the cook calls it', () => {
  const method = 'Brown the sausage. Add the stock. High pressure 5 minutes, quick release.';
  const titles = stepsOf('1 lb Italian sausage, casings removed; 500 ml stock', method).map((s) => s.title);
  expect(titles.join(' · ')).not.toMatch(/ground pork/i);
});

it('what stands in the marinade is got ready first', () => {
  const method =
    'Mix the yoghurt, lemon juice and salt, add the chicken and chill for 30 minutes. Fry the onion in the butter for 6 minutes. Add the chicken and stock. High pressure 8 minutes, quick release.';
  const prep = stepsOf(
    '1 kg chicken thighs; 120 g yoghurt; 4 tbsp lemon juice; 1 tsp salt; 1 onion; 30 g butter; 300 ml stock',
    method,
  ).find((s) => s.id === 'prep');
  expect(prep?.text).not.toMatch(/There is time to get [^.]*lemon/);
});

describe('pieces of a bird', () => {
  const minutesOf = (line: string): number =>
    planDish(
      dishOf(
        `${line}; 1 tbsp oil; 400 ml stock`,
        'Brown it in the oil. Add the stock, close the lid and cook at high pressure until tender.',
      ),
      defaultKitchen(),
    ).heat.suggestedMin;
  it.each([
    'halved',
    'quartered',
    'cut into strips',
    'cut in bite-size pieces',
    'cut into 1½" pieces',
    'cut into 4 cm chunks',
  ])('take no longer than the whole thigh: %s', (cut) => {
    expect(minutesOf(`1 kg boneless chicken thighs, ${cut}`)).toBeLessThanOrEqual(
      minutesOf('1 kg boneless chicken thighs') + 1,
    );
  });
});
