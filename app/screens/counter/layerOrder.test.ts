import fc from 'fast-check';
import { movedBy, movedTo } from './layerOrder';

const arbIds = fc.uniqueArray(fc.constantFrom('a', 'b', 'c', 'd', 'e', 'f'), { minLength: 1 });

describe('moving a layer', () => {
  it('keeps every layer, puts the moved one where it was asked to go, and the rest in their order', () => {
    fc.assert(
      fc.property(arbIds, fc.nat(7), fc.integer({ min: -1, max: 7 }), (ids, pick, place) => {
        const id = ids[pick % ids.length] ?? '';
        const next = movedTo(ids, id, place);
        if (place < 0 || place >= ids.length || ids[place] === id) {
          expect(next).toBeNull();
          return;
        }
        expect(next?.[place]).toBe(id);
        expect([...(next ?? [])].sort()).toEqual([...ids].sort());
        expect(next?.filter((x) => x !== id)).toEqual(ids.filter((x) => x !== id));
      }),
    );
  });

  it('up and down again is where it was', () => {
    fc.assert(
      fc.property(arbIds, fc.nat(7), (ids, pick) => {
        const id = ids[pick % ids.length] ?? '';
        const up = movedBy(ids, id, 1);
        if (up) expect(movedBy(up, id, -1)).toEqual(ids);
        else expect(ids.at(-1)).toBe(id);
      }),
    );
  });

  it('does nothing for a layer that is not there', () => {
    expect(movedBy(['a', 'b'], 'x', 1)).toBeNull();
    expect(movedTo([], 'x', 0)).toBeNull();
  });
});
