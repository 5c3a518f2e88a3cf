import {
  lazy,
  Suspense,
  useDeferredValue,
  useEffect,
  useMemo,
  useRef,
  useState,
  type ClipboardEvent,
} from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import ProgressBar from 'react-bootstrap/ProgressBar';
import { Link, useLocation, useNavigate } from 'react-router';
import {
  emptyDish,
  likelyAnswers,
  MAX_LINES,
  FROM_THE_METHOD,
  MAX_PAGE_LENGTH,
  packDish,
  pantryFor,
  placeDish,
  readMethod,
  recipeOf,
  type Answer,
  type Dish,
  type Kitchen,
  type MethodHints,
  type PagePart,
  type PartKind,
  type PlacedItem,
} from '../../../core/index';
import { isPicture } from '../../photo/isPicture';
import { OpenFile } from '../../parts/OpenFile';
import { Stepper } from '../../parts/Stepper';
import { useSay } from '../../parts/Toasts';
import { takeDish } from '../../store/dishes';
import { createDish, dishLines } from '../../store/fromPage';
import { rememberFood } from '../../store/ownFoods';
import { useKitchen } from '../../store/live';
import { reasonOf } from '../../store/writes';
import { PageParts } from './PageParts';
import { useReadPage } from './useReadPage';
import { forgetDraft, keepDraft, readDraft, sharedDraft, type Draft } from './draft';
import { textOfClipboard, textOfFile } from './pageFile';
import { useTitle } from '../../parts/title';

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

function methodWords(hints: MethodHints): string {
  const release =
    hints.release === 'ten'
      ? `natural release for ${hints.releaseMin ?? 10} min`
      : hints.release
        ? `${hints.release} release`
        : '';
  const said = [
    hints.whistles === null ? '' : `${hints.whistles} ${hints.whistles === 1 ? 'whistle' : 'whistles'}`,
    hints.minutes === null ? '' : `${hints.minutes} min under pressure`,
    release,
    hints.sides[0] ? `served with ${hints.sides[0]}` : '',
    hints.late.length ? 'what goes in at the end' : '',
  ].filter(Boolean);
  if (said.length)
    return `The method says: ${said.join('; ')}. Its minutes are kept where they are enough in your pot.`;
  return hints.underPressure
    ? 'The method is kept with the dish.'
    : 'The method is for the stove or the oven: its order is kept, its minutes are computed for your pot.';
}

/** The dish that a pasted link carries, packed as it is there; null where what was pasted is no such link. */
const packedIn = (text: string): string | null =>
  /^\s*https?:\/\/\S{1,200}\/dishes\/shared#([\w-]{8,60000})\s*$/.exec(text)?.[1] ?? null;

/** Lines that the cook turned, by their words, as positions in the text as it is now. */
function turnedIn(text: string, turned: Draft['turned']): Map<number, PartKind> {
  const found = new Map<number, PartKind>();
  if (!turned.length) return found;
  const kinds = new Map(turned);
  text.split(/\r\n|[\n\r\u2028\u2029]/).forEach((line, at) => {
    const kind = kinds.get(line.trim().slice(0, 200));
    if (kind) found.set(at, kind);
  });
  return found;
}

/** A new dish from whatever was copied: told apart as it is typed, every line in sight, nothing dropped, nothing guessed in silence. */
export default function NewDish() {
  useTitle('A new dish');
  const kitchen = useKitchen();
  return kitchen ? <Writing kitchen={kitchen} /> : <p className="loading">One moment…</p>;
}

function Writing({ kitchen }: { kitchen: Kitchen }) {
  const navigate = useNavigate();
  const say = useSay();
  const { search } = useLocation();
  const [before] = useState<Draft>(readDraft);
  const [draft, setDraft] = useState<Draft>(() => sharedDraft(search) ?? before);
  const change = (part: Partial<Draft>): void => {
    const next = { ...draft, ...part };
    setDraft(next);
    keepDraft(next);
  };
  useEffect(() => {
    const shared = sharedDraft(search);
    if (!shared) return;
    keepDraft(shared);
    // What was being written before is one tap away; a reload does not share the same again.
    if (before.text.trim())
      say('This was shared with Keen Ladle.', {
        label: 'Back to what I was writing',
        run: () => {
          setDraft(before);
          keepDraft(before);
        },
      });
    void navigate('/dishes/new', { replace: true });
  }, [search, before, say, navigate]);
  const [busy, setBusy] = useState(false);
  const [bad, setBad] = useState('');
  const [reading, setReading] = useState<AbortController | null>(null);
  const [photo, setPhoto] = useState<File | null>(null);
  const area = useRef<HTMLTextAreaElement>(null);
  const { text, name, plates, turned, which } = draft;
  const shown = useDeferredValue(text);
  const pantry = pantryFor(kitchen);
  const turnedHere = useMemo(() => turnedIn(shown, turned), [shown, turned]);
  const { page, share, stop, isStopped } = useReadPage(shown, kitchen.ownFoods, turnedHere);
  const one = Math.min(which, page.recipes.length - 1);
  const recipe = useMemo(() => recipeOf(page, one), [page, one]);
  const placed = useMemo((): PlacedItem[] => {
    const lines = recipe.lines.slice(0, MAX_LINES).map((l, i) => ({ ...l, id: `l${i}` }));
    return placeDish(
      { ...emptyDish('draft', 'draft', 0), lines, method: recipe.method },
      { pantry, system: kitchen.system, rules: kitchen.rules },
    );
  }, [recipe, pantry, kitchen]);
  const forPlates = plates ?? recipe.plates ?? 4;
  const byText = useMemo(() => {
    const found = new Map<string, PlacedItem[]>();
    const parts = page.parts.filter((p) => p.kind === 'ingredient' && p.recipe === one);
    parts.forEach((part, i) => {
      const mine = placed.filter((p) => p.index === i);
      if (mine.length) found.set(part.text, mine);
    });
    return found;
  }, [page, placed, one]);
  const answers = useMemo(
    () =>
      new Map(
        [...byText].flatMap(([text, [first]]) =>
          first && first.read.confidence !== 'sure'
            ? [[text, likelyAnswers(text, pantry, kitchen.system, forPlates)] as const]
            : [],
        ),
      ),
    [byText, pantry, kitchen.system, forPlates],
  );
  const read = placed.filter((p) => p.partIndex === 0);
  const hints = useMemo(() => (recipe.method ? readMethod(recipe.method) : null), [recipe]);
  const unsure = read.filter((p) => p.read.confidence === 'unsure').length;
  const tooMany = Math.max(0, recipe.lines.length - MAX_LINES);
  const forgotten = recipe.lines.filter((l) => l.section === FROM_THE_METHOD).map((l) => l.text);
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
  /** What was read takes the place of what was written; one tap gives that back. */
  const takeText = (words: string, what: string): void => {
    const before = draft;
    change({ text: words.slice(0, MAX_PAGE_LENGTH), turned: [], which: 0, name: '', plates: null });
    if (before.text.trim())
      say(`${what} took the place of what was written.`, { label: 'Undo', run: () => change(before) });
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
  const dropped = useRef(open);
  useEffect(() => {
    dropped.current = open;
  });
  useEffect(() => {
    // A file may be dropped anywhere on the screen.
    const over = (e: DragEvent): void => {
      if (e.dataTransfer?.types.includes('Files')) e.preventDefault();
    };
    const drop = (e: DragEvent): void => {
      const file = e.dataTransfer?.files[0];
      if (!file) return;
      e.preventDefault();
      void dropped.current(file);
    };
    document.addEventListener('dragover', over);
    document.addEventListener('drop', drop);
    return () => {
      document.removeEventListener('dragover', over);
      document.removeEventListener('drop', drop);
    };
  }, []);
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
            <Button
              variant="quiet"
              onClick={() => {
                const before = draft;
                change({ text: '', turned: [], which: 0, name: '', plates: null });
                say('Cleared.', { label: 'Undo', run: () => change(before) });
              }}
            >
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
          {page.recipes.length > 1 && (
            <fieldset className="field">
              <legend className="form-label">{page.recipes.length} recipes on this page: which one?</legend>
              {page.recipes.map((r, i) => (
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
            <Button type="submit" disabled={busy || dishLines(recipe, pantry).length === 0}>
              Put it on the counter
            </Button>
          </div>
        </div>
        <div className="new-dish-read">
          <h2>Understood so far</h2>
          {share !== null && (
            <div className="notice" role="status">
              Reading a long text…
              <ProgressBar now={share * 100} label={`${Math.round(share * 100)} %`} className="mt-1" />
              <Button size="sm" variant="quiet" className="mt-1" onClick={stop}>
                Leave off
              </Button>
            </div>
          )}
          {isStopped && (
            <p className="notice" role="status">
              Left off. Your text is kept; as soon as it is changed it is read again.
            </p>
          )}
          {!shown.trim() ? (
            <p className="soft mt-2">
              Nothing yet. Cups or grams, fractions, tins, “to taste”: write it as you would for yourself, or
              paste a page with all that hangs around it.
            </p>
          ) : (
            <>
              <p className="soft small mt-1" aria-live="polite">
                {recipe.title && <strong>{recipe.title}. </strong>}
                {recipe.plates === null ? '' : `For ${recipe.plates}. `}
                {recipe.lines.length} {recipe.lines.length === 1 ? 'line' : 'lines'}
                {tooMany > 0 && `, the first ${MAX_LINES} taken and ${tooMany} kept in the note`}
                {unsure ? `, ${unsure} to ask about` : ', all understood'}
                {recipe.method ? ', and a method' : ''}
              </p>
              {hints && <p className="small soft">{methodWords(hints)}</p>}
              {forgotten.length > 0 && (
                <p className="small">
                  The method also pours {forgotten.join(' and ')}: put on the list for you.
                </p>
              )}
              <PageParts
                parts={page.parts.filter((p) => p.recipe === one)}
                placed={byText}
                kitchen={kitchen}
                answers={answers}
                onAnswer={answer}
                onTurn={turn}
                onShow={show}
                onLike={(item, foodId, label) =>
                  void rememberFood(item.read.foodText, foodId).then((forget) => {
                    if (forget)
                      say(`“${item.read.foodText}” is now in your pantry: ${label.toLowerCase()}.`, {
                        label: 'Undo',
                        run: () => void forget(),
                      });
                  })
                }
              />
              <p className="small soft mt-2">
                Wrong? Drag a line across, or choose beside it what it is; on a line the keys I, M, N and X do
                the same. The text can be changed all the while.
              </p>
            </>
          )}
        </div>
      </form>
    </div>
  );
}
