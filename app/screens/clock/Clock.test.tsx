import { fireEvent, screen, waitFor } from '@testing-library/react';
import { planDish } from '../../../core/index';
import { drawn, type Drawn } from '../../testing/charts';
import { dishOf, keptDish, kitchenOf, openAt } from '../../testing/rig';

const STEW = ['1 kg beef chuck, in 4 cm cubes', '400 g carrots', '500 ml stock'];
const F = { weight: 'us', temperature: 'F' } as const;

const chart = (): Drawn => {
  const found = [...drawn.values()].find((c) => /Temperature of the pot/.test(c.name));
  if (!found) throw new Error('Nothing is drawn');
  return found;
};
const line = (label: RegExp): { x: number; y: number }[] =>
  chart().data.datasets.find((d) => label.test(d.label ?? ''))?.data ?? [];
const open = async (lines = STEW, kitchen = kitchenOf(), settings = {}): Promise<void> => {
  drawn.clear();
  await openAt('/dish/d1/clock', { dishes: [dishOf(lines, { settings })], kitchen });
  await waitFor(() => chart());
};
const figure = (name: string): string =>
  [...document.querySelectorAll('.clock-figures > div')]
    .find((d) => d.querySelector('dt')?.textContent === name)
    ?.querySelector('dd')?.textContent ?? '';
const slide = (name: RegExp, value: number): void =>
  void fireEvent.change(screen.getByRole('slider', { name }), { target: { value: String(value) } });

describe('the clock', () => {
  it('draws pot, core, surface and pressure on one time axis, and each ends where the plan says', async () => {
    await open();
    const plan = planDish(dishOf(STEW), kitchenOf());
    for (const name of [/^pot$/, /^core$/, /^surface$/, /^pressure$/])
      expect(line(name).length).toBeGreaterThan(20);
    const core = line(/^core$/);
    expect(core.map((p) => p.x)).toEqual([...core.map((p) => p.x)].sort((a, b) => a - b));
    expect(core.at(-1)?.y).toBeCloseTo(plan.heat.coreAtOpenC ?? 0, 6);
    expect(figure('Holds')).toBe(`${plan.heat.holdS / 60} min`);
    expect(Math.max(...line(/^pressure$/).map((p) => p.y))).toBeCloseTo(75, 0);
  });

  it('draws in the household’s degrees, axis, line to reach and all', async () => {
    await open();
    const inC = line(/^core$/);
    await open(STEW, kitchenOf({ units: F }));
    const inF = line(/^core$/);
    expect(inF.map((p) => p.y)).toEqual(inC.map((p) => expect.closeTo(p.y * 1.8 + 32, 6)));
    expect(chart().options.scales?.['y']?.title?.text).toBe('°F');
    expect(line(/to reach: 145 °F/)[0]?.y).toBeCloseTo(145.4, 1);
    expect(document.querySelector('.page')?.textContent).not.toContain('°C');
  });

  it('makes room below nought only for what is frozen', async () => {
    await open();
    expect(chart().options.scales?.['y']?.min).toBe(0);
    await open(STEW, kitchenOf(), { frozen: true });
    expect(chart().options.scales?.['y']?.min).toBeLessThan(-15);
  });

  it('works the band out, better and better, and says what it is', async () => {
    await open();
    expect(screen.getByText(/Cooking it in other kitchens/)).toBeTruthy();
    await screen.findByText(/band round the core is 200 kitchens/);
    const low = line(/core, lowest/);
    const high = line(/core, eight in ten/);
    expect(low).toHaveLength(high.length);
    low.forEach((p, i) => expect(high[i]!.y).toBeGreaterThanOrEqual(p.y));
  });

  it('judges everything in the pot, and knows nothing of a piece', async () => {
    await open();
    const rows = [...document.querySelectorAll('.clock-kinds tbody tr')].map((r) => r.textContent ?? '');
    expect(rows).toHaveLength(2);
    expect(rows[0]).toMatch(/beef chuck.*decides.*tender/);
    expect(rows[1]).toMatch(/carrots.*falling apart/);
    expect(document.querySelector('.page')?.textContent).toMatch(/check one thick one with the thermometer/i);
    expect(document.querySelector('.page')?.textContent).not.toMatch(/\bsafe\b/i);
  });

  it('has the same as a table, ending with the end', async () => {
    await open();
    const minutes = [...document.querySelectorAll('details .clock-table tbody th')].map((r) =>
      Number(r.textContent),
    );
    expect(minutes.length).toBeGreaterThan(8);
    expect(minutes).toEqual([...minutes].sort((x, y) => x - y));
    expect(minutes.at(-1)).toBe(Math.round(line(/^pot$/).at(-1)!.x));
  });
});

describe('turning a knob', () => {
  it('writes it into the dish and changes all at once', async () => {
    await open();
    slide(/Minutes under pressure/, 12);
    await waitFor(() => expect(figure('Holds')).toBe('12 min'));
    expect((await keptDish()).settings.minutes).toBe(12);
    expect(figure('The meat')).toBe('under');
    fireEvent.click(screen.getByRole('button', { name: /As computed: \d+/ }));
    await waitFor(() => expect(figure('The meat')).toBe('tender'));
    expect((await keptDish()).settings.minutes).toBeNull();
  });

  it('thicker never asks for fewer minutes', async () => {
    await open();
    const held: number[] = [];
    for (const mm of [20, 40, 60]) {
      slide(/^Thickness/, mm);
      const shown = screen.getByText('Thickness').parentElement;
      await waitFor(() => expect(shown?.textContent).toContain(`${mm} mm`));
      held.push(Number.parseInt(figure('Holds'), 10));
    }
    expect(held).toEqual([...held].sort((a, b) => a - b));
    expect(held[2]).toBeGreaterThan(held[0]!);
  });

  it('refuses to predict one frozen lump', async () => {
    await open();
    fireEvent.click(screen.getByRole('radio', { name: 'One lump' }));
    expect(await screen.findByText(/cannot be predicted/)).toBeTruthy();
    expect((await keptDish()).settings).toMatchObject({ frozen: true, fused: true });
    fireEvent.click(screen.getByRole('radio', { name: 'Not frozen' }));
    await waitFor(() => expect(screen.queryByText(/cannot be predicted/)).toBeNull());
  });

  it.each([
    ['Shortest', { release: 'quick', pressure: 'high', minutes: null }],
    ['Gentle', { release: 'natural', pressure: 'low', minutes: null }],
    ['Most tender', { release: 'natural' }],
  ])('%s sets what it means', async (name, settings) => {
    await open();
    fireEvent.click(screen.getByRole('button', { name }));
    await waitFor(async () => expect((await keptDish()).settings).toMatchObject(settings));
  });

  it('says what venting at once would cost', async () => {
    await open();
    expect(screen.getByText(/Vented at once after \d+ min the core would be about \d+ °C/)).toBeTruthy();
    fireEvent.click(screen.getByRole('radio', { name: 'Quick' }));
    await waitFor(() => expect(screen.queryByText(/Vented at once after/)).toBeNull());
  });

  it('compares with what was kept', async () => {
    await open();
    fireEvent.click(screen.getByRole('button', { name: 'Keep this to compare' }));
    slide(/Minutes under pressure/, 10);
    await waitFor(() => expect(figure('Holds')).toBe('10 min'));
    expect(line(/core, kept/).length).toBeGreaterThan(20);
    expect(line(/core, kept/).at(-1)!.x).toBeGreaterThan(line(/^core$/).at(-1)!.x);
    fireEvent.click(screen.getByRole('button', { name: 'Stop comparing' }));
    await waitFor(() => expect(line(/core, kept/)).toHaveLength(0));
  });

  it('has a second stretch where something goes in later, under a lid or at a simmer', async () => {
    drawn.clear();
    const dish = dishOf(STEW);
    await openAt('/dish/d1/clock', {
      dishes: [{ ...dish, lines: dish.lines.map((l, i) => (i === 1 ? { ...l, later: true } : l)) }],
    });
    expect(screen.getByText(/Opened in between for the carrots/)).toBeTruthy();
    expect(figure('Second lid')).toMatch(/min/);
    fireEvent.click(screen.getByRole('radio', { name: 'Simmer' }));
    await waitFor(() => expect(figure('Then simmers')).toMatch(/min/));
    slide(/Minutes after opening/, 3);
    await waitFor(async () =>
      expect((await keptDish()).settings.again).toEqual({ then: 'simmer', minutes: 3 }),
    );
  });

  it('has nothing to turn for meat where there is none', async () => {
    await openAt('/dish/d1/clock', { dishes: [dishOf(['500 ml stock', '2 onions'])] });
    expect(screen.queryByRole('slider', { name: /^Thickness/ })).toBeNull();
    expect(figure('Check one thick piece')).toBe('');
    expect(document.body.textContent).not.toMatch(/NaN|undefined/);
  });
});
