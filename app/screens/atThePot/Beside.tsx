import { useMemo } from 'react';
import Button from 'react-bootstrap/Button';
import {
  formatDuration,
  layOutMeal,
  mealInput,
  type CookState,
  type Kitchen,
  type Plan,
} from '../../../core/index';
import { clock } from '../../parts/now';
import type { Tell } from './tell';

/** A reminder turns urgent when its time has come, ms. */
const DUE_MS = 20_000;

/** The side dishes of this meal, each at the time that puts it on the table together; they move with the forecast. */
export function Beside({
  plan,
  state,
  kitchen,
  tableAt,
  now,
  tell,
}: {
  plan: Plan;
  state: CookState;
  kitchen: Kitchen;
  tableAt: number;
  now: number;
  tell: Tell;
}) {
  const meal = useMemo(() => {
    const input = mealInput(plan, kitchen);
    return input.sides.length ? layOutMeal({ ...input, done: new Set(Object.keys(state.done)) }) : null;
  }, [plan, kitchen, state.done]);
  const tasks = meal?.tasks.filter((t) => t.side !== null) ?? [];
  if (!meal || !tasks.length) return null;
  return (
    <section className="beside" aria-label="Beside it">
      <h2>Beside it</h2>
      <ul>
        {tasks.map((t) => {
          const at = tableAt - (meal.lengthS - t.startS) * 1000;
          const isDue = at - now < DUE_MS;
          return (
            <li key={t.id} className={isDue ? 'is-due' : ''}>
              <span>
                <strong className="figure">{isDue ? 'now' : clock(at)}</strong> {t.name}{' '}
                <span className="small soft">{formatDuration(t.endS - t.startS)}</span>
              </span>
              <Button
                size="sm"
                variant="quiet"
                aria-label={`${t.hands ? 'Done' : 'Begun'}: ${t.name}`}
                onClick={() =>
                  tell(
                    { type: 'stepDone', stepId: t.id },
                    ...(t.hands
                      ? []
                      : [
                          {
                            type: 'timerStarted' as const,
                            timerId: t.id,
                            name: t.name.slice(0, 60),
                            seconds: Math.round(t.endS - t.startS),
                          },
                        ]),
                  )
                }
              >
                {t.hands ? 'Done' : 'Begun'}
              </Button>
            </li>
          );
        })}
      </ul>
      <p className="visually-hidden" role="alert">
        {tasks
          .filter((t) => tableAt - (meal.lengthS - t.startS) * 1000 - now < DUE_MS)
          .map((t) => `Now: ${t.name}.`)
          .join(' ')}
      </p>
    </section>
  );
}
