import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { POT_PRESETS, writeBackup, type Kitchen } from '../../../core/index';
import { db } from '../../store/db';
import { dishOf, field, kitchenOf, openAt, settle } from '../../testing/rig';

const kept = async (): Promise<Kitchen> => (await db.kitchen.get('home'))!;
const give = (label: RegExp | string, file: File): void =>
  void fireEvent.change(field(label), { target: { files: [file] } });
const fileOf = (name: string, text: string): File => {
  const file = new File([text], name, { type: 'application/json' });
  // The stand-in browser's files have no text of their own.
  Object.defineProperty(file, 'text', { value: () => Promise.resolve(text) });
  return file;
};

describe('the house', () => {
  it('is written down as it is changed, and only what makes sense', async () => {
    await openAt('/kitchen');
    fireEvent.change(field('Height above the sea'), { target: { value: '1150' } });
    await waitFor(async () => expect((await kept()).altitudeM).toBe(1150));
    fireEvent.change(field('Height above the sea'), { target: { value: '99999' } });
    expect(screen.getByRole('alert').textContent).toMatch(/Between -400 and 5500 m/);
    await settle();
    expect((await kept()).altitudeM).toBe(1150);
  });

  it('asks for the room in the household’s degrees, keeps °C, and says the figures in them', async () => {
    await openAt('/kitchen', { kitchen: kitchenOf({ roomC: 20 }) });
    expect(field('Kitchen temperature')).toHaveProperty('value', '20');
    fireEvent.click(field('°F'));
    await waitFor(() => expect(field('Kitchen temperature')).toHaveProperty('value', '68'));
    fireEvent.change(field('Kitchen temperature'), { target: { value: '77' } });
    await waitFor(async () => expect((await kept()).roomC).toBeCloseTo(25, 9));
    expect(screen.getByText(/Poultry 165 °F, ground 160 °F, whole cuts 145 °F/)).toBeTruthy();
    fireEvent.click(field('UK public figures'));
    await screen.findByText(/Poultry 158 °F.*158 °F held for 2 minutes/);
    expect(document.querySelector('.page')?.textContent).not.toContain('°C.');
  });

  it('knows who eats here', async () => {
    await openAt('/kitchen');
    fireEvent.click(field(/No gluten/));
    fireEvent.click(field('peanut'));
    await waitFor(async () =>
      expect(await kept()).toMatchObject({ needs: ['no-gluten'], allergens: ['peanut'] }),
    );
    fireEvent.click(field('peanut'));
    await waitFor(async () => expect((await kept()).allergens).toEqual([]));
  });

  it('chooses its schools, each with its cost, and puts them back', async () => {
    await openAt('/kitchen');
    fireEvent.click(field(/Boil it down only/));
    fireEvent.click(field(/Always quick/));
    await waitFor(async () =>
      expect((await kept()).rules).toMatchObject({ thickener: 'reduce', release: 'quick' }),
    );
    fireEvent.click(screen.getByRole('button', { name: 'All as they were at first' }));
    await waitFor(async () =>
      expect((await kept()).rules).toMatchObject({ thickener: 'cornstarch', release: 'by-cut' }),
    );
  });
});

describe('pots', () => {
  it('are added like one that is known, made the usual one, and renamed', async () => {
    await openAt('/kitchen', { kitchen: kitchenOf({ pots: [POT_PRESETS[0]!], potId: POT_PRESETS[0]!.id }) });
    const add = field('Add a pot like');
    const choice = [...add.querySelectorAll('option')].at(-1)!.value;
    fireEvent.change(add, { target: { value: choice } });
    await waitFor(async () => expect((await kept()).pots).toHaveLength(2));
    fireEvent.click(await screen.findByRole('button', { name: 'Make it the usual one' }));
    await waitFor(async () => expect((await kept()).potId).toBe((await kept()).pots[1]!.id));
  });

  it('take corrections of any figure, and refuse nonsense beside the field', async () => {
    await openAt('/kitchen', { kitchen: kitchenOf({ pots: [POT_PRESETS[1]!], potId: POT_PRESETS[1]!.id }) });
    fireEvent.click(screen.getByRole('button', { name: 'Figures' }));
    fireEvent.change(field('Inside diameter'), { target: { value: '24,5' } });
    await waitFor(async () => expect((await kept()).pots[0]!.diameterCm).toBe(24.5));
    fireEvent.change(field('Inside diameter'), { target: { value: '2' } });
    expect(screen.getByText('Between 10 and 50 cm')).toBeTruthy();
    fireEvent.click(field('Whistles'));
    await waitFor(() => field('One whistle every'));
    fireEvent.click(field('Stands somewhere else'));
    fireEvent.change(await waitFor(() => field('Height there')), { target: { value: '1800' } });
    await waitFor(async () =>
      expect((await kept()).pots[0]).toMatchObject({ whistleMin: 4, altitudeM: 1800, diameterCm: 24.5 }),
    );
    expect(screen.queryByRole('button', { name: /Remove/ })).toBeNull();
  });

  it('say their liquid in cups to a house that measures so', async () => {
    await openAt('/kitchen', { kitchen: kitchenOf({ units: { weight: 'us', temperature: 'F' } }) });
    expect(document.querySelector('.pot-card')?.textContent).toMatch(/needs .*cup/);
  });
});

describe('our own pantry', () => {
  it('remembers a food, corrects it, forgets it and brings it back', async () => {
    await openAt('/kitchen');
    fireEvent.change(field('A food of our own'), { target: { value: 'sea beans' } });
    fireEvent.change(field('is most like'), { target: { value: 'spinach' } });
    fireEvent.click(screen.getByRole('button', { name: 'Remember it' }));
    await waitFor(async () => expect((await kept()).ownFoods[0]?.names[0]).toBe('sea beans'));
    const box = await waitFor(() => {
      const found = document.querySelector<HTMLElement>('.own-foods details');
      if (!found) throw new Error('No food of our own is shown');
      return found;
    });
    fireEvent.change(within(box).getByLabelText('Salt'), { target: { value: '3' } });
    await waitFor(async () => expect((await kept()).ownFoods[0]?.salt).toBeCloseTo(0.03, 9));
    fireEvent.click(within(box).getByRole('button', { name: 'Forget it' }));
    await waitFor(async () => expect((await kept()).ownFoods).toHaveLength(0));
    fireEvent.click(await screen.findByRole('button', { name: 'Put it back' }));
    await waitFor(async () => expect((await kept()).ownFoods[0]?.salt).toBeCloseTo(0.03, 9));
  });

  it.each([
    ['half a file', '{"format":"keen-ladle-foods","version":1,"foods":[', /damaged|not/i],
    ['a foreign file', '{"hello":1}', /not/i],
  ])('refuses %s and changes nothing', async (_name, text, says) => {
    await openAt('/kitchen');
    give('Open a file of foods', fileOf('foods.json', text));
    await waitFor(() => expect(document.querySelector('.toast-stack')?.textContent).toMatch(says));
    expect((await kept()).ownFoods).toEqual([]);
  });
});

describe('safe keeping', () => {
  it('refuses what is damaged at once, and changes nothing', async () => {
    await openAt('/kitchen', { dishes: [dishOf(['2 onions'])] });
    give('Read a backup…', fileOf('torn.json', '{"format":"keen-ladle-backup",'));
    expect((await screen.findByRole('alert')).textContent).toMatch(/damaged.*Nothing was changed/);
    expect(screen.queryByRole('dialog')).toBeNull();
    expect(await db.dishes.count()).toBe(1);
  });

  it('says what a file would change before it is taken, and joins it with what is here', async () => {
    const here = dishOf(['2 onions']);
    await openAt('/kitchen', { dishes: [here] });
    const other = { ...here, id: 'other', name: 'From the other device' };
    const text = writeBackup({ savedAt: Date.now(), kitchen: await kept(), dishes: [other], events: [] });
    give('Read a backup…', fileOf('ours.json', text));
    const ask = await screen.findByRole('dialog');
    expect(ask.textContent).toMatch(/holds 1 dish and 0 cooks/);
    expect(within(ask).getByText('1 dish that is not here')).not.toBeNull();
    expect(within(ask).getByText('1 dish here that it does not have')).not.toBeNull();
    fireEvent.click(within(ask).getByRole('button', { name: 'Leave it' }));
    await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
    expect(await db.dishes.count()).toBe(1);
    give('Read a backup…', fileOf('ours.json', text));
    fireEvent.click(
      within(await screen.findByRole('dialog')).getByRole('button', { name: 'Join it with what is here' }),
    );
    await waitFor(async () => expect(await db.dishes.count()).toBe(2));
    fireEvent.click(await screen.findByRole('button', { name: 'Put back what was here' }));
    await waitFor(async () => expect(await db.dishes.count()).toBe(1));
  });

  it('starts empty only when told twice', async () => {
    await openAt('/kitchen', { dishes: [dishOf(['2 onions'])] });
    fireEvent.click(screen.getByRole('button', { name: 'Start empty' }));
    expect(await db.dishes.count()).toBe(1);
    fireEvent.click(within(await screen.findByRole('dialog')).getByRole('button', { name: 'Start empty' }));
    await waitFor(async () => expect(await db.dishes.count()).toBe(0));
    expect((await kept()).pots).toHaveLength(1);
  });

  it('works without the little server, and says so', async () => {
    await openAt('/kitchen');
    await screen.findByText(/The little server does not answer/);
  });
});
