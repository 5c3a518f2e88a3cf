import { useMemo, useState } from 'react';
import Button from 'react-bootstrap/Button';
import { Link, useParams } from 'react-router';
import {
  answerWish,
  formatDuration,
  formatDurationRange,
  layOutMeal,
  mealInput,
  sidesOf,
  wishOf,
  soonerWays,
  wishTime,
  writeCalendar,
  yesterdayOf,
  type CookState,
  type Dish,
  type Kitchen,
  type MealWish,
  type Plan,
  type SoonerWay,
} from '../../../core/index';
import { NoDish } from '../../parts/NoDish';
import { clock, useNow } from '../../parts/now';
import { saveText } from '../../parts/saveText';
import { editDish } from '../../store/dishes';
import { useCooks, useDish, useKitchen } from '../../store/live';
import { usePlan } from '../../store/plans';
import { Lanes } from './Lanes';
import { MealKnobs } from './MealKnobs';
import { Timetable } from './Timetable';
import { useTitle } from '../../parts/title';

/** The whole meal, planned backwards from the moment it is on the table. Prints as a timetable. */
export default function Serve() {
  const { dishId = '' } = useParams();
  const kitchen = useKitchen();
  const dish = useDish(dishId);
  const plan = usePlan(dish, kitchen);
  useTitle(dish ? `${dish.name}: the meal` : undefined);
  const cooks = useCooks();
  if (dish === null) return <NoDish />;
  if (!dish || !plan || !kitchen || !cooks) return <p className="loading">Setting the table…</p>;
  const going = cooks.find((c) => c.dish?.id === dish.id && c.status === 'cooking') ?? null;
  return <Page dish={dish} plan={plan} kitchen={kitchen} going={going} />;
}

function midnightOf(now: number): number {
  return new Date(now).setHours(0, 0, 0, 0);
}

function Page({
  dish,
  plan,
  kitchen,
  going,
}: {
  dish: Dish;
  plan: Plan;
  kitchen: Kitchen;
  going: CookState | null;
}) {
  const now = useNow(15_000);
  const [ticked, setTicked] = useState<ReadonlySet<string>>(new Set());
  const wish = wishOf(plan);
  const input = useMemo(() => {
    const done = new Set([...Object.keys(going?.done ?? {}), ...ticked]);
    return { ...mealInput(plan, kitchen), done };
  }, [plan, kitchen, going, ticked]);
  const meal = useMemo(() => layOutMeal(input), [input]);
  const ways = useMemo(() => soonerWays(input), [input]);
  const wishAt = wish.serveAt === null ? null : wishTime(wish.serveAt, midnightOf(now), now);
  const answer = answerWish(meal, wishAt, now);
  const set = (label: string, change: Partial<MealWish>): void =>
    void editDish(dish.id, label, (d) => ({
      ...d,
      settings: { ...d.settings, meal: { ...(d.settings.meal ?? wish), ...change } },
    }));
  const take = (way: SoonerWay): void => {
    if (way.id === 'hands') set('a second pair of hands', { hands: 2 });
    else if (way.id === 'yesterday') set('done yesterday', { yesterday: true });
    else set('one side less', { sides: wish.sides.filter((s) => s !== way.sideId) });
  };
  const at = (seconds: number): string => clock(answer.startAt + seconds * 1000);
  const { low, high } = meal.tableS;
  const late = answer.lateS >= 60;
  return (
    <div className="page serve">
      <div className="page-head">
        <div>
          <h1>On the table: {dish.name}</h1>
          <p className="soft mb-0">
            {plan.pot.name}, planned backwards. A forecast: the thermometer and the pot have the last word.
          </p>
        </div>
        <div className="d-flex flex-wrap gap-2 no-print">
          <Link className="btn btn-quiet" to={`/dish/${dish.id}`}>
            To the counter
          </Link>
          <Link className="btn btn-quiet" to={`/dish/${dish.id}/clock`}>
            Clock
          </Link>
          <Button
            variant="quiet"
            onClick={() =>
              saveText(
                'timetable.ics',
                writeCalendar(
                  dish.name,
                  meal.tasks.map((t) => ({
                    id: t.id,
                    title: t.side ? `${t.side}: ${t.name}` : t.name,
                    note: t.note,
                    startAt: answer.startAt + t.startS * 1000,
                    endAt: answer.startAt + t.endS * 1000,
                  })),
                  now,
                ),
                'text/calendar',
              )
            }
          >
            To a calendar
          </Button>
          <Button variant="quiet" onClick={() => print()}>
            Print
          </Button>
        </div>
      </div>
      <div className="serve-screen">
        <section aria-label="The answer" className="serve-answer">
          <p className="serve-line" aria-live="polite">
            <span>
              {going ? 'Next' : 'Begin'} <strong>{clock(answer.startAt)}</strong>
            </span>
            <span>
              Table <strong>{clock(answer.tableAt)}</strong>
            </span>
            <span className="soft">
              {clock(answer.tableAt + low * 1000)}–{clock(answer.tableAt + high * 1000)}
            </span>
          </p>
          {late && (
            <div className="serve-late" role="status">
              <p className="mb-1">
                <strong>
                  {wish.serveAt} cannot be met: {formatDuration(answer.lateS)} too late.
                </strong>{' '}
                The nearest is {clock(answer.tableAt)}.
              </p>
              <div className="d-flex flex-wrap gap-2 no-print">
                <Button size="sm" onClick={() => set('the nearest time', { serveAt: clock(answer.tableAt) })}>
                  Take {clock(answer.tableAt)}
                </Button>
                {ways.map((way) => (
                  <Button
                    key={`${way.id}${way.sideId ?? ''}`}
                    size="sm"
                    variant="outline-primary"
                    onClick={() => take(way)}
                  >
                    {way.label}: {formatDuration(way.savesS)} sooner
                    {way.savesS >= answer.lateS ? ', in time' : ''}
                  </Button>
                ))}
              </div>
            </div>
          )}
          <p className="small soft mb-2">
            {formatDuration(meal.lengthS)} in all, hands busy for {formatDuration(meal.handsS)}; the dish
            alone {formatDurationRange(plan.timing.totalS)}.
            {going ? ' Re-planned from what is done in the cook that is going on.' : ''}
          </p>
        </section>
        <section aria-label="The timetable" className="serve-plan">
          <Lanes meal={meal} at={at} />
          <Timetable
            meal={meal}
            at={at}
            wish={wish}
            ticked={ticked}
            onTick={(id) =>
              setTicked((before) => {
                const next = new Set(before);
                if (!next.delete(id)) next.add(id);
                return next;
              })
            }
            doneBefore={yesterdayOf(input)}
          />
        </section>
        <MealKnobs wish={wish} kitchen={kitchen} sides={sidesOf(kitchen)} set={set} />
      </div>
    </div>
  );
}
