import { lazy, Suspense, useCallback, useMemo, useRef, useState, type TouchEvent } from 'react';
import Button from 'react-bootstrap/Button';
import { Link, useNavigate, useParams } from 'react-router';
import {
  cookTime,
  holdAdvice,
  liveForecast,
  liveTimers,
  planAsItWent,
  potNow,
  stepsWithSauce,
  type CookState,
  type Dish,
  type Kitchen,
  type LiveRest,
  type Plan,
  type TroubleKind,
} from '../../../core/index';
import { clock, useNow } from '../../parts/now';
import { Drawer } from '../../parts/Drawer';
import { useSay } from '../../parts/Toasts';
import { Trouble } from '../../parts/Trouble';
import { recordAt, undoLast } from '../../store/cooks';
import { removeKitchen, tellCooker, usePlugged } from '../../store/devices';
import { editDish } from '../../store/dishes';
import { useCook, useKitchen, type SeenCook } from '../../store/live';
import { usePlan } from '../../store/plans';
import { useRest } from '../../store/rest';
import { useAlarm, useAwake } from '../../parts/alarm';
import { AllSteps } from './AllSteps';
import { Beside } from './Beside';
import { Devices } from './Devices';
import { HeldTray } from './HeldTray';
import { HoldChange } from './HoldChange';
import { useAloud } from './speech';
import { StepCard } from './StepCard';
import type { Tell } from './tell';
import { Timers } from './Timers';
import { VerdictForm } from './VerdictForm';
import { useTitle } from '../../parts/title';

const LiveChart = lazy(() => import('./LiveChart'));

/** The cook-along: one step, big; timers; what is still held back; when dinner really is. */
export default function AtThePot() {
  const { cookId = '' } = useParams();
  const kitchen = useKitchen();
  const state = useCook(cookId);
  useTitle(state?.dish ? `At the pot: ${state.dish.name}` : undefined);
  const dish = useMemo(() => (state ? dishAsCooked(state) : null), [state]);
  const planned = usePlan(dish, kitchen);
  const rest = useRest(planned, state);
  const went = useMemo(
    () => planned && kitchen && state && planAsItWent(planned, kitchen, state, rest),
    // Only what the pot did moves it: not every tap.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [planned, kitchen, state?.sealedAt, state?.pressureAt, state?.holdS, rest],
  );
  const plan = useMemo(
    () => went && kitchen && withMeasuredSauce(went, kitchen, state),
    [went, kitchen, state],
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
  return <Cooking state={state} kitchen={kitchen} plan={plan} planned={planned ?? plan} rest={rest} />;
}

/** The plan with the sauce that was measured in place of the one that was forecast. */
function withMeasuredSauce(plan: Plan, kitchen: Kitchen, state: CookState | null | undefined): Plan {
  const sauce = state?.sauce;
  return sauce && sauce.how !== 'forecast'
    ? {
        ...plan,
        steps: stepsWithSauce(plan, kitchen, sauce.sauceG, sauce.presentPercent, sauce.chosen?.thickener),
      }
    : plan;
}

/** The dish as it was when the cook began, in the pot that was chosen then. */
function dishAsCooked({ dish, potId }: CookState): Dish | null {
  return dish && { ...dish, settings: { ...dish.settings, potId } };
}

/** A swipe is at least so long and so flat, px. */
const SWIPE = { least: 80, most: 50 };
/** How often the clock is read: oftener where a simulated one runs fast, ms. */
const TICK_MS = { wall: 500, fast: 120 };

function Cooking({
  state,
  kitchen,
  plan,
  planned,
  rest,
}: {
  state: SeenCook;
  kitchen: Kitchen;
  plan: Plan;
  /** The plan as it stood before anything happened. */
  planned: Plan;
  /** What has happened, weighed. */
  rest: LiveRest | null;
}) {
  const wall = useNow((state.clock?.speed ?? 1) > 1 ? TICK_MS.fast : TICK_MS.wall);
  const now = cookTime(state.clock, wall);
  const say = useSay();
  const navigate = useNavigate();
  const timers = liveTimers(state, now);
  const plugged = usePlugged(state, plan);
  const isBurning = plugged.cooker?.stage === 'burn';
  const due = useAlarm(timers, now, isBurning ? 'It says it is burning' : null);
  const [trouble, setTrouble] = useState<TroubleKind | null>(null);
  const [showsAll, setShowsAll] = useState(false);
  const pot = potNow(plan, state);
  const advice = holdAdvice(planned, state, rest, now);
  const over = state.status === 'finished' || state.status === 'abandoned';
  useAwake(!over && state.pausedAt === null);
  const forecast = liveForecast(plan, state, now);
  const aloud = useAloud(over ? null : forecast.current);
  const { cookId, clock: cookClock, seen } = state;
  const tell: Tell = useCallback(
    (...payloads) => {
      void recordAt(cookId, cookTime(cookClock, Date.now()), payloads, seen).catch(() =>
        say('That could not be written down. Is the disk full? Try once more.'),
      );
    },
    [cookId, cookClock, seen, say],
  );
  /** What the cook does is passed on to the cooker that is plugged in. */
  const act: Tell = (...payloads) => {
    tell(...payloads);
    const kitchenId = state.plugged?.kitchenId;
    if (!kitchenId) return;
    const send = (command: Parameters<typeof tellCooker>[1]): void =>
      void tellCooker(kitchenId, command).then((refused) => refused && say(refused));
    if (payloads.some((p) => p.type === 'sealed')) send({ do: 'start', minutes: plan.heat.holdS / 60 });
    if (payloads.some((p) => p.type === 'stepDone' && p.stepId === 'open')) send({ do: 'open' });
    for (const p of payloads) if (p.type === 'holdSet') send({ do: 'hold-for', minutes: p.seconds / 60 });
  };
  const number = plan.steps.length - plan.steps.filter((s) => !state.done[s.id]).length + 1;
  const touch = useRef<{ x: number; y: number } | null>(null);
  const swiped = (e: TouchEvent): void => {
    const from = touch.current;
    const to = e.changedTouches[0];
    touch.current = null;
    if (!from || !to || Math.abs(to.clientY - from.y) > SWIPE.most) return;
    const across = to.clientX - from.x;
    if (Math.abs(across) < SWIPE.least) return;
    document
      .querySelector<HTMLButtonElement>(across < 0 ? '.step .step-done:not(:disabled)' : '.step .step-back')
      ?.click();
  };

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
      {state.pausedAt !== null && (
        <p className="at-pot-paused" role="status">
          Paused since {clock(state.pausedAt)}. The pot and its timers go on.{' '}
          <Button size="sm" onClick={() => tell({ type: 'resumed' })}>
            Go on
          </Button>
        </p>
      )}
      {advice && rest && (
        <HoldChange
          advice={advice}
          rest={rest}
          takesItself={kitchen.holdChanges === 'itself'}
          tell={act}
          say={say}
        />
      )}
      {isBurning && (
        <p className="at-pot-burning" role="alert">
          <strong>The cooker says it is burning.</strong> Cancel, let the pressure fall by itself, open, look,
          scrape, add thin liquid. Do not restart on a scorched floor.{' '}
          <Button size="sm" onClick={() => setTrouble('burn')}>
            What now?
          </Button>
        </p>
      )}
      <div
        className="at-pot-body"
        onTouchStart={(e) => {
          const t = e.touches[0];
          const isField = (e.target as HTMLElement).closest(
            'input, select, textarea, canvas, .timers, .devices',
          );
          touch.current = t && !isField ? { x: t.clientX, y: t.clientY } : null;
        }}
        onTouchEnd={swiped}
      >
        {forecast.current ? (
          <div>
            <StepCard
              key={forecast.current.id}
              step={forecast.current}
              next={plan.steps.find((s) => !state.done[s.id] && s.id !== forecast.current?.id)}
              plan={plan}
              state={state}
              kitchen={kitchen}
              tell={act}
              plugged={plugged}
            />
            {state.plugged && state.sealedAt !== null && (
              <details className="small mt-3" open>
                <summary>Live against the forecast</summary>
                <div className="device-chart">
                  <Suspense fallback={<p className="loading">Drawing…</p>}>
                    <LiveChart
                      key={document.documentElement.dataset['bsTheme']}
                      cookId={state.cookId}
                      units={kitchen.units}
                      plan={plan}
                    />
                  </Suspense>
                </div>
              </details>
            )}
          </div>
        ) : (
          <VerdictForm
            kitchen={kitchen}
            state={state}
            tell={tell}
            onDone={() => {
              // A simulated kitchen has done its work when its cook is in the logbook.
              if (state.plugged?.simulated) void removeKitchen(state.plugged.kitchenId);
              void navigate(`/log/${state.cookId}`);
            }}
          />
        )}
        <aside className="at-pot-side">
          <Timers timers={timers} due={due} now={now} tell={tell} />
          {state.status === 'cooking' && (
            <Beside
              plan={plan}
              state={state}
              kitchen={kitchen}
              tableAt={forecast.tableAt.mid}
              now={now}
              tell={tell}
            />
          )}
          <HeldTray plan={plan} unlocked={pot.mayAdd} state={state} tell={tell} />
          <Devices
            plan={plan}
            state={state}
            kitchen={kitchen}
            now={plugged}
            step={forecast.current}
            tell={tell}
          />
          {pot.isLocked && (
            <div className="at-pot-trouble">
              <Button variant="quiet" onClick={() => setTrouble('burn')}>
                It says it is burning
              </Button>
              {pot.phase === 'closed' && (
                <Button variant="quiet" onClick={() => setTrouble('no-pressure')}>
                  It does not come to pressure
                </Button>
              )}
            </div>
          )}
          <div className="at-pot-tools">
            <Button variant="quiet" onClick={() => setShowsAll(true)}>
              All steps
            </Button>
            <Button
              variant="quiet"
              onClick={() => tell(state.pausedAt === null ? { type: 'paused' } : { type: 'resumed' })}
            >
              {state.pausedAt === null ? 'Pause' : 'Go on'}
            </Button>
            {aloud.canSpeak && (
              <Button variant="quiet" aria-pressed={aloud.isOn} onClick={aloud.toggle}>
                {aloud.isOn ? 'Stop reading aloud' : 'Read aloud'}
              </Button>
            )}
            <Button
              variant="quiet"
              onClick={() => void undoLast(state.cookId)}
              disabled={state.applied.length < 2 + state.overruled.length}
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
      <Drawer title="All steps" isOpen={showsAll} onClose={() => setShowsAll(false)}>
        <AllSteps plan={plan} state={state} tell={tell} />
      </Drawer>
      <Drawer
        title={trouble === 'no-pressure' ? 'It does not come to pressure' : 'It says it is burning'}
        isOpen={trouble !== null}
        onClose={() => setTrouble(null)}
      >
        {trouble && (
          <Trouble
            plan={plan}
            kind={trouble}
            units={kitchen.units}
            onFound={(causeId, remember) => tell({ type: 'trouble', kind: trouble, causeId, remember })}
            onFix={(fix) => state.dish && void editDish(state.dish.id, fix.label, fix.apply)}
          />
        )}
      </Drawer>
    </div>
  );
}
