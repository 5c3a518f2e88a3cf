import { useMemo, useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import {
  formatMass,
  formatNumber,
  platesForMeat,
  platesToFill,
  scalingNotes,
  stepItem,
  type Dish,
  type Kitchen,
  type Plan,
} from '../../../core/index';
import type { EditDish } from './edit';

/** Grams of "1.35 kg", "900", "2 lb"; null when it is not a weight. */
function gramsOf(text: string): number | null {
  const m = /^\s*(\d{1,6}(?:[.,]\d{1,3})?)\s*(kg|g|lb|lbs|oz)?\s*$/i.exec(text);
  if (!m) return null;
  const n = Number.parseFloat((m[1] ?? '').replace(',', '.'));
  const unit = (m[2] ?? (n < 20 ? 'kg' : 'g')).toLowerCase();
  const perUnit = unit === 'kg' ? 1000 : unit.startsWith('lb') ? 453.6 : unit === 'oz' ? 28.35 : 1;
  return n > 0 ? n * perUnit : null;
}

/** Scaling a dish: by the meat on hand, to fill this pot, back to what was written; and what does not grow with the plates. */
export function Plates({
  dish,
  plan,
  kitchen,
  edit,
}: {
  dish: Dish;
  plan: Plan;
  kitchen: Kitchen;
  edit: EditDish;
}) {
  const [meat, setMeat] = useState('');
  const most = useMemo(
    () => platesToFill(dish, kitchen, { calibration: plan.calibration }),
    [dish, kitchen, plan.calibration],
  );
  const main = plan.meat[0];
  const onHand = gramsOf(meat);
  const plates = onHand === null ? null : platesForMeat(plan, onHand);
  const set = (n: number): void => edit(`${formatNumber(n)} plates`, (d) => ({ ...d, plates: n }), 'plates');
  const notes = scalingNotes(plan);
  const odd = plan.items.filter((i) => i.scaleNote && i.partIndex === 0);
  return (
    <div className="plates-panel">
      <p>
        Written for <strong>{formatNumber(dish.writtenFor)}</strong>, now for{' '}
        <strong>{formatNumber(dish.plates)}</strong> plates.{' '}
        {Math.abs(dish.plates - dish.writtenFor) > 1e-9 && (
          <Button size="sm" variant="bare" onClick={() => set(dish.writtenFor)}>
            As written
          </Button>
        )}
      </p>
      {main && (
        <form
          onSubmit={(e) => {
            e.preventDefault();
            if (plates) set(plates);
          }}
        >
          <Form.Group className="field" controlId="meat-on-hand">
            <Form.Label>I have this much {main.label}</Form.Label>
            <span className="meat-on-hand">
              <Form.Control
                value={meat}
                placeholder={`${formatMass(main.massG, kitchen.units)} now; ${kitchen.units.weight === 'us' ? '3 lb' : '1.35 kg'}`}
                onChange={(e) => setMeat(e.target.value)}
                isInvalid={meat.trim() !== '' && plates === null}
                aria-describedby="meat-answer"
              />
              <Button type="submit" disabled={plates === null}>
                Use all of it
              </Button>
            </span>
          </Form.Group>
          <p id="meat-answer" className="small" aria-live="polite">
            {meat.trim() === ''
              ? ''
              : onHand === null
                ? 'A weight such as 1.35 kg, 900 g or 2 lb.'
                : plates === null
                  ? 'That is more or less than this dish can be scaled to.'
                  : `Makes about ${formatNumber(plates)} plates.`}
          </p>
        </form>
      )}
      <p>
        {most === 0 ? (
          'Not even one plate fits under the fill line of this pot.'
        ) : (
          <>
            This pot takes up to <strong>{most}</strong> plates of it.{' '}
            <Button
              size="sm"
              variant="outline-primary"
              disabled={most === dish.plates}
              onClick={() => set(most)}
            >
              Fill the pot
            </Button>
          </>
        )}
      </p>
      <h3>What does not grow with the plates</h3>
      <ul className="small">
        <li>
          The minutes under pressure: {Math.round(plan.heat.holdS / 60)}, from the thickness of the pieces.
        </li>
        {plan.batches > 1 && <li>The floor: {plan.batches} batches to sear.</li>}
        {notes.map((n) => (
          <li key={n}>{n}</li>
        ))}
        {!notes.length && <li>Nothing else: the dish is at the plates it was written for.</li>}
      </ul>
      {odd.length > 0 && (
        <table className="scaled small">
          <thead>
            <tr>
              <th scope="col">Line</th>
              <th scope="col">As written</th>
              <th scope="col">Now</th>
            </tr>
          </thead>
          <tbody>
            {odd.map((i) => (
              <tr key={i.lineId}>
                <td>{i.read.foodText}</td>
                <td>{stepItem({ ...i, factor: 1 }).amount}</td>
                <td>{stepItem({ ...i, factor: i.factor / i.share }).amount}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </div>
  );
}
