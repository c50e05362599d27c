import { lazy } from 'react';
import { useHomeIsMyWalk } from '../parts/session';
import { Screen } from '../parts/screen';
import { Yard } from '../yard/yard';

const MyWalk = lazy(() => import('./my-walk').then((m) => ({ default: m.MyWalk })));

/** What opens first: a technician's own walk on their phone, else the yard. */
export function Home() {
  return useHomeIsMyWalk() ? (
    <Screen title="My walk">
      <MyWalk />
    </Screen>
  ) : (
    <Screen title="Yard">
      <Yard />
    </Screen>
  );
}
