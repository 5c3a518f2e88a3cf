import { useEffect, useRef, useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import {
  formatMass,
  formatTemp,
  isHeldBack,
  MOMENTS,
  MOMENT_NAMES,
  pantryFor,
  planDairy,
  readRecipe,
  scaleOf,
  stepItem,
  type Dish,
  type DisplayUnits,
  type Kitchen,
  type Moment,
  type PlacedItem,
  type Plan,
} from '../../../core/index';
import { linesOf } from '../../store/dishes';
import type { EditDish } from './edit';

interface Props {
  dish: Dish;
  plan: Plan;
  kitchen: Kitchen;
  edit: EditDish;
  hot: readonly string[];
  onHot: (lineIds: readonly string[]) => void;
}

const keyOf = (item: PlacedItem): string => `${item.lineId}-${item.part}`;

/** The cook's own lines by moment, with the held-back tray always in sight. */
export function Lines(props: Props) {
  const { plan, dish, kitchen, edit } = props;
  const [open, setOpen] = useState<string | null>(null);
  const edited = open === null ? undefined : plan.items.find((i) => i.lineId === open);
  const before = plan.moments.filter((g) => !isHeldBack(g.moment));
  const row = (item: PlacedItem) => (
    <Row key={keyOf(item)} {...props} item={item} isOpen={open === item.lineId} onOpen={setOpen} />
  );
  return (
    <div className="lines">
      {edited && (
        <LineEditor
          key={edited.lineId}
          item={edited}
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
        {before.map((g) => (
          <div key={g.moment} className={`moment moment-${g.moment}`}>
            <h3 className="moment-name">
              {MOMENT_NAMES[g.moment]} <span className="soft small">{subtitle(plan, g.moment)}</span>
            </h3>
            <ul>{g.items.map(row)}</ul>
          </div>
        ))}
        <AddLines {...props} />
      </div>
      {plan.held.length > 0 && (
        <div className="held-tray">
          <h3>Held back until the pin drops</h3>
          <ul>{plan.moments.filter((g) => isHeldBack(g.moment)).flatMap((g) => g.items.map(row))}</ul>
        </div>
      )}
    </div>
  );
}

function subtitle(plan: Plan, moment: Moment): string {
  if (moment === 'sear' && plan.batches > 1) return `${plan.batches} batches`;
  if (moment === 'lid') return `${Math.round(plan.heat.holdS / 60)} min ${plan.dish.settings.pressure}`;
  return '';
}

const WAIT: Partial<Record<Moment, string>> = {
  thicken: 'at the boil',
  dairy: 'off the boil',
  finish: 'heat off',
  serve: 'at the table',
};

function dairyWait(item: PlacedItem, plan: Plan, units: DisplayUnits): string {
  const cls = item.read.food?.dairy;
  if (!cls) return WAIT.dairy ?? '';
  const { waitToC } = planDairy(cls, item.massG.mid, plan.liquid.sauceAfterG.mid, {
    bound: true,
    boilsC: plan.heat.boilsAtC,
  });
  return waitToC >= plan.heat.boilsAtC - 1 ? 'at a simmer' : `below ${formatTemp(waitToC, units)}`;
}

/** What stands at the right end of a line: what the cook most wants to know about it here. */
function remark(item: PlacedItem, plan: Plan, units: DisplayUnits): string {
  if (item.line.asSlurry) return 'sized later';
  if (item.read.confidence === 'unsure') return 'not sure';
  const meat = plan.meat.find((m) => m.item.lineId === item.lineId);
  if (meat) return `${Math.round(meat.thicknessMm)} mm`;
  const poured = plan.liquid.entries.find((e) => e.lineId === item.lineId && e.kind === 'poured');
  if (poured && !isHeldBack(item.moment)) return `counts ${Math.round(poured.ml.mid / 5) * 5}`;
  const wait = WAIT[item.moment];
  if (wait) return item.moment === 'dairy' && item.read.food?.dairy ? dairyWait(item, plan, units) : wait;
  if (item.part) return item.part;
  if (item.read.food?.kind.startsWith('tomato') && item.moment === 'lid') return 'on top';
  return '';
}

function Row({
  item,
  isOpen,
  onOpen,
  dish,
  plan,
  kitchen,
  hot,
  onHot,
}: Omit<Props, 'lines'> & { item: PlacedItem; isOpen: boolean; onOpen: (key: string | null) => void }) {
  const shown = stepItem(item);
  const lit = isOpen || hot.includes(item.lineId);
  const flags = [
    `moment-${item.moment}`,
    item.read.confidence === 'unsure' ? 'is-unsure' : '',
    item.early ? 'is-early' : '',
    lit ? 'is-lit' : '',
  ].join(' ');
  return (
    <li className={`line ${flags}`}>
      <button
        type="button"
        className="line-face"
        aria-expanded={isOpen}
        onClick={() => onOpen(isOpen ? null : item.lineId)}
        onMouseEnter={() => onHot([item.lineId])}
        onMouseLeave={() => onHot([])}
        onFocus={() => onHot([item.lineId])}
        onBlur={() => onHot([])}
      >
        <span className="line-amount">{shown.amount}</span>
        <span className="line-name">
          {shown.name}
          {shown.note && <span className="soft small"> {shown.note}</span>}
        </span>
        <span className="line-remark small">{remark(item, plan, kitchen.units)}</span>
      </button>
    </li>
  );
}

function LineEditor({
  item,
  kitchen,
  edit,
  onClose,
}: {
  item: PlacedItem;
  kitchen: Kitchen;
  edit: EditDish;
  onClose: () => void;
}) {
  const [text, setText] = useState(item.line.text);
  const words = useRef<HTMLInputElement>(null);
  useEffect(() => {
    const from = document.activeElement;
    words.current?.focus();
    words.current?.scrollIntoView({ block: 'nearest' });
    return () => {
      if (from instanceof HTMLElement && from.isConnected) from.focus({ preventScroll: true });
    };
  }, []);
  const change = (label: string, patch: Partial<Dish['lines'][number]>, coalesce?: string): void =>
    edit(
      label,
      (d) => ({ ...d, lines: d.lines.map((l) => (l.id === item.lineId ? { ...l, ...patch } : l)) }),
      coalesce,
    );
  const food = item.read.food;
  const moved = item.line.moment !== undefined;
  return (
    <section className="line-editor" aria-label="This line">
      <Form.Group className="field" controlId={`text-${item.lineId}`}>
        <Form.Label>In your words</Form.Label>
        <Form.Control
          ref={words}
          value={text}
          maxLength={400}
          onChange={(e) => {
            setText(e.target.value);
            change('the words of a line', { text: e.target.value }, `text-${item.lineId}`);
          }}
          onKeyDown={(e) => (e.key === 'Enter' || e.key === 'Escape') && onClose()}
        />
      </Form.Group>
      <p className="small mb-0">
        {food ? `Understood as ${food.names[0]}` : 'Not understood yet'}
        {item.read.massG.mid > 0 &&
          `, about ${formatMass(item.massG.mid, kitchen.units)}${item.part ? ` (${item.part})` : ''}`}
        {item.read.doubt && food ? `. ${item.read.doubt}` : '.'}
      </p>
      <p className="small mb-0">
        <strong>Why here?</strong> {item.reason} {item.early?.harm}
      </p>
      <div className="line-editor-foot">
        <Form.Group className="field" controlId={`moment-${item.lineId}`}>
          <Form.Label>Goes in</Form.Label>
          <Form.Select
            size="sm"
            value={item.line.moment ?? ''}
            onChange={(e) =>
              change('moving a line', { moment: (e.target.value || undefined) as Moment | undefined })
            }
          >
            <option value="">
              as computed: {MOMENT_NAMES[item.by === 'cook' ? item.computed : item.moment]}
            </option>
            {MOMENTS.map((m) => (
              <option key={m} value={m}>
                {MOMENT_NAMES[m]}
              </option>
            ))}
          </Form.Select>
        </Form.Group>
        {moved && (
          <Button
            size="sm"
            variant="bare"
            onClick={() =>
              change('giving a line back to the rules', { moment: undefined, asSlurry: undefined })
            }
          >
            As computed
          </Button>
        )}
        <Button
          size="sm"
          variant="bare"
          onClick={() => {
            onClose();
            edit(`removing “${item.line.text.slice(0, 30)}”`, (d) => ({
              ...d,
              lines: d.lines.filter((l) => l.id !== item.lineId),
            }));
          }}
        >
          Remove
        </Button>
        <Button size="sm" variant="quiet" onClick={onClose}>
          Done
        </Button>
      </div>
    </section>
  );
}

function AddLines({ kitchen, edit }: Props) {
  const [text, setText] = useState('');
  const add = (): void => {
    const lines = linesOf(readRecipe(text.includes('\n') ? text : `${text}\n`, pantryFor(kitchen)));
    const kept = lines.length ? lines : [];
    if (kept.length)
      edit(kept.length === 1 ? 'adding a line' : `adding ${kept.length} lines`, (d) => ({
        ...d,
        lines: [...d.lines, ...kept].slice(0, 200),
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
