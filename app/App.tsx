import { lazy } from 'react';
import { BrowserRouter, Link, Route, Routes } from 'react-router';
import { Shell } from './parts/Shell';
import { Toasts } from './parts/Toasts';

const Dishes = lazy(() => import('./screens/dishes/Dishes'));
const NewDish = lazy(() => import('./screens/dishes/NewDish'));
const ManyRecipes = lazy(() => import('./screens/dishes/ManyRecipes'));
const SharedDish = lazy(() => import('./screens/dishes/SharedDish'));
const Counter = lazy(() => import('./screens/counter/Counter'));
const ClockScreen = lazy(() => import('./screens/clock/Clock'));
const Serve = lazy(() => import('./screens/serve/Serve'));
const Minutes = lazy(() => import('./screens/minutes/Minutes'));
const Bowls = lazy(() => import('./screens/bowls/Bowls'));
const Card = lazy(() => import('./screens/card/Card'));
const AtThePot = lazy(() => import('./screens/atThePot/AtThePot'));
const Finish = lazy(() => import('./screens/finish/Finish'));
const FinishOfDish = lazy(() => import('./screens/finish/FinishOfDish'));
const Logbook = lazy(() => import('./screens/logbook/Logbook'));
const OneCook = lazy(() => import('./screens/logbook/OneCook'));
const KitchenScreen = lazy(() => import('./screens/kitchen/Kitchen'));

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
            <Route path="/" element={<Dishes />} />
            <Route path="/dishes/new" element={<NewDish />} />
            <Route path="/dishes/many" element={<ManyRecipes />} />
            <Route path="/dishes/shared" element={<SharedDish />} />
            <Route path="/dish/:dishId" element={<Counter />} />
            <Route path="/dish/:dishId/clock" element={<ClockScreen />} />
            <Route path="/dish/:dishId/serve" element={<Serve />} />
            <Route path="/minutes" element={<Minutes />} />
            <Route path="/minutes/:potId" element={<Minutes />} />
            <Route path="/dish/:dishId/bowls" element={<Bowls />} />
            <Route path="/dish/:dishId/card" element={<Card />} />
            <Route path="/dish/:dishId/finish" element={<FinishOfDish />} />
            <Route path="/finish" element={<Finish />} />
            <Route path="/cook/:cookId" element={<AtThePot />} />
            <Route path="/log" element={<Logbook />} />
            <Route path="/log/:cookId" element={<OneCook />} />
            <Route path="/kitchen" element={<KitchenScreen />} />
            <Route path="*" element={<NotFound />} />
          </Route>
        </Routes>
      </BrowserRouter>
    </Toasts>
  );
}
