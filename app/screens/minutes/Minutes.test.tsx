import { fireEvent, screen, waitFor } from '@testing-library/react';
import { CUTS } from '../../../core/index';
import { db } from '../../store/db';
import { planning } from '../../workers/planning';
import { kitchenOf, openAt, reopenAt } from '../../testing/rig';

const whole = () => screen.findByText(`${CUTS.length} cuts`);
const row = (name: string): (number | null)[] => {
  const tr = [...document.querySelectorAll('.minutes-table tbody tr')].find((r) =>
    r.querySelector('th')?.textContent?.startsWith(name),
  );
  return [...(tr?.querySelectorAll('td:not(.is-wide)') ?? [])].map((td) =>
    td.textContent === '–' ? null : Number(td.textContent),
  );
};
const rises = (list: (number | null)[]): void => {
  const known = list.filter((x): x is number => x !== null);
  expect(known.length).toBeGreaterThan(1);
  expect(known).toEqual([...known].sort((a, b) => a - b));
};

/** The table as it was computed once, for the tests that only look at it. */
let kept: { key: string; value: unknown } | undefined;
async function openKept(kitchen = kitchenOf()): Promise<void> {
  await openAt('/', { kitchen });
  if (kept) await db.meta.put(kept);
  await reopenAt('/minutes');
}

it('computes every cut for this pot, thicker never sooner and frozen never sooner', async () => {
  await openAt('/minutes');
  await whole();
  const fresh = row('beef chuck');
  rises(fresh);
  rises(row('chicken breast'));
  await waitFor(async () => expect((kept = await db.meta.get('minutes electric-standard'))).toBeDefined());
  fireEvent.click(screen.getByLabelText('Frozen, loose'));
  const frozen = row('beef chuck');
  frozen.forEach((min, i) => min !== null && expect(min).toBeGreaterThanOrEqual(fresh[i] ?? 0));
});

it('finds a cut, and says when there is none', async () => {
  await openKept();
  await whole();
  fireEvent.change(screen.getByLabelText('Find a cut'), { target: { value: ' LAMB ' } });
  expect(
    [...document.querySelectorAll('.minutes-table tbody th')].every((th) =>
      /lamb/.test(th.textContent ?? ''),
    ),
  ).toBe(true);
  fireEvent.change(screen.getByLabelText('Find a cut'), { target: { value: 'zamble' } });
  expect(screen.getByText('No cut of that name.')).toBeTruthy();
});

it('keeps the table for the next time, and computes anew for another height', async () => {
  const computed = jest.spyOn(planning, 'minutes');
  await openKept();
  await whole();
  expect(computed).not.toHaveBeenCalled();
  const low = row('beef chuck');
  await db.kitchen.update('home', { altitudeM: 2400 });
  await screen.findByText(/2400 m up/);
  await waitFor(() => expect(row('beef chuck').length).toBe(low.length));
  await whole();
  expect(computed).toHaveBeenCalledTimes(1);
  row('beef chuck').forEach((min, i) => expect(min).toBeGreaterThanOrEqual(low[i] ?? 0));
  computed.mockRestore();
});

it('speaks Fahrenheit to a house that does, and never says that anything is safe', async () => {
  await openKept(kitchenOf({ units: { weight: 'us', temperature: 'F' } }));
  expect(document.querySelector('.page-head')?.textContent).toMatch(/poultry 165 °F/);
  expect(document.body.textContent).not.toMatch(/°C|\bsafe\b/);
});
