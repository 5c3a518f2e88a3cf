import { act, cleanup, configure, render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import {
  DishSchema,
  emptyDish,
  KitchenSchema,
  POT_PRESETS,
  defaultKitchen,
  type Dish,
  type DishSettings,
  type Kitchen,
} from '../../core/index';
import { App } from '../App';
import { db } from '../store/db';
import { allStored } from '../store/dishes';
import { forget } from '../store/pending';

// The planning that a worker does elsewhere is done on the same thread here.
// Whether something is in sight is asked in the browser tests: asking it here of every element takes most of the time.
configure({ asyncUtilTimeout: 30_000, defaultHidden: true });

/** A dish of these lines, as a cook would have written it. */
export function dishOf(
  lines: readonly string[],
  over: Partial<Omit<Dish, 'settings'>> & { settings?: Partial<DishSettings> } = {},
): Dish {
  const dish = emptyDish('d1', 'Test stew', 1_780_000_000_000);
  return DishSchema.parse({
    ...dish,
    lines: lines.map((text, i) => ({ id: `l${i}`, text })),
    ...over,
    settings: { ...dish.settings, ...over.settings },
  });
}

/** An ordinary kitchen with every preset pot. */
export function kitchenOf(over: Partial<Kitchen> = {}): Kitchen {
  return KitchenSchema.parse({ ...defaultKitchen(), pots: POT_PRESETS, potId: 'electric-standard', ...over });
}

/** Opens the whole application at an address, in a household of one kitchen and these dishes. */
export async function openAt(
  path: string,
  { dishes = [], kitchen = kitchenOf() }: { dishes?: readonly Dish[]; kitchen?: Kitchen } = {},
): Promise<ReturnType<typeof userEvent.setup>> {
  cleanup();
  // What the test before typed last is neither written into this household nor shown in it.
  await allStored();
  forget(() => true);
  localStorage.removeItem('keen-ladle-new-dish');
  await Promise.all(db.tables.map((table) => table.clear()));
  await db.kitchen.put({ ...kitchen, id: 'home' });
  await db.dishes.bulkPut([...dishes]);
  return reopenAt(path);
}

/** Opens it again with what is kept, as after a reload. */
export async function reopenAt(path: string): Promise<ReturnType<typeof userEvent.setup>> {
  cleanup();
  window.history.pushState(null, '', path);
  const user = userEvent.setup();
  render(<App />);
  await waitFor(() => expect(document.querySelector('.loading')).toBeNull());
  await screen.findAllByRole('heading');
  return user;
}

/** Lets the database tell the screens what was written. */
export const settle = (): Promise<void> =>
  act(async () => {
    await allStored();
    // The database speaks to the screens some turns later.
    for (let turn = 0; turn < 8; turn++) await new Promise((resolve) => setTimeout(resolve, 0));
  });

/** The dish as it is kept now. */
export async function keptDish(id = 'd1'): Promise<Dish> {
  const dish = await db.dishes.get(id);
  if (!dish) throw new Error(`There is no dish ${id}`);
  return dish;
}

/** The field that a label names: the same as asking by label text, without asking every element of a large screen. */
export function field(name: RegExp | string): HTMLInputElement {
  const label = [...document.querySelectorAll('label')].find((l) => {
    const text = l.textContent?.trim() ?? '';
    return typeof name === 'string' ? text === name : name.test(text);
  });
  if (!(label?.control instanceof HTMLInputElement || label?.control instanceof HTMLSelectElement))
    throw new Error(`No field is labelled ${name}`);
  return label.control as HTMLInputElement;
}
