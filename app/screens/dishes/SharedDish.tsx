import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { Link, useLocation, useNavigate } from 'react-router';
import { formatDuration, unpackDish, type Dish, type Kitchen } from '../../../core/index';
import { useSay } from '../../parts/Toasts';
import { useTitle } from '../../parts/title';
import { freshId, takeDish } from '../../store/dishes';
import { useKitchen } from '../../store/live';
import { usePlan } from '../../store/plans';
import { reasonOf } from '../../store/writes';

/** A dish that came in a link: looked at first, taken in when the cook says so. */
export default function SharedDish() {
  const { hash } = useLocation();
  return <Opened key={hash} packed={hash.slice(1)} />;
}

function Opened({ packed }: { packed: string }) {
  const kitchen = useKitchen();
  const [read] = useState(() => unpackDish(packed, freshId(), Date.now()));
  useTitle(read.ok ? `For you: ${read.dish.name}` : 'A dish in a link');
  if (!kitchen) return <p className="loading">One moment…</p>;
  if (!read.ok)
    return (
      <div className="page page-narrow">
        <h1>No dish in this link</h1>
        <p className="notice notice-bad mt-3" role="alert">
          {read.message}
        </p>
        <p>
          <Link to="/dishes/new">Write or paste it instead</Link>
        </p>
      </div>
    );
  return <Look key={read.dish.id} dish={read.dish} kitchen={kitchen} />;
}

/** Lines under the heading they stand under. */
function bySection(dish: Dish): { section: string; lines: Dish['lines'] }[] {
  const out: { section: string; lines: Dish['lines'] }[] = [];
  for (const line of dish.lines) {
    const section = line.section ?? '';
    const last = out.at(-1);
    if (last?.section === section) last.lines.push(line);
    else out.push({ section, lines: [line] });
  }
  return out;
}

function Look({ dish, kitchen }: { dish: Dish; kitchen: Kitchen }) {
  const plan = usePlan(dish, kitchen);
  const navigate = useNavigate();
  const say = useSay();
  const [isBusy, setBusy] = useState(false);
  const take = async (): Promise<void> => {
    setBusy(true);
    try {
      const { id, wasThere } = await takeDish(dish);
      say(wasThere ? 'You have this dish already: here it is.' : `“${dish.name}” is among your dishes.`);
      void navigate(`/dish/${id}`, { replace: true });
    } catch (error) {
      setBusy(false);
      say(`It could not be written down. ${reasonOf(error)} The link stays good.`);
    }
  };
  return (
    <div className="page page-narrow">
      <p className="soft mb-1">A dish in a link</p>
      <h1>{dish.name}</h1>
      <p className="mt-2">
        For {dish.plates} {dish.plates === 1 ? 'plate' : 'plates'}
        {plan && (
          <>
            , about {formatDuration(plan.timing.totalS.mid)} in your {plan.pot.name}
          </>
        )}
        .
      </p>
      <p>
        <Button size="lg" disabled={isBusy} onClick={() => void take()}>
          Take it into my dishes
        </Button>{' '}
        <Link className="btn btn-quiet" to="/">
          Leave it
        </Link>
      </p>
      {dish.note && <p className="shared-words">{dish.note}</p>}
      <h2 className="h5 mt-4">Ingredients</h2>
      {dish.lines.length === 0 && <p className="soft">None.</p>}
      {bySection(dish).map(({ section, lines }, i) => (
        <section key={i}>
          {section && <h3 className="h6 mt-3">{section}</h3>}
          <ul>
            {lines.map((l) => (
              <li key={l.id}>{l.text}</li>
            ))}
          </ul>
        </section>
      ))}
      {dish.method && (
        <>
          <h2 className="h5 mt-4">Method</h2>
          <p className="shared-words">{dish.method}</p>
        </>
      )}
      <p className="small soft mt-4">
        Nothing of this is checked by anybody: amounts, minutes and cautions are computed anew for your pot
        once you have taken it in.
      </p>
    </div>
  );
}
