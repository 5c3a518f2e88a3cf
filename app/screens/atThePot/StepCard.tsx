import { useEffect, useMemo, useRef, useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import {
  cookTime,
  decider,
  doseFor,
  formatCountdown,
  formatDuration,
  formatDurationRange,
  formatMass,
  formatTemp,
  minutesMore,
  SAFE_C,
  THICKENERS,
  type CookState,
  type EventPayload,
  type Kitchen,
  type Plan,
  type Step,
} from '../../../core/index';
import { useNow } from '../../parts/now';
import { useHotkeys } from 'react-hotkeys-hook';
import type { PluggedNow } from '../../store/devices';
import { freshId } from '../../store/dishes';
import { benchFor, doseInput, type Bench } from '../finish/bench';
import { DoseLines } from '../finish/Answer';
import { SauceBench } from '../finish/SauceBench';
import { SpoonShows } from '../finish/SpoonShows';
import type { Tell } from './tell';

interface Props {
  step: Step;
  next: Step | undefined;
  plan: Plan;
  state: CookState;
  kitchen: Kitchen;
  tell: Tell;
  plugged: PluggedNow;
}

const SKIPS = ['Done already', 'Not needed', 'Do it my way'];

/** What finishing a step means besides that it is done. */
function meaningOf(step: Step): EventPayload[] {
  if (step.id === 'seal') return [{ type: 'sealed' }];
  if (step.kind === 'comeUp') return [{ type: 'pressureReached' }];
  if (step.kind === 'hold') return [{ type: 'holdEnded' }];
  if (step.kind === 'release') return [{ type: 'pinDown' }];
  if (step.kind === 'serve') return [{ type: 'served' }];
  return [];
}

/** Timers that start by themselves when a step is finished, because the pot's clock starts then too. */
function followUp(step: Step, plan: Plan): EventPayload[] {
  if (step.kind === 'comeUp' && plan.heat.holdS > 0)
    return [
      {
        type: 'timerStarted',
        timerId: 'hold',
        name: 'Under pressure',
        seconds: Math.max(1, Math.round(plan.heat.holdS)),
      },
    ];
  if (step.kind === 'hold' && plan.release === 'ten')
    return [{ type: 'timerStarted', timerId: 'down', name: 'Coming down', seconds: 600 }];
  return [];
}

const SAY: Partial<Record<Step['kind'], string>> = {
  comeUp: 'The pin is up',
  hold: 'Time is up, heat off',
  release: 'The pin is down',
  serve: 'On the table',
};

/** One step: what to do, with what, for how long, what to look for, and the caution that belongs here. */
export function StepCard(props: Props) {
  const { step, next, plan, state, tell } = props;
  const [agreed, setAgreed] = useState(false);
  const [skipping, setSkipping] = useState(false);
  const [before] = useState(() => Object.entries(state.done).sort((a, b) => b[1].at - a[1].at)[0]?.[0]);
  const stopOwn = (): EventPayload[] =>
    state.timers
      .filter(
        (t) =>
          !t.stopped &&
          (t.id === step.id ||
            (step.kind === 'hold' && t.id === 'hold') ||
            (step.kind === 'release' && t.id === 'down')),
      )
      .map((t) => ({ type: 'timerStopped', timerId: t.id }));
  const done = (...more: EventPayload[]): void =>
    tell(
      ...more,
      ...meaningOf(step),
      ...stopOwn(),
      { type: 'stepDone', stepId: step.id },
      ...followUp(step, plan),
    );
  const skip = (reason: string): void =>
    tell(
      ...meaningOf(step),
      ...stopOwn(),
      { type: 'stepSkipped', stepId: step.id, reason },
      ...followUp(step, plan),
    );
  const title = useRef<HTMLHeadingElement>(null);
  const card = useRef<HTMLElement>(null);
  useEffect(() => {
    window.scrollTo({ top: 0 });
    if (document.activeElement === document.body) title.current?.focus({ preventScroll: true });
  }, []);
  useHotkeys(
    'right,n',
    () => card.current?.querySelector<HTMLButtonElement>('.step-done:not(:disabled)')?.click(),
    [step.id],
  );
  useHotkeys('left,b', () => card.current?.querySelector<HTMLButtonElement>('.step-back')?.click(), [
    step.id,
  ]);
  const own = step.kind === 'measure' || step.kind === 'thicken' || step.kind === 'meat';
  return (
    <article className="step" aria-labelledby="step-title" ref={card}>
      <div className="step-top">
        {step.heat && (
          <span className={`heat heat-${step.heat}`}>
            {step.heat === 'pressure' ? 'sealed' : `heat ${step.heat}`}
          </span>
        )}
        <span className="soft">
          {step.hands
            ? `about ${formatDuration(step.durationS.mid)}`
            : `hands free, ${formatDurationRange(step.durationS)}`}
        </span>
      </div>
      {/* A new step is announced to a screen reader. */}
      <h2 id="step-title" aria-live="polite" tabIndex={-1} ref={title}>
        {step.title}
      </h2>
      <p className="step-text">{step.text}</p>
      {step.items.length > 0 && (
        <ul className="step-items">
          {step.items.map((i) => (
            <li key={`${i.lineId}-${i.note}`}>
              <strong>{i.amount}</strong> {i.name} {i.note && <span className="soft">{i.note}</span>}
            </li>
          ))}
        </ul>
      )}
      {step.look && (
        <p className="step-look">
          <strong>Look for:</strong> {step.look}
        </p>
      )}
      {step.cautions.map((c) => (
        <p className="step-caution" key={c}>
          {c}
        </p>
      ))}
      {(step.kind === 'comeUp' || step.kind === 'hold') && <Elapsed step={step} state={state} />}
      {step.kind === 'measure' && <MeasureStep {...props} done={done} />}
      {step.kind === 'thicken' && <ThickenStep {...props} done={done} />}
      {step.kind === 'meat' && <MeatStep {...props} done={done} />}
      {step.check && (
        <Form.Check
          className="step-check"
          id={`check-${step.id}`}
          checked={agreed}
          onChange={(e) => setAgreed(e.target.checked)}
          label={step.check}
        />
      )}
      <div className="step-buttons">
        {before && (
          <Button
            variant="quiet"
            className="step-back"
            onClick={() => tell({ type: 'wentBack', stepId: before })}
          >
            Back
          </Button>
        )}
        <Button variant="quiet" aria-expanded={skipping} onClick={() => setSkipping((s) => !s)}>
          Skip
        </Button>
        {step.timer && step.kind === 'do' && !state.timers.some((t) => t.id === step.id && !t.stopped) && (
          <Button
            variant="outline-primary"
            onClick={() =>
              step.timer &&
              tell({
                type: 'timerStarted',
                timerId: state.timers.some((t) => t.id === step.id) ? freshId() : step.id,
                name: step.timer.name,
                seconds: step.timer.seconds,
              })
            }
          >
            Start {formatDuration(step.timer.seconds)}
          </Button>
        )}
        {!own && (
          <Button className="step-done" disabled={step.check !== null && !agreed} onClick={() => done()}>
            {SAY[step.kind] ?? 'Done'}
          </Button>
        )}
      </div>
      {step.check && !agreed && !own && (
        <p className="soft small mb-0">Asked, not assumed: tick the line above first, or skip and say why.</p>
      )}
      {skipping && (
        <div className="step-skip">
          <span>Why skip?</span>
          {SKIPS.map((reason) => (
            <Button key={reason} size="sm" variant="outline-primary" onClick={() => skip(reason)}>
              {reason}
            </Button>
          ))}
        </div>
      )}
      {next && (
        <p className="step-next soft">
          Next: {next.title}
          {next.items.length > 0 &&
            ` — ${next.items
              .slice(0, 4)
              .map((i) => i.name)
              .join(', ')}`}
        </p>
      )}
    </article>
  );
}

/** How long it has been coming up or holding. */
function Elapsed({ step, state }: { step: Step; state: CookState }) {
  const now = cookTime(state.clock, useNow((state.clock?.speed ?? 1) > 1 ? 120 : 1000));
  const since = step.kind === 'comeUp' ? state.sealedAt : state.pressureAt;
  if (!since) return null;
  return (
    <p className="step-elapsed">
      <span className="figure">{formatCountdown((now - since) / 1000)}</span>{' '}
      <span className="soft">of about {formatDurationRange(step.durationS)}</span>
    </p>
  );
}

type OwnProps = Props & { done: (...more: EventPayload[]) => void };

/** The thickener and dairy the cook chose when measuring, where that is known. */
function chosenAtBench({ sauce }: CookState): Partial<Bench> {
  const { thickener, laterG } = sauce?.chosen ?? {};
  return { ...(thickener ? { thickener } : {}), ...(laterG === undefined ? {} : { laterG }) };
}

function MeasureStep({ plan, state, kitchen, done, plugged }: OwnProps) {
  const [bench, setBench] = useState<Bench>(() => {
    const fresh = benchFor(plan, plan.rules, plan.dish);
    return {
      ...fresh,
      way: 'jug',
      ...(state.sauce
        ? {
            reading: String(Math.round(state.sauce.sauceG)),
            aim: state.sauce.aim,
            presentPercent: state.sauce.presentPercent,
            ...chosenAtBench(state),
          }
        : {}),
    };
  });
  const { grams } = plugged;
  return (
    <>
      {grams !== null && kitchen.tools.scale && (
        <Button
          variant="outline-primary"
          className="mb-3"
          onClick={() =>
            setBench((b) => ({ ...b, way: 'scale', reading: String(Math.round(grams)), piecesIn: true }))
          }
        >
          Take the scale: {formatMass(grams, kitchen.units)}, pieces in
        </Button>
      )}
      <SauceBench
        bench={bench}
        onBench={setBench}
        pot={plan.pot}
        plan={plan}
        kitchen={kitchen}
        rules={plan.rules}
        starchFactor={plan.calibration.starchFactor}
      >
        {(answer) => (
          <Button
            className="step-done mt-3"
            disabled={!answer}
            onClick={() =>
              answer &&
              done({
                type: 'sauceMeasured',
                sauceG: answer.input.sauceG,
                how: bench.way,
                aim: bench.aim,
                presentPercent: bench.presentPercent,
                thickener: bench.thickener,
                laterG: bench.laterG,
              })
            }
          >
            Use this
          </Button>
        )}
      </SauceBench>
    </>
  );
}

function ThickenStep({ plan, state, kitchen, done, tell }: OwnProps) {
  const [bench] = useState<Bench>(() => {
    const fresh = benchFor(plan, plan.rules, plan.dish);
    return state.sauce
      ? {
          ...fresh,
          way: 'jug',
          reading: String(state.sauce.sauceG),
          aim: state.sauce.aim,
          presentPercent: state.sauce.presentPercent,
          ...chosenAtBench(state),
        }
      : fresh;
  });
  const input = doseInput(
    bench,
    state.sauce?.sauceG ?? plan.liquid.sauceAfterG.mid,
    plan.rules,
    plan,
    plan.calibration.starchFactor,
  );
  const dose = doseFor(input);
  const stirred = (state.sauce?.starchG ?? 0) > 0;
  const t = THICKENERS.find((x) => x.id === input.thickener);
  return (
    <div className="thicken">
      {dose.starchG < 0.4 ? (
        <p className="bench-big">
          <strong className="figure">No starch needed</strong>
        </p>
      ) : (
        <>
          <DoseLines dose={dose} rules={plan.rules} />
          <p className="soft">
            for {formatMass(input.sauceG, kitchen.units)} of sauce
            {state.sauce?.how === 'forecast' || !state.sauce ? ', as forecast' : ', as measured'}. {t?.note}
          </p>
        </>
      )}
      {dose.starchG >= 0.4 && !stirred && (
        <Button
          variant="outline-primary"
          onClick={() =>
            tell(
              ...(state.sauce
                ? []
                : [
                    {
                      type: 'sauceMeasured',
                      sauceG: input.sauceG,
                      how: 'forecast',
                      aim: bench.aim,
                      presentPercent: bench.presentPercent,
                    } as const,
                  ]),
              { type: 'thickened', thickener: input.thickener, starchG: dose.starchG, waterG: dose.waterG },
              {
                type: 'timerStarted',
                timerId: freshId(),
                name: 'Boil the slurry',
                seconds: Math.max(30, dose.thickener.simmerS),
              },
            )
          }
        >
          It is in, start the boil
        </Button>
      )}
      {stirred && (
        <SpoonShows
          input={input}
          dose={dose}
          kitchen={kitchen}
          onSeen={(seenPercent, promisedPercent) =>
            tell({ type: 'spoonShown', seenPercent, promisedPercent })
          }
          onSecond={(starchG, waterG) =>
            tell({ type: 'thickened', thickener: input.thickener, starchG, waterG })
          }
        />
      )}
      <Button className="step-done mt-3" onClick={() => done()}>
        {stirred || dose.starchG < 0.4 ? 'Thick enough' : 'Leave it thin'}
      </Button>
    </div>
  );
}

function MeatStep({ plan, kitchen, state, done, tell, plugged }: OwnProps) {
  const [text, setText] = useState('');
  const main = decider(plan.kinds, plan.heat);
  const value = Number.parseFloat(text.replace(',', '.'));
  const tempC = kitchen.units.temperature === 'F' ? (value - 32) / 1.8 : value;
  const usable = Number.isFinite(tempC) && tempC > -30 && tempC < 130;
  const need = main?.safeC ?? SAFE_C[kitchen.authority].poultry;
  const shown = (c: number): string =>
    String(Math.round((kitchen.units.temperature === 'F' ? c * 1.8 + 32 : c) * 10) / 10);
  const short = state.coreC !== null && state.coreC < need;
  return (
    <div className="meat-check">
      <Form.Group controlId="core" className="bench-reading">
        <Form.Label>Thickest part of a thick piece</Form.Label>
        <span className="unit-field">
          <Form.Control
            size="lg"
            inputMode="decimal"
            autoComplete="off"
            value={text}
            placeholder={String(Math.round(kitchen.units.temperature === 'F' ? need * 1.8 + 32 : need))}
            onChange={(e) => setText(e.target.value.slice(0, 6))}
          />
          <span>°{kitchen.units.temperature}</span>
        </span>
        <Button
          variant="outline-primary"
          disabled={!usable}
          onClick={() => tell({ type: 'coreMeasured', tempC: Math.round(tempC * 10) / 10 })}
        >
          Write it down
        </Button>
        {plugged.probeC !== null && (
          <Button variant="quiet" onClick={() => setText(shown(plugged.probeC ?? 0))}>
            The probe says {formatTemp(plugged.probeC, kitchen.units)}
          </Button>
        )}
      </Form.Group>
      {text && !usable && (
        <p className="severity-stop small mb-1" role="alert">
          A temperature in °{kitchen.units.temperature}, please.
        </p>
      )}
      {state.coreC !== null && (
        <p role="status" className={short ? 'severity-stop' : ''}>
          {formatTemp(state.coreC, kitchen.units)} measured, {formatTemp(need, kitchen.units)} to reach.{' '}
          {short ? `Short by ${Math.ceil(need - state.coreC)}.` : 'Reached, in that piece.'}
        </p>
      )}
      {short && state.coreC !== null && (
        <MoreMinutesFor plan={plan} state={state} coreC={state.coreC} tell={tell} />
      )}
      <Button className="step-done" onClick={() => done()}>
        {state.coreC === null ? `Checked another way` : short ? 'Go on all the same' : 'On with it'}
      </Button>
    </div>
  );
}

/** Short of the temperature: how many minutes more, each way, from the simulation fitted to the reading. */
function MoreMinutesFor({
  plan,
  state,
  coreC,
  tell,
}: {
  plan: Plan;
  state: CookState;
  coreC: number;
  tell: Tell;
}) {
  const more = useMemo(() => {
    const heldS =
      state.pressureAt && state.holdEndedAt ? (state.holdEndedAt - state.pressureAt) / 1000 : plan.heat.holdS;
    const minutes = Math.min(180, Math.max(0, Math.round(heldS / 60)));
    return minutesMore(plan.heating, { minutes, lead: plan.heat.lead }, coreC);
  }, [plan, state.pressureAt, state.holdEndedAt, coreC]);
  const start = (name: string, minutes: number): void =>
    tell({ type: 'timerStarted', timerId: freshId(), name, seconds: Math.max(60, Math.round(minutes * 60)) });
  const { simmerMin, pressureMin, pressureInAllMin } = more;
  return (
    <div className="meat-more">
      <p className="mb-2">
        By the reading the pieces heat as if they were {Math.round((more.thicker - 1) * 100)} % thicker than
        thought. An estimate: measure again afterwards, in the thickest piece.
      </p>
      <div className="d-flex flex-wrap gap-2 mb-2">
        {simmerMin !== null && (
          <Button variant="outline-primary" onClick={() => start('Simmer on', simmerMin)}>
            Simmer about {simmerMin} min
          </Button>
        )}
        {pressureMin !== null && pressureInAllMin !== null && (
          <Button variant="outline-primary" onClick={() => start('Second lid', pressureInAllMin)}>
            Or {Math.max(1, pressureMin)} min under pressure, {pressureInAllMin} in all
          </Button>
        )}
        {simmerMin === null && pressureMin === null && (
          <p className="severity-stop mb-0">
            An hour would not mend that: cut the pieces small, or leave it off. Was it a frozen lump?
          </p>
        )}
      </div>
    </div>
  );
}
