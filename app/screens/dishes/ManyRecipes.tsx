import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import ProgressBar from 'react-bootstrap/ProgressBar';
import { Link, useNavigate } from 'react-router';
import { pantryFor, USUAL_PLATES } from '../../../core/index';
import { counted } from '../../parts/counted';
import { OpenFiles } from '../../parts/OpenFile';
import { useSay } from '../../parts/Toasts';
import { useTitle } from '../../parts/title';
import { createDishes } from '../../store/fromPage';
import { useDishes, useKitchen } from '../../store/live';
import { startRecipes } from '../../workers/client';
import { reportOf, textsOf, type NotTaken, type ReportRow } from './manyFiles';

/** Files that were not taken are named up to so many. */
const MOST_NAMED = 12;

/** What a row says of itself. */
function stateOf({ there, asks, recipe }: ReportRow): string {
  if (there) return 'On the shelf already';
  if (asks) return `${counted(asks, 'line')} to look at`;
  return recipe.method ? 'Ready' : 'Ready, without a method';
}

interface Report {
  rows: ReportRow[];
  not: NotTaken[];
}

/** Many recipes at once: a folder, a zip or some files, read away from the screen, and a report before anything is put on the shelf. */
export default function ManyRecipes() {
  useTitle('Many recipes');
  const kitchen = useKitchen();
  const dishes = useDishes();
  const navigate = useNavigate();
  const say = useSay();
  const [reading, setReading] = useState<{ done: number; of: number; stop: () => void } | null>(null);
  const [report, setReport] = useState<Report | null>(null);
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  if (!kitchen || !dishes) return <p className="loading">One moment…</p>;

  const read = async (files: File[]): Promise<void> => {
    let isLeft = false;
    setReport(null);
    setReading({ done: 0, of: files.length, stop: () => (isLeft = true) });
    const { texts, not } = await textsOf(files);
    if (isLeft) return;
    const stop = startRecipes(
      { files: texts, ownFoods: kitchen.ownFoods },
      (done) => setReading((now) => now && { ...now, done }),
      (found) => {
        const made = reportOf(texts, found, dishes);
        setReport({ rows: made.rows, not: [...not, ...made.not] });
        setLeft(new Set(made.rows.filter((r) => r.there).map((r) => r.id)));
        setReading(null);
      },
    );
    setReading((now) => now && { ...now, of: texts.length, stop });
  };
  const begin = (files: File[]): void =>
    void read(files).catch(() => {
      setReading(null);
      say('Those files could not be read. Nothing was changed.');
    });
  const chosen = report?.rows.filter((r) => !left.has(r.id)) ?? [];
  const put = async (): Promise<void> => {
    const takeBack = await createDishes(
      chosen.map((r) => ({ recipe: r.recipe, name: r.name, plates: r.recipe.plates ?? USUAL_PLATES })),
      pantryFor(kitchen),
    );
    say(`${counted(chosen.length, 'dish is', 'dishes are')} on the shelf.`, {
      label: 'Take them back',
      run: () => void takeBack(),
    });
    await navigate('/');
  };
  const turn = (id: string): void =>
    setLeft((now) => {
      const next = new Set(now);
      if (!next.delete(id)) next.add(id);
      return next;
    });
  return (
    <div className="page">
      <div className="page-head">
        <div>
          <h1>Many recipes at once</h1>
          <p className="soft mb-0">
            Text, Markdown, saved pages and recipe data, by themselves, in a folder or in a zip. Nothing is
            put on the shelf before you have seen the report.
          </p>
        </div>
        <Link className="btn btn-quiet" to="/dishes/new">
          One recipe
        </Link>
      </div>
      <div className="d-flex flex-wrap gap-2 mb-3">
        <OpenFiles accept=".txt,.text,.md,.markdown,.html,.htm,.json,.jsonld,.zip" onFiles={begin}>
          Files or a zip…
        </OpenFiles>
        <OpenFiles isFolder onFiles={begin}>
          A whole folder…
        </OpenFiles>
      </div>
      {reading && (
        <div className="d-flex align-items-center gap-3" role="status">
          <ProgressBar
            className="flex-grow-1"
            now={reading.of ? (100 * reading.done) / reading.of : 0}
            aria-label="Reading the recipes"
          />
          <span className="small">
            {reading.done} of {reading.of}
          </span>
          <Button
            variant="quiet"
            onClick={() => {
              reading.stop();
              setReading(null);
            }}
          >
            Leave off
          </Button>
        </div>
      )}
      {report && (
        <section aria-labelledby="report">
          <h2 id="report">
            {report.rows.length ? counted(report.rows.length, 'recipe') : 'No recipe was found'}
          </h2>
          {report.rows.length > 0 && (
            <>
              <Rows rows={report.rows} left={left} turn={turn} />
              <Button
                disabled={!chosen.length}
                onClick={() =>
                  void put().catch(() => say('The dishes could not be written down. The report stays here.'))
                }
              >
                Put {counted(chosen.length, 'dish', 'dishes')} on the shelf
              </Button>
            </>
          )}
          <Left not={report.not} />
        </section>
      )}
    </div>
  );
}

function Rows({
  rows,
  left,
  turn,
}: {
  rows: readonly ReportRow[];
  left: ReadonlySet<string>;
  turn: (id: string) => void;
}) {
  return (
    <div className="many-scroll">
      <table className="clock-table many-table">
        <thead>
          <tr>
            <th scope="col">Take</th>
            <th scope="col">Dish</th>
            <th scope="col">Lines</th>
            <th scope="col">Plates</th>
            <th scope="col">How it reads</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <tr key={row.id}>
              <td>
                <Form.Check
                  checked={!left.has(row.id)}
                  onChange={() => turn(row.id)}
                  aria-label={`Take ${row.name}`}
                />
              </td>
              <th scope="row">
                {row.name}
                <small>{row.file}</small>
              </th>
              <td>{row.recipe.lines.length}</td>
              <td>{row.recipe.plates ?? `${USUAL_PLATES}?`}</td>
              <td>{stateOf(row)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

/** Files of which nothing was taken, and why. */
function Left({ not }: { not: readonly NotTaken[] }) {
  if (!not.length) return null;
  return (
    <details className="mt-3">
      <summary>{counted(not.length, 'file was', 'files were')} not taken</summary>
      <ul className="small">
        {not.slice(0, MOST_NAMED).map(({ name, why }) => (
          <li key={name} className="many-left">
            {name}: {why}
          </li>
        ))}
        {not.length > MOST_NAMED && <li>… and {not.length - MOST_NAMED} more</li>}
      </ul>
    </details>
  );
}
