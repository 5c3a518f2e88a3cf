import { compared, pageOf, toCompare, whatDiffers } from './comparing';
import type { PhotoLine } from './readPhoto';

const line = (text: string, clear = 95, opens = false): PhotoLine => ({
  text,
  clear,
  opens,
  box: { x0: 0, y0: 0, x1: 100, y1: 20 },
});

describe('a photo held against its picture', () => {
  const lines = compared([
    line('Lamb stew', 95, true),
    line('1% kg lamb', 95, true),
    line('Salt'),
    line('2 onions'),
  ]);

  it('asks about every figure until it was looked at or left out', () => {
    expect(toCompare(lines).map((l) => l.text)).toEqual(['1% kg lamb', '2 onions']);
    const looked = lines.map((l, n) =>
      n === 1 ? { ...l, isLooked: true } : n === 3 ? { ...l, isLeft: true } : l,
    );
    expect(toCompare(looked)).toEqual([]);
  });

  it('becomes a page: a gap is a blank line, and what was left out is not there', () => {
    expect(pageOf(lines)).toBe('Lamb stew\n\n1% kg lamb\nSalt\n2 onions');
    expect(pageOf(lines.map((l, n) => (n === 3 ? { ...l, isLeft: true } : l)))).toBe(
      'Lamb stew\n\n1% kg lamb\nSalt',
    );
  });

  it('shows of a likely line what is other, and the word behind it', () => {
    expect(whatDiffers('1% kg lamb shoulder', '1½ kg lamb shoulder')).toBe('1½ kg');
    expect(whatDiffers('5 tsp turmeric', '½ tsp turmeric')).toBe('½ tsp');
    expect(whatDiffers('l50 ml cream', '150 ml cream')).toBe('150 ml');
  });
});
