import type { Severity } from '../../core/index';

const WORDS: Record<Severity, string> = { stop: 'Stop', careful: 'Careful', fine: 'Fine', note: 'Note' };

/** Severity by shape and word as well as colour: eight sides, a triangle, a ring with a tick, a bar. */
export function SeverityMark({ severity }: { severity: Severity }) {
  return (
    <svg
      className={`severity severity-${severity}`}
      viewBox="0 0 24 24"
      role="img"
      aria-label={WORDS[severity]}
    >
      {severity === 'stop' && (
        <>
          <path d="M8 2h8l6 6v8l-6 6H8l-6-6V8z" fill="currentColor" />
          <path d="M6.5 12h11" stroke="var(--enamel)" strokeWidth="3" />
        </>
      )}
      {severity === 'careful' && (
        <>
          <path
            d="M12 2.5 23 21.5H1z"
            fill="none"
            stroke="currentColor"
            strokeWidth="2.4"
            strokeLinejoin="round"
          />
          <path d="M12 9.5v6M12 17v2" stroke="currentColor" strokeWidth="2.4" />
        </>
      )}
      {severity === 'fine' && (
        <>
          <circle cx="12" cy="12" r="9.5" fill="none" stroke="currentColor" strokeWidth="2.4" />
          <path d="m7.5 12.5 3 3 6-7" fill="none" stroke="currentColor" strokeWidth="2.4" />
        </>
      )}
      {severity === 'note' && <path d="M4 5h16M4 12h16M4 19h9" stroke="currentColor" strokeWidth="2.6" />}
    </svg>
  );
}
