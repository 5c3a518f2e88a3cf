import { useMemo } from 'react';
import Button from 'react-bootstrap/Button';
import { Link, useParams } from 'react-router';
import {
  BOWL_WHEN,
  bowlsFor,
  formatDuration,
  formatNumber,
  MOMENT_NAMES,
  stepItem,
  type Bowl,
  type BowlWhen,
} from '../../../core/index';
import { NoDish } from '../../parts/NoDish';
import { useDish, useKitchen } from '../../store/live';
import { usePlan } from '../../store/plans';
import { useTitle } from '../../parts/title';

const ORDER: readonly BowlWhen[] = ['before', 'while-searing', 'while-softening', 'under-pressure'];

/** The mise en place of a dish: what shares a bowl, when each is got ready, and what stays cold. Prints on one page. */
export default function Bowls() {
  const { dishId = '' } = useParams();
  const kitchen = useKitchen();
  const dish = useDish(dishId);
  const plan = usePlan(dish, kitchen);
  useTitle(dish ? `${dish.name}: bowls` : undefined);
  const bowls = useMemo(() => (plan ? bowlsFor(plan) : []), [plan]);
  if (dish === null) return <NoDish />;
  if (!dish || !plan) return <p className="loading">Setting out the bowls…</p>;
  const cold = bowls.filter((b) => b.cold);
  return (
    <div className="page bowls">
      <div className="page-head">
        <div>
          <h1>Bowls for {dish.name}</h1>
          <p className="soft mb-0">
            {formatNumber(dish.plates)} plates, {plan.pot.name}. What goes in together shares a bowl.
          </p>
        </div>
        <div className="d-flex gap-2 no-print">
          <Link className="btn btn-quiet" to={`/dish/${dish.id}`}>
            To the counter
          </Link>
          <Button variant="quiet" onClick={() => print()}>
            Print
          </Button>
        </div>
      </div>
      {bowls.length === 0 && <p className="soft mt-3">Nothing to set out yet: this dish has no lines.</p>}
      {cold.length > 0 && (
        <p className="bowls-cold">
          <strong>Stays in the refrigerator until it is wanted:</strong>{' '}
          {cold
            .flatMap((b) => b.items)
            .filter((i) => i.partIndex === 0)
            .map((i) => i.read.foodText)
            .join(', ')}
          .
        </p>
      )}
      {ORDER.map((when) => {
        const mine = bowls.filter((b) => b.when === when);
        const total = mine.reduce((s, b) => s + b.prepMin, 0);
        return (
          mine.length > 0 && (
            <section key={when} className="bowls-when">
              <h2>
                {BOWL_WHEN[when]}{' '}
                <span className="soft small">about {formatDuration(Math.max(1, total) * 60)}</span>
              </h2>
              <ul>
                {mine.map((b) => (
                  <OneBowl key={b.id} bowl={b} />
                ))}
              </ul>
            </section>
          )
        );
      })}
    </div>
  );
}

function OneBowl({ bowl }: { bowl: Bowl }) {
  const moment = bowl.items[0]?.moment ?? 'lid';
  return (
    <li className={`bowl moment-${moment}`}>
      <svg viewBox="0 0 44 26" aria-hidden="true" className="bowl-mark">
        <path d="M2 4h40c0 12-8 18-20 18S2 16 2 4z" />
        {bowl.cold && <path className="bowl-frost" d="M22 7v10M17.700 9.500l8.600 5M26.300 9.500l-8.600 5" />}
      </svg>
      <div>
        <h3>
          {bowl.name} {bowl.cold && <span className="badge-own">cold</span>}
        </h3>
        <p className="small soft mb-0">
          {bowl.isMade || bowl.goesIn === MOMENT_NAMES[moment] ? '' : `${MOMENT_NAMES[moment]}. `}
          {bowl.goesIn}.
        </p>
        <ul className="bowl-items">
          {bowl.items.map((i) => {
            const s = stepItem(i);
            return (
              <li key={`${i.lineId}#${i.partIndex}`}>
                <span className="bowl-tick" aria-hidden="true" />
                <span>
                  <strong>{s.amount}</strong> {s.name} <span className="soft small">{s.note}</span>
                </span>
              </li>
            );
          })}
        </ul>
        {bowl.note && <p className="small mb-0 bowl-note">{bowl.note}</p>}
      </div>
    </li>
  );
}
