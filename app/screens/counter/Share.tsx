import { useEffect, useMemo, useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { Link } from 'react-router';
import { packDish, writeRecipe, writeRecipeText, type Plan } from '../../../core/index';
import { saveText } from '../../parts/saveText';
import { useSay } from '../../parts/Toasts';

/** Most letters of a link that a code can be drawn of and still be read by a telephone across a table. */
const MOST_IN_CODE = 1600;

/** A name for a file from a dish's: letters and figures of any script, nothing that a disk would mind. */
function fileName(name: string): string {
  return (
    name
      .toLowerCase()
      .replace(/[^\p{L}\p{N}]+/gu, '-')
      .replace(/^-+|-+$/g, '')
      .slice(0, 60) || 'dish'
  );
}

/** The dish as a link that carries it, as a code to be read from the screen, as files. Nothing of it is sent anywhere. */
export function Share({ plan }: { plan: Plan }) {
  const say = useSay();
  const { dish } = plan;
  const link = useMemo(() => `${location.origin}/dishes/shared#${packDish(dish)}`, [dish]);
  const code = useCode(link);
  const copy = async (): Promise<void> => {
    try {
      await navigator.clipboard.writeText(link);
      say('The link is copied. It holds the whole dish.');
    } catch {
      say('The browser does not let this be copied: mark the link and copy it yourself.');
    }
  };
  const share = (): void => {
    // Left off by the cook, or not possible here: either way nothing has changed.
    void navigator.share({ title: dish.name, url: link }).catch(() => undefined);
  };
  return (
    <div className="share">
      <Form.Group className="field" controlId="share-link">
        <Form.Label>A link that carries the whole dish</Form.Label>
        <Form.Control readOnly value={link} onFocus={(e) => e.target.select()} />
        <span className="small soft">
          The dish is in the link itself: nothing is sent to a server. Whoever opens it, or pastes it as a new
          dish into a Keen Ladle of their own, can take it in. Your pot, your log and the page it came from
          stay here.
        </span>
      </Form.Group>
      <div className="share-row">
        <Button onClick={() => void copy()}>Copy the link</Button>
        {typeof navigator.share === 'function' && (
          <Button variant="outline-primary" onClick={share}>
            Share…
          </Button>
        )}
      </div>
      {code === 'too long' ? (
        <p className="soft small">
          This dish is too long for a code that a camera could read: send the link or a file.
        </p>
      ) : code ? (
        <img
          className="share-code"
          src={code}
          width={264}
          height={264}
          alt="The same link as a code for the camera of a telephone"
        />
      ) : (
        <p className="loading">Drawing the code…</p>
      )}
      <h3 className="h6">As a file</h3>
      <div className="share-row">
        <Button
          variant="outline-primary"
          onClick={() => saveText(`${fileName(dish.name)}.json`, writeRecipe(plan), 'application/ld+json')}
        >
          Recipe data
        </Button>
        <Button
          variant="outline-primary"
          onClick={() => saveText(`${fileName(dish.name)}.md`, writeRecipeText(plan), 'text/markdown')}
        >
          Text to read
        </Button>
        <Link className="btn btn-outline-primary" to={`/dish/${dish.id}/card`}>
          A printed card
        </Link>
      </div>
      <p className="small soft">
        Recipe data is a schema.org recipe that other programs read too; opened here again, it loses nothing.
        The text has the steps for your pot and {dish.plates} {dish.plates === 1 ? 'plate' : 'plates'}.
      </p>
    </div>
  );
}

/** The link as a picture of a code; null while it is drawn. */
function useCode(link: string): string | 'too long' | null {
  const [drawn, setDrawn] = useState<{ link: string; code: string } | null>(null);
  useEffect(() => {
    if (link.length > MOST_IN_CODE) return;
    let isWanted = true;
    void import('qrcode').then(async ({ toString }) => {
      // Dark on light in either theme: cameras read it so.
      const svg = await toString(link, { type: 'svg', margin: 2, errorCorrectionLevel: 'L' });
      if (isWanted) setDrawn({ link, code: `data:image/svg+xml;utf8,${encodeURIComponent(svg)}` });
    });
    return () => {
      isWanted = false;
    };
  }, [link]);
  if (link.length > MOST_IN_CODE) return 'too long';
  return drawn?.link === link ? drawn.code : null;
}
