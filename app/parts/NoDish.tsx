import { Link } from 'react-router';

/** What an address of a dish shows when there is no such dish. */
export function NoDish() {
  return (
    <div className="page page-narrow">
      <h1>This dish is not on the shelf</h1>
      <p className="mt-3">
        It may have been removed, or the address is from another kitchen. <Link to="/">To the dishes</Link>
      </p>
    </div>
  );
}
