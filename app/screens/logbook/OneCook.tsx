import { useMemo } from 'react';
import Button from 'react-bootstrap/Button';
import { Link, useNavigate, useParams } from 'react-router';
import {
  compareCook,
  formatDuration,
  formatMass,
  formatTemp,
  nextTimeNotes,
  thickenerById,
  whyDiffered,
  writeReadings,
  type CookState,
  type Kitchen,
  type ThickenerId,
  planDish,
  formatNumber,
} from '../../../core/index';
import { clock, day } from '../../parts/now';
import { Photo } from '../../parts/Photo';
import { saveText } from '../../parts/saveText';
import { useSay } from '../../parts/Toasts';
import { removeCook } from '../../store/cooks';
import { allReadings, useReadings } from '../../store/devices';
import { editDish } from '../../store/dishes';
import { useCook, useDish, useKitchen } from '../../store/live';
import { verdictWords } from './Logbook';
import { useTitle } from '../../parts/title';

/** One cook: forecast against actual, what was measured, the verdict, and what to change. */
export default function OneCook() {
  const { cookId = '' } = useParams();
  const cook = useCook(cookId);
  useTitle(cook?.dish ? `Log: ${cook.dish.name}` : undefined);
  const kitchen = useKitchen();
  if (cook === null)
    return (
      <div className="page page-narrow">
        <h1>No such cook</h1>
        <p className="mt-3">
          <Link to="/log">To the logbook</Link>
        </p>
      </div>
    );
  if (!cook || !kitchen) return <p className="loading">Turning the page…</p>;
  return <Page cook={cook} kitchen={kitchen} />;
}

function Page({ cook, kitchen }: { cook: CookState; kitchen: Kitchen }) {
  const navigate = useNavigate();
  const say = useSay();
  const dish = useDish(cook.dish?.id ?? '');
  const c = compareCook(cook);
  const notes = [...nextTimeNotes(cook), ...(cook.verdict?.note ? [cook.verdict.note] : [])];
  const titles = useMemo(
    () => new Map(cook.dish ? planDish(cook.dish, kitchen).steps.map((s) => [s.id, s.title]) : []),
    [cook.dish, kitchen],
  );
  const differences = whyDiffered(cook, kitchen.units);
  const readings = useReadings(cook.cookId);
  const fresh = notes.filter((n) => !dish?.nextTime.includes(n));
  const rows = c
    ? ([
        ['Coming up to pressure', c.comeUp.forecastS, c.comeUp.actualS],
        ['Under pressure', c.hold.forecastS, c.hold.actualS],
        ['Coming down', c.release.forecastS, c.release.actualS],
        ['Start to table', c.total.forecastS, c.total.actualS],
      ] as const)
    : [];
  const remove = async (): Promise<void> => {
    const back = await removeCook(cook.cookId);
    void navigate('/log');
    say('Removed from the logbook.', { label: 'Put it back', run: () => void back() });
  };
  return (
    <div className="page page-narrow">
      <p className="mb-1">
        <Link to="/log">Logbook</Link>
      </p>
      <h1>{cook.dish?.name}</h1>
      <p className="soft">
        {day(cook.startedAt)}, {clock(cook.startedAt)}
        {cook.servedAt ? ` to ${clock(cook.servedAt)}` : ''} · {cook.potName} ·{' '}
        {formatNumber(cook.dish?.plates ?? 0)} {cook.dish?.plates === 1 ? 'plate' : 'plates'} ·{' '}
        {verdictWords(cook)}
      </p>
      <table className="compare">
        <caption className="visually-hidden">Forecast against actual</caption>
        <thead>
          <tr>
            <th scope="col">Stretch</th>
            <th scope="col">Forecast</th>
            <th scope="col">Actual</th>
            <th scope="col">Off by</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(([label, forecast, actual]) => (
            <tr key={label}>
              <th scope="row">{label}</th>
              <td>{formatDuration(forecast)}</td>
              <td>{actual === null ? 'not told' : formatDuration(actual)}</td>
              <td>
                {actual === null
                  ? ''
                  : Math.abs(actual - forecast) < 45
                    ? 'right'
                    : `${formatDuration(Math.abs(actual - forecast))} ${actual > forecast ? 'longer' : 'shorter'}`}
              </td>
            </tr>
          ))}
          {c && (
            <tr>
              <th scope="row">Sauce when the pin dropped</th>
              <td>{formatMass(c.sauce.forecastG, kitchen.units)}</td>
              <td>
                {c.sauce.actualG === null ? 'not measured' : formatMass(c.sauce.actualG, kitchen.units)}
              </td>
              <td>
                {c.sauce.actualG === null
                  ? ''
                  : `${Math.round(((c.sauce.actualG - c.sauce.forecastG) / c.sauce.forecastG) * 100)} %`}
              </td>
            </tr>
          )}
        </tbody>
      </table>
      {cook.overruled.length > 0 && (
        <p className="small">
          <strong>Cooked against a stop:</strong> {cook.overruled.join('; ')}.
        </p>
      )}
      {cook.isSimulated && (
        <p className="small soft">With a simulated kitchen: nothing is learned from it about the real pot.</p>
      )}
      {differences.length > 0 && (
        <section className="mt-3" aria-label="What differed">
          <h2 className="h5">What differed, and probably why</h2>
          <ul>
            {differences.map((d) => (
              <li key={d.text}>
                {d.text} <span className="soft">{d.why}</span>
              </li>
            ))}
          </ul>
        </section>
      )}
      <Photo cookId={cook.cookId} name={cook.dish?.name ?? 'The dish'} />
      <dl className="facts">
        {cook.coreC !== null && (
          <>
            <dt>Core, by thermometer</dt>
            <dd>{formatTemp(cook.coreC, kitchen.units)}</dd>
          </>
        )}
        {cook.sauce && cook.sauce.starchG > 0 && cook.sauce.thickener && (
          <>
            <dt>Stirred in</dt>
            <dd>
              {formatMass(cook.sauce.starchG)} {thickenerById(cook.sauce.thickener as ThickenerId).name} in{' '}
              {formatMass(cook.sauce.waterG)} water, for {cook.sauce.aim}
            </dd>
          </>
        )}
        {cook.troubles.length > 0 && (
          <>
            <dt>Trouble on the way</dt>
            <dd>
              {cook.troubles
                .map(
                  (t) =>
                    `${t.kind === 'burn' ? 'it called a burn' : 'it did not come to pressure'}, ${clock(t.at)}`,
                )
                .join('; ')}
            </dd>
          </>
        )}
        {Object.values(cook.done).some((d) => d.skipped) && (
          <>
            <dt>Skipped</dt>
            <dd>
              {Object.entries(cook.done)
                .filter(([, d]) => d.skipped)
                .map(([id, d]) => `${titles.get(id) ?? id} (${d.skipped?.toLowerCase()})`)
                .join(', ')}
            </dd>
          </>
        )}
      </dl>
      {notes.length > 0 && (
        <section className="notice mt-3">
          <h2>Next time</h2>
          <ul className="mb-2 mt-2">
            {notes.map((n) => (
              <li key={n}>{n}</li>
            ))}
          </ul>
          {dish && fresh.length > 0 && (
            <Button
              size="sm"
              onClick={() =>
                void editDish(dish.id, 'notes for next time', (d) => ({
                  ...d,
                  nextTime: [...d.nextTime, ...fresh].slice(-50),
                })).then(() => say('Written into the dish.'))
              }
            >
              Write it into the dish
            </Button>
          )}
          {dish && fresh.length === 0 && <span className="small soft">Written into the dish.</span>}
        </section>
      )}
      <div className="d-flex gap-2 mt-4 no-print">
        {dish && (
          <Link className="btn btn-primary" to={`/dish/${dish.id}`}>
            To the dish
          </Link>
        )}
        {readings.length > 0 && (
          <Button
            variant="quiet"
            onClick={() =>
              void allReadings(cook.cookId).then((rows) =>
                saveText('readings.csv', writeReadings(rows), 'text/csv'),
              )
            }
          >
            Save the readings
          </Button>
        )}
        <Button variant="quiet" onClick={() => void remove()}>
          Remove this cook
        </Button>
      </div>
    </div>
  );
}
