import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import {
  formatTemp,
  ventedAtOnce,
  type Dish,
  type DishSettings,
  type Kitchen,
  type Plan,
} from '../../../core/index';
import { Segments } from '../../parts/Segments';

/** The slider of minutes goes at least so far, and to the end of what does no harm. */
const LEAST_SPAN = 60;

type SetSettings = (label: string, change: Partial<DishSettings>, coalesce?: string) => void;

const STATES = { fresh: 'not frozen', loose: 'frozen, loose', lump: 'frozen in a lump' } as const;

/** What can be changed about the cooking, each with what it does at once. */
export function Knobs({
  dish,
  plan,
  kitchen,
  set,
}: {
  dish: Dish;
  plan: Plan;
  kitchen: Kitchen;
  set: SetSettings;
}) {
  const { heat } = plan;
  const main = plan.meat[0];
  const mins = Math.round(heat.holdS / 60);
  const window = heat.windowMin;
  return (
    <div className="clock-knobs no-print">
      <Form.Group controlId="minutes">
        <span className="knob-head">
          <Form.Label>Minutes under pressure</Form.Label>
          <strong className="figure">{mins}</strong>
        </span>
        <input
          id="minutes"
          type="range"
          min={0}
          max={Math.max(LEAST_SPAN, mins, Math.ceil(window?.to ?? 0))}
          value={mins}
          onChange={(e) => set(`${e.target.value} min`, { minutes: Number(e.target.value) }, 'minutes')}
        />
        <p className="small soft mb-0">
          {window ? `Right from ${window.from} to ${Math.round(window.to)} min. ` : ''}
          {dish.settings.minutes !== null && (
            <Button size="sm" variant="bare" onClick={() => set('computed minutes', { minutes: null })}>
              As computed: {heat.suggestedMin}
            </Button>
          )}
        </p>
      </Form.Group>
      <div>
        <span className="knob-head">
          <span>Release</span>
          {dish.settings.release !== null && (
            <Button size="sm" variant="bare" onClick={() => set('computed release', { release: null })}>
              As computed
            </Button>
          )}
        </span>
        <Segments
          name="release"
          label="Release"
          value={plan.release}
          options={[
            { id: 'quick', label: 'Quick' },
            { id: 'ten', label: 'Ten, then vent' },
            { id: 'natural', label: 'Natural' },
          ]}
          onChange={(release) => set('the release', { release })}
        />
        <EarlyVent plan={plan} kitchen={kitchen} />
      </div>
      <div>
        <span className="knob-head">Pressure</span>
        <Segments
          name="pressure"
          label="Pressure"
          value={dish.settings.pressure}
          options={[
            { id: 'high', label: 'High' },
            { id: 'low', label: 'Low' },
          ]}
          onChange={(pressure) => set(`${pressure} pressure`, { pressure })}
        />
      </div>
      {main && (
        <>
          <Form.Group controlId="thick">
            <span className="knob-head">
              <Form.Label>Thickness</Form.Label>
              <strong className="figure">{Math.round(main.thicknessMm)} mm</strong>
            </span>
            <input
              id="thick"
              type="range"
              min={5}
              max={90}
              value={Math.round(main.thicknessMm)}
              onChange={(e) => set(`${e.target.value} mm`, { thicknessMm: Number(e.target.value) }, 'thick')}
            />
          </Form.Group>
          <div>
            <span className="knob-head">
              <span>The {main.label}</span>
            </span>
            <Segments
              name="state"
              label={`The ${main.label}`}
              value={!main.frozen ? 'fresh' : main.fused ? 'lump' : 'loose'}
              options={[
                { id: 'fresh', label: 'Not frozen' },
                { id: 'loose', label: 'Loose pieces' },
                { id: 'lump', label: 'One lump' },
              ]}
              onChange={(state) =>
                set(STATES[state], { frozen: state !== 'fresh', fused: state === 'lump' || undefined })
              }
            />
            {main.fused && (
              <p className="small severity-stop mb-0">
                A fused lump of about {Math.round(main.thicknessMm)} mm cannot be predicted. Thaw or separate
                it.
              </p>
            )}
          </div>
          <SecondLid dish={dish} plan={plan} set={set} />
          <Form.Group controlId="warm">
            <span className="knob-head">
              <Form.Label>Left on keep-warm</Form.Label>
              <strong className="figure">{dish.settings.keepWarmMin ?? 0} min</strong>
            </span>
            <input
              id="warm"
              type="range"
              min={0}
              max={120}
              step={5}
              value={dish.settings.keepWarmMin ?? 0}
              onChange={(e) =>
                set(
                  `${e.target.value} min kept warm`,
                  { keepWarmMin: Number(e.target.value) || undefined },
                  'warm',
                )
              }
            />
          </Form.Group>
          <div>
            <span className="knob-head">Set it to</span>
            <div className="d-flex flex-wrap gap-2 mt-1">
              <Button
                size="sm"
                variant="outline-primary"
                onClick={() => set('the shortest', { minutes: null, release: 'quick', pressure: 'high' })}
              >
                Shortest
              </Button>
              <Button
                size="sm"
                variant="outline-primary"
                disabled={!window}
                onClick={() =>
                  window &&
                  set('most tender', {
                    minutes: Math.round((window.from + window.to) / 2),
                    release: 'natural',
                  })
                }
              >
                Most tender
              </Button>
              <Button
                size="sm"
                variant="outline-primary"
                onClick={() => set('gentle', { minutes: null, release: 'natural', pressure: 'low' })}
              >
                Gentle
              </Button>
            </div>
          </div>
        </>
      )}
    </div>
  );
}

/** The second stretch for what goes in later, where anything does. */
function SecondLid({ dish, plan, set }: { dish: Dish; plan: Plan; set: SetSettings }) {
  const { second } = plan.heat;
  if (!second) return null;
  const again = dish.settings.again ?? { then: 'pressure' as const, minutes: null };
  const names = plan.kinds.filter((k) => k.later).map((k) => k.label);
  const mins = Math.round(second.holdS / 60);
  return (
    <div>
      <span className="knob-head">
        <span>Opened in between{names.length ? ` for the ${names.join(', ')}` : ''}</span>
        <strong className="figure">{mins} min</strong>
      </span>
      <Segments
        name="again"
        label="After opening in between"
        value={again.then}
        options={[
          { id: 'pressure', label: 'Second lid' },
          { id: 'simmer', label: 'Simmer' },
        ]}
        onChange={(then) =>
          set(then === 'pressure' ? 'a second lid' : 'a simmer', { again: { ...again, then } })
        }
      />
      <input
        type="range"
        aria-label="Minutes after opening in between"
        min={0}
        max={40}
        value={mins}
        onChange={(e) =>
          set(`${e.target.value} min more`, { again: { ...again, minutes: Number(e.target.value) } }, 'again')
        }
      />
      {again.minutes !== null && (
        <Button
          size="sm"
          variant="bare"
          onClick={() => set('computed minutes', { again: { ...again, minutes: null } })}
        >
          As computed: {second.suggestedMin}
        </Button>
      )}
    </div>
  );
}

/** What venting at once would cost, where the plan lets it come down by itself. */
function EarlyVent({ plan, kitchen }: { plan: Plan; kitchen: Kitchen }) {
  const vented = ventedAtOnce(plan);
  if (!vented) return null;
  const minutes = Math.round(plan.heat.holdS / 60);
  const isWorse = vented.tenderness !== plan.heat.tenderness;
  return (
    <p className="small soft mb-0">
      Vented at once after {minutes} min the core would be about{' '}
      {formatTemp(vented.coreAtOpenC ?? 0, kitchen.units)}
      {isWorse ? `, the meat ${vented.tenderness ?? ''} instead of ${plan.heat.tenderness ?? ''}` : ''}.
    </p>
  );
}
