import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { planDish, type Dish, type Kitchen } from '../../../core/index';
import { db } from '../../store/db';
import { dishOf, keptDish, kitchenOf, openAt } from '../../testing/rig';

const CURRY = [
  '800 g boneless chicken thighs, in 3 cm pieces',
  '1 tbsp oil',
  '2 onions, chopped',
  '2 tbsp flour, stirred into the onions',
  '2 tsp ground cumin',
  '300 ml stock',
  '150 ml double cream',
  '1 handful coriander',
];

const open = (dish: Dish = dishOf(CURRY), kitchen: Kitchen = kitchenOf()) =>
  openAt('/dish/d1', { dishes: [dish], kitchen });
const moment = (name: RegExp): HTMLElement | null =>
  screen.queryAllByRole('heading', { level: 3 }).find((h) => name.test(h.textContent ?? ''))?.parentElement ??
  null;
const findings = (): string[] =>
  [...document.querySelectorAll('.finding')].map((f) => f.querySelector('.finding-title')?.textContent ?? '');
const line = (name: RegExp): HTMLElement =>
  [...document.querySelectorAll<HTMLElement>('.line-face')].find((l) => name.test(l.textContent ?? ''))!;

describe('the counter', () => {
  it('groups the lines by moment and keeps the held-back tray in sight', async () => {
    await open();
    expect(moment(/^Sear/)?.textContent).toMatch(/chicken thighs/);
    expect(moment(/^Soften/)?.textContent).toMatch(/onions.*flour/);
    expect(moment(/^Held back/)?.textContent).toMatch(/double cream.*coriander/);
    expect(moment(/^Held back/)?.textContent).not.toMatch(/chicken/);
  });

  it('says worst things first, takes a fix with one tap and gives it back with one', async () => {
    await open();
    const before = findings();
    expect(before[0]).toMatch(/Flour/);
    fireEvent.click(screen.getByRole('button', { name: 'Hold it, size it as slurry' }));
    await waitFor(() => expect(moment(/^Held back/)?.textContent).toMatch(/flour/));
    expect(findings()).not.toContain(before[0]);
    fireEvent.click(screen.getAllByRole('button', { name: 'Undo' }).at(-1)!);
    await waitFor(() => expect(findings()).toEqual(before));
    expect((await keptDish()).lines).toEqual(dishOf(CURRY).lines);
  });

  it('every fix that is offered can be taken, and taken back, whichever it is', async () => {
    await open();
    const names = screen
      .getAllByRole('button')
      .filter((b) => b.closest('.finding-fixes'))
      .map((b) => b.textContent ?? '');
    expect(names.length).toBeGreaterThan(1);
    for (const [i, name] of names.entries()) {
      const before = await keptDish();
      const button = (): Element | undefined => [...document.querySelectorAll('.finding-fixes button')][i];
      await waitFor(() => expect(button()?.textContent).toBe(name));
      fireEvent.click(button()!);
      await waitFor(async () => expect([name, await keptDish()]).not.toEqual([name, before]));
      fireEvent.keyDown(document.body, { key: 'z', code: 'KeyZ', ctrlKey: true });
      await waitFor(async () =>
        expect([name, { ...(await keptDish()), updatedAt: 0 }]).toEqual([name, { ...before, updatedAt: 0 }]),
      );
    }
  });

  it('changes pot, ribbon and findings at once with the plates', async () => {
    await open();
    const table = () => document.querySelector('.dish-at')?.textContent;
    const before = table();
    fireEvent.click(screen.getByRole('button', { name: 'More: plates' }));
    await waitFor(async () => expect((await keptDish()).plates).toBe(5));
    for (let i = 0; i < 9; i++) fireEvent.click(screen.getByRole('button', { name: 'More: plates' }));
    await waitFor(() => expect(table()).not.toBe(before));
    expect(document.querySelector('.line-amount')?.textContent).toBeTruthy();
  });

  it('keeps a figure that makes no sense out of the dish and says why', async () => {
    await open();
    const field = screen.getByLabelText(/chicken thigh, thick/);
    for (const nonsense of ['0', '9000', 'thick']) {
      fireEvent.change(field, { target: { value: nonsense } });
      expect(screen.getByText('Between 3 and 150 mm')).toBeTruthy();
    }
    expect((await keptDish()).settings.thicknessMm).toBeNull();
    fireEvent.change(field, { target: { value: '35' } });
    await waitFor(async () => expect((await keptDish()).settings.thicknessMm).toBe(35));
    fireEvent.change(field, { target: { value: '' } });
    await waitFor(async () => expect((await keptDish()).settings.thicknessMm).toBeNull());
  });

  it('reads a pasted script as text', async () => {
    await open(dishOf(['<img src=x onerror=alert(1)> 2 onions', '1 kg beef chuck']));
    expect(document.querySelector('.counter img')).toBeNull();
    expect(document.body.textContent).toContain('<img');
  });

  it('is clear about an empty dish', async () => {
    await open(dishOf([]));
    expect(screen.getByText('Nothing to judge yet.')).toBeTruthy();
    expect(screen.getByRole('button', { name: 'Start cooking' })).toHaveProperty('disabled', true);
  });

  it('says so when there is no such dish', async () => {
    await openAt('/dish/nothing');
    expect(document.querySelector('h1')?.textContent).toMatch(/no |not /i);
  });

  it('speaks pounds, cups and Fahrenheit to a house that does', async () => {
    await open(dishOf(CURRY), kitchenOf({ units: { weight: 'us', temperature: 'F' }, system: 'us' }));
    const text = document.querySelector('.counter')?.textContent ?? '';
    expect(text).not.toMatch(/°C/);
    expect(screen.getByLabelText(/1¾ lb chicken thigh, thick/)).toBeTruthy();
    expect(text).toMatch(/thin .*cup/);
  });
});

describe('one line', () => {
  it('is edited in place, keystroke by keystroke, and undone as one', async () => {
    await open();
    fireEvent.click(line(/stock/));
    const words = await screen.findByLabelText('In your words');
    for (const text of ['350 ml stock', '350 ml sto', '450 ml stock'])
      fireEvent.change(words, { target: { value: text } });
    await waitFor(async () => expect((await keptDish()).lines[5]?.text).toBe('450 ml stock'));
    // The key that ends the field is used up: it must not press what has the focus next. The focus goes to the line itself.
    expect(fireEvent.keyDown(words, { key: 'Enter' })).toBe(false);
    await waitFor(() => expect(screen.queryByLabelText('In your words')).toBeNull());
    expect(document.activeElement).toBe(line(/stock/));
    fireEvent.keyDown(document.body, { key: 'z', code: 'KeyZ', ctrlKey: true });
    await waitFor(async () => expect((await keptDish()).lines[5]?.text).toBe('300 ml stock'));
  });

  it('is moved by keys alone and given back to the rules', async () => {
    await open();
    const cream = line(/double cream/);
    cream.focus();
    fireEvent.keyDown(cream, { key: 'ArrowDown', altKey: true });
    await waitFor(async () => expect((await keptDish()).lines[6]?.moment).toBe('finish'));
    fireEvent.click(line(/double cream/));
    fireEvent.click(await screen.findByRole('button', { name: 'As computed' }));
    await waitFor(async () => expect((await keptDish()).lines[6]?.moment).toBeUndefined());
  });

  it('goes in when opened in between, and the ribbon gets its stretch', async () => {
    await open(dishOf([...CURRY, '400 g potatoes, in 3 cm pieces']));
    fireEvent.click(line(/potatoes/));
    fireEvent.click(await screen.findByLabelText('When opened in between'));
    await waitFor(() => expect(document.querySelector('.block-again')).not.toBeNull());
    expect((await keptDish()).lines.at(-1)?.later).toBe(true);
  });

  it('asks once what an unknown food is like, and knows it then in every dish', async () => {
    await open(dishOf(['1 kg beef chuck', '200 g zamblefruit', '400 ml stock']));
    fireEvent.click(line(/zamblefruit/));
    const ask = await screen.findByLabelText(/What is “zamblefruit” most like/);
    fireEvent.change(ask, { target: { value: 'carrot' } });
    await waitFor(async () =>
      expect((await db.kitchen.get('home'))?.ownFoods[0]?.names[0]).toBe('zamblefruit'),
    );
    await waitFor(() => expect(screen.queryByLabelText(/What is “zamblefruit”/)).toBeNull());
  });

  it('is removed and comes back', async () => {
    await open();
    fireEvent.click(line(/ground cumin/));
    fireEvent.click(await screen.findByRole('button', { name: 'Remove' }));
    await waitFor(async () => expect((await keptDish()).lines).toHaveLength(CURRY.length - 1));
    fireEvent.keyDown(document.body, { key: 'z', code: 'KeyZ', ctrlKey: true });
    await waitFor(async () => expect((await keptDish()).lines).toHaveLength(CURRY.length));
  });
});

describe('the panels beside the counter', () => {
  const panel = async (name: string): Promise<HTMLElement> => {
    fireEvent.click(screen.getByRole('button', { name: 'More' }));
    fireEvent.click(await screen.findByText(name));
    return screen.findByRole('dialog');
  };

  it('scale by the meat on hand', async () => {
    await open();
    const drawer = await panel('Scale it');
    const field = within(drawer).getByLabelText(/I have this much chicken thigh/);
    fireEvent.change(field, { target: { value: 'a lot' } });
    expect(within(drawer).getByText('A weight such as 1.35 kg, 900 g or 2 lb.')).toBeTruthy();
    fireEvent.change(field, { target: { value: '1.6 kg' } });
    expect(within(drawer).getByText('Makes about 8 plates.')).toBeTruthy();
    fireEvent.click(within(drawer).getByRole('button', { name: 'Use all of it' }));
    await waitFor(async () => expect((await keptDish()).plates).toBe(8));
  });

  it('set a house rule for this dish only, with what it would change', async () => {
    await open();
    fireEvent.click(screen.getByRole('button', { name: 'Rules' }));
    const drawer = await screen.findByRole('dialog');
    fireEvent.click(within(drawer).getByLabelText(/Boil it down only/));
    await waitFor(async () => expect((await keptDish()).rules.thickener).toBe('reduce'));
    expect((await db.kitchen.get('home'))?.rules.thickener).toBe('cornstarch');
    expect(await within(drawer).findByText('this dish only')).toBeTruthy();
  });

  it('keep a version, show what changed since, and bring it back', async () => {
    await open();
    const drawer = await panel('Versions');
    fireEvent.change(await within(drawer).findByLabelText('Keep the dish as it is now'), {
      target: { value: 'mild' },
    });
    fireEvent.click(within(drawer).getByRole('button', { name: 'Keep' }));
    await within(drawer).findByText('The same as now.');
    fireEvent.change(screen.getByLabelText('Name of the dish'), { target: { value: 'Hot one' } });
    fireEvent.click(await within(drawer).findByRole('button', { name: 'Bring it back' }));
    await waitFor(async () => expect((await keptDish()).name).toBe('Test stew'));
  });

  it('read the method, and let the written minutes win when asked to', async () => {
    await open();
    const drawer = await panel('Tags, note and method');
    fireEvent.change(within(drawer).getByLabelText('Method, as it was written'), {
      target: { value: 'Cook at high pressure for 9 minutes, quick release.' },
    });
    expect(
      within(drawer).getByText(/Understood from it: 9 min under pressure; a quick release/),
    ).toBeTruthy();
    fireEvent.click(within(drawer).getByRole('button', { name: 'Use the written 9' }));
    await waitFor(async () =>
      expect((await keptDish()).settings).toMatchObject({ minutes: 9, release: 'quick' }),
    );
    fireEvent.change(within(drawer).getByLabelText('Tags, with commas between'), {
      target: { value: 'weekday, , weekday; hot' },
    });
    await waitFor(async () => expect((await keptDish()).tags).toEqual(['weekday', 'hot']));
  });

  it('compare every pot of the house', async () => {
    await open();
    const drawer = await panel('In every pot of the house');
    await within(drawer).findByText('in this one');
    const names = within(drawer)
      .getAllByRole('heading', { level: 3 })
      .map((h) => h.textContent ?? '');
    expect(names.map((n) => n.replace(/\s*(?:in this one)?$/, '')).sort()).toEqual(
      kitchenOf()
        .pots.map((p) => p.name)
        .sort(),
    );
  });

  it('ask one question after another when it burns', async () => {
    await open();
    const drawer = await panel('It says it is burning');
    const asked: string[] = [];
    for (let i = 0; i < 3; i++) {
      asked.push(drawer.textContent ?? '');
      fireEvent.click(within(drawer).getByRole('button', { name: 'No, go on' }));
    }
    expect(new Set(asked).size).toBe(3);
    fireEvent.click(within(drawer).getByRole('button', { name: 'Yes' }));
    expect(within(drawer).getByRole('heading', { name: 'Now' })).toBeTruthy();
  });
});

describe('the ribbon', () => {
  it('has one block for each stretch of the plan, ending at the table', async () => {
    await open();
    const plan = planDish(dishOf(CURRY), kitchenOf());
    expect(document.querySelectorAll('.ribbon .block')).toHaveLength(plan.timing.blocks.length);
    expect(document.querySelector('.ribbon')?.textContent).toMatch(/get the thickening ready/);
    expect(document.querySelector('.ribbon')?.textContent).not.toMatch(/start the rice/);
  });

  it('carries the sides of the meal and says when a wish cannot be met', async () => {
    const soon = new Date(Date.now() + 10 * 60_000);
    const serveAt = `${String(soon.getHours()).padStart(2, '0')}:${String(soon.getMinutes()).padStart(2, '0')}`;
    await open(
      dishOf(CURRY, { settings: { meal: { serveAt, sides: ['mash'], hands: 1, yesterday: false } } }),
    );
    const ribbon = document.querySelector('.ribbon')?.textContent ?? '';
    expect(ribbon).toMatch(/boil the potatoes/);
    expect(ribbon).toMatch(/cannot be met, .* too late/);
  });
});
