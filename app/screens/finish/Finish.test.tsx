import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import fc from 'fast-check';
import { defaultKitchen, THICKENERS, THICKNESSES } from '../../../core/index';
import { db } from '../../store/db';
import { drawn } from '../../testing/charts';
import { dishOf, keptDish, kitchenOf, openAt } from '../../testing/rig';

const STEW = [
  '800 g boneless chicken thighs, in 3 cm pieces',
  '2 onions',
  '400 ml stock',
  '200 ml double cream',
];
const reading = (): HTMLInputElement => document.querySelector('#reading') as HTMLInputElement;
const type = (text: string): void => void fireEvent.change(reading(), { target: { value: text } });
const dose = (): string => screen.getByTestId('dose').textContent ?? '';
/** Grams of the answer: what stands last in its line. */
const grams = (): number => Number(/([\d.]+) g$/.exec(dose())?.[1] ?? Number.NaN);
const tab = (name: string): void => void fireEvent.click(screen.getByRole('radio', { name }));

describe('the bench, for any pot', () => {
  it('asks for the one figure it needs, and answers in spoons, grams and cold water', async () => {
    await openAt('/finish');
    expect(document.querySelector('.bench-ask')?.textContent).not.toBe('');
    type('750');
    expect(dose()).toMatch(/2 tbsp \+ ¾ tsp cornstarch 18 g/);
    expect(document.querySelector('.bench-second')?.textContent).toMatch(/into 2 tbsp .* cold water/);
  });

  it('keeps the last good answer while a figure makes no sense, and says why beside the field', async () => {
    await openAt('/finish');
    type('750');
    const good = dose();
    for (const nonsense of ['-3', 'abc', '9000000', '0']) {
      type(nonsense);
      expect(screen.getByRole('alert').textContent).toMatch(/\w{4}/);
      expect(reading().getAttribute('aria-describedby')).toBe('reading-says');
      expect(dose()).toBe(good);
      expect(document.querySelector('.is-stale')).not.toBeNull();
    }
    type('800');
    expect(document.querySelector('.is-stale')).toBeNull();
    expect(grams()).toBeGreaterThan(18);
  });

  it('never shows a broken figure, whatever is typed', async () => {
    await openAt('/finish');
    fc.assert(
      fc.property(fc.oneof(fc.string({ maxLength: 12 }), fc.double().map(String)), (text) => {
        type(text);
        expect(document.body.textContent).not.toMatch(/NaN|Infinity|undefined|\[object/);
      }),
      { numRuns: 40 },
    );
  });

  it.each([
    ['Scale', '2900'],
    ['Depth', '25'],
    ['Ladles', '6'],
    ['Cups', '3'],
  ])('measures by %s too, each with its own error', async (way, text) => {
    await openAt('/finish');
    fireEvent.click(screen.getByRole('radio', { name: way }));
    expect(reading().value).toBe('');
    type(text);
    expect(grams()).toBeGreaterThan(5);
    expect(document.querySelector('#reading-says')?.textContent).toMatch(/Within about \d+ %/);
  });

  it('takes the pieces that are still in from what was weighed', async () => {
    await openAt('/finish');
    fireEvent.click(screen.getByRole('radio', { name: 'Scale' }));
    type('3800');
    const without = grams();
    fireEvent.click(screen.getByLabelText('The pieces are still in'));
    fireEvent.change(screen.getByLabelText('Cooked weight of the pieces'), { target: { value: '700' } });
    expect(grams()).toBeLessThan(without);
  });

  it('wants more the thicker it should be, and less the thicker it is', async () => {
    await openAt('/finish');
    type('750');
    const aims = THICKNESSES.filter((t) => t.id !== 'glaze' && t.percent > 0);
    const wanted = aims.map((t) => {
      fireEvent.click(
        within(screen.getByRole('radiogroup', { name: 'Thickness wanted' })).getByLabelText(t.name),
      );
      return grams();
    });
    expect(wanted).toEqual([...wanted].sort((a, b) => a - b));
    const thick = grams();
    fireEvent.click(
      within(screen.getByRole('radiogroup', { name: 'Thickness now' })).getByLabelText('light'),
    );
    expect(grams()).toBeLessThan(thick);
  });

  it('answers with every thickener there is', async () => {
    await openAt('/finish');
    type('750');
    for (const t of THICKENERS) {
      fireEvent.change(screen.getByLabelText('With'), { target: { value: t.id } });
      expect(dose()).toContain(t.id === 'yolk' ? 'egg yolk' : t.name);
      expect(document.body.textContent).not.toMatch(/NaN|Infinity|undefined/);
    }
  });

  it('gives the order for the way of thickening, in the household’s degrees', async () => {
    await openAt('/finish', { kitchen: kitchenOf({ units: { weight: 'us', temperature: 'F' } }) });
    type('750');
    const order = () => document.querySelector('.bench-order')?.textContent ?? '';
    expect(order()).toMatch(/real boil/);
    fireEvent.change(screen.getByLabelText('With'), { target: { value: 'yolk' } });
    expect(order()).toMatch(/167–176 °F; it must not boil again/);
  });

  it('draws the curve with now and aim on it', async () => {
    await openAt('/finish');
    type('750');
    tab('Curve');
    // The curve is drawn anew for what is typed over the jugful that stood there.
    const points = (): { x: number; y: number }[] =>
      [...drawn.values()]
        .filter((c) => /dose|starch/i.test(c.name))
        .flatMap((c) => c.data.datasets.flatMap((d) => d.data));
    await waitFor(() =>
      expect(points().some((p) => Math.abs(p.x - 2.25) < 0.01 && Math.abs(p.y - grams()) < 1)).toBe(true),
    );
    expect(points().every((p) => Number.isFinite(p.x) && Number.isFinite(p.y))).toBe(true);
  });
});

describe('more about this sauce', () => {
  const open = async (kitchen = kitchenOf()): Promise<void> => {
    await openAt('/finish', { kitchen });
    type('750');
  };

  it('ranks every way with grams, minutes and reasons; takes one with a tap', async () => {
    await open();
    tab('With what');
    const rows = [...document.querySelectorAll('.advice > li')].map((li) => li.textContent ?? '');
    expect(rows).toHaveLength(THICKENERS.length + 1);
    expect(rows[0]).toMatch(/best here/);
    for (const row of rows) expect(row).not.toMatch(/XX|NaN|undefined/);
    expect(rows.filter((r) => / \d+ g|\d g/.test(r)).length).toBeGreaterThan(8);
    fireEvent.click(screen.getByRole('button', { name: 'tapioca starch' }));
    expect(dose()).toContain('tapioca');
  });

  it('never offers wheat to a house without gluten', async () => {
    await open(kitchenOf({ needs: ['no-gluten'] }));
    tab('With what');
    const row = (name: string) =>
      [...document.querySelectorAll('.advice > li')].find((li) => li.textContent?.startsWith(name))
        ?.textContent;
    for (const name of ['wheat flour', 'flour-and-butter paste', 'blond roux'])
      expect([name, row(name) ?? 'not here']).toEqual([name, expect.stringMatching(/not here/)]);
    expect(row('cornstarch')).not.toMatch(/not here/);
  });

  it('trades minutes of boiling down against starch', async () => {
    await open();
    tab('Boil down');
    const cells = [...document.querySelectorAll('.bench-tab tbody tr')].map((tr) => tr.textContent ?? '');
    expect(cells[0]).toMatch(/^not at all/);
    const starch = cells.map((c) => Number(/\(([\d.]+) g\)/.exec(c)?.[1] ?? 0));
    expect(starch).toEqual([...starch].sort((a, b) => b - a));
  });

  it('says of the salt what can be said without a dish, and less of it in a low-salt house', async () => {
    await open(kitchenOf({ needs: ['low-salt'] }));
    tab('Salt');
    expect(document.querySelector('.bench-tab')?.textContent).toMatch(
      /Without a dish .* 0\.6 % in this house/,
    );
  });

  it('has a rescue with amounts for everything that goes wrong', async () => {
    await open();
    tab('Went wrong');
    const select = screen.getByLabelText('What went wrong');
    const ids = [...select.querySelectorAll('option')].map((o) => o.value);
    expect(ids).toHaveLength(7);
    for (const id of ids) {
      fireEvent.change(select, { target: { value: id } });
      const steps = [...document.querySelectorAll('.bench-tab ol > li')].map((li) => li.textContent);
      expect(steps.length).toBeGreaterThan(0);
      expect(steps.join(' ')).not.toMatch(/NaN|undefined|Infinity/);
    }
  });
});

describe('after the boil', () => {
  it('gives the second dose when it runs, the splash when it is too thick, and peace when it is right', async () => {
    await openAt('/finish');
    type('750');
    const shows = (name: string): string => {
      fireEvent.click(
        within(screen.getByRole('radiogroup', { name: 'What the spoon shows' })).getByLabelText(name),
      );
      return document.querySelector('.spoon-shows [role=status]')?.textContent ?? '';
    };
    expect(shows('light')).toMatch(/Another .*cornstarch .* boil again/);
    expect(shows('clinging')).toMatch(/Loosen it with about \d+ ml/);
    expect(shows('coating')).toMatch(/Leave it alone/);
  });

  it('is learned from, once a sauce', async () => {
    await openAt('/finish');
    type('750');
    for (const name of ['light', 'brothy', 'light'])
      fireEvent.click(
        within(screen.getByRole('radiogroup', { name: 'What the spoon shows' })).getByLabelText(name),
      );
    await waitFor(async () => expect((await db.kitchen.get('home'))?.spoonRatios).toHaveLength(1));
    expect((await db.kitchen.get('home'))?.spoonRatios?.[0]).toBeLessThan(1);
  });
});

describe('the bench of a dish', () => {
  it('begins with what the plan expects and says that measuring is better', async () => {
    await openAt('/dish/d1/finish', { dishes: [dishOf(STEW)] });
    expect(screen.getByText(/The plan expects .* Measured is better/)).toBeTruthy();
    expect(grams()).toBeGreaterThan(5);
    expect(screen.getByLabelText('Cream to come')).toHaveProperty(
      'value',
      expect.stringMatching(/^(1[89]|20|21)\d$/),
    );
  });

  it('shows the spoon of the recipe’s own dose where that is another than what is wanted', async () => {
    await openAt('/dish/d1/finish', { dishes: [dishOf([...STEW, '4 tbsp cornstarch'])] });
    const spoons = (): string => document.querySelector('.becomes')?.textContent ?? '';
    expect(spoons()).toMatch(/with the recipe’s \d+ g: (gravy|clinging)/);
    fireEvent.change(screen.getByLabelText('With'), { target: { value: 'arrowroot' } });
    expect(spoons()).not.toMatch(/recipe/);
  });

  it('shows starch, boiling down and both in one line', async () => {
    await openAt('/finish');
    fireEvent.click(
      within(screen.getByRole('radiogroup', { name: 'Thickness now' })).getByLabelText('light'),
    );
    expect(document.querySelector('.bench-ways')?.textContent).toMatch(
      /Both: boil .*, then .*g.*Boil down only: .* left, salt × /,
    );
    fireEvent.click(
      within(screen.getByRole('radiogroup', { name: 'Thickness now' })).getByLabelText('brothy'),
    );
    expect(document.querySelector('.bench-ways')?.textContent).toMatch(/Boil down only: no/);
  });

  it('remembers how it should be, and the order is the dish’s own', async () => {
    await openAt('/dish/d1/finish', { dishes: [dishOf(STEW)] });
    fireEvent.click(
      within(screen.getByRole('radiogroup', { name: 'Thickness wanted' })).getByLabelText('clinging'),
    );
    await waitFor(async () => expect((await keptDish()).settings.aim).toBe('clinging'));
    expect(document.querySelector('.bench-order')?.textContent).toMatch(
      /Thicken at the boil.*Stir in the cream.*sharp, green, salt/,
    );
  });

  it('says so when there is no such dish', async () => {
    await openAt('/dish/nothing/finish', { kitchen: defaultKitchen() });
    expect(screen.getByRole('heading', { level: 1 }).textContent).toMatch(/\w/);
    expect(screen.queryByTestId('dose')).toBeNull();
  });
});
