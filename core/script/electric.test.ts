import { pressureRuns } from '../dish/pressure';
import { readLine } from '../dish/read';
import { readRecipe } from '../page/recipe';
import { readScript } from './read';
import { pantry, told } from './testing/telling';

/** How recipes for electric pots say what their buttons do, which is nothing to cook. */
const verbs = (list: string, method: string): string =>
  told(list, method)
    .map((a) => a.replace(/\(.*/, ''))
    .join(' ');

const LIST =
  '1 kg chicken thighs; 1 tbsp oil; 300 ml chicken stock; 1 tbsp sugar; 2 tbsp cornstarch; 2 tbsp cold water; 200 g spinach; 100 ml cream; rice';
const LID =
  'Heat the oil and brown the chicken. Remove. Add the stock. Return the chicken. High pressure 8 minutes, quick release. ';

describe('the pot that is set again', () => {
  it.each([
    'Switch back to sauté.',
    'Put the pot back on sauté.',
    'Return the pot to sauté mode.',
    'Turn sauté back on.',
    'Go back to sauté mode.',
    'Back on sauté.',
    'Set the cooker to sauté again.',
    'Press sauté (normal).',
  ])('brings nothing back that was lifted out: %s', (said) => {
    expect(
      verbs(LIST, `${LID}Take out the chicken. ${said} Whisk in the slurry. Return the chicken. Serve.`),
    ).toBe('brown liftout add return close/8 hold/8 release liftout thicken return serve');
  });
});

describe('the end of the minutes', () => {
  it.each([
    'When the cook cycle ends, turn off the pot and let it sit undisturbed for 10 minutes. Turn the knob to venting.',
    'Once the cooking time is up, let the pot sit for 10 minutes before venting.',
    'When the cooking program has finished, wait 10 minutes and then open the valve.',
    'When time runs out, leave it for 10 minutes, then vent.',
  ])('is nothing to cook: %s', (said) => {
    expect(
      verbs(
        LIST,
        `Put the chicken and stock in the pot. Lid on, high pressure 8 minutes. ${said} Stir in the cream. Serve.`,
      ),
    ).toBe('add close hold/8 release/10 dairy serve');
  });

  it.each([
    ['High pressure 8 mins. QPR after 5 mins.', 8, 5],
    ['High pressure 8 minutes, quick release after 10 minutes.', 8, 10],
    ['Cook at high pressure for 8 minutes. Open the valve after 5 minutes.', 8, 5],
    ['HP 8 min. 10-minute rest, then vent.', 8, 10],
  ])('may be followed by some by itself: %s', (said, minutes, after) => {
    expect(pressureRuns(said)).toMatchObject([{ minutes, release: 'ten', releaseMin: after }]);
  });

  it('are the minutes of the lid where no others are told', () => {
    expect(
      pressureRuns('Lock the lid and bring to pressure. After 20 minutes release the steam quickly.'),
    ).toMatchObject([{ minutes: 20, release: 'quick' }]);
  });
});

describe('a sauce that boils down', () => {
  it.each([
    'Boil the sauce for 8 minutes or until it is reduced by half and starts to coat a spoon.',
    'Boil the sauce for 8 minutes until it coats a spoon.',
  ])('coats a spoon and no meat: %s', (said) => {
    expect(verbs(LIST, `${LID}Take out the chicken. ${said} Return the chicken.`)).toMatch(
      /liftout reduce\/8 return$/,
    );
  });

  it('takes the spoon of starch that is stirred into cold water, which is no release', () => {
    const acts = told(
      LIST,
      `${LID}Stir the cornstarch into the cold water and thicken the sauce with it. Serve.`,
    );
    expect(acts.slice(-2)).toEqual(['thicken(cornstarch water)', 'serve()']);
  });

  it('is not lifted out with what is whisked into it', () => {
    expect(
      verbs(
        LIST,
        `${LID}Ladle out half a cup of the liquid, whisk the cornstarch into it and return it to the pot; simmer until thick.`,
      ),
    ).toMatch(/release thicken$/);
  });

  it('has nothing new to wait for once the spinach is in', () => {
    expect(
      verbs(
        LIST,
        `${LID}Stir in the cornstarch mixed with the cold water, then the spinach. Sauté 3 minutes until the spinach is wilted and the sauce is thickened.`,
      ),
    ).toMatch(/thicken wilt\/3$/);
  });
});

describe('pasta that boils beside', () => {
  const RAGU = '600 g pork mince; 250 ml chicken stock; 100 ml milk; 400 g rigatoni; 60 g pecorino; pepper';
  const POT = 'Brown the mince. Pour in the stock. High pressure 20 minutes, natural release. ';
  const after = (said: string): string[] => told(RAGU, POT + said).slice(5);

  it.each([
    'Cook the rigatoni in plenty of salted water; drain. Toss the pasta through the ragu with the pecorino.',
    'Boil the rigatoni in salted water. Drain and toss with the sauce and the pecorino.',
    'Cook the rigatoni according to the packet. Stir the pasta into the sauce, then the pecorino.',
  ])('comes into the sauce, and then the cheese: %s', (said) => {
    expect(after(said)).toEqual(['boil(rigatoni)', 'stirin()', 'dairy(hard-cheese)']);
  });

  it('has most of the cheese, and the last of it on top with the pepper', () => {
    expect(after('Stir in most of the pecorino. Black pepper and the last of the pecorino on top.')).toEqual([
      'dairy(hard-cheese)',
      'serve(hard-cheese black-pepper)',
    ]);
  });

  it('has its milk simmered in as long as the recipe says, grains or not', () => {
    expect(after('Pour in the milk and simmer, uncovered, until creamy, 10 minutes or so.')).toEqual([
      'dairy(milk)',
      'simmer/10()',
    ]);
  });
});

describe('meat that is boiled for its scum', () => {
  const RIBS = '2 kg beef short ribs; 1 pear; 120 ml soy sauce; 3 tbsp sugar; 6 garlic cloves; 250 ml water';
  const LID_35 = ' High pressure, 35 minutes, natural release 15 minutes.';

  it.each([
    'Put the ribs in the pot, cover with water, boil for 5 minutes, drain and rinse off the scum.',
    'Parboil the ribs in plenty of water for 5 minutes, then drain and wash them.',
    'Bring a large pot of water to the boil, add the ribs and cook for 5 minutes. Drain and rinse.',
  ])('leaves the water of the list for the sauce: %s', (said) => {
    expect(
      told(RIBS, `${said} Put the ribs back in the pot and add the water.${LID_35}`).slice(0, 2),
    ).toEqual(['blanch/5()', 'add(beef-short-rib water)']);
  });

  it('waits for a sauce that is stirred together in a bowl, however hot the pot is', () => {
    const acts = told(
      RIBS,
      `Brown the ribs. Stir the pear, soy sauce, sugar and garlic together. Pour the sauce over the ribs and add the water.${LID_35}`,
    );
    expect(acts.slice(0, 3)).toEqual([
      'brown(beef-short-rib)',
      'mix()',
      'add(pear soy-sauce sugar garlic water)',
    ]);
  });
});

it('lays what is not to be mixed on top', () => {
  expect(
    verbs(
      LIST,
      'Pour the stock into the pot. Place the chicken over it; do not mix. High pressure 8 minutes, NPR 5 min.',
    ),
  ).toMatch(/^add top close/);
});

it('sets nothing aside twice', () => {
  expect(verbs(LIST, `${LID}Take out the chicken, shred with 2 forks and set aside. Serve.`)).toMatch(
    /release liftout shred serve$/,
  );
});

describe('what stands on the counter meanwhile', () => {
  const WINGS =
    '1.1 kg chicken wings; 240 ml water; 80 ml honey; 2 tbsp soy sauce; 1 tsp cornstarch; 1 tbsp butter; sesame seeds';

  it('is a glaze in a saucepan of its own, to its last spoon', () => {
    const acts = told(
      WINGS,
      'Pour the water into the pot with a trivet and stack the wings on it. High pressure 8 min, natural release 5 min. While the wings cook, add honey and soy sauce to a small saucepan. Bring to a simmer, stir in the cornstarch and cook until slightly thickened, 2-3 min. Remove from heat and whisk in butter. Transfer the wings to a sheet pan and brush with the sauce. Scatter with sesame seeds.',
    );
    expect(acts).toContain('sauce/3(honey soy-sauce cornstarch butter)');
    expect(acts.at(-1)).toBe('serve(sesame-seed)');
  });

  it('is a masala that goes in by halves, and no half of the chicken', () => {
    const acts = told(
      '700 g chicken thighs; 1 tbsp coriander seeds; 1 tsp cumin seeds; 1 tsp fennel seeds; 60 ml water; 2 tbsp cream; salt; jeera rice',
      'Dry roast the whole spices on SAUTE mode until fragrant, about 2 mins. Remove, cool and grind coarsely. Add chicken and half of the kadai masala. Add water and deglaze. Pressure cook on high for 4 mins, NPR 5. Add remaining kadai masala and the cream. Serve with jeera rice.',
    );
    expect(acts[0]).toBe('toast/2()');
    expect(acts.find((a) => a.startsWith('add'))).toBe(
      'add(chicken-thigh coriander-seed cumin-seed fennel-seed)',
    );
    expect(acts.at(-1)).toBe('serve(white-rice)');
  });

  it('has the salt of the list in its rub', () => {
    const [first] = told(
      '1.5 kg pork shoulder; 2 tbsp brown sugar; 2 tsp kosher salt; 1 tsp cumin; 1 tsp black pepper; 200 ml stock',
      'Combine the sugar and all the spices; rub all over the pork. Add the stock and pork. High pressure 60 min, natural release.',
    );
    expect(first).toBe('season(brown-sugar ground-cumin black-pepper kosher-salt)');
  });
});

it('toasts pasta in the fat before the broth, and follows its minutes where the meat is in bites', () => {
  const acts = told(
    '1 tbsp oil; 450 g chicken thighs, cut into bite-sized pieces; 1 shallot; 280 g orzo; 700 ml chicken stock',
    'Heat the oil and brown the chicken 4 min. Add the shallot and cook another minute. Stir in the orzo and toast for 1 minute. Add the broth. Seal and cook on high pressure for 3 minutes. Quick release.',
  );
  expect(acts).toContain('soften/1(orzo)');
});

describe('words that only sound like something to do', () => {
  it('is a spice blend by its heading, and nothing is blended', () => {
    const page =
      'Quick tikka\n\nSpice blend\n2 tsp garam masala\n2 tsp cumin\n1 tsp salt\n\n2 tbsp butter\n1 onion\n4 garlic cloves, minced\n2 lbs chicken breast, in chunks\n1/2 cup chicken broth\n\n1. Melt butter, add onion and a pinch of salt, and cook for 5 min.\n2. Add garlic and the spice blend; stir 30 sec.\n3. Add broth and scrape the pot. Add chicken.\n4. Pressure cook 5 minutes on High, quick release.';
    const { lines, method } = readRecipe(page, pantry);
    const read = lines.map((l) => ({
      read: readLine(l.text, pantry),
      ...(l.section ? { section: l.section } : {}),
    }));
    const acts = readScript(method, read, pantry)?.acts ?? [];
    expect(acts.map((a) => a.verb)).not.toContain('blend');
    expect(acts.find((a) => a.verb === 'bloom')?.lines.map((l) => l.index)).toEqual(
      expect.arrayContaining([0, 1, 2]),
    );
  });

  it('is a valve that is closed, whatever it is called, and one minute under it', () => {
    expect(
      verbs(
        LIST,
        'Add the stock and the chicken. Lock lid into place and close pressure-release valve. Select high pressure-cook function and cook for 1 minute. Turn off pot and quick-release pressure.',
      ),
    ).toBe('add close hold/1 release');
  });

  it('is stock that is blended in with a spoon', () => {
    expect(
      verbs(
        LIST,
        'Heat the oil. Gradually blend in the stock, stirring, until smooth. Add the chicken. High pressure 8 minutes, quick release.',
      ),
    ).not.toMatch(/blend/);
  });

  it('is pressure that is brought back up, for the second lid', () => {
    expect(
      verbs(
        '1 kg lamb neck; 600 ml stock; 300 g potatoes',
        'Add the lamb and stock. Fix the lid, bring to high pressure and cook for 20 minutes. Release the pressure quickly. Add the potatoes. Put the lid back on, bring back up to pressure and cook for a further 6 minutes. This time leave the pressure to drop naturally.',
      ),
    ).toBe('add close hold/20 release add close hold/6 release');
  });
});
