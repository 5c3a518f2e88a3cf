import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { useLayoutEffect, useRef, useState } from 'react';
import { Link } from 'react-router';
import { formatDuration, formatNumber, type CookState } from '../../../core/index';
import { clock, day } from '../../parts/now';
import { SeverityMark } from '../../parts/SeverityMark';
import type { DishEntry } from './sorting';

/** Above this many, only the rows in sight are drawn. */
const DRAW_ALL = 80;
/** Height of a row before it has been measured, px. */
const ROW_PX = 74;

interface Props {
  entries: readonly DishEntry[];
  now: number;
  isLate: (entry: DishEntry) => boolean;
}

/** The dishes, as many as there are. */
export function DishList(props: Props) {
  return props.entries.length > DRAW_ALL ? <LongList {...props} /> : <ShortList {...props} />;
}

function ShortList({ entries, now, isLate }: Props) {
  return (
    <ul className="dish-list">
      {entries.map((e) => (
        <li key={e.dish.id} className={isLate(e) ? 'is-late' : ''}>
          <DishRow entry={e} now={now} late={isLate(e)} />
        </li>
      ))}
    </ul>
  );
}

function LongList({ entries, now, isLate }: Props) {
  const list = useRef<HTMLUListElement>(null);
  const [top, setTop] = useState(0);
  useLayoutEffect(() => setTop(list.current?.offsetTop ?? 0), []);
  const rows = useWindowVirtualizer({
    count: entries.length,
    estimateSize: () => ROW_PX,
    overscan: 10,
    scrollMargin: top,
    getItemKey: (i) => entries[i]?.dish.id ?? i,
  });
  return (
    <ul ref={list} className="dish-list is-long" style={{ height: rows.getTotalSize() }}>
      {rows.getVirtualItems().map((row) => {
        const entry = entries[row.index];
        return (
          entry && (
            <li
              key={row.key}
              ref={rows.measureElement}
              data-index={row.index}
              aria-setsize={entries.length}
              aria-posinset={row.index + 1}
              className={isLate(entry) ? 'is-late' : ''}
              style={{ transform: `translateY(${row.start - rows.options.scrollMargin}px)` }}
            >
              <DishRow entry={entry} now={now} late={isLate(entry)} />
            </li>
          )
        );
      })}
    </ul>
  );
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

function DishRow({
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
