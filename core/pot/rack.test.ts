import { defaultKitchen } from '../kitchen/kitchen';
import { planDish } from '../plan/plan';
import { dishOf } from '../script/testing/telling';
import type { Line } from '../dish/dish';

const LIST = '1.8 kg baby back ribs; 2 tbsp brown sugar; 1 tbsp paprika; 1 tsp salt; 500 ml apple juice';
const METHOD =
  'Rub the ribs with the sugar, paprika and salt. Pour the juice into the pot and stand the ribs on the trivet. High pressure 25 minutes, natural release 10 minutes.';
const plan = (method: string, on?: Line['on']) => {
  const dish = dishOf(LIST, method);
  return planDish(
    { ...dish, lines: dish.lines.map((l, i) => (i === 0 && on ? { ...l, on } : l)) },
    defaultKitchen(),
  );
};

describe('a rack that the recipe speaks of', () => {
  it('stands in the pot, with the meat and its rub on it and nothing of them on the floor', () => {
    const { fill, floor } = plan(METHOD);
    expect(fill.rackMm).not.toBeNull();
    expect(fill.layers.map((l) => l.id)).toEqual(['rack', 'rack-meat']);
    expect(floor.parts.map((p) => p.id)).not.toEqual(expect.arrayContaining(['meat-floor']));
    expect(floor.parts.map((p) => p.id)).not.toEqual(expect.arrayContaining(['sugar']));
  });

  it('has the rub on it too where the method says “rub it all over”', () => {
    const { fill } = plan(METHOD.replace(/^Rub[^.]*\./, 'Mix the sugar, paprika and salt and rub all over.'));
    expect(fill.layers.map((l) => l.id)).toEqual(['rack', 'rack-meat']);
  });

  it('is taken away again where the cook puts the meat in with the rest', () => {
    const { fill } = plan(METHOD, 'pot');
    expect(fill.rackMm).toBeNull();
    expect(fill.layers.map((l) => l.id)).toEqual(['meat']);
  });

  it('is none where no sentence speaks of it', () => {
    expect(plan(METHOD.replace('stand the ribs on the trivet', 'add the ribs')).fill.rackMm).toBeNull();
  });
});

it('a rub lies on its meat and is no layer of its own', () => {
  const { fill, floor } = plan(METHOD.replace('stand the ribs on the trivet', 'add the ribs'));
  expect(fill.layers).toHaveLength(1);
  const loose = plan('Put everything in the pot. High pressure 25 minutes, natural release 10 minutes.');
  const sugarIn = (f: typeof floor): number => f.parts.find((p) => p.id === 'sugar')?.risk ?? 0;
  expect(sugarIn(floor)).toBeLessThan(sugarIn(loose.floor));
});
