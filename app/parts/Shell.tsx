import { useLiveQuery } from 'dexie-react-hooks';
import { Suspense, useCallback, useEffect, useState } from 'react';
import Button from 'react-bootstrap/Button';
import { ErrorBoundary } from 'react-error-boundary';
import { Link, NavLink, Outlet, useLocation } from 'react-router';
import {
  cookTime,
  foldAll,
  formatCountdown,
  formatDuration,
  liveTimers,
  secondsLeft,
} from '../../core/index';
import { clockWasSet } from '../store/cooks';
import { db } from '../store/db';
import { useRinging } from './alarm';
import { Keeping } from './Keeping';
import { keepSmall, readKept } from './kept';
import { Mark } from './Mark';
import { useClockGuard } from './clockGuard';
import { NewVersion } from './NewVersion';
import { useNow } from './now';
import { useSay } from './Toasts';
import { useHeadingFocus } from './useHeadingFocus';
import { Crash } from './Crash';

const PLACES = [
  ['/', 'Dishes'],
  ['/finish', 'Finish'],
  ['/log', 'Logbook'],
  ['/kitchen', 'Kitchen'],
] as const;

type Light = 'light' | 'dark';
const LIGHT_KEY = 'keen-ladle-light';

/** The light chosen last, or the device's. */
export function firstLight(): Light {
  const kept = readKept(LIGHT_KEY);
  if (kept === 'light' || kept === 'dark') return kept;
  return matchMedia('(prefers-color-scheme: dark)').matches ? 'dark' : 'light';
}

function useLight(): [Light, () => void] {
  const [light, setLight] = useState<Light>(firstLight);
  useEffect(() => {
    document.documentElement.dataset['bsTheme'] = light;
    keepSmall(LIGHT_KEY, light);
  }, [light]);
  return [light, () => setLight((l) => (l === 'light' ? 'dark' : 'light'))];
}

/** Timers stay true on every screen, whatever is done to the clock of the device. */
function useTrueTimers(): void {
  const say = useSay();
  useClockGuard(
    useCallback(
      (byMs: number) =>
        void clockWasSet(byMs)
          .then((cooks) => {
            if (cooks > 0)
              say(
                `The clock of this device was set ${byMs < 0 ? 'back' : 'forward'} by ${formatDuration(Math.abs(byMs) / 1000)}. The timers go on as they were.`,
              );
          })
          .catch(() => undefined),
      [say],
    ),
  );
}

/** A cook that is going on is one tap away from every screen. */
function GoingOn() {
  useTrueTimers();
  const { pathname } = useLocation();
  const cooks = useLiveQuery(async () => {
    const recent = await db.events
      .where('at')
      .above(Date.now() - 36 * 3_600_000)
      .toArray();
    const ids = [...new Set(recent.map((e) => e.cookId))];
    const events = await db.events.where('cookId').anyOf(ids).toArray();
    return foldAll(events).filter((c) => c.status === 'cooking' || c.status === 'served');
  });
  const now = useNow(1000);
  const others = (cooks ?? []).filter((c) => pathname !== `/cook/${c.cookId}`);
  const timers = others.flatMap((c) =>
    c.status === 'cooking' ? liveTimers(c, cookTime(c.clock, now)).map((timer) => ({ cook: c, timer })) : [],
  );
  const isDue = ({ cook, timer }: (typeof timers)[number]): boolean =>
    secondsLeft(timer, cookTime(cook.clock, now)) <= 0;
  const due = timers.filter(isDue);
  useRinging(due.map((d) => d.timer.name).join(', '));
  const isCooking = (cooks ?? []).some((c) => c.status === 'cooking');
  return (
    <>
      <NewVersion isCooking={isCooking} />
      {others.length > 0 && (
        <div className="shell-cooking no-print">
          {others.slice(0, 3).map((c) => {
            const next = timers.find((t) => t.cook === c);
            return (
              <Link
                key={c.cookId}
                to={`/cook/${c.cookId}`}
                className={next && isDue(next) ? 'is-ringing' : ''}
              >
                {c.status === 'served' ? 'How was the' : 'On the go:'} {c.dish?.name}
                {c.status === 'served' ? '?' : ''}
                {next &&
                  ` · ${next.timer.name} ${isDue(next) ? 'now' : formatCountdown(Math.ceil(secondsLeft(next.timer, cookTime(c.clock, now))))}`}
              </Link>
            );
          })}
        </div>
      )}
    </>
  );
}

/** Frame of every screen: the mark, the places, the light, and what is cooking. */
export function Shell() {
  const [light, toggleLight] = useLight();
  const { pathname } = useLocation();
  useHeadingFocus(pathname);
  return (
    <div className="shell">
      <a className="shell-skip" href="#main">
        Skip to the screen
      </a>
      <header className="shell-bar">
        <Link to="/" className="shell-mark" aria-label="Keen Ladle, home">
          <Mark />
          <span>Keen Ladle</span>
        </Link>
        <nav className="shell-nav" aria-label="Screens">
          {PLACES.map(([to, label]) => (
            <NavLink key={to} to={to} end={to === '/' ? pathname !== '/dishes/new' : false}>
              {label}
            </NavLink>
          ))}
        </nav>
        <div className="shell-end">
          <Button variant="quiet" size="sm" onClick={toggleLight} aria-pressed={light === 'dark'}>
            {light === 'light' ? 'Evening' : 'Daylight'}
          </Button>
        </div>
      </header>
      <Keeping />
      <GoingOn />
      <main className="shell-main" id="main">
        <ErrorBoundary FallbackComponent={Crash} resetKeys={[pathname]}>
          <Suspense fallback={<p className="loading">One moment…</p>}>
            <Outlet />
          </Suspense>
        </ErrorBoundary>
      </main>
    </div>
  );
}
