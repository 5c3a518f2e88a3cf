import { useDraggable, useDroppable } from '@dnd-kit/core';
import type { ReactNode } from 'react';
import {
  lineRemark,
  stepItem,
  type DisplayUnits,
  type Moment,
  type PlacedItem,
  type Plan,
} from '../../../core/index';
import type { EditDish } from './edit';
import { besideMoment, dragId, faceId, moveTo } from './moving';

interface RowProps {
  item: PlacedItem;
  plan: Plan;
  units: DisplayUnits;
  edit: EditDish;
  isOpen: boolean;
  isLit: boolean;
  onOpen: (lineId: string | null) => void;
  onHot: (lineIds: readonly string[]) => void;
}

/** One line at its moment: tap to open it, drag the handle or press Alt with an arrow to move it. */
export function LineRow({ item, plan, units, edit, isOpen, isLit, onOpen, onHot }: RowProps) {
  const { setNodeRef, listeners, attributes, isDragging } = useDraggable({
    id: dragId(item),
    data: { moment: item.moment },
  });
  const shown = stepItem(item);
  const flags = [
    `moment-${item.moment}`,
    item.read.confidence === 'unsure' ? 'is-unsure' : '',
    item.read.confidence === 'likely' ? 'is-likely' : '',
    item.early ? 'is-early' : '',
    item.line.swappedFrom === undefined ? '' : 'is-swapped',
    isOpen || isLit ? 'is-lit' : '',
    isDragging ? 'is-dragged' : '',
  ].join(' ');
  const hot = { onMouseEnter: () => onHot([item.lineId]), onMouseLeave: () => onHot([]) };
  return (
    <li className={`line ${flags}`} ref={setNodeRef} {...hot}>
      <button
        type="button"
        className="line-grip no-print"
        {...listeners}
        {...attributes}
        aria-label={`Move ${shown.name}`}
      >
        <svg viewBox="0 0 8 14" aria-hidden="true">
          <path d="M1 2h6M1 7h6M1 12h6" />
        </svg>
      </button>
      <button
        type="button"
        id={faceId(item.lineId, item.partIndex)}
        className="line-face"
        aria-expanded={isOpen}
        aria-keyshortcuts="Alt+ArrowUp Alt+ArrowDown"
        onClick={() => onOpen(isOpen ? null : item.lineId)}
        onFocus={() => onHot([item.lineId])}
        onBlur={() => onHot([])}
        onKeyDown={(e) => {
          if (!e.altKey || (e.key !== 'ArrowUp' && e.key !== 'ArrowDown')) return;
          e.preventDefault();
          moveTo(item, plan, besideMoment(item.moment, e.key === 'ArrowDown' ? 1 : -1), edit);
        }}
      >
        <span className="line-amount">{shown.amount}</span>
        <span className="line-name">
          {shown.name}
          {shown.note && <span className="soft small"> {shown.note}</span>}
        </span>
        <span className="line-remark small">{lineRemark(item, plan, units)}</span>
      </button>
    </li>
  );
}

/** A moment that a line can be put down on. */
export function MomentZone({
  moment,
  className,
  children,
}: {
  moment: Moment;
  className: string;
  children: ReactNode;
}) {
  const { setNodeRef, isOver } = useDroppable({ id: moment });
  return (
    <div ref={setNodeRef} className={`${className} ${isOver ? 'is-over' : ''}`}>
      {children}
    </div>
  );
}
