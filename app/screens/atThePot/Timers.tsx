import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { formatCountdown, formatDuration, secondsLeft, type Timer } from '../../../core/index';
import { freshId } from '../../store/dishes';
import { allowNotes } from '../../parts/alarm';
import type { Tell } from './tell';

/** Named timers, true by the wall clock. A missed one says how late it is. */
export function Timers({
  timers,
  due,
  now,
  tell,
}: {
  timers: readonly Timer[];
  due: readonly Timer[];
  now: number;
  tell: Tell;
}) {
  const [name, setName] = useState('');
  const [minutes, setMinutes] = useState('');
  const value = Number.parseFloat(minutes.replace(',', '.'));
  const usable = value > 0 && value <= 1440;
  return (
    <section className="timers" aria-label="Timers">
      <h2>Timers</h2>
      {timers.length === 0 && <p className="soft small mb-1">None running.</p>}
      <ul>
        {timers.map((t) => {
          const left = secondsLeft(t, now);
          const ringing = due.includes(t);
          return (
            <li key={t.id} className={ringing ? 'is-ringing' : ''}>
              <span className="timer-name">{t.name}</span>
              <span
                className="timer-left figure"
                role="timer"
                aria-label={`${t.name}: ${formatDuration(Math.max(0, left))} left`}
              >
                {ringing ? 'now' : formatCountdown(Math.ceil(left))}
              </span>
              {ringing && left < -20 && <span className="small">{formatDuration(-left)} ago</span>}
              <span className="timer-tools">
                {ringing ? (
                  <Button size="sm" onClick={() => tell({ type: 'timerHeard', timerId: t.id })}>
                    Heard
                  </Button>
                ) : (
                  <Button
                    size="sm"
                    variant="quiet"
                    aria-label={`Stop ${t.name}`}
                    onClick={() => tell({ type: 'timerStopped', timerId: t.id })}
                  >
                    Stop
                  </Button>
                )}
                <Button
                  size="sm"
                  variant="quiet"
                  aria-label={`One minute more: ${t.name}`}
                  onClick={() =>
                    tell({ type: 'timerAdded', timerId: t.id, seconds: ringing ? Math.ceil(-left) + 60 : 60 })
                  }
                >
                  +1 min
                </Button>
              </span>
            </li>
          );
        })}
      </ul>
      <AllowNotes />
      <p className="visually-hidden" role="alert">
        {due.map((t) => `${t.name}: time is up.`).join(' ')}
      </p>
      <form
        className="timer-new"
        onSubmit={(e) => {
          e.preventDefault();
          if (!usable) return;
          tell({
            type: 'timerStarted',
            timerId: freshId(),
            name: name.trim().slice(0, 60) || 'Timer',
            seconds: Math.round(value * 60),
          });
          setName('');
          setMinutes('');
        }}
      >
        <Form.Control
          size="sm"
          aria-label="What for"
          placeholder="rice"
          value={name}
          maxLength={60}
          onChange={(e) => setName(e.target.value)}
        />
        <Form.Control
          size="sm"
          aria-label="Minutes"
          inputMode="decimal"
          placeholder="min"
          value={minutes}
          onChange={(e) => setMinutes(e.target.value.slice(0, 5))}
        />
        <Button size="sm" type="submit" variant="quiet" disabled={!usable}>
          Start
        </Button>
      </form>
    </section>
  );
}

/** Offers notes from the browser for alarms while the page is out of sight; gone once it has been answered. */
function AllowNotes() {
  const [isAsked, setAsked] = useState(!('Notification' in window) || Notification.permission !== 'default');
  if (isAsked) return null;
  return (
    <button
      type="button"
      className="link-button small mb-2"
      onClick={() => void allowNotes().finally(() => setAsked(true))}
    >
      Also tell me when this page is out of sight
    </button>
  );
}
