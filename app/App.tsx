import { lazy } from 'react';
import { createBrowserRouter, Link, RouterProvider } from 'react-router';
import { Shell } from './parts/Shell';
import { Toasts } from './parts/Toasts';

const Dishes = lazy(() => import('./screens/dishes/Dishes'));
const NewDish = lazy(() => import('./screens/dishes/NewDish'));
const Counter = lazy(() => import('./screens/counter/Counter'));
const AtThePot = lazy(() => import('./screens/atThePot/AtThePot'));
const Finish = lazy(() => import('./screens/finish/Finish'));
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

const router = createBrowserRouter([
  {
    element: <Shell />,
    children: [
      { path: '/', element: <Dishes /> },
      { path: '/dishes/new', element: <NewDish /> },
      { path: '/dish/:dishId', element: <Counter /> },
      { path: '/dish/:dishId/finish', element: <Finish /> },
      { path: '/finish', element: <Finish /> },
      { path: '/cook/:cookId', element: <AtThePot /> },
      { path: '/log', element: <Logbook /> },
      { path: '/log/:cookId', element: <OneCook /> },
      { path: '/kitchen', element: <KitchenScreen /> },
      { path: '*', element: <NotFound /> },
    ],
  },
]);

/** The whole application. */
export function App() {
  return (
    <Toasts>
      <RouterProvider router={router} />
    </Toasts>
  );
}
