import { useEffect, useState } from 'react';

/** The wall clock, epoch ms, read again every `everyMs`. Always the true time, however long the page slept. */
export function useNow(everyMs = 30_000): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const tick = (): void => setNow(Date.now());
    const timer = setInterval(tick, everyMs);
    document.addEventListener('visibilitychange', tick);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', tick);
    };
  }, [everyMs]);
  return now;
}

// Made once: a formatter costs as much as a hundred dates.
const CLOCK = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' });
const DAY = new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', month: 'short' });
const DAY_OF_YEAR = new Intl.DateTimeFormat('en-GB', {
  weekday: 'short',
  day: 'numeric',
  month: 'short',
  year: 'numeric',
});

/** Clock time "19:08" of an epoch millisecond. */
export function clock(at: number): string {
  return CLOCK.format(at);
}

/** Day "Tue 24 Nov" of an epoch millisecond; with the year when it is not this one. */
export function day(at: number): string {
  const sameYear = new Date(at).getFullYear() === new Date().getFullYear();
  return (sameYear ? DAY : DAY_OF_YEAR).format(at);
}
