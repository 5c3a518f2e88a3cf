import fc from 'fast-check';
import { Pantry } from '../pantry/pantry';
import { lateHints, readMethod } from './method';
import { readLine } from './read';

const pantry = new Pantry();
const late = (method: string, ...lines: string[]) =>
  lateHints(
    readMethod(method),
    lines.map((l) => readLine(l, pantry)),
    pantry,
  ).get(0) ?? null;

describe('what a written method says besides', () => {
  it.each([
    ['Lock the lid and cook on high pressure for 8 minutes.', 8],
    ['Seal the lid. Pressure cook on high for 25 min.', 25],
    ['Close, bring up to pressure and cook for 12 minutes at high pressure.', 12],
    ['Cook at high pressure for 10–12 minutes.', 11],
    ['Pressure cook for 6 minutes. Simmer 2 minutes.', 6],
    ['Simmer for 40 minutes.', null],
    ['', null],
  ])('minutes: %s', (method, minutes) => expect(readMethod(method).minutes).toBe(minutes));

  it.each([
    ['Cook on high pressure for 8 minutes. Quick release.', 'quick'],
    ['Cook on high pressure for 8 minutes, then let it release naturally.', 'natural'],
    ['High pressure for 8 minutes. Natural release for 10 minutes, then vent the rest.', 'ten'],
    ['High pressure 8 minutes with a 10 minute natural release.', 'ten'],
    ['High pressure for 8 minutes.', null],
  ])('release: %s', (method, release) => expect(readMethod(method).release).toBe(release));

  it('knows a pressure recipe from one for the stove, and finds the sides', () => {
    expect(readMethod('Cover and simmer for an hour.').underPressure).toBe(false);
    expect(readMethod('Seal the lid.').underPressure).toBe(true);
    expect(readMethod('Serve over rice with a squeeze of lime.').sides).toEqual([
      'rice with a squeeze of lime',
    ]);
  });

  it('holds back what goes in after the pressure, through a list', () => {
    const method =
      'Brown the onions. Add the stock, lock the lid and cook on high pressure for 8 minutes. Quick release. Stir in the cream, butter and kidney beans. Scatter with almonds.';
    expect(late(method, '50 g butter')).toMatchObject({ moment: 'finish' });
    expect(late(method, '1 tin kidney beans')).toMatchObject({ moment: 'finish' });
    expect(late(method, '2 tbsp almonds')).toMatchObject({ moment: 'serve' });
    expect(late(method, '2 onions')).toBeNull();
    expect(late(method, '300 ml stock')).toBeNull();
  });

  it('takes a longer name for the food it names, and no other', () => {
    const method =
      'High pressure, 45 minutes. Natural release. Add basil and lime juice. Scatter with spring onions.';
    expect(late(method, '1 onion, quartered', '3 spring onions')).toBeNull();
    expect(late(method, '4 lime leaves', '1 lime, juiced')).toBeNull();
    expect(late(method, '3 spring onions', '1 onion')).toMatchObject({ moment: 'serve' });
    expect(
      late('High pressure, 5 minutes. Quick release. Stir in the beans.', '1 tin kidney beans'),
    ).toMatchObject({
      moment: 'finish',
    });
  });

  it('takes “the remaining” for a second part, not for the whole', () => {
    expect(
      late('High pressure, 6 minutes. Quick release. Stir in the remaining butter.', '60 g butter'),
    ).toBeNull();
  });

  it('never hints meat: it always comes back to the sauce', () => {
    expect(
      late('High pressure, 6 minutes. Quick release. Add the chicken back.', '6 chicken thighs'),
    ).toBeNull();
  });

  it('finds the last minute of a stove recipe', () => {
    expect(late('Simmer for an hour. Stir in the spinach just before serving.', '200 g carrots')).toBeNull();
    expect(
      late('Simmer for an hour. Just before serving, stir in the chickpeas.', '1 tin chickpeas'),
    ).toMatchObject({
      moment: 'finish',
    });
  });

  it('survives anything', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'binary', maxLength: 400 }), (text) => {
        const hints = readMethod(text);
        expect(hints.minutes === null || (hints.minutes >= 0 && hints.minutes <= 180)).toBe(true);
      }),
      { numRuns: 300 },
    );
  });
});
