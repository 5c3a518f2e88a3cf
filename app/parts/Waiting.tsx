import Button from 'react-bootstrap/Button';
import { goOnWithout, useKeeping } from '../store/opening';

/** The storage of the browser takes its time: what is going on, and a way on without it. */
export function Waiting() {
  const keeping = useKeeping();
  return (
    <div className="page page-narrow">
      <h1>Opening the kitchen…</h1>
      <p className="mt-3" role="status">
        {keeping.how === 'waiting' ? keeping.why : 'One moment.'} It is still being tried.
      </p>
      <Button onClick={goOnWithout}>Go on without it: nothing will last</Button>
    </div>
  );
}
