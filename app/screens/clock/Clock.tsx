import { lazy, Suspense, useState, type ReactNode } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { Link, useParams } from 'react-router';
import {
  formatDuration,
  formatDurationRange,
  formatTemp,
  planDish,
  type Dish,
  type DishSettings,
  type HeatForecast,
  type HeatPoint,
  type Kitchen,
  type Plan,
} from '../../../core/index';
import { Segments } from '../../parts/Segments';
import { editDish } from '../../store/dishes';
import { NoDish } from '../../parts/NoDish';
import { useDish, useKitchen, usePlan } from '../../store/live';

const HeatChart = lazy(() => import('./HeatChart'));

/** What happens under the lid, minute by minute: the pot, the meat and the pressure, and what other minutes would do. */
export default function ClockScreen() {
  const { dishId = '' } = useParams();
  const kitchen = useKitchen();
  const dish = useDish(dishId);
  const plan = usePlan(dish, kitchen);
  if (dish === null) return <NoDish />;
  if (!dish || !plan || !kitchen) return <p className="loading">Winding the clock…</p>;
  return <Page dish={dish} plan={plan} kitchen={kitchen} />;
}

function Page({ dish, plan, kitchen }: { dish: Dish; plan: Plan; kitchen: Kitchen }) {
  const [kept, setKept] = useState<HeatForecast | null>(null);
  const { heat } = plan;
  const temp = (c: number): string => formatTemp(c, kitchen.units);
  const main = plan.meat[0];
  const set = (label: string, change: Partial<DishSettings>, coalesce?: string): void =>
    void editDish(dish.id, label, (d) => ({ ...d, settings: { ...d.settings, ...change } }), coalesce);
  return (
    <div className="page">
      <div className="page-head">
        <div>
          <h1>The clock of {dish.name}</h1>
          <p className="soft mb-0">
            {plan.pot.name}
            {main && `, ${Math.round(main.thicknessMm)} mm ${main.frozen ? 'frozen ' : ''}${main.label}`}. A
            forecast from a simulation: the thermometer decides.
          </p>
        </div>
        <div className="d-flex gap-2 no-print">
          <Link className="btn btn-quiet" to={`/dish/${dish.id}`}>
            To the counter
          </Link>
          <Button variant="quiet" onClick={() => setKept(kept ? null : heat)}>
            {kept ? 'Stop comparing' : 'Keep this to compare'}
          </Button>
        </div>
      </div>
      <dl className="clock-figures" aria-live="polite">
        <Fact name="Comes up">{formatDurationRange(heat.comeUpS)}</Fact>
        <Fact name="Holds">{formatDuration(heat.holdS)}</Fact>
        <Fact name="Comes down">{formatDurationRange(heat.releaseS)}</Fact>
        {main && (
          <>
            <Fact name="Core when you open">about {temp(heat.coreAtOpenC ?? 0)}</Fact>
            <Fact name="The meat">{heat.tenderness ?? '–'}</Fact>
            <Fact name="Check one thick piece">{temp(main.safeC)}</Fact>
          </>
        )}
        <Fact name="To the table">{formatDurationRange(plan.timing.totalS)}</Fact>
      </dl>
      <div className="clock-screen">
        <div>
          <div className="clock-chart">
            <Suspense fallback={<p className="loading">Drawing…</p>}>
              <HeatChart key={document.documentElement.dataset['bsTheme']} plan={plan} other={kept} />
            </Suspense>
          </div>
          <Table plan={plan} temp={temp} />
        </div>
        <Knobs dish={dish} plan={plan} kitchen={kitchen} set={set} />
      </div>
    </div>
  );
}

function Fact({ name, children }: { name: string; children: ReactNode }) {
  return (
    <div>
      <dt>{name}</dt>
      <dd>{children}</dd>
    </div>
  );
}

function Knobs({
  dish,
  plan,
  kitchen,
  set,
}: {
  dish: Dish;
  plan: Plan;
  kitchen: Kitchen;
  set: (label: string, change: Partial<DishSettings>, coalesce?: string) => void;
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
          max={Math.max(60, mins)}
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
        <EarlyVent dish={dish} plan={plan} kitchen={kitchen} />
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
          <Form.Check
            type="switch"
            id="clock-frozen"
            label="Frozen, in separate pieces"
            checked={main.frozen}
            onChange={(e) => set(e.target.checked ? 'frozen' : 'not frozen', { frozen: e.target.checked })}
          />
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

/** What venting at once would cost, where the plan lets it come down by itself. */
function EarlyVent({ dish, plan, kitchen }: { dish: Dish; plan: Plan; kitchen: Kitchen }) {
  if (plan.release === 'quick' || !plan.meat.length) return null;
  const minutes = Math.round(plan.heat.holdS / 60);
  const vented = planDish({ ...dish, settings: { ...dish.settings, minutes, release: 'quick' } }, kitchen, {
    calibration: plan.calibration,
  }).heat;
  const isWorse = vented.tenderness !== plan.heat.tenderness;
  return (
    <p className="small soft mb-0">
      Vented at once after {minutes} min the core would be about{' '}
      {formatTemp(vented.coreAtOpenC ?? 0, kitchen.units)}
      {isWorse ? `, the meat ${vented.tenderness ?? ''} instead of ${plan.heat.tenderness ?? ''}` : ''}.
    </p>
  );
}

function Table({ plan, temp }: { plan: Plan; temp: (c: number) => string }) {
  const rows = spaced(plan.heat.series, 14);
  return (
    <details className="small mt-2">
      <summary>The same as a table</summary>
      <table className="clock-table">
        <thead>
          <tr>
            <th scope="col">Minute</th>
            <th scope="col">Pot</th>
            <th scope="col">Pressure</th>
            <th scope="col">Surface</th>
            <th scope="col">Core</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((p) => (
            <tr key={p.timeS}>
              <th scope="row">{Math.round(p.timeS / 60)}</th>
              <td>{temp(p.potC)}</td>
              <td>{Math.round(p.gaugeKPa)} kPa</td>
              <td>{p.surfaceC === null ? '–' : temp(p.surfaceC)}</td>
              <td>{p.coreC === null ? '–' : temp(p.coreC)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </details>
  );
}

/** About `most` points of a series, evenly spaced in time, the last always among them. */
function spaced(series: readonly HeatPoint[], most: number): HeatPoint[] {
  const end = series.at(-1)?.timeS ?? 0;
  const every = Math.max(1, Math.ceil(end / 60 / most)) * 60;
  return series.filter((p, i) => {
    const before = series[i - 1]?.timeS ?? -1;
    return i === series.length - 1 || Math.floor(p.timeS / every) > Math.floor(before / every);
  });
}
