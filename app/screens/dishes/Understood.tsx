import Button from 'react-bootstrap/Button';
import ProgressBar from 'react-bootstrap/ProgressBar';
import {
  MAX_LINES,
  type Answer,
  type Kitchen,
  type MethodHints,
  type PagePart,
  type PartKind,
} from '../../../core/index';
import { useSay } from '../../parts/Toasts';
import { rememberFood } from '../../store/ownFoods';
import { PageParts } from './PageParts';
import type { DraftRead } from './useDraftRead';

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

/** What a draft was read as, part by part: what is asked is answered here, and a line that is taken for the wrong thing is turned. */
export function Understood({
  read,
  kitchen,
  onAnswer,
  onTurn,
  onShow,
}: {
  read: DraftRead;
  kitchen: Kitchen;
  onAnswer: (part: PagePart, answer: Answer) => void;
  onTurn: (part: PagePart, kind: PartKind) => void;
  onShow: (part: PagePart) => void;
}) {
  const say = useSay();
  const { shown, recipe, parts, byText, answers, hints, unsure, tooMany, forgotten, share, stop, isStopped } =
    read;
  return (
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
            <p className="small">The method also pours {forgotten.join(' and ')}: put on the list for you.</p>
          )}
          <PageParts
            parts={parts}
            placed={byText}
            kitchen={kitchen}
            answers={answers}
            onAnswer={onAnswer}
            onTurn={onTurn}
            onShow={onShow}
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
            Wrong? Drag a line across, or choose beside it what it is; on a line the keys I, M, N and X do the
            same. The text can be changed all the while.
          </p>
        </>
      )}
    </div>
  );
}
