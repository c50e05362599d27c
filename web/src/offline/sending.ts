import { keys } from '../api/keys';
import type { QueryClient } from '@tanstack/react-query';
import { api, got } from '../api/client';
import { askAgain } from '../api/ask-again';
import type { BoatView } from '../api/client';
import { Refusal } from '../api/refusal';
import type { WaitingEntry } from './database';
import type { Line } from './line';
import { forgetPhotos, sendPhotos } from './photo';

/** So many go up at once: few enough that a weak signal gets some of them through. */
const AT_ONCE = 100;
const ANSWER_WITHIN_MS = 15_000;
const FIRST_PAUSE_MS = 2_000;
const LONGEST_PAUSE_MS = 30_000;
const LOCK = 'elsko.sending';

/** Nobody answered, or not as the server would: the entries stay in line. */
function isNoAnswer(error: unknown): boolean {
  if (!(error instanceof Refusal)) return true;
  const { status, field } = error;
  return status >= 500 || status === 401 || status === 429 || field === 'X-XSRF-TOKEN';
}

/** One sender at a time over all tabs, so that the order holds. */
function alone<T>(work: () => Promise<T>): Promise<T> {
  return 'locks' in navigator
    ? (navigator.locks.request(LOCK, () => work()) as Promise<T>)
    : work();
}

/** Sends what stands in line, in order, each exactly once. */
export class Sender {
  #line: Line;
  #queries: QueryClient;
  #timer: ReturnType<typeof setTimeout> | undefined;
  #pause = FIRST_PAUSE_MS;

  /** Boats entries are on their way for, with how many changes of each were heard meanwhile. */
  #underWay = new Map<string, number>();

  constructor(line: Line, queries: QueryClient) {
    this.#line = line;
    this.#queries = queries;
  }

  #person(): string | null {
    return this.#queries.getQueryData<{ name: string } | null>(keys.session)?.name ?? null;
  }

  /**
   * Somebody changed a boat, most often this device just now. While entries of it are on their way
   * it is asked for again when they are through, and needs not be asked for twice.
   *
   * @returns whether that will be so
   */
  heardOf(boat: string): boolean {
    const heard = this.#underWay.get(boat);
    if (heard === undefined) return false;
    this.#underWay.set(boat, heard + 1);
    return true;
  }

  /** Sends, and asks again in the end where a change was heard that nothing else has shown. */
  async #through<T>(boat: string, send: () => Promise<T>): Promise<T> {
    this.#underWay.set(boat, 0);
    try {
      return await send();
    } finally {
      const heard = this.#underWay.get(boat);
      this.#underWay.delete(boat);
      if (heard) void askForBoat(this.#queries, boat, true);
    }
  }

  /**
   * Sends entries that were just taken in, all or none, and throws what the server refuses: whoever
   * typed it is still looking at it. Without an answer they stay in line.
   */
  now(entries: readonly WaitingEntry[]): Promise<void> {
    return alone(async () => {
      const [first] = entries;
      const sent = new Set(this.#line.toSend(first!.person).map(({ seq }) => seq));
      if (!entries.every(({ seq }) => sent.has(seq))) return; // gone up with what stood before them
      this.#line.sending(entries, true);
      try {
        await sendPhotos(entries, AbortSignal.timeout(ANSWER_WITHIN_MS));
        await this.#through(first!.boat, async () => {
          const kept = await got(
            api.POST('/api/boats/{id}/entries', {
              params: { path: { id: first!.boat } },
              body: {
                entries: entries.map(({ entry }) => entry),
                sentAt: new Date().toISOString(),
              },
              signal: AbortSignal.timeout(ANSWER_WITHIN_MS),
            }),
          );
          this.#line.hasSignal(true);
          await this.#kept(first!.boat, entries, kept.boat);
        });
      } catch (error) {
        if (isNoAnswer(error)) {
          this.#line.queue(entries);
          this.#noAnswer(error);
        } else {
          await this.#line.remove(entries);
          throw error;
        }
      } finally {
        this.#line.sending(entries, false);
      }
    });
  }

  /** Sends all that waits for the person signed in; what is refused comes back to them. */
  async all(): Promise<void> {
    clearTimeout(this.#timer);
    await this.#line.loaded;
    await alone(async () => {
      for (;;) {
        const person = this.#person();
        const mine = person ? this.#line.toSend(person) : [];
        if (mine.length === 0) {
          if (!this.#line.state.signal) await this.#listen();
          return;
        }
        const boat = mine[0]!.boat;
        const batch = mine.filter((one) => one.boat === boat).slice(0, AT_ONCE);
        if (!(await this.#batch(boat, batch))) return;
      }
    });
  }

  /** Starts again at once: something says that there may be signal now. */
  wake(): void {
    this.#pause = FIRST_PAUSE_MS;
    void this.all();
  }

  /** Nothing waits: whether the server is there again is asked all the same. */
  async #listen(): Promise<void> {
    try {
      await api.GET('/api/welcome', { signal: AbortSignal.timeout(ANSWER_WITHIN_MS) });
      this.#line.hasSignal(true);
    } catch (error) {
      this.#noAnswer(error);
    }
  }

  async #batch(boat: string, batch: WaitingEntry[]): Promise<boolean> {
    this.#line.sending(batch, true);
    try {
      await sendPhotos(batch, AbortSignal.timeout(ANSWER_WITHIN_MS));
      await this.#through(boat, async () => {
        const taken = await got(
          api.POST('/api/boats/{id}/waiting-entries', {
            params: { path: { id: boat } },
            body: { entries: batch.map(({ entry }) => entry), sentAt: new Date().toISOString() },
            signal: AbortSignal.timeout(ANSWER_WITHIN_MS),
          }),
        );
        this.#line.hasSignal(true);
        this.#pause = FIRST_PAUSE_MS;
        const answers = new Map(taken.answers.map((answer) => [answer.id, answer]));
        const kept: WaitingEntry[] = [];
        for (const one of batch) {
          const answer = answers.get(one.entry.id);
          if (answer?.reason == null) kept.push(one);
          else await this.#line.giveBack(one, answer.field ?? null, answer.reason);
        }
        await this.#kept(boat, kept, taken.boat);
      });
      return true;
    } catch (error) {
      return await this.#failed(boat, batch, error);
    } finally {
      this.#line.sending(batch, false);
    }
  }

  async #failed(boat: string, batch: WaitingEntry[], error: unknown): Promise<boolean> {
    if (isNoAnswer(error)) {
      this.#noAnswer(error);
      return false;
    }
    const refusal = error as Refusal;
    const [first, ...others] = batch;
    if (others.length > 0) {
      // One of them cannot even be read: find it.
      for (const one of batch) if (!(await this.#batch(boat, [one]))) return false;
    } else {
      await this.#line.giveBack(first!, refusal.field, refusal.message);
    }
    return true;
  }

  async #kept(boat: string, entries: readonly WaitingEntry[], now: BoatView): Promise<void> {
    await this.#line.settle(entries);
    await forgetPhotos(entries);
    // One change that was heard is this one, and the boat as it stands after it is in the answer.
    const byOthersToo = (this.#underWay.get(boat) ?? 0) > 1;
    this.#underWay.set(boat, 0);
    // An answer that is still on its way was made before: it must not come after this one.
    await this.#queries.cancelQueries({ queryKey: keys.boat(boat), exact: true });
    this.#queries.setQueryData(keys.boat(boat), now);
    const fresh = askForBoat(this.#queries, boat, byOthersToo);
    void fresh.finally(() => this.#line.seen(entries));
  }

  #noAnswer(error: unknown): void {
    if (error instanceof Refusal && error.status === 401) {
      this.#queries.setQueryData(keys.session, null);
      return;
    }
    this.#line.hasSignal(false);
    clearTimeout(this.#timer);
    this.#timer = setTimeout(() => void this.all(), this.#pause);
    this.#pause = Math.min(2 * this.#pause, LONGEST_PAUSE_MS);
  }
}

/** Asks again for what follows from a boat, and for the boat itself where that is not known. */
function askForBoat(queries: QueryClient, boat: string, itself: boolean): Promise<void> {
  for (const queryKey of [keys.boats, keys.frost, keys.timers, keys.plans]) {
    void askAgain(queries, { queryKey });
  }
  return askAgain(queries, {
    queryKey: keys.boat(boat),
    predicate: ({ queryKey }) => itself || queryKey.length > 2,
  });
}
