import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { pantryFor, type Kitchen, type Line, type PlacedItem } from '../../../core/index';

export type ChangeLine = (label: string, patch: Partial<Line>, coalesce?: string) => void;

/** Figure in range, or null while it is not one. */
const figure = (text: string, min: number, max: number): number | null => {
  const n = Number.parseFloat(text.replace(',', '.'));
  return n >= min && n <= max ? n : null;
};

/** What was read, corrected in place: the food, its weight, and for meat its cut, bone, thickness and freezing. */
export function Corrections({
  item,
  kitchen,
  change,
}: {
  item: PlacedItem;
  kitchen: Kitchen;
  change: ChangeLine;
}) {
  const pantry = pantryFor(kitchen);
  const [food, setFood] = useState(item.read.known);
  const [weight, setWeight] = useState('');
  const [thick, setThick] = useState('');
  const isMeat = item.read.food?.cut !== undefined;
  const { line, read } = item;
  const isCorrected = [line.foodId, line.massG, line.cut, line.bone, line.thicknessMm, line.frozen].some(
    (v) => v !== undefined,
  );
  return (
    <details className="line-more">
      <summary>Correct what was read</summary>
      <div className="correct-fields">
        <Form.Group className="field" controlId={`food-${item.lineId}`}>
          <Form.Label>It is</Form.Label>
          <Form.Control
            size="sm"
            list="pantry-names"
            value={food}
            onChange={(e) => {
              setFood(e.target.value);
              const met = pantry.named(e.target.value);
              if (met && met.id !== read.food?.id) change(`“${met.names[0]}”`, { foodId: met.id });
            }}
          />
          <datalist id="pantry-names">
            {pantry.all().map((f) => (
              <option key={f.id} value={f.names[0]} />
            ))}
          </datalist>
        </Form.Group>
        <Form.Group className="field" controlId={`mass-${item.lineId}`}>
          <Form.Label>It weighs, as written</Form.Label>
          <span className="unit-field">
            <Form.Control
              size="sm"
              inputMode="decimal"
              value={weight}
              placeholder={String(Math.round(read.massG.mid))}
              onChange={(e) => {
                setWeight(e.target.value);
                const massG = figure(e.target.value, 0.1, 20000);
                if (massG) change('the weight of a line', { massG }, `mass-${item.lineId}`);
              }}
            />
            <span>g</span>
          </span>
        </Form.Group>
        {isMeat && (
          <>
            <Form.Group className="field" controlId={`cut-${item.lineId}`}>
              <Form.Label>Cut</Form.Label>
              <Form.Select
                size="sm"
                value={read.cut ?? ''}
                onChange={(e) =>
                  change('how it is cut', { cut: (e.target.value || undefined) as Line['cut'] })
                }
              >
                <option value="">not said</option>
                <option value="whole">whole pieces</option>
                <option value="cubed">cubes or chunks</option>
                <option value="sliced">slices or strips</option>
              </Form.Select>
            </Form.Group>
            <Form.Group className="field" controlId={`bone-${item.lineId}`}>
              <Form.Label>Bone</Form.Label>
              <Form.Select
                size="sm"
                value={read.bone ?? ''}
                onChange={(e) => change('the bone', { bone: (e.target.value || undefined) as Line['bone'] })}
              >
                <option value="">not said</option>
                <option value="in">bone in</option>
                <option value="out">boneless</option>
              </Form.Select>
            </Form.Group>
            <Form.Group className="field" controlId={`thick-${item.lineId}`}>
              <Form.Label>Thick</Form.Label>
              <span className="unit-field">
                <Form.Control
                  size="sm"
                  inputMode="decimal"
                  value={thick}
                  placeholder={read.thicknessMm ? String(Math.round(read.thicknessMm)) : 'usual'}
                  onChange={(e) => {
                    setThick(e.target.value);
                    const thicknessMm = figure(e.target.value, 3, 150);
                    if (thicknessMm) change('the thickness', { thicknessMm }, `thick-${item.lineId}`);
                  }}
                />
                <span>mm</span>
              </span>
            </Form.Group>
            <Form.Check
              type="switch"
              id={`frozen-${item.lineId}`}
              label="Frozen"
              checked={read.frozen}
              onChange={(e) =>
                change(e.target.checked ? 'frozen' : 'not frozen', { frozen: e.target.checked })
              }
            />
          </>
        )}
        {isCorrected && (
          <Button
            size="sm"
            variant="bare"
            onClick={() =>
              change('back to what the words say', {
                foodId: undefined,
                massG: undefined,
                cut: undefined,
                bone: undefined,
                thicknessMm: undefined,
                frozen: undefined,
              })
            }
          >
            Back to what the words say
          </Button>
        )}
      </div>
    </details>
  );
}
