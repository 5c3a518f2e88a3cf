import Button from 'react-bootstrap/Button';
import Modal from 'react-bootstrap/Modal';
import type { Finding } from '../../../core/index';
import { useFocusBack } from '../../parts/focusBack';

/** Cooking with a stop open is asked about once, by name; what is overruled goes on the record. */
export function StartAsked({
  stops,
  onLeave,
  onCook,
}: {
  stops: readonly Finding[];
  onLeave: () => void;
  onCook: () => void;
}) {
  const focusBack = useFocusBack(stops.length > 0);
  return (
    <Modal {...focusBack} show={stops.length > 0} onHide={onLeave} centered aria-labelledby="start-asked">
      <Modal.Body>
        <h2 id="start-asked">Cook it all the same?</h2>
        <ul className="start-asked mt-2">
          {stops.map((f) => (
            <li key={f.id}>
              <strong>{f.text}.</strong> {f.why}
            </li>
          ))}
        </ul>
        <p className="soft small">
          If you cook it anyway, that is written down with this cook. The pot’s manual comes first.
        </p>
        <div className="d-flex gap-2 justify-content-end">
          <Button variant="quiet" onClick={onCook}>
            Cook it anyway
          </Button>
          <Button onClick={onLeave}>Back to the counter</Button>
        </div>
      </Modal.Body>
    </Modal>
  );
}
