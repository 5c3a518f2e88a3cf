import { readFileSync } from 'node:fs';
import { emptyDish } from '../dish/dish';
import { defaultKitchen } from '../kitchen/kitchen';
import { planDish } from './plan';

/** Lines with the minutes that cooks print for them, each in the same plain stew. */
const cases = ['practice', 'spent-1'].flatMap((file) =>
  readFileSync(`corpora/minutes/${file}.txt`, 'utf8')
    .trim()
    .split('\n')
    .map((row) => {
      const [line = '', band = ''] = row.split('|').map((part) => part.trim());
      const [from = NaN, to = NaN] = band.split('-').map(Number);
      return { line, from, to };
    }),
);

const METHOD =
  'Heat the oil and brown the meat. Add the onions and cook for 5 minutes. Pour in the stock, close the lid and cook at high pressure until tender.';

const minutesOf = (line: string): number =>
  planDish(
    {
      ...emptyDish('d', 'Stew', 0),
      lines: [line, '1 tbsp oil', '2 onions, chopped', '400 ml chicken stock'].map((text, i) => ({
        id: `l${i}`,
        text,
      })),
      method: METHOD,
    },
    defaultKitchen(),
  ).heat.suggestedMin;

describe('minutes for a line as it is bought', () => {
  const all = cases.map((c) => ({ ...c, minutes: minutesOf(c.line) }));

  it('are what cooks print for nine lines in ten', () => {
    const outside = all.filter(({ minutes, from, to }) => minutes < from || minutes > to);
    expect(outside.length / all.length).toBeLessThanOrEqual(0.1);
  });

  it('are never half of what cooks print, nor half as much again and ten', () => {
    const far = all.filter(({ minutes, from, to }) => minutes < from / 2 || minutes > 1.5 * to + 10);
    expect(far.map(({ line, minutes }) => `${line}: ${minutes}`)).toEqual(FAR);
  });

  it.each([
    ['1 kg turkey breast', '4 kg turkey breast'],
    ['2 pork tenderloins', '6 pork tenderloins'],
    ['2 duck breasts', '8 duck breasts'],
  ])('are never fewer for more of what is only made hot: %s', (some, more) => {
    expect(minutesOf(more)).toBeGreaterThanOrEqual(minutesOf(some));
  });

  it('are more for frozen pieces than for fresh ones', () => {
    for (const meat of ['boneless chicken thighs', 'chicken breasts', 'stewing beef, cubed'])
      expect(minutesOf(`800 g frozen ${meat}`)).toBeGreaterThan(minutesOf(`800 g ${meat}`));
  });
});

/** Known to be far off: a thin steak that is rolled up is a roll and no joint. */
const FAR = ['600 g minute steak, rolled: 72'];
