import { lazy, Suspense, useRef, useState, type ClipboardEvent } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { Link, useNavigate } from 'react-router';
import {
  linesApart,
  MAX_PAGE_LENGTH,
  packDish,
  pantryFor,
  type Answer,
  type Dish,
  type Kitchen,
  type PagePart,
  type PartKind,
} from '../../../core/index';
import { isPicture } from '../../photo/isPicture';
import { OpenFile } from '../../parts/OpenFile';
import { Stepper } from '../../parts/Stepper';
import { useTitle } from '../../parts/title';
import { useSay } from '../../parts/Toasts';
import { takeDish } from '../../store/dishes';
import { createDish } from '../../store/fromPage';
import { useKitchen } from '../../store/live';
import { reasonOf } from '../../store/writes';
import { forgetDraft } from './draft';
import { textOfClipboard, textOfFile } from './pageFile';
import { Understood } from './Understood';
import { useDraft } from './useDraft';
import { useDraftRead } from './useDraftRead';
import { useDropped } from './useDropped';

/** Only who has a picture of a page fetches what compares it. */
const PhotoReading = lazy(() =>
  import('../../photo/PhotoReading').then((m) => ({ default: m.PhotoReading })),
);

const EXAMPLE = `1½ lb boneless chicken thighs, in 3 cm pieces
2 onions, sliced
1 (14 oz) can diced tomatoes
½ cup cream, with the stock
juice of ½ lemon
salt to taste`;

/** The dish that a pasted link carries, packed as it is there; null where what was pasted is no such link. */
const packedIn = (text: string): string | null =>
  /^\s*https?:\/\/\S{1,200}\/dishes\/shared#([\w-]{8,60000})\s*$/.exec(text)?.[1] ?? null;

/** A new dish from whatever was copied: told apart as it is typed, every line in sight, nothing dropped, nothing guessed in silence. */
export default function NewDish() {
  useTitle('A new dish');
  const kitchen = useKitchen();
  return kitchen ? <Writing kitchen={kitchen} /> : <p className="loading">One moment…</p>;
}

function Writing({ kitchen }: { kitchen: Kitchen }) {
  const navigate = useNavigate();
  const say = useSay();
  const { draft, change, takeText, clear } = useDraft();
  const [busy, setBusy] = useState(false);
  const [bad, setBad] = useState('');
  const [reading, setReading] = useState<AbortController | null>(null);
  const [photo, setPhoto] = useState<File | null>(null);
  const area = useRef<HTMLTextAreaElement>(null);
  const { text, name, turned } = draft;
  const pantry = pantryFor(kitchen);
  const read = useDraftRead(draft, kitchen);
  const { recipe, one, recipes, forPlates } = read;
  const turn = (part: PagePart, kind: PartKind): void => {
    const row = text.split(/\r\n|[\n\r\u2028\u2029]/).at(part.at) ?? part.text;
    const words = row.trim().slice(0, 200);
    const others = turned.filter(([t]) => t !== words);
    change({ turned: [...others, [words, kind] satisfies [string, PartKind]].slice(-300) });
  };
  const answer = (part: PagePart, { label, text: then }: Answer): void => {
    const rows = text.split('\n');
    const row = rows[part.at] ?? '';
    rows[part.at] = row.includes(part.text) ? row.replace(part.text, () => then) : then;
    const before = text;
    change({ text: rows.join('\n').slice(0, MAX_PAGE_LENGTH) });
    say(`Written down: ${label}.`, { label: 'Undo', run: () => change({ text: before }) });
  };
  const show = (part: PagePart): void => {
    const rows = text.split('\n');
    const from = rows.slice(0, part.at).reduce((s, r) => s + r.length + 1, 0);
    area.current?.focus();
    area.current?.setSelectionRange(from, from + (rows[part.at]?.length ?? 0));
  };
  const open = async (file: File): Promise<void> => {
    setBad('');
    if (isPicture(file)) return setPhoto(file);
    const stop = new AbortController();
    setReading(stop);
    const found = await textOfFile(file, stop.signal).catch(() => ({
      ok: false as const,
      message: 'This file could not be opened.',
    }));
    setReading(null);
    if (stop.signal.aborted) return;
    if (!found.ok) return setBad(`${found.message} What is written here stays.`);
    if (found.whole) return takeWhole(found.whole);
    if (found.text.length > MAX_PAGE_LENGTH)
      say(`Only the first ${MAX_PAGE_LENGTH / 1000} thousand letters were taken.`);
    takeText(found.text, 'The file');
  };
  /** Dishes that were written by Keen Ladle: one is looked at first, many are taken in. */
  const takeWhole = async (dishes: readonly Dish[]): Promise<void> => {
    const [first] = dishes;
    if (dishes.length === 1 && first) return void navigate(`/dishes/shared#${packDish(first)}`);
    let came = 0;
    try {
      for (const dish of dishes) if (!(await takeDish(dish)).wasThere) came++;
      const there = dishes.length - came;
      say(
        `${came} ${came === 1 ? 'dish' : 'dishes'} taken in${there ? `, ${there} ${there === 1 ? 'was' : 'were'} here already` : ''}.`,
      );
      void navigate('/');
    } catch (error) {
      setBad(`Only ${came} of ${dishes.length} dishes could be written down. ${reasonOf(error)}`);
    }
  };
  const paste = (e: ClipboardEvent<HTMLTextAreaElement>): void => {
    const picture = [...e.clipboardData.files].find(isPicture);
    if (picture) {
      e.preventDefault();
      return setPhoto(picture);
    }
    const packed = packedIn(e.clipboardData.getData('text/plain'));
    if (packed) {
      e.preventDefault();
      return void navigate(`/dishes/shared#${packed}`);
    }
    const html = e.clipboardData.getData('text/html');
    if (!html) return;
    e.preventDefault();
    const words = textOfClipboard(e.clipboardData.getData('text/plain'), html);
    const { selectionStart, selectionEnd } = e.currentTarget;
    change({
      text: (text.slice(0, selectionStart) + words + text.slice(selectionEnd)).slice(0, MAX_PAGE_LENGTH),
    });
  };
  useDropped(open);
  const make = async (): Promise<void> => {
    setBusy(true);
    try {
      const id = await createDish({ ...recipe, page: text }, name, forPlates, pantry);
      forgetDraft();
      void navigate(`/dish/${id}`);
    } catch (error) {
      setBusy(false);
      say(`The dish could not be written down. ${reasonOf(error)} Your text stays here.`);
    }
  };

  return (
    <div className="page">
      <div className="page-head">
        <h1>A new dish</h1>
        <div className="d-flex flex-wrap gap-2">
          <OpenFile
            accept=".txt,.md,.html,.htm,.json,.jsonld,text/plain,text/html,text/markdown,application/json,application/ld+json"
            onFile={(f) => void open(f)}
          >
            Open a file…
          </OpenFile>
          <OpenFile accept="image/*" onFile={(f) => void open(f)}>
            From a photo…
          </OpenFile>
          <Link className="btn btn-quiet" to="/dishes/many">
            Many at once…
          </Link>
          {text && (
            <Button variant="quiet" onClick={clear}>
              Clear
            </Button>
          )}
        </div>
      </div>
      {bad && (
        <p className="notice notice-bad" role="alert">
          {bad}
        </p>
      )}
      {reading && (
        <p className="notice" role="status">
          Reading the file…{' '}
          <Button size="sm" variant="quiet" onClick={() => reading.abort()}>
            Cancel
          </Button>
        </p>
      )}
      {photo && (
        <Suspense fallback={<p className="loading">One moment…</p>}>
          <PhotoReading
            key={photo.name + photo.lastModified}
            file={photo}
            onTake={(words) => {
              setPhoto(null);
              takeText(words, 'The picture');
            }}
            onLeave={(why) => {
              setPhoto(null);
              setBad(why && `${why} What is written here stays.`);
            }}
          />
        </Suspense>
      )}
      <form
        hidden={photo !== null}
        className="new-dish"
        onSubmit={(e) => {
          e.preventDefault();
          void make();
        }}
      >
        <div className="new-dish-in">
          <Form.Group className="field" controlId="paste">
            <Form.Label>
              Ingredients, one on a line; a whole page may be pasted just as it was copied
            </Form.Label>
            <Form.Control
              as="textarea"
              ref={area}
              rows={16}
              maxLength={MAX_PAGE_LENGTH}
              value={text}
              placeholder={EXAMPLE}
              onChange={(e) => change({ text: e.target.value })}
              onPaste={paste}
            />
          </Form.Group>
          {recipes.length > 1 && (
            <fieldset className="field">
              <legend className="form-label">{recipes.length} recipes on this page: which one?</legend>
              {recipes.map((r, i) => (
                <Form.Check
                  key={i}
                  type="radio"
                  name="which"
                  id={`which-${i}`}
                  label={`${r.title ?? 'Without a title'} (${r.lines.length} lines)`}
                  checked={one === i}
                  onChange={() => change({ which: i })}
                />
              ))}
            </fieldset>
          )}
          <div className="new-dish-foot">
            <Form.Group className="field grow" controlId="dish-name">
              <Form.Label>Name</Form.Label>
              <Form.Control
                value={name}
                maxLength={120}
                placeholder={recipe.title ?? 'A new dish'}
                onChange={(e) => change({ name: e.target.value })}
              />
            </Form.Group>
            <div className="field">
              <span>Written for</span>
              <Stepper
                label="plates it is written for"
                value={forPlates}
                min={1}
                max={40}
                unit="plates"
                onChange={(n) => change({ plates: n })}
              />
            </div>
            <Button type="submit" disabled={busy || linesApart(recipe.lines, pantry).length === 0}>
              Put it on the counter
            </Button>
          </div>
        </div>
        <Understood read={read} kitchen={kitchen} onAnswer={answer} onTurn={turn} onShow={show} />
      </form>
    </div>
  );
}
