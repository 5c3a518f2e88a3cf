import {
  DndContext,
  DragOverlay,
  KeyboardSensor,
  PointerSensor,
  TouchSensor,
  closestCenter,
  pointerWithin,
  useSensor,
  useSensors,
  type CollisionDetection,
} from '@dnd-kit/core';
import { useMemo, useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import {
  isHeldBack,
  MAX_LINES,
  MAX_NOTE,
  MOMENTS,
  MOMENT_NAMES,
  pantryFor,
  readRecipe,
  type Dish,
  type Kitchen,
  type Moment,
  type PlacedItem,
  type Plan,
} from '../../../core/index';
import { useSay } from '../../parts/Toasts';
import { linesOf } from '../../store/fromPage';
import type { EditDish } from './edit';
import { LineEditor } from './LineEditor';
import { LineRow, MomentZone } from './LineRow';
import { announcements, dragged, dragId, MEASURING, momentByKey, moveTo } from './moving';

interface Props {
  dish: Dish;
  plan: Plan;
  kitchen: Kitchen;
  edit: EditDish;
  hot: readonly string[];
  onHot: (lineIds: readonly string[]) => void;
}

/** The pointer decides where it is; with the keys, the nearest moment does. */
const collision: CollisionDetection = (args) =>
  args.pointerCoordinates ? pointerWithin(args) : closestCenter(args);

/** The cook's own lines by moment, with the held-back tray always in sight. */
export function Lines(props: Props) {
  const { plan, dish, kitchen, edit, hot, onHot } = props;
  const [open, setOpen] = useState<string | null>(null);
  const [lifted, setLifted] = useState<string | null>(null);
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(TouchSensor, { activationConstraint: { delay: 220, tolerance: 8 } }),
    useSensor(KeyboardSensor, { coordinateGetter: momentByKey }),
  );
  const spoken = useMemo(() => announcements(plan), [plan]);
  const edited = open === null ? undefined : plan.items.find((i) => i.lineId === open);
  const carried = lifted === null ? undefined : dragged(plan, lifted);
  const itemsOf = (moment: Moment): readonly PlacedItem[] =>
    plan.moments.find((g) => g.moment === moment)?.items ?? [];
  const shown = MOMENTS.filter((m) => carried || itemsOf(m).length > 0);
  const row = (item: PlacedItem) => (
    <LineRow
      key={dragId(item)}
      item={item}
      plan={plan}
      units={kitchen.units}
      edit={edit}
      isOpen={open === item.lineId}
      isLit={hot.includes(item.lineId)}
      onOpen={setOpen}
      onHot={onHot}
    />
  );
  const held = shown.filter(isHeldBack);
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={collision}
      measuring={MEASURING}
      accessibility={{
        announcements: spoken,
        screenReaderInstructions: {
          draggable:
            'Press space to lift the line, arrow keys to choose a moment, space to put it down, escape to leave it.',
        },
      }}
      onDragStart={({ active }) => setLifted(String(active.id))}
      onDragCancel={() => setLifted(null)}
      onDragEnd={({ active, over }) => {
        setLifted(null);
        const item = dragged(plan, String(active.id));
        if (item && over) moveTo(item, plan, over.id as Moment, edit);
      }}
    >
      <div className={`lines ${carried ? 'is-moving' : ''}`}>
        {edited && (
          <LineEditor
            key={edited.lineId}
            item={edited}
            dish={dish}
            plan={plan}
            kitchen={kitchen}
            edit={edit}
            onClose={() => setOpen(null)}
          />
        )}
        <div className="lines-scroll">
          {dish.nextTime.length > 0 && (
            <p className="next-time">
              <strong>From last time:</strong> {dish.nextTime.slice(-3).join(' ')}
            </p>
          )}
          {plan.items.length === 0 && <p className="soft mt-2">No lines yet. Write or paste some below.</p>}
          {shown
            .filter((m) => !isHeldBack(m))
            .map((m) => (
              <MomentZone key={m} moment={m} className={`moment moment-${m}`}>
                <h3 className="moment-name">
                  {MOMENT_NAMES[m]} <span className="soft small">{subtitle(plan, m)}</span>
                </h3>
                <ul>{itemsOf(m).map(row)}</ul>
              </MomentZone>
            ))}
          <AddLines {...props} />
        </div>
        {held.length > 0 && (
          <div className="held-tray">
            <h3>Held back until the pin drops</h3>
            {held.map((m) => (
              <MomentZone key={m} moment={m} className={`held-zone moment-${m}`}>
                {carried && <span className="held-name small">{MOMENT_NAMES[m]}</span>}
                <ul>{itemsOf(m).map(row)}</ul>
              </MomentZone>
            ))}
          </div>
        )}
      </div>
      <DragOverlay dropAnimation={null}>
        {carried && <div className="line-carried">{carried.read.foodText || carried.line.text}</div>}
      </DragOverlay>
    </DndContext>
  );
}

function subtitle(plan: Plan, moment: Moment): string {
  if (moment === 'sear' && plan.batches > 1) return `${plan.batches} batches`;
  if (moment === 'lid') return `${Math.round(plan.heat.holdS / 60)} min ${plan.dish.settings.pressure}`;
  return '';
}

function AddLines({ dish, kitchen, edit }: Props) {
  const say = useSay();
  const [text, setText] = useState('');
  const add = (): void => {
    const recipe = readRecipe(text.includes('\n') ? text : `${text}\n`, pantryFor(kitchen));
    const kept = linesOf(recipe, pantryFor(kitchen));
    // What finds no room is kept in the note, and said.
    const tooMany = kept.slice(Math.max(0, MAX_LINES - dish.lines.length)).map((l) => l.text);
    if (tooMany.length)
      say(`A dish has ${MAX_LINES} lines at most: ${tooMany.length} were put into its note.`);
    const beside = [recipe.title, ...recipe.notes, ...tooMany].filter(Boolean).join('\n');
    if (text.trim())
      edit(kept.length === 1 ? 'adding a line' : `adding ${kept.length} lines`, (d) => ({
        ...d,
        lines: [...d.lines, ...kept].slice(0, MAX_LINES),
        method: [d.method, recipe.method].filter(Boolean).join('\n').slice(0, 20000),
        note: [d.note, beside].filter(Boolean).join('\n').slice(0, MAX_NOTE),
      }));
    setText('');
  };
  return (
    <form
      className="add-lines no-print"
      onSubmit={(e) => {
        e.preventDefault();
        add();
      }}
    >
      <Form.Control
        as="textarea"
        rows={1}
        aria-label="Write or paste more lines"
        placeholder="Write or paste more…"
        value={text}
        maxLength={30000}
        onChange={(e) => setText(e.target.value)}
        onKeyDown={(e) => {
          if (e.key === 'Enter' && !e.shiftKey) {
            e.preventDefault();
            add();
          }
        }}
      />
      <Button type="submit" variant="quiet" disabled={!text.trim()}>
        Add
      </Button>
    </form>
  );
}
