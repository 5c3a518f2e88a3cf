import fc from 'fast-check';
import { photoDoubt } from './doubts';
import { withoutEdges } from './edges';
import { evenedOut, greyOf, madeReady, turnedBack, turnOf, type Grey } from './picture';

/** A page of print: dark bars with gaps like words, on paper of one shade. */
function page(width = 600, height = 500, paper = 235): Grey {
  const data = new Uint8Array(width * height).fill(paper);
  for (let line = 40; line < height - 40; line += 28)
    for (let y = line; y < line + 10; y++)
      for (let x = 50; x < width - 50; x++) if ((x + line * 7) % 60 < 44) data[y * width + x] = 30;
  return { width, height, data };
}
const shaded = ({ width, height, data }: Grey): Grey => ({
  width,
  height,
  data: data.map((v, i) => v * (1 - 0.6 * ((i % width) / width))),
});

describe('a photographed page', () => {
  it.each([-3, -1.5, -0.5, 0.5, 2, 3])('is found turned by %s degrees, and turned back level', (degrees) => {
    const turned = turnedBack(page(), -degrees);
    expect(turnOf(turned)).toBeCloseTo(degrees, 0);
    expect(Math.abs(turnOf(turnedBack(turned, turnOf(turned))))).toBeLessThanOrEqual(0.5);
  });

  it('is left alone where it lies straight, or holds no print', () => {
    expect(turnOf(page())).toBe(0);
    expect(turnOf({ width: 80, height: 80, data: new Uint8Array(6400).fill(250) })).toBe(0);
  });

  it('has white paper and black print in even light, however it was shaded', () => {
    const { width, data } = evenedOut(shaded(page()));
    const shades = (x: number, from: number, to: number): number[] => {
      const found: number[] = [];
      for (let y = from; y < to; y++) found.push(data[y * width + x] ?? 0);
      return found;
    };
    for (const x of [70, 300, 540]) {
      const column = shades(x, 40, 460);
      expect(Math.max(...column)).toBeGreaterThan(235);
    }
    const dark = [...data].filter((v) => v < 60).length;
    const wanted = [...page().data].filter((v) => v < 60).length;
    expect(dark / wanted).toBeGreaterThan(0.9);
    expect(dark / wanted).toBeLessThan(1.1);
  });

  it('keeps its size, and every shade a shade, whatever the picture is', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 40 }),
        fc.integer({ min: 1, max: 40 }),
        fc.uint8Array({ minLength: 1, maxLength: 400 }),
        (width, height, bytes) => {
          const rgba = Array.from({ length: width * height * 4 }, (_, i) => bytes[i % bytes.length] ?? 0);
          const { picture } = madeReady(greyOf(width, height, rgba));
          expect([picture.width, picture.height, picture.data.length]).toEqual([
            width,
            height,
            width * height,
          ]);
        },
      ),
      { numRuns: 30 },
    );
  });
});

describe('what is doubted of a line from a photo', () => {
  it.each([
    ['2Y tbsp sweet paprika', '2½ tbsp sweet paprika'],
    ['24 thsp sweet paprika', '2½ tbsp sweet paprika'],
    ['3 cup coconut milk', '⅔ cup coconut milk'],
    ['2; cup coconut milk', '⅔ cup coconut milk'],
    ['2Y5 cups split peas', '2⅓ cups split peas'],
    ['2Y%; cups split peas', '2⅓ cups split peas'],
    ['tsp cinnamon', '½ tsp cinnamon'],
    ['4 bunch thyme', '¼ bunch thyme'],
    ['1%; thsp rapeseed oil', '1½ tbsp rapeseed oil'],
    ['21; tsp salt', '2½ tsp salt'],
    ['21 litres beef stock', '2¼ litres beef stock'],
    ['2% litres beef stock', '2¼ litres beef stock'],
    ['14 tsp ground cloves', '¼ tsp ground cloves'],
    ['cod Y% tsp ground cloves', '¼ tsp ground cloves'],
    ['Y% bunch tarragon', '½ bunch tarragon'],
    ['Put it all in the pot and stir once. i Ec', 'Put it all in the pot and stir once.'],
  ])('offers for “%s” what stands on the page', (read, page) => {
    expect(photoDoubt(read, 95)?.likely).toContain(page);
  });

  it.each([
    ['1% kg beef chuck', '1½ kg beef chuck'],
    ['2% cups stock', '2½ cups stock'],
    ['5 tsp turmeric', '½ tsp turmeric'],
    ['4 tsp cayenne', '¼ tsp cayenne'],
    ['Y4 tsp cloves', '¼ tsp cloves'],
    ['¥2 tsp salt', '½ tsp salt'],
    ['Ya cup cream', '¼ cup cream'],
    ['% onion, diced', '½ onion, diced'],
    ['1%: tsp ground cumin', '1½ tsp ground cumin'],
    ['2¥5 tsp salt', '2½ tsp salt'],
    ['5 cup cream', '⅓ cup cream'],
    ['Y% tsp ground ginger', '½ tsp ground ginger'],
    ['Ys cup cream', '⅓ cup cream'],
    ['5OO g lamb', '500 g lamb'],
    ['l50 ml cream', '150 ml cream'],
    ['2 tosp oil', '2 tbsp oil'],
    ['1 isp cumin', '1 tsp cumin'],
  ])('%s offers %s', (line, wanted) => {
    expect(photoDoubt(line, 95)?.likely).toContain(wanted);
  });

  it('is every amount and every time, and nothing that is only words', () => {
    for (const line of ['800 g chicken thighs', '2 onions', '1½ cups rice', 'Cook for 8 minutes'])
      expect([line, photoDoubt(line, 99)]).toEqual([line, expect.anything()]);
    for (const line of [
      'A pinch of salt',
      'Salt and pepper',
      'Brown the chicken well on all sides.',
      'Method',
    ])
      expect([line, photoDoubt(line, 99)]).toEqual([line, null]);
    expect(photoDoubt('Salt and pepper', 40)?.why).toMatch(/clear/);
  });

  it('never offers a line what it says already, and never throws', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 60 }), fc.integer({ min: 0, max: 100 }), (line, clear) => {
        const doubt = photoDoubt(line, clear);
        expect(doubt?.likely.includes(line) ?? false).toBe(false);
      }),
    );
  });
});

describe('the edges of the paper', () => {
  const word = (text: string, x0: number, x1: number, clear = 90) => ({ text, x0, x1, clear });
  const said = (words: ReturnType<typeof word>[]): string =>
    withoutEdges(words, 20)
      .map((w) => w.text)
      .join(' ');

  it('are no words: specks that stand apart, and lines of nothing else', () => {
    expect(said([word('|', 0, 4), word('1½', 70, 90), word('kg', 96, 120), word('lamb', 126, 170)])).toBe(
      '1½ kg lamb',
    );
    expect(said([word('5', 0, 8), word('2', 60, 68), word('onions', 74, 130), word('i', 300, 304)])).toBe(
      '2 onions',
    );
    expect(said([word('E', 0, 8)])).toBe('');
    expect(said([word('ps', 0, 8, 30), word('ES', 12, 20, 20), word('RA', 24, 30, 40)])).toBe('');
  });

  it('take no word of print away: an amount stands close to what it is of', () => {
    expect(said([word('2', 60, 68), word('onions', 74, 130)])).toBe('2 onions');
    expect(said([word('½', 60, 68), word('tsp', 75, 100), word('salt', 108, 130)])).toBe('½ tsp salt');
    expect(said([word('Salt', 60, 100)])).toBe('Salt');
  });
});
