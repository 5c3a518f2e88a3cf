import { act, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { foldCook, planDish, type CookState, type Reading } from '../../../core/index';
import { startCook } from '../../store/cooks';
import { db } from '../../store/db';
import { drawn } from '../../testing/charts';
import { dishOf, kitchenOf, openAt, reopenAt } from '../../testing/rig';
import { cooker, FakeSource } from '../../testing/source';

interface Asked {
  url: string;
  method: string;
  body: unknown;
}
let asked: Asked[] = [];
let refuses: string | null = null;
let isOdd = false;

const KITCHEN = 'k7';
const devices = ['cooker', 'probe', 'scale'].map((kind) => ({
  id: `${KITCHEN}-${kind}`,
  kitchenId: KITCHEN,
  kind,
  name: `Kitchen no. 7: ${kind}`,
  simulated: true,
  speed: 10,
  lastSeq: 0,
}));
const answerOf = (url: string, method: string): { status: number; body: unknown } => {
  if (isOdd && method === 'POST') return { status: 200, body: ['what?'] };
  if (refuses && method === 'POST' && url.includes('/commands'))
    return { status: 409, body: { message: refuses } };
  if (url === '/api/kitchens' && method === 'POST')
    return { status: 201, body: { kitchenId: KITCHEN, devices } };
  if (url === '/api/devices') return { status: 200, body: { devices: [] } };
  return { status: 200, body: { ok: true } };
};

beforeEach(() => {
  asked = [];
  refuses = null;
  isOdd = false;
  FakeSource.all = [];
  drawn.clear();
  Object.assign(globalThis, {
    EventSource: FakeSource,
    fetch: (url: string, init: RequestInit = {}) => {
      const method = init.method ?? 'GET';
      asked.push({ url, method, body: typeof init.body === 'string' ? JSON.parse(init.body) : null });
      const { status, body } = answerOf(url, method);
      return Promise.resolve({ ok: status < 400, status, json: () => Promise.resolve(body) } as Response);
    },
  });
});

const dish = dishOf(['1 kg beef chuck, in 4 cm cubes', '2 onions', '500 ml stock']);
const plan = planDish(dish, kitchenOf());
let cookId = '';
const kept = async (): Promise<CookState> =>
  foldCook(await db.events.where('cookId').equals(cookId).sortBy('seq'));
const part = () => screen.getByRole('region', { name: 'Devices' });

async function begin(): Promise<void> {
  await openAt('/', { dishes: [dish] });
  cookId = await startCook(plan);
  await reopenAt(`/cook/${cookId}`);
}
async function plugIn(): Promise<void> {
  await begin();
  fireEvent.click(within(part()).getByRole('button', { name: 'Plug in…' }));
  const drawer = await screen.findByRole('dialog');
  fireEvent.change(within(drawer).getByLabelText('Kitchen no.'), { target: { value: '7' } });
  await waitFor(() =>
    expect(within(drawer).getByRole('button', { name: 'Plug in a simulated kitchen' })).toHaveProperty(
      'disabled',
      false,
    ),
  );
  fireEvent.click(within(drawer).getByRole('button', { name: 'Plug in a simulated kitchen' }));
  await waitFor(() => expect(FakeSource.all).toHaveLength(3));
}
const streamOf = (kind: Reading['kind']): FakeSource => {
  const found = FakeSource.all.filter((s) => s.url.includes(`-${kind}/`)).at(-1);
  if (!found) throw new Error(`Nobody listens to the ${kind}`);
  return found;
};
const say = (reading: Reading): void =>
  act(() => streamOf(reading.kind).onmessage?.({ data: JSON.stringify(reading) }));
describe('plugging in', () => {
  it('loads a simulated kitchen with this dish, and the cook knows it', async () => {
    await plugIn();
    const made = asked.find((a) => a.method === 'POST')!;
    expect(made).toMatchObject({ url: '/api/kitchens', body: { seed: 7, speed: 1, faults: [] } });
    expect((await kept()).plugged).toMatchObject({ kitchenId: KITCHEN, simulated: true });
    expect(part().textContent).toMatch(/the log learns nothing from it/);
  });

  it('says so when the server does not answer, and the cook goes on', async () => {
    Object.assign(globalThis, { fetch: () => Promise.reject(new TypeError('refused')) });
    await begin();
    fireEvent.click(within(part()).getByRole('button', { name: 'Plug in…' }));
    const drawer = await screen.findByRole('dialog');
    expect((await within(drawer).findByRole('alert')).textContent).toMatch(/The server does not answer/);
    expect(document.querySelector('#step-title')?.textContent).toBe('Get everything ready');
  });

  it('says so when the server answers something odd', async () => {
    await begin();
    isOdd = true;
    fireEvent.click(within(part()).getByRole('button', { name: 'Plug in…' }));
    const drawer = await screen.findByRole('dialog');
    const button = within(drawer).getByRole('button', { name: 'Plug in a simulated kitchen' });
    await waitFor(() => expect(button).toHaveProperty('disabled', false));
    fireEvent.click(button);
    await screen.findByText(/The server answers something odd/);
    expect((await kept()).plugged).toBeNull();
  });

  it('lets go of it again', async () => {
    await plugIn();
    fireEvent.click(within(part()).getByRole('button', { name: 'Unplug' }));
    await waitFor(async () => expect((await kept()).plugged).toBeNull());
    await waitFor(() => expect(FakeSource.all.every((s) => s.isClosed)).toBe(true));
    expect(part().textContent).toMatch(/None plugged in/);
  });
});

describe('what the devices say', () => {
  it('stands in the window, each reading kept once however often it comes', async () => {
    await plugIn();
    act(() => FakeSource.all.forEach((s) => s.onopen?.()));
    for (const seq of [1, 2, 2, 1, 3]) say(cooker(seq, { display: `t${seq}` }));
    say({ kind: 'probe', seq: 1, timeS: 6, tempC: 41.6 });
    say({ kind: 'scale', seq: 1, timeS: 6, grams: 3420 });
    await waitFor(() => expect(part().textContent).toMatch(/t3.*Heats, pin down.*42 °C.*3\.4\d? kg/));
    await waitFor(async () => {
      const rows = await db.readings.toArray();
      expect(rows.find((r) => r.kind === 'cooker')?.list.map((r) => r.seq)).toEqual([1, 2, 3]);
    });
  });

  it('nonsense and floods disturb nothing', async () => {
    await plugIn();
    act(() => FakeSource.all.forEach((s) => s.onopen?.()));
    say(cooker(1));
    for (const data of [
      '',
      'no json',
      '{"kind":"toaster"}',
      '[1]',
      '{"kind":"cooker","seq":-4}',
      'x'.repeat(50_000),
    ])
      act(() => streamOf('cooker').onmessage?.({ data }));
    const title = document.querySelector('#step-title')?.textContent;
    act(() => {
      const probe = streamOf('probe');
      for (let seq = 1; seq < 1500 && !probe.isClosed; seq++)
        probe.onmessage?.({ data: JSON.stringify({ kind: 'probe', seq, timeS: seq, tempC: 20 }) });
    });
    expect(document.querySelector('#step-title')?.textContent).toBe(title);
    expect(part().textContent).toMatch(/Heats/);
  });

  it('a broken connection is said, tried again from the last reading, and nothing is lost', async () => {
    await plugIn();
    act(() => FakeSource.all.forEach((s) => s.onopen?.()));
    say(cooker(1));
    say(cooker(2));
    act(() => FakeSource.all.slice(0, 3).forEach((s) => s.onerror?.()));
    expect(part().textContent).toMatch(/Not heard: trying again\. Nothing is lost\./);
    await waitFor(() => expect(streamOf('cooker').url).toMatch(/after=2$/));
    act(() => streamOf('cooker').onopen?.());
    say(cooker(3, { display: 'again' }));
    await waitFor(() => expect(part().textContent).toMatch(/again/));
  });

  it('a burn is shouted, with what to do', async () => {
    await plugIn();
    act(() => FakeSource.all.forEach((s) => s.onopen?.()));
    say(cooker(1, { stage: 'burn', display: 'burn' }));
    const alert = await screen.findByText(/The cooker says it is burning/);
    expect(alert.parentElement?.textContent).toMatch(/Do not restart on a scorched floor/);
    fireEvent.click(screen.getByRole('button', { name: 'What now?' }));
    expect((await screen.findByRole('dialog')).textContent).toMatch(/Question 1 of/);
  });

  it('the pin going up is told to the cook by the cooker, and the reading is drawn against the forecast', async () => {
    await plugIn();
    act(() => FakeSource.all.forEach((s) => s.onopen?.()));
    for (let i = 0; i < 20 && !/^Close/.test(document.querySelector('#step-title')?.textContent ?? ''); i++) {
      const check = document.querySelector<HTMLInputElement>('.step-check input');
      if (check) fireEvent.click(check);
      const before = document.querySelector('#step-title')?.textContent;
      fireEvent.click([...document.querySelectorAll<HTMLButtonElement>('.step-done')].at(-1)!);
      await waitFor(() => expect(document.querySelector('#step-title')?.textContent).not.toBe(before));
    }
    fireEvent.click(document.querySelector('.step-check input')!);
    fireEvent.click([...document.querySelectorAll<HTMLButtonElement>('.step-done')].at(-1)!);
    await waitFor(() => expect(document.querySelector('#step-title')?.textContent).toMatch(/Coming up/));
    expect(
      asked.some(
        (a) => a.url.endsWith(`${KITCHEN}-cooker/commands`) && (a.body as { do: string }).do === 'start',
      ),
    ).toBe(true);
    say(cooker(1));
    say(cooker(2, { stage: 'holding', display: '39', pinUp: true, gaugeKPa: 75 }));
    await waitFor(() => expect(document.querySelector('#step-title')?.textContent).toMatch(/^Hold/));
    expect((await kept()).pressureAt).not.toBeNull();
    await waitFor(() => {
      const chart = [...drawn.values()].find((c) => /Readings of the cooker/.test(c.name));
      expect(chart?.data.datasets.find((d) => /by its pressure/.test(d.label ?? ''))?.data.length).toBe(1);
    });
  });

  it('a refusal of the cooker is said in its words', async () => {
    await plugIn();
    act(() => FakeSource.all.forEach((s) => s.onopen?.()));
    say(cooker(1));
    refuses = 'There is still pressure in it.';
    fireEvent.click(await within(part()).findByRole('button', { name: 'Cancel' }));
    await screen.findByText('There is still pressure in it.');
  });
});
