import { Pantry } from '../pantry/pantry';
import { platesIn } from './facts';
import { readPage } from './page';

const pantry = new Pantry();
const read = (text: string) => readPage(text, pantry).recipes[0];

describe('a card in two columns', () => {
  const CARD = `                     LAMB HOTCH-POTCH
           (pressure cooking time 20 minutes)

1 1/2 lb. neck of lamb        1 small cauliflower
2 carrots                     1/2 lb. shelled peas
1 turnip                      1 lettuce
4 spring onions               1 tablespoon chopped
1 1/2 pints stock               parsley
salt, pepper

Trim the lamb and cut it into neat
pieces. Put in the cooker with the stock
and bring slowly to the boil. Skim care-
fully. Add the carrots and turnip, diced,
and the spring onions, sliced. Season. Fix
on the lid, bring to pressure and cook for
20 minutes. Reduce pressure immediately.
Stir in the parsley.

Enough for 4.
`;
  it('is one list, the left from top to bottom, then the right', () => {
    expect(read(CARD)?.lines.map((l) => l.text)).toEqual([
      '1 1/2 lb. neck of lamb',
      '2 carrots',
      '1 turnip',
      '4 spring onions',
      '1 1/2 pints stock',
      '1 small cauliflower',
      '1/2 lb. shelled peas',
      '1 lettuce',
      '1 tablespoon chopped parsley',
      'salt, pepper',
    ]);
  });

  it('has sentences that go on in the next row, before a figure too', () => {
    expect(read(CARD)?.method).toContain(
      'bring to pressure and cook for 20 minutes. Reduce pressure immediately.',
    );
    expect(read(CARD)?.method).toContain('Skim carefully.');
  });

  it('is none where two rows only happen to be set wide', () => {
    const text =
      'Stew\nServes 4\n\n1 kg beef      2 onions\n500 ml stock\n\nMethod\nBrown the beef. Add the onions and the stock. High pressure 30 minutes.';
    expect(read(text)?.lines.length).toBeGreaterThan(1);
  });
});

describe('what a page says of its plates', () => {
  it.each([
    ['Yield: 8 servings (16 tacos)', 8],
    ['Yield: about 6 cups (6 servings)', 6],
    ['5-6 serv.', 6],
    ['(makes enough for one deep 23 cm pie, 6 helpings)', 6],
    ['(dose per 6)', 6],
    ['Servings: 4', 4],
  ])('%s', (line, plates) => {
    expect(platesIn(line)).toBe(plates);
  });
});

it.each([
  ['*** CHICKEN PAPRIKA W/ SOUR CREAM ***', 'CHICKEN PAPRIKA W/ SOUR CREAM'],
  ['## Lamb stew', 'Lamb stew'],
])('a name that is set off is the name: %s', (name, title) => {
  expect(
    read(
      `${name}\n\n1 kg chicken\n200 ml stock\n\nBrown the chicken. Add the stock. High pressure 10 minutes.`,
    )?.title,
  ).toBe(title);
});

it('a word about what is in it is no name', () => {
  const text =
    'Honey-Mustard Pork & Cabbage\n\nNutrition, kcal 395\n\nServes 4\n\n- 2 pork tenderloins\n- 1/2 cup chicken broth\n\n1. Brown the pork.\n2. Add the broth. High pressure 1 minute.';
  expect(read(text)?.title).toBe('Honey-Mustard Pork & Cabbage');
});

it.each([
  'Deglaze the frying pan with the sherry, boil until reduced by half, then pour into the cooker with the stock.',
  'Tip the contents of the pan into the pot with a wooden spoon and the stock.',
  'HP 60 NR.',
  '5 minutes high.',
  'Squeeze of lime, cilantro.',
])('a row of the method stays one: %s', (row) => {
  const text = `Beef cheeks\nServes 4\n\nIngredients\n4 beef cheeks\n500ml sweet sherry\n500ml beef stock\n1 lime\n\nMethod\nSear the cheeks.\n${row}\nServe.`;
  expect(read(text)?.method).toContain(row);
});

it('a list says behind its name for how many it is', () => {
  expect(
    read(
      'Lamb stew\nIngredients (6)\n800g lamb\n1.2L lamb stock\nMethod\nBrown the lamb. Add the stock. High pressure 20 minutes.',
    )?.plates,
  ).toBe(6);
});
