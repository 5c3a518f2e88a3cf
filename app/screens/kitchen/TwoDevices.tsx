import { useLiveQuery } from 'dexie-react-hooks';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { useSay } from '../../parts/Toasts';
import {
  bringTogether,
  canKeepAFile,
  chooseSameFile,
  forgetSameFile,
  sameFile,
  type KeptFile,
} from '../../store/sameFile';

/** One kitchen on two devices, by a file in a folder that both see. */
export function TwoDevices({ onBad }: { onBad: (message: string) => void }) {
  const say = useSay();
  const file = useLiveQuery(sameFile) ?? null;
  const [isBusy, setIsBusy] = useState(false);
  const together = async (with_: KeptFile | null): Promise<void> => {
    if (!with_) return;
    onBad('');
    setIsBusy(true);
    const came = await bringTogether(with_);
    setIsBusy(false);
    if (!came.ok) return onBad(came.message);
    const news = came.added + came.changed;
    say(
      news
        ? `Both are together: ${news} new or changed from the file.`
        : 'Both are together: nothing was new in the file.',
    );
  };
  return (
    <>
      <h3 className="mt-4">One kitchen on two devices</h3>
      {canKeepAFile() ? (
        <>
          <p className="soft">
            Keep one file in a folder that both devices see. Each joins it with its own kitchen: no cook is
            lost, and of a dish that both changed the later one stands and the other is kept among its
            versions.
          </p>
          <div className="d-flex flex-wrap gap-2 align-items-center">
            {file && (
              <Button disabled={isBusy} onClick={() => void together(file)}>
                Bring together with “{file.name}”
              </Button>
            )}
            <Button
              variant="quiet"
              disabled={isBusy}
              onClick={() => void chooseSameFile().then((chosen) => together(chosen))}
            >
              {file ? 'Another file…' : 'Choose the file…'}
            </Button>
            {file && (
              <Button variant="quiet" disabled={isBusy} onClick={() => void forgetSameFile()}>
                Forget this file
              </Button>
            )}
          </div>
        </>
      ) : (
        <p className="soft mb-0">
          Save everything to a file here, read it on the other device and choose{' '}
          <em>Join it with what is here</em>; then the same the other way. No cook is lost, and of a dish that
          both changed the later one stands and the other is kept among its versions.
        </p>
      )}
    </>
  );
}
