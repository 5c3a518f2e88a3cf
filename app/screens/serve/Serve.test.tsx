import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import type { MealWish } from '../../../core/index';
import { db } from '../../store/db';
import { dishOf, keptDish, kitchenOf, openAt } from '../../testing/rig';

const STEW = ['1 kg beef chuck, in 4 cm cubes', '2 onions', '500 ml stock'];
const WISH: MealWish = { serveAt: null, sides: [], hands: 1, yesterday: false };
const open = (meal: Partial<MealWish> = {}, kitchen = kitchenOf()) =>
  openAt('/dish/d1/serve', { dishes: [dishOf(STEW, { settings: { meal: { ...WISH, ...meal } } })], kitchen });
const rows = (): string[] =>
  [...document.querySelectorAll('.timetable > li')].map((li) => li.textContent ?? '');
/** Minutes since midnight of the times of the timetable, counted on over midnight. */
function times(): number[] {
  const all = [...document.querySelectorAll('.timetable time')].map((t) => {
    const [h = 0, m = 0] = (t.textContent ?? '').split(':').map(Number);
    return h * 60 + m;
  });
  const first = all[0] ?? 0;
  return all.map((t) => (t < first - 1 ? t + 1440 : t));
}
const inAll = (): string =>
  /^(.*) in all/.exec(document.querySelector('.serve-answer .small')?.textContent ?? '')?.[1] ?? '';
const minutes = (text: string): number => {
  const m = /(?:(\d+) h)? ?(\d+)?/.exec(text);
  return Number(m?.[1] ?? 0) * 60 + Number(m?.[2] ?? 0);
};

describe('a meal backwards from the table', () => {
  it('lists every task in order, ending at the table', async () => {
    await open({ sides: ['mash', 'greens'] });
    expect(times()).toEqual([...times()].sort((a, b) => a - b));
    expect(rows().at(-1)).toMatch(/Table$/);
    expect(rows().join()).toMatch(/Mash: boil the potatoes.*hands free, on the stove/);
  });

  it('takes sides in and out, and writes the wish into the dish', async () => {
    await open();
    const before = rows().length;
    fireEvent.click(screen.getByLabelText(/^Mash/));
    await waitFor(() => expect(rows()).toHaveLength(before + 3));
    expect((await keptDish()).settings.meal?.sides).toEqual(['mash']);
    fireEvent.click(screen.getByLabelText(/^Mash/));
    await waitFor(() => expect(rows()).toHaveLength(before));
  });

  it('is met on the dot where there is time, and begins as late as that lets it', async () => {
    const at = new Date(Date.now() + 6 * 3600_000);
    const serveAt = `${String(at.getHours()).padStart(2, '0')}:${String(at.getMinutes()).padStart(2, '0')}`;
    await open({ serveAt, sides: ['salad'] });
    expect(document.querySelector('.serve-line')?.textContent).toContain(`Table ${serveAt}`);
    expect(screen.queryByText(/cannot be met/)).toBeNull();
  });

  it('says by how much it cannot be met, offers the nearest, and ways that save time', async () => {
    const at = new Date(Date.now() + 20 * 60_000);
    const serveAt = `${String(at.getHours()).padStart(2, '0')}:${String(at.getMinutes()).padStart(2, '0')}`;
    await open({ serveAt, sides: ['flatbread', 'mash'] });
    expect(screen.getByText(new RegExp(`${serveAt} cannot be met: .* too late`))).toBeTruthy();
    const ways = within(document.querySelector('.serve-late') as HTMLElement).getAllByRole('button');
    expect(ways.length).toBeGreaterThan(1);
    fireEvent.click(ways[0]!);
    await waitFor(() => expect(screen.queryByText(/cannot be met/)).toBeNull());
    expect((await keptDish()).settings.meal?.serveAt).not.toBe(serveAt);
  });

  it('never takes longer with more hands, or with yesterday’s work done', async () => {
    await open({ sides: ['mash', 'flatbread', 'greens'] });
    const alone = minutes(inAll());
    fireEvent.click(screen.getByRole('radio', { name: 'Two' }));
    await waitFor(() => expect(rows().join()).toMatch(/second pair of hands/));
    const two = minutes(inAll());
    expect(two).toBeLessThanOrEqual(alone);
    fireEvent.click(screen.getByLabelText('What can be done yesterday was'));
    await screen.findByRole('heading', { name: 'Done the day before' });
    expect(minutes(inAll())).toBeLessThanOrEqual(two);
  });

  it('leaves out what is done already, and puts it back', async () => {
    await open();
    const before = rows().length;
    fireEvent.click(screen.getByRole('button', { name: 'Done already: Get everything ready' }));
    expect(rows()).toHaveLength(before - 1);
    fireEvent.click(screen.getByRole('button', { name: 'Put them back' }));
    expect(rows()).toHaveLength(before);
  });

  it('does without an oven and with one burner', async () => {
    await open({ sides: ['rice-oven', 'mash'] }, kitchenOf({ burners: 1, oven: false }));
    expect(rows().join()).not.toMatch(/hands free, in the oven/);
    expect(rows().join()).toMatch(/on the stove/);
    fireEvent.click(screen.getByLabelText('Oven'));
    await waitFor(async () => expect((await db.kitchen.get('home'))?.oven).toBe(true));
    await waitFor(() => expect(rows().join()).toMatch(/hands free, in the oven/));
  });

  it('hands the timetable to a calendar', async () => {
    let text = '';
    const made = jest.spyOn(URL, 'createObjectURL').mockImplementation((blob) => {
      void (blob as Blob).text?.().then((t) => (text = t));
      return 'blob:x';
    });
    const click = jest.spyOn(HTMLAnchorElement.prototype, 'click').mockImplementation(() => undefined);
    await open({ sides: ['salad'] });
    fireEvent.click(screen.getByRole('button', { name: 'To a calendar' }));
    expect(made).toHaveBeenCalledTimes(1);
    expect(click).toHaveBeenCalledTimes(1);
    expect(text === '' || text.startsWith('BEGIN:VCALENDAR')).toBe(true);
    made.mockRestore();
    click.mockRestore();
  });
});

describe('a side of our own', () => {
  const drawer = async (): Promise<HTMLElement> => {
    fireEvent.click(screen.getByRole('button', { name: 'A side of your own…' }));
    return screen.findByRole('dialog');
  };

  it('is asked for its name and a word for each task, and keeps what was typed', async () => {
    await open();
    const box = await drawer();
    fireEvent.submit(box.querySelector('form')!);
    expect(within(box).getByRole('alert').textContent).toBe('What is it called?');
    fireEvent.change(within(box).getByLabelText('Name'), { target: { value: 'Klöße' } });
    fireEvent.submit(box.querySelector('form')!);
    expect(within(box).getByRole('alert').textContent).toMatch(/Every task wants a word/);
    expect(within(box).getByLabelText('Name')).toHaveProperty('value', 'Klöße');
  });

  it('joins the meal at once, and is forgotten again', async () => {
    await open();
    const box = await drawer();
    fireEvent.change(within(box).getByLabelText('Name'), { target: { value: 'Klöße' } });
    fireEvent.change(within(box).getByLabelText('Task 1'), { target: { value: 'roll them' } });
    fireEvent.click(within(box).getByRole('button', { name: 'One more task' }));
    fireEvent.change(within(box).getByLabelText('Task 2'), { target: { value: 'simmer them' } });
    fireEvent.change(within(box).getByLabelText('Minutes of task 2'), { target: { value: '18' } });
    fireEvent.change(within(box).getByLabelText('Where task 2 is done'), { target: { value: 'burner' } });
    fireEvent.submit(box.querySelector('form')!);
    await waitFor(() => expect(rows().join()).toMatch(/Klöße: roll them.*Klöße: simmer them 18 min/));
    expect((await db.kitchen.get('home'))?.ownSides?.[0]).toMatchObject({ name: 'Klöße' });
    fireEvent.click(screen.getByRole('button', { name: 'Forget Klöße' }));
    await waitFor(() => expect(rows().join()).not.toMatch(/Klöße/));
  });
});

it('says so when there is no such dish', async () => {
  await openAt('/dish/nothing/serve');
  expect(document.querySelector('.timetable')).toBeNull();
});
