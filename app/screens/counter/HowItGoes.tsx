import { formatDuration, formatDurationRange, type Plan } from '../../../core/index';

/** The acts of the cook in their order, each with the recipe's words, its minutes and its lines: the other view of the same split. */
export function HowItGoes({ plan }: { plan: Plan }) {
  const { script, steps } = plan;
  return (
    <div className="how-it-goes">
      <p className="soft small">
        {script
          ? script.isConverted
            ? `Read from your method, in its order. It was written for the stove or the oven: “${script.convertedFrom.slice(0, 120)}” became the time under the lid, computed for these pieces.`
            : 'Read from your method, in its order and with its words. What it leaves out and no pot may go without is put in.'
          : 'There is no method that can be followed: the order is the table’s. Paste one under “Tags, note and method”.'}
      </p>
      <ol>
        {steps
          .filter((s) => s.id !== 'prep')
          .map((s) => (
            <li key={s.id} className={s.words ? 'is-told' : ''}>
              <strong>{s.title}</strong>{' '}
              <span className="soft small">
                {s.hands ? formatDuration(s.durationS.mid) : formatDurationRange(s.durationS)}
              </span>
              {s.words && <blockquote>{s.words}</blockquote>}
              {s.items.length > 0 && (
                <p className="small mb-0">
                  {s.items.map((i) => [i.amount, i.name].filter(Boolean).join(' ')).join(' · ')}
                </p>
              )}
            </li>
          ))}
      </ol>
    </div>
  );
}
