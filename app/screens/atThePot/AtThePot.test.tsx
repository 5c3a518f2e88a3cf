import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { foldCook, planDish, type CookState, type Dish, type Kitchen } from '../../../core/index';
import { startCook } from '../../store/cooks';
import { db } from '../../store/db';
import { dishOf, kitchenOf, openAt, reopenAt, settle } from '../../testing/rig';

const CURRY = [
  '800 g boneless chicken thighs, in 3 cm pieces',
  '1 tbsp oil',
  '2 onions, chopped',
  '400 ml stock',
  '150 ml double cream',
  '1 handful coriander',
];
let cookId = '';

/** Begins a cook and opens it at the pot. */
async function begin(dish: Dish = dishOf(CURRY), kitchen: Kitchen = kitchenOf()): Promise<void> {
  await openAt('/', { dishes: [dish], kitchen });
  cookId = await startCook(planDish(dish, kitchen));
  await reopenAt(`/cook/${cookId}`);
}
const kept = async (): Promise<CookState> =>
  foldCook(await db.events.where('cookId').equals(cookId).sortBy('seq'));
const title = (): string => document.querySelector('#step-title')?.textContent ?? '';
const main = (): HTMLButtonElement => [...document.querySelectorAll<HTMLButtonElement>('.step-done')].at(-1)!;

/** Does one step as it asks to be done. */
async function doStep(): Promise<void> {
  const before = title();
  const check = document.querySelector<HTMLInputElement>('.step-check input');
  if (check) fireEvent.click(check);
  const reading = document.querySelector<HTMLInputElement>('#reading');
  if (reading) fireEvent.change(reading, { target: { value: '700' } });
  fireEvent.click(main());
  await waitFor(() => expect(title()).not.toBe(before));
}
async function goTo(wanted: RegExp): Promise<void> {
  for (let i = 0; i < 30 && !wanted.test(title()); i++) await doStep();
  expect(title()).toMatch(wanted);
}

describe('a whole cook', () => {
  it('goes step by step through to the logbook, and every tap is kept as it happens', async () => {
    await begin();
    const plan = planDish(dishOf(CURRY), kitchenOf());
    const seen: string[] = [];
    for (let i = 0; i < 40 && title() !== ''; i++) {
      seen.push(title());
      const before = (await kept()).applied.length;
      await doStep();
      expect((await kept()).applied.length).toBeGreaterThan(before);
    }
    expect(seen).toEqual(plan.steps.map((s) => s.title));
    for (const name of ['The meat', 'The sauce', 'The salt'])
      fireEvent.click(within(screen.getByRole('radiogroup', { name })).getByLabelText('just right'));
    fireEvent.change(screen.getByLabelText('A note for next time'), { target: { value: 'more coriander' } });
    expect(screen.getByText(/Leftovers: into the refrigerator by \d\d:\d\d/)).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'Into the logbook' }));
    await waitFor(async () => expect((await kept()).status).toBe('finished'));
    expect((await kept()).verdict).toMatchObject({
      meat: 'right',
      sauce: 'right',
      salt: 'right',
      note: 'more coriander',
    });
    await waitFor(() => expect(window.location.pathname).toBe(`/log/${cookId}`));
  });

  it('is there again after a reload, at the same step', async () => {
    await begin();
    await goTo(/^Close and set/);
    await reopenAt(`/cook/${cookId}`);
    expect(title()).toBe('Close and set');
  });

  it('takes back the last tap, and only that', async () => {
    await begin();
    await doStep();
    const second = title();
    await doStep();
    fireEvent.click(screen.getByRole('button', { name: 'Undo last tap' }));
    await waitFor(() => expect(title()).toBe(second));
  });

  it('goes back, skips with a reason, and keeps the reason', async () => {
    await begin();
    const first = title();
    fireEvent.click(screen.getByRole('button', { name: 'Skip' }));
    fireEvent.click(screen.getByRole('button', { name: 'Done already' }));
    await waitFor(() => expect(title()).not.toBe(first));
    expect((await kept()).done['prep']?.skipped).toBe('Done already');
    fireEvent.click(screen.getByRole('button', { name: 'Back' }));
    await waitFor(() => expect(title()).toBe(first));
  });

  it('does steps ahead, and asks what is asked nowhere else', async () => {
    await begin();
    fireEvent.click(screen.getByRole('button', { name: 'All steps' }));
    const list = await screen.findByRole('dialog');
    expect(within(list).queryByRole('button', { name: /Done ahead: (Close|Coming|Open|Load)/ })).toBeNull();
    fireEvent.click(within(list).getByRole('button', { name: /Done ahead: Soften/ }));
    await waitFor(async () => expect((await kept()).done['soften']).toBeDefined());
  });

  it('pauses and goes on', async () => {
    await begin();
    fireEvent.click(screen.getByRole('button', { name: 'Pause' }));
    expect(await screen.findByText(/Paused since/)).toBeTruthy();
    fireEvent.click(within(screen.getByText(/Paused since/)).getByRole('button', { name: 'Go on' }));
    await waitFor(() => expect(screen.queryByText(/Paused since/)).toBeNull());
  });

  it('is left off and taken up again, with nothing lost', async () => {
    await begin();
    await doStep();
    const step = title();
    fireEvent.click(screen.getByRole('button', { name: 'Leave it off' }));
    fireEvent.click(await screen.findByRole('button', { name: 'Go on cooking' }));
    await waitFor(() => expect(title()).toBe(step));
  });
});

describe('what is asked, not assumed', () => {
  it('stays shut until the line is ticked', async () => {
    await begin();
    await goTo(/^Close and set/);
    expect(main().disabled).toBe(true);
    expect(screen.getByText(/Asked, not assumed/)).toBeTruthy();
    fireEvent.click(screen.getByLabelText('Ring seated, vent clear, valve on seal?'));
    expect(main().disabled).toBe(false);
  });
});

describe('the held-back tray', () => {
  const tray = () => screen.getByRole('region', { name: 'Held back' });

  it('is locked until the pin drops, and then empties', async () => {
    await begin();
    expect(within(tray()).getByRole('heading').textContent).toBe('Held back until the pin drops');
    expect(tray().textContent).toMatch(/double cream.*coriander/);
    await goTo(/^Open/);
    expect(within(tray()).getByRole('heading').textContent).toBe('Held back: now');
  });

  it('says what adding something early would do, and lets the cook overrule, on the record', async () => {
    await begin();
    fireEvent.click(within(tray()).getByRole('button', { name: 'Put double cream in now' }));
    expect(within(tray()).getByRole('alert').textContent).toMatch(/splits/);
    fireEvent.click(screen.getByRole('button', { name: 'Leave it held back' }));
    expect((await kept()).early).toEqual([]);
    fireEvent.click(within(tray()).getByRole('button', { name: 'Put double cream in now' }));
    fireEvent.click(screen.getByRole('button', { name: 'It goes in all the same' }));
    await waitFor(() => expect(tray().textContent).toMatch(/Went in early: double cream/));
    expect((await kept()).early[0]?.harm).toMatch(/splits/);
    expect(within(tray()).queryByRole('button', { name: 'Put double cream in now' })).toBeNull();
  });
});

describe('timers', () => {
  const timers = () => screen.getByRole('region', { name: 'Timers' });
  const start = (name: string, minutes: string): void => {
    fireEvent.change(within(timers()).getByLabelText('What for'), { target: { value: name } });
    fireEvent.change(within(timers()).getByLabelText('Minutes'), { target: { value: minutes } });
    fireEvent.submit(timers().querySelector('form')!);
  };

  it('are many, named, and survive a reload', async () => {
    await begin();
    start('rice', '12');
    start('Brötchen — 面包', '7,5');
    await waitFor(() => expect(within(timers()).getAllByRole('timer')).toHaveLength(2));
    await reopenAt(`/cook/${cookId}`);
    await waitFor(() => expect(within(timers()).getAllByRole('timer')).toHaveLength(2));
    expect(timers().textContent).toMatch(/Brötchen — 面包7:(30|29|28)/);
  });

  it('refuse what is no number of minutes', async () => {
    await begin();
    for (const nonsense of ['', '0', '-4', 'soon', '99999']) {
      start('x', nonsense);
      await settle();
    }
    expect(within(timers()).queryAllByRole('timer')).toHaveLength(0);
  });

  it('say how late they were found', async () => {
    await begin();
    start('rice', '1');
    await waitFor(() => expect(within(timers()).getAllByRole('timer')).toHaveLength(1));
    const at = Date.now();
    const clock = jest.spyOn(Date, 'now').mockImplementation(() => at + 6 * 60_000);
    try {
      await reopenAt(`/cook/${cookId}`);
      expect(timers().textContent).toMatch(/rice\s*now.*5 min ago/);
      expect(within(timers()).getByRole('alert').textContent).toBe('rice: time is up.');
      fireEvent.click(within(timers()).getByRole('button', { name: 'Heard' }));
      await waitFor(() => expect(within(timers()).queryAllByRole('timer')).toHaveLength(0));
    } finally {
      clock.mockRestore();
    }
  });

  it('start by themselves when the pin is up, and stop when the time is told', async () => {
    await begin();
    await goTo(/^Hold/);
    expect(timers().textContent).toMatch(/Under pressure/);
    await doStep();
    await waitFor(() => expect(timers().textContent).not.toMatch(/Under pressure/));
  });
});

describe('the thermometer', () => {
  const write = (text: string): void => {
    fireEvent.change(screen.getByLabelText('Thickest part of a thick piece'), { target: { value: text } });
    fireEvent.click(screen.getByRole('button', { name: 'Write it down' }));
  };

  it('short of the figure, says by how much and how many minutes more', async () => {
    await begin();
    await goTo(/^Check the/);
    write('61');
    expect(
      await screen.findByText(/61 °C measured in the chicken thigh, 74 °C to reach\. Short by 13 °C\./),
    ).toBeTruthy();
    expect(screen.getByRole('button', { name: /Simmer about \d+ min/ })).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: /Or \d+ min under pressure, \d+ in all/ }));
    await waitFor(() =>
      expect(screen.getByRole('region', { name: 'Timers' }).textContent).toMatch(/Second lid/),
    );
    expect(main().textContent).toBe('Go on all the same');
    write('76');
    expect(await screen.findByText(/Reached, in that piece/)).toBeTruthy();
    expect(document.body.textContent).not.toMatch(/\bsafe\b/i);
  });

  it('speaks the household’s degrees and takes them', async () => {
    await begin(dishOf(CURRY), kitchenOf({ units: { weight: 'us', temperature: 'F' } }));
    await goTo(/^Check the/);
    write('150');
    expect(await screen.findByText(/150 °F measured .* 165 °F to reach\. Short by 1\d °F/)).toBeTruthy();
    expect((await kept()).coreC).toBeCloseTo(65.6, 1);
    expect(document.body.textContent).not.toContain('°C');
  });

  it('refuses what is no temperature', async () => {
    await begin();
    await goTo(/^Check the/);
    fireEvent.change(screen.getByLabelText('Thickest part of a thick piece'), { target: { value: 'hot' } });
    expect(screen.getByText('A temperature in °C, please.')).toBeTruthy();
    expect(screen.getByRole('button', { name: 'Write it down' })).toHaveProperty('disabled', true);
  });
});

describe('the sauce, measured in the middle of a cook', () => {
  it('is what the dose is sized from, with what was chosen at the bench', async () => {
    await begin();
    await goTo(/^How much sauce/);
    fireEvent.change(document.querySelector('#reading')!, { target: { value: '900' } });
    fireEvent.change(screen.getByLabelText('With'), { target: { value: 'paste' } });
    fireEvent.click(screen.getByRole('button', { name: 'Use this' }));
    await waitFor(() => expect(title()).toBe('Whisk in the flour and butter'));
    expect(screen.getByText(/for 900 g of sauce, as measured/)).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'It is in, start the boil' }));
    await waitFor(() =>
      expect(screen.getByRole('region', { name: 'Timers' }).textContent).toMatch(/Simmer the flour/),
    );
    expect((await kept()).sauce).toMatchObject({ sauceG: 900, chosen: { thickener: 'paste' } });
  });
});

describe('sides', () => {
  it('stand beside the steps at their own times and are ticked off', async () => {
    const meal = { serveAt: null, sides: ['mash', 'salad'], hands: 1 as const, yesterday: false };
    await begin(dishOf(CURRY, { settings: { meal } }));
    const beside = screen.getByRole('region', { name: 'Beside it' });
    expect(within(beside).getAllByRole('listitem').length).toBeGreaterThan(3);
    fireEvent.click(within(beside).getByRole('button', { name: /Done: peel and cut the potatoes/ }));
    await waitFor(() => expect(beside.textContent).not.toMatch(/peel and cut/));
    fireEvent.click(within(beside).getByRole('button', { name: /Begun: boil the potatoes/ }));
    await waitFor(() =>
      expect(screen.getByRole('region', { name: 'Timers' }).textContent).toMatch(/boil the potatoes/),
    );
  });
});

describe('pressure that came early', () => {
  const asked = () => screen.findByText(/Pressure came \d+ min early, so the pieces are cooler/);
  const holdTimer = async (): Promise<number> =>
    (await kept()).timers.find((t) => t.id === 'hold')?.seconds ?? 0;

  it('asks for a longer hold with its reason, and one tap moves the minutes and the timer', async () => {
    await begin();
    await goTo(/^Hold /);
    const before = await holdTimer();
    const bar = await asked();
    fireEvent.click(within(bar).getByRole('button', { name: /^Hold \d+ min/ }));
    await waitFor(async () => expect((await kept()).holdS).toBeGreaterThan(before));
    expect(await holdTimer()).toBe((await kept()).holdS);
    await waitFor(() => expect(screen.queryByText(/so the pieces are cooler/)).toBeNull());
    expect(title()).toBe(`Hold ${Math.round((await kept()).holdS! / 60)} min`);
  });

  it('may be left as it was planned, and is not asked again after a reload', async () => {
    await begin();
    await goTo(/^Hold /);
    const before = await holdTimer();
    fireEvent.click(within(await asked()).getByRole('button', { name: /^Keep / }));
    await waitFor(async () => expect((await kept()).holdS).toBe(before));
    await reopenAt(`/cook/${cookId}`);
    await settle();
    expect(screen.queryByText(/so the pieces are cooler/)).toBeNull();
  });

  it('changes the minutes by itself where the household said so, with the reason on the record', async () => {
    await begin(dishOf(CURRY), { ...kitchenOf(), holdChanges: 'itself' });
    await goTo(/^Hold /);
    const before = await holdTimer();
    await waitFor(async () => expect((await kept()).holdS).toBeGreaterThan(before));
    expect(await holdTimer()).toBe((await kept()).holdS);
    const set = (await db.events.where('cookId').equals(cookId).toArray()).filter(
      (e) => e.type === 'holdSet',
    );
    expect(set).toHaveLength(1);
    expect(set[0]).toMatchObject({ reason: expect.stringMatching(/min early/) as string });
  });
});

it('says so where there is no such cook', async () => {
  await openAt('/cook/nothing');
  expect(document.body.textContent).toMatch(/no .*cook|not .*cook|nothing/i);
});
