import { useLiveQuery } from 'dexie-react-hooks';
import { useDeferredValue, useMemo, useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { Link, useNavigate } from 'react-router';
import type { CookState, Dish, Outlook } from '../../../core/index';
import { clock, useNow } from '../../parts/now';
import { bringDemoBack } from '../../store/backup';
import { useCalibrations, useCooks, useDamaged, useDishes, useKitchen } from '../../store/live';
import { useOutlooks } from '../../store/outlooks';
import { unsavedSince } from '../../store/saving';
import { isTimeToSave } from '../kitchen/keepingWords';
import { DishList } from './DishList';
import type { DishSearch } from './search';
import {
  minutesUntil,
  NO_FILTER,
  passes,
  sorted,
  SORTS,
  tagsOf,
  type DishEntry,
  type Filter,
  type Sort,
} from './sorting';
import { useTitle } from '../../parts/title';

/** The index lives as long as the tab: coming back to the list does not build it again. Fetched when somebody searches. */
let index: DishSearch | null = null;
async function fetchSearch(): Promise<DishSearch> {
  const { DishSearch } = await import('./search');
  return (index ??= new DishSearch());
}

const NONE: ReadonlyMap<string, Outlook> = new Map();

function lastCooks(cooks: readonly CookState[]): Map<string, CookState> {
  const last = new Map<string, CookState>();
  for (const cook of cooks)
    if (cook.dish && cook.status === 'finished' && !last.has(cook.dish.id)) last.set(cook.dish.id, cook);
  return last;
}

/** Home: what can be on the table, and by when. */
export default function Dishes() {
  useTitle('Dishes');
  const kitchen = useKitchen();
  const dishes = useDishes();
  const cooks = useCooks();
  const calibrations = useCalibrations(kitchen);
  const known = useOutlooks(dishes, kitchen, calibrations);
  const outlooks = known ?? NONE;
  const now = useNow();
  const unsaved = useLiveQuery(unsavedSince) ?? null;
  const navigate = useNavigate();
  const [query, setQuery] = useState('');
  const [by, setBy] = useState('');
  const [sort, setSort] = useState<Sort>('soon');
  const [filter, setFilter] = useState<Filter>(NO_FILTER);
  const wanted = useDeferredValue(query);
  const [search, setSearch] = useState(index);
  const readySearch = (): void => void fetchSearch().then(setSearch);
  const last = useMemo(() => lastCooks(cooks ?? []), [cooks]);
  const tags = useMemo(() => tagsOf(dishes ?? []), [dishes]);
  const shown = useMemo(() => {
    if (!dishes) return [];
    const entry = (dish: Dish): DishEntry => ({
      dish,
      outlook: outlooks.get(dish.id),
      last: last.get(dish.id),
    });
    if (wanted.trim()) search?.update(dishes);
    const found = search?.find(wanted) ?? null;
    const byId = found && new Map(dishes.map((d) => [d.id, d]));
    const entries = found
      ? found.flatMap((id) => {
          const dish = byId?.get(id);
          return dish ? [entry(dish)] : [];
        })
      : sorted(dishes.map(entry), sort);
    return entries.filter((e) => passes(e, filter));
  }, [dishes, outlooks, last, wanted, search, sort, filter]);

  const damaged = useDamaged();
  if (!dishes || !kitchen || !cooks || !known) return <p className="loading">Reading the shelf…</p>;

  const minutesLeft = minutesUntil(by, now);
  const inTime = (e: DishEntry): boolean =>
    minutesLeft === null || e.outlook === undefined || e.outlook.totalS[1] / 60 <= minutesLeft;
  const ordered =
    minutesLeft === null ? shown : [...shown.filter(inTime), ...shown.filter((e) => !inTime(e))];
  const waiting = dishes.length - outlooks.size;
  const hasNeeds = kitchen.needs.length + kitchen.allergens.length > 0;
  const isFiltered = JSON.stringify(filter) !== JSON.stringify(NO_FILTER);

  return (
    <div className="page">
      <div className="page-head">
        <div>
          <h1>What can be on the table?</h1>
          <p className="soft mb-0" aria-live="polite">
            {kitchen.name}, now {clock(now)}
            {minutesLeft !== null && ` · ${shown.filter(inTime).length} of ${shown.length} by ${by}`}
            {minutesLeft === null &&
              shown.length !== dishes.length &&
              ` · ${shown.length} of ${dishes.length} dishes`}
            {waiting > 0 && dishes.length > 40 && ` · planning ${waiting} more`}
          </p>
        </div>
        <div className="d-flex gap-2">
          <Button onClick={() => navigate('/dishes/new')}>New dish</Button>
          <Link className="btn btn-quiet" to="/kitchen#keeping">
            Open a backup
          </Link>
        </div>
      </div>
      {isTimeToSave(unsaved, now) && (
        <p className="notice small" role="status">
          What you wrote in the last month or more is in no file: it lives in this browser only.{' '}
          <Link to="/kitchen#keeping">Save everything to a file</Link>
        </p>
      )}
      {dishes.length === 0 ? (
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
                value={query}
                onFocus={readySearch}
                onChange={(e) => {
                  readySearch();
                  setQuery(e.target.value);
                }}
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
            <Form.Group className="field" controlId="hands">
              <Form.Label>Handwork</Form.Label>
              <Form.Select
                value={filter.handsMin ?? ''}
                onChange={(e) =>
                  setFilter({ ...filter, handsMin: e.target.value ? Number(e.target.value) : null })
                }
              >
                <option value="">any</option>
                {[20, 30, 45, 60].map((m) => (
                  <option key={m} value={m}>
                    up to {m} min
                  </option>
                ))}
              </Form.Select>
            </Form.Group>
            {tags.length > 0 && (
              <Form.Group className="field" controlId="tag">
                <Form.Label>Tag</Form.Label>
                <Form.Select
                  value={filter.tag}
                  onChange={(e) => setFilter({ ...filter, tag: e.target.value })}
                >
                  <option value="">any</option>
                  {tags.map((t) => (
                    <option key={t.tag} value={t.tag}>
                      {t.tag} ({t.count})
                    </option>
                  ))}
                </Form.Select>
              </Form.Group>
            )}
            <div className="dish-checks">
              <Form.Check
                type="checkbox"
                id="fits"
                label="Fits its pot"
                checked={filter.fitsOnly}
                onChange={(e) => setFilter({ ...filter, fitsOnly: e.target.checked })}
              />
              {hasNeeds && (
                <Form.Check
                  type="checkbox"
                  id="suits"
                  label="Everyone can eat it"
                  checked={filter.suitsOnly}
                  onChange={(e) => setFilter({ ...filter, suitsOnly: e.target.checked })}
                />
              )}
            </div>
          </div>
          {damaged > 0 && (
            <p className="notice notice-bad mt-3" role="alert">
              {damaged === 1 ? 'One dish is' : `${damaged} dishes are`} too damaged to show. The rest are as
              they were; a backup from before has {damaged === 1 ? 'it' : 'them'} whole.
            </p>
          )}
          {ordered.length === 0 && (
            <p className="soft mt-4">
              {query.trim() ? `Nothing here matches “${query.trim().slice(0, 60)}”` : 'Nothing passes'}
              {isFiltered && query.trim() ? ' within these limits' : ''}.{' '}
              <Button
                size="sm"
                variant="bare"
                onClick={() => {
                  setQuery('');
                  setFilter(NO_FILTER);
                }}
              >
                Show them all
              </Button>
            </p>
          )}
          <DishList entries={ordered} now={now} isLate={(e) => !inTime(e)} />
          <p className="soft small mt-3">
            Keen Ladle gives estimates and reminders. Your cooker’s manual, the markings on your pot and your
            local food-safety authority’s advice come first.
          </p>
        </>
      )}
    </div>
  );
}
