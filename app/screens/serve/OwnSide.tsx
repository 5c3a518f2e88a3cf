import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { SideSchema, type Side, type SideTask } from '../../../core/index';
import { Drawer } from '../../parts/Drawer';
import { freshId } from '../../store/dishes';

const MOST_TASKS = 8;
const BLANK: SideTask = { name: '', minutes: 10, hands: true, uses: 'none', keepsMin: 10 };

/** A side dish of the household's own: a name and what is done for it, in order. */
export function OwnSide({ onClose, onSave }: { onClose: () => void; onSave: (side: Side) => void }) {
  const [name, setName] = useState('');
  const [tasks, setTasks] = useState<SideTask[]>([BLANK]);
  const [trouble, setTrouble] = useState('');
  const change = (i: number, part: Partial<SideTask>): void =>
    setTasks(tasks.map((t, n) => (n === i ? { ...t, ...part } : t)));
  const save = (): void => {
    const side = SideSchema.safeParse({
      id: `own-${freshId().slice(0, 30)}`,
      name: name.trim(),
      tasks: tasks.map((t) => ({ ...t, name: t.name.trim() })),
      ifWaits: 'Covered and warm.',
    });
    if (side.success) onSave(side.data);
    else
      setTrouble(
        name.trim()
          ? 'Every task wants a word and between half a minute and four hours.'
          : 'What is it called?',
      );
  };
  return (
    <Drawer title="A side of your own" isOpen onClose={onClose}>
      <Form
        onSubmit={(e) => {
          e.preventDefault();
          save();
        }}
      >
        <Form.Group controlId="own-side-name" className="mb-3">
          <Form.Label>Name</Form.Label>
          <Form.Control value={name} maxLength={60} onChange={(e) => setName(e.target.value)} />
        </Form.Group>
        {tasks.map((t, i) => (
          <fieldset key={i} className="own-task">
            <legend className="small">Task {i + 1}</legend>
            <Form.Control
              aria-label={`Task ${i + 1}`}
              placeholder="boil the dumplings"
              value={t.name}
              maxLength={80}
              onChange={(e) => change(i, { name: e.target.value })}
            />
            <div className="d-flex flex-wrap gap-2 align-items-center mt-1">
              <Form.Control
                aria-label={`Minutes of task ${i + 1}`}
                type="number"
                min={0.5}
                max={240}
                step={0.5}
                value={t.minutes}
                style={{ width: '5.5rem' }}
                onChange={(e) => change(i, { minutes: Number(e.target.value) })}
              />
              min
              <Form.Check
                id={`own-hands-${i}`}
                label="wants hands"
                checked={t.hands}
                onChange={(e) => change(i, { hands: e.target.checked })}
              />
              <Form.Select
                aria-label={`Where task ${i + 1} is done`}
                value={t.uses}
                style={{ width: 'auto' }}
                onChange={(e) => change(i, { uses: e.target.value as SideTask['uses'] })}
              >
                <option value="none">on the board</option>
                <option value="burner">on the stove</option>
                <option value="oven">in the oven</option>
              </Form.Select>
              {tasks.length > 1 && (
                <button
                  type="button"
                  className="link-button small"
                  onClick={() => setTasks(tasks.filter((_, n) => n !== i))}
                >
                  remove
                </button>
              )}
            </div>
          </fieldset>
        ))}
        {trouble && (
          <p className="severity-stop small" role="alert">
            {trouble}
          </p>
        )}
        <div className="d-flex gap-2 mt-3">
          <Button type="submit">Keep it</Button>
          <Button
            variant="quiet"
            disabled={tasks.length >= MOST_TASKS}
            onClick={() => setTasks([...tasks, BLANK])}
          >
            One more task
          </Button>
        </div>
      </Form>
    </Drawer>
  );
}
