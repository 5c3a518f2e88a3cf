import { lazy, Suspense, useState, type ReactNode } from 'react';
import Button from 'react-bootstrap/Button';
import { Link, useParams } from 'react-router';
import {
  formatDuration,
  formatDurationRange,
  decider,
  formatTemp,
  type Dish,
  type DishSettings,
  type HeatForecast,
  type HeatPoint,
  type Kitchen,
  type Plan,
} from '../../../core/index';
import { editDish } from '../../store/dishes';
import { NoDish } from '../../parts/NoDish';
import { useDish, useKitchen } from '../../store/live';
import { usePlan } from '../../store/plans';
import { RUNS, useRanges } from '../../store/ranges';
import { Kinds } from './Kinds';
import { Knobs } from './Knobs';
import { useTitle } from '../../parts/title';

const HeatChart = lazy(() => import('./HeatChart'));

/** What happens under the lid, minute by minute: the pot, the meat and the pressure, and what other minutes would do. */
export default function ClockScreen() {
  const { dishId = '' } = useParams();
  const kitchen = useKitchen();
  const dish = useDish(dishId);
  const plan = usePlan(dish, kitchen);
  useTitle(dish ? `${dish.name}: clock` : undefined);
  if (dish === null) return <NoDish />;
  if (!dish || !plan || !kitchen) return <p className="loading">Winding the clock…</p>;
  return <Page dish={dish} plan={plan} kitchen={kitchen} />;
}

function Page({ dish, plan, kitchen }: { dish: Dish; plan: Plan; kitchen: Kitchen }) {
  const [kept, setKept] = useState<HeatForecast | null>(null);
  const ranges = useRanges(plan);
  const { heat } = plan;
  const temp = (c: number): string => formatTemp(c, kitchen.units);
  const main = decider(plan.kinds, heat);
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
        <div className="d-flex flex-wrap gap-2 no-print">
          <Link className="btn btn-quiet" to={`/dish/${dish.id}`}>
            To the counter
          </Link>
          <Link className="btn btn-quiet" to={`/dish/${dish.id}/serve`}>
            Serve at…
          </Link>
          <Link className="btn btn-quiet" to={`/minutes/${plan.pot.id}`}>
            All minutes
          </Link>
          <Button variant="quiet" onClick={() => setKept(kept ? null : heat)}>
            {kept ? 'Stop comparing' : 'Keep this to compare'}
          </Button>
        </div>
      </div>
      <dl className="clock-figures" aria-live="polite">
        <Fact name="Comes up">{formatDurationRange(ranges?.comeUpS ?? heat.comeUpS)}</Fact>
        <Fact name="Holds">{formatDuration(heat.holdS)}</Fact>
        <Fact name="Comes down">{formatDurationRange(ranges?.releaseS ?? heat.releaseS)}</Fact>
        {heat.second && (
          <Fact name={heat.second.then === 'pressure' ? 'Second lid' : 'Then simmers'}>
            {formatDuration(heat.second.comeUpS.mid + heat.second.holdS)}
          </Fact>
        )}
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
              <HeatChart
                key={document.documentElement.dataset['bsTheme']}
                plan={plan}
                other={kept}
                ranges={ranges}
                units={kitchen.units}
              />
            </Suspense>
          </div>
          <p className="small soft mb-1" aria-live="polite">
            {ranges && ranges.runs >= RUNS
              ? `The pale band round the core is ${RUNS} kitchens like this one: heater, fill, thickness, refrigerator and hands as they vary. Eight in ten lie inside.`
              : `Cooking it in other kitchens: ${ranges?.runs ?? 0} of ${RUNS}…`}
          </p>
          <Kinds plan={plan} kitchen={kitchen} ranges={ranges} />
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
