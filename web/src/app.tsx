import { Suspense, lazy } from 'react';
import { useQuery } from '@tanstack/react-query';
import { PersistQueryClientProvider } from '@tanstack/react-query-persist-client';
import { BrowserRouter, Navigate, Outlet, Route, Routes, useLocation } from 'react-router';
import { useLiveChanges } from './api/live';
import { queryClient, sessionQuery } from './api/queries';
import { SHOWN_FOR_MS, isKept, shownOnDevice } from './offline/keep-shown';
import { JudgedAnewStrip } from './jobs/judged-anew-strip';
import { NewVersion } from './offline/new-version';
import { WaitingStrip } from './offline/waiting-strip';
import { Header } from './parts/header';
import { Loading, Trouble } from './parts/states';
import { UndoProvider } from './parts/undo';
import { CallOut } from './timers/call-out';
import { SignIn } from './sign-in/sign-in';
import { Yard } from './yard/yard';

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
const Mix = lazy(() => import('./bench/mix').then((m) => ({ default: m.Mix })));
const Fill = lazy(() => import('./bench/fill').then((m) => ({ default: m.Fill })));
const Fuel = lazy(() => import('./bench/fuel').then((m) => ({ default: m.Fuel })));
const Calibrate = lazy(() => import('./bench/calibrate').then((m) => ({ default: m.Calibrate })));
const Describe = lazy(() => import('./describe/describe').then((m) => ({ default: m.Describe })));
const Import = lazy(() => import('./import/import').then((m) => ({ default: m.Import })));
const Walks = lazy(() => import('./walks/walks').then((m) => ({ default: m.Walks })));
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

export function App() {
  return (
    <PersistQueryClientProvider
      client={queryClient}
      persistOptions={{
        persister: shownOnDevice,
        maxAge: SHOWN_FOR_MS,
        buster: __CONTRACT__,
        dehydrateOptions: { shouldDehydrateQuery: isKept },
      }}
    >
      <UndoProvider>
        <NewVersion />
        <BrowserRouter>
          <Routes>
            <Route path="/sign-in" element={<SignIn />} />
            <Route
              path="/owner"
              element={
                <Suspense fallback={<Loading what="the round" />}>
                  <Owner />
                </Suspense>
              }
            />
            <Route
              path="/join"
              element={
                <Suspense fallback={<Loading what="your invitation" />}>
                  <Join />
                </Suspense>
              }
            />
            <Route element={<SignedInOnly />}>
              <Route path="/boats/:boatId/cards/:cardId" element={<Card />} />
              <Route element={<Desk />}>
                <Route index element={<Yard />} />
                <Route path="/boats/:boatId" element={<Boat />} />

                <Route path="/boats/:boatId/paper/:procedure" element={<PaperSheet />} />
                <Route path="/boats/:boatId/readings" element={<Readings />} />
                <Route path="/boats/:boatId/trends" element={<Trends />} />
                <Route path="/describe" element={<Describe />} />
                <Route path="/boats/:boatId/describe" element={<Describe />} />
                <Route path="/import" element={<Import />} />
                <Route path="/bench" element={<BenchTabs />}>
                  <Route index element={<Bench />} />
                  <Route path="round" element={<Round />} />
                  <Route path="mix" element={<Mix />} />
                  <Route path="fill" element={<Fill />} />
                  <Route path="fuel" element={<Fuel />} />
                  <Route path="instruments/:instrumentId" element={<Calibrate />} />
                  <Route path=":boatId" element={<BenchOfBoat />} />
                </Route>
                <Route path="/walks" element={<Walks />} />
                <Route path="/walks/mine" element={<MyWalk />} />
                <Route path="/launch" element={<Launch />} />
                <Route path="/launch/spring" element={<Spring />} />
                <Route path="/launch/:boatId" element={<LaunchBoat />} />
                <Route path="/book" element={<BookTabs />}>
                  <Route index element={<Book />} />
                  <Route path="due" element={<Due />} />
                  <Route path="reports" element={<Reports />} />
                  <Route path="archive" element={<Archive />} />
                </Route>
                <Route path="/stores" element={<Stores />} />
                <Route path="/kit" element={<Kit />} />
                <Route path="/cast-off" element={<CastOff />} />
                <Route path="/cast-off/:boatId" element={<CastOffBoat />} />
                <Route path="/settings" element={<Settings />} />
                <Route path="/settings/changes" element={<Changes />} />
                <Route path="/account" element={<Account />} />
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
      <Header />
      <Suspense fallback={<Loading what="the screen" />}>
        <Outlet />
      </Suspense>
    </div>
  );
}
