import { fireEvent, screen, waitFor } from '@testing-library/react';
import { packDish, writeRecipe, writeRecipes, planDish } from '../../../core/index';
import { db } from '../../store/db';
import { dishOf, kitchenOf, openAt } from '../../testing/rig';

const stew = {
  ...dishOf(['800 g lamb shoulder, cubed', '2 onions', '400 ml stock']),
  name: 'Neighbour’s stew <b>',
  method: 'Brown the lamb.\nAdd the rest. Close the lid and cook at high pressure for 25 minutes.',
};
const LINK = `/dishes/shared#${packDish(stew)}`;

describe('a dish in a link', () => {
  it('is looked at first, and taken in when the cook says so', async () => {
    await openAt(LINK, { dishes: [] });
    expect((await screen.findByRole('heading', { level: 1 })).textContent).toBe('Neighbour’s stew <b>');
    expect(screen.getByText('800 g lamb shoulder, cubed')).toBeTruthy();
    expect(document.body.textContent).toMatch(/For 4 plates, about .+ in your/);
    expect(await db.dishes.count()).toBe(0);
    fireEvent.click(screen.getByRole('button', { name: 'Take it into my dishes' }));
    await waitFor(async () => expect(await db.dishes.count()).toBe(1));
    const [kept] = await db.dishes.toArray();
    expect(kept).toMatchObject({ name: stew.name, method: stew.method, demo: false });
    await waitFor(() => expect(location.pathname).toBe(`/dish/${kept!.id}`));
  });

  it('that is here already is opened, and not taken twice', async () => {
    await openAt(LINK, { dishes: [stew] });
    fireEvent.click(await screen.findByRole('button', { name: 'Take it into my dishes' }));
    await screen.findByText(/You have this dish already/);
    expect(await db.dishes.count()).toBe(1);
    expect(location.pathname).toBe(`/dish/${stew.id}`);
  });

  it('that was cut short says so, and shows the way to write it down', async () => {
    await openAt(LINK.slice(0, -20), { dishes: [] });
    expect((await screen.findByRole('alert')).textContent).toMatch(/cut short on its way/);
    expect(screen.getByRole('link', { name: 'Write or paste it instead' })).toBeTruthy();
  });
});

const fileOf = (text: string): File =>
  Object.assign(new File([text], 'dish.json', { type: 'application/ld+json' }), {
    text: () => Promise.resolve(text),
  });
const clipboard = (writeText: (text: string) => Promise<void>): void =>
  void Object.defineProperty(navigator, 'clipboard', { configurable: true, value: { writeText } });
const openFile = async (file: File): Promise<void> => {
  await openAt('/dishes/new', { dishes: [] });
  const input = await waitFor(() => document.querySelector<HTMLInputElement>('input[type="file"]')!);
  fireEvent.change(input, { target: { files: [file] } });
};

it('a link that is pasted as a new dish is looked at like one that was opened', async () => {
  await openAt('/dishes/new', { dishes: [] });
  const area = await screen.findByLabelText(/a whole page may be pasted/);
  fireEvent.paste(area, { clipboardData: { files: [], getData: () => `https://another.example${LINK}\n` } });
  await screen.findByRole('heading', { level: 1, name: stew.name });
  expect(await db.dishes.count()).toBe(0);
});

describe('recipe data of its own', () => {
  it('is opened as the whole dish, looked at first', async () => {
    await openFile(fileOf(writeRecipe(planDish(stew, kitchenOf()))));
    await waitFor(() => expect(location.pathname).toBe('/dishes/shared'));
    await screen.findByRole('heading', { level: 1, name: stew.name });
  });

  it('of many dishes is taken in at once, what was there already counted', async () => {
    await openFile(fileOf(writeRecipes([stew, { ...stew, name: 'Another' }, stew])));
    await screen.findByText('2 dishes taken in, 1 was here already.');
    expect((await db.dishes.toArray()).map((d) => d.name).sort()).toEqual(['Another', stew.name]);
  });
});

describe('sharing a dish', () => {
  it('gives a link, a code and files, and copies', async () => {
    let copied = '';
    await openAt(`/dish/${stew.id}`, { dishes: [stew] });
    clipboard((t) => Promise.resolve(void (copied = t)));
    fireEvent.click(await screen.findByRole('button', { name: 'More' }));
    fireEvent.click(await screen.findByText('Share it, or take it along'));
    const link = await screen.findByLabelText<HTMLInputElement>('A link that carries the whole dish');
    expect(link.value).toBe(`${location.origin}${LINK}`);
    fireEvent.click(screen.getByRole('button', { name: 'Copy the link' }));
    await screen.findByText(/The link is copied/);
    expect(copied).toBe(link.value);
    const code = await screen.findByRole('img', { name: /code for the camera/ });
    expect(code.getAttribute('src')).toMatch(/^data:image\/svg\+xml/);
    for (const name of ['Recipe data', 'Text to read'])
      expect(screen.getByRole('button', { name })).toBeTruthy();
  });

  it('says so where the browser lets nothing be copied', async () => {
    await openAt(`/dish/${stew.id}`, { dishes: [stew] });
    clipboard(() => Promise.reject(new Error('no')));
    fireEvent.click(await screen.findByRole('button', { name: 'More' }));
    fireEvent.click(await screen.findByText('Share it, or take it along'));
    fireEvent.click(await screen.findByRole('button', { name: 'Copy the link' }));
    await screen.findByText(/mark the link and copy it yourself/);
  });
});
