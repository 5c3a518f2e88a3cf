import { Link } from 'react-router';
import { formatDuration, formatNumber, type CookState } from '../../../core/index';
import { clock, day } from '../../parts/now';
import { SeverityMark } from '../../parts/SeverityMark';
import type { DishEntry } from './sorting';

/** What a list of dishes is drawn from. */
export interface ListProps {
  entries: readonly DishEntry[];
  now: number;
  isLate: (entry: DishEntry) => boolean;
}

function lastTime(cook: CookState | undefined): string {
  if (!cook) return 'not cooked yet';
  const v = cook.verdict;
  const off = [
    v?.meat && v.meat !== 'right' ? `meat ${v.meat}` : '',
    v?.sauce && v.sauce !== 'right' ? `sauce ${v.sauce}` : '',
    v?.salt && v.salt !== 'right' ? `salt ${v.salt}` : '',
  ].filter(Boolean);
  return `${day(cook.startedAt)}: ${off.length ? off.join(', ') : 'all right'}`;
}

/** One dish with what is known of its evening. */
export function DishRow({
  entry: { dish, outlook, last },
  now,
  late,
}: {
  entry: DishEntry;
  now: number;
  late: boolean;
}) {
  return (
    <Link to={`/dish/${dish.id}`} className="dish-row">
      <span className="dish-name">
        <strong>{dish.name}</strong>
        <span className="soft small">
          {formatNumber(dish.plates)} plates
          {outlook && ` · ${outlook.potName} · holds back ${outlook.heldBack}`}
          {dish.tags.length > 0 && ` · ${dish.tags.join(', ')}`}
        </span>
      </span>
      {outlook ? (
        <>
          <span className="dish-time">
            <strong className="figure">{formatDuration(outlook.totalS[1])}</strong>
            <span className="soft small">
              {late ? 'too late: ' : ''}
              {clock(now + outlook.totalS[0] * 1000)}–{clock(now + outlook.totalS[2] * 1000)}
            </span>
          </span>
          <span className="dish-hands">
            <span>{formatDuration(outlook.handsOnS)}</span>
            <span className="soft small">hands on</span>
          </span>
          <span className="dish-state">
            <SeverityMark severity={outlook.worst?.severity ?? 'fine'} />
            <span className="small">
              {outlook.broken.length > 0 && (
                <strong className="broken-needs">{outlook.broken.join(', ')}. </strong>
              )}
              {outlook.worst?.text ?? 'Fits, and liquid enough'}
            </span>
          </span>
        </>
      ) : (
        <span className="dish-waiting soft small">planning…</span>
      )}
      <span className="dish-last soft small">{lastTime(last)}</span>
    </Link>
  );
}
