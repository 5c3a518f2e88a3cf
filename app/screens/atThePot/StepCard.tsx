import { useEffect, useRef, useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { useHotkeys } from 'react-hotkeys-hook';
import {
  cookTime,
  eventsForStep,
  formatCountdown,
  formatDuration,
  formatDurationRange,
  type CookState,
  type EventPayload,
  type Step,
} from '../../../core/index';
import { useNow } from '../../parts/now';
import { freshId } from '../../store/dishes';
import { MeatStep } from './MeatStep';
import { MeasureStep, ThickenStep } from './SauceSteps';
import type { StepProps } from './stepProps';

const SKIPS = ['Done already', 'Not needed', 'Do it my way'];

const SAY: Partial<Record<Step['kind'], string>> = {
  comeUp: 'It is at pressure',
  hold: 'Time is up, heat off',
  release: 'The pin is down',
  serve: 'On the table',
};

/** One step: what to do, with what, for how long, what to look for, and the caution that belongs here. */
export function StepCard(props: StepProps) {
  const { step, next, plan, state, tell } = props;
  const [agreed, setAgreed] = useState(false);
  const [skipping, setSkipping] = useState(false);
  const [before] = useState(() => Object.entries(state.done).sort((a, b) => b[1].at - a[1].at)[0]?.[0]);
  const done = (...more: EventPayload[]): void =>
    tell(...eventsForStep(step, plan, state, { how: 'done' }, more));
  const skip = (reason: string): void =>
    tell(...eventsForStep(step, plan, state, { how: 'skipped', reason }));
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
      {step.words && <blockquote className="step-words">{step.words}</blockquote>}
      {step.text && <p className="step-text">{step.text}</p>}
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
