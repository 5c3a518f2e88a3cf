import fc from 'fast-check';
import { readLine } from '../dish/read';
import { Pantry } from '../pantry/pantry';
import { FROM_THE_METHOD, readPage } from './page';
import { linesApart, recipeOf } from './recipe';
import { unlistedLiquids } from './unlisted';

const pantry = new Pantry();
const LIST = 'Lamb stew\nServes 4\n\nIngredients\n1 kg lamb neck\n2 onions\n\nMethod\n';
const SENTENCES = [
  'Brown the lamb well on all sides.',
  'Stir in the onions and cook until soft and golden.',
  'Pour in the stock, scrape the floor of the pot and close the lid.',
  'Cook at high pressure for 25 minutes, then leave it to come down by itself.',
  'Taste, season and serve in warm bowls.',
];

describe('a method however it is told', () => {
  it('is kept whole: no word of a long paragraph is lost', () => {
    fc.assert(
      fc.property(
        fc.array(fc.nat({ max: SENTENCES.length - 1 }), { minLength: 1, maxLength: 60 }),
        (order) => {
          const method = order.map((n) => SENTENCES[n]).join(' ');
          const [got] = readPage(LIST + method, pantry).recipes;
          expect(got?.method.replace(/\s+/g, ' ')).toBe(method);
        },
      ),
      { numRuns: 60 },
    );
  });

  it.each([
    ['How I do it', 'You’ll need (4 people):'],
    ['Here’s how', 'What’s in it'],
    ['What we do:', 'Gather'],
  ])('begins under “%s”', (method, list) => {
    const [got] = readPage(
      `Pot of lamb\n\n${list}\n1 kg lamb neck\n300 ml stock\n\n${method}\nAdd the lamb and stock and cook at high pressure for 25 minutes.`,
      pantry,
    ).recipes;
    expect(got?.lines).toHaveLength(2);
    expect(got?.method).toMatch(/^Add the lamb/);
  });

  it('reads facts that share a line with a name, and a word under the title as no title', () => {
    const facts =
      'Pork vindaloo\nRecipe by Dilhani    Serves 4    Marination: 2 hrs\n700 g pork shoulder\n1 cup water\n\nMethod\nAdd all. High pressure 20 minutes.';
    expect(readPage(facts, pantry).recipes[0]).toMatchObject({ title: 'Pork vindaloo', plates: 4 });
    const under =
      'Ropa vieja\nGrandmother’s own, for 6\n\n2 lb flank steak\nsalt, pepper, 1 tsp cumin\n1/2 cup beef broth\n\nAdd all. Pressure 35 min.';
    expect(readPage(under, pantry).recipes[0]).toMatchObject({ title: 'Ropa vieja', plates: 6 });
  });
});

describe('a list that runs on', () => {
  it('is told apart at its bullets, and a title without its fact', () => {
    const [got] = readPage(
      'Chicken Paprikash, my way | for 4\n• 8 chicken drumsticks • salt • 2 tbsp lard • 2 onions, finely chopped • 250 ml chicken stock\n\nSalt the drumsticks. Melt the lard, cook the onions. Add drumsticks and stock. Pressure-cook 10 min.',
      pantry,
    ).recipes;
    expect(got).toMatchObject({ title: 'Chicken Paprikash, my way', plates: 4 });
    expect(got?.lines.map((l) => l.text)).toEqual([
      '8 chicken drumsticks',
      'salt',
      '2 tbsp lard',
      '2 onions, finely chopped',
      '250 ml chicken stock',
    ]);
  });

  it('under a name of its own in one line is a part of the list', () => {
    const [got] = readPage(
      'Sticky ribs for Friday\n2 racks baby back ribs\nRub: 2 Tbsp brown sugar, 1 Tbsp paprika, 2 tsp salt\n1 cup water\n\nRub the ribs. Add the water. High pressure 25 minutes.',
      pantry,
    ).recipes;
    expect(got?.lines[1]).toEqual({ text: '2 Tbsp brown sugar, 1 Tbsp paprika, 2 tsp salt', section: 'Rub' });
  });
});

describe('a list whose first line has its weight in the middle', () => {
  it('begins with it, and no name is made of it', () => {
    const [got] = readPage(
      "Mum's lamb stew\n\nserves 4 hungry\n\nlamb neck fillet, 800g, thick slices\n3 onions sliced\npint of lamb stock\n\nBrown the lamb. Lid on, high 20 min.",
      pantry,
    ).recipes;
    expect(got?.title).toBe("Mum's lamb stew");
    expect(got?.lines.map((l) => l.text)).toContain('lamb neck fillet, 800g, thick slices');
  });
});

describe('what the list has forgotten', () => {
  const lines = [{ text: '700 g beef chuck' }, { text: '1 can (400 ml) coconut milk' }];
  it.each([
    ['Pour in the coconut milk plus 1/2 cup water.', ['1/2 cup water']],
    ['Add the beef and 250 ml of hot stock.', ['250 ml of hot stock']],
    ['Soak the noodles in 1 litre of water.', []],
    ['Boil the rice in 2 cups water.', []],
    ['Whisk the cornflour with 100 ml cold water and add it.', []],
    ['Add 1 tbsp water.', []],
    ['Add the water.', []],
  ])('%s', (method, wanted) => {
    expect(unlistedLiquids(method, lines, pantry)).toEqual(wanted);
  });

  it('is never added to a list that has it', () => {
    expect(unlistedLiquids('Add 2 cups water.', [...lines, { text: '500 ml water' }], pantry)).toEqual([]);
  });

  it('stands in the recipe in a part of its own', () => {
    const [got] = readPage(
      `${LIST}Add the lamb, onions and 300 ml water. High pressure 25 minutes.`,
      pantry,
    ).recipes;
    expect(got?.lines.at(-1)).toEqual({ text: '300 ml water', section: FROM_THE_METHOD });
  });
});

describe('what a page is called, and for how many it is', () => {
  const LINES = '1 kg lamb shoulder, diced\n2 onions, chopped\n300 ml stock\n2 tsp cumin';
  const COOK =
    'Brown the lamb, add the onions, cumin and stock. Cook at high pressure for 25 minutes, natural release.';
  it.each([
    [
      'a blog that talks of its ingredients first',
      `How to Make the Best Lamb Stew\n\nLast updated on March 4th\n\nWHAT IS LAMB STEW?\nLamb stew is a hearty dish.\n\nIngredients you’ll need\nLamb: shoulder is best.\nOnions: any kind.\n\nLamb Stew\nYield: 5 to 6 servings\n\nINGREDIENTS\n${LINES}\n\nINSTRUCTIONS\n1. ${COOK}`,
      'Lamb Stew',
      6,
    ],
    [
      'a hand note',
      `lamb shoulder w cumin (sunday)\n4p\n\n${LINES}\n\n${COOK}`,
      'lamb shoulder w cumin (sunday)',
      4,
    ],
    [
      'a form',
      `Recipe: Cumin Lamb\nCategory: Main\nPortions: 4\n\n${LINES}\n\nProcedure\n${COOK}`,
      'Cumin Lamb',
      4,
    ],
    [
      'a family',
      `Mum’s Tuesday Lamb\n(makes enough for 2 adults and 3 kids)\n\nWhat you need:\n${LINES}\n\nWhat to do:\n${COOK}`,
      'Mum’s Tuesday Lamb',
      5,
    ],
    [
      'a card with its scale buttons',
      `Print\nLamb with Cumin and Onions\n★★★★★\nYield: 4 servings 1x\nDescription\nTender lamb in a cumin-rich gravy.\nIngredients\nUnits\nScale\n${LINES}\nInstructions\n${COOK}`,
      'Lamb with Cumin and Onions',
      4,
    ],
    [
      'a letter',
      `Subject: that lamb recipe\nFrom: Tam\n\nHi love, here it is as promised:\n\nCUMIN LAMB FOR 6\n${LINES}\n${COOK}\nEnjoy! x`,
      'CUMIN LAMB FOR 6',
      6,
    ],
    [
      'parts of a list',
      `Braised Lamb\nwith Cumin\n\nServings 4 · Ready in 70 min\n\nFor the lamb\n${LINES}\n\nSteps\nStep 1\n${COOK}`,
      'Braised Lamb with Cumin',
      4,
    ],
    [
      'a line under the title',
      `# Cumin lamb\n\n*A weeknight braise for 4-6 people*\n\n## Ingredients\n${LINES}\n\n## Method\n${COOK}`,
      'Cumin lamb',
      5,
    ],
  ])('%s', (_name, page, title, plates) => {
    const [got] = readPage(page, pantry).recipes;
    expect(got).toMatchObject({ title, plates });
    expect(got?.lines).toHaveLength(4);
    expect(got?.method).toContain('Brown the lamb');
  });
});

describe('lists as hand and other kitchens write them', () => {
  const recipe = (text: string) => readPage(text, new Pantry()).recipes[0]!;

  it('has the food before its amount, and none of it for a title', () => {
    const r = recipe(
      'Nihari (beef shank stew)\nServes: 6\nBeef shank 1 kg with bones, plus 2 marrow bones\nGhee 1/2 cup\nOnion 1 large, sliced\nWater 6 cups\nHow to make\nHeat the ghee and fry the onion. Add the meat. Pour in the water, close the cooker and cook for 45 minutes.',
    );
    expect(r.title).toBe('Nihari (beef shank stew)');
    expect(r.lines.map((l) => l.text)).toHaveLength(4);
  });

  it('has a heading that is named as the food under it', () => {
    const r = recipe(
      'Creamy chicken\nServes 4\nIngredients\nChicken\n2 lbs boneless chicken breasts\n1 tsp salt\nSauce\n1 cup chicken broth\n1 cup heavy cream\nMethod\nBrown the chicken.',
    );
    expect(r.lines.map((l) => l.text)).toEqual([
      '2 lbs boneless chicken breasts',
      '1 tsp salt',
      '1 cup chicken broth',
      '1 cup heavy cream',
    ]);
    expect(r.lines[0]?.section).toBe('Chicken');
  });

  it('keeps two things apart where the first ends in a figure, and says how many it makes', () => {
    const r = recipe(
      'Coq au vin\nMakes about 12 tacos\n1 chicken, jointed into 8\n150g lardons\n500ml red burgundy\n2 onions\nBrown the chicken. Add the wine and cook under pressure for 12 minutes.',
    );
    expect(r.lines.map((l) => l.text)).toEqual([
      '1 chicken, jointed into 8',
      '150g lardons',
      '500ml red burgundy',
      '2 onions',
    ]);
  });
});

describe('titles that are hard to see', () => {
  const title = (text: string) => readPage(text, new Pantry()).recipes[0]!.title;
  const REST =
    'Serves 4\n1 kg beef topside\n2 onions\n350 ml beef stock\nMethod\nBrown the beef. Add the stock, close and cook for 30 minutes at high pressure.';

  it.each([
    [
      'in capitals over two lines',
      'STUFFED BEEF ROLLS WITH\nMUSTARD AND GHERKINS',
      'STUFFED BEEF ROLLS WITH MUSTARD AND GHERKINS',
    ],
    ['under the name of a row of recipes', 'MEAL PREP MONDAY #12\nFreezer Bag Beef', 'Freezer Bag Beef'],
    [
      'over a list of what is needed',
      'Freezer Bag Beef\nEquipment\nPressure cooker\nZip bags',
      'Freezer Bag Beef',
    ],
  ])('%s', (_name, head, wanted) => {
    expect(title(`${head}\n${REST}`)).toBe(wanted);
  });
});

describe('lists of other shapes', () => {
  it('a typed table is a list, its amounts first, its head and rule no lines', () => {
    const [got] = readPage(
      'Squash and lamb stew\n\n| Ingredient | Amount |\n|---|---|\n| Lamb shoulder, diced | 600 g |\n| Olive oil | 2 tbsp |\n| Chickpeas, drained | 1 x 400 g tin |\n\nMethod\n1. **Brown.** Brown the lamb in the oil.\n2. **Cook.** Add the chickpeas. High pressure, 20 minutes.',
      pantry,
    ).recipes;
    expect(got?.lines.map((l) => l.text)).toEqual([
      '600 g Lamb shoulder, diced',
      '2 tbsp Olive oil',
      '1 x 400 g tin Chickpeas, drained',
    ]);
    expect(got?.method).not.toMatch(/Brown\.|Cook\./);
  });

  it('a line for the table belongs to the list, however it is cooked', () => {
    const [got] = readPage(
      'Mustard chicken\nServes 4\n600 g chicken thighs\n200 ml stock\nchives\nTo serve: boiled new potatoes (800 g)\n\nBrown the chicken well. Add the stock, close the lid and cook at high pressure for 6 minutes. Serve.',
      pantry,
    ).recipes;
    expect(got?.lines.map((l) => l.text)).toContain('To serve: boiled new potatoes (800 g)');
    expect(got?.method).not.toMatch(/potatoes/);
  });

  it('a dish named after the pot is a title, and a list of tools is none', () => {
    expect(
      readPage(`Carnitas in the pressure cooker\n${LIST.split('\n').slice(1).join('\n')}Cook.`, pantry)
        .recipes[0]?.title,
    ).toBe('Carnitas in the pressure cooker');
  });

  it('a food with its amount behind a dash is no title, however much stands before it', () => {
    const [got] = readPage(
      'Kerala-style chicken stew\n\nFor 4\n\nChicken on the bone, skinless, small pieces - 750 g\nCoconut oil - 2 tbsp\nOnions - 2, sliced\nThin coconut milk - 2 cups\n\nHeat the oil and fry the onions. Add the chicken and coconut milk. Close and cook for 2 whistles.',
      pantry,
    ).recipes;
    expect(got?.title).toBe('Kerala-style chicken stew');
    expect(got?.lines).toHaveLength(4);
  });

  it('what a page says of itself is no food', () => {
    const [got] = readPage(
      'Creamy chicken\nSERVINGS 6\n\nIngredients\n\n1x\n½x\n2x\n\nOops! Something went wrong. Our team is working on it.\nThis recipe was developed at its original yield.\n\n900 g chicken breasts\n120 ml chicken broth\n\nDirections\n\nBrown the chicken. Add the broth. Close the lid and cook at high pressure for 5 minutes.',
      pantry,
    ).recipes;
    expect(got?.lines.map((l) => l.text)).toEqual(['900 g chicken breasts', '120 ml chicken broth']);
  });

  it('a part of the list in one line is told apart by whatever name, and its flour is its own', () => {
    const [got] = readPage(
      'Chicken stew\nServes 4\nIngredients\n8 chicken drumsticks\n2 tbsp flour\n400 ml stock\nNokedli: 400 g flour, 3 eggs, 1 tsp salt\nMethod\nAdd all but the nokedli. Close the lid and cook at high pressure for 12 minutes.',
      pantry,
    ).recipes;
    expect(got?.lines.filter((l) => l.section === 'Nokedli')).not.toHaveLength(0);
    expect(got?.lines.map((l) => l.text).join('; ')).toMatch(/400 g flour/);
  });

  it('a word about the dish with its plates is a fact', () => {
    const [got] = readPage(
      'PORK VINDALOO\nA fiery Goan-style classic • Serves 4-6 • Hot!\n\n1 kg pork shoulder\n250 ml water\n\nBrown the pork, add the water, close the lid and cook at high pressure for 25 minutes.',
      pantry,
    ).recipes;
    expect(got).toMatchObject({ title: 'PORK VINDALOO', plates: 5 });
    expect(got?.lines).toHaveLength(2);
  });
});

describe('a list that is one line', () => {
  it('is told apart at its upright strokes, with its label as the heading', () => {
    const [got] = readPage(
      'Carnitas\nWhat you need: 1.8kg pork shoulder (boneless, cut into 8cm chunks) | 1 tbsp salt | 1 white onion, quartered | 125ml water or lager\nMethod:\n1/ Everything goes into the pot.\n2/ 45 mins on high, then leave it alone till the button drops.',
      pantry,
    ).recipes;
    expect(got?.title).toBe('Carnitas');
    expect(got?.lines.map((l) => l.text)).toEqual([
      '1.8kg pork shoulder (boneless, cut into 8cm chunks)',
      '1 tbsp salt',
      '1 white onion, quartered',
      '125ml water or lager',
    ]);
  });

  it('stays in the list behind its label, however long it is', () => {
    const finish =
      'To finish: 100ml cream, 1 tbsp honey, 1 tsp kasuri methi (crushed), 1/2 tsp garam masala, coriander';
    const [got] = readPage(
      `Butter chicken\n\nServes 4\n\nSauce\n60g butter\n500g ripe tomatoes, quartered\n150ml water\n${finish}\n\n1. Heat the butter.\n2. Add the tomatoes and water. Lock the lid. High pressure 5 min.`,
      pantry,
    ).recipes;
    const finishing = linesApart(got?.lines ?? [], pantry).filter((l) => l.section === 'To finish');
    expect(finishing.map((l) => readLine(l.text, pantry).food?.id)).toEqual([
      'double-cream',
      'honey',
      'fenugreek-leaf',
      'garam-masala',
      'coriander',
    ]);
    expect(got?.method).not.toContain('honey');
  });

  it('has no row of buttons for its size, and takes its plates from the name', () => {
    const [got] = readPage(
      'Sambar chicken (for 4, needs the big cooker)\n\nIngredients\nScale  1x 2x 3x\n600 g chicken\n1 onion\n\nMethod\nAdd all. High pressure 8 minutes, quick release.',
      pantry,
    ).recipes;
    expect([got?.title, got?.plates, got?.lines.length]).toEqual(['Sambar chicken', 4, 2]);
  });

  it('is read under headings of two languages, and a pot in the name is no equipment', () => {
    const [got] = readPage(
      'Adobong Manok sa pressure cooker\n\nSangkap / Ingredients:\n1 kilo chicken\n1 cup water\n\nParaan:\n1. Add all.\n2. Cover pressure cooker, cook 10 mins from when it hisses.',
      pantry,
    ).recipes;
    expect([got?.title, got?.lines.length]).toEqual(['Adobong Manok sa pressure cooker', 2]);
    expect(got?.method).toMatch(/^Add all/);
  });

  it('keeps a line with its amount at the end, and one thing behind a label', () => {
    const [got] = readPage(
      'Chicken & leek pie x 4\nMakes enough for a 1.5 litre pie dish (4–6)\nchicken thighs, skinless boneless 750g\nPaste: 5 tbsp red curry paste\nleeks 3\n\n1 Sweat the leeks, 6 min. 2 Add the chicken. Pressure cook on high 7 min. QR.',
      pantry,
    ).recipes;
    expect(got?.lines.map((l) => l.text)).toEqual([
      'chicken thighs, skinless boneless 750g',
      '5 tbsp red curry paste',
      'leeks 3',
    ]);
    expect(got?.lines[1]?.section).toBe('Paste');
    expect([got?.title, got?.plates]).toEqual(['Chicken & leek pie', 5]);
  });
});

describe('a heading with a word behind it', () => {
  it('is a heading, and the name over it the name', () => {
    const [got] = readPage(
      'Dal makhani with chicken (leftovers)\n\nIngredients (US cups)\n¾ cup black urad dal\n3 cups water\n\nInstructions\n1. Add all. High pressure 30 mins. Natural release.',
      pantry,
    ).recipes;
    expect(got?.title).toBe('Dal makhani with chicken (leftovers)');
    expect(got?.lines).toHaveLength(2);
  });
});

describe('what heads a part of a list without saying so', () => {
  const sections = (text: string): (string | undefined)[] =>
    readPage(text, pantry).recipes[0]?.lines.map((l) => l.section) ?? [];

  it('is a bare word over bullets, and the name of a part over amounts', () => {
    expect(
      sections(
        'Honey chicken\n\nIngredients\nSauce\n• 80 ml honey\n• 80 ml soy sauce\nChicken\n• 8 thigh fillets (1kg)\n• 125 ml stock\n\nMethod\nMix the sauce. Cook the chicken in it for 8 minutes at high pressure.',
      ),
    ).toEqual(['Sauce', 'Sauce', 'Chicken', 'Chicken']);
    expect(
      sections(
        'Ribs\n\nIngredients\n2 racks ribs\n1 cup water\nDry Rub\n2 tbsp brown sugar\n1 tbsp paprika\n\nMethod\nRub the ribs. Cook at high pressure for 25 minutes.',
      ),
    ).toEqual([undefined, undefined, 'Dry Rub', 'Dry Rub']);
  });

  it('is no line where it says for how many it is, in two languages', () => {
    const [page] = readPage(
      'Coq au Vin\n\nTemps: 1h   Pour 4 personnes / Serves 4\n\n8 pieces chicken\n400 ml red wine\n\nBrown the chicken. Add the wine. Close and cook 12 minutes at high pressure.',
      pantry,
    ).recipes;
    expect([page?.plates, page?.lines.map((l) => l.text)]).toEqual([
      4,
      ['8 pieces chicken', '400 ml red wine'],
    ]);
  });

  it('leaves a name its name where it ends like a sentence', () => {
    const [page] = readPage(
      'Goulash – adapted for the pressure cooker.\n\nFor 6 persons:\n1.2 kg beef shin\n600 g onions\n\nPreparation:\nFry the onions. Add the meat. Close the cooker, and from when it hisses count 25 minutes on small flame.',
      pantry,
    ).recipes;
    expect([page?.title, page?.plates]).toEqual(['Goulash – adapted for the pressure cooker', 6]);
  });
});

describe('a page whose name stands only in its place among others', () => {
  it('is called so, and not by what is said of it', () => {
    const page = readPage(
      'Home » Dinner » Paprika Beef in the Pressure Cooker\nThis is my go-to on cold nights. Leftovers freeze well!\nServings: 6\nIngredients\n1 kg beef shin\n3 onions\n500 ml beef stock\nInstructions\nPut everything in the pot. Cook on high pressure for 40 minutes.',
      pantry,
    );
    expect(recipeOf(page, 0).title).toBe('Paprika Beef in the Pressure Cooker');
  });
});

describe('a list that is told in one row', () => {
  const page = readPage(
    'Pork Vindaloo\n\nFor the masala paste: 8 dried Kashmiri chillies, 1 tsp cumin seeds, 6 cloves, 1 inch cinnamon, 10 peppercorns, 1 tsp mustard seeds, 6 cloves garlic, 1 inch ginger, 1/4 cup vinegar\nFor the curry: 750 g pork shoulder, cubed; 2 tbsp oil; 2 onions, finely sliced; 1 tsp sugar; salt; 1 cup hot water\n\nGrind the paste. Rub it into the pork. Fry the onions in the oil. Add the pork and water. Pressure cook for 25 minutes.',
    pantry,
  );

  it('is a line for each thing, by commas or by whatever stops its writer put', () => {
    const things = recipeOf(page, 0).lines.flatMap(({ text }) => {
      const { several } = readLine(text, pantry);
      return several.length ? several : [text];
    });
    expect(things).toHaveLength(15);
    expect(things).toContain('750 g pork shoulder, cubed');
    expect(things).toContain('6 cloves garlic');
  });
});

describe('a part of the list that ends with a gap', () => {
  const head =
    'Glazed pork\n\nMarinade\n3 tbsp hoisin sauce\n2 tbsp soy sauce\n2 tbsp honey\n3 cloves garlic\n1 tsp five-spice\n';
  const rest =
    '1 kg pork shoulder\n200 ml water\n\nMix the marinade and turn the pork in it. Pressure cook for 20 minutes.';

  it('takes nothing of what stands behind the gap', () => {
    const { lines } = recipeOf(readPage(`${head}\n${rest}`, pantry), 0);
    expect(lines.filter((l) => l.section === 'Marinade')).toHaveLength(5);
    expect(lines.find((l) => l.text.startsWith('1 kg'))?.section).toBeUndefined();
  });

  it('goes on where every line has a gap before it', () => {
    const spaced = `${head}${rest}`.replace(/\n(?=\d)/g, '\n\n');
    const { lines } = recipeOf(readPage(spaced, pantry), 0);
    expect(lines.filter((l) => l.section === 'Marinade').length).toBeGreaterThanOrEqual(5);
  });
});

describe('a step of three words', () => {
  it.each(['60 min manual, NPR.', '25 min HP, QR'])('is a step and no fact of the page: %s', (step) => {
    const page = readPage(
      `Pulled pork\n\n4 lb pork butt\n1 c chicken broth\n1 c BBQ sauce + more for serving\n\n1) Put the pork and broth in the pot.\n2) ${step}\n3) Shred the pork, stir in the BBQ sauce.`,
      pantry,
    );
    expect(recipeOf(page, 0).method).toContain(step);
  });

  it('stays a fact where it stands in fields', () => {
    const page = readPage(
      'Pulled pork\nPrep: 10 min | Cook: 60 min | NPR: 15 min\nIngredients\n4 lb pork butt\n1 c chicken broth\nMethod\nPut the pork and broth in the pot. Pressure cook for 60 minutes.',
      pantry,
    );
    expect(page.parts.find((p) => p.text.startsWith('Prep'))?.kind).toBe('fact');
  });
});

it.each(['Pork and beans', 'Oxtail', 'Short ribs', 'Red beans', 'Pot roast'])(
  '“%s”, alone over a list with amounts, is the name of the dish and no line of it',
  (name) => {
    const text = `${name}\n\n500 g pork belly\n1 l chicken stock\n200 g kale\n\nMethod\nPut the pork and stock in the pot. High pressure 25 minutes. Stir in the kale.`;
    const [recipe] = readPage(text, pantry).recipes;
    expect([recipe?.title, recipe?.lines.length]).toEqual([name, 3]);
  },
);
