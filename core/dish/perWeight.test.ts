import { defaultKitchen } from '../kitchen/kitchen';
import { planDish } from '../plan/plan';
import { emptyDish } from './dish';
import { readMethod } from './method';
import { perWeightTold } from './perWeight';

describe('minutes by weight', () => {
  it.each([
    ['Cook at high pressure, 20 minutes per pound.', 20 / 0.4536, 0],
    ['Pressure cook 25 min per kg plus 20 minutes.', 25, 20],
    ['High pressure: 8 minutes a pound.', 8 / 0.4536, 0],
    ['High pressure 12-15 minutes for every 500 g, natural release.', 27, 0],
  ])('%s', (words, perKg, plus) => {
    const told = perWeightTold(words);
    expect(told?.minutesPerKg).toBeCloseTo(perKg, 1);
    expect(told?.plusMin).toBe(plus);
    expect(readMethod(words).minutes).toBeNull();
  });

  it.each([
    ['Give it 12 minutes per 450g at high pressure - so 40 mins for this one.', 40],
    ['Cook on high pressure for 15 minutes per lb (so 45 minutes for a 3 lb joint).', 45],
    ['Pressure cook for 20 minutes per 500 g (about 60 minutes), then natural release.', 60],
  ])('are what they come to where that is told: %s', (words, minutes) => {
    expect(readMethod(words).minutes).toBe(minutes);
  });

  it.each([
    'Roast for 20 minutes per pound.',
    'Brown 4 minutes a side. High pressure 20 minutes.',
    'Cook in the oven, 30 minutes per kg.',
  ])('are of the pot alone: %s', (words) => {
    expect(perWeightTold(words)).toBeNull();
  });

  it('are reckoned with the joint that is there, half of it with half the minutes', () => {
    const minutesOf = (joint: string): number | null =>
      planDish(
        {
          ...emptyDish('d', 'Ham', 0),
          lines: [joint, '500 ml cider'].map((text, i) => ({ id: `l${i}`, text })),
          method:
            'Put the ham and the cider in the pot. Cook at high pressure, 20 minutes per pound. Natural release.',
        },
        defaultKitchen(),
      ).told.minutes;
    expect(minutesOf('1.36 kg gammon joint')).toBe(60);
    expect(minutesOf('680 g gammon joint')).toBe(30);
  });
});

describe('a weight, in its old words', () => {
  it.each([
    [
      'Cover, set control at 10 lbs. and cook 20 min. after control jiggles. Cool cooker at once under running water.',
      20,
    ],
    ['Close, bring up to 15 pounds pressure and cook 12 minutes. Reduce pressure immediately.', 12],
  ])('%s', (words, minutes) => {
    const read = readMethod(`Add the hot water. ${words}`);
    expect([read.minutes, read.release]).toEqual([minutes, 'quick']);
  });

  it('is none where meat is weighed', () => {
    expect(readMethod('Brown 10 lbs of beef. Simmer for 2 hours.').underPressure).toBe(false);
  });
});

it('stew beef comes in pieces, by whichever name', () => {
  const sizes = ['2 lbs stew beef', '2 lbs beef stew meat', '2 lbs stewing beef'].map(
    (text) =>
      planDish(
        {
          ...emptyDish('d', 'Stew', 0),
          lines: [text, '500 ml stock'].map((t, i) => ({ id: `l${i}`, text: t })),
        },
        defaultKitchen(),
      ).meat[0]?.thicknessMm,
  );
  expect(new Set(sizes).size).toBe(1);
});
