import { useState } from 'react';
import { loadInOrder, type DisplayUnits, type Plan } from '../../../core/index';
import { useCompact } from '../../parts/compact';
import type { EditDish } from './edit';
import { LayerCard } from './LayerCard';
import { movedBy, movedTo } from './layerOrder';
import { Ledger } from './Ledger';
import { drawPot, TOP_Y, WALL } from './potDrawing';
import { LayerLabels, LevelLabels } from './PotLabels';
import { PotLayer } from './PotLayer';
import { PotPatterns } from './PotPatterns';
import { PotWords } from './PotWords';

/** Room below the floor for the flame and its words. */
const BELOW = 60;

interface Props {
  plan: Plan;
  units: DisplayUnits;
  hot: readonly string[];
  onHot: (lineIds: readonly string[]) => void;
  edit: EditDish;
}

/**
 * The pot cut open, to scale for this household's pot. Every level is computed; the same is said in words below. A layer can be
 * looked at and moved: by pointer, by dragging, or with the arrow keys.
 */
export function PotSection({ plan, units, hot, onHot, edit }: Props) {
  const compact = useCompact();
  const [looked, setLooked] = useState<string | null>(null);
  const [carried, setCarried] = useState<{ id: string; byPx: number } | null>(null);
  const { fill, liquid, floor } = plan;
  const drawing = drawPot(plan, compact);
  const { size, left, right, centre, half, floorY, y } = drawing;
  const percent = Math.round(fill.shareOfLimit * 100);
  const over = fill.shareOfLimit > 1;
  const hasRoomAbove = y(fill.topMm) - 30 > y(fill.heightMm);
  const thinMl = Math.max(0, liquid.countedMl.mid);
  const order = fill.layers.filter((l) => l.isMovable).map((l) => l.id);
  const load = (ids: readonly string[] | null, label: string): void => {
    if (!ids) return;
    edit(label, loadInOrder(ids, label).apply);
  };
  const nameOf = (id: string): string => fill.layers.find((l) => l.id === id)?.label ?? '';
  const move = (id: string, by: 1 | -1): void =>
    load(movedBy(order, id, by), `${nameOf(id)} ${by === 1 ? 'higher' : 'lower'} in the pot`);
  const drop = (id: string, atY: number): void => {
    const place = fill.layers.filter(
      (l) => l.isMovable && l.id !== id && (y(l.topMm) + y(l.bottomMm)) / 2 > atY,
    ).length;
    load(movedTo(order, id, place), `${nameOf(id)} to another layer`);
  };
  const shown = fill.layers.find((l) => l.id === looked);
  return (
    <div className={`pot ${compact ? 'is-compact' : ''}`}>
      <svg viewBox={`0 0 ${size.width} ${floorY + BELOW}`} role="group" aria-labelledby="pot-words">
        <PotPatterns />
        <clipPath id="inside">
          <path
            d={`M${left} 0V${floorY - 12}Q${left} ${floorY} ${left + 12} ${floorY}H${right - 12}Q${right} ${floorY} ${right} ${floorY - 12}V0z`}
          />
        </clipPath>
        <g clipPath="url(#inside)">
          <rect
            x={left}
            y={y(fill.heightMm)}
            width={half * 2}
            height={floorY - y(fill.heightMm)}
            fill="var(--enamel-raised)"
          />
          {fill.layers.map((l, i) => (
            <PotLayer
              key={l.id}
              layer={l}
              place={`${i + 1} of ${fill.layers.length} from the floor`}
              left={left}
              width={half * 2}
              y={y}
              isLit={l.id === looked || l.lineIds.some((id) => hot.includes(id))}
              byPx={carried?.id === l.id ? carried.byPx : 0}
              onHot={onHot}
              onLook={() => setLooked(looked === l.id ? null : l.id)}
              onMove={(by) => move(l.id, by)}
              onCarry={(byPx) => setCarried(byPx === null ? null : { id: l.id, byPx })}
              onDrop={(byPx) => drop(l.id, (y(l.topMm) + y(l.bottomMm)) / 2 + byPx)}
            />
          ))}
          {fill.liquidMm > 0 && (
            <rect
              className="pot-move"
              x={left}
              y={y(fill.liquidMm)}
              width={half * 2}
              height={floorY - y(fill.liquidMm)}
              fill="var(--f-water)"
              pointerEvents="none"
            />
          )}
        </g>
        <g pointerEvents="none">
          <path
            d={`M${left - WALL / 2} ${y(fill.heightMm)}V${floorY - 10}Q${left - WALL / 2} ${floorY + WALL / 2} ${left + 12} ${floorY + WALL / 2}H${right - 12}Q${right + WALL / 2} ${floorY + WALL / 2} ${right + WALL / 2} ${floorY - 10}V${y(fill.heightMm)}`}
            fill="none"
            stroke="var(--iron)"
            strokeWidth={WALL}
            strokeLinecap="round"
          />
          <path
            d={`M${left - 14} ${y(fill.heightMm) + 4}h8M${right + 6} ${y(fill.heightMm) + 4}h8`}
            stroke="var(--iron)"
            strokeWidth="8"
            strokeLinecap="round"
          />
          <line
            className="pot-limit"
            x1={left - 8}
            x2={right + 8}
            y1={y(fill.limitMm)}
            y2={y(fill.limitMm)}
          />
          <line className="pot-need" x1={left} x2={right} y1={y(fill.needMm)} y2={y(fill.needMm)} />
          <line className="pot-thin" x1={left} x2={right} y1={y(fill.thinMm)} y2={y(fill.thinMm)} />
          {fill.topMm > 0 && (
            <text
              x={centre}
              y={hasRoomAbove ? Math.min(y(fill.topMm), y(fill.limitMm)) - 10 : TOP_Y - 10}
              textAnchor="middle"
              className={`pot-percent ${over ? 'label-stop' : ''}`}
            >
              {percent} % of the fill line
            </text>
          )}
          {fill.layers.length === 0 && thinMl < 1 && (
            <text x={centre} y={(floorY + y(fill.heightMm)) / 2} textAnchor="middle" className="pot-sub">
              empty
            </text>
          )}
        </g>
        <LayerLabels layers={fill.layers} drawing={drawing} />
        <LevelLabels plan={plan} units={units} drawing={drawing} isOver={over} />
        <g aria-hidden="true">
          {Array.from({ length: 9 }, (_, i) => (
            <path
              key={i}
              d={`M${centre - half * 0.72 + (i * half * 1.44) / 8} ${floorY + 12}v7`}
              stroke={floor.level === 'low' ? 'var(--careful)' : 'var(--stop)'}
              strokeWidth={2.5 + floor.risk * 5}
              strokeLinecap="round"
            />
          ))}
        </g>
        <text x={centre} y={floorY + 44} textAnchor="middle" className={`pot-floor pot-floor-${floor.level}`}>
          Floor: {floor.touching}. {RISK_WORDS[floor.level]} scorch risk
        </text>
      </svg>
      {shown ? (
        <LayerCard
          layer={shown}
          plan={plan}
          units={units}
          onMove={move}
          onComputed={() => load([], 'the computed order')}
          onClose={() => setLooked(null)}
        />
      ) : (
        <Ledger plan={plan} units={units} />
      )}
      <PotWords plan={plan} units={units} percent={percent} thinMl={thinMl} />
    </div>
  );
}

const RISK_WORDS = { low: 'Low', some: 'Some', high: 'High' } as const;
