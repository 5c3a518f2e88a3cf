import { useDeferredValue, useMemo, useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { useNavigate } from 'react-router';
import { MAX_PASTE_LENGTH, pantryFor, readLine, readRecipe } from '../../../core/index';
import { Stepper } from '../../parts/Stepper';
import { createDish } from '../../store/dishes';
import { useKitchen } from '../../store/live';

const EXAMPLE = `1½ lb boneless chicken thighs, in 3 cm pieces
2 onions, sliced
1 (14 oz) can diced tomatoes
½ cup cream, with the stock
juice of ½ lemon
salt to taste`;

/** A new dish from a pasted list: read as it is typed, nothing dropped, nothing guessed in silence. */
export default function NewDish() {
  const kitchen = useKitchen();
  const navigate = useNavigate();
  const [text, setText] = useState('');
  const [name, setName] = useState('');
  const [plates, setPlates] = useState<number | null>(null);
  const [busy, setBusy] = useState(false);
  const shown = useDeferredValue(text);
  const pantry = kitchen && pantryFor(kitchen);
  const recipe = useMemo(() => (pantry ? readRecipe(shown, pantry) : null), [shown, pantry]);
  const read = useMemo(
    () =>
      pantry && kitchen && recipe
        ? recipe.lines.slice(0, 200).map((l) => readLine(l.text, pantry, kitchen.system))
        : [],
    [recipe, pantry, kitchen],
  );
  if (!pantry || !recipe) return <p className="loading">One moment…</p>;
  const unsure = read.filter((r) => r.confidence === 'unsure').length;
  const forPlates = plates ?? recipe.plates ?? 4;

  const make = async (): Promise<void> => {
    setBusy(true);
    const id = await createDish(text, name, forPlates, pantry);
    void navigate(`/dish/${id}`);
  };

  return (
    <div className="page">
      <div className="page-head">
        <h1>A new dish</h1>
      </div>
      <form
        className="new-dish"
        onSubmit={(e) => {
          e.preventDefault();
          void make();
        }}
      >
        <div className="new-dish-in">
          <Form.Group className="field" controlId="paste">
            <Form.Label>Ingredients, one on a line; a whole recipe may be pasted</Form.Label>
            <Form.Control
              as="textarea"
              rows={16}
              maxLength={MAX_PASTE_LENGTH}
              value={text}
              placeholder={EXAMPLE}
              onChange={(e) => setText(e.target.value)}
            />
          </Form.Group>
          <div className="new-dish-foot">
            <Form.Group className="field grow" controlId="dish-name">
              <Form.Label>Name</Form.Label>
              <Form.Control
                value={name}
                maxLength={120}
                placeholder={recipe.title ?? 'A new dish'}
                onChange={(e) => setName(e.target.value)}
              />
            </Form.Group>
            <div className="field">
              <span>Written for</span>
              <Stepper
                label="plates it is written for"
                value={forPlates}
                min={1}
                max={40}
                unit="plates"
                onChange={setPlates}
              />
            </div>
            <Button type="submit" disabled={busy || recipe.lines.length === 0}>
              Put it on the counter
            </Button>
          </div>
        </div>
        <div className="new-dish-read" aria-live="polite">
          <h2>Understood so far</h2>
          {read.length === 0 ? (
            <p className="soft mt-2">
              Nothing yet. Cups or grams, fractions, tins, “to taste”: write it as you would for yourself.
            </p>
          ) : (
            <>
              <p className="soft small mt-1">
                {read.length} {read.length === 1 ? 'line' : 'lines'}
                {unsure ? `, ${unsure} to ask about` : ', all understood'}
                {recipe.method ? ', and a method' : ''}
              </p>
              <ol className="read-list">
                {read.map((r, i) => (
                  <li key={i} className={r.confidence === 'unsure' ? 'is-unsure' : ''}>
                    <span>{r.food?.names[0] ?? '?'}</span>
                    <span className="soft">
                      {r.massG.mid > 0
                        ? `about ${Math.round(r.massG.mid)} g`
                        : r.doubt && r.confidence === 'unsure'
                          ? r.doubt
                          : r.toTaste
                            ? 'to taste'
                            : ''}
                    </span>
                  </li>
                ))}
              </ol>
            </>
          )}
        </div>
      </form>
    </div>
  );
}
