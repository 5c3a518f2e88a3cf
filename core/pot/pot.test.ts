import fc from 'fast-check';
import { DEFAULT_RULES } from '../dish/houseRules';
import { emptyDish, type Dish } from '../dish/dish';
import { placeDish } from '../moments/place';
import { Pantry } from '../pantry/pantry';
import { fillPot, levelMm } from './layers';
import { floorRisk } from './floor';
import { sumLiquid } from './liquid';
import { heightMm, PotSchema, POT_PRESETS } from './pot';

const pantry = new Pantry();
const standard = POT_PRESETS[1]!;
const dishOf = (...texts: string[]): Dish => ({
  ...emptyDish('d', 'Test', 0),
  lines: texts.map((text, i) => ({ id: `l${i}`, text })),
});
const items = (...texts: string[]) => placeDish(dishOf(...texts), { pantry });
const liquid = (...texts: string[]) => sumLiquid(items(...texts), standard, DEFAULT_RULES);
const fill = (...texts: string[]) => {
  const placed = items(...texts);
  const sum = sumLiquid(placed, standard, DEFAULT_RULES);
  return fillPot(placed, standard, { thinMl: sum.countedMl.mid, needMl: sum.needMl, plates: 4 });
};

describe('pots', () => {
  it('ships complete presets whose geometry is plausible', () => {
    for (const pot of POT_PRESETS) {
      expect(PotSchema.parse(pot)).toEqual(pot);
      expect(heightMm(pot)).toBeGreaterThan(90);
      expect(heightMm(pot)).toBeLessThan(220);
    }
  });
});

describe('thin liquid', () => {
  it('counts stock whole, tomatoes half and cream not at all', () => {
    expect(liquid('400 ml chicken stock', '1 kg chicken thighs').pouredMl.mid).toBeCloseTo(400, 0);
    expect(liquid('400 g tin chopped tomatoes').pouredMl.mid).toBeCloseTo((400 / 1.02) * 0.5, 0);
    expect(liquid('400 ml double cream').pouredMl.mid).toBe(0);
  });

  it('sizes the splash to the pot’s minimum', () => {
    const short = liquid('200 ml chicken stock', '1 kg chicken thighs');
    expect(short.verdict).toBe('short');
    expect(200 + short.splashMl).toBeGreaterThanOrEqual(standard.minThinMl);
    expect(short.splashMl).toBeLessThan(standard.minThinMl);
    expect(liquid('500 ml chicken stock').verdict).toBe('enough');
  });

  it('counts juices only for the household that does, with a poured floor', () => {
    const placed = items('150 ml chicken stock', '1.5 kg chicken thighs', '4 onions');
    const poured = sumLiquid(placed, standard, { liquid: 'poured' });
    const juices = sumLiquid(placed, standard, { liquid: 'juices' });
    expect(juices.countedMl.mid).toBeGreaterThan(poured.countedMl.mid + 80);
    expect(juices.pouredFloorMl).toBeGreaterThan(80);
  });

  it('takes off what pasta and rice drink', () => {
    expect(liquid('500 ml stock', '200 g rice').countedMl.mid).toBeLessThan(
      liquid('500 ml stock').countedMl.mid,
    );
  });

  it('adding thin liquid never makes it worse, and every entry is in the sum', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 1500 }), fc.integer({ min: 1, max: 800 }), (ml, more) => {
        const a = liquid(`${ml} ml chicken stock`, '1 kg beef chuck', '2 onions', '100 g rice');
        const b = liquid(`${ml + more} ml chicken stock`, '1 kg beef chuck', '2 onions', '100 g rice');
        expect(b.countedMl.mid).toBeGreaterThan(a.countedMl.mid);
        expect(b.splashMl).toBeLessThanOrEqual(a.splashMl);
        expect(b.sauceAfterG.mid).toBeGreaterThanOrEqual(a.sauceAfterG.mid);
        const total = b.entries.filter((e) => e.counts).reduce((s, e) => s + e.ml.mid, 0);
        expect(total).toBeCloseTo(b.countedMl.mid, 6);
      }),
      { numRuns: 40 },
    );
  });
});

describe('fill', () => {
  it('more liquid never lowers the level', () => {
    const layers = [
      { bulkMl: 300, solidMl: 200 },
      { bulkMl: 1500, solidMl: 1000 },
      { bulkMl: 400, solidMl: 400 },
    ];
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 5000, noNaN: true }),
        fc.double({ min: 0, max: 500, noNaN: true }),
        (ml, more) => {
          expect(levelMm(ml + more, layers, 380)).toBeGreaterThanOrEqual(levelMm(ml, layers, 380) - 1e-9);
        },
      ),
    );
  });

  it('conserves volume once everything is covered', () => {
    const layers = [
      { bulkMl: 300, solidMl: 200 },
      { bulkMl: 1500, solidMl: 1000 },
    ];
    expect((levelMm(2000, layers, 400) / 10) * 400).toBeCloseTo(3200, 6);
  });

  it('liquid fills the gaps before it lifts the top', () => {
    expect(fill('1.5 kg beef chuck', '100 ml stock').topMm).toBeCloseTo(
      fill('1.5 kg beef chuck', '300 ml stock').topMm,
      6,
    );
    expect(fill('1.5 kg beef chuck', '3 l stock').topMm).toBeGreaterThan(
      fill('1.5 kg beef chuck', '300 ml stock').topMm,
    );
  });

  it('uses the lower line for what swells or foams', () => {
    expect(fill('500 ml stock', '300 g rice').limitShare).toBe(0.5);
    expect(fill('500 ml stock', '1 kg beef chuck').limitShare).toBeCloseTo(2 / 3);
  });

  it('stacks onion under meat under tomato, without gaps', () => {
    const f = fill('400 g passata', '1 kg chicken thighs', '2 onions', '300 ml stock');
    expect(f.layers.map((l) => l.id)).toEqual(['aromatics', 'meat', 'tomato']);
    f.layers.forEach((l, i) => i && expect(l.bottomMm).toBeCloseTo(f.layers[i - 1]!.topMm, 6));
  });

  it('the most plates that fit just fit', () => {
    const f = fill('3 kg beef chuck', '1 l stock');
    expect((f.shareOfLimit * f.mostPlates) / 4).toBeLessThanOrEqual(1.0001);
    expect((f.shareOfLimit * (f.mostPlates + 1)) / 4).toBeGreaterThan(1);
  });
});

describe('the floor', () => {
  const risk = (...texts: string[]) => {
    const placed = items(...texts);
    const sum = sumLiquid(placed, standard, DEFAULT_RULES);
    const filled = fillPot(placed, standard, { thinMl: sum.countedMl.mid, needMl: sum.needMl, plates: 4 });
    return floorRisk(placed, standard, sum, DEFAULT_RULES, filled);
  };
  it('is calm for a scraped, wet pot and alarmed by flour under the lid', () => {
    expect(risk('1 kg chicken thighs', '400 ml stock', '2 onions').level).toBe('low');
    expect(
      risk('1 kg chicken thighs', '400 ml stock', '3 tbsp flour, stirred into the onions').risk,
    ).toBeGreaterThan(0.3);
  });
  it('each added cause never lowers the risk', () => {
    const base = ['1 kg chicken thighs', '400 ml stock'];
    const calm = risk(...base).risk;
    for (const extra of [
      '3 tbsp flour, with the stock',
      '200 ml double cream, with the stock',
      '400 g passata',
      '3 tbsp honey, with the stock',
    ])
      expect(risk(...base, extra).risk).toBeGreaterThanOrEqual(calm);
  });
});
