import { lazy, Suspense, useState } from 'react';
import Form from 'react-bootstrap/Form';
import { Link } from 'react-router';
import {
  compareCook,
  cookRows,
  EIGHT_IN_TEN,
  formatDuration,
  NO_CALIBRATION,
  type CookState,
} from '../../../core/index';
import { clock, day } from '../../parts/now';
import { useCalibrations, useCooks, useKitchen } from '../../store/live';
import { saveText } from '../../parts/saveText';
import { useTitle } from '../../parts/title';

const ComeUpChart = lazy(() => import('./ComeUpChart'));
const PAGE = 40;

const VERDICT_WORDS: Record<string, string> = {
  under: 'meat under',
  over: 'meat over',
  thin: 'sauce thin',
  thick: 'sauce thick',
  low: 'more salt',
  high: 'less salt',
};

/** What was off, in a few words. */
export function verdictWords(cook: CookState): string {
  if (cook.status === 'abandoned') return 'left off';
  if (cook.status === 'cooking') return 'on the go';
  const v = cook.verdict;
  if (!v) return 'no verdict';
  const off = [v.meat, v.sauce, v.salt].flatMap((x) => (x && x !== 'right' ? [VERDICT_WORDS[x] ?? x] : []));
  return off.length ? off.join(', ') : 'all right';
}

/** The log as a table of comma-separated values; what writes it is loaded when it is asked for. */
async function saveTable(cooks: readonly CookState[]): Promise<void> {
  const { default: papa } = await import('papaparse');
  saveText('logbook.csv', papa.unparse(cookRows(cooks)), 'text/csv');
}

/** Every cook, newest first, and what the pot has taught. */
export default function Logbook() {
  useTitle('Logbook');
  const cooks = useCooks();
  const kitchen = useKitchen();
  const calibrations = useCalibrations(kitchen);
  const [search, setSearch] = useState('');
  const [shown, setShown] = useState(PAGE);
  if (!cooks || !kitchen || !calibrations) return <p className="loading">Opening the logbook…</p>;
  const wanted = search.trim().toLowerCase();
  const found = cooks.filter(
    (c) => !wanted || `${c.dish?.name} ${c.verdict?.note ?? ''} ${c.potName}`.toLowerCase().includes(wanted),
  );
  const taught = kitchen.pots
    .map((p) => ({ pot: p, ...(calibrations.get(p.id) ?? NO_CALIBRATION) }))
    .filter((t) => t.cooks > 0);
  const percent = (f: number, more: string, less: string): string =>
    Math.abs(f - 1) < 0.02 ? 'as forecast' : `${Math.round(Math.abs(f - 1) * 100)} % ${f > 1 ? more : less}`;
  /** Eight in ten lie so far on either side. */
  const give = (deviation?: number): string =>
    deviation === undefined ? '' : ` (± ${Math.max(1, Math.round(deviation * EIGHT_IN_TEN * 100))} %)`;
  return (
    <div className="page">
      <div className="page-head">
        <div>
          <h1>What did we learn?</h1>
          <p className="soft mb-0">
            <span>
              {cooks.length} {cooks.length === 1 ? 'cook' : 'cooks'}
            </span>
            {cooks.length > 0 && (
              <>
                {' '}
                ·{' '}
                <button type="button" className="link-button" onClick={() => void saveTable(cooks)}>
                  as a table
                </button>
              </>
            )}
          </p>
        </div>
        <Form.Group className="field" controlId="log-search">
          <Form.Label>Search the log</Form.Label>
          <Form.Control
            type="search"
            value={search}
            onChange={(e) => setSearch(e.target.value)}
            placeholder="ribs, late, rice…"
          />
        </Form.Group>
      </div>
      {cooks.length === 0 ? (
        <div className="notice">
          Nothing cooked yet. Start one from a <Link to="/">dish</Link>: every tap is written down, and the
          forecast learns.
        </div>
      ) : (
        <div className="log">
          <section className="log-taught">
            <h2>What the pots have taught</h2>
            <ul>
              {taught.map((t) => (
                <li key={t.pot.id}>
                  <strong>{t.pot.name}</strong>
                  <span className="small">
                    comes up {percent(t.comeUpFactor, 'slower', 'quicker')}
                    {give(t.known?.comeUp)}, comes down {percent(t.releaseFactor, 'slower', 'quicker')}
                    {give(t.known?.release)} · {t.cooks} {t.cooks === 1 ? 'cook' : 'cooks'}
                  </span>
                </li>
              ))}
            </ul>
            <Suspense
              fallback={
                <div className="chart chart-box">
                  <p className="soft small">Drawing…</p>
                </div>
              }
            >
              <ComeUpChart cooks={cooks} />
            </Suspense>
          </section>
          <section aria-label="Cooks">
            {found.length === 0 && <p className="soft">No cook matches “{search}”.</p>}
            <ul className="log-list">
              {found.slice(0, shown).map((c) => (
                <CookRow key={c.cookId} cook={c} />
              ))}
            </ul>
            {found.length > shown && (
              <button type="button" className="btn btn-quiet" onClick={() => setShown((n) => n + PAGE)}>
                Show {Math.min(PAGE, found.length - shown)} more
              </button>
            )}
          </section>
        </div>
      )}
    </div>
  );
}

function CookRow({ cook }: { cook: CookState }) {
  const c = compareCook(cook);
  const total = c?.total.actualS ?? null;
  const late = total !== null && c ? Math.round((total - c.total.forecastS) / 60) : null;
  return (
    <li>
      <Link
        to={
          cook.status === 'cooking' || cook.status === 'served'
            ? `/cook/${cook.cookId}`
            : `/log/${cook.cookId}`
        }
        className="log-row"
      >
        <span className="soft small">
          {day(cook.startedAt)} {clock(cook.startedAt)}
        </span>
        <strong>{cook.dish?.name}</strong>
        <span className="small">
          {total !== null
            ? `${formatDuration(total)}${late ? `, ${Math.abs(late)} min ${late > 0 ? 'late' : 'early'}` : ', on time'}`
            : ''}
        </span>
        <span className="small soft">{verdictWords(cook)}</span>
        {cook.verdict?.note && <span className="small log-note">“{cook.verdict.note}”</span>}
      </Link>
    </li>
  );
}
