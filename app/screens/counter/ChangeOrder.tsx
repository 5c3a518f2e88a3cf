import { useEffect, useRef, useState } from 'react';
import Form from 'react-bootstrap/Form';
import {
  addAct,
  dropAct,
  formatNumber,
  giveLine,
  looseLines,
  moveAct,
  setActMinutes,
  VERBS,
  verbLabel,
  type ActRow,
  type Plan,
  type Script,
} from '../../../core/index';
import { useSay } from '../../parts/Toasts';
import type { EditDish } from './edit';

const CHOICES = VERBS.map((v) => ({ id: v.id, label: verbLabel(v.id) })).sort((a, b) =>
  a.label.localeCompare(b.label),
);

/** The acts as a list that can be put in another order: earlier, later, away, one more, other minutes, a line somewhere else. */
export function ChangeOrder({
  plan,
  script,
  rows,
  edit,
}: {
  plan: Plan;
  script: Script;
  rows: readonly ActRow[];
  edit: EditDish;
}) {
  const say = useSay();
  const list = useRef<HTMLOListElement>(null);
  // The act just moved keeps the focus, wherever it went.
  const [moved, setMoved] = useState<{ id: string; by: -1 | 1 } | null>(null);
  useEffect(() => {
    if (!moved) return;
    const row = list.current?.querySelector(`[data-act="${moved.id}"]`);
    const wanted = row?.querySelector<HTMLButtonElement>(moved.by < 0 ? '.goes-up' : '.goes-down');
    (wanted?.disabled ? row?.querySelector<HTMLButtonElement>('button:not(:disabled)') : wanted)?.focus();
  }, [moved, rows]);

  const move = (row: ActRow, by: -1 | 1): void => {
    edit(`“${row.title}” ${by < 0 ? 'earlier' : 'later'}`, (d) => moveAct(d, script, row.id, by));
    setMoved({ id: row.id, by });
  };
  const drop = (row: ActRow): void => {
    edit(`left out “${row.title}”`, (d) => dropAct(d, script, row.id));
    say(
      row.lines.length
        ? `Left out: ${row.title}. ${row.lines.map((l) => l.name).join(', ')} goes in where the table puts it.`
        : `Left out: ${row.title}.`,
    );
    list.current?.focus();
  };
  const loose = looseLines(plan);
  const lines = [...rows.flatMap((r) => r.lines), ...loose].filter(
    (l, i, all) => all.findIndex((m) => m.lineId === l.lineId) === i,
  );
  return (
    <>
      {loose.length > 0 && (
        <p className="small goes-loose">
          Named by no act, so the table puts them in: {loose.map((l) => l.name).join(', ')}.
        </p>
      )}
      <ol className="goes-acts" ref={list} tabIndex={-1} aria-label="The acts, in order">
        {rows.map((row) => (
          <li key={row.id} data-act={row.id} className={row.isOfThePot ? 'is-pot' : ''}>
            <div className="goes-head">
              <strong>{row.title}</strong>
              {!row.isOfThePot && (
                <span className="goes-moves">
                  <button
                    type="button"
                    className="goes-up"
                    aria-label={`${row.title}: earlier`}
                    disabled={!row.canGoUp}
                    onClick={() => move(row, -1)}
                  >
                    ↑
                  </button>
                  <button
                    type="button"
                    className="goes-down"
                    aria-label={`${row.title}: later`}
                    disabled={!row.canGoDown}
                    onClick={() => move(row, 1)}
                  >
                    ↓
                  </button>
                  <button type="button" aria-label={`Leave out: ${row.title}`} onClick={() => drop(row)}>
                    ✕
                  </button>
                </span>
              )}
            </div>
            {row.lines.length + row.again.length > 0 && (
              <p className="small mb-0">
                {[
                  ...row.lines.map((l) =>
                    l.share < 0.999 ? `${l.name} (${formatNumber(l.share * 100)} %)` : l.name,
                  ),
                  ...(row.again.length ? [`done to ${row.again.join(', ')}`] : []),
                ].join(' · ')}
              </p>
            )}
            {row.words && <blockquote>{row.words}</blockquote>}
            {(!row.isOfThePot || row.canBeFollowed) && (
              <details className="goes-more">
                <summary className="small">
                  {row.isOfThePot
                    ? 'Something to do after it'
                    : `Minutes${row.minutes === null ? '' : ` (${formatNumber(row.minutes)})`}, lines, something after it`}
                </summary>
                {!row.isOfThePot && (
                  <div className="goes-fields">
                    <Form.Label className="small">
                      Minutes
                      <Form.Control
                        size="sm"
                        type="number"
                        min={0}
                        max={240}
                        inputMode="numeric"
                        value={row.minutes ?? ''}
                        placeholder="usual"
                        onChange={(e) => {
                          const minutes = e.target.value === '' ? null : Number(e.target.value);
                          edit(
                            `minutes of “${row.title}”`,
                            (d) => setActMinutes(d, script, row.id, minutes),
                            `act-${row.id}`,
                          );
                        }}
                      />
                    </Form.Label>
                    <Form.Label className="small">
                      Bring here
                      <Form.Select
                        size="sm"
                        value=""
                        onChange={(e) => {
                          const line = lines.find((l) => l.lineId === e.target.value);
                          if (line)
                            edit(`${line.name} to “${row.title}”`, (d) =>
                              giveLine(d, script, line.lineId, row.id),
                            );
                        }}
                      >
                        <option value="">a line…</option>
                        {lines
                          .filter((l) => !row.lines.some((m) => m.lineId === l.lineId))
                          .map((l) => (
                            <option key={l.lineId} value={l.lineId}>
                              {l.name}
                            </option>
                          ))}
                      </Form.Select>
                    </Form.Label>
                  </div>
                )}
                {row.canBeFollowed && (
                  <Form.Label className="small goes-add">
                    Then also
                    <Form.Select
                      size="sm"
                      value=""
                      onChange={(e) => {
                        const verb = e.target.value;
                        if (verb)
                          edit(`one more act: ${verbLabel(verb)}`, (d) => addAct(d, script, verb, row.id));
                      }}
                    >
                      <option value="">something to do…</option>
                      {CHOICES.map((c) => (
                        <option key={c.id} value={c.id}>
                          {c.label}
                        </option>
                      ))}
                    </Form.Select>
                  </Form.Label>
                )}
              </details>
            )}
          </li>
        ))}
      </ol>
    </>
  );
}
