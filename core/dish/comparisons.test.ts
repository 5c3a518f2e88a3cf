import { Pantry } from '../pantry/pantry';
import { readLine } from './read';

const pantry = new Pantry();
const read = (text: string) => readLine(text, pantry);

describe('sizes told by a thing', () => {
  it.each([
    ['butter, size of an egg', 'butter', 35, 60],
    ['lump of butter the size of a walnut', 'butter', 14, 26],
    ['Tamarind lime-sized ball, soaked in 1 cup hot water', 'tamarind-paste', 20, 45],
    ['a walnut-sized piece of tamarind', 'tamarind-paste', 14, 30],
    ['ginger, thumb-sized piece', 'ginger', 10, 30],
  ])('“%s” is %s', (text, food, low, high) => {
    expect(read(text).food?.id).toBe(food);
    expect(read(text).massG.mid).toBeGreaterThan(low);
    expect(read(text).massG.mid).toBeLessThan(high);
  });

  it('never outweigh a count', () => {
    expect(read('2 onions the size of your fist').massG.mid).toBe(read('2 onions').massG.mid);
    expect(read('3 egg-sized potatoes').massG.mid).toBe(read('3 potatoes').massG.mid);
  });
});

describe('amounts behind and in brackets', () => {
  it.each([
    ['4 beef slices for roulades (topside, each about 180 g, 5 mm thick)', 720],
    ['4 shanks of lamb (approx 400g ea), trimmed', 1600],
    ['swede ¼, abt ½ lb', 227],
    ['1/2 btl red wine (375 ml)', 372],
    ['4 large chicken thighs, about 1 lb in all', 454],
  ])('“%s” weighs %d g', (text, grams) => {
    expect(read(text).massG.mid).toBeGreaterThan(grams * 0.97);
    expect(read(text).massG.mid).toBeLessThan(grams * 1.03);
  });

  it('reads a number word before a unit behind the food', () => {
    expect(read('Toor dal half cup (washed, soaked 20 min)').massG.mid).toBe(
      read('1/2 cup toor dal (washed, soaked 20 min)').massG.mid,
    );
  });

  it('tells one and the other of a food apart, and keeps what weighs the second', () => {
    expect(read('2 onions: one in fine strips, one chopped for the sauce').several).toEqual([
      '1 onion, in fine strips',
      '1 onion, chopped for the sauce',
    ]);
    expect(read('1 carrot & a piece of celeriac (100g), diced').several[1]).toContain('100g');
    expect(read('2 green cardamom, 1 small piece cassia, 2 cloves').several).toHaveLength(3);
  });

  it('reads a weight before how thick it is, a spoon, and a name that begins with a number', () => {
    expect(read('pork shoulder/neck 1 kg, cut in 4 long strips about 5cm thick').massG.mid).toBe(1000);
    expect(read('olive oil 3 spoons').massG.mid).toBe(read('3 tbsp olive oil').massG.mid);
    expect(read('five spice 1 tsp').massG.mid).toBe(read('1 tsp five spice').massG.mid);
    expect(read('olive oil 3 spoons, salt, flour for the meat').several).toHaveLength(3);
  });

  it('spreads the last amount of a list over all that it is for', () => {
    expect(
      read('2 tbsp brown sugar, 2 tsp salt, 1 tsp each garlic powder, cumin & black pepper').several,
    ).toEqual([
      '2 tbsp brown sugar',
      '2 tsp salt',
      '1 tsp garlic powder',
      '1 tsp cumin',
      '1 tsp black pepper',
    ]);
  });
});
