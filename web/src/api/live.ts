import { useEffect } from 'react';
import { useQueryClient } from '@tanstack/react-query';
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
      void queries.invalidateQueries();
    });
    source.addEventListener('changed', (event) => {
      const changed = JSON.parse(event.data as string) as Changed;
      if (changed.what === 'BENCH') {
        void queries.invalidateQueries({ queryKey: ['shelf'] });
        return;
      }
      void queries.invalidateQueries({ queryKey: ['walks'] });
      if (changed.what === 'PLAN') {
        void queries.invalidateQueries({ queryKey: ['boats', 'launch'] });
        return;
      }
      void queries.invalidateQueries({ queryKey: ['frost'] });
      if (changed.what === 'WEATHER') return;
      void queries.invalidateQueries({ queryKey: ['boats'] });
      void queries.invalidateQueries({ queryKey: ['timers'] });
      if (changed.what === 'YARD') {
        void queries.invalidateQueries({ queryKey: ['yard'] });
        void queries.invalidateQueries({ queryKey: ['boat'] });
      } else if (changed.boat) {
        void queries.invalidateQueries({ queryKey: ['boat', changed.boat] });
      }
    });
    return () => source.close();
  }, [signedIn, queries]);
}
