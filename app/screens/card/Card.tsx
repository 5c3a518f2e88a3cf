import { useLayoutEffect, useRef, useState } from 'react';
import Button from 'react-bootstrap/Button';
import { Link, useParams } from 'react-router';
import { formatDuration, formatDurationRange, formatNumber, type Step } from '../../../core/index';
import { NoDish } from '../../parts/NoDish';
import { useTitle } from '../../parts/title';
import { useDish, useKitchen } from '../../store/live';
import { usePlan } from '../../store/plans';
import { PotSection } from '../counter/PotSection';

/** Letters of the card, points: as large as one page takes. */
const LARGEST_PT = 11;
const SMALLEST_PT = 6;
const STEP_PT = 0.25;

const nothing = (): void => undefined;

/** A dish as one printed page: what goes in at which step, the pot cut open, times and cautions. On A4 and on letter. */
export default function Card() {
  const { dishId = '' } = useParams();
  const kitchen = useKitchen();
  const dish = useDish(dishId);
  const plan = usePlan(dish, kitchen);
  useTitle(dish ? `${dish.name}: card` : undefined);
  const page = useRef<HTMLElement>(null);
  const [pt, setPt] = useState(LARGEST_PT);
  const [fitted, setFitted] = useState<unknown>(null);
  // Smaller by small steps until the whole of it is on the page.
  useLayoutEffect(() => {
    if (!page.current || fitted === plan) return;
    const isTooLong =
      page.current.scrollHeight > page.current.clientHeight + 1 ||
      page.current.scrollWidth > page.current.clientWidth + 1;
    if (isTooLong && pt > SMALLEST_PT) setPt(pt - STEP_PT);
    else setFitted(plan);
  }, [plan, pt, fitted]);
  if (dish === null) return <NoDish />;
  if (!dish || !plan || !kitchen) return <p className="loading">Writing the card…</p>;
  const steps = plan.steps.filter((s) => s.id !== 'prep' && s.kind !== 'comeUp');
  const cautions = [...new Set(plan.steps.flatMap((s) => s.cautions))];
  return (
    <div className="page">
      <div className="page-head no-print">
        <div>
          <h1>A card of {dish.name}</h1>
          <p className="soft mb-0">One page, on A4 or on letter, for this pot and this many plates.</p>
        </div>
        <div className="d-flex gap-2">
          <Link className="btn btn-quiet" to={`/dish/${dish.id}`}>
            To the counter
          </Link>
          <Button onClick={() => print()}>Print</Button>
        </div>
      </div>
      <article
        className="card-page"
        // Paper is light in the evening too.
        data-bs-theme="light"
        ref={page}
        style={{ fontSize: `${pt}pt` }}
        aria-label={`Card of ${dish.name}`}
      >
        <header>
          <h2>{dish.name}</h2>
          <p>
            {formatNumber(dish.plates)} {dish.plates === 1 ? 'plate' : 'plates'} · {plan.pot.name} ·{' '}
            {formatDurationRange(plan.timing.totalS)} · {formatDuration(plan.heat.holdS)} under pressure
          </p>
        </header>
        <div className="card-columns">
          <div className="card-pot" inert>
            <PotSection plan={plan} units={kitchen.units} hot={[]} onHot={nothing} edit={nothing} />
          </div>
          <ol>
            {steps.map((s) => (
              <CardStep key={s.id} step={s} />
            ))}
          </ol>
          <section>
            <h3>Mind</h3>
            <ul>
              {cautions.map((c) => (
                <li key={c}>{c}</li>
              ))}
              <li>Your pot’s manual and the local food-safety authority come first.</li>
            </ul>
          </section>
        </div>
      </article>
    </div>
  );
}

function CardStep({ step }: { step: Step }) {
  const minutes = step.timer?.seconds ?? 0;
  return (
    <li>
      <strong>{step.title}</strong>
      {minutes >= 60 && !step.title.includes('min') && <span> · {formatDuration(minutes)}</span>}
      {step.items.length > 0 && (
        <span className="card-items">
          {step.items.map((i) => [i.amount, i.name].filter(Boolean).join(' ')).join('; ')}
        </span>
      )}
      {(step.text || step.look) && (
        <span className="card-words">{[step.text, step.look].filter(Boolean).join(' ')}</span>
      )}
    </li>
  );
}
