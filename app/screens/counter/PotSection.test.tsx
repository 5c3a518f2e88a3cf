import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { planDish } from '../../../core/index';
import { dishOf, keptDish, kitchenOf, openAt } from '../../testing/rig';

const LINES = [
  '800 g boneless chicken thighs, in 3 cm pieces',
  '2 onions, sliced',
  '1 red pepper, in strips',
  '400 g tin chopped tomatoes',
  '300 ml stock',
];
const open = () => openAt('/dish/d1', { dishes: [dishOf(LINES)] });
const layers = (): HTMLElement[] => [...document.querySelectorAll<HTMLElement>('.pot-layer')];
const words = (): string => document.querySelector('#pot-words')?.parentElement?.textContent ?? '';
const plan = planDish(dishOf(LINES), kitchenOf());

describe('the pot, cut open', () => {
  it('has every layer of the plan, the thin level, the need and the fill line', async () => {
    await open();
    expect(layers()).toHaveLength(plan.fill.layers.length);
    const svg = document.querySelector('.counter-pot svg')?.textContent ?? '';
    expect(svg).toMatch(/thin \d+ ml/);
    expect(svg).toMatch(/needs 360 ml/);
    expect(svg).toMatch(/% of the fill line/);
  });

  it('says the same in words, from the floor up', async () => {
    await open();
    const order = plan.fill.layers.map((l) => l.label);
    const at = order.map((label) => words().indexOf(label));
    expect(at.every((i) => i >= 0)).toBe(true);
    expect(words()).toMatch(/At most [\d½¼¾]+ plates under the line/);
  });

  it('is drawn to scale: a layer twice as deep is twice as tall', async () => {
    await open();
    const tall = layers().map((l) => Number(l.querySelector('.pot-lit')?.getAttribute('height')) + 4);
    const deep = [...plan.fill.layers].map((l) => l.topMm - l.bottomMm);
    const known = tall.flatMap((px, i) => (px > 8 && (deep[i] ?? 0) > 0 ? [px / deep[i]!] : []));
    expect(known.length).toBeGreaterThan(1);
    for (const ratio of known) expect(ratio).toBeCloseTo(known[0]!, 0);
  });

  it('a layer is opened, says what it is, moves with its cost, and goes back', async () => {
    await open();
    const tomato = layers().find((l) => /tomato/i.test(l.getAttribute('aria-label') ?? l.textContent ?? ''))!;
    fireEvent.click(tomato);
    const card = await screen.findByRole('group', { name: /^Layer: .*tomato/i });
    expect(card.textContent).toMatch(/\d+ mm, from \d+ mm above the floor/);
    const lower = within(card).getByRole('button', { name: 'Lower' });
    expect(lower.parentElement?.textContent).toMatch(/catch|scorch|floor|costs/i);
    fireEvent.click(lower);
    await waitFor(async () => expect((await keptDish()).settings.layers.length).toBeGreaterThan(0));
    fireEvent.click(await screen.findByRole('button', { name: 'Back to the computed order' }));
    await waitFor(async () => expect((await keptDish()).settings.layers).toEqual([]));
  });

  it('is opened by keys too', async () => {
    await open();
    const first = layers()[0]!;
    fireEvent.keyDown(first, { key: 'Enter' });
    expect(await screen.findByRole('group', { name: /^Layer:/ })).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'Close' }));
    expect(screen.queryByRole('group', { name: /^Layer:/ })).toBeNull();
  });

  it('says too full in words and not by colour alone', async () => {
    await openAt('/dish/d1', { dishes: [dishOf(LINES, { plates: 30 })] });
    expect(words()).toMatch(/Too full: \d{3} % of the fill line/);
  });

  it('has a whole sum behind the thin liquid', async () => {
    await open();
    const ledger = document.querySelector('.counter-pot')?.textContent ?? '';
    expect(ledger).toMatch(/stock/);
    expect(ledger).toMatch(/When the pin drops: .* to .* of sauce/);
  });
});
