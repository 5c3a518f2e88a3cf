import { pressureRuns } from '../dish/pressure';
import { readLine } from '../dish/read';
import { pantry, told } from './testing/telling';

/** What is coloured, steeped or rendered before it comes near the pot, and lids that are closed a second time. */

const acts = (list: string, method: string): string => told(list, method).join(' ');
const LIST = '800 g chicken thighs; 400 g tomatoes; 1 onion; 150 ml water';

describe('meat that is coloured in the oven or under the grill', () => {
  it('waits beside, and goes in where it is named again', () => {
    const method =
      'Thread the chicken on skewers and grill under a hot broiler for 10 minutes; it need not be cooked through. Put the tomatoes, onion and water in the cooker. Pressure cook for 8 minutes, quick release. Blend until silky. Add the chicken and simmer for 6 minutes.';
    expect(acts(LIST, method)).toBe(
      'char/10() add(tomato onion water) close/8() hold/8() release() blendafter() return(chicken-thigh) simmer/6()',
    );
  });

  it.each(['Roast the chicken at 220 C for 15 minutes.', 'Roast the chicken in the oven for 15 minutes.'])(
    'goes under the lid where it is put there: %s',
    (said) => {
      const method = `${said} Put the tomatoes, onion, chicken and water in the cooker. HP 8 minutes, QR.`;
      expect(acts(LIST, method)).toMatch(/^roast\/15\(\) add\(chicken-thigh tomato onion water\)/);
    },
  );

  it('is no oven to be got ready', () => {
    const method = 'Preheat the oven to 220 C. Put everything in the cooker. HP 8 minutes, QR.';
    expect(acts(LIST, method)).not.toContain('roast');
  });

  it('is blended where it is only said to be blended', () => {
    const method =
      'Broil the tomatoes and onion on a sheet until blackened, then blend. Brown the chicken. Add the sauce and water. HP 8 minutes, QR.';
    // It is a sauce by then, and goes in as one.
    expect(acts(LIST, method)).toMatch(/^char\(\) blend\(\) brown\(.*\) add\(tomato onion water\)/);
  });
});

it('steeps saffron in a stock that is poured in later', () => {
  const method =
    'Steep the saffron in the hot stock. Heat the oil; brown the lamb. Pour in the saffron stock. High pressure, 20 minutes.';
  expect(acts('1 kg lamb; 300 ml lamb stock; pinch saffron; 1 tbsp oil', method)).toMatch(
    /^steep\(\) brown\(.*\) \w+\((?:beef-stock saffron|saffron beef-stock)\)/,
  );
});

it.each(['seasoning as you go', 'seasoning each layer', 'seasoning between the layers'])(
  'layers, %s, and no packet of seasoning',
  (said) => {
    const list = '1 kg lamb chops; 2 onions; 500 ml stock; 2 tbsp chopped parsley';
    const method = `Layer the onions and chops in the cooker, ${said}. Pour over the stock. HP 15, QR. Stir in the parsley.`;
    expect(acts(list, method)).toMatch(/stirin\(parsley\)$/);
  },
);

describe('programmes of electric pots', () => {
  it.each([
    'Lid on, vent sealed, Meat/Stew for 60 minutes.',
    'Lid on. Press Meat/Stew and set 60 minutes.',
    "Close the lid and cook on the 'Meat' programme for 60 minutes.",
    'Secure the lid. Select the Soup/Broth function and set the time to 60 minutes at high.',
    'Soup/Broth, 60 minutes.',
  ])('are the lid and its time, and nothing that is put in: %s', (said) => {
    const all = acts('1 kg pork; 1 cup cola', `Add pork and cola. ${said} Natural release.`);
    expect(all).toMatch(/^add\(\S+ cola\) close(?:\/60)?\(\) hold\/60\(\) release\(\)$/);
  });
});

describe('a second lid', () => {
  it.each([
    'put the lid back on and do 4 more minutes. QR.',
    'close and cook another 4 minutes. Let it come down.',
    're-close and cook 4 minutes. Quick release again.',
    'cover and return to high pressure; cook 4 min. Release the steam quickly.',
    'lock it again: 4 min. QR.',
    'reseal, 4 min. QR.',
    'seal again, 4 minutes. Natural release.',
  ])('is closed for what came in: %s', (said) => {
    const method = `Add chicken and water. Cook 20 minutes at high pressure, QR. Add the noodles, ${said}`;
    const runs = pressureRuns(method);
    expect(runs.map((r) => r.minutes)).toEqual([20, 4]);
    expect(acts('1 kg chicken; 1 cup water; 8 oz egg noodles', method)).toMatch(
      /release\(\) add\(egg-noodle\) close(?:\/4)?\(\) hold\/4\(\) release/,
    );
  });

  it('is closed though the first was only opened', () => {
    const method =
      'Close and cook 25 min from the first whistle. Open, add the noodles; close and cook another 8 minutes. Let it come down.';
    expect(pressureRuns(method).map((r) => r.minutes)).toEqual([25, 8]);
  });

  it.each([
    'lid on, leave for 5 min off the heat.',
    'lid back on, and leave for 5 min off the heat.',
    'cover with the lid and let it stand for 5 min.',
    'put the lid on, no pressure, 5 min.',
  ])('is none where it only lies there: %s', (said) => {
    expect(pressureRuns(`Cook 20 minutes at high pressure, QR. Add the noodles, ${said}`)).toHaveLength(1);
  });
});

describe('fat', () => {
  it.each([
    'Spoon fat off the top.',
    'Ladle the fat off the surface.',
    'Blot the fat with kitchen paper.',
    'Defat the juices.',
  ])('is skimmed, however it is said: %s', (said) => {
    expect(acts('2 lb beef; 1 cup water', `Add beef and water. HP 55. NPR. Take beef out. ${said}`)).toMatch(
      /liftout\(\) skim\(\)/,
    );
  });

  it('runs on from the cold pan for as long as it is heated', () => {
    const method =
      'Put the legs skin down in a cold pan. Heat gently 15 min until the fat has run and the skin is brown. Lift out. Tip off all but 2 tbsp fat. Add bacon and shallots; fry till golden. Add stock. Return the duck. HP 25 min, NPR.';
    expect(acts('6 duck legs; 100 g smoked bacon; 12 shallots; 300 ml stock', method)).toMatch(
      /^render\/15\(duck-leg\) liftout\(\) pouroff\(\) soften\(bacon shallot\)/,
    );
  });
});

it('knows the tin of soup from what is in the pot', () => {
  const list = '2 lb chicken thighs; 1 can cream of mushroom soup; 1 packet onion soup mix; 1 cup water';
  const dump = 'Dump the chicken, soup, soup mix and water into the pot. HP 15 min. NPR. Blend the soup.';
  expect(acts(list, dump)).toMatch(/^add\(chicken-thigh cream-of-chicken-soup onion-soup-mix water\)/);
});

it('halves each of two that are halved, and brings the rest of both', () => {
  const method =
    'Rub the lamb with half the onion and half the garlic. Soften the remaining onion and garlic in a little oil. Add passata and lamb. HP 20, NPR.';
  expect(acts('700 g lamb; 1 onion; 2 cloves garlic; 400 g passata', method)).toMatch(
    /^season\(onion garlic\) soften\(onion garlic\)/,
  );
});

it('takes the butter that is measured as the method says', () => {
  const list = '1 tbsp butter; 1 leek; 1 litre water; 1 ham hock; a knob of butter';
  const method =
    'Melt the tablespoon of butter and sweat the leek with the lid ajar. Add hock and water. HP 25 minutes; NPR. Add the knob of butter.';
  expect(acts(list, method)).toMatch(/^soften\(butter leek\) .* stirin\(butter\)$/);
});

it('blends and then strains, told in one breath', () => {
  const method = 'Add all. HP 8, QR. Blend until silky and pass through a sieve.';
  expect(acts(LIST, method)).toMatch(/blendafter\(\) strain\(\)$/);
});

it.each([
  ['1 bottle gourd', 'bitter-gourd', 200],
  ['1 blade of mace', 'mace-blade', 0.4],
  ['10 cornichons', 'cornichon', 60],
  ['200 ml pickle brine', 'pickle-juice', 208],
  ['1 shot espresso', 'tea', 31],
  ["150 g 'nduja", 'nduja', 150],
])('reads %s', (line, id, grams) => {
  const { food, massG } = readLine(line, pantry);
  expect(food?.id).toBe(id);
  expect(Math.abs(massG.mid - grams)).toBeLessThanOrEqual(grams * 0.1);
});
