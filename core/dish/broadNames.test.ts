import { Pantry } from '../pantry/pantry';
import { BROAD_NAMES } from './data/broadNames';
import { readLine } from './read';

const pantry = new Pantry();

describe('names that a butcher would ask about', () => {
  it.each(Object.entries(BROAD_NAMES))(
    '%s is taken as %s, weighs what it says, and is marked',
    (name, id) => {
      const read = readLine(`500 g ${name}`, pantry);
      expect(read.food?.id).toBe(id);
      expect(read.massG.mid).toBeCloseTo(500, 0);
      expect(read.confidence).toBe('likely');
      expect(read.doubt).toMatch(/^Taken as /);
    },
  );

  it.each(['meat sauce', 'burgers', 'steak seasoning', 'rib eye roll', 'leg warmers'])(
    'never takes a longer name for its first word: %s',
    (name) => {
      const { food } = readLine(`500 g ${name}`, pantry);
      expect(Object.values(BROAD_NAMES)).not.toContain(food?.id);
    },
  );

  it('knows a pepper that is eaten from one that is ground', () => {
    for (const name of ['peppers', 'roast peppers', 'grilled peppers'])
      expect(readLine(`300 g ${name}`, pantry).food?.id).toBe('red-pepper');
    expect(readLine('1 tsp black pepper', pantry).food?.id).toBe('black-pepper');
  });
});
