import fc from 'fast-check';
import { Pantry } from '../pantry/pantry';
import { formatAmount } from './amountText';
import { readLine } from './read';

const pantry = new Pantry();
const said = (text: string, scale = 1) => {
  const { amount } = readLine(text, pantry);
  return amount ? formatAmount(amount, scale) : '';
};

describe('amounts as a cook says them', () => {
  it.each([
    ['1½ lb chicken thighs', 1, '1½ lb'],
    ['300 ml stock', 2, '600 ml'],
    ['600 ml stock', 2, '1.2 l'],
    ['800 g chicken thighs', 1.5, '1.2 kg'],
    ['2 large onions', 1.5, '3 large'],
    ['1 (14 oz) can coconut milk', 2, '2 × 14 oz can'],
    ['1 tbsp oil', 0.5, '½ tbsp'],
    ['2-3 carrots', 2, '4–6'],
    ['4 cloves garlic', 0.25, '1 clove'],
    ['3 tbsp plus 1 tsp flour', 1, '3 tbsp + 1 tsp'],
    ['a handful of parsley', 2, '2 handfuls'],
    ['568 ml stout', 1, '568 ml'],
    ['568 ml stout', 2, '1.14 l'],
  ])('%s × %d is %s', (text, scale, wanted) => expect(said(text, scale)).toBe(wanted));

  it('reads back what it prints, to the rounding of a kitchen', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 900 }),
        fc.constantFrom(
          'g butter',
          'ml stock',
          'tbsp honey',
          'tsp paprika',
          'cups rice',
          'lb pork ribs',
          'onions',
          'cloves garlic',
          'kg beef chuck',
        ),
        (n, what) => {
          const first = readLine(`${n} ${what}`, pantry);
          const again = readLine(`${formatAmount(first.amount!)} ${what.replace(/^\S+ (?=\S)/, '')}`, pantry);
          // More than a kitchen holds is asked about, not weighed.
          if (/^(?:onions)$/.test(what) || first.massG.mid === 0) return;
          expect(again.massG.mid / first.massG.mid).toBeGreaterThan(0.9);
          expect(again.massG.mid / first.massG.mid).toBeLessThan(1.1);
        },
      ),
    );
  });

  it('printing, reading and printing again is stable', () => {
    for (const text of [
      '1½ lb chicken thighs',
      '2 x 400 g tins chopped tomatoes',
      '3 tbsp plus 1 tsp cornflour',
      '½ cup cream',
      '250 ml wine',
      '6 cloves garlic',
    ]) {
      const line = readLine(text, pantry);
      const printed = `${formatAmount(line.amount!)} ${line.foodText}`;
      const again = readLine(printed, pantry);
      expect(`${formatAmount(again.amount!)} ${again.foodText}`).toBe(printed);
      expect(again.food?.id).toBe(line.food?.id);
      expect(again.massG.mid).toBeCloseTo(line.massG.mid, 3);
    }
  });
});
