import { pressureRuns } from '../dish/pressure';
import { readLine } from '../dish/read';
import { readRecipe } from '../page/recipe';
import { defaultKitchen } from '../kitchen/kitchen';
import { planDish } from '../plan/plan';
import { dishOf, pantry, told } from './testing/telling';

/** Recipes told word for word out of other languages, notes without full stops, and what a chef leaves away. */
const verbs = (list: string, method: string): string =>
  told(list, method)
    .map((a) => a.replace(/\(.*/, ''))
    .join(' ');

describe('a stew out of the Spanish', () => {
  const LIST = '1.5 kg oxtail; 2 onions; 750 ml red wine; 250 ml beef broth; 1 spoonful of flour; olive oil';
  const METHOD =
    'Salt the oxtail and pass it through flour. We brown the pieces in the express pot and reserve them. We poach the onions for 10 minutes. We put the meat back and cover with the wine. Let the alcohol evaporate for 5 minutes over high heat. Add the broth, close the pot and cook for 45 minutes from when the steam starts to come out. Let the pressure go down. Take out the oxtail and pass the sauce through the blender and a strainer.';

  it('has the minutes of its lid, and not those of the wine', () => {
    expect(pressureRuns(METHOD)).toMatchObject([{ minutes: 45, release: 'natural' }]);
  });

  it('flours, blends and strains', () => {
    expect(verbs(LIST, METHOD)).toMatch(/^dredge .*liftout blendafter strain$/);
  });
});

describe('a whistle, and then a low flame', () => {
  it('is one lid, whatever is switched off before it is let go', () => {
    expect(
      verbs(
        '500 g mutton; 2 potatoes; 350 ml water; 1 tsp garam masala',
        'Add mutton, potatoes and water. Close the lid, keep on high flame for 1 whistle, then simmer for 20 minutes. Switch off and let the pressure release on its own. Open, sprinkle garam masala and boil for 2 mins if gravy is thin.',
      ),
    ).toBe('add close hold release stirin');
  });
});

describe('what goes on while the pot lets go', () => {
  const LIST = '12 pork cheeks; 400 ml chicken stock; 300 g mushrooms; 30 g butter';
  it('is done beside the closed pot', () => {
    const acts = told(
      LIST,
      'Add the stock and the cheeks. Lid on, full pressure, 35 minutes. Natural release. Meanwhile, fry the mushrooms in the butter for 8 minutes. Lift out the cheeks. Stir in the mushrooms.',
    );
    expect(acts).toContain('fry/8(mushroom butter)');
    expect(acts.at(-1)).toBe('stirin()');
  });
});

it('stirs no milk into the sauce that parsnips were simmered in beside it', () => {
  const { items, steps } = planDish(
    dishOf(
      '12 pork cheeks; 400 ml chicken stock; 500 g parsnips; 200 ml milk',
      'Add the stock and the cheeks. Lid on, full pressure, 35 minutes. Natural release. Meanwhile, simmer the parsnips in the milk until very soft, 20 minutes; blend until smooth. Lift out the cheeks. Serve.',
    ),
    defaultKitchen(),
  );
  expect(items.find((i) => i.lineId === 'l3')?.moment).toBe('finish');
  expect(steps.filter((s) => s.phase === 'dairy')).toEqual([]);
});

it('names what drinks, and not the stock beside it', () => {
  const { steps } = planDish(
    dishOf(
      '1 rabbit, jointed; 500 ml chicken stock; 20 prunes',
      'Add the rabbit, stock and prunes. High pressure 20 minutes, quick release.',
    ),
    defaultKitchen(),
  );
  expect(steps.map((s) => s.text).join(' ')).toMatch(/of the liquid goes into the prunes by the end/);
});

describe('a sauce that will thicken', () => {
  it('stands so long, and is not thickened with anything', () => {
    expect(
      verbs(
        '12 oz rigatoni; 600 ml water; 120 ml cream',
        'Add the water and rigatoni. Pressure cook on high 5 minutes, quick release. Add the cream. It will look soupy but thickens in 5 minutes.',
      ),
    ).toMatch(/release dairy rest\/5$/);
  });

  it('has no sauce in what a purée is called', () => {
    expect(
      verbs(
        '12 pork cheeks; 400 ml chicken stock; potatoes',
        'Add the stock and the cheeks. High pressure, 35 minutes, quick release. Lift out the cheeks. Spoon the potato purée onto warm plates and sit three cheeks on each.',
      ),
    ).not.toMatch(/blend/);
  });
});

describe('a note in small letters', () => {
  const NOTE = `chicken & chorizo

8 thighs skinless
onion, 2 peppers, garlic
tsp smoked pap
tin toms
stock 200

brown thighs in a little oil both sides, take out
onion + peppers 5 mins, garlic pap 1 min
toms stock scrape. everything back
lid 9 mins high, leave 5, vent
bubble 5 mins lid off`;

  it('keeps its rows: none of them is the end of another', () => {
    expect(readRecipe(NOTE, pantry).method.split('\n').length).toBeGreaterThanOrEqual(5);
  });

  it('joins the rows of a narrow page all the same', () => {
    const page =
      'Lamb stew\n\nIngredients\n1 kg lamb\n500 ml stock\n\nMethod\nPut the lamb with the stock and some salt\ninto the pot. Bring to pressure and cook for\n25 minutes. Let the pressure go down by\nitself and taste it.';
    expect(readRecipe(page, pantry).method).toMatch(/some salt into the pot/);
  });

  it.each([
    ['tin toms', 'chopped-tomatoes', 400],
    ['tsp smoked pap', 'smoked-paprika', 2.2],
    ['stock 200', 'chicken-stock', 200],
    ['500 mince', 'ground-beef', 500],
    ['tin butterbeans drained', 'butter-bean', 240],
    ['3 large chicken breasts (about 11/2 lb)', 'chicken-breast', 680],
    ['600ml chicken or vegetable stock.', 'chicken-stock', 600],
  ])('leaves away what every cook knows: %s', (line, id, grams) => {
    const read = readLine(line, pantry);
    expect(read.food?.id).toBe(id);
    expect(read.massG.mid).toBeCloseTo(grams, -1);
  });

  it('names three things in a row', () => {
    expect(readLine('onion, 2 peppers, garlic', pantry).several).toEqual(['onion', '2 peppers', 'garlic']);
  });
});

describe('a goulash word for word', () => {
  it('has its pepper and no ground one, and a pot that steams off', () => {
    const acts = told(
      '800 g beef goulash meat; 500 g onions; 2 tbsp lard; 300 ml meat broth; 1 red pepper; salt; pepper; spaetzle as a side dish',
      'Wash the pepper, remove the seeds and cut into strips. Heat the lard and fry the meat in portions vigorously. Braise the onions in the frying fat until golden yellow. Add the salt, pepper and the broth. Close the pot and cook on level 2 for 30 minutes. Let the pot steam off, open. Add the pepper strips and let everything simmer open for another 10 minutes. Spaetzle go well with it.',
    );
    expect(acts.map((a) => a.replace(/\(.*/, ''))).toEqual(
      expect.arrayContaining(['close', 'hold/30', 'release', 'simmer/10', 'serve']),
    );
    expect(acts.filter((a) => /reduce|liftout/.test(a))).toEqual([]);
    expect(acts.find((a) => a.includes('red-pepper'))).toMatch(/^(?:stirin|simmer)/);
  });
});

it('slices against the grain, and no mustard', () => {
  const acts = told(
    '1.5 kg corned beef brisket; 1 l water; whole grain mustard',
    'Put the brisket and water in the pot. High pressure for 85 minutes, natural release. Move corned beef to a platter and cover with foil. Slice beef against the grain. Serve with mustard.',
  );
  expect(acts.slice(-3)).toEqual(['liftout()', 'slice()', 'serve(wholegrain-mustard)']);
});
