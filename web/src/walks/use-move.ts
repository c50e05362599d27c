import { keys } from '../api/keys';
import { useCallback, useState } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import { api, got } from '../api/client';
import type { MoveView, StopView } from '../api/client';
import { useRefused } from '../parts/refused';

/** A place in somebody's walk. */
export interface Place {
  worker: string;
  date: string;
  index: number;
}

/** Takes a stop up, tells what each place would mean, and puts it down. */
export function useMove(stop: StopView | null) {
  const queries = useQueryClient();
  const [place, setPlace] = useState<Place | null>(null);
  const [tried, setTried] = useState<MoveView | null>(null);
  const { attempt, elsewhere: trouble } = useRefused([]);

  const ask = useCallback(
    (of: StopView, to: Place, keep: boolean) =>
      got(
        api.POST('/api/walks/move', {
          body: { boat: of.boat, task: of.task, ...to, keep },
        }),
      ),
    [],
  );

  const leave = useCallback(() => {
    setPlace(null);
    setTried(null);
  }, []);

  const tryPlace = useCallback(
    (to: Place, of: StopView | null = stop) => {
      if (!of) return;
      if (
        place?.worker === to.worker &&
        place.date === to.date &&
        place.index === to.index &&
        tried
      ) {
        return;
      }
      setPlace(to);
      void attempt(async () => setTried(await ask(of, to, false)));
    },
    [ask, attempt, place, stop, tried],
  );

  const keep = useCallback(
    (of: StopView | null = stop, to: Place | null = place) => {
      if (!of || !to) return;
      void attempt(async () => {
        await ask(of, to, true);
        await queries.invalidateQueries({ queryKey: keys.plans });
        leave();
      });
    },
    [ask, attempt, leave, place, queries, stop],
  );

  return { place, tried, trouble, tryPlace, keep, leave };
}
