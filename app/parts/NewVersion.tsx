import Button from 'react-bootstrap/Button';
import { useNewVersion } from '../store/newVersion';

/** One line when a new version lies ready; it is not taken while something is on the stove. */
export function NewVersion({ isCooking }: { isCooking: boolean }) {
  const take = useNewVersion();
  if (!take) return null;
  return (
    <div className="shell-version no-print" role="status">
      {isCooking ? (
        'A new version of Keen Ladle is here. It waits until nothing is on the stove.'
      ) : (
        <>
          A new version of Keen Ladle is here.{' '}
          <Button size="sm" variant="quiet" onClick={take}>
            Take it now
          </Button>
        </>
      )}
    </div>
  );
}
