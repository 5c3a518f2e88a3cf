import { useMemo } from 'react';
import { Link } from 'react-router';
import {
  answerWish,
  formatDuration,
  formatDurationRange,
  layOutMeal,
  mealInput,
  wishTime,
  type Kitchen,
  type Meal,
  type Plan,
  type RibbonBlock,
} from '../../../core/index';
import { clock, useNow } from '../../parts/now';

const SHORT_S = 110;
/** A label nearer to the end than this share of the ribbon is written before its mark instead of after it. */
const NEAR_END = 0.2;
/** So near to the table there is no room for another time. */
const AT_THE_END = 0.09;

const isShort = (b: RibbonBlock): boolean => b.durationS.mid < SHORT_S && b.phase !== 'hold';

/** When to begin with the dish itself: now, or so that a wished meal is on the table together. */
function useStart(
  plan: Plan,
  kitchen: Kitchen,
  now: number,
): { startAt: number; lateS: number; meal: Meal | null } {
  const wish = plan.dish.settings.meal;
  const meal = useMemo(
    () =>
      wish && (wish.serveAt !== null || wish.sides.length) ? layOutMeal(mealInput(plan, kitchen)) : null,
    [plan, kitchen, wish],
  );
  if (!wish || !meal) return { startAt: now, lateS: 0, meal: null };
  const midnight = new Date(now).setHours(0, 0, 0, 0);
  const wishAt = wish.serveAt === null ? null : wishTime(wish.serveAt, midnight, now);
  const { tableAt, lateS } = answerWish(meal, wishAt, now);
  return { startAt: tableAt - plan.timing.totalS.mid * 1000, lateS, meal };
}

/** The clock ribbon: every stretch from the start to the table, hands-free ones hatched, with what to do in them. */
export function Ribbon({ plan, kitchen }: { plan: Plan; kitchen: Kitchen }) {
  const now = useNow();
  const { startAt, lateS, meal } = useStart(plan, kitchen, now);
  const { blocks, totalS, lidOnS, pinDownS, passiveS, handsOnS, tips } = plan.timing;
  if (!blocks.length) return null;
  const total = totalS.mid;
  const left = (s: number): string => `${(100 * s) / total}%`;
  const at = (s: number): string => clock(startAt + s * 1000);
  const beside = meal?.tasks.filter((t) => t.side !== null) ?? [];
  const mealStart = meal ? startAt + (total - meal.lengthS) * 1000 : startAt;
  return (
    <section className="ribbon" aria-label="The clock, from starting now to the table">
      <div className="ribbon-times" aria-hidden="true">
        <span style={{ left: 0 }}>{at(0)} start</span>
        <span style={{ left: left(lidOnS) }}>{at(lidOnS)} lid on</span>
        {(total - pinDownS) / total > AT_THE_END && (
          <span
            className={(total - pinDownS) / total < NEAR_END ? 'is-before' : ''}
            style={{ left: left(pinDownS) }}
          >
            {at(pinDownS)} pin down
          </span>
        )}
        <span className="ribbon-table">{at(total)} table</span>
      </div>
      <ol className="ribbon-blocks">
        {blocks.map((b) => (
          <li
            key={b.phase}
            className={`block block-${b.phase}${b.passive ? ' is-passive' : ''}${isShort(b) ? ' is-short' : ''}`}
            style={{ flexGrow: b.durationS.mid, flexBasis: 0 }}
            title={`${b.label}: ${formatDurationRange(b.durationS)}`}
          >
            <span className={isShort(b) ? 'visually-hidden' : ''}>
              <span className="block-name">{b.label}</span>{' '}
              <span className="block-min">
                {b.passive ? formatDurationRange(b.durationS) : formatDuration(b.durationS.mid)}
              </span>
            </span>
          </li>
        ))}
      </ol>
      <div className="ribbon-foot">
        <span className="ribbon-free" style={{ marginLeft: left(lidOnS), width: left(pinDownS - lidOnS) }} />
        <p className="small mb-0">
          Hands free {formatDuration(passiveS)}, hands on {formatDuration(handsOnS)}.{' '}
          {[
            ...beside.map((t) => `${clock(mealStart + t.startS * 1000)} ${t.name}`),
            ...tips.map((t) => `${at(t.atS)} ${t.text}`),
          ].join(' · ')}{' '}
          {lateS >= 60 && (
            <strong className="severity-careful">
              {plan.dish.settings.meal?.serveAt} cannot be met, {formatDuration(lateS)} too late.{' '}
            </strong>
          )}
          <Link className="no-print" to={`/dish/${plan.dish.id}/serve`}>
            {meal ? 'The timetable' : 'Serve at…'}
          </Link>
        </p>
      </div>
    </section>
  );
}
