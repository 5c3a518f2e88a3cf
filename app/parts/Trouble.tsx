import { useMemo, useState } from 'react';
import Button from 'react-bootstrap/Button';
import { diagnose, type Fix, type Kitchen, type Plan, type TroubleKind } from '../../core/index';

/**
 * A guided diagnosis at the pot: what to do first, then one question at a time in the order of likelihood for this dish,
 * with what to do now and what to change next time.
 */
export function Trouble({
  plan,
  kind,
  units,
  onFix,
  onFound,
}: {
  plan: Plan;
  kind: TroubleKind;
  units: Kitchen['units'];
  /** Takes a change of the dish for next time; left out where the dish cannot be changed. */
  onFix?: (fix: Fix) => void;
  /** Told which cause the cook said yes to, and what to remember. */
  onFound?: (causeId: string, remember: string) => void;
}) {
  const diagnosis = useMemo(() => diagnose(plan, kind, units), [plan, kind, units]);
  const [cleared, setCleared] = useState<readonly string[]>([]);
  const [found, setFound] = useState<string | null>(null);
  const [taken, setTaken] = useState<readonly string[]>([]);
  const left = diagnosis.suspects.filter((s) => !cleared.includes(s.id));
  const asked = left[0];
  const cause = diagnosis.suspects.find((s) => s.id === found);
  return (
    <div className="trouble">
      <ol className="trouble-first">
        {diagnosis.first.map((text) => (
          <li key={text}>{text}</li>
        ))}
      </ol>
      <div aria-live="polite">
        {cause ? (
          <>
            <h3>Now</h3>
            <ol>
              {cause.now.map((text) => (
                <li key={text}>{text}</li>
              ))}
            </ol>
            <p className="trouble-last">{diagnosis.last}</p>
            {(cause.next.length > 0 || cause.remember) && <h3>Next time</h3>}
            {cause.remember && <p className="mb-2">{cause.remember}</p>}
            {onFix && (
              <div className="d-flex flex-wrap gap-2">
                {cause.next.map((fix) => (
                  <Button
                    key={fix.id}
                    size="sm"
                    variant="outline-primary"
                    disabled={taken.includes(fix.id)}
                    onClick={() => {
                      onFix(fix);
                      setTaken([...taken, fix.id]);
                    }}
                  >
                    {taken.includes(fix.id) ? `${fix.label}: done` : fix.label}
                  </Button>
                ))}
              </div>
            )}
            <Button className="mt-3" size="sm" variant="bare" onClick={() => setFound(null)}>
              That was not it
            </Button>
          </>
        ) : asked ? (
          <>
            <p className="soft small mb-1">
              Question {cleared.length + 1} of {diagnosis.suspects.length}, the likeliest first
            </p>
            <h3 className="trouble-ask">{asked.ask}</h3>
            <p>
              {asked.look} <span className="soft">{asked.because}</span>
            </p>
            <div className="d-flex gap-2">
              <Button
                onClick={() => {
                  setFound(asked.id);
                  setCleared([...cleared, asked.id]);
                  onFound?.(asked.id, asked.remember);
                }}
              >
                Yes
              </Button>
              <Button variant="quiet" onClick={() => setCleared([...cleared, asked.id])}>
                No, go on
              </Button>
              {cleared.length > 0 && (
                <Button variant="bare" onClick={() => setCleared(cleared.slice(0, -1))}>
                  Back
                </Button>
              )}
            </div>
          </>
        ) : (
          <>
            <h3>None of these</h3>
            <p>
              Cancel, let it cool and open when the pin is down. The pot’s manual has its own table of faults;
              a cooker with a damaged ring, valve or lid is not used.
            </p>
            <Button size="sm" variant="quiet" onClick={() => setCleared([])}>
              Ask again
            </Button>
          </>
        )}
      </div>
      <details className="mt-3 small">
        <summary>All suspects in this dish and pot</summary>
        <ol className="suspects">
          {diagnosis.suspects.map((s) => (
            <li key={s.id}>
              <span className="suspect-bar" aria-hidden="true">
                <i style={{ width: `${Math.round(s.likelihood * 100)}%` }} />
              </span>
              {s.ask}{' '}
              <span className="soft">
                {Math.round(s.likelihood * 100)} %. {s.because}
              </span>
            </li>
          ))}
        </ol>
      </details>
    </div>
  );
}
