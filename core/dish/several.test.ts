import { Pantry } from '../pantry/pantry';
import { readLine } from './read';

const pantry = new Pantry();

describe('several things in one line', () => {
  it.each([
    [
      '1 large onion, 2 carrots and 2 celery sticks, all finely chopped',
      ['1 large onion', '2 carrots', '2 celery sticks, all finely chopped'],
    ],
    ['salt, pepper, 1 tsp cumin', ['salt', 'pepper', '1 tsp cumin']],
    [
      '500g tagliatelle and grated parmesan, to serve',
      ['500g tagliatelle, to serve', 'grated parmesan, to serve'],
    ],
    [
      'rice, naan and a green salad, to serve',
      ['rice, to serve', 'naan, to serve', 'a green salad, to serve'],
    ],
    ['25 g butter mashed with 25 g flour', ['25 g butter', '25 g flour']],
    ['bay leaf, thyme', ['bay leaf', 'thyme']],
    [
      'Turmeric 1/2 tsp, red chilli powder 1 tsp, coriander powder 2 tsp',
      ['Turmeric 1/2 tsp', 'red chilli powder 1 tsp', 'coriander powder 2 tsp'],
    ],
    ['Bay leaf 1, cardamom 3, cloves 4', ['Bay leaf 1', 'cardamom 3', 'cloves 4']],
    ['1 cup hot beef broth plus 1/4 cup cold water', ['1 cup hot beef broth', '1/4 cup cold water']],
    // Each goes in at its own time.
    ['1 lemon, juice and zest', ['juice of 1 lemon', 'zest of 1 lemon']],
    ['Finely grated rind and juice of 2 limes', ['juice of 2 limes', 'Finely grated rind of 2 limes']],
    ['cooked rice, shredded lettuce, cheddar', ['cooked rice', 'shredded lettuce', 'cheddar']],
  ])('%s', (text, wanted) => {
    expect(readLine(text, pantry).several).toEqual(wanted);
  });

  it.each([
    '2 carrots, cut into 2 cm chunks',
    '1 kg lamb shoulder, bone in, trimmed',
    '1 tsp salt, or 2 tsp kosher salt',
    'salt and pepper',
    '2 tbsp cornstarch mixed with 2 tbsp water',
    '1 chicken, 1.5 kg',
    '8 chicken thighs, skin on and bone in',
    'beef chuck, 1 kg',
  ])('%s is one', (text) => {
    expect(readLine(text, pantry).several).toEqual([]);
  });
});
