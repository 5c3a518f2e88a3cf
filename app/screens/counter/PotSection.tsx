import { useRef, useState, type PointerEvent as ReactPointerEvent } from 'react';
import {
  formatNumber,
  formatVolume,
  loadInOrder,
  type DisplayUnits,
  type Layer,
  type Plan,
} from '../../../core/index';
import { useCompact } from '../../parts/compact';
import type { EditDish } from './edit';
import { spreadLabels, type Label } from './labels';
import { LayerCard } from './LayerCard';
import { movedBy, movedTo } from './layerOrder';
import { Ledger } from './Ledger';
import { PotPatterns } from './PotPatterns';

/** The drawing's own units, wide and on a phone. */
const WIDE = { width: 620, inner: 356, most: 330, label: 22, longest: 14 };
const PHONE = { width: 390, inner: 176, most: 250, label: 12, longest: 13 };
const TOP_Y = 26;
const BELOW = 60;
const WALL = 6;
/** A pointer that moved further than this before it was let go has dragged, px. */
const CLICK_PX = 4;

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
  const { fill, pot, liquid, floor } = plan;
  const size = compact ? PHONE : WIDE;
  const tallMm = Math.max(fill.heightMm, fill.topMm * 1.04);
  const scale = Math.min(size.most / tallMm, size.inner / (pot.diameterCm * 10));
  const floorY = TOP_Y + tallMm * scale;
  const half = (pot.diameterCm * 10 * scale) / 2;
  const centre = size.width / 2;
  const left = centre - half;
  const right = centre + half;
  const y = (mm: number): number => floorY - mm * scale;
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
        <LayerLabels layers={fill.layers} left={left} y={y} to={floorY} size={size} />
        <LevelLabels plan={plan} units={units} right={right} y={y} to={floorY} isOver={over} />
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

function LayerLabels({
  layers,
  left,
  y,
  to,
  size,
}: {
  layers: readonly Layer[];
  left: number;
  y: (mm: number) => number;
  to: number;
  size: typeof WIDE;
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
    to,
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

function LevelLabels({
  plan,
  units,
  right,
  y,
  to,
  isOver,
}: {
  plan: Plan;
  units: DisplayUnits;
  right: number;
  y: (mm: number) => number;
  to: number;
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
      {spreadLabels(levels, TOP_Y, to).map((l) => (
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

function PotLayer({
  layer,
  place,
  left,
  width,
  y,
  isLit,
  byPx,
  onHot,
  onLook,
  onMove,
  onCarry,
  onDrop,
}: {
  layer: Layer;
  place: string;
  left: number;
  width: number;
  y: (mm: number) => number;
  isLit: boolean;
  byPx: number;
  onHot: (lineIds: readonly string[]) => void;
  onLook: () => void;
  onMove: (by: 1 | -1) => void;
  onCarry: (byPx: number | null) => void;
  onDrop: (byPx: number) => void;
}) {
  /** Where the pointer went down: a click that ends elsewhere was a drag. */
  const pressedY = useRef(0);
  const top = y(layer.topMm);
  const tall = Math.max(0, y(layer.bottomMm) - top);
  const grab = (down: ReactPointerEvent<SVGGElement>): void => {
    pressedY.current = down.clientY;
    if (!layer.isMovable) return;
    const group = down.currentTarget;
    const box = group.ownerSVGElement?.getScreenCTM();
    const perPx = box ? 1 / box.a : 1;
    let by = 0;
    const follow = (e: PointerEvent): void => {
      by = (e.clientY - down.clientY) * perPx;
      if (Math.abs(by) > 4) onCarry(by);
    };
    const end = (e: PointerEvent): void => {
      removeEventListener('pointermove', follow);
      removeEventListener('pointerup', end);
      removeEventListener('pointercancel', end);
      onCarry(null);
      if (e.type === 'pointerup' && Math.abs(by) > 8) onDrop(by);
    };
    addEventListener('pointermove', follow);
    addEventListener('pointerup', end);
    addEventListener('pointercancel', end);
  };
  return (
    <g
      role="button"
      tabIndex={0}
      className={`pot-layer ${layer.isMovable ? 'is-movable' : ''}`}
      aria-label={`${layer.label}, ${Math.round(layer.topMm - layer.bottomMm)} mm, ${place}${layer.isMovable ? '. Arrow keys move it' : ''}`}
      aria-keyshortcuts={layer.isMovable ? 'ArrowUp ArrowDown' : undefined}
      transform={byPx ? `translate(0 ${byPx})` : undefined}
      opacity={byPx ? 0.75 : 1}
      onPointerDown={grab}
      onClick={(e) => Math.abs(e.clientY - pressedY.current) <= CLICK_PX && onLook()}
      onKeyDown={(e) => {
        if (e.key === 'Enter' || e.key === ' ') {
          e.preventDefault();
          onLook();
        } else if (layer.isMovable && (e.key === 'ArrowUp' || e.key === 'ArrowDown')) {
          e.preventDefault();
          onMove(e.key === 'ArrowUp' ? 1 : -1);
        }
      }}
      onMouseEnter={() => onHot(layer.lineIds)}
      onMouseLeave={() => onHot([])}
      onFocus={() => onHot(layer.lineIds)}
      onBlur={() => onHot([])}
    >
      <title>{`${layer.label}: ${layer.why}`}</title>
      {layer.texture === 'rack' ? (
        <path
          d={`M${left + 10} ${top + 2}H${left + width - 10}M${left + 34} ${top + 2}V${top + tall}M${left + width - 34} ${top + 2}V${top + tall}M${left + width / 2} ${top + 2}V${top + tall}`}
          fill="none"
          stroke="var(--iron)"
          strokeWidth="3"
        />
      ) : layer.texture === 'bowl' ? (
        <path
          className="pot-move"
          d={`M${left + width * 0.1} ${top}H${left + width * 0.9}Q${left + width * 0.88} ${top + tall} ${left + width * 0.7} ${top + tall}H${left + width * 0.3}Q${left + width * 0.12} ${top + tall} ${left + width * 0.1} ${top}z`}
          fill="url(#grains-grain)"
          stroke="var(--iron)"
          strokeWidth="3"
        />
      ) : (
        <rect
          className="pot-move"
          x={left}
          y={top}
          width={width}
          height={tall}
          fill={`url(#${layer.texture}-${layer.tint})`}
        />
      )}
      <rect
        className={`pot-lit ${isLit ? 'is-lit' : ''}`}
        x={left + 3}
        y={top + 2}
        width={width - 6}
        height={Math.max(0, tall - 4)}
      />
    </g>
  );
}

/** The same in words: the drawing's text equivalent. */
function PotWords({
  plan,
  units,
  percent,
  thinMl,
}: {
  plan: Plan;
  units: DisplayUnits;
  percent: number;
  thinMl: number;
}) {
  const { fill, floor, liquid } = plan;
  return (
    <details className="pot-words small">
      <summary id="pot-words">
        {percent > 100 ? 'Too full: ' : ''}
        {percent} % of the fill line, thin liquid {formatVolume(thinMl, units)} of{' '}
        {formatVolume(liquid.needMl, units)}
      </summary>
      <p className="mb-1">From the floor up:</p>
      <ol>
        {fill.layers.map((l) => (
          <li key={l.id}>
            {l.label}, {Math.round(l.topMm - l.bottomMm)} mm. {l.why} {l.cost}
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
        At most {formatNumber(fill.mostPlates)} plates under the line. Sauce when the pin drops:{' '}
        {formatVolume(liquid.sauceAfterG.low, units)} to {formatVolume(liquid.sauceAfterG.high, units)}.
      </p>
    </details>
  );
}
