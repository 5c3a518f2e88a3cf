import {
  DndContext,
  KeyboardSensor,
  PointerSensor,
  TouchSensor,
  closestCenter,
  pointerWithin,
  useDraggable,
  useDroppable,
  useSensor,
  useSensors,
  type CollisionDetection,
} from '@dnd-kit/core';
import { useState, type KeyboardEvent, type ReactNode } from 'react';
import { Answers } from '../../parts/Answers';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import {
  formatMass,
  LIKENESSES,
  MOMENT_NAMES,
  type Answer,
  type Kitchen,
  type PagePart,
  type PartKind,
  type PlacedItem,
} from '../../../core/index';

/** Where a line of the page can be put, with the key that puts it there. */
const ZONES = [
  {
    kind: 'ingredient',
    name: 'Ingredients',
    one: 'an ingredient',
    key: 'i',
    empty: 'No ingredients found yet.',
  },
  { kind: 'method', name: 'Method', one: 'a step', key: 'm', empty: 'No method.' },
  { kind: 'note', name: 'Kept as a note', one: 'a note', key: 'n', empty: 'Nothing.' },
  { kind: 'left', name: 'Left out', one: 'left out', key: 'x', empty: 'Nothing.' },
] as const satisfies readonly { kind: PartKind; name: string; one: string; key: string; empty: string }[];
type Zone = (typeof ZONES)[number]['kind'];

/** The zone in which a part is shown. */
const zoneOf = (part: PagePart): Zone =>
  part.kind === 'ingredient' || part.kind === 'section'
    ? 'ingredient'
    : part.kind === 'title' || part.kind === 'fact' || part.kind === 'heading'
      ? 'left'
      : part.kind;

interface Props {
  parts: readonly PagePart[];
  /** What each ingredient line was understood as, by its text. */
  placed: ReadonlyMap<string, readonly PlacedItem[]>;
  kitchen: Kitchen;
  onTurn: (part: PagePart, kind: PartKind) => void;
  onLike: (item: PlacedItem, foodId: string, label: string) => void;
  /** Likely answers to what is asked about a line, by its text. */
  answers: ReadonlyMap<string, readonly Answer[]>;
  onAnswer: (part: PagePart, answer: Answer) => void;
  /** Puts the cursor on a line in the text. */
  onShow: (part: PagePart) => void;
}

/** Rows of a part that are drawn unasked: no recipe has more, and a page of thousands is still quick to type in. */
const MOST_ROWS = 150;

const collision: CollisionDetection = (args) =>
  args.pointerCoordinates ? pointerWithin(args) : closestCenter(args);

/** The page told apart: each line where it was taken for something, and pulled across by pointer, touch or key. */
export function PageParts(props: Props) {
  const { parts, onTurn } = props;
  const [open, setOpen] = useState<ReadonlySet<Zone>>(new Set(['ingredient', 'method']));
  const [whole, setWhole] = useState<ReadonlySet<Zone>>(new Set());
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(TouchSensor, { activationConstraint: { delay: 220, tolerance: 8 } }),
    useSensor(KeyboardSensor),
  );
  const shown = parts.filter((p) => !['title', 'fact', 'heading'].includes(p.kind));
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={collision}
      onDragEnd={({ active, over }) => {
        const part = parts.find((p) => String(p.at) === String(active.id).split('-')[1]);
        if (part && over) onTurn(part, over.id as PartKind);
      }}
    >
      {ZONES.map((zone) => {
        const mine = shown.filter((p) => zoneOf(p) === zone.kind);
        const isOpen = open.has(zone.kind);
        return (
          <DropZone key={zone.kind} kind={zone.kind}>
            <h3>
              <button
                type="button"
                className="page-zone-name"
                aria-expanded={isOpen}
                onClick={() => {
                  const next = new Set(open);
                  if (!next.delete(zone.kind)) next.add(zone.kind);
                  setOpen(next);
                }}
              >
                {zone.name}{' '}
                <span className="soft small">{mine.filter((p) => p.kind !== 'section').length}</span>
              </button>
            </h3>
            {isOpen && mine.length === 0 && <p className="soft small mb-1">{zone.empty}</p>}
            {isOpen && mine.length > 0 && (
              <ol className="page-parts">
                {(whole.has(zone.kind) ? mine : mine.slice(0, MOST_ROWS)).map((part, i) => (
                  <PartRow key={`${part.at}-${i}`} part={part} index={i} {...props} />
                ))}
              </ol>
            )}
            {isOpen && mine.length > MOST_ROWS && !whole.has(zone.kind) && (
              <Button
                size="sm"
                variant="quiet"
                className="mt-1"
                onClick={() => setWhole(new Set([...whole, zone.kind]))}
              >
                Show {mine.length - MOST_ROWS} more
              </Button>
            )}
          </DropZone>
        );
      })}
    </DndContext>
  );
}

function DropZone({ kind, children }: { kind: Zone; children: ReactNode }) {
  const { setNodeRef, isOver } = useDroppable({ id: kind });
  return (
    <section ref={setNodeRef} className={`page-zone page-zone-${kind} ${isOver ? 'is-over' : ''}`}>
      {children}
    </section>
  );
}

function PartRow({
  part,
  index,
  placed,
  kitchen,
  onTurn,
  onLike,
  answers,
  onAnswer,
  onShow,
}: Props & { part: PagePart; index: number }) {
  const { setNodeRef, listeners, attributes } = useDraggable({ id: `part-${part.at}-${index}` });
  const turn = (e: KeyboardEvent): void => {
    if (e.altKey || e.ctrlKey || e.metaKey) return;
    const zone = ZONES.find((z) => z.key === e.key.toLowerCase());
    if (zone) {
      e.preventDefault();
      onTurn(part, zone.kind);
    }
  };
  const items = part.kind === 'ingredient' ? (placed.get(part.text) ?? []) : [];
  const [first] = items;
  const asked = first?.read.confidence === 'unsure';
  return (
    <li
      ref={setNodeRef}
      className={`page-part ${part.kind === 'section' ? 'is-heading' : ''} ${asked ? 'is-unsure' : first?.read.confidence === 'likely' ? 'is-likely' : ''}`}
    >
      <button
        type="button"
        className="line-grip"
        {...listeners}
        {...attributes}
        aria-label={`Move “${part.text.slice(0, 60)}”`}
      >
        <svg viewBox="0 0 8 14" aria-hidden="true">
          <path d="M1 2h6M1 7h6M1 12h6" />
        </svg>
      </button>
      <button
        type="button"
        className="page-part-text"
        title="Show it in the text"
        onClick={() => onShow(part)}
        onKeyDown={turn}
        aria-keyshortcuts="I M N X"
      >
        {part.text.length > 260 ? `${part.text.slice(0, 260)}…` : part.text}
      </button>
      {first && (
        <span className="page-part-read small">
          {first.read.several.length > 1 ? (
            `Told apart: ${first.read.several.join(' · ')}`
          ) : first.read.food ? (
            <>
              {first.read.known}
              {first.read.massG.mid >= 1 && `, about ${formatMass(first.read.massG.mid, kitchen.units)}`}
              <span className={`read-moment moment-${first.moment}`}>
                {items.map((x) => MOMENT_NAMES[x.moment]).join(' + ')}
              </span>
            </>
          ) : null}
          {first.read.doubt && first.read.confidence !== 'sure' && first.read.several.length < 2 && (
            <span className="page-part-doubt">{first.read.doubt}</span>
          )}
        </span>
      )}
      {first && <Answers all={answers.get(part.text)} onAnswer={(answer) => onAnswer(part, answer)} />}
      {first && !first.read.food && (
        <Form.Select
          size="sm"
          className="page-part-like"
          aria-label={`What is “${first.read.foodText.slice(0, 40)}” most like?`}
          value=""
          onChange={(e) => {
            const like = LIKENESSES.find((l) => l.foodId === e.target.value);
            if (like) onLike(first, like.foodId, like.label);
          }}
        >
          <option value="">It is most like…</option>
          {LIKENESSES.map((l) => (
            <option key={l.foodId} value={l.foodId}>
              {l.label}
            </option>
          ))}
        </Form.Select>
      )}
      {part.kind !== 'section' && (
        <Form.Select
          size="sm"
          className="page-part-kind"
          aria-label={`What “${part.text.slice(0, 40)}” is`}
          value={zoneOf(part)}
          onChange={(e) => onTurn(part, e.target.value as PartKind)}
        >
          {ZONES.map((z) => (
            <option key={z.kind} value={z.kind}>
              {z.one}
            </option>
          ))}
        </Form.Select>
      )}
    </li>
  );
}
