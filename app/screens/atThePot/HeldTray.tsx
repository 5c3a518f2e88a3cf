import { MOMENT_NAMES, stepItem, type CookState, type Plan } from '../../../core/index';

/** What waits until the pressure is gone, with its lock in sight. */
export function HeldTray({
  plan,
  unlocked,
  done,
}: {
  plan: Plan;
  unlocked: boolean;
  done: CookState['done'];
}) {
  const used = new Set(
    plan.steps.filter((s) => done[s.id] && s.id !== 'prep').flatMap((s) => s.items.map((i) => i.lineId)),
  );
  const held = plan.held.filter((i) => i.part || !used.has(i.lineId));
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
          return (
            <li key={`${i.lineId}-${i.part}`}>
              <span>
                {i.line.asSlurry ? '' : s.amount} {s.name}
              </span>
              <span className="small soft">{MOMENT_NAMES[i.moment].toLowerCase()}</span>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
