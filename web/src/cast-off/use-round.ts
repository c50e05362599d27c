import { keys } from '../api/keys';
import { useCallback, useEffect, useRef, useState } from 'react';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import type { AfterSent, CastOffRound, FuelFitted, RoundSent } from '../api/client';
import { Refusal } from '../api/refusal';
import { isNoAnswer } from '../offline/no-answer';
import { alone } from '../offline/alone';
import { forgetKept, keptNow, useKept } from './kept';
import type { RoundKind, Source } from './source';
import type { Begun } from './use-begun';

/** What was said and waits to go up, oldest first. */
type Waiting =
  | { round: RoundSent; begun: Begun }
  | { after: AfterSent; notBefore: number }
  | { fuel: FuelFitted; version: number };

/** What comes back to whoever sent it, because it was refused. */
export interface GivenBack {
  round: (begun: Begun) => void;
  fuel: (fitted: FuelFitted) => void;
}

const AGAIN_AFTER_MS = 10_000;

/** So long what was tapped can be taken back before it goes up; also how often that is tried. */
const SENT_AFTER_MS = 6_000;
const NOBODY: Waiting[] = [];

/** By which one that waits is told from the others, in whichever tab. */
function keyOf(one: Waiting): string {
  if ('round' in one) return `round ${one.round.id}`;
  return 'after' in one ? `after ${one.after.id}` : `fuel ${JSON.stringify(one)}`;
}

interface Fetched {
  at: number;
  round: CastOffRound;
}

/**
 * A round with what this device keeps of it: it is shown without signal as it was fetched last, and
 * what is ended without signal goes up when there is some.
 *
 * @param giveBack takes what was refused
 */
export function useRound(source: Source, kind: RoundKind, giveBack: GivenBack) {
  const queries = useQueryClient();
  const [kept, keep] = useKept<Fetched | null>(`${source.name}.round.${kind}`, null);
  const waits = `${source.name}.waiting`;
  const [waiting, wait] = useKept<Waiting[]>(waits, NOBODY);
  const [refused, setRefused] = useState<Refusal | null>(null);
  const sending = useRef<Promise<void> | null>(null);
  const query = useQuery({
    queryKey: [...source.queryKey, kind],
    queryFn: async () => {
      const round = await source.load(kind);
      keep({ at: Date.now(), round });
      return round;
    },
    networkMode: 'always',
    refetchInterval: AGAIN_AFTER_MS,
  });
  const gone = query.error instanceof Refusal && query.error.status === 404;
  useEffect(() => {
    // A link that opens nothing any more leaves nothing behind.
    if (gone) forgetKept(source.name);
  }, [gone, source.name]);

  const waitingNow = useCallback(() => keptNow<Waiting[]>(waits, NOBODY), [waits]);
  const sendOne = useCallback(async () => {
    const first = waitingNow().find((one) => !('notBefore' in one) || one.notBefore <= Date.now());
    if (!first) return;
    const done = () => wait(waitingNow().filter((one) => keyOf(one) !== keyOf(first)));
    try {
      // How far this device's clock is off is seen from when it says that it sends.
      const sentAt = new Date().toISOString();
      if ('round' in first) await source.end({ ...first.round, sentAt });
      else if ('after' in first) await source.after({ ...first.after, sentAt });
      else await source.fuel?.(first.fuel, first.version);
      done();
      void queries.invalidateQueries({ queryKey: source.queryKey });
      void queries.invalidateQueries({ queryKey: keys.boats });
    } catch (error) {
      if (!isNoAnswer(error)) {
        // It would be refused again: it comes back to whoever sent it.
        done();
        setRefused(error as Refusal);
        if ('round' in first) giveBack.round(first.begun);
        if ('fuel' in first) giveBack.fuel(first.fuel);
      }
    }
  }, [source, waitingNow, wait, queries, giveBack]);

  // One after the other, over all tabs that have this round open.
  const send = useCallback(() => {
    if (sending.current) return sending.current;
    const mine = alone(waits, sendOne).finally(() => (sending.current = null));
    sending.current = mine;
    return mine;
  }, [waits, sendOne]);

  useEffect(() => {
    if (waiting.length === 0) return;
    void send();
    const again = setInterval(() => void send(), SENT_AFTER_MS);
    const online = () => void send();
    window.addEventListener('online', online);
    return () => {
      clearInterval(again);
      window.removeEventListener('online', online);
    };
  }, [send, waiting]);

  const round = query.data ?? kept?.round ?? null;
  const fuelWaits = waiting.findLast((one) => 'fuel' in one);
  return {
    round: gone || !round ? null : fuelWaits ? { ...round, fuel: fuelWaits.fuel } : round,
    /** When the yard said all this last. */
    knownAt: kept?.at ?? 0,
    error: query.error,
    again: query.refetch,
    gone,
    noSignal: query.isError && !(query.error instanceof Refusal),
    waiting: waiting.length,
    refused,
    endRound: (round: RoundSent, begun: Begun) => {
      setRefused(null);
      wait([...waitingNow(), { round, begun }]);
    },
    /** Keeps what the boat burns; without signal it waits. Throws what is refused. */
    describe: async (fitted: FuelFitted, version: number) => {
      try {
        await source.fuel?.(fitted, version);
      } catch (error) {
        if (!isNoAnswer(error)) throw error;
        wait([...waitingNow(), { fuel: fitted, version }]);
        return;
      }
      await queries.invalidateQueries({ queryKey: source.queryKey });
    },
    say: (after: AfterSent) =>
      wait([...waitingNow(), { after, notBefore: Date.now() + SENT_AFTER_MS }]),
    /** Whether it still waited, and is gone now. */
    takeBack: (id: string) => {
      const all = waitingNow();
      const others = all.filter((one) => !('after' in one) || one.after.id !== id);
      wait(others);
      return others.length < all.length;
    },
  };
}
