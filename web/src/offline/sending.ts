import { keys } from '../api/keys';
import type { QueryClient } from '@tanstack/react-query';
import { api, got } from '../api/client';
import { askAgain } from '../api/ask-again';
import type { AfterEntries } from '../api/client';
import { Refusal } from '../api/refusal';
import type { WaitingEntry } from './database';
import type { Line } from './line';
import { Again } from './again';
import { alone } from './alone';
import { isNoAnswer } from './no-answer';
import { askForOthers, showAfter } from './show-after';
import { boatThing, cardThing, stampOf } from './told';

/** So many go up at once: few enough that a weak signal gets some of them through. */
const AT_ONCE = 100;
const ANSWER_WITHIN_MS = 15_000;
/** So long whoever entered something looks at what becomes of it. */
const LOOKED_AT_MS = 2_000;
const LONGEST_PAUSE_MS = 30_000;

/** Whoever entered something and sees what becomes of it. */
interface Watcher {
  looks: () => boolean;
  kept: () => void;
  refused: (why: Refusal) => void;
}

/** Sends what stands in line, in order, each exactly once. */
export class Sender {
  #line: Line;
  #queries: QueryClient;
  #again = new Again(() => void this.all(), LONGEST_PAUSE_MS);

  /** Boats entries are on their way for, with the longest log of each that was heard of meanwhile. */
  #underWay = new Map<string, number>();

  /** How long the log of each boat was when this device was told of it last. */
  #known = new Map<string, number>();

  /** Whoever looks at what became of an entry of theirs. */
  #watched = new Map<number, Watcher>();

  constructor(line: Line, queries: QueryClient) {
    this.#line = line;
    this.#queries = queries;
  }

  #person(): string {
    return this.#queries.getQueryData<{ name: string } | null>(keys.session)?.name ?? '';
  }

  /**
   * Somebody changed a boat, most often this device just now. What it was told already needs not be
   * asked for; while entries of the boat are on their way it is seen when they are through.
   *
   * @param entries how long its log is then; null where something else has changed
   * @returns whether nothing needs to be asked for now
   */
  heardOf(boat: string, entries: number | null): boolean {
    const log = entries ?? Infinity;
    if (log <= (this.#known.get(boat) ?? 0)) return true;
    const heard = this.#underWay.get(boat);
    if (heard === undefined) return false;
    this.#underWay.set(boat, Math.max(heard, log));
    return true;
  }

  /** The server may be another than before, with shorter logs: all of it is asked for anyway. */
  startsOver(): void {
    this.#known.clear();
  }

  /** Sends, and asks again in the end where a change was heard that nothing else has shown. */
  async #through<T>(boat: string, send: () => Promise<T>): Promise<T> {
    this.#underWay.set(boat, 0);
    try {
      return await send();
    } finally {
      const heard = this.#underWay.get(boat) ?? 0;
      this.#underWay.delete(boat);
      if (heard > (this.#known.get(boat) ?? 0)) {
        void askAgain(this.#queries, { queryKey: keys.boat(boat) });
        void askForOthers(this.#queries, boat, null);
      }
    }
  }

  /**
   * Sends what was just taken in, behind what stands before it. Settled when it is known what became of it, or
   * when that takes longer than somebody waits: then it stands in line and what is refused comes
   * back later. Throws what is refused while somebody still looks.
   *
   * @param looks whether the place it was entered at is still on the screen
   */
  async now(entries: readonly WaitingEntry[], looks: () => boolean): Promise<void> {
    const answered = entries.map(
      ({ seq }) =>
        new Promise<void>((kept, refused) => this.#watched.set(seq, { looks, kept, refused })),
    );
    void this.all();
    let tooLong: ReturnType<typeof setTimeout> | undefined;
    const waitedFor = new Promise<void>((over) => (tooLong = setTimeout(over, LOOKED_AT_MS)));
    try {
      await Promise.race([Promise.all(answered), waitedFor]);
    } finally {
      clearTimeout(tooLong);
      entries.forEach(({ seq }) => this.#watched.delete(seq));
    }
  }

  /** Sends all that waits for the person signed in; what is refused comes back to them. */
  async all(): Promise<void> {
    this.#again.begun();
    try {
      await this.#line.loaded();
    } catch {
      this.#again.later();
      return;
    }
    await alone('sending', async () => {
      for (;;) {
        const mine = this.#line.toSend(this.#person());
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
    this.#again.fromStart();
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

  async #batch(boat: string, next: WaitingEntry[]): Promise<boolean> {
    const batch = await this.#settingOut(next);
    if (!batch) return false;
    if (batch.length === 0) return true;
    const card = batch.findLast(({ entry }) => entry.card)?.entry.card ?? null;
    try {
      await this.#through(boat, async () => {
        const taken = await got(
          api.POST('/api/boats/{id}/waiting-entries', {
            params: { path: { id: boat } },
            body: {
              entries: batch.map(({ entry }) => entry),
              sentAt: new Date().toISOString(),
              showing: {
                boat: stampOf(boatThing(boat)),
                card: card ?? undefined,
                cardStamp: card ? stampOf(cardThing(boat, card)) : undefined,
              },
            },
            signal: AbortSignal.timeout(ANSWER_WITHIN_MS),
          }),
        );
        this.#line.hasSignal(true);
        this.#again.fromStart();
        const answers = new Map(taken.answers.map((answer) => [answer.id, answer]));
        const kept: WaitingEntry[] = [];
        for (const one of batch) {
          const answer = answers.get(one.entry.id);
          if (answer?.reason == null) kept.push(one);
          else await this.#goesBack(one, new Refusal(409, answer.field ?? null, answer.reason));
        }
        await this.#kept(boat, card, kept, taken.after!);
      });
      return true;
    } catch (error) {
      return await this.#failed(boat, batch, error);
    }
  }

  /** Those that still are to be sent; null when the disk does not say, or another tab is at it. */
  async #settingOut(next: WaitingEntry[]): Promise<WaitingEntry[] | null> {
    // Without any signal nothing leaves this device: it can still be taken out here.
    if (!navigator.onLine) return next;
    try {
      const there = await this.#line.settingOut(next);
      if (there === null) {
        this.#again.later();
        return null;
      }
      // What another tab has sent is not this one's to say anything of.
      for (const one of next) if (!there.includes(one)) this.#watched.get(one.seq)?.kept();
      return there;
    } catch {
      this.#again.later();
      return null;
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
      await this.#goesBack(first!, refusal);
    }
    return true;
  }

  /** To whoever still looks at it, or among what came back. */
  async #goesBack(one: WaitingEntry, why: Refusal): Promise<void> {
    const watcher = this.#watched.get(one.seq);
    if (watcher?.looks()) {
      if (await this.#line.remove(one)) watcher.refused(why);
      else watcher.kept();
    } else {
      await this.#line.giveBack(one, why.field, why.message);
      watcher?.kept();
    }
  }

  async #kept(
    boat: string,
    card: string | null,
    entries: readonly WaitingEntry[],
    after: AfterEntries,
  ): Promise<void> {
    await this.#line.settle(entries);
    this.#known.set(boat, after.entries);
    const { rest } = await showAfter(this.#queries, boat, card, after).catch(() => ({
      // However it was told, it is kept: what cannot be shown so is asked for.
      rest: askAgain(this.#queries, { queryKey: keys.boat(boat) }),
    }));
    // What is asked for still is shown as waiting until it is there; then in one step with it.
    void rest.finally(() => setTimeout(() => this.#line.seen(entries)));
    entries.forEach(({ seq }) => this.#watched.get(seq)?.kept());
  }

  #noAnswer(error: unknown): void {
    if (error instanceof Refusal && error.status === 401) {
      this.#watched.forEach(({ kept }) => kept());
      this.#queries.setQueryData(keys.session, null);
      return;
    }
    this.#line.hasSignal(false);
    this.#watched.forEach(({ kept }) => kept()); // it stands in line
    this.#again.later();
  }
}
