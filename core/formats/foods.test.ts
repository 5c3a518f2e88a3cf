import fc from 'fast-check';
import { ownFood } from '../pantry/own';
import { Pantry } from '../pantry/pantry';
import { MAX_FOODS_BYTES, readFoods, writeFoods } from './foods';

const pantry = new Pantry();
const like = (id: string) => {
  const food = pantry.get(id);
  if (!food) throw new Error(`The pantry has no ${id}`);
  return food;
};
const own = (name: string, id = 'spinach') => {
  const food = ownFood(`own-${id}`, name, like(id));
  if (!food) throw new Error(`${name} says nothing`);
  return food;
};

describe('a file of foods', () => {
  it('reads back what it wrote, in any language', () => {
    const foods = [own('sea beans'), own('Märzenbecher', 'carrot'), own('ほうれん草', 'onion')];
    expect(readFoods(writeFoods(foods))).toEqual({ ok: true, foods });
    expect(readFoods(writeFoods([]))).toEqual({ ok: true, foods: [] });
  });

  it.each([
    ['half a file', writeFoods([own('sea beans')]).slice(0, 60), /damaged/],
    ['a foreign file', '{"format":"something"}', /at format|at the start/],
    ['a later version', '{"format":"keen-ladle-foods","version":2,"foods":[]}', /at version/],
    [
      'a food without figures',
      '{"format":"keen-ladle-foods","version":1,"foods":[{"id":"x"}]}',
      /at foods › 0/,
    ],
    [
      'too many',
      JSON.stringify({
        format: 'keen-ladle-foods',
        version: 1,
        foods: Array.from({ length: 501 }, () => own('x y')),
      }),
      /at foods/,
    ],
    ['a huge file', ' '.repeat(MAX_FOODS_BYTES + 1), /larger/],
  ])('%s gets a clear sentence', (_name, text, says) => {
    const read = readFoods(text);
    expect(read).toMatchObject({ ok: false, message: expect.stringMatching(says) });
    expect(read).toMatchObject({ message: expect.stringContaining('Nothing was changed') });
  });

  it('never throws, whatever it holds', () => {
    fc.assert(
      fc.property(fc.oneof(fc.string({ maxLength: 300 }), fc.json()), (text) => void readFoods(text)),
    );
  });

  it('an own food has the figures of what it is like and its own name, and nothing without letters is a name', () => {
    const food = own('zamblefruit', 'carrot');
    expect({ ...food, id: '', names: [], source: '' }).toMatchObject({
      kind: like('carrot').kind,
      gPerMl: like('carrot').gPerMl,
    });
    expect(food.names[0]).toBe('zamblefruit');
    for (const name of ['', '   ', '12', '!?']) expect(ownFood('own-x', name, like('carrot'))).toBeNull();
  });
});
