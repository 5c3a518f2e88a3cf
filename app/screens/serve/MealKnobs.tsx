import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { formatDuration, type Kitchen, type MealWish, type Side } from '../../../core/index';
import { Segments } from '../../parts/Segments';
import { Stepper } from '../../parts/Stepper';
import { changeKitchen } from '../../store/household';
import { OwnSide } from './OwnSide';

const USUAL_BURNERS = 4;
const MOST_SIDES = 8;
const lengthOf = (side: Side): number => side.tasks.reduce((s, t) => s + t.minutes, 0) * 60;

/** When, with what beside it, and who helps. */
export function MealKnobs({
  wish,
  kitchen,
  sides,
  set,
}: {
  wish: MealWish;
  kitchen: Kitchen;
  sides: readonly Side[];
  set: (label: string, change: Partial<MealWish>) => void;
}) {
  const [isAdding, setAdding] = useState(false);
  const own = kitchen.ownSides ?? [];
  const toggle = (id: string): void =>
    set(wish.sides.includes(id) ? 'one side less' : 'one side more', {
      sides: wish.sides.includes(id)
        ? wish.sides.filter((s) => s !== id)
        : [...wish.sides, id].slice(-MOST_SIDES),
    });
  return (
    <div className="clock-knobs serve-knobs no-print">
      <Form.Group controlId="serve-at">
        <Form.Label>On the table at</Form.Label>
        <div className="d-flex gap-2">
          <Form.Control
            type="time"
            value={wish.serveAt ?? ''}
            onChange={(e) => set('the time', { serveAt: e.target.value || null })}
          />
          <Button
            variant="quiet"
            className="text-nowrap"
            disabled={wish.serveAt === null}
            onClick={() => set('as soon as it can be', { serveAt: null })}
          >
            From now
          </Button>
        </div>
        <p className="small soft mb-0">
          {wish.serveAt === null
            ? 'As soon as it can be, from now.'
            : 'Late? “From now” plans again from this minute.'}
        </p>
      </Form.Group>
      <div>
        <span className="knob-head">Hands</span>
        <Segments
          name="hands"
          label="Hands"
          value={wish.hands === 1 ? 'one' : 'two'}
          options={[
            { id: 'one', label: 'One cook' },
            { id: 'two', label: 'Two' },
          ]}
          onChange={(h) => set('the hands', { hands: h === 'one' ? 1 : 2 })}
        />
      </div>
      <Form.Check
        type="switch"
        id="yesterday"
        label="What can be done yesterday was"
        checked={wish.yesterday}
        onChange={(e) => set('yesterday', { yesterday: e.target.checked })}
      />
      <fieldset className="serve-sides">
        <legend>Beside it</legend>
        {sides.map((side) => (
          <div key={side.id}>
            <Form.Check
              id={`side-${side.id}`}
              label={
                <>
                  {side.name} <span className="soft small">{formatDuration(lengthOf(side))}</span>
                </>
              }
              checked={wish.sides.includes(side.id)}
              onChange={() => toggle(side.id)}
            />
            {own.some((s) => s.id === side.id) && (
              <button
                type="button"
                className="link-button small"
                aria-label={`Forget ${side.name}`}
                onClick={() => void changeKitchen({ ownSides: own.filter((s) => s.id !== side.id) })}
              >
                forget
              </button>
            )}
          </div>
        ))}
        <Button size="sm" variant="quiet" onClick={() => setAdding(true)}>
          A side of your own…
        </Button>
      </fieldset>
      <div>
        <span className="knob-head">Stove and oven</span>
        <div className="d-flex flex-wrap gap-2 align-items-center">
          <Stepper
            label="burners"
            value={kitchen.burners ?? USUAL_BURNERS}
            min={0}
            max={8}
            unit={(kitchen.burners ?? USUAL_BURNERS) === 1 ? 'burner' : 'burners'}
            onChange={(burners) => void changeKitchen({ burners })}
          />
          <Form.Check
            type="switch"
            id="oven"
            label="Oven"
            checked={kitchen.oven ?? true}
            onChange={(e) => void changeKitchen({ oven: e.target.checked })}
          />
        </div>
      </div>
      {isAdding && (
        <OwnSide
          onClose={() => setAdding(false)}
          onSave={(side) => {
            void changeKitchen({ ownSides: [...own, side] }).then(() =>
              set('a side of our own', { sides: [...wish.sides, side.id].slice(-MOST_SIDES) }),
            );
            setAdding(false);
          }}
        />
      )}
    </div>
  );
}
