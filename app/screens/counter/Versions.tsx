import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { diffDishes, isWorthKeeping, type Dish } from '../../../core/index';
import { clock, day } from '../../parts/now';
import { useSay } from '../../parts/Toasts';
import { keepRevision, useRevisions } from '../../store/revisions';
import type { EditDish } from './edit';

/** Kept versions of a dish with what has changed since each; any can be brought back, which can be undone. */
export function Versions({ dish, edit }: { dish: Dish; edit: EditDish }) {
  const revisions = useRevisions(dish.id);
  const [label, setLabel] = useState('');
  const say = useSay();
  if (!revisions) return <p className="loading">Looking…</p>;
  const isNew = isWorthKeeping(dish, revisions[0]);
  const keep = async (): Promise<void> => {
    const kept = await keepRevision(dish, label.trim() || 'kept');
    say(kept ? 'This version is kept.' : 'Nothing has changed since the last one.');
    setLabel('');
  };
  return (
    <div className="versions">
      <form
        onSubmit={(e) => {
          e.preventDefault();
          void keep();
        }}
      >
        <Form.Group className="field grow" controlId="version-label">
          <Form.Label>Keep the dish as it is now</Form.Label>
          <span className="meat-on-hand">
            <Form.Control
              value={label}
              maxLength={120}
              placeholder="with less chilli"
              onChange={(e) => setLabel(e.target.value)}
            />
            <Button type="submit" disabled={!isNew}>
              Keep
            </Button>
          </span>
        </Form.Group>
        {!isNew && <p className="small soft">Nothing has changed since the last one.</p>}
      </form>
      {revisions.length === 0 && (
        <p className="soft">
          None kept yet. A version is kept whenever the dish is cooked, and when you ask for it.
        </p>
      )}
      <ol className="version-list">
        {revisions.map((r) => {
          const changes = diffDishes(r.dish, dish);
          return (
            <li key={r.id}>
              <h3>
                {day(r.at)}, {clock(r.at)} <span className="soft small">{r.label}</span>
              </h3>
              {changes.length === 0 ? (
                <p className="small soft mb-0">The same as now.</p>
              ) : (
                <>
                  <p className="small mb-0">Since then:</p>
                  <ul className="diff">
                    {changes.map((c, i) => (
                      <li key={i} className={`diff-${c.kind}`}>
                        {c.text}
                      </li>
                    ))}
                  </ul>
                  <Button
                    size="sm"
                    variant="quiet"
                    onClick={() =>
                      edit(`the version of ${day(r.at)}`, (d) => ({
                        ...r.dish,
                        id: d.id,
                        createdAt: d.createdAt,
                        demo: d.demo,
                      }))
                    }
                  >
                    Bring it back
                  </Button>
                </>
              )}
            </li>
          );
        })}
      </ol>
    </div>
  );
}
