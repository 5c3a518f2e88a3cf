import { lazy } from 'react';
import { BrowserRouter, Link, matchPath, Route, Routes } from 'react-router';
import { Shell } from './parts/Shell';
import { Toasts } from './parts/Toasts';

/** Every screen with its addresses; each is its own file, fetched when it is first asked for. */
const SCREENS = [
  { at: ['/'], load: () => import('./screens/dishes/Dishes') },
  { at: ['/dishes/new'], load: () => import('./screens/dishes/NewDish') },
  { at: ['/dishes/many'], load: () => import('./screens/dishes/ManyRecipes') },
  { at: ['/dishes/shared'], load: () => import('./screens/dishes/SharedDish') },
  { at: ['/dish/:dishId'], load: () => import('./screens/counter/Counter') },
  { at: ['/dish/:dishId/clock'], load: () => import('./screens/clock/Clock') },
  { at: ['/dish/:dishId/serve'], load: () => import('./screens/serve/Serve') },
  { at: ['/minutes', '/minutes/:potId'], load: () => import('./screens/minutes/Minutes') },
  { at: ['/dish/:dishId/bowls'], load: () => import('./screens/bowls/Bowls') },
  { at: ['/dish/:dishId/card'], load: () => import('./screens/card/Card') },
  { at: ['/dish/:dishId/finish'], load: () => import('./screens/finish/FinishOfDish') },
  { at: ['/finish'], load: () => import('./screens/finish/Finish') },
  { at: ['/cook/:cookId'], load: () => import('./screens/atThePot/AtThePot') },
  { at: ['/log'], load: () => import('./screens/logbook/Logbook') },
  { at: ['/log/:cookId'], load: () => import('./screens/logbook/OneCook') },
  { at: ['/kitchen'], load: () => import('./screens/kitchen/Kitchen') },
].map(({ at, load }) => ({ at, load, Screen: lazy(load) }));

/** Fetches the screen of an address ahead, while the household is opened. Never rejects: a file that does not come is asked for again. */
export function fetchScreen(path: string): void {
  const screen = SCREENS.find(({ at }) => at.some((pattern) => matchPath(pattern, path)));
  void screen?.load().catch(() => undefined);
}

/** An address that leads nowhere. */
function NotFound() {
  return (
    <div className="page page-narrow">
      <h1>Nothing on this shelf</h1>
      <p className="mt-3">
        There is no screen at this address. <Link to="/">To the dishes</Link>
      </p>
    </div>
  );
}

/** The whole application. */
export function App() {
  return (
    <Toasts>
      <BrowserRouter>
        <Routes>
          <Route element={<Shell />}>
            {SCREENS.flatMap(({ at, Screen }) =>
              at.map((path) => <Route key={path} path={path} element={<Screen />} />),
            )}
            <Route path="*" element={<NotFound />} />
          </Route>
        </Routes>
      </BrowserRouter>
    </Toasts>
  );
}
