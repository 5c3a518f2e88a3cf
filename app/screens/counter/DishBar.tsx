import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Dropdown from 'react-bootstrap/Dropdown';
import Form from 'react-bootstrap/Form';
import { Link, useNavigate } from 'react-router';
import {
  formatMass,
  sauceChoices,
  THICKNESSES,
  type Aim,
  type Dish,
  type Kitchen,
  type Plan,
  type TroubleKind,
} from '../../../core/index';
import { clock, useNow } from '../../parts/now';
import { Menu } from '../../parts/Menu';
import { Stepper } from '../../parts/Stepper';
import { useSay } from '../../parts/Toasts';
import { duplicateDish, removeDish } from '../../store/dishes';
import type { EditDish } from './edit';

interface Props {
  dish: Dish;
  plan: Plan;
  kitchen: Kitchen;
  edit: EditDish;
  travel: (direction: 'undo' | 'redo') => Promise<void>;
  onCook: () => void;
  onPanel: (panel: Panel) => void;
}

/** The panels that slide in beside the counter. */
export type Panel = 'plates' | 'rules' | 'script' | 'versions' | 'notes' | 'pots' | 'share' | TroubleKind;

/** The dish's own bar: name, plates, pot, meat, thickness wanted, and when it is on the table. */
export function DishBar({ dish, plan, kitchen, edit, travel, onCook, onPanel }: Props) {
  const now = useNow();
  const say = useSay();
  const navigate = useNavigate();
  const set = (label: string, change: Partial<Dish['settings']>, coalesce?: string): void =>
    edit(label, (d) => ({ ...d, settings: { ...d.settings, ...change } }), coalesce);
  const { totalS } = plan.timing;
  const at = (s: number): string => clock(now + s * 1000);
  const remove = async (): Promise<void> => {
    const back = await removeDish(dish);
    void navigate('/');
    say(`Removed “${dish.name}”.`, { label: 'Put it back', run: () => void back() });
  };
  return (
    <header className="dish-bar">
      <div className="dish-title">
        <h1 className="visually-hidden">{dish.name}</h1>
        <NameField name={dish.name} onName={(name) => edit('the name', (d) => ({ ...d, name }), 'name')} />
        <div className="dish-tools no-print">
          <Link className="btn btn-quiet btn-sm" to={`/dish/${dish.id}/clock`}>
            Clock
          </Link>
          <Link className="btn btn-quiet btn-sm" to={`/dish/${dish.id}/bowls`}>
            Bowls
          </Link>
          <Button variant="quiet" size="sm" onClick={() => onPanel('script')}>
            How it goes
          </Button>
          <Button variant="quiet" size="sm" onClick={() => onPanel('rules')}>
            Rules
          </Button>
          <Button variant="quiet" size="sm" onClick={() => void travel('undo')} aria-keyshortcuts="Control+Z">
            Undo
          </Button>
          <Button variant="quiet" size="sm" onClick={() => void travel('redo')} aria-keyshortcuts="Control+Y">
            Redo
          </Button>
          <Menu label="More">
            <Dropdown.Item as={Link} to={`/dish/${dish.id}/serve`}>
              The meal, backwards from the table
            </Dropdown.Item>
            <Dropdown.Item onClick={() => onPanel('plates')}>Scale it</Dropdown.Item>
            <Dropdown.Item onClick={() => onPanel('pots')}>In every pot of the house</Dropdown.Item>
            <Dropdown.Item onClick={() => onPanel('burn')}>It says it is burning</Dropdown.Item>
            <Dropdown.Item onClick={() => onPanel('no-pressure')}>It does not come to pressure</Dropdown.Item>
            <Dropdown.Item onClick={() => onPanel('versions')}>Versions</Dropdown.Item>
            <Dropdown.Item onClick={() => onPanel('notes')}>Tags, note and method</Dropdown.Item>
            <Dropdown.Item as={Link} to={`/dish/${dish.id}/finish`}>
              The finish of this dish
            </Dropdown.Item>
            <Dropdown.Item onClick={() => void duplicateDish(dish).then((id) => navigate(`/dish/${id}`))}>
              Make a copy
            </Dropdown.Item>
            <Dropdown.Item onClick={() => onPanel('share')}>Share it, or take it along</Dropdown.Item>
            <Dropdown.Item onClick={() => print()}>Print</Dropdown.Item>
            <Dropdown.Divider />
            <Dropdown.Item onClick={() => void remove()}>Remove the dish</Dropdown.Item>
          </Menu>
        </div>
      </div>
      <div className="dish-knobs">
        <div className="field">
          <span>
            For{' '}
            <button type="button" className="link-button small no-print" onClick={() => onPanel('plates')}>
              scale…
            </button>
          </span>
          <Stepper
            label="plates"
            value={dish.plates}
            min={1}
            max={60}
            unit={dish.plates === 1 ? 'plate' : 'plates'}
            onChange={(plates) => edit(`${plates} plates`, (d) => ({ ...d, plates }), 'plates')}
          />
        </div>
        <Form.Group className="field" controlId="pot">
          <span>
            <Form.Label>In</Form.Label>{' '}
            <button type="button" className="link-button small no-print" onClick={() => onPanel('pots')}>
              compare…
            </button>
          </span>
          <Form.Select value={plan.pot.id} onChange={(e) => set('the pot', { potId: e.target.value })}>
            {kitchen.pots.map((p) => (
              <option key={p.id} value={p.id}>
                {p.name}
              </option>
            ))}
          </Form.Select>
        </Form.Group>
        <MeatKnobs plan={plan} units={kitchen.units} set={set} />
        <Form.Group className="field" controlId="aim">
          <Form.Label>Sauce</Form.Label>
          <SauceSelect plan={plan} set={set} />
        </Form.Group>
      </div>
      <div className="dish-table">
        <div aria-live="polite">
          <span className="figure dish-at">On the table {at(totalS.mid)}</span>
          <span className="soft small">
            {at(totalS.low)}–{at(totalS.high)} if you start now
          </span>
        </div>
        <Button size="lg" onClick={onCook} disabled={plan.items.length === 0}>
          Start cooking
        </Button>
      </div>
    </header>
  );
}

/** What stands in the narrow field. */
const SHORT = { recipe: 'recipe', thin: 'thin' } as const;

/** The sauce: as the recipe does it, left thin, or as thick as this house likes it; each with what the spoon will show. */
function SauceSelect({
  plan,
  set,
}: {
  plan: Plan;
  set: (what: string, change: Partial<Dish['settings']>) => void;
}) {
  const { aim, sauce } = plan.dish.settings;
  const choices = sauceChoices(plan);
  const own = choices.find((c) => c.id === (sauce ?? 'recipe') && c.id !== 'house');
  return (
    <Form.Select
      value={own?.id ?? aim}
      onChange={(e) => {
        const { value } = e.target;
        if (value === 'recipe' || value === 'thin') set('the sauce', { sauce: value });
        else set('the thickness of the sauce', { aim: value as Aim, sauce: 'house' });
      }}
    >
      {choices.map((c) =>
        c.id === 'house' ? (
          <optgroup key={c.id} label={c.label}>
            {THICKNESSES.map((t) => (
              <option key={t.id} value={t.id}>
                {t.name}
              </option>
            ))}
          </optgroup>
        ) : (
          <option key={c.id} value={c.id}>
            {SHORT[c.id]}: {c.shows.name}
          </option>
        ),
      )}
    </Form.Select>
  );
}

/** The dish's name, typed in place: the typing is kept here, so that no key is lost while the last one is being stored. */
function NameField({ name, onName }: { name: string; onName: (name: string) => void }) {
  const [draft, setDraft] = useState<string | null>(null);
  return (
    <input
      className="dish-name-input"
      aria-label="Name of the dish"
      value={draft ?? name}
      maxLength={120}
      onChange={(e) => {
        setDraft(e.target.value);
        if (e.target.value.trim()) onName(e.target.value);
      }}
      onBlur={() => setDraft(null)}
    />
  );
}

function MeatKnobs({
  plan,
  units,
  set,
}: {
  plan: Plan;
  units: Kitchen['units'];
  set: (label: string, change: Partial<Dish['settings']>, coalesce?: string) => void;
}) {
  const main = plan.meat[0];
  const [draft, setDraft] = useState<string | null>(null);
  if (!main) return null;
  const commit = (text: string): void => {
    setDraft(text);
    const mm = Number.parseFloat(text.replace(',', '.'));
    if (mm >= 3 && mm <= 150) set(`${mm} mm thick`, { thicknessMm: mm }, 'thickness');
    else if (text.trim() === '') set('the usual thickness', { thicknessMm: null }, 'thickness');
  };
  const bad =
    draft !== null &&
    draft.trim() !== '' &&
    !(Number.parseFloat(draft.replace(',', '.')) >= 3 && Number.parseFloat(draft.replace(',', '.')) <= 150);
  return (
    <>
      <Form.Group className="field" controlId="thickness">
        <Form.Label>
          {formatMass(main.massG, units)} {main.label}, thick
        </Form.Label>
        <span className="unit-field">
          <Form.Control
            inputMode="decimal"
            value={draft ?? String(Math.round(main.thicknessMm * 10) / 10)}
            isInvalid={bad}
            aria-describedby={bad ? 'thickness-bad' : undefined}
            onChange={(e) => commit(e.target.value)}
            onBlur={() => setDraft(null)}
            style={{ width: '6.2rem' }}
          />
          <span>mm</span>
        </span>
        {bad && (
          <span id="thickness-bad" className="small severity-stop" role="alert">
            Between 3 and 150 mm
          </span>
        )}
      </Form.Group>
      <Form.Check
        className="frozen-check"
        type="switch"
        id="frozen"
        label="Frozen"
        checked={main.frozen}
        onChange={(e) => set(e.target.checked ? 'frozen' : 'not frozen', { frozen: e.target.checked })}
      />
    </>
  );
}
