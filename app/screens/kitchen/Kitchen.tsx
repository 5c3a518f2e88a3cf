import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import {
  BENCH,
  POT_PRESETS,
  SAFE_C,
  SCHOOLS,
  type Kitchen,
  type MeasureSystem,
  sayTemps,
  tempIn,
  tempFrom,
  formatTemp,
} from '../../../core/index';
import type { ChangeKitchen } from './change';
import { Segments } from '../../parts/Segments';
import { useSay } from '../../parts/Toasts';
import { freshId } from '../../store/dishes';
import { changeKitchen } from '../../store/household';
import { useKitchen } from '../../store/live';
import { Backup } from './Backup';
import { FigureField } from '../../parts/FigureField';
import { OwnPantry } from './OwnPantry';
import { People } from './People';
import { PotCard } from './PotCard';
import { useTitle } from '../../parts/title';

const SYSTEMS: readonly { id: MeasureSystem; label: string }[] = [
  { id: 'us', label: 'US cups' },
  { id: 'metric', label: 'Metric' },
  { id: 'uk', label: 'UK' },
  { id: 'au', label: 'Australian' },
];

/** Pots, height, measures, house rules, and the safe keeping of it all. */
export default function KitchenScreen() {
  useTitle('Kitchen');
  const kitchen = useKitchen();
  const say = useSay();
  if (!kitchen) return <p className="loading">Opening the cupboards…</p>;
  const change: ChangeKitchen = (more) => {
    void changeKitchen(more).then((ok) => {
      if (!ok) say('That cannot be: it was left as it was.');
    });
  };
  return (
    <div className="page kitchen">
      <div className="page-head">
        <h1>{kitchen.name}</h1>
      </div>
      <p className="soft">
        Keen Ladle gives estimates and reminders. Your cooker’s manual, the markings on your pot and your
        local food-safety authority’s advice come first.
      </p>
      <Household kitchen={kitchen} change={change} />
      <People kitchen={kitchen} change={change} />
      <Pots kitchen={kitchen} change={change} />
      <Rules kitchen={kitchen} change={change} />
      <OwnPantry kitchen={kitchen} change={change} />
      <Backup />
    </div>
  );
}

function Household({ kitchen, change }: { kitchen: Kitchen; change: ChangeKitchen }) {
  const [name, setName] = useState(kitchen.name);
  const safe = SAFE_C[kitchen.authority];
  const temp = (c: number): string => formatTemp(c, kitchen.units);
  return (
    <section>
      <h2>The house</h2>
      <div className="kitchen-grid">
        <Form.Group className="field" controlId="kitchen-name">
          <Form.Label>Name</Form.Label>
          <Form.Control
            value={name}
            maxLength={80}
            onChange={(e) => setName(e.target.value)}
            onBlur={() => name.trim() && change({ name: name.trim() })}
          />
        </Form.Group>
        <FigureField
          id="altitude"
          label="Height above the sea"
          unit="m"
          value={kitchen.altitudeM}
          min={-400}
          max={5500}
          onChange={(altitudeM) => change({ altitudeM })}
        />
        <FigureField
          id="room"
          label="Kitchen temperature"
          unit={`°${kitchen.units.temperature}`}
          value={tempIn(kitchen.roomC, kitchen.units)}
          min={tempIn(0, kitchen.units)}
          max={tempIn(45, kitchen.units)}
          onChange={(said) => change({ roomC: tempFrom(said, kitchen.units) })}
        />
        <div className="field">
          <span>Spoons and cups in recipes</span>
          <Segments
            name="system"
            label="Spoons and cups in recipes"
            value={kitchen.system}
            options={SYSTEMS}
            onChange={(system) => change({ system })}
          />
        </div>
        <div className="field">
          <span>Weights and volumes shown in</span>
          <Segments
            name="weight"
            label="Weights and volumes shown in"
            value={kitchen.units.weight}
            options={[
              { id: 'metric', label: 'g and ml' },
              { id: 'us', label: 'oz and cups' },
            ]}
            onChange={(weight) => change({ units: { ...kitchen.units, weight } })}
          />
        </div>
        <div className="field">
          <span>Temperatures</span>
          <Segments
            name="temperature"
            label="Temperatures"
            value={kitchen.units.temperature}
            options={[
              { id: 'C', label: '°C' },
              { id: 'F', label: '°F' },
            ]}
            onChange={(temperature) => change({ units: { ...kitchen.units, temperature } })}
          />
        </div>
        <div className="field">
          <span>Food-safety figures</span>
          <Segments
            name="authority"
            label="Food-safety figures"
            value={kitchen.authority}
            options={[
              { id: 'us', label: SAFE_C.us.name },
              { id: 'uk', label: SAFE_C.uk.name },
            ]}
            onChange={(authority) => change({ authority })}
          />
          <span className="small soft">
            Poultry {temp(safe.poultry)}, ground {temp(safe.ground)}, whole cuts {temp(safe.whole)}.{' '}
            {sayTemps(safe.note, kitchen.units)}
          </span>
        </div>
        <div className="field">
          <span>Tools</span>
          <Form.Check
            type="switch"
            id="tool-thermometer"
            label="Thermometer"
            checked={kitchen.tools.thermometer}
            onChange={(e) => change({ tools: { ...kitchen.tools, thermometer: e.target.checked } })}
          />
          <Form.Check
            type="switch"
            id="tool-scale"
            label="Scale"
            checked={kitchen.tools.scale}
            onChange={(e) => change({ tools: { ...kitchen.tools, scale: e.target.checked } })}
          />
        </div>
        <div className="field">
          <span>Pressure came early or late</span>
          <Segments
            name="hold-changes"
            label="Pressure came early or late"
            value={kitchen.holdChanges ?? 'ask'}
            options={[
              { id: 'ask', label: 'Ask me' },
              { id: 'itself', label: 'Change the minutes' },
            ]}
            onChange={(holdChanges) => change({ holdChanges })}
          />
          <span className="small soft">
            Earlier means cooler pieces and a longer hold; later may mean a shorter one.
          </span>
        </div>
        <FigureField
          id="ladle"
          label="Our ladle holds"
          unit="ml"
          value={kitchen.ladleMl ?? BENCH.ladleMl}
          min={20}
          max={500}
          onChange={(ladleMl) => change({ ladleMl })}
        />
      </div>
    </section>
  );
}

function Pots({ kitchen, change }: { kitchen: Kitchen; change: ChangeKitchen }) {
  return (
    <section>
      <h2>Pots</h2>
      <ul className="pot-list">
        {kitchen.pots.map((pot) => (
          <PotCard
            key={pot.id}
            pot={pot}
            units={kitchen.units}
            isUsual={pot.id === kitchen.potId}
            isOnly={kitchen.pots.length === 1}
            onUsual={() => change({ potId: pot.id })}
            onChange={(next) => change({ pots: kitchen.pots.map((p) => (p.id === pot.id ? next : p)) })}
            onRemove={() => {
              const pots = kitchen.pots.filter((p) => p.id !== pot.id);
              change({ pots, potId: kitchen.potId === pot.id ? (pots[0]?.id ?? '') : kitchen.potId });
            }}
          />
        ))}
      </ul>
      <Form.Group className="field" controlId="add-pot" style={{ maxWidth: '24rem' }}>
        <Form.Label>Add a pot like</Form.Label>
        <Form.Select
          value=""
          onChange={(e) => {
            const preset = POT_PRESETS.find((p) => p.id === e.target.value);
            if (preset) change({ pots: [...kitchen.pots, { ...preset, id: freshId() }].slice(0, 20) });
          }}
        >
          <option value="">choose one…</option>
          {POT_PRESETS.map((p) => (
            <option key={p.id} value={p.id}>
              {p.name}
            </option>
          ))}
        </Form.Select>
      </Form.Group>
    </section>
  );
}

function Rules({ kitchen, change }: { kitchen: Kitchen; change: ChangeKitchen }) {
  return (
    <section>
      <h2>House rules</h2>
      <p className="soft">
        Good cooks disagree. Choose your school; every choice says what it costs, and any dish may differ.
      </p>
      <div className="rules">
        {SCHOOLS.map((school) => (
          <fieldset key={school.id}>
            <legend>{school.title}</legend>
            {school.options.map((o, i) => (
              <Form.Check
                key={o.id}
                type="radio"
                name={school.id}
                id={`${school.id}-${o.id}`}
                checked={kitchen.rules[school.id] === o.id}
                onChange={() => change({ rules: { ...kitchen.rules, [school.id]: o.id } })}
                label={
                  <>
                    {o.label}{' '}
                    <span className="soft small">
                      {i === 0 ? sayTemps(school.because, kitchen.units) : o.cost}
                    </span>
                  </>
                }
              />
            ))}
          </fieldset>
        ))}
      </div>
      <Button
        variant="quiet"
        size="sm"
        onClick={() =>
          change({
            rules: Object.fromEntries(SCHOOLS.map((s) => [s.id, s.options[0]?.id])) as Kitchen['rules'],
          })
        }
      >
        All as they were at first
      </Button>
    </section>
  );
}
