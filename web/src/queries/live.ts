import { keys } from '../api/keys';
import { useEffect } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import type { QueryClient } from '@tanstack/react-query';
import { sender } from '../offline/device';
import { askAgain } from '../api/ask-again';

interface Changed {
  what: 'BOAT' | 'YARD' | 'BENCH' | 'WEATHER' | 'PLAN' | 'JOBS';
  boat: string | null;
  entries: number | null;
}

/** So long changes are gathered. */
const TOGETHER_MS = 200;

/** Keeps open screens current: what changes anywhere is asked for again here. */
export function useLiveChanges(signedIn: boolean): void {
  const queries = useQueryClient();
  useEffect(() => {
    if (!signedIn) return;
    const source = new EventSource('/api/events');
    source.addEventListener('hello', () => {
      sender.startsOver();
      sender.wake();
      // Anything may have changed before the line stood: while it was broken, and also
      // between the first answers of a screen just opened and its first line.
      void askAgain(queries, {});
    });
    // Somebody who taps through a step changes a boat many times a second: it is asked for once.
    const heard = new Map<string, Changed>();
    let soon: ReturnType<typeof setTimeout> | undefined;
    const askForAll = () => {
      soon = undefined;
      for (const changed of heard.values()) askFor(queries, changed);
      heard.clear();
    };
    source.addEventListener('changed', (event) => {
      const changed = JSON.parse(event.data as string) as Changed;
      if (changed.boat && sender.heardOf(changed.boat, changed.entries)) return;
      heard.set(`${changed.what} ${changed.boat ?? ''}`, changed);
      soon ??= setTimeout(askForAll, TOGETHER_MS);
    });
    // Cut off: without signal nothing comes of asking; a session that has ended is seen at once.
    source.addEventListener(
      'error',
      () => void queries.invalidateQueries({ queryKey: keys.session }),
    );
    return () => {
      clearTimeout(soon);
      source.close();
    };
  }, [signedIn, queries]);
}

/** What a change may be shown in. */
function askFor(queries: QueryClient, changed: Changed): void {
  if (changed.what === 'BENCH') {
    void askAgain(queries, { queryKey: keys.shelf });
    void askAgain(queries, { queryKey: keys.kit });
    void askAgain(queries, { queryKey: keys.allStores });
    return;
  }
  if (changed.what === 'JOBS') {
    void askAgain(queries, { queryKey: keys.jobs });
    void askAgain(queries, { queryKey: keys.backups });
    return;
  }
  void askAgain(queries, { queryKey: keys.plans });
  if (changed.what === 'PLAN') {
    void askAgain(queries, { queryKey: keys.launches });
    void askAgain(queries, { queryKey: keys.allStores });
    return;
  }
  void askAgain(queries, { queryKey: keys.frost });
  if (changed.what === 'WEATHER') return;
  void askAgain(queries, { queryKey: keys.boats });
  void askAgain(queries, { queryKey: keys.timers });
  if (changed.what === 'YARD') {
    void askAgain(queries, { queryKey: keys.yard });
    void askAgain(queries, { queryKey: keys.anyBoat });
  } else if (changed.boat) {
    void askAgain(queries, { queryKey: keys.boat(changed.boat) });
  }
}
