import Button from 'react-bootstrap/Button';
import { formatDuration, mayBeDoneAhead, type CookState, type Plan } from '../../../core/index';
import { clock } from '../../parts/now';
import type { Tell } from './tell';

/** Every step of the cook: what is done and when, what is next, and what can be done ahead while hands are free. */
export function AllSteps({ plan, state, tell }: { plan: Plan; state: CookState; tell: Tell }) {
  const current = plan.steps.find((s) => !state.done[s.id]);
  return (
    <ol className="all-steps">
      {plan.steps.map((s) => {
        const done = state.done[s.id];
        const isNow = s.id === current?.id;
        return (
          <li
            key={s.id}
            className={done ? 'is-done' : isNow ? 'is-now' : ''}
            aria-current={isNow ? 'step' : undefined}
          >
            <span>
              {s.title}{' '}
              <span className="small soft">
                {done
                  ? `${clock(done.at)}${done.skipped ? `, skipped: ${done.skipped.toLowerCase()}` : ''}`
                  : isNow
                    ? 'now'
                    : formatDuration(s.durationS.mid)}
              </span>
            </span>
            {done ? (
              <Button size="sm" variant="quiet" onClick={() => tell({ type: 'wentBack', stepId: s.id })}>
                Not done
              </Button>
            ) : (
              !isNow &&
              mayBeDoneAhead(s) && (
                <Button
                  size="sm"
                  variant="quiet"
                  aria-label={`Done ahead: ${s.title}`}
                  onClick={() => tell({ type: 'stepDone', stepId: s.id })}
                >
                  Done ahead
                </Button>
              )
            )}
          </li>
        );
      })}
    </ol>
  );
}
