import { useEffect, useMemo, useRef, useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import {
  asComputed,
  consequencesOf,
  formatMass,
  likelyAnswers,
  LIKENESSES,
  MOMENTS,
  MOMENT_NAMES,
  pantryFor,
  planDish,
  splitLine,
  addLater,
  standOn,
  swapBack,
  swapsFor,
  type Dish,
  type Fix,
  type Kitchen,
  type Line,
  type Moment,
  type PlacedItem,
  type Plan,
  sayTemps,
} from '../../../core/index';
import { Answers } from '../../parts/Answers';
import { Consequences } from '../../parts/Consequences';
import { useSay } from '../../parts/Toasts';
import { rememberFood } from '../../store/ownFoods';
import { Corrections, type ChangeLine } from './Corrections';
import type { EditDish } from './edit';
import { Figures } from './Figures';
import { faceId } from './moving';

interface Props {
  item: PlacedItem;
  dish: Dish;
  plan: Plan;
  kitchen: Kitchen;
  edit: EditDish;
  onClose: () => void;
}

/** One line opened: its words, what was understood, why it is where it is, and every way to correct it. */
export function LineEditor(props: Props) {
  const { item, kitchen, edit, onClose } = props;
  const [text, setText] = useState(item.line.text);
  const words = useRef<HTMLInputElement>(null);
  const { lineId } = item;
  useEffect(() => {
    words.current?.focus();
    words.current?.scrollIntoView({ block: 'nearest' });
    // The line may have moved to another moment while it was open: its face is looked for, not remembered.
    return () => {
      if (document.activeElement === document.body)
        document.getElementById(faceId(lineId))?.focus({ preventScroll: true });
    };
  }, [lineId]);
  const change: ChangeLine = (label, patch, coalesce) =>
    edit(
      label,
      (d) => ({ ...d, lines: d.lines.map((l) => (l.id === item.lineId ? { ...l, ...patch } : l)) }),
      coalesce,
    );
  const apply = (fix: Fix): void => {
    edit(fix.label, fix.apply);
    onClose();
  };
  const { system } = kitchen;
  const { writtenFor } = props.dish;
  const answers = useMemo(
    () =>
      item.read.confidence === 'sure'
        ? []
        : likelyAnswers(item.line.text, pantryFor(kitchen), system, writtenFor),
    [item.read.confidence, item.line.text, kitchen, system, writtenFor],
  );
  const food = item.read.food;
  const isMoved = item.line.moment !== undefined || item.line.split !== undefined;
  const back = swapBack(item);
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
          onKeyDown={(e) => {
            if (e.key !== 'Enter' && e.key !== 'Escape') return;
            // The key ends with this field: whatever has the focus next must not be pressed by it.
            e.preventDefault();
            onClose();
          }}
        />
      </Form.Group>
      <p className="small mb-0">
        {food ? `Understood as ${item.read.known || food.names[0]}` : 'Not understood yet'}
        {item.read.massG.mid > 0 &&
          `, about ${formatMass(item.massG.mid, kitchen.units)}${item.part ? ` (${item.part})` : ''}`}
        {item.read.doubt && food ? `. ${item.read.doubt}` : '.'} {item.scaleNote}
      </p>
      <Answers
        all={answers}
        onAnswer={(answer) => {
          setText(answer.text);
          change(`“${answer.label}”`, { text: answer.text });
        }}
      />
      {!food && <Likeness word={item.read.foodText} />}
      <p className="small mb-0">
        <strong>Why here?</strong> {sayTemps(item.reason, kitchen.units)} {item.early?.harm}
      </p>
      <div className="line-editor-foot">
        <Form.Group className="field" controlId={`moment-${item.lineId}`}>
          <Form.Label>Goes in</Form.Label>
          <Form.Select
            size="sm"
            value={item.line.split ? 'split' : (item.line.moment ?? '')}
            onChange={(e) =>
              change('moving a line', {
                moment: (e.target.value || undefined) as Moment | undefined,
                split: undefined,
              })
            }
          >
            <option value="">
              as computed: {MOMENT_NAMES[item.by === 'cook' ? item.computed : item.moment]}
            </option>
            {item.line.split && <option value="split">split, as below</option>}
            {MOMENTS.map((m) => (
              <option key={m} value={m}>
                {MOMENT_NAMES[m]}
              </option>
            ))}
          </Form.Select>
        </Form.Group>
        {item.moment === 'lid' || item.moment === 'sear' || item.line.on ? (
          <Stands item={item} edit={edit} />
        ) : null}
        {item.moment === 'lid' && (
          <Form.Check
            id={`later-${item.lineId}`}
            label="When opened in between"
            checked={item.line.later === true}
            onChange={(e) => {
              const isLater = e.target.checked;
              const fix = addLater(
                [item.lineId],
                isLater ? 'adding it in between' : 'under the first lid',
                isLater,
              );
              edit(fix.label, fix.apply);
            }}
          />
        )}
        {isMoved && (
          <Button
            size="sm"
            variant="bare"
            onClick={() =>
              edit('giving a line back to the rules', asComputed(item.lineId, 'As computed').apply)
            }
          >
            As computed
          </Button>
        )}
        {back && (
          <Button size="sm" variant="bare" onClick={() => apply(back)}>
            Back to “{item.line.swappedFrom?.slice(0, 28)}”
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
      <Instead {...props} onApply={apply} />
      <Split {...props} change={change} />
      <Corrections item={item} kitchen={kitchen} change={change} />
      {food && <Figures food={food} />}
    </section>
  );
}

/** Where a thing stands in the closed pot: with the rest, on the rack, or in a bowl of its own on the rack. */
function Stands({ item, edit }: Pick<Props, 'item' | 'edit'>) {
  return (
    <Form.Group className="field" controlId={`on-${item.lineId}`}>
      <Form.Label>Stands</Form.Label>
      <Form.Select
        size="sm"
        value={item.line.on ?? ''}
        onChange={(e) => {
          const on = (e.target.value || 'pot') as Line['on'];
          const fix = standOn(
            item.lineId,
            on,
            on === 'pot' ? 'with the rest' : `on the ${on === 'bowl' ? 'rack in a bowl' : 'rack'}`,
          );
          edit(fix.label, fix.apply);
        }}
      >
        <option value="">in the pot with the rest</option>
        <option value="rack">on a rack, above the liquid</option>
        <option value="bowl">in a bowl of its own, on the rack</option>
      </Form.Select>
    </Form.Group>
  );
}

/** The one short question about a word the pantry does not know; the answer is kept for every dish. */
function Likeness({ word }: { word: string }) {
  const say = useSay();
  const answer = async (likeId: string, label: string): Promise<void> => {
    const forget = await rememberFood(word, likeId);
    say(
      forget
        ? `“${word}” is now in your pantry: ${label.toLowerCase()}.`
        : 'That name cannot be kept. Write it in letters.',
      forget ? { label: 'Undo', run: () => void forget() } : undefined,
    );
  };
  return (
    <Form.Group className="field" controlId="likeness">
      <Form.Label>What is “{word.slice(0, 40)}” most like? Asked once, known everywhere after.</Form.Label>
      <Form.Select
        size="sm"
        value=""
        onChange={(e) => {
          const like = LIKENESSES.find((l) => l.foodId === e.target.value);
          if (like) void answer(like.foodId, like.label);
        }}
      >
        <option value="">choose one…</option>
        {LIKENESSES.map((l) => (
          <option key={l.foodId} value={l.foodId}>
            {l.label}
          </option>
        ))}
      </Form.Select>
    </Form.Group>
  );
}

/** What may stand in for this line, each planned for real before it is chosen. */
function Instead({ item, dish, plan, kitchen, onApply }: Props & { onApply: (fix: Fix) => void }) {
  const [isOpen, setOpen] = useState(false);
  const swaps = useMemo(() => swapsFor(item, kitchen, pantryFor(kitchen)), [item, kitchen]);
  const changes = useMemo(
    () =>
      isOpen
        ? swaps.map((s) =>
            consequencesOf(
              plan,
              planDish(s.apply(dish), kitchen, { calibration: plan.calibration }),
              kitchen.units,
            ).slice(0, 4),
          )
        : [],
    [isOpen, swaps, plan, dish, kitchen],
  );
  if (!swaps.length) return null;
  return (
    <details className="line-more" open={isOpen} onToggle={(e) => setOpen(e.currentTarget.open)}>
      <summary>None in the house, or somebody may not eat it</summary>
      <ul className="swap-list">
        {swaps.map((s, i) => (
          <li key={s.id}>
            <Button size="sm" variant="outline-primary" onClick={() => onApply(s)}>
              {s.label}
            </Button>
            <span className="small soft">{s.cost}</span>
            <Consequences list={changes[i] ?? []} />
          </li>
        ))}
      </ul>
    </details>
  );
}

const SHARES: readonly [number, string][] = [
  [0.25, 'a quarter'],
  [1 / 3, 'a third'],
  [0.5, 'half'],
  [2 / 3, 'two thirds'],
  [0.75, 'three quarters'],
];

/** Sends part of a line to one moment and the rest to another. */
function Split({ item, plan, edit }: Props & { change: ChangeLine }) {
  const parts = plan.items.filter((i) => i.lineId === item.lineId);
  const [share, setShare] = useState(parts[0]?.share === 1 ? 0.5 : (parts[0]?.share ?? 0.5));
  const [first, setFirst] = useState<Moment>(parts[0]?.moment ?? 'lid');
  const [second, setSecond] = useState<Moment>(parts[1]?.moment ?? 'finish');
  const put = (s: number, a: Moment, b: Moment): void => {
    setShare(s);
    setFirst(a);
    setSecond(b);
  };
  const nearest = SHARES.reduce((best, s) => (Math.abs(s[0] - share) < Math.abs(best[0] - share) ? s : best));
  return (
    <details className="line-more">
      <summary>Split it between two moments</summary>
      <div className="split-fields">
        <Form.Select
          size="sm"
          aria-label="How much goes first"
          value={String(nearest[0])}
          onChange={(e) => put(Number(e.target.value), first, second)}
        >
          {SHARES.map(([s, name]) => (
            <option key={name} value={String(s)}>
              {name}
            </option>
          ))}
        </Form.Select>
        <MomentSelect label="goes in" value={first} onChange={(m) => put(share, m, second)} />
        <MomentSelect label="and the rest" value={second} onChange={(m) => put(share, first, m)} />
        <Button
          size="sm"
          variant="quiet"
          onClick={() => {
            const fix = splitLine(
              item.lineId,
              [
                { share: nearest[0], moment: first },
                { share: 1 - nearest[0], moment: second },
              ],
              'splitting a line',
            );
            edit(fix.label, fix.apply);
          }}
        >
          Split
        </Button>
      </div>
    </details>
  );
}

function MomentSelect({
  label,
  value,
  onChange,
}: {
  label: string;
  value: Moment;
  onChange: (m: Moment) => void;
}) {
  return (
    <Form.Select
      size="sm"
      aria-label={label}
      value={value}
      onChange={(e) => onChange(e.target.value as Moment)}
    >
      {MOMENTS.map((m) => (
        <option key={m} value={m}>
          {label}: {MOMENT_NAMES[m]}
        </option>
      ))}
    </Form.Select>
  );
}
