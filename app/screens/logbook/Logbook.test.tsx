import { fireEvent, screen, waitFor } from '@testing-library/react';
import { planDish, type EventPayload } from '../../../core/index';
import { recordAt, startCook } from '../../store/cooks';
import { db } from '../../store/db';
import { dishOf, keptDish, kitchenOf, openAt, reopenAt } from '../../testing/rig';

const STEW = ['1 kg beef chuck, in 4 cm cubes', '2 onions', '500 ml stock'];
const kitchen = kitchenOf();
const dish = dishOf(STEW);
const plan = planDish(dish, kitchen);
const MIN = 60_000;
/** Late enough to be told, not so late that it is taken for a mistake. */
const LATE_MIN = 5;

/** A cook that came up late and was told about afterwards, kept as events. */
async function cooked(over: EventPayload[] = []): Promise<string> {
  await openAt('/', { dishes: [dish] });
  const cookId = await startCook(plan);
  const at = Date.now() + 1000;
  const up = plan.heat.comeUpS.mid * 1000 + LATE_MIN * MIN;
  const told: [number, EventPayload[]][] = [
    [at, [{ type: 'stepSkipped', stepId: 'prep', reason: 'Done already' }]],
    [at + 30 * MIN, [{ type: 'sealed' }]],
    [at + 30 * MIN + up, [{ type: 'pressureReached' }]],
    [at + 30 * MIN + up + plan.heat.holdS * 1000, [{ type: 'holdEnded' }]],
    [at + 30 * MIN + up + plan.heat.holdS * 1000 + 12 * MIN, [{ type: 'pinDown' }]],
    [at + 140 * MIN, [...over, { type: 'served' }]],
    [
      at + 150 * MIN,
      [
        { type: 'verdict', meat: 'right', sauce: 'thin', salt: 'low', note: 'could take more ale' },
        { type: 'finished' },
      ],
    ],
  ];
  for (const [when, payloads] of told) await recordAt(cookId, when, payloads);
  return cookId;
}

describe('one cook', () => {
  it('sets forecast against actual, names what differed and probably why', async () => {
    const cookId = await cooked();
    await reopenAt(`/log/${cookId}`);
    const table = document.querySelector('.compare')?.textContent ?? '';
    expect(table).toMatch(new RegExp(`Coming up to pressure.*${LATE_MIN} min longer`));
    expect(table).toMatch(/Under pressure.*right/);
    expect(screen.getByRole('region', { name: 'What differed' }).textContent).toMatch(
      new RegExp(`${LATE_MIN} min late`),
    );
    expect(document.body.textContent).toMatch(/Get everything ready \(done already\)/);
    expect(document.body.textContent).not.toMatch(/NaN|undefined/);
  });

  it('writes what was learned into the dish, once', async () => {
    const cookId = await cooked();
    await reopenAt(`/log/${cookId}`);
    fireEvent.click(await screen.findByRole('button', { name: 'Write it into the dish' }));
    await waitFor(async () => expect((await keptDish()).nextTime).toContain('could take more ale'));
    await screen.findByText('Written into the dish.', { selector: 'span.small' });
    expect(screen.queryByRole('button', { name: 'Write it into the dish' })).toBeNull();
  });

  it('shows the reading in the household’s degrees', async () => {
    const cookId = await cooked([{ type: 'coreMeasured', tempC: 90 }]);
    await db.kitchen.update('home', { units: { weight: 'us', temperature: 'F' } });
    await reopenAt(`/log/${cookId}`);
    expect(screen.getByText('194 °F')).toBeTruthy();
    expect(document.body.textContent).not.toContain('°C');
  });

  it('is removed and put back whole', async () => {
    const cookId = await cooked();
    const before = await db.events.toArray();
    await reopenAt(`/log/${cookId}`);
    fireEvent.click(screen.getByRole('button', { name: 'Remove this cook' }));
    await waitFor(async () => expect(await db.events.count()).toBe(0));
    fireEvent.click(await screen.findByRole('button', { name: 'Put it back' }));
    await waitFor(async () => expect(await db.events.toArray()).toEqual(before));
  });
});

describe('the logbook', () => {
  it('lists what was cooked, and what the pot has taught', async () => {
    await cooked();
    await reopenAt('/log');
    expect(document.querySelector('.log-row')?.textContent).toMatch(
      /Test stew.*thin, .*“could take more ale”/,
    );
    expect(document.querySelector('.log-taught')?.textContent).toMatch(/comes up \d+ % slower/);
    expect(screen.getByText('1 cook')).toBeTruthy();
    await screen.findByText('A chart appears after three cooks.');
  });

  it('is searched by note, and says when nothing is found', async () => {
    await cooked();
    await reopenAt('/log');
    fireEvent.change(screen.getByLabelText('Search the log'), { target: { value: 'more ALE' } });
    expect(document.querySelectorAll('.log-row')).toHaveLength(1);
    fireEvent.change(screen.getByLabelText('Search the log'), { target: { value: 'zzz' } });
    expect(screen.getByText('No cook matches “zzz”.')).toBeTruthy();
  });

  it('says how to begin where nothing was cooked', async () => {
    await openAt('/log');
    expect(screen.getByText(/Nothing cooked yet/)).toBeTruthy();
  });
});
