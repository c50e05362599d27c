import { useEffect } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import type { QueryClient, QueryFilters } from '@tanstack/react-query';
import { sender } from '../offline/device';

interface Changed {
  what: 'BOAT' | 'YARD' | 'BENCH' | 'WEATHER' | 'PLAN';
  boat: string | null;
}

/** Keeps open screens current: what changes anywhere is asked for again here. */
export function useLiveChanges(signedIn: boolean): void {
  const queries = useQueryClient();
  useEffect(() => {
    if (!signedIn) return;
    const source = new EventSource('/api/events');
    source.addEventListener('hello', () => {
      sender.wake();
      // Anything may have changed before the line stood: while it was broken, and also
      // between the first answers of a screen just opened and its first line.
      askAgain(queries, {});
    });
    source.addEventListener('changed', (event) => {
      const changed = JSON.parse(event.data as string) as Changed;
      if (changed.what === 'BENCH') {
        askAgain(queries, { queryKey: ['shelf'] });
        askAgain(queries, { queryKey: ['boats', 'stores'] });
        return;
      }
      if (changed.boat && sender.heardOf(changed.boat)) return;
      askAgain(queries, { queryKey: ['walks'] });
      if (changed.what === 'PLAN') {
        askAgain(queries, { queryKey: ['boats', 'launch'] });
        askAgain(queries, { queryKey: ['boats', 'stores'] });
        return;
      }
      askAgain(queries, { queryKey: ['frost'] });
      if (changed.what === 'WEATHER') return;
      askAgain(queries, { queryKey: ['boats'] });
      askAgain(queries, { queryKey: ['timers'] });
      if (changed.what === 'YARD') {
        askAgain(queries, { queryKey: ['yard'] });
        askAgain(queries, { queryKey: ['boat'] });
      } else if (changed.boat) {
        askAgain(queries, { queryKey: ['boat', changed.boat] });
      }
    });
    return () => source.close();
  }, [signedIn, queries]);
}

/**
 * Asks again for what a screen shows. A first answer that is still on its way may have been made
 * before the change, and cannot be called off: it is asked for again once it is there.
 */
function askAgain(queries: QueryClient, filters: QueryFilters): void {
  const first = queries
    .getQueryCache()
    .findAll({ ...filters, fetchStatus: 'fetching' })
    .filter((query) => query.state.data === undefined);
  for (const query of first) {
    const again = () => void queries.invalidateQueries({ queryKey: query.queryKey, exact: true });
    query.promise?.then(again, () => undefined);
  }
  void queries.invalidateQueries(filters);
}
