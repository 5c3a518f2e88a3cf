import type { CookEvent, Dish, Kitchen } from '../core/index';

/** Everything the app shows on first opening. */
export interface Household {
  kitchen: Kitchen;
  dishes: Dish[];
  events: CookEvent[];
}

export const DAY_MS = 86_400_000;

/**
 * A household that was made at the midnight `madeAt`, on the day of `now` (both epoch ms, UTC): every dish and every cook lies as
 * many days back as it did.
 */
export function householdOnDay(made: Household, madeAt: number, now: number): Household {
  const byMs = Math.floor((now - madeAt) / DAY_MS) * DAY_MS;
  const onDay = (dish: Dish): Dish => ({
    ...dish,
    createdAt: dish.createdAt + byMs,
    updatedAt: dish.updatedAt + byMs,
  });
  return {
    kitchen: made.kitchen,
    dishes: made.dishes.map(onDay),
    events: made.events.map((event) => ({
      ...event,
      at: event.at + byMs,
      ...(event.type === 'started' ? { dish: onDay(event.dish) } : {}),
    })) as CookEvent[],
  };
}
