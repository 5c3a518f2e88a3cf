import Button from 'react-bootstrap/Button';
import { useKeeping } from '../store/opening';
import { tryAgain, useUnkept } from '../store/writes';

/** What a cook has to know about where things are kept: that nothing will last, or that something is not written down yet. */
export function Keeping() {
  const keeping = useKeeping();
  const unkept = useUnkept();
  if (keeping.how === 'kept' && !unkept.length) return null;
  const whats = [...new Set(unkept.map((u) => u.what))];
  return (
    <div className="shell-keeping" role="alert">
      {(keeping.how === 'memory' || keeping.how === 'old') && (
        <p>
          {keeping.why}{' '}
          {keeping.how === 'memory' && (
            <strong>Everything works, but nothing will last beyond this page. </strong>
          )}
          <Button size="sm" variant="quiet" onClick={() => location.reload()}>
            Load again
          </Button>
        </p>
      )}
      {unkept.length > 0 && (
        <p>
          <strong>
            Not written down yet: {whats.slice(0, 3).join(', ')}
            {whats.length > 3 ? ' and more' : ''}.
          </strong>{' '}
          {unkept[0]?.why} It stays on this screen and is tried again by itself.{' '}
          <Button size="sm" variant="quiet" onClick={tryAgain}>
            Try now
          </Button>
        </p>
      )}
    </div>
  );
}
