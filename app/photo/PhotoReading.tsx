import { useEffect, useRef, useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import ProgressBar from 'react-bootstrap/ProgressBar';
import { compared, pageOf, toCompare, whatDiffers, type Compared } from './comparing';
import { PhotoError, readPhoto, type PhotoLine, type Tell } from './readPhoto';

/** White round the print in a strip, points of the picture. */
const MARGIN = 8;

/** The strip of the picture that a line was read from. */
function Strip({ picture, line }: { picture: ImageBitmap; line: PhotoLine }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const x = Math.max(0, line.box.x0 - MARGIN);
  const y = Math.max(0, line.box.y0 - MARGIN);
  const width = Math.min(picture.width, line.box.x1 + MARGIN) - x;
  const height = Math.min(picture.height, line.box.y1 + MARGIN) - y;
  useEffect(() => {
    const pen = canvas.current?.getContext('2d');
    pen?.drawImage(picture, x, y, width, height, 0, 0, width, height);
  }, [picture, x, y, width, height]);
  return (
    <span role="img" aria-label="This line in the picture">
      <canvas
        ref={canvas}
        className="photo-strip"
        width={Math.max(1, width)}
        height={Math.max(1, height)}
        aria-hidden="true"
      />
    </span>
  );
}

/** One line beside its strip, with what it may say instead. */
function Row({
  line,
  picture,
  onChange,
}: {
  line: Compared;
  picture: ImageBitmap;
  onChange: (change: Partial<Compared>) => void;
}) {
  const isOpen = line.doubt !== null && !line.isLooked && !line.isLeft;
  return (
    <li className={`photo-line${isOpen ? ' is-open' : ''}${line.isLeft ? ' is-left' : ''}`}>
      <Strip picture={picture} line={line} />
      <div className="photo-words">
        <Form.Control
          aria-label={`Line: ${line.text}`}
          value={line.text}
          maxLength={400}
          disabled={line.isLeft}
          onChange={(e) => onChange({ text: e.target.value, isLooked: true })}
          onKeyDown={(e) => {
            if (e.key !== 'Enter') return;
            e.preventDefault();
            onChange({ isLooked: true });
            const rows = [...(e.currentTarget.closest('ol')?.querySelectorAll('.is-open input') ?? [])];
            const next = rows[rows.indexOf(e.currentTarget) + 1] ?? rows[0];
            if (next instanceof HTMLElement) next.focus();
          }}
        />
        <div className="photo-ask">
          {isOpen && (
            <>
              <span className="small">{line.doubt?.why}</span>
              <Button size="sm" variant="quiet" onClick={() => onChange({ isLooked: true })}>
                As in the picture
              </Button>
              {line.doubt?.likely.map((text) => (
                <Button
                  key={text}
                  data-line={text}
                  size="sm"
                  variant="quiet"
                  onClick={() => onChange({ text, isLooked: true })}
                >
                  {whatDiffers(line.text, text)}
                </Button>
              ))}
            </>
          )}
          <Button
            size="sm"
            variant="quiet"
            aria-label={line.isLeft ? `Take in again: ${line.text}` : `Leave out: ${line.text}`}
            onClick={() => onChange({ isLeft: !line.isLeft })}
          >
            {line.isLeft ? 'Take in again' : 'Leave out'}
          </Button>
        </div>
      </div>
    </li>
  );
}

/** A photographed page: read here, and held line by line against the picture before anything of it is cooked. */
export function PhotoReading({
  file,
  onTake,
  onLeave,
}: {
  file: File;
  onTake: (text: string) => void;
  onLeave: (why: string) => void;
}) {
  const [doing, setDoing] = useState<{ what: Parameters<Tell>[0]; share: number | null }>({
    what: 'Straightening the page',
    share: null,
  });
  const [page, setPage] = useState<{ lines: Compared[]; picture: ImageBitmap } | null>(null);
  const leave = useRef(onLeave);
  useEffect(() => {
    leave.current = onLeave;
  });
  useEffect(() => {
    const stop = new AbortController();
    readPhoto(file, (what, share) => setDoing({ what, share }), stop.signal)
      .then(async ({ lines, picture }) => {
        const bitmap = await createImageBitmap(picture);
        if (!stop.signal.aborted) setPage({ lines: compared(lines), picture: bitmap });
      })
      .catch((error: unknown) => {
        if (!stop.signal.aborted)
          leave.current(error instanceof PhotoError ? error.message : 'This picture could not be read.');
      });
    return () => stop.abort();
  }, [file]);

  if (!page)
    return (
      <div className="notice" role="status">
        {doing.what}…
        {doing.share !== null && (
          <ProgressBar
            now={doing.share * 100}
            label={`${Math.round(doing.share * 100)} %`}
            className="mt-1"
          />
        )}
        <Button size="sm" variant="quiet" className="mt-1" onClick={() => onLeave('')}>
          Cancel
        </Button>
      </div>
    );
  const open = toCompare(page.lines).length;
  const change = (id: string, part: Partial<Compared>): void =>
    setPage((now) => now && { ...now, lines: now.lines.map((l) => (l.id === id ? { ...l, ...part } : l)) });
  return (
    <section className="photo" aria-label="The page in the picture">
      <p>
        A reader of print takes small fractions for other signs, and cannot know it. So every line with a
        figure is to be held against its strip of the picture. Nothing was sent anywhere.
      </p>
      <ol className="photo-lines">
        {page.lines.map((line) => (
          <Row key={line.id} line={line} picture={page.picture} onChange={(part) => change(line.id, part)} />
        ))}
      </ol>
      <div className="photo-foot">
        <p className="small" aria-live="polite">
          {open
            ? `${open} ${open === 1 ? 'line' : 'lines'} still to compare with the picture.`
            : 'Every figure was compared.'}
        </p>
        <Button disabled={open > 0} onClick={() => onTake(pageOf(page.lines))}>
          Take these lines
        </Button>
        <Button variant="quiet" onClick={() => onLeave('')}>
          Leave the picture
        </Button>
      </div>
    </section>
  );
}
