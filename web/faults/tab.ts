/** What one tab of the application is made of, without its screens. */
import { QueryObserver } from '@tanstack/react-query';
import type { BoatView } from '../src/api/client';
import { keys } from '../src/api/keys';
import { queryClient } from '../src/api/query-client';
import { line, pictures, sendWhenThereIsSignal, sender } from '../src/offline/device';
import { hasComeIn } from '../src/offline/leaving';
import { takeBack } from '../src/offline/take-back';
import { boatQuery } from '../src/queries/queries';

export const tab = {
  line,
  sender,
  pictures,
  takeBack,
  begin: sendWhenThereIsSignal,
  signIn(name: string): void {
    hasComeIn(name);
    queryClient.setQueryData(keys.session, { name });
  },
  /** As a screen that shows the boat; says what it shows. */
  show(boat: string): () => BoatView | undefined {
    new QueryObserver(queryClient, boatQuery(boat)).subscribe(() => undefined);
    return () => queryClient.getQueryData(keys.boat(boat));
  },
  /** A change somebody made is heard of, as over the live events. */
  hears(boat: string, entries: number): void {
    if (!sender.heardOf(boat, entries))
      void queryClient.invalidateQueries({ queryKey: keys.boat(boat) });
  },
};
export type Tab = typeof tab;

(globalThis as unknown as { tab: Tab }).tab = tab;
