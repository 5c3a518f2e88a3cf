import { screen } from '@testing-library/react';
import { dishOf, openAt } from '../../testing/rig';

it('every line of the dish is in exactly one bowl, raw meat and cold dairy apart', async () => {
  const lines = [
    '800 g boneless chicken thighs',
    '2 onions, chopped',
    '2 tsp ground cumin',
    '300 ml stock',
    '150 ml double cream',
    '1 handful dill',
  ];
  await openAt('/dish/d1/bowls', { dishes: [dishOf(lines)] });
  const items = [...document.querySelectorAll('.bowl-items > li')].map((li) => li.textContent ?? '');
  for (const word of ['chicken thighs', 'onions', 'cumin', 'stock', 'double cream', 'dill'])
    expect([word, items.filter((t) => t.includes(word)).length]).toEqual([word, 1]);
  const bowl = (word: string) =>
    [...document.querySelectorAll('.bowl')].find((b) => b.textContent?.includes(word));
  expect(bowl('chicken thighs')?.querySelectorAll('.bowl-items > li')).toHaveLength(1);
  expect(bowl('double cream')?.textContent).toMatch(/cold/);
  expect(screen.getByText(/Stays in the refrigerator until it is wanted/).parentElement?.textContent).toMatch(
    /double cream/,
  );
});

it('says so where there is nothing to set out', async () => {
  await openAt('/dish/d1/bowls', { dishes: [dishOf([])] });
  expect(screen.getByText(/Nothing to set out yet/)).toBeTruthy();
});
