import { fireEvent, screen, waitFor } from '@testing-library/react';
import { db } from '../../store/db';
import { dishOf, kitchenOf, openAt } from '../../testing/rig';

const SHELF = [
  dishOf(['1 kg beef chuck', '500 ml stock', '2 onions'], {
    id: 'a',
    name: 'Beef and ale',
    tags: ['sunday'],
  }),
  dishOf(['600 g chicken breasts, 30 mm', '400 ml stock', '200 ml double cream'], {
    id: 'b',
    name: 'Creamy chicken',
  }),
  dishOf(['1.2 kg lamb shanks', '100 g prunes', '500 ml stock'], { id: 'c', name: 'Jarret d’agneau — 羊肉' }),
];
const names = (): string[] =>
  [...document.querySelectorAll('.dish-list > li')].map(
    (li) => li.querySelector('h2, h3, strong, a')?.textContent ?? '',
  );

describe('the shelf', () => {
  it('shows every dish with when it can be on the table', async () => {
    await openAt('/', { dishes: SHELF });
    expect(names()).toHaveLength(3);
    await waitFor(() => expect(document.querySelector('.dish-list')?.textContent).toMatch(/\d\d:\d\d/));
  });

  it('reminds of what has been in no file for a month', async () => {
    const old = Date.now() - 45 * 86_400_000;
    await openAt('/', { dishes: [{ ...dishOf(['2 onions']), demo: false, updatedAt: old }] });
    await screen.findByText(/is in no file/);
    fireEvent.click(screen.getByRole('link', { name: 'Save everything to a file' }));
    await screen.findByRole('heading', { name: 'Safe keeping' });
  });

  it('finds by ingredient and past a typing error, and says when nothing matches', async () => {
    await openAt('/', { dishes: SHELF });
    const search = screen.getByLabelText('Search dishes and ingredients');
    fireEvent.change(search, { target: { value: 'prunse' } });
    await waitFor(() => expect(names()).toEqual([expect.stringContaining('Jarret')]));
    fireEvent.change(search, { target: { value: 'qqqqqq' } });
    await screen.findByText(/Nothing here matches “qqqqqq”/);
    fireEvent.click(screen.getByRole('button', { name: 'Show them all' }));
    await waitFor(() => expect(names()).toHaveLength(3));
  });

  it('narrows to a tag and to what everyone can eat', async () => {
    await openAt('/', { dishes: SHELF, kitchen: kitchenOf({ needs: ['no-dairy'] }) });
    fireEvent.change(screen.getByLabelText('Tag'), { target: { value: 'sunday' } });
    await waitFor(() => expect(names()).toEqual([expect.stringContaining('Beef and ale')]));
    fireEvent.change(screen.getByLabelText('Tag'), { target: { value: '' } });
    fireEvent.click(screen.getByLabelText('Everyone can eat it'));
    await waitFor(() => expect(names().join()).not.toContain('Creamy chicken'));
    await waitFor(() => expect(names()).toHaveLength(2));
  });

  it('puts what cannot be there in time last', async () => {
    await openAt('/', { dishes: SHELF });
    const soon = new Date(Date.now() + 75 * 60_000);
    fireEvent.change(screen.getByLabelText('On the table by'), {
      target: {
        value: `${String(soon.getHours()).padStart(2, '0')}:${String(soon.getMinutes()).padStart(2, '0')}`,
      },
    });
    await waitFor(() =>
      expect(document.querySelector('.page-head')?.textContent).toMatch(/of 3 by \d\d:\d\d/),
    );
    await waitFor(() => expect(names()[0]).toContain('Creamy chicken'));
  });

  it('invites to a first dish where there is none', async () => {
    await openAt('/');
    expect(screen.getByRole('heading', { name: 'An empty shelf' })).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'Paste a list' }));
    await screen.findByRole('heading', { name: 'A new dish' });
  });
});

describe('a new dish', () => {
  it('is read as it is typed, asks about what it does not know, and drops nothing', async () => {
    await openAt('/dishes/new');
    const lines = ['1½ lb boneless chicken thighs', 'a few wild zambles', 'juice of ½ lemon', '½ cup cream'];
    fireEvent.change(screen.getByLabelText(/Ingredients, one on a line/), {
      target: { value: `Harbour supper\nServes 6\n${lines.join('\n')}` },
    });
    await screen.findByText(/4 lines, 1 to ask about/);
    expect(screen.getByLabelText('Name').getAttribute('placeholder')).toBe('Harbour supper');
    fireEvent.click(screen.getByRole('button', { name: 'Put it on the counter' }));
    await waitFor(() => expect(window.location.pathname).toMatch(/^\/dish\/.+/));
    const kept = (await db.dishes.toArray())[0]!;
    expect([kept.name, kept.plates, kept.lines.map((l) => l.text)]).toEqual(['Harbour supper', 6, lines]);
  });

  it('waits for a line before it can be made', async () => {
    await openAt('/dishes/new');
    expect(screen.getByRole('button', { name: 'Put it on the counter' })).toHaveProperty('disabled', true);
    fireEvent.change(screen.getByLabelText(/Ingredients, one on a line/), { target: { value: '   \n\n' } });
    expect(screen.getByRole('button', { name: 'Put it on the counter' })).toHaveProperty('disabled', true);
  });

  it('says weights in the household’s own units', async () => {
    await openAt('/dishes/new', { kitchen: kitchenOf({ units: { weight: 'us', temperature: 'F' } }) });
    fireEvent.change(screen.getByLabelText(/Ingredients, one on a line/), {
      target: { value: '1 kg beef chuck' },
    });
    await screen.findByText(/about 2¼ lb/);
  });
});
