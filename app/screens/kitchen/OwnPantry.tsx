import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import {
  FoodSchema,
  LIKENESSES,
  MAX_OWN_NAME,
  writeFoods,
  type Food,
  type Kitchen,
} from '../../../core/index';
import { FigureField } from '../../parts/FigureField';
import { OpenFile } from '../../parts/OpenFile';
import { saveText } from '../../parts/saveText';
import { useSay } from '../../parts/Toasts';
import { forgetFood, importFoods, rememberFood } from '../../store/ownFoods';
import type { ChangeKitchen } from './change';

/** The household's own foods: what the shipped pantry does not know, or knows otherwise. */
export function OwnPantry({ kitchen, change }: { kitchen: Kitchen; change: ChangeKitchen }) {
  const say = useSay();
  const [name, setName] = useState('');
  const [like, setLike] = useState('onion');
  const put = (food: Food): void =>
    change({ ownFoods: kitchen.ownFoods.map((f) => (f.id === food.id ? food : f)) });
  const add = async (): Promise<void> => {
    const forget = await rememberFood(name, like);
    say(forget ? `“${name.trim()}” is now in your pantry.` : 'Write its name in letters.');
    if (forget) setName('');
  };
  const remove = async (food: Food): Promise<void> => {
    const back = await forgetFood(food.id);
    say(`“${food.names[0] ?? ''}” is forgotten.`, { label: 'Put it back', run: () => void back() });
  };
  const open = async (chosen: File): Promise<void> => {
    const read = await importFoods(chosen);
    say(read.ok ? `${read.foods} ${read.foods === 1 ? 'food' : 'foods'} taken in.` : read.message);
  };
  return (
    <section id="pantry">
      <h2>Our own pantry</h2>
      <p className="soft">
        Foods the shipped pantry does not know. They are known in every dish, and go into the backup; a name
        here wins over the shipped one.
      </p>
      {kitchen.ownFoods.length === 0 ? (
        <p>None yet. Whenever a line holds a word nobody knows, you are asked once what it is like.</p>
      ) : (
        <ul className="own-foods">
          {kitchen.ownFoods.map((food) => (
            <OwnFood key={food.id} food={food} onChange={put} onRemove={() => void remove(food)} />
          ))}
        </ul>
      )}
      <form
        className="own-add"
        onSubmit={(e) => {
          e.preventDefault();
          void add();
        }}
      >
        <Form.Group className="field" controlId="own-name">
          <Form.Label>A food of our own</Form.Label>
          <Form.Control value={name} maxLength={MAX_OWN_NAME} onChange={(e) => setName(e.target.value)} />
        </Form.Group>
        <Form.Group className="field" controlId="own-like">
          <Form.Label>is most like</Form.Label>
          <Form.Select value={like} onChange={(e) => setLike(e.target.value)}>
            {LIKENESSES.map((l) => (
              <option key={l.foodId} value={l.foodId}>
                {l.label}
              </option>
            ))}
          </Form.Select>
        </Form.Group>
        <Button type="submit" disabled={!name.trim()}>
          Remember it
        </Button>
      </form>
      <div className="d-flex gap-2">
        <Button
          size="sm"
          variant="quiet"
          disabled={kitchen.ownFoods.length === 0}
          onClick={() => saveText('own-pantry.json', writeFoods(kitchen.ownFoods))}
        >
          Save as a file
        </Button>
        <OpenFile isSmall onFile={(file) => void open(file)}>
          Open a file of foods
        </OpenFile>
      </div>
    </section>
  );
}

const SHARES = [
  ['thin', 'Thin liquid in it'],
  ['givesTotal', 'Given up by the end'],
  ['fat', 'Fat'],
  ['salt', 'Salt'],
  ['sugar', 'Sugar'],
] as const;

function OwnFood({
  food,
  onChange,
  onRemove,
}: {
  food: Food;
  onChange: (food: Food) => void;
  onRemove: () => void;
}) {
  const [name, setName] = useState(food.names[0] ?? '');
  const set = (part: Partial<Food>): void => {
    const next = FoodSchema.safeParse({ ...food, ...part });
    if (next.success) onChange(next.data);
  };
  return (
    <li>
      <details>
        <summary>
          {food.names[0]} <span className="soft small">{food.source}</span>
        </summary>
        <div className="own-figures">
          <Form.Group className="field" controlId={`own-name-${food.id}`}>
            <Form.Label>Name</Form.Label>
            <Form.Control
              size="sm"
              value={name}
              maxLength={MAX_OWN_NAME}
              onChange={(e) => setName(e.target.value)}
              onBlur={() => name.trim() && set({ names: [name.trim(), ...food.names.slice(1)] })}
            />
          </Form.Group>
          <FigureField
            id={`own-density-${food.id}`}
            label="One cup weighs"
            unit="g"
            value={food.gPerMl * 236.6}
            min={5}
            max={600}
            onChange={(g) => set({ gPerMl: g / 236.6 })}
          />
          <FigureField
            id={`own-each-${food.id}`}
            label="One of it weighs"
            unit="g"
            value={food.pieceG['each'] ?? 0}
            min={0.1}
            max={6000}
            onChange={(each) => set({ pieceG: { ...food.pieceG, each } })}
          />
          {SHARES.map(([key, label]) => (
            <FigureField
              key={key}
              id={`own-${key}-${food.id}`}
              label={label}
              unit="%"
              value={food[key] * 100}
              min={0}
              max={100}
              onChange={(percent) => set({ [key]: percent / 100 })}
            />
          ))}
          <FigureField
            id={`own-drinks-${food.id}`}
            label="A gram drinks"
            unit="g"
            value={food.drinks}
            min={0}
            max={6}
            onChange={(drinks) => set({ drinks })}
          />
          <Button size="sm" variant="bare" onClick={onRemove}>
            Forget it
          </Button>
        </div>
      </details>
    </li>
  );
}
