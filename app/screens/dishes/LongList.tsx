import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { useLayoutEffect, useRef, useState } from 'react';
import { DishRow, type ListProps } from './DishRow';

/** Height of a row before it has been measured, px. */
const ROW_PX = 74;

/** Thousands of dishes: only the rows in sight are drawn. */
export default function LongList({ entries, now, isLate }: ListProps) {
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
