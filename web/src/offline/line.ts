import type { NewEntry } from '../api/client';
import { noRoom } from './database';
import type { Database, ReturnedEntry, WaitingEntry } from './database';

export interface LineState {
  /** Oldest first. */
  waiting: readonly WaitingEntry[];
  returned: readonly ReturnedEntry[];
  /** Whether the last try to send got an answer. */
  signal: boolean;
}

/**
 * The line of entries that wait to go up. What stands in it is on this device's disk before anybody
 * is told that it was taken in.
 */
export class Line {
  #db: () => Promise<Database>;
  #all: readonly WaitingEntry[] = [];
  #state: LineState = { waiting: [], returned: [], signal: true };
  /** Kept by the server, and shown as waiting until the screens have been fetched anew. */
  #settled = new Set<number>();
  #inFlight = new Set<number>();
  #listeners = new Set<() => void>();
  #others: BroadcastChannel | null;
  readonly loaded: Promise<void>;

  constructor(db: () => Promise<Database>, others: BroadcastChannel | null) {
    this.#db = db;
    this.#others = others;
    if (others) others.onmessage = () => void this.load();
    this.loaded = this.load();
  }

  get state(): LineState {
    return this.#state;
  }

  subscribe = (listener: () => void): (() => void) => {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  };

  /** What stands on the disk, in this tab's memory too. */
  async load(): Promise<void> {
    const db = await this.#db();
    const onDisk = (await db.getAll('waiting')) as WaitingEntry[];
    const shown = this.#all.filter(({ seq }) => this.#settled.has(seq));
    this.#all = [...onDisk, ...shown].sort((one, other) => one.seq - other.seq);
    this.#change({ returned: await db.getAll('returned') });
  }

  /** Those of a person that are still to be sent, in order. */
  toSend(person: string): WaitingEntry[] {
    return this.#all.filter((one) => one.person === person && !this.#settled.has(one.seq));
  }

  /** Takes entries in, all or none; resolved when they are on the disk and shown. */
  async hold(person: string, boat: string, entries: NewEntry[]): Promise<WaitingEntry[]> {
    const db = await this.#db();
    const write = db.transaction('waiting', 'readwrite');
    const held: WaitingEntry[] = [];
    try {
      for (const entry of entries) {
        const seq = await write.store.add({ person, boat, entry });
        held.push({ seq, person, boat, entry });
      }
      await write.done;
    } catch (error) {
      write.done.catch(() => undefined);
      noRoom(error);
    }
    this.#all = [...this.#all, ...held];
    this.#change({});
    this.#tellOthers();
    return held;
  }

  /** Marks what is being sent: it cannot be taken back on this device any more. */
  sending(entries: readonly WaitingEntry[], on: boolean): void {
    for (const { seq } of entries) {
      if (on) this.#inFlight.add(seq);
      else this.#inFlight.delete(seq);
    }
  }

  /** Takes entries out that were never sent; false, and nothing is taken out, when one was. */
  async takeOut(entries: readonly WaitingEntry[]): Promise<boolean> {
    const here = new Set(this.#all.map(({ seq }) => seq));
    const free = entries.every(
      ({ seq }) => here.has(seq) && !this.#inFlight.has(seq) && !this.#settled.has(seq),
    );
    if (free) await this.remove(entries);
    return free;
  }

  /** Off the disk and out of the line. */
  async remove(entries: readonly WaitingEntry[]): Promise<void> {
    await this.#deleteWaiting(entries);
    this.#forget(entries);
  }

  /** The server has them: off the disk, and shown until {@link seen}. */
  async settle(entries: readonly WaitingEntry[]): Promise<void> {
    entries.forEach(({ seq }) => this.#settled.add(seq));
    await this.#deleteWaiting(entries);
  }

  /** The screens show what the server has. */
  seen(entries: readonly WaitingEntry[]): void {
    this.#forget(entries);
  }

  /** The server refused one: it comes back to the person. */
  async giveBack(one: WaitingEntry, field: string | null, reason: string): Promise<void> {
    const db = await this.#db();
    const both = db.transaction(['waiting', 'returned'], 'readwrite');
    const returned = { ...one, field, reason };
    await Promise.all([
      both.objectStore('returned').put(returned),
      both.objectStore('waiting').delete(one.seq),
      both.done,
    ]);
    this.#change({ returned: [...this.#state.returned, returned] });
    this.#forget([one]);
    this.#tellOthers();
  }

  /** The person has dealt with what came back. */
  async dealtWith(one: ReturnedEntry): Promise<void> {
    await (await this.#db()).delete('returned', one.seq);
    this.#change({ returned: this.#state.returned.filter(({ seq }) => seq !== one.seq) });
    this.#tellOthers();
  }

  hasSignal(signal: boolean): void {
    if (signal !== this.#state.signal) this.#change({ signal });
  }

  async #deleteWaiting(entries: readonly WaitingEntry[]): Promise<void> {
    const write = (await this.#db()).transaction('waiting', 'readwrite');
    await Promise.all([...entries.map(({ seq }) => write.store.delete(seq)), write.done]);
    this.#tellOthers();
  }

  #forget(entries: readonly WaitingEntry[]): void {
    const gone = new Set(entries.map(({ seq }) => seq));
    gone.forEach((seq) => this.#settled.delete(seq));
    this.#all = this.#all.filter(({ seq }) => !gone.has(seq));
    this.#change({});
  }

  #change(next: Partial<Omit<LineState, 'waiting'>>): void {
    this.#state = { ...this.#state, ...next, waiting: this.#all };
    this.#listeners.forEach((listener) => listener());
  }

  #tellOthers(): void {
    this.#others?.postMessage('changed');
  }
}
