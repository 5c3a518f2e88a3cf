import { useDeferredValue, useMemo, useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { Link, useNavigate } from 'react-router';
import {
  formatDuration,
  planDish,
  potFor,
  type Calibration,
  type CookState,
  type Dish,
  type Kitchen,
  type Plan,
} from '../../../core/index';
import { clock, day, useNow } from '../../parts/now';
import { SeverityMark } from '../../parts/SeverityMark';
import { bringDemoBack } from '../../store/household';
import { useCalibrations, useCooks, useDishes, useKitchen } from '../../store/live';

interface Row {
  dish: Dish;
  plan: Plan;
  last: CookState | undefined;
}

const SORTS = [
  { id: 'soon', label: 'Soonest on the table' },
  { id: 'hands', label: 'Least handwork' },
  { id: 'name', label: 'By name' },
  { id: 'lately', label: 'Cooked longest ago' },
] as const;
type Sort = (typeof SORTS)[number]['id'];

function planAll(
  dishes: readonly Dish[],
  kitchen: Kitchen,
  calibrations: Map<string, Calibration>,
  cooks: readonly CookState[],
): Row[] {
  return dishes.map((dish) => {
    const calibration = calibrations.get(potFor(dish, kitchen).id);
    return {
      dish,
      plan: planDish(dish, kitchen, calibration ? { calibration } : {}),
      last: cooks.find((c) => c.dish?.id === dish.id && c.status === 'finished'),
    };
  });
}

const compare: Record<Sort, (a: Row, b: Row) => number> = {
  soon: (a, b) => a.plan.timing.totalS.mid - b.plan.timing.totalS.mid,
  hands: (a, b) => a.plan.timing.handsOnS - b.plan.timing.handsOnS,
  name: (a, b) => a.dish.name.localeCompare(b.dish.name),
  lately: (a, b) => (a.last?.startedAt ?? 0) - (b.last?.startedAt ?? 0),
};

/** Minutes past midnight of "19:30", or null. */
function minuteOfDay(text: string): number | null {
  const m = /^(\d{2}):(\d{2})$/.exec(text);
  return m ? Number(m[1]) * 60 + Number(m[2]) : null;
}

function lastTime(cook: CookState | undefined): string {
  if (!cook) return 'not cooked yet';
  const v = cook.verdict;
  const off = [
    v?.meat && v.meat !== 'right' ? `meat ${v.meat}` : '',
    v?.sauce && v.sauce !== 'right' ? `sauce ${v.sauce}` : '',
    v?.salt && v.salt !== 'right' ? `salt ${v.salt}` : '',
  ].filter(Boolean);
  return `${day(cook.startedAt)}: ${off.length ? off.join(', ') : 'all right'}`;
}

/** Home: what can be on the table, and by when. */
export default function Dishes() {
  const kitchen = useKitchen();
  const dishes = useDishes();
  const cooks = useCooks();
  const calibrations = useCalibrations(kitchen);
  const now = useNow();
  const navigate = useNavigate();
  const [search, setSearch] = useState('');
  const [by, setBy] = useState('');
  const [sort, setSort] = useState<Sort>('soon');
  const wanted = useDeferredValue(search.trim().toLowerCase());
  const rows = useMemo(
    () =>
      dishes && kitchen && calibrations && cooks ? planAll(dishes, kitchen, calibrations, cooks) : undefined,
    [dishes, kitchen, calibrations, cooks],
  );

  if (!rows || !kitchen) return <p className="loading">Reading the shelf…</p>;

  const limit = minuteOfDay(by);
  const today = new Date(now);
  const minutesLeft =
    limit === null
      ? null
      : limit -
        (today.getHours() * 60 + today.getMinutes()) +
        (limit < today.getHours() * 60 + today.getMinutes() - 720 ? 1440 : 0);
  const shown = rows
    .filter(
      (r) =>
        !wanted ||
        `${r.dish.name} ${r.dish.tags.join(' ')} ${r.dish.lines.map((l) => l.text).join(' ')}`
          .toLowerCase()
          .includes(wanted),
    )
    .sort(compare[sort]);
  const inTime = (r: Row): boolean => minutesLeft === null || r.plan.timing.totalS.mid / 60 <= minutesLeft;
  const ordered =
    minutesLeft === null ? shown : [...shown.filter(inTime), ...shown.filter((r) => !inTime(r))];
  const howMany = shown.filter(inTime).length;

  return (
    <div className="page">
      <div className="page-head">
        <div>
          <h1>What can be on the table?</h1>
          <p className="soft mb-0">
            {kitchen.name}, now {clock(now)}
            {minutesLeft !== null && ` · ${howMany} of ${shown.length} by ${by}`}
          </p>
        </div>
        <div className="d-flex gap-2">
          <Button onClick={() => navigate('/dishes/new')}>New dish</Button>
          <Link className="btn btn-quiet" to="/kitchen#keeping">
            Open a backup
          </Link>
        </div>
      </div>
      {rows.length === 0 ? (
        <div className="notice">
          <h2>An empty shelf</h2>
          <p className="mt-2">
            Paste any ingredient list and it is split into what goes under the lid and what waits. Or look
            around in the demo kitchen first.
          </p>
          <p className="d-flex gap-2 mb-0">
            <Button onClick={() => navigate('/dishes/new')}>Paste a list</Button>
            <Button variant="quiet" onClick={() => void bringDemoBack()}>
              Bring the demo back
            </Button>
          </p>
        </div>
      ) : (
        <>
          <div className="dish-filters">
            <Form.Group className="field grow" controlId="search">
              <Form.Label>Search dishes and ingredients</Form.Label>
              <Form.Control
                type="search"
                value={search}
                onChange={(e) => setSearch(e.target.value)}
                placeholder="lamb, creamy, prunes…"
              />
            </Form.Group>
            <Form.Group className="field" controlId="by">
              <Form.Label>On the table by</Form.Label>
              <Form.Control type="time" value={by} onChange={(e) => setBy(e.target.value)} />
            </Form.Group>
            <Form.Group className="field" controlId="sort">
              <Form.Label>Order</Form.Label>
              <Form.Select value={sort} onChange={(e) => setSort(e.target.value as Sort)}>
                {SORTS.map((s) => (
                  <option key={s.id} value={s.id}>
                    {s.label}
                  </option>
                ))}
              </Form.Select>
            </Form.Group>
          </div>
          {ordered.length === 0 && <p className="soft mt-4">Nothing here matches “{search}”.</p>}
          <ul className="dish-list">
            {ordered.map((r) => (
              <DishRow key={r.dish.id} row={r} now={now} late={!inTime(r)} />
            ))}
          </ul>
          <p className="soft small mt-3">
            Keen Ladle gives estimates and reminders. Your cooker’s manual, the markings on your pot and your
            local food-safety authority’s advice come first.
          </p>
        </>
      )}
    </div>
  );
}

function DishRow({ row: { dish, plan, last }, now, late }: { row: Row; now: number; late: boolean }) {
  const worst = plan.findings.find((f) => f.severity === 'stop' || f.severity === 'careful');
  const { totalS, handsOnS } = plan.timing;
  return (
    <li className={late ? 'is-late' : ''}>
      <Link to={`/dish/${dish.id}`} className="dish-row">
        <span className="dish-name">
          <strong>{dish.name}</strong>
          <span className="soft small">
            {dish.plates} plates · {plan.pot.name} · holds back {plan.held.length}
          </span>
        </span>
        <span className="dish-time">
          <strong className="figure">{formatDuration(totalS.mid)}</strong>
          <span className="soft small">
            {late ? 'too late: ' : ''}
            {clock(now + totalS.low * 1000)}–{clock(now + totalS.high * 1000)}
          </span>
        </span>
        <span className="dish-hands">
          <span>{formatDuration(handsOnS)}</span>
          <span className="soft small">hands on</span>
        </span>
        <span className="dish-state">
          <SeverityMark severity={worst?.severity ?? 'fine'} />
          <span className="small">{worst?.text ?? 'Fits, and liquid enough'}</span>
        </span>
        <span className="dish-last soft small">{lastTime(last)}</span>
      </Link>
    </li>
  );
}
