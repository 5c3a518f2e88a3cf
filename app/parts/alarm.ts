import { useEffect } from 'react';
import { secondsLeft, type Timer } from '../../core/index';
import { ringInTitle } from './title';

let audio: AudioContext | undefined;

/** Three rising notes made in the browser: no file, no network. Silent where the browser does not allow sound yet. */
function ring(): void {
  try {
    audio ??= new AudioContext();
    void audio.resume();
    const start = audio.currentTime;
    [660, 880, 1100].forEach((hertz, i) => {
      if (!audio) return;
      const note = audio.createOscillator();
      const gain = audio.createGain();
      note.frequency.value = hertz;
      gain.gain.setValueAtTime(0, start + i * 0.22);
      gain.gain.linearRampToValueAtTime(0.35, start + i * 0.22 + 0.02);
      gain.gain.exponentialRampToValueAtTime(0.001, start + i * 0.22 + 0.2);
      note.connect(gain).connect(audio.destination);
      note.start(start + i * 0.22);
      note.stop(start + i * 0.22 + 0.21);
    });
    navigator.vibrate?.([200, 100, 200]);
  } catch {
    // A browser without sound still shows the alarm.
  }
}

const RING_EVERY_MS = 4000;

/** A note from the browser where that was allowed and the page is not in sight. */
function notify(text: string): void {
  if (document.visibilityState === 'visible' || !('Notification' in window)) return;
  if (Notification.permission === 'granted')
    new Notification('Keen Ladle', { body: text, tag: 'keen-ladle' });
}

/** Asks whether notes may be shown while the page is away; only ever on a tap. */
export async function allowNotes(): Promise<boolean> {
  return 'Notification' in window && (await Notification.requestPermission()) === 'granted';
}

/** Rings and notes while there are words for it. */
export function useRinging(words: string): void {
  useEffect(() => {
    if (!words) return;
    notify(words);
    ring();
    const timer = setInterval(ring, RING_EVERY_MS);
    return () => clearInterval(timer);
  }, [words]);
}

/** Rings while any timer is due and not heard, or `urgent` says something, and puts it in the page's title. */
export function useAlarm(timers: readonly Timer[], now: number, urgent: string | null): Timer[] {
  const due = timers.filter((t) => secondsLeft(t, now) <= 0);
  const names = [...(urgent ? [urgent] : []), ...due.map((t) => t.name)].join(', ');
  useEffect(() => {
    ringInTitle(names);
    return () => ringInTitle('');
  }, [names]);
  useRinging(names);
  return due;
}

/** Keeps the screen awake while `on`, where the browser can; asks again when the page comes back. */
export function useAwake(on: boolean): void {
  useEffect(() => {
    if (!on || !('wakeLock' in navigator)) return;
    let lock: WakeLockSentinel | undefined;
    const ask = (): void => {
      if (document.visibilityState === 'visible')
        navigator.wakeLock.request('screen').then(
          (l) => (lock = l),
          () => undefined,
        );
    };
    ask();
    document.addEventListener('visibilitychange', ask);
    return () => {
      document.removeEventListener('visibilitychange', ask);
      void lock?.release();
    };
  }, [on]);
}
