import { useMemo, useState } from 'react';
import Button from 'react-bootstrap/Button';
import { Link, useNavigate, useParams } from 'react-router';
import {
  liveForecast,
  liveTimers,
  stepsWithSauce,
  type CookState,
  type Dish,
  type Kitchen,
  type Plan,
  type TroubleKind,
} from '../../../core/index';
import { clock, useNow } from '../../parts/now';
import { Drawer } from '../../parts/Drawer';
import { useSay } from '../../parts/Toasts';
import { Trouble } from '../../parts/Trouble';
import { record, undoLast } from '../../store/cooks';
import { editDish } from '../../store/dishes';
import { useCook, useKitchen, usePlan } from '../../store/live';
import { useAlarm, useAwake } from './alarm';
import { HeldTray } from './HeldTray';
import { StepCard } from './StepCard';
import type { Tell } from './tell';
import { Timers } from './Timers';
import { VerdictForm } from './VerdictForm';

/** The cook-along: one step, big; timers; what is still held back; when dinner really is. */
export default function AtThePot() {
  const { cookId = '' } = useParams();
  const kitchen = useKitchen();
  const state = useCook(cookId);
  const dish = useMemo(() => (state ? dishAsCooked(state) : null), [state]);
  const planned = usePlan(dish, kitchen);
  const plan = useMemo(
    () => planned && kitchen && withMeasuredSauce(planned, kitchen, state),
    [planned, kitchen, state],
  );
  if (state === null)
    return (
      <div className="page page-narrow">
        <h1>No such cook</h1>
        <p className="mt-3">
          It may have been removed. <Link to="/log">To the logbook</Link>
        </p>
      </div>
    );
  if (!state || !kitchen || !plan) return <p className="loading">Lighting the stove…</p>;
  return <Cooking state={state} kitchen={kitchen} plan={plan} />;
}

/** The plan with the sauce that was measured in place of the one that was forecast. */
function withMeasuredSauce(plan: Plan, kitchen: Kitchen, state: CookState | null | undefined): Plan {
  const sauce = state?.sauce;
  return sauce && sauce.how !== 'forecast'
    ? { ...plan, steps: stepsWithSauce(plan, kitchen, sauce.sauceG, sauce.presentPercent) }
    : plan;
}

/** The dish as it was when the cook began, in the pot that was chosen then. */
function dishAsCooked({ dish, potId }: CookState): Dish | null {
  return dish && { ...dish, settings: { ...dish.settings, potId } };
}

function Cooking({ state, kitchen, plan }: { state: CookState; kitchen: Kitchen; plan: Plan }) {
  const now = useNow(500);
  const say = useSay();
  const navigate = useNavigate();
  const timers = liveTimers(state, now);
  const due = useAlarm(timers, now);
  const [trouble, setTrouble] = useState<TroubleKind | null>(null);
  const isClosed = state.sealedAt !== null && state.pinDownAt === null;
  const over = state.status === 'finished' || state.status === 'abandoned';
  useAwake(!over);
  const forecast = liveForecast(plan, state, now);
  const tell: Tell = (...payloads) =>
    void record(state.cookId, ...payloads).catch(() =>
      say('That could not be written down. Is the disk full? Try once more.'),
    );
  const number = plan.steps.length - plan.steps.filter((s) => !state.done[s.id]).length + 1;

  if (over)
    return (
      <div className="page page-narrow">
        <h1>{state.dish?.name}</h1>
        <p className="mt-3">
          {state.status === 'finished'
            ? 'This cook is finished and in the logbook.'
            : 'This cook was left off.'}{' '}
          <Link to={`/log/${state.cookId}`}>See how it went</Link>
        </p>
      </div>
    );

  return (
    <div className="at-pot">
      <header className="at-pot-head">
        <div>
          <h1>{state.dish?.name}</h1>
          <span className="soft">
            {state.potName}
            {forecast.current && ` · step ${number} of ${plan.steps.length}`}
          </span>
        </div>
        {state.status === 'cooking' && (
          <div className="at-pot-table" aria-live="polite">
            <span className="figure">Table {clock(forecast.tableAt.mid)}</span>
            <span className="soft small">
              {clock(forecast.tableAt.low)}–{clock(forecast.tableAt.high)}
              {forecast.reason && `. ${forecast.reason}`}
            </span>
          </div>
        )}
      </header>
      <div className="at-pot-body">
        {forecast.current ? (
          <StepCard
            key={forecast.current.id}
            step={forecast.current}
            next={plan.steps.find((s) => !state.done[s.id] && s.id !== forecast.current?.id)}
            plan={plan}
            state={state}
            kitchen={kitchen}
            tell={tell}
          />
        ) : (
          <VerdictForm state={state} tell={tell} onDone={() => void navigate(`/log/${state.cookId}`)} />
        )}
        <aside className="at-pot-side">
          <Timers timers={timers} due={due} now={now} tell={tell} />
          <HeldTray plan={plan} unlocked={state.pinDownAt !== null} done={state.done} />
          {isClosed && (
            <div className="at-pot-trouble">
              <Button variant="quiet" onClick={() => setTrouble('burn')}>
                It says it is burning
              </Button>
              {state.pressureAt === null && (
                <Button variant="quiet" onClick={() => setTrouble('no-pressure')}>
                  It does not come to pressure
                </Button>
              )}
            </div>
          )}
          <div className="at-pot-tools">
            <Button
              variant="quiet"
              onClick={() => void undoLast(state.cookId)}
              disabled={state.applied.length < 2}
            >
              Undo last tap
            </Button>
            <Button
              variant="quiet"
              onClick={() => {
                tell({ type: 'abandoned', reason: 'left off' });
                say('Left off. What happened so far is in the logbook.', {
                  label: 'Go on cooking',
                  run: () => void undoLast(state.cookId),
                });
              }}
            >
              Leave it off
            </Button>
          </div>
        </aside>
      </div>
      <Drawer
        title={trouble === 'no-pressure' ? 'It does not come to pressure' : 'It says it is burning'}
        isOpen={trouble !== null}
        onClose={() => setTrouble(null)}
      >
        {trouble && (
          <Trouble
            plan={plan}
            kind={trouble}
            onFound={(causeId, remember) => tell({ type: 'trouble', kind: trouble, causeId, remember })}
            onFix={(fix) => state.dish && void editDish(state.dish.id, fix.label, fix.apply)}
          />
        )}
      </Drawer>
    </div>
  );
}
