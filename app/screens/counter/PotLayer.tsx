import { useRef, type PointerEvent as ReactPointerEvent } from 'react';
import type { Layer } from '../../../core/index';

/** A pointer that moved further than this before it was let go has dragged, px. */
const CLICK_PX = 4;

/** One layer: looked at by a click or Enter, moved by dragging or the arrow keys. */
export function PotLayer({
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
