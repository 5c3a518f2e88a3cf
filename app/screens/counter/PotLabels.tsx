import { formatVolume, type DisplayUnits, type Layer, type Plan } from '../../../core/index';
import { spreadLabels, type Label } from './labels';
import { TOP_Y, type PotDrawing } from './potDrawing';

/** What lies in the pot, beside it. */
export function LayerLabels({
  layers,
  drawing: { left, y, floorY, size },
}: {
  layers: readonly Layer[];
  drawing: PotDrawing;
}) {
  const labels = spreadLabels(
    layers
      .filter((l) => l.id !== 'rack')
      .map((l) => ({
        key: l.id,
        at: (y(l.bottomMm) + y(l.topMm)) / 2 + 4,
        text: l.label,
        ...(l.id === 'tomato' && !l.cost ? { sub: 'not stirred in' } : l.cost ? { sub: 'moved' } : {}),
      })),
    TOP_Y,
    floorY,
  );
  return (
    <g pointerEvents="none">
      {labels.map((l) => (
        <g key={l.key} className="pot-label">
          <path
            d={`M${left - size.label + 4} ${l.y - 4}L${left - 6} ${l.at - 4}`}
            stroke="var(--ink-soft)"
            strokeWidth="1"
          />
          <text x={left - size.label} y={l.y} textAnchor="end">
            {l.text.length > size.longest ? `${l.text.slice(0, size.longest - 1)}…` : l.text}
          </text>
          {l.sub && (
            <text x={left - size.label} y={l.y + 16} textAnchor="end" className="pot-sub">
              {l.sub}
            </text>
          )}
        </g>
      ))}
    </g>
  );
}

/** The levels that count, on its other side. */
export function LevelLabels({
  plan,
  units,
  drawing: { right, y, floorY },
  isOver,
}: {
  plan: Plan;
  units: DisplayUnits;
  drawing: PotDrawing;
  isOver: boolean;
}) {
  const { fill, liquid, pot } = plan;
  const levels: (Omit<Label, 'y'> & { mm: number })[] = [
    {
      key: 'limit',
      mm: fill.limitMm,
      at: y(fill.limitMm) + 4,
      text: 'fill line',
      sub: formatVolume(pot.litres * 1000 * fill.limitShare, units),
      className: isOver ? 'label-stop' : 'label-line',
    },
    {
      key: 'thin',
      mm: fill.thinMm,
      at: y(fill.thinMm) + 4,
      text: `thin ${formatVolume(Math.max(0, liquid.countedMl.mid), units)}`,
      className: 'label-water',
    },
    {
      key: 'need',
      mm: fill.needMm,
      at: y(fill.needMm) + 4,
      text: `needs ${formatVolume(liquid.needMl, units)}`,
      className: '',
    },
  ];
  const mmOf = (key: string): number => levels.find((l) => l.key === key)?.mm ?? 0;
  return (
    <g pointerEvents="none">
      {spreadLabels(levels, TOP_Y, floorY).map((l) => (
        <g key={l.key} className={`pot-label ${l.className ?? ''}`}>
          <path
            d={`M${right + 8} ${y(mmOf(l.key))}L${right + 18} ${l.y - 4}`}
            stroke="currentColor"
            strokeWidth="1"
          />
          <text x={right + 21} y={l.y}>
            {l.text}
          </text>
          {l.sub && (
            <text x={right + 21} y={l.y + 16} className="pot-sub">
              {l.sub}
            </text>
          )}
        </g>
      ))}
    </g>
  );
}
