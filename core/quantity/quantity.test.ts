import fc from 'fast-check';
import {
  formatCountdown,
  formatDuration,
  formatMass,
  formatNumber,
  formatSpoons,
  formatTemp,
  formatTempDifference,
  formatVolume,
  sayTemps,
  tempFrom,
  tempIn,
} from './format';
import { figureToNumber, readNumber } from './number';
import { around, sumRanges } from './range';
import { perUnitIn, readUnit, unitById, UNITS } from './units';

describe('numbers as cooks write them', () => {
  it.each([
    ['1 1/2 cups', 1.5, 1.5],
    ['1½ cups', 1.5, 1.5],
    ['½ lemon', 0.5, 0.5],
    ['1,5 kg', 1.5, 1.5],
    ['1,000 ml', 1000, 1000],
    ['0.75 l', 0.75, 0.75],
    ['2-3 onions', 2, 3],
    ['2 – 3 onions', 2, 3],
    ['2 to 3 onions', 2, 3],
    ['three carrots', 3, 3],
    ['half a lemon', 0.5, 0.5],
    ['a couple of bay leaves', 2, 2],
    ['1 and 1/2 cups', 1.5, 1.5],
    ['2 and a half cups', 2.5, 2.5],
    ['⅓ cup', 1 / 3, 1 / 3],
    ['3/4 tsp', 0.75, 0.75],
  ])('%s', (text, min, max) => {
    const read = readNumber(text);
    expect(read?.min).toBeCloseTo(min, 6);
    expect(read?.max).toBeCloseTo(max, 6);
  });

  it('leaves words that only begin like a number alone', () => {
    expect(readNumber('anchovies')).toBeNull();
    expect(readNumber('tender stem')).toBeNull();
    expect(readNumber('one-pot chicken')).toBeNull();
  });

  it('never throws and always keeps the tail, whatever is typed', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'binary', maxLength: 60 }), (text) => {
        const read = readNumber(text);
        if (read) {
          expect(text.endsWith(read.rest)).toBe(true);
          expect(read.max).toBeGreaterThanOrEqual(read.min);
        }
      }),
    );
  });

  it('reads back the quarters it prints', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 39 }), (quarters) => {
        expect(figureToNumber(formatNumber(quarters / 4, false))).toBeCloseTo(quarters / 4, 6);
      }),
    );
  });
});

describe('units', () => {
  it('tells a tablespoon T from a teaspoon t', () => {
    expect(readUnit('T oil')?.unit.id).toBe('tbsp');
    expect(readUnit('t oil')?.unit.id).toBe('tsp');
  });
  it('takes the longest spelling first', () => {
    expect(readUnit('fl oz stock')?.unit.id).toBe('floz');
    expect(readUnit('oz. beef')?.rest.trim()).toBe('beef');
  });
  it('does not take the start of a longer word for a unit', () => {
    expect(readUnit('carrots')).toBeNull();
    expect(readUnit('garlic')).toBeNull();
    expect(readUnit('lemons')).toBeNull();
  });
  it('knows whose tablespoon it is', () => {
    expect(perUnitIn(unitById('tbsp'), 'au')).toBe(20);
    expect(perUnitIn(unitById('tbsp'), 'us')).toBeCloseTo(14.787);
    expect(perUnitIn(unitById('pint'), 'uk')).toBeGreaterThan(perUnitIn(unitById('pint'), 'us'));
  });
  it('has no spelling that means two things', () => {
    const names = UNITS.flatMap((unit) => unit.names).filter(Boolean);
    expect(new Set(names).size).toBe(names.length);
  });
});

describe('figures a cook can use', () => {
  it.each([
    [formatSpoons(2.25 * 4.929), '2¼ tsp'],
    [formatSpoons(4 * 4.929), '1 tbsp + 1 tsp'],
    [formatSpoons(0.1), 'a pinch'],
    [formatSpoons(0.62), '⅛ tsp'],
    [formatSpoons(1.23), '¼ tsp'],
    [formatSpoons(1.85), '⅜ tsp'],
    [formatSpoons(2.46), '½ tsp'],
    [formatMass(6.02), '6 g'],
    [formatMass(1200), '1.2 kg'],
    [formatMass(1200, { weight: 'us', temperature: 'F' }), '2¾ lb'],
    [formatVolume(423), '420 ml'],
    [formatVolume(997), '1 l'],
    [formatVolume(1240), '1.2 l'],
    [formatVolume(237, { weight: 'us', temperature: 'F' }), '1 cup'],
    [formatTemp(116, { weight: 'us', temperature: 'F' }), '241 °F'],
    [formatDuration(40), '40 s'],
    [formatDuration(3900), '65 min'],
    [formatDuration(6000), '1 h 40'],
    [formatCountdown(425), '7:05'],
    [formatCountdown(-20), '-0:20'],
    [formatCountdown(3729), '1:02:09'],
  ])('%s', (made, wanted) => expect(made).toBe(wanted));

  it('rounds spoons by no more than an eighth of a teaspoon up to a tablespoon', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.7, max: 14, noNaN: true }), (ml) => {
        const text = formatSpoons(ml);
        const tbsp = /^(\S+) tbsp/.exec(text)?.[1];
        const tsp = /(\S+) tsp/.exec(text)?.[1];
        const back = (tbsp ? figureToNumber(tbsp) * 3 : 0) + (tsp ? figureToNumber(tsp) : 0);
        expect(Math.abs(back * 4.929 - ml)).toBeLessThan(4.929 / 8 + 0.01);
      }),
    );
  });
});

describe('ranges', () => {
  it('grow slower than their parts: errors of independent stages do not simply add', () => {
    const part = around(600, 0.2);
    const sum = sumRanges([part, part, part, part]);
    expect(sum.mid).toBe(2400);
    expect(sum.high - sum.mid).toBeCloseTo(240, 6);
  });
  it('keep low <= mid <= high', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -1e3, max: 1e3, noNaN: true }),
        fc.double({ min: 0, max: 2, noNaN: true }),
        (v, s) => {
          const r = around(v, s);
          expect(r.low).toBeLessThanOrEqual(r.mid);
          expect(r.mid).toBeLessThanOrEqual(r.high);
        },
      ),
    );
  });
});

describe('temperatures on the household’s scale', () => {
  const F = { temperature: 'F' } as const;
  const C = { temperature: 'C' } as const;

  it('go there and back without loss, and keep their order', () => {
    fc.assert(
      fc.property(fc.double({ min: -40, max: 250, noNaN: true }), fc.constantFrom(F, C), (c, units) => {
        expect(tempFrom(tempIn(c, units), units)).toBeCloseTo(c, 9);
        expect(tempIn(c + 1, units)).toBeGreaterThan(tempIn(c, units));
      }),
    );
  });

  it.each([
    ['Wait until it is 75–80 °C.', 'Wait until it is 167–176 °F.'],
    ['At 116 °C, then 74 °C.', 'At 241 °F, then 165 °F.'],
    ['Nothing hot here, 20 min.', 'Nothing hot here, 20 min.'],
  ])('%s', (said, inF) => {
    expect(sayTemps(said, F)).toBe(inF);
    expect(sayTemps(said, C)).toBe(said);
  });

  it('differ by more degrees, and no offset', () => {
    expect(formatTempDifference(10, F)).toBe('18 °F');
    expect(formatTempDifference(10, C)).toBe('10 °C');
  });
});
