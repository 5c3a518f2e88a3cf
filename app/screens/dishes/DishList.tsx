import { lazy, Suspense } from 'react';
import { DishRow, type ListProps } from './DishRow';

/** Above this many, only the rows in sight are drawn. */
const DRAW_ALL = 80;
/** Drawn until what draws more is there. */
const FIRST = 20;

const LongList = lazy(() => import('./LongList'));

/** The dishes, as many as there are. */
export function DishList(props: ListProps) {
  if (props.entries.length <= DRAW_ALL) return <ShortList {...props} />;
  return (
    <Suspense fallback={<ShortList {...props} entries={props.entries.slice(0, FIRST)} />}>
      <LongList {...props} />
    </Suspense>
  );
}

function ShortList({ entries, now, isLate }: ListProps) {
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
