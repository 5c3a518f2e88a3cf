import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { dishOf, keptDish, openAt } from '../../testing/rig';

const LINES = [
  '1 kg chicken thighs',
  '1 tbsp oil',
  '1 onion, chopped',
  '2 tsp paprika',
  '250 ml chicken stock',
  '100 ml double cream',
];
const METHOD =
  'Heat the oil and brown the chicken, then lift it out. Soften the onion for 4 minutes, add the paprika and stir for a minute. Pour in the stock and scrape the bottom clean. Return the chicken. Lock the lid and cook at high pressure for 9 minutes. Natural release for 5 minutes. Stir in the cream and serve.';

const open = async (method = METHOD): Promise<void> => {
  await openAt('/dish/d1', { dishes: [dishOf(LINES, { method })] });
  fireEvent.click(screen.getByRole('button', { name: 'How it goes' }));
  await screen.findByText(/Read from your method|no method that can be followed/);
};
const change = (): void => void fireEvent.click(screen.getByLabelText('Change it'));
const titles = (): string[] =>
  [...document.querySelectorAll('.goes-acts .goes-head strong')].map((e) => e.textContent ?? '');
const row = (title: string) =>
  within(
    [...document.querySelectorAll<HTMLElement>('.goes-acts > li')].find(
      (li) => li.querySelector('strong')?.textContent === title,
    )!,
  );

describe('how it goes', () => {
  it('tells the steps with the recipe’s words, and says where there is no method to follow', async () => {
    await open();
    expect(screen.getByText(/^Brown chicken thigh/).closest('li')?.textContent).toMatch(/then lift it out/);
    await open('');
    expect(screen.queryByLabelText('Change it')).toBeNull();
  });

  it('moves an act, keeps it with the dish, and gives the method back', async () => {
    await open();
    change();
    const before = titles();
    expect(before).toContain('Under pressure');
    fireEvent.click(screen.getByRole('button', { name: 'Soften: earlier' }));
    await waitFor(() => expect(titles().indexOf('Soften')).toBe(before.indexOf('Soften') - 1));
    expect(document.activeElement?.getAttribute('aria-label')).toBe('Soften: earlier');
    expect((await keptDish()).script?.acts.length).toBe(before.length);
    fireEvent.click(screen.getByRole('button', { name: 'As the method says' }));
    await waitFor(() => expect(titles()).toEqual(before));
    expect((await keptDish()).script).toBeUndefined();
  });

  it('never offers to move or leave out what the pot does', async () => {
    await open();
    change();
    for (const title of ['Close the lid', 'Under pressure', 'Let the pressure go'])
      expect(row(title).queryByRole('button')).toBeNull();
    expect(row('Under pressure').queryByLabelText('Then also')).toBeNull();
  });

  it('leaves an act out, says where its line goes now, and brings the line to another', async () => {
    await open();
    change();
    fireEvent.click(screen.getByRole('button', { name: 'Leave out: Bloom' }));
    expect(await screen.findByText(/Named by no act.*paprika/)).toBeTruthy();
    fireEvent.change(row('Soften').getByLabelText('Bring here'), { target: { value: 'l3' } });
    await waitFor(() => expect(screen.queryByText(/Named by no act/)).toBeNull());
    expect(row('Soften').getAllByText(/paprika/).length).toBeGreaterThan(0);
  });

  it('adds an act after another with its minutes, and the steps follow', async () => {
    await open();
    change();
    fireEvent.change(row('Let the pressure go').getByLabelText('Then also'), { target: { value: 'grill' } });
    await waitFor(() => expect(titles()).toContain('Under the grill'));
    fireEvent.change(row('Under the grill').getByLabelText('Minutes'), { target: { value: '6' } });
    await waitFor(async () =>
      expect((await keptDish()).script?.acts.find((a) => a.verb === 'grill')?.minutes).toBe(6),
    );
    change();
    const step = (await screen.findByText('Under the grill')).closest('li');
    await waitFor(() => expect(step?.textContent).toMatch(/4.8\smin/));
  });
});

describe('the sauce of a dish', () => {
  it('is the recipe’s until the house wants it thick, and its step comes and goes with that', async () => {
    await open();
    const field = screen.getByLabelText('Sauce') as HTMLSelectElement;
    expect(field.selectedOptions[0]?.textContent).toMatch(/^recipe: /);
    expect(screen.queryByText('Thicken at the boil')).toBeNull();
    fireEvent.change(field, { target: { value: 'gravy' } });
    await screen.findByText('Thicken at the boil');
    expect((await keptDish()).settings).toMatchObject({ aim: 'gravy', sauce: 'house' });
    fireEvent.change(field, { target: { value: 'thin' } });
    await waitFor(() => expect(screen.queryByText('Thicken at the boil')).toBeNull());
    expect((await keptDish()).settings.sauce).toBe('thin');
  });
});
