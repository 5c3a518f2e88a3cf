import '@fontsource-variable/atkinson-hyperlegible-next/index.css';
import '@fontsource-variable/bricolage-grotesque/index.css';
import './theme/theme.scss';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { App } from './App';
import { firstLight } from './parts/Shell';
import { openHousehold } from './store/backup';

document.documentElement.dataset['bsTheme'] = firstLight();
const root = document.getElementById('root');
if (!root) throw new Error('The page has no root');
openHousehold()
  .catch((error: unknown) => console.error('The household could not be opened', error))
  .finally(() =>
    createRoot(root).render(
      <StrictMode>
        <App />
      </StrictMode>,
    ),
  );
