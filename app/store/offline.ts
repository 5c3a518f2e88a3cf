import { Workbox } from 'workbox-window';
import { announceVersion } from './newVersion';

/** A page that stays open looks for a new version this often, ms. */
const LOOKS_EVERY_MS = 3_600_000;

/**
 * Keeps every file of the app in the browser, so that all of it opens without the server. A new version waits until it is taken; then
 * every open page of the app loads again, because the files of the old one are gone.
 */
export async function keepOffline(): Promise<void> {
  if (!('serviceWorker' in navigator)) return;
  const worker = new Workbox('/sw.js');
  worker.addEventListener('waiting', () => announceVersion(() => worker.messageSkipWaiting()));
  worker.addEventListener('controlling', ({ isUpdate }) => {
    if (isUpdate) location.reload();
  });
  await worker.register();
  setInterval(() => void worker.update().catch(() => undefined), LOOKS_EVERY_MS);
}
