import { useMemo, useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { MAX_NOTE, readMethod, setSettings, type Dish, type Plan } from '../../../core/index';
import type { EditDish } from './edit';

const RELEASE = {
  quick: 'a quick release',
  ten: 'ten minutes, then venting',
  natural: 'a natural release',
} as const;

/** Tags, a note, and the method with what was understood of it. */
export function Notes({ dish, plan, edit }: { dish: Dish; plan: Plan; edit: EditDish }) {
  const [tags, setTags] = useState(dish.tags.join(', '));
  const [note, setNote] = useState(dish.note);
  const [method, setMethod] = useState(dish.method);
  const hints = useMemo(() => readMethod(method), [method]);
  const byMethod = plan.items.filter((i) => i.by === 'method');
  const said = [
    hints.minutes === null ? '' : `${hints.minutes} min under pressure`,
    hints.release ? RELEASE[hints.release] : '',
    hints.sides.length ? `served with ${hints.sides[0]}` : '',
    byMethod.length ? `${byMethod.map((i) => i.read.foodText).join(', ')} held back` : '',
  ].filter(Boolean);
  return (
    <div className="dish-notes">
      <Form.Group className="field" controlId="dish-tags">
        <Form.Label>Tags, with commas between</Form.Label>
        <Form.Control
          value={tags}
          maxLength={400}
          placeholder="weekday, spicy, freezes"
          onChange={(e) => {
            setTags(e.target.value);
            const list = [
              ...new Set(e.target.value.split(/[,;\n]/).map((t) => t.trim().slice(0, 40))),
            ].filter(Boolean);
            edit('the tags', (d) => ({ ...d, tags: list.slice(0, 20) }), 'tags');
          }}
        />
      </Form.Group>
      <Form.Group className="field" controlId="dish-note">
        <Form.Label>Note</Form.Label>
        <Form.Control
          as="textarea"
          rows={3}
          value={note}
          maxLength={MAX_NOTE}
          onChange={(e) => {
            setNote(e.target.value);
            edit('the note', (d) => ({ ...d, note: e.target.value }), 'note');
          }}
        />
      </Form.Group>
      <Form.Group className="field" controlId="dish-method">
        <Form.Label>Method, as it was written</Form.Label>
        <Form.Control
          as="textarea"
          rows={10}
          value={method}
          maxLength={20000}
          onChange={(e) => {
            setMethod(e.target.value);
            edit('the method', (d) => ({ ...d, method: e.target.value }), 'method');
          }}
        />
      </Form.Group>
      <p className="small" aria-live="polite">
        {said.length
          ? `Understood from it: ${said.join('; ')}.`
          : method.trim()
            ? 'Nothing in it changes the plan.'
            : ''}
      </p>
      {hints.minutes !== null && hints.minutes !== dish.settings.minutes && (
        <p className="small">
          The minutes are computed for your pieces and your pot: {Math.round(plan.heat.holdS / 60)}.{' '}
          <Button
            size="sm"
            variant="bare"
            onClick={() => {
              const fix = setSettings(
                { minutes: hints.minutes, ...(hints.release ? { release: hints.release } : {}) },
                'the written minutes',
              );
              edit(fix.label, fix.apply);
            }}
          >
            Use the written {hints.minutes}
          </Button>
        </p>
      )}
    </div>
  );
}
