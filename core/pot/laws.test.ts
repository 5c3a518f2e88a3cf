import fc from 'fast-check';
import { emptyDish, type Dish, type Line } from '../dish/dish';
import { DEFAULT_RULES, type HouseRules } from '../dish/houseRules';
import { placeDish } from '../moments/place';
import { Pantry } from '../pantry/pantry';
import { boilOf, loosenMl } from './boil';
import { RACK_MM } from './data/layers';
import { floorRisk } from './floor';
import { fillPot } from './layers';
import { sumLiquid } from './liquid';
import { floorAreaCm2, POT_PRESETS, type Pot } from './pot';

const pantry = new Pantry();
const standard = POT_PRESETS[1]!;
type Words = string | (Partial<Line> & { text: string });

function load(
  words: readonly Words[],
  pot: Pot = standard,
  rules: HouseRules = DEFAULT_RULES,
  layers: string[] = [],
) {
  const dish: Dish = {
    ...emptyDish('d', 'Test', 0),
    lines: words.map((w, i) => (typeof w === 'string' ? { id: `l${i}`, text: w } : { id: `l${i}`, ...w })),
  };
  const items = placeDish(dish, { pantry, rules });
  const liquid = sumLiquid(items, pot, rules);
  const fill = fillPot(items, pot, {
    thinMl: liquid.countedMl.mid,
    needMl: liquid.needMl,
    plates: 4,
    layers,
  });
  return {
    items,
    liquid,
    fill,
    floor: floorRisk(items, pot, liquid, rules, fill),
    boil: boilOf(items, liquid),
  };
}

const FOODS = [
  '900 g beef chuck, in 4 cm cubes',
  '2 onions, sliced',
  '3 carrots',
  '400 g passata',
  '150 g rice',
  '200 g potatoes, in chunks',
  '2 tbsp flour, stirred into the onions',
  '1 tbsp sweet paprika',
  '100 g spinach, under the lid',
  '80 g dried apricots',
] as const;
const arbFoods = fc.subarray([...FOODS]);
const arbPot = fc.constantFrom(...POT_PRESETS);
const RANK = { short: 0, tight: 1, enough: 2 } as const;
const BOIL_RANK = { 'too thick': 0, slow: 1, free: 2 } as const;

describe('laws of the pot', () => {
  it('pouring more never lowers a level, a sum or a verdict, and never makes the floor catch more', () => {
    fc.assert(
      fc.property(
        arbFoods,
        arbPot,
        fc.integer({ min: 0, max: 900 }),
        fc.integer({ min: 25, max: 600 }),
        (foods, pot, ml, more) => {
          const a = load([...foods, `${ml} ml water`], pot);
          const b = load([...foods, `${ml + more} ml water`], pot);
          expect(b.fill.liquidMm).toBeGreaterThanOrEqual(a.fill.liquidMm - 1e-9);
          expect(b.fill.topMm).toBeGreaterThanOrEqual(a.fill.topMm - 1e-9);
          expect(b.liquid.countedMl.mid).toBeGreaterThanOrEqual(a.liquid.countedMl.mid);
          expect(RANK[b.liquid.verdict]).toBeGreaterThanOrEqual(RANK[a.liquid.verdict]);
          expect(BOIL_RANK[b.boil.verdict]).toBeGreaterThanOrEqual(BOIL_RANK[a.boil.verdict]);
          if (ml > 0) expect(b.floor.risk).toBeLessThanOrEqual(a.floor.risk + 1e-9);
        },
      ),
      { numRuns: 120 },
    );
  });

  it('volumes in, volumes out: layers stand on each other without a gap and liquid covers what it must', () => {
    fc.assert(
      fc.property(arbFoods, arbPot, fc.integer({ min: 0, max: 3000 }), (foods, pot, ml) => {
        const { fill } = load([...foods, `${ml} ml water`], pot);
        const area = floorAreaCm2(pot);
        let at = 0;
        for (const layer of fill.layers) {
          expect(layer.bottomMm).toBeCloseTo(at, 6);
          expect(((layer.topMm - layer.bottomMm) / 10) * area).toBeCloseTo(layer.bulkMl, 4);
          expect(layer.solidMl).toBeLessThanOrEqual(layer.bulkMl + 1e-9);
          at = layer.topMm;
        }
        const solid = fill.layers.reduce((s, l) => s + l.solidMl, 0);
        const under = fill.layers.reduce((s, l) => s + l.bulkMl, 0);
        if (fill.liquidMm >= at) expect((fill.liquidMm / 10) * area).toBeCloseTo(solid + fill.liquidMl, 3);
        else expect((fill.topMm / 10) * area).toBeCloseTo(under, 3);
      }),
      { numRuns: 80 },
    );
  });

  it('does not mind the order of entry', () => {
    fc.assert(
      fc.property(arbFoods, fc.array(fc.nat(), { minLength: 10, maxLength: 10 }), (foods, keys) => {
        const shuffled = foods
          .map((f, i) => [keys[i] ?? 0, f] as const)
          .sort((a, b) => a[0] - b[0])
          .map(([, f]) => f);
        const a = load(['400 ml chicken stock', ...foods]);
        const b = load(['400 ml chicken stock', ...shuffled]);
        expect(b.fill.topMm).toBeCloseTo(a.fill.topMm, 6);
        expect(b.liquid.countedMl.mid).toBeCloseTo(a.liquid.countedMl.mid, 6);
        expect(b.floor.risk).toBeCloseTo(a.floor.risk, 6);
        expect(b.fill.layers.map((l) => l.id)).toEqual(a.fill.layers.map((l) => l.id));
      }),
      { numRuns: 60 },
    );
  });

  it('a wider pot of the same make never needs less, and the same liquid stands lower in it', () => {
    const [small, mid, large] = POT_PRESETS;
    expect(small!.minThinMl).toBeLessThan(mid!.minThinMl);
    expect(mid!.minThinMl).toBeLessThan(large!.minThinMl);
    const wide = { ...standard, diameterCm: 28, litres: standard.litres * (28 / 22) ** 2 };
    const foods = ['900 g beef chuck', '360 ml water'];
    expect(load(foods, wide).fill.thinMm).toBeLessThan(load(foods).fill.thinMm);
    expect(load(foods, wide).floor.risk).toBeGreaterThanOrEqual(load(foods).floor.risk * 0.99 - 0.15);
    const juices: HouseRules = { ...DEFAULT_RULES, liquid: 'juices' };
    expect(load(foods, wide, juices).liquid.pouredFloorMl).toBeGreaterThan(
      load(foods, standard, juices).liquid.pouredFloorMl,
    );
  });

  it('asks less of a house that counts the juices, never less than covers its base, and the same whoever asks', () => {
    const dishes = [
      ['1 kg chicken thighs', '4 onions, sliced'],
      ['1 kg chicken thighs', '100 ml stock'],
      ['500 g beef chuck'],
    ];
    for (const foods of dishes)
      for (const pot of POT_PRESETS) {
        const poured = load(foods, pot).liquid;
        const juices = load(foods, pot, { ...DEFAULT_RULES, liquid: 'juices' }).liquid;
        expect(poured.splashWithJuicesMl).toBeLessThanOrEqual(Math.max(poured.splashMl, juices.splashMl));
        expect(poured.splashWithJuicesMl).toBe(juices.splashMl);
        expect(poured.pouredMl.mid + poured.splashWithJuicesMl).toBeGreaterThanOrEqual(
          juices.pouredFloorMl - 4,
        );
      }
  });

  it('offers a splash where only a drop is missing', () => {
    const thick = ['400 g passata', '150 g rice', '59 g tomato paste', '293 ml water'];
    const { boil, liquid } = load(thick);
    expect(boil.verdict).toBe('slow');
    const more = loosenMl(boil, liquid.countedMl.mid);
    expect(more).toBe(25);
    expect(load([...thick, { text: `${more} ml water`, added: true, moment: 'lid' }]).boil.verdict).toBe(
      'free',
    );
  });

  it('loosening by what is offered makes it boil freely', () => {
    fc.assert(
      fc.property(
        arbFoods,
        fc.integer({ min: 0, max: 400 }),
        fc.integer({ min: 50, max: 900 }),
        (foods, ml, tomato) => {
          const thick = [...foods, `${tomato} g tomato paste`, `${ml} ml water`];
          const { boil, liquid } = load(thick);
          const more = loosenMl(boil, liquid.countedMl.mid);
          if (boil.verdict === 'free') expect(more).toBe(0);
          else if (liquid.countedMl.mid > 0)
            expect(
              load([...thick, { text: `${more} ml water`, added: true, moment: 'lid' }]).boil.verdict,
            ).toBe('free');
        },
      ),
      { numRuns: 80 },
    );
  });
});

describe('what the ledger knows', () => {
  const sum = (...words: Words[]) => load(words).liquid;

  it('counts the water a stock cube is dissolved in, and the strained soaking water of mushrooms', () => {
    expect(sum('1 chicken stock cube dissolved in 400 ml hot water').pouredMl.mid).toBeCloseTo(400, 0);
    const porcini = sum('20 g dried porcini, soaked in 300 ml boiling water');
    expect(porcini.pouredMl.mid).toBeCloseTo(300 - 3.5 * 20, 0);
    expect(porcini.entries.some((e) => e.kind === 'drunk')).toBe(false);
    expect(sum('20 g dried porcini').entries.some((e) => e.kind === 'drunk')).toBe(true);
    expect(sum('2 tbsp cornflour mixed with 2 tbsp cold water').pouredMl.mid).toBe(0);
  });

  it('counts frozen stock as it melts, and brined meat for more juice', () => {
    const frozen = sum('400 ml frozen chicken stock').entries.find((e) => e.kind === 'poured');
    expect(frozen?.ml.mid).toBeCloseTo(400, 0);
    expect(frozen?.why).toMatch(/melts/);
    expect(sum('1 kg brined chicken thighs').givenMl.mid).toBeGreaterThan(
      sum('1 kg chicken thighs').givenMl.mid * 1.2,
    );
  });

  it('lets softening onions steam off half of what they give, and wine lose half', () => {
    const juices: HouseRules = { ...DEFAULT_RULES, liquid: 'juices' };
    const onions = load(['4 onions, sliced', '300 ml water'], standard, juices).liquid;
    expect(onions.entries.filter((e) => e.lineId === 'l0').map((e) => e.kind)).toEqual(['given', 'boiled']);
    const wine = sum('200 ml red wine').countedMl.mid;
    expect(wine).toBeGreaterThan(90);
    expect(wine).toBeLessThan(115);
  });

  it('keeps what stands in a bowl of its own out of the pot’s sums', () => {
    const rice: Words = { text: '300 g rice', moment: 'lid', on: 'bowl' };
    const beside = load(['800 g beef chuck', '400 ml stock', rice]);
    const among = load(['800 g beef chuck', '400 ml stock', '300 g rice']);
    expect(beside.liquid.countedMl.mid).toBeGreaterThan(among.liquid.countedMl.mid + 50);
    expect(beside.fill.foaming).toEqual([]);
    expect(among.fill.foaming).not.toEqual([]);
    expect(beside.fill.layers.map((l) => l.id)).toEqual(['meat', 'rack', 'bowl']);
    expect(beside.floor.risk).toBeLessThan(among.floor.risk);
  });

  it('stands meat on a rack above the liquid', () => {
    const { fill } = load([{ text: '900 g pork ribs', on: 'rack' }, '360 ml water']);
    expect(fill.rackMm).toBeCloseTo(RACK_MM.value, 1);
    expect(fill.layers.at(-1)?.bottomMm).toBeCloseTo(RACK_MM.value, 1);
    expect(fill.liquidMm).toBeLessThan(RACK_MM.value);
  });
});

describe('the floor, by its causes', () => {
  it('a cook’s own order that puts tomato low catches more, and the layer says what it costs', () => {
    const foods = ['900 g chicken thighs', '2 onions', '400 g passata', '400 ml stock'];
    const own = load(foods, standard, DEFAULT_RULES, ['tomato', 'aromatics', 'meat']);
    expect(own.floor.risk).toBeGreaterThan(load(foods).floor.risk);
    expect(own.fill.layers[0]?.id).toBe('tomato');
    expect(own.fill.layers[0]?.cost).toMatch(/burn alarm/);
  });

  it('a stronger heater and a steel liner catch more', () => {
    const foods = ['900 g chicken thighs', '400 g passata', '300 ml stock'];
    const at = (over: Partial<Pot>) => load(foods, { ...standard, ...over }).floor.risk;
    expect(at({ heaterW: 1800 })).toBeGreaterThan(at({ heaterW: 900 }));
    expect(at({ liner: 'steel' })).toBeGreaterThan(at({ liner: 'non-stick' }));
  });

  it('coconut that was thick in its tin catches more than as much stock, and more of it more', () => {
    const at = (...foods: string[]) => load(['900 g chicken thighs', '300 ml stock', ...foods]).floor.risk;
    expect(at('200 ml coconut cream, under the lid')).toBeGreaterThan(at('200 ml stock'));
    expect(at('400 ml coconut cream, under the lid')).toBeGreaterThan(
      at('200 ml coconut cream, under the lid'),
    );
    expect(at('400 ml coconut milk, under the lid')).toBeGreaterThan(at('400 ml stock'));
  });

  it('names its causes, and together they are no more than certain', () => {
    fc.assert(
      fc.property(arbFoods, arbPot, fc.integer({ min: 0, max: 600 }), (foods, pot, ml) => {
        const { floor } = load([...foods, `${ml} ml water`], pot);
        expect(floor.risk).toBeGreaterThanOrEqual(0);
        expect(floor.risk).toBeLessThanOrEqual(1);
        for (const part of floor.parts) {
          expect(part.label.length).toBeGreaterThan(3);
          expect(part.risk).toBeLessThanOrEqual(floor.risk + 1e-9);
        }
      }),
      { numRuns: 60 },
    );
  });

  it('half a batch in a wide pot leaves a thin film', () => {
    const wide = { ...standard, diameterCm: 30, litres: 10 };
    expect(load(['400 g beef chuck', '200 ml water'], wide).floor.parts.map((p) => p.id)).toContain(
      'film-depth',
    );
    expect(load(['400 g beef chuck', '400 ml water']).floor.parts.map((p) => p.id)).not.toContain(
      'film-depth',
    );
  });
});
