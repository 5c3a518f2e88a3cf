/**
 * A drawn spoon for a strength in per cent of cornstarch: thin sauce runs off in a thread, thicker coats the bowl, the
 * thickest hangs in a blob. Our own drawing; decoration, the words say the same.
 */
export function Spoon({ percent, glaze = false }: { percent: number; glaze?: boolean }) {
  const p = Math.min(5, Math.max(0, percent));
  const coat = Math.min(1, p / 3.2);
  const drop = 10 + p * 4.4;
  const run = Math.max(6, 46 - p * 8);
  const colour = glaze ? 'var(--m-bloom)' : 'var(--m-dairy)';
  return (
    <svg className="spoon" viewBox="0 0 120 92" aria-hidden="true">
      <path d="M118 12 74 30" stroke="var(--iron)" strokeWidth="6" strokeLinecap="round" />
      <ellipse
        cx="46"
        cy="36"
        rx="36"
        ry="17"
        fill="var(--enamel-raised)"
        stroke="var(--iron)"
        strokeWidth="3.5"
        transform="rotate(-12 46 36)"
      />
      <ellipse
        cx="46"
        cy="36"
        rx={33}
        ry={14}
        fill={colour}
        opacity={0.14 + coat * 0.78}
        transform="rotate(-12 46 36)"
      />
      {p > 1.8 && (
        <path
          d="M24 40q22-10 44-12"
          stroke="var(--enamel-raised)"
          strokeWidth={Math.max(0.6, (p - 1.6) * 1.5)}
          fill="none"
          opacity=".85"
        />
      )}
      <path
        d={`M${34 - drop / 2} 50q${drop / 2} ${run * 0.4} ${drop / 2} ${run * 0.7}t${drop / 2}-${run * 0.7}`}
        fill={colour}
        opacity={0.3 + coat * 0.6}
      />
      {p < 1.7 && (
        <path
          d={`M34 ${50 + run * 0.6}v${28 - p * 6}`}
          stroke={colour}
          strokeWidth={2 + p}
          strokeLinecap="round"
          opacity=".6"
        />
      )}
      {glaze && (
        <path
          d="M22 32q14-9 34-9"
          stroke="#fff"
          strokeWidth="2.5"
          fill="none"
          strokeLinecap="round"
          opacity=".8"
        />
      )}
    </svg>
  );
}
