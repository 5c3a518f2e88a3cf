import fc from 'fast-check';
import { LAYER_CONSTRAINTS, LAYER_KINDS } from './data/layers';
import { brokenBy, loadingOrder } from './order';

const IDS = LAYER_KINDS.map((k) => k.id);

describe('the loading order', () => {
  it('keeps every constraint for any set of layers, in any order of entry', () => {
    fc.assert(
      fc.property(fc.subarray(IDS), fc.infiniteStream(fc.nat()), (present, noise) => {
        const { ids, broken } = loadingOrder(present);
        expect(broken).toEqual([]);
        expect(brokenBy(ids)).toEqual([]);
        expect([...ids].sort()).toEqual([...present].sort());
        const shuffled = [...present].sort(() => ((noise.next().value ?? 0) % 3) - 1);
        expect(loadingOrder(shuffled).ids).toEqual(ids);
      }),
    );
  });

  it('has constraints between layers that exist, without a circle, each saying what it costs', () => {
    for (const c of LAYER_CONSTRAINTS) {
      expect(IDS).toContain(c.under);
      expect(IDS).toContain(c.over);
      expect(c.cost).toMatch(/\.$/);
      if (c.catches) expect(c.factor).toBeGreaterThan(1);
    }
    expect(brokenBy(loadingOrder(IDS).ids)).toEqual([]);
  });

  it('lets the cook’s own order win, drops nothing, and tells what it breaks', () => {
    fc.assert(
      fc.property(fc.subarray(IDS), fc.array(fc.constantFrom(...IDS, 'nonsense')), (present, wanted) => {
        const { ids, broken } = loadingOrder(present, wanted);
        expect([...ids].sort()).toEqual([...present].sort());
        expect(broken).toEqual(
          brokenBy(ids).length && wanted.some((w) => present.includes(w)) ? brokenBy(ids) : [],
        );
        const named = [...new Set(wanted)].filter((w) => present.includes(w));
        expect(ids.filter((id) => named.includes(id))).toEqual(named);
      }),
    );
  });

  it('says that tomato under the meat catches', () => {
    const { broken } = loadingOrder(['aromatics', 'meat', 'tomato'], ['tomato', 'meat', 'aromatics']);
    expect(broken.map((c) => c.catches)).toContain('tomato');
  });
});
