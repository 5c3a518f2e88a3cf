import { MeasuringStrategy, type KeyboardCoordinateGetter } from '@dnd-kit/core';
import {
  MOMENTS,
  MOMENT_NAMES,
  movePart,
  type Moment,
  type PlacedItem,
  type Plan,
} from '../../../core/index';
import type { EditDish } from './edit';

/** Identity of a dragged line or part of one. */
export const dragId = (item: PlacedItem): string => `${item.lineId}#${item.partIndex}`;

/** The address in the page of a line's face; of its first part, where the line is parted. */
export const faceId = (lineId: string, partIndex = 0): string => `face-${lineId}-${partIndex}`;

/** The placed item a drag is about. */
export function dragged(plan: Plan, id: string): PlacedItem | undefined {
  return plan.items.find((i) => dragId(i) === id);
}

/** The moment before or after one, stopping at the ends. */
export function besideMoment(moment: Moment, by: 1 | -1): Moment {
  return MOMENTS[Math.min(MOMENTS.length - 1, Math.max(0, MOMENTS.indexOf(moment) + by))] ?? moment;
}

/** Puts an item, or its part of a split line, at a moment, as one undoable edit. */
export function moveTo(item: PlacedItem, plan: Plan, moment: Moment, edit: EditDish): void {
  if (item.moment === moment) return;
  const parts = plan.items.filter((i) => i.lineId === item.lineId);
  const label = `${item.read.foodText.slice(0, 30)} to “${MOMENT_NAMES[moment]}”`;
  edit(label, movePart(item.lineId, item.partIndex, parts, moment, label).apply);
}

/** With the keys a lifted line goes from moment to moment, not pixel by pixel. */
export const momentByKey: KeyboardCoordinateGetter = (event, { context }) => {
  const by =
    event.code === 'ArrowDown' || event.code === 'ArrowRight'
      ? 1
      : event.code === 'ArrowUp' || event.code === 'ArrowLeft'
        ? -1
        : 0;
  if (!by) return undefined;
  event.preventDefault();
  const here = (context.over?.id ?? context.active?.data.current?.['moment']) as Moment | undefined;
  const next = besideMoment(here ?? 'sear', by);
  const rect = context.droppableRects.get(next);
  context.droppableContainers.get(next)?.node.current?.scrollIntoView({ block: 'nearest' });
  return rect ? { x: rect.left + 4, y: rect.top + Math.min(8, rect.height / 2) } : undefined;
};

/** The empty moments appear as the drag begins: places are measured while it lasts, and at no other time. */
export const MEASURING = { droppable: { strategy: MeasuringStrategy.WhileDragging } };

/** What a screen reader hears while a line is moved. */
export function announcements(plan: Plan) {
  const name = (id: string | number): string => dragged(plan, String(id))?.read.foodText ?? 'the line';
  const place = (id: string | number | undefined): string => (id ? MOMENT_NAMES[id as Moment] : 'nowhere');
  return {
    onDragStart: ({ active }: { active: { id: string | number } }) =>
      `${name(active.id)} lifted. Arrow keys move it between moments, space puts it down, escape leaves it where it was.`,
    onDragOver: ({ over }: { over: { id: string | number } | null }) => `Over ${place(over?.id)}`,
    onDragEnd: ({
      active,
      over,
    }: {
      active: { id: string | number };
      over: { id: string | number } | null;
    }) => `${name(active.id)} put to ${place(over?.id)}`,
    onDragCancel: ({ active }: { active: { id: string | number } }) =>
      `${name(active.id)} stays where it was`,
  };
}
