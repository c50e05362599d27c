import { type ReactElement, Suspense, lazy } from 'react';
import { useQuery } from '@tanstack/react-query';
import { PersistQueryClientProvider } from '@tanstack/react-query-persist-client';
import { BrowserRouter, Navigate, Outlet, Route, Routes, useLocation } from 'react-router';
import { useLiveChanges } from './queries/live';
import { queryClient } from './api/query-client';
import { sessionQuery } from './queries/queries';
import { SHOWN_FOR_MS } from './api/query-client';
import { isKept, shownOnDevice } from './offline/keep-shown';
import { JudgedAnewStrip } from './jobs/judged-anew-strip';
import { NewVersion } from './waiting/new-version';
import { WaitingStrip } from './waiting/waiting-strip';
import { Header } from './header/header';
import { Screen, SkipLink } from './parts/screen';
import { Loading, Trouble } from './parts/states';
import { UndoProvider } from './parts/undo';
import { CallOut } from './timers/call-out';
import { Home } from './walks/home';
import { useUnitsKey } from './words/units';
import { Yard } from './yard/yard';

const SignIn = lazy(() => import('./sign-in/sign-in').then((m) => ({ default: m.SignIn })));
const Boat = lazy(() => import('./boat/boat').then((m) => ({ default: m.Boat })));
const Card = lazy(() => import('./card/card').then((m) => ({ default: m.Card })));
const PaperSheet = lazy(() =>
  import('./paper/paper-sheet').then((m) => ({ default: m.PaperSheet })),
);
const Readings = lazy(() => import('./reading/readings').then((m) => ({ default: m.Readings })));
const Bench = lazy(() => import('./bench/bench').then((m) => ({ default: m.Bench })));
const BenchOfBoat = lazy(() =>
  import('./bench/bench-of-boat').then((m) => ({ default: m.BenchOfBoat })),
);
const BenchTabs = lazy(() => import('./bench/bench-tabs').then((m) => ({ default: m.BenchTabs })));
const Round = lazy(() => import('./round/round').then((m) => ({ default: m.Round })));
const Mix = lazy(() => import('./mix/mix').then((m) => ({ default: m.Mix })));
const Fill = lazy(() => import('./fill/fill').then((m) => ({ default: m.Fill })));
const Fuel = lazy(() => import('./mix/fuel').then((m) => ({ default: m.Fuel })));
const Calibrate = lazy(() => import('./bench/calibrate').then((m) => ({ default: m.Calibrate })));
const Describe = lazy(() => import('./describe/describe').then((m) => ({ default: m.Describe })));
const Import = lazy(() => import('./import/import').then((m) => ({ default: m.Import })));
const Walks = lazy(() => import('./walks/walks').then((m) => ({ default: m.Walks })));
const FreezesFirst = lazy(() =>
  import('./frost/freezes-first').then((m) => ({ default: m.FreezesFirst })),
);
const Season = lazy(() => import('./walks/season').then((m) => ({ default: m.Season })));
const MyWalk = lazy(() => import('./walks/my-walk').then((m) => ({ default: m.MyWalk })));
const Spring = lazy(() => import('./launch/spring').then((m) => ({ default: m.Spring })));
const Launch = lazy(() => import('./launch/launch').then((m) => ({ default: m.Launch })));
const LaunchBoat = lazy(() =>
  import('./launch/launch-boat').then((m) => ({ default: m.LaunchBoat })),
);
const Book = lazy(() => import('./book/book').then((m) => ({ default: m.Book })));
const BookTabs = lazy(() => import('./book/book-tabs').then((m) => ({ default: m.BookTabs })));
const Due = lazy(() => import('./due/due').then((m) => ({ default: m.Due })));
const Archive = lazy(() => import('./archive/archive').then((m) => ({ default: m.Archive })));
const Reports = lazy(() => import('./report/reports').then((m) => ({ default: m.Reports })));
const Kit = lazy(() => import('./kit/kit').then((m) => ({ default: m.Kit })));
const Stores = lazy(() => import('./stores/stores').then((m) => ({ default: m.Stores })));
const Trends = lazy(() => import('./trend/trends').then((m) => ({ default: m.Trends })));
const CastOff = lazy(() => import('./cast-off/cast-off').then((m) => ({ default: m.CastOff })));
const CastOffBoat = lazy(() =>
  import('./cast-off/cast-off-boat').then((m) => ({ default: m.CastOffBoat })),
);
const Owner = lazy(() => import('./cast-off/owner').then((m) => ({ default: m.Owner })));
const Account = lazy(() => import('./account/account').then((m) => ({ default: m.Account })));
const Join = lazy(() => import('./account/join').then((m) => ({ default: m.Join })));
const Changes = lazy(() => import('./people/changes').then((m) => ({ default: m.Changes })));
const Settings = lazy(() => import('./settings/settings').then((m) => ({ default: m.Settings })));

/** A screen under its name. */
function on(title: string, screen: ReactElement) {
  return <Screen title={title}>{screen}</Screen>;
}

export function App() {
  const units = useUnitsKey();
  return (
    <PersistQueryClientProvider
      client={queryClient}
      persistOptions={{
        persister: shownOnDevice,
        maxAge: SHOWN_FOR_MS,
        // What was fetched is said in the units it was asked for in.
        buster: `${__CONTRACT__} ${units}`,
        dehydrateOptions: { shouldDehydrateQuery: isKept },
      }}
    >
      <UndoProvider key={units}>
        <NewVersion />
        <BrowserRouter>
          <Routes>
            <Route
              path="/sign-in"
              element={
                <Suspense fallback={<Loading what="the way in" />}>
                  {on('Sign in', <SignIn />)}
                </Suspense>
              }
            />
            <Route
              path="/owner"
              element={
                <Suspense fallback={<Loading what="the round" />}>
                  {on('Round before casting off', <Owner />)}
                </Suspense>
              }
            />
            <Route
              path="/join"
              element={
                <Suspense fallback={<Loading what="your invitation" />}>
                  {on('Your invitation', <Join />)}
                </Suspense>
              }
            />
            <Route element={<SignedInOnly />}>
              <Route path="/boats/:boatId/cards/:cardId" element={on('Card', <Card />)} />
              <Route element={<Desk />}>
                <Route index element={<Home />} />
                <Route path="/yard" element={on('Yard', <Yard />)} />
                <Route path="/boats/:boatId" element={on('Boat', <Boat />)} />

                <Route
                  path="/boats/:boatId/paper/:procedure"
                  element={on('Paper card', <PaperSheet />)}
                />
                <Route path="/boats/:boatId/readings" element={on('Readings', <Readings />)} />
                <Route path="/boats/:boatId/trends" element={on('Trends', <Trends />)} />
                <Route path="/describe" element={on('Add a boat', <Describe />)} />
                <Route
                  path="/boats/:boatId/describe"
                  element={on('Describe a boat', <Describe />)}
                />
                <Route path="/import" element={on('Import boats', <Import />)} />
                <Route path="/bench" element={<BenchTabs />}>
                  <Route index element={on('Bench', <Bench />)} />
                  <Route path="round" element={on('Proof round', <Round />)} />
                  <Route path="mix" element={on('Mix', <Mix />)} />
                  <Route path="fill" element={on('Fill', <Fill />)} />
                  <Route path="fuel" element={on('Fuel', <Fuel />)} />
                  <Route
                    path="instruments/:instrumentId"
                    element={on('Calibrate', <Calibrate />)}
                  />
                  <Route path=":boatId" element={on('Bench of a boat', <BenchOfBoat />)} />
                </Route>
                <Route path="/walks" element={on('Walks', <Walks />)} />
                <Route path="/frost" element={on('What freezes first', <FreezesFirst />)} />
                <Route path="/walks/season" element={on('Season', <Season />)} />
                <Route path="/walks/mine" element={on('My walk', <MyWalk />)} />
                <Route path="/launch" element={on('Launch', <Launch />)} />
                <Route path="/launch/spring" element={on('Spring', <Spring />)} />
                <Route path="/launch/:boatId" element={on('Launch of a boat', <LaunchBoat />)} />
                <Route path="/book" element={<BookTabs />}>
                  <Route index element={on('Book', <Book />)} />
                  <Route path="due" element={on('Due', <Due />)} />
                  <Route path="reports" element={on('Reports', <Reports />)} />
                  <Route path="archive" element={on('Archive', <Archive />)} />
                </Route>
                <Route path="/stores" element={on('Stores', <Stores />)} />
                <Route path="/kit" element={on('Kit', <Kit />)} />
                <Route path="/cast-off" element={on('Cast off', <CastOff />)} />
                <Route
                  path="/cast-off/:boatId"
                  element={on('Round before casting off', <CastOffBoat />)}
                />
                <Route path="/settings" element={on('Settings', <Settings />)} />
                <Route path="/settings/changes" element={on('Changes', <Changes />)} />
                <Route path="/account" element={on('Account', <Account />)} />
                <Route path="*" element={<Navigate to="/" replace />} />
              </Route>
            </Route>
          </Routes>
        </BrowserRouter>
      </UndoProvider>
    </PersistQueryClientProvider>
  );
}

/** Everything but the sign-in page; whoever must sign in comes back to where they were. */
function SignedInOnly() {
  const { data, error, refetch } = useQuery({
    ...sessionQuery,
    // What this device kept may be of a session that has ended.
    refetchOnMount: 'always',
    refetchOnWindowFocus: true,
  });
  const { pathname } = useLocation();
  useLiveChanges(Boolean(data));
  if (data === undefined) {
    return error ? (
      <Trouble error={error} again={() => void refetch()} />
    ) : (
      <Loading what="the yard" />
    );
  }
  if (data === null) return <Navigate to={`/sign-in?to=${encodeURIComponent(pathname)}`} replace />;
  return (
    <>
      <WaitingStrip />
      <JudgedAnewStrip />
      <CallOut />
      <Suspense fallback={<Loading what="the screen" />}>
        <Outlet />
      </Suspense>
    </>
  );
}

function Desk() {
  return (
    <div className="flex min-h-dvh flex-col">
      <SkipLink />
      <Header />
      <Suspense fallback={<Loading what="the screen" />}>
        <Outlet />
      </Suspense>
    </div>
  );
}
