import Button from 'react-bootstrap/Button';
import type { FallbackProps } from 'react-error-boundary';
import { Link } from 'react-router';

/** A screen whose file did not arrive: the server was away, or the app has been renewed since. */
const isNotFetched = (error: unknown): boolean =>
  error instanceof Error &&
  /dynamically imported module|module script failed|loading chunk/i.test(error.message);

/** What a cook sees when a screen of ours breaks: nothing is lost, and a way on. */
export function Crash({ error, resetErrorBoundary }: FallbackProps) {
  if (isNotFetched(error))
    return (
      <div className="page page-narrow">
        <h1>This screen did not arrive</h1>
        <p className="mt-3">
          The server did not answer, or there is a new version. Your dishes and cooks are stored and
          untouched.
        </p>
        <Button onClick={() => location.reload()}>Load again</Button>
      </div>
    );
  return (
    <div className="page page-narrow">
      <h1>This screen broke</h1>
      <p className="mt-3">That is our mistake, not yours. Your dishes and cooks are stored and untouched.</p>
      <p className="d-flex gap-2">
        <Button onClick={resetErrorBoundary}>Try again</Button>
        <Link className="btn btn-quiet" to="/">
          To the dishes
        </Link>
      </p>
      <details className="soft small">
        <summary>For whoever mends it</summary>
        <pre>{error instanceof Error ? error.message : String(error)}</pre>
      </details>
    </div>
  );
}
