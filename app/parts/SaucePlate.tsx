/**
 * A drawn plate with a ladle of sauce of a strength in per cent of cornstarch: thin sauce runs to the rim, thicker stands in a pool, the
 * thickest in a mound that casts a shade. Our own drawing; decoration, the words say the same.
 */
export function SaucePlate({ percent, glaze = false }: { percent: number; glaze?: boolean }) {
  const p = Math.min(5, Math.max(0, percent));
  // The same ladle spreads less the thicker it is.
  const wide = 46 - p * 5.2;
  const high = Math.min(9, p * 1.8);
  const colour = glaze ? 'var(--m-bloom)' : 'var(--m-dairy)';
  return (
    <svg className="sauce-plate" viewBox="0 0 120 92" aria-hidden="true">
      <ellipse
        cx="60"
        cy="52"
        rx="57"
        ry="30"
        fill="var(--enamel-raised)"
        stroke="var(--iron)"
        strokeWidth="3"
      />
      <ellipse cx="60" cy="51" rx="45" ry="22" fill="none" stroke="var(--rule)" strokeWidth="2" />
      <ellipse cx="60" cy={53} rx={wide} ry={wide * 0.47} fill={colour} opacity={0.25 + p * 0.12} />
      <path
        d={`M${60 - wide} 52q${wide * 0.2} -${high} ${wide} -${high}t${wide} ${high}q-${wide * 0.3} ${wide * 0.3} -${wide} ${wide * 0.3}t-${wide} -${wide * 0.3}z`}
        fill={colour}
        opacity={0.2 + p * 0.14}
      />
      {glaze && <path d="M44 46q10-6 22-5" stroke="#fff" strokeWidth="3" fill="none" strokeLinecap="round" />}
    </svg>
  );
}
