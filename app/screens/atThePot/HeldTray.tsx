import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { harmNow, MOMENT_NAMES, stepItem, type CookState, type Plan } from '../../../core/index';
import type { Tell } from './tell';

/** What waits until the pressure is gone, with its lock in sight; adding something early says what would happen first. */
export function HeldTray({
  plan,
  unlocked,
  state,
  tell,
}: {
  plan: Plan;
  unlocked: boolean;
  state: CookState;
  tell: Tell;
}) {
  const [asked, setAsked] = useState<string | null>(null);
  const used = new Set(
    plan.steps
      .filter((s) => state.done[s.id] && s.id !== 'prep')
      .flatMap((s) => s.items.map((i) => i.lineId)),
  );
  const early = new Set(state.early.map((e) => e.lineId));
  const held = plan.held.filter((i) => !early.has(i.lineId) && (i.part || !used.has(i.lineId)));
  if (!plan.held.length) return null;
  return (
    <section className={`tray ${unlocked ? 'is-open' : ''}`} aria-label="Held back">
      <h2>
        <svg viewBox="0 0 20 20" aria-hidden="true">
          <rect x="3" y="9" width="14" height="9" rx="1.5" fill="currentColor" />
          <path
            d={unlocked ? 'M6 9V6a4 4 0 0 1 7.5-2' : 'M6 9V6a4 4 0 0 1 8 0v3'}
            fill="none"
            stroke="currentColor"
            strokeWidth="2.2"
          />
        </svg>
        {unlocked ? 'Held back: now' : 'Held back until the pin drops'}
      </h2>
      {held.length === 0 && <p className="small mb-0">All in.</p>}
      <ul>
        {held.map((i) => {
          const s = stepItem(i);
          const key = `${i.lineId}-${i.part}`;
          return (
            <li key={key}>
              <span>
                {i.line.asSlurry ? '' : s.amount} {s.name}
              </span>
              <span className="small soft">
                {MOMENT_NAMES[i.moment].toLowerCase()}{' '}
                {!unlocked && (
                  <button
                    type="button"
                    className="link-button small"
                    aria-label={`Put ${s.name} in now`}
                    aria-expanded={asked === key}
                    onClick={() => setAsked(asked === key ? null : key)}
                  >
                    now?
                  </button>
                )}
              </span>
              {asked === key && !unlocked && (
                <div className="tray-ask" role="alert">
                  <p className="small mb-1">{harmNow(i)}</p>
                  <Button size="sm" variant="primary" onClick={() => setAsked(null)}>
                    Leave it held back
                  </Button>{' '}
                  <Button
                    size="sm"
                    variant="bare"
                    onClick={() => {
                      tell({
                        type: 'addedEarly',
                        lineId: i.lineId,
                        name: s.name.slice(0, 120),
                        harm: harmNow(i).slice(0, 300),
                      });
                      setAsked(null);
                    }}
                  >
                    It goes in all the same
                  </Button>
                </div>
              )}
            </li>
          );
        })}
      </ul>
      {state.early.length > 0 && (
        <p className="small soft mb-0">Went in early: {state.early.map((e) => e.name).join(', ')}.</p>
      )}
    </section>
  );
}
