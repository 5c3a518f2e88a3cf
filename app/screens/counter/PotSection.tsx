import { formatVolume, type DisplayUnits, type Layer, type Plan } from '../../../core/index';
import { spreadLabels } from './labels';

const W = 604;
const INNER_W = 304;
const MOST_H = 360;
const TOP_Y = 26;
const BELOW = 62;
const CENTRE = 308;
const WALL = 6;

const TINTS = ['onion', 'root', 'meat', 'veg', 'grain', 'leaf', 'tomato', 'dairy', 'fruit'] as const;

/** Own textures: onion crescents, meat ovals, cubes, grains, tubes, leaves, thick waves. */
function Patterns() {
  return (
    <defs>
      {TINTS.map((tint) => (
        <g key={tint} style={{ color: `var(--f-${tint}-line)` }}>
          <pattern id={`slices-${tint}`} width="34" height="15" patternUnits="userSpaceOnUse">
            <rect width="34" height="15" fill={`var(--f-${tint})`} />
            <path d="M3 11q8-10 16 0M20 6q7-9 14 0" fill="none" stroke="currentColor" strokeWidth="1.6" />
          </pattern>
          <pattern id={`pieces-${tint}`} width="62" height="36" patternUnits="userSpaceOnUse">
            <rect width="62" height="36" fill={`var(--f-${tint})`} />
            <path
              d="M4 12q4-9 16-8t14 8q-2 8-16 8T4 12zM36 27q4-8 13-7t11 7q-3 7-12 7t-12-7z"
              fill="currentColor"
              opacity=".38"
            />
          </pattern>
          <pattern id={`cubes-${tint}`} width="30" height="24" patternUnits="userSpaceOnUse">
            <rect width="30" height="24" fill={`var(--f-${tint})`} />
            <path d="M3 4h9v8H3zM17 11l9-2 2 8-9 2z" fill="currentColor" opacity=".45" />
          </pattern>
          <pattern id={`chunks-${tint}`} width="44" height="26" patternUnits="userSpaceOnUse">
            <rect width="44" height="26" fill={`var(--f-${tint})`} />
            <path d="M4 14 12 4l11 5-5 10zM26 17l9-6 7 6-6 7z" fill="currentColor" opacity=".42" />
          </pattern>
          <pattern id={`grains-${tint}`} width="20" height="14" patternUnits="userSpaceOnUse">
            <rect width="20" height="14" fill={`var(--f-${tint})`} />
            <g fill="currentColor" opacity=".6">
              <ellipse cx="5" cy="4" rx="3" ry="1.7" />
              <ellipse cx="15" cy="10" rx="3" ry="1.7" transform="rotate(30 15 10)" />
            </g>
          </pattern>
          <pattern id={`tubes-${tint}`} width="34" height="20" patternUnits="userSpaceOnUse">
            <rect width="34" height="20" fill={`var(--f-${tint})`} />
            <path d="M3 5h12M19 14h12" stroke="currentColor" strokeWidth="5" opacity=".5" />
          </pattern>
          <pattern id={`leaves-${tint}`} width="30" height="20" patternUnits="userSpaceOnUse">
            <rect width="30" height="20" fill={`var(--f-${tint})`} />
            <path d="M2 14Q9 2 17 8 12 17 2 14M17 17q6-9 12-5-3 8-12 5" fill="currentColor" opacity=".45" />
          </pattern>
          <pattern id={`thick-${tint}`} width="46" height="14" patternUnits="userSpaceOnUse">
            <rect width="46" height="14" fill={`var(--f-${tint})`} />
            <path d="M0 8q11-6 23 0t23 0" fill="none" stroke="currentColor" strokeWidth="1.5" opacity=".6" />
          </pattern>
        </g>
      ))}
    </defs>
  );
}

/** The pot cut open, to scale for this household's pot. Every level is computed; the same is said in words below. */
export function PotSection({
  plan,
  units,
  hot,
  onHot,
}: {
  plan: Plan;
  units: DisplayUnits;
  hot: readonly string[];
  onHot: (lineIds: readonly string[]) => void;
}) {
  const { fill, pot, liquid, floor } = plan;
  const tallMm = Math.max(fill.heightMm, fill.topMm * 1.04);
  const scale = Math.min(MOST_H / tallMm, INNER_W / (pot.diameterCm * 10));
  const FLOOR_Y = TOP_Y + tallMm * scale;
  const half = (pot.diameterCm * 10 * scale) / 2;
  const left = CENTRE - half;
  const right = CENTRE + half;
  const y = (mm: number): number => FLOOR_Y - mm * scale;
  const percent = Math.round(fill.shareOfLimit * 100);
  const over = fill.shareOfLimit > 1;
  const thinMl = Math.max(0, liquid.countedMl.mid);

  const layerLabels = spreadLabels(
    fill.layers.map((l) => ({
      key: l.id,
      at: (y(l.bottomMm) + y(l.topMm)) / 2 + 4,
      text: l.label,
      ...(l.id === 'tomato' ? { sub: 'not stirred in' } : {}),
    })),
    TOP_Y,
    FLOOR_Y,
  );
  const levels = spreadLabels(
    [
      {
        key: 'limit',
        at: y(fill.limitMm) + 4,
        text: 'fill line',
        sub: formatVolume(pot.litres * 1000 * fill.limitShare, units),
        className: over ? 'label-stop' : 'label-line',
      },
      {
        key: 'thin',
        at: y(fill.thinMm) + 4,
        text: `thin ${formatVolume(thinMl, units)}`,
        className: 'label-water',
      },
      {
        key: 'need',
        at: y(fill.needMm) + 4,
        text: `needs ${formatVolume(liquid.needMl, units)}`,
        className: '',
      },
    ],
    TOP_Y,
    FLOOR_Y,
  );
  const levelAt: Record<string, number> = { limit: fill.limitMm, thin: fill.thinMm, need: fill.needMm };
  return (
    <div className="pot">
      <svg viewBox={`0 0 ${W} ${FLOOR_Y + BELOW}`} role="img" aria-labelledby="pot-words">
        <Patterns />
        <clipPath id="inside">
          <path
            d={`M${left} 0V${FLOOR_Y - 12}Q${left} ${FLOOR_Y} ${left + 12} ${FLOOR_Y}H${right - 12}Q${right} ${FLOOR_Y} ${right} ${FLOOR_Y - 12}V0z`}
          />
        </clipPath>
        <g clipPath="url(#inside)">
          <rect
            x={left}
            y={y(fill.heightMm)}
            width={half * 2}
            height={FLOOR_Y - y(fill.heightMm)}
            fill="var(--enamel-raised)"
          />
          {fill.layers.map((l) => (
            <PotLayer
              key={l.id}
              layer={l}
              left={left}
              width={half * 2}
              y={y}
              lit={l.lineIds.some((id) => hot.includes(id))}
              onHot={onHot}
            />
          ))}
          {fill.liquidMm > 0 && (
            <rect
              className="pot-move"
              x={left}
              y={y(fill.liquidMm)}
              width={half * 2}
              height={FLOOR_Y - y(fill.liquidMm)}
              fill="var(--f-water)"
              pointerEvents="none"
            />
          )}
        </g>
        <path
          d={`M${left - WALL / 2} ${y(fill.heightMm)}V${FLOOR_Y - 10}Q${left - WALL / 2} ${FLOOR_Y + WALL / 2} ${left + 12} ${FLOOR_Y + WALL / 2}H${right - 12}Q${right + WALL / 2} ${FLOOR_Y + WALL / 2} ${right + WALL / 2} ${FLOOR_Y - 10}V${y(fill.heightMm)}`}
          fill="none"
          stroke="var(--iron)"
          strokeWidth={WALL}
          strokeLinecap="round"
        />
        <path
          d={`M${left - 16} ${y(fill.heightMm) + 4}h10M${right + 6} ${y(fill.heightMm) + 4}h10`}
          stroke="var(--iron)"
          strokeWidth="8"
          strokeLinecap="round"
        />
        <line className="pot-limit" x1={left - 8} x2={right + 8} y1={y(fill.limitMm)} y2={y(fill.limitMm)} />
        <line
          x1={left}
          x2={right}
          y1={y(fill.needMm)}
          y2={y(fill.needMm)}
          stroke="var(--ink)"
          strokeWidth="2"
          strokeDasharray="2 5"
        />
        <line
          x1={left}
          x2={right}
          y1={y(fill.thinMm)}
          y2={y(fill.thinMm)}
          stroke="var(--f-water-line)"
          strokeWidth="3.5"
        />
        {layerLabels.map((l) => (
          <g key={l.key} className="pot-label">
            <path
              d={`M${left - 26} ${l.y - 4}L${left - 8} ${l.at - 4}`}
              stroke="var(--ink-soft)"
              strokeWidth="1"
            />
            <text x={left - 30} y={l.y} textAnchor="end">
              {l.text.length > 15 ? `${l.text.slice(0, 14)}…` : l.text}
            </text>
            {l.sub && (
              <text x={left - 30} y={l.y + 16} textAnchor="end" className="pot-sub">
                {l.sub}
              </text>
            )}
          </g>
        ))}
        {levels.map((l) => (
          <g key={l.key} className={`pot-label ${l.className ?? ''}`}>
            <path
              d={`M${right + 10} ${y(levelAt[l.key] ?? 0)}L${right + 24} ${l.y - 4}`}
              stroke="currentColor"
              strokeWidth="1"
            />
            <text x={right + 28} y={l.y}>
              {l.text}
            </text>
            {l.sub && (
              <text x={right + 28} y={l.y + 16} className="pot-sub">
                {l.sub}
              </text>
            )}
          </g>
        ))}
        {fill.layers.length === 0 && thinMl < 1 && (
          <text x={CENTRE} y={(FLOOR_Y + y(fill.heightMm)) / 2} textAnchor="middle" className="pot-sub">
            empty
          </text>
        )}
        {fill.topMm > 0 && y(fill.topMm) - 34 > y(fill.heightMm) && (
          <text
            x={CENTRE}
            y={Math.min(y(fill.topMm), y(fill.limitMm)) - 12}
            textAnchor="middle"
            className={`pot-percent ${over ? 'label-stop' : ''}`}
          >
            {percent} % of the fill line
          </text>
        )}
        <g aria-hidden="true">
          {Array.from({ length: 9 }, (_, i) => (
            <path
              key={i}
              d={`M${CENTRE - half * 0.72 + (i * half * 1.44) / 8} ${FLOOR_Y + 12}v7`}
              stroke={floor.level === 'low' ? 'var(--careful)' : 'var(--stop)'}
              strokeWidth={2.5 + floor.risk * 5}
              strokeLinecap="round"
            />
          ))}
        </g>
        <text
          x={CENTRE}
          y={FLOOR_Y + 44}
          textAnchor="middle"
          className={`pot-floor pot-floor-${floor.level}`}
        >
          Floor: {floor.touching}. {{ low: 'Low', some: 'Some', high: 'High' }[floor.level]} scorch risk
        </text>
      </svg>
      <Ledger plan={plan} units={units} />
      <details className="pot-words small">
        <summary id="pot-words">
          {over ? 'Too full: ' : ''}
          {percent} % of the fill line, thin liquid {formatVolume(thinMl, units)} of{' '}
          {formatVolume(liquid.needMl, units)}
        </summary>
        <p className="mb-1">From the floor up:</p>
        <ol>
          {fill.layers.map((l) => (
            <li key={l.id}>
              {l.label}, {Math.round(l.topMm - l.bottomMm)} mm. {l.why}
            </li>
          ))}
        </ol>
        <p className="mb-1">
          What may catch:{' '}
          {floor.parts.length
            ? floor.parts.map((p) => `${p.label} ${Math.round(p.risk * 100)} %`).join(', ')
            : 'nothing much'}
          .
        </p>
        <p className="mb-0">
          Sauce when the pin drops: {formatVolume(liquid.sauceAfterG.low, units)} to{' '}
          {formatVolume(liquid.sauceAfterG.high, units)}.
        </p>
      </details>
    </div>
  );
}

function PotLayer({
  layer,
  left,
  width,
  y,
  lit,
  onHot,
}: {
  layer: Layer;
  left: number;
  width: number;
  y: (mm: number) => number;
  lit: boolean;
  onHot: (lineIds: readonly string[]) => void;
}) {
  return (
    <g onMouseEnter={() => onHot(layer.lineIds)} onMouseLeave={() => onHot([])}>
      <title>{`${layer.label}: ${layer.why}`}</title>
      <rect
        className="pot-move"
        x={left}
        y={y(layer.topMm)}
        width={width}
        height={Math.max(0, y(layer.bottomMm) - y(layer.topMm))}
        fill={`url(#${layer.texture}-${layer.tint})`}
      />
      {lit && (
        <rect
          x={left + 2}
          y={y(layer.topMm) + 2}
          width={width - 4}
          height={Math.max(0, y(layer.bottomMm) - y(layer.topMm) - 4)}
          fill="none"
          stroke="var(--accent)"
          strokeWidth="3"
        />
      )}
    </g>
  );
}

/** The thin-liquid sum as a bar: what is poured, what is taken away, against what this pot needs. */
function Ledger({ plan, units }: { plan: Plan; units: DisplayUnits }) {
  const { liquid } = plan;
  const parts = liquid.entries
    .filter((e) => e.counts && Math.abs(e.ml.mid) >= 3)
    .sort((a, b) => b.ml.mid - a.ml.mid);
  const plus = parts.filter((e) => e.ml.mid > 0);
  const minus = parts.filter((e) => e.ml.mid < 0);
  const top =
    Math.max(
      liquid.needMl * 1.25,
      plus.reduce((s, e) => s + e.ml.mid, 0),
    ) * 1.02;
  const share = (ml: number): string => `${(100 * ml) / top}%`;
  return (
    <div className="ledger">
      <div className="ledger-bar" aria-hidden="true">
        {plus.map((e, i) => (
          <span
            key={`${e.label}-${i}`}
            className={`ledger-${e.kind}`}
            style={{ width: share(e.ml.mid) }}
            title={`${e.label}: ${e.why}`}
          />
        ))}
        <i style={{ left: share(liquid.needMl) }} />
      </div>
      <p className="small mb-0">
        {plus.map((e) => `${formatVolume(e.ml.mid, units)} ${e.label}`).join(' + ') || 'Nothing thin'}
        {minus.length > 0 &&
          ` − ${minus.map((e) => `${formatVolume(-e.ml.mid, units)} ${e.label}`).join(' − ')}`}
        {' = '}
        <strong>{formatVolume(Math.max(0, liquid.countedMl.mid), units)}</strong>, this pot needs{' '}
        {formatVolume(liquid.needMl, units)}. When the pin drops: about{' '}
        <strong>{formatVolume(liquid.sauceAfterG.mid, units)}</strong> of sauce.
      </p>
    </div>
  );
}
