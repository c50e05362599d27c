import { keys } from '../api/keys';
import { useCallback, useRef, useState } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import { api, got } from '../api/client';
import type { MoveView } from '../api/client';
import { useRefused } from '../parts/refused';

/** A place in somebody's walk. */
export interface Place {
  worker: string;
  date: string;
  index: number;
}

/** What is carried: a boat's stop, by any of its tasks. */
export interface Carried {
  boat: string;
  task: string;
}

/** Takes a stop up, tells what each place would mean, and puts it down. */
export function useMove(stop: Carried | null) {
  const queries = useQueryClient();
  const [place, setPlace] = useState<Place | null>(null);
  const [tried, setTried] = useState<MoveView | null>(null);
  const { attempt, elsewhere: trouble } = useRefused([]);
  /** What was asked last: an answer to anything before it comes too late. */
  const asked = useRef(0);
  const failed = useRef(false);

  const ask = useCallback(
    (of: Carried, to: Place, keep: boolean) =>
      got(
        api.POST('/api/walks/move', {
          body: { boat: of.boat, task: of.task, ...to, keep },
        }),
      ),
    [],
  );

  const leave = useCallback(() => {
    asked.current++;
    setPlace(null);
    setTried(null);
  }, []);

  const tryPlace = useCallback(
    (to: Place, of: Carried | null = stop) => {
      if (!of) return;
      const same =
        place?.worker === to.worker && place.date === to.date && place.index === to.index;
      if (same && !failed.current) return;
      const mine = ++asked.current;
      failed.current = false;
      setPlace(to);
      setTried(null);
      void attempt(async () => {
        const told = await ask(of, to, false).catch((error: unknown) => {
          if (mine !== asked.current) return null;
          failed.current = true;
          throw error;
        });
        if (mine === asked.current) setTried(told);
      });
    },
    [ask, attempt, place, stop],
  );

  const keep = useCallback(
    (of: Carried | null = stop, to: Place | null = place) => {
      if (!of || !to) return;
      const mine = ++asked.current;
      void attempt(async () => {
        await ask(of, to, true);
        await queries.invalidateQueries({ queryKey: keys.plans });
        if (mine === asked.current) leave();
      });
    },
    [ask, attempt, leave, place, queries, stop],
  );

  return { place, tried, trouble, tryPlace, keep, leave };
}
