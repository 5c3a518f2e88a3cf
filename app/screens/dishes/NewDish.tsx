import { useDeferredValue, useMemo, useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { useNavigate } from 'react-router';
import {
  emptyDish,
  formatMass,
  MAX_LINE_LENGTH,
  MAX_LINES,
  MAX_PAGE_LENGTH,
  MOMENT_NAMES,
  pantryFor,
  placeDish,
  readMethod,
  readRecipe,
  type MethodHints,
  type PlacedItem,
  type Kitchen,
} from '../../../core/index';
import { keepSmall, readKept } from '../../parts/kept';
import { Stepper } from '../../parts/Stepper';
import { useSay } from '../../parts/Toasts';
import { createDish } from '../../store/dishes';
import { useKitchen } from '../../store/live';
import { reasonOf } from '../../store/writes';

/** Where the text being typed is kept until it is a dish. */
const DRAFT = 'keen-ladle-new-dish';

const EXAMPLE = `1½ lb boneless chicken thighs, in 3 cm pieces
2 onions, sliced
1 (14 oz) can diced tomatoes
½ cup cream, with the stock
juice of ½ lemon
salt to taste`;

function remarkOf({ read }: PlacedItem, units: Kitchen['units']): string {
  if (read.several.length > 1) return `${read.several.length} things in one line`;
  if (!read.food) return read.doubt;
  if (read.massG.mid > 0) return `about ${formatMass(read.massG.mid, units)}`;
  if (read.confidence === 'unsure') return read.doubt;
  return read.toTaste ? 'to taste' : '';
}

function methodWords(hints: MethodHints): string {
  const said = [
    hints.minutes === null ? '' : `${hints.minutes} min under pressure`,
    hints.sides[0] ? `served with ${hints.sides[0]}` : '',
    hints.late.length ? 'what goes in at the end' : '',
  ].filter(Boolean);
  if (said.length)
    return `The method says: ${said.join('; ')}. The minutes are computed for your pot all the same.`;
  return hints.underPressure
    ? 'The method is kept with the dish.'
    : 'The method is for the stove or the oven: it is kept, and the split is computed.';
}

/** A new dish from a pasted list: read as it is typed, nothing dropped, nothing guessed in silence. */
export default function NewDish() {
  const kitchen = useKitchen();
  const navigate = useNavigate();
  const [text, writeText] = useState(() => readKept(DRAFT) ?? '');
  // What is typed here is kept at once, so that a reload in the middle loses nothing.
  const setText = (next: string): void => {
    writeText(next);
    keepSmall(DRAFT, next);
  };
  const say = useSay();
  const [name, setName] = useState('');
  const [plates, setPlates] = useState<number | null>(null);
  const [busy, setBusy] = useState(false);
  const shown = useDeferredValue(text);
  const pantry = kitchen && pantryFor(kitchen);
  const recipe = useMemo(() => (pantry ? readRecipe(shown, pantry) : null), [shown, pantry]);
  const placed = useMemo(() => {
    if (!pantry || !kitchen || !recipe) return [];
    const draft = emptyDish('draft', 'draft', 0);
    const lines = recipe.lines
      .slice(0, MAX_LINES)
      .map((l, i) => ({ ...l, id: `l${i}`, text: l.text.slice(0, MAX_LINE_LENGTH) }));
    return placeDish(
      { ...draft, lines, method: recipe.method },
      { pantry, system: kitchen.system, rules: kitchen.rules },
    );
  }, [recipe, pantry, kitchen]);
  const read = placed.filter((p) => p.partIndex === 0);
  const hints = useMemo(() => (recipe?.method ? readMethod(recipe.method) : null), [recipe]);
  if (!pantry || !recipe) return <p className="loading">One moment…</p>;
  const unsure = read.filter((p) => p.read.confidence === 'unsure').length;
  const tooMany = Math.max(0, recipe.lines.length - MAX_LINES);
  const forPlates = plates ?? recipe.plates ?? 4;

  const make = async (): Promise<void> => {
    setBusy(true);
    try {
      const id = await createDish(text, name, forPlates, pantry);
      keepSmall(DRAFT, '');
      void navigate(`/dish/${id}`);
    } catch (error) {
      setBusy(false);
      say(`The dish could not be written down. ${reasonOf(error)} Your text stays here.`);
    }
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
              maxLength={MAX_PAGE_LENGTH}
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
                {recipe.lines.length} {recipe.lines.length === 1 ? 'line' : 'lines'}
                {tooMany > 0 && `, the first ${MAX_LINES} taken and ${tooMany} kept in the note`}
                {unsure ? `, ${unsure} to ask about` : ', all understood'}
                {recipe.method ? ', and a method' : ''}
              </p>
              <ol className="read-list">
                {read.map((p) => (
                  <li key={p.lineId} className={p.read.confidence === 'unsure' ? 'is-unsure' : ''}>
                    <span>{p.read.known || '?'}</span>
                    <span className="soft">{kitchen && remarkOf(p, kitchen.units)}</span>
                    <span className={`read-moment moment-${p.moment}`}>
                      {placed
                        .filter((x) => x.lineId === p.lineId)
                        .map((x) => MOMENT_NAMES[x.moment])
                        .join(' + ')}
                    </span>
                  </li>
                ))}
              </ol>
              {hints && <p className="small soft">{methodWords(hints)}</p>}
              {recipe.notes.length > 0 && (
                <p className="small soft">Kept as a note: {recipe.notes.join(' · ').slice(0, 200)}</p>
              )}
            </>
          )}
        </div>
      </form>
    </div>
  );
}
