import { useRef, useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import {
  asTheMethodSays,
  formatDuration,
  formatDurationRange,
  goesRows,
  type Dish,
  type Plan,
} from '../../../core/index';
import { ChangeOrder } from './ChangeOrder';
import type { EditDish } from './edit';

/** Where the order comes from, in a sentence. */
function told({ script, dish }: Plan): string {
  if (!script)
    return 'There is no method that can be followed: the order is the table’s. Paste one under “Tags, note and method”.';
  if (dish.script) return 'Your own order. What it leaves out and no pot may go without is put in.';
  return script.isConverted
    ? `Read from your method, in its order. It was written for the stove or the oven: “${script.convertedFrom.slice(0, 120)}” became the time under the lid, computed for these pieces.`
    : 'Read from your method, in its order and with its words. What it leaves out and no pot may go without is put in.';
}

/** How the cook goes, step by step, and the place to change it: the other view of the same split. */
export function HowItGoes({ dish, plan, edit }: { dish: Dish; plan: Plan; edit: EditDish }) {
  const [isChanging, setChanging] = useState(false);
  const toggle = useRef<HTMLInputElement>(null);
  const rows = goesRows(plan);
  return (
    <div className="how-it-goes">
      <p className="soft small">{told(plan)}</p>
      {rows.length > 0 && (
        <div className="goes-tools">
          <Form.Check
            ref={toggle}
            type="switch"
            id="goes-change"
            label="Change it"
            checked={isChanging}
            onChange={(e) => setChanging(e.target.checked)}
          />
          {dish.script && (
            <Button
              variant="quiet"
              size="sm"
              onClick={() => {
                edit('how it goes, as the method says', asTheMethodSays);
                toggle.current?.focus();
              }}
            >
              As the method says
            </Button>
          )}
        </div>
      )}
      {isChanging && plan.script ? (
        <ChangeOrder plan={plan} script={plan.script} rows={rows} edit={edit} />
      ) : (
        <ol>
          {plan.steps
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
      )}
    </div>
  );
}
