import './plainSchemas';
import '@fontsource-variable/atkinson-hyperlegible-next/index.css';
import '@fontsource-variable/bricolage-grotesque/index.css';
import './theme/theme.scss';
import { StrictMode, type ReactNode } from 'react';
import { createRoot } from 'react-dom/client';
import { App, fetchScreen } from './App';
import { Waiting } from './parts/Waiting';
import { firstLight } from './parts/Shell';
import { openStore } from './store/opening';

document.documentElement.dataset['bsTheme'] = firstLight();
const root = document.getElementById('root');
if (!root) throw new Error('The page has no root');
const screen = createRoot(root);
const show = (what: ReactNode): void => screen.render(<StrictMode>{what}</StrictMode>);

fetchScreen(location.pathname);

/** Letters that come in late move what is about to be tapped: the first screen waits a moment for them. */
const LETTERS_MS = 1000;
const letters = Promise.race([
  Promise.all(
    ['1em "Atkinson Hyperlegible Next Variable"', '600 1em "Bricolage Grotesque Variable"'].map((font) =>
      document.fonts.load(font),
    ),
  ),
  new Promise((resolve) => setTimeout(resolve, LETTERS_MS)),
]).catch(() => undefined);

/** Longest that what can wait is put off, ms. */
const PUT_OFF_MS = 15_000;
function whenQuiet(run: () => void): void {
  const idly = (): void => {
    // Not every browser says when it is idle.
    if ('requestIdleCallback' in window) requestIdleCallback(run, { timeout: PUT_OFF_MS });
    else setTimeout(run, PUT_OFF_MS / 5);
  };
  if (document.readyState === 'complete') idly();
  else addEventListener('load', idly, { once: true });
}

void Promise.all([openStore(() => show(<Waiting />)), letters]).then(() => {
  show(<App />);
  // Every file is put by for a day without the server, once the first screen stands and nothing else is asked for.
  const putBy = (): void =>
    void import('./store/offline').then(({ keepOffline }) => keepOffline()).catch(() => undefined);
  if (import.meta.env.PROD) whenQuiet(putBy);
});
