import { keys } from '../api/keys';
import { useCallback, useEffect, useRef, useState } from 'react';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import type { AfterSent, CastOffRound, RoundSent } from '../api/client';
import { Refusal } from '../api/refusal';
import { forgetKept, useKept } from './kept';
import type { RoundKind, Source } from './source';
import type { Begun } from './use-begun';

/** What was said and waits to go up, oldest first. */
type Waiting = { round: RoundSent; begun: Begun } | { after: AfterSent; notBefore: number };

const AGAIN_AFTER_MS = 10_000;

/** So long what was tapped can be taken back before it goes up; also how often that is tried. */
const SENT_AFTER_MS = 6_000;
const NOBODY: Waiting[] = [];

interface Fetched {
  at: number;
  round: CastOffRound;
}

/**
 * A round with what this device keeps of it: it is shown without signal as it was fetched last, and
 * what is ended without signal goes up when there is some.
 *
 * @param giveBack what was found on a round that was refused
 */
export function useRound(source: Source, kind: RoundKind, giveBack: (begun: Begun) => void) {
  const queries = useQueryClient();
  const [kept, keep] = useKept<Fetched | null>(`${source.name}.round.${kind}`, null);
  const [waiting, wait] = useKept<Waiting[]>(`${source.name}.waiting`, NOBODY);
  const [refused, setRefused] = useState<Refusal | null>(null);
  const sending = useRef(false);
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

  const send = useCallback(async () => {
    const first = waiting.find((one) => !('notBefore' in one) || one.notBefore <= Date.now());
    if (sending.current || !first) return;
    sending.current = true;
    const others = waiting.filter((one) => one !== first);
    try {
      // How far this device's clock is off is seen from when it says that it sends.
      const sentAt = new Date().toISOString();
      if ('round' in first) await source.end({ ...first.round, sentAt });
      else await source.after({ ...first.after, sentAt });
      wait(others);
      void queries.invalidateQueries({ queryKey: source.queryKey });
      void queries.invalidateQueries({ queryKey: keys.boats });
    } catch (error) {
      const answered = error instanceof Refusal && error.status < 500 && error.status !== 429;
      if (answered && error.status !== 401) {
        // It would be refused again: it comes back to whoever sent it.
        wait(others);
        setRefused(error);
        if ('round' in first) giveBack(first.begun);
      }
    } finally {
      sending.current = false;
    }
  }, [source, waiting, wait, queries, giveBack]);

  useEffect(() => {
    void send();
    if (waiting.length === 0) return;
    const again = setInterval(() => void send(), SENT_AFTER_MS);
    const online = () => void send();
    window.addEventListener('online', online);
    return () => {
      clearInterval(again);
      window.removeEventListener('online', online);
    };
  }, [send, waiting.length]);

  return {
    round: gone ? null : (query.data ?? kept?.round ?? null),
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
      wait([...waiting, { round, begun }]);
    },
    say: (after: AfterSent) => wait([...waiting, { after, notBefore: Date.now() + SENT_AFTER_MS }]),
    /** Whether it still waited, and is gone now. */
    takeBack: (id: string) => {
      const others = waiting.filter((one) => !('after' in one) || one.after.id !== id);
      wait(others);
      return others.length < waiting.length;
    },
  };
}
