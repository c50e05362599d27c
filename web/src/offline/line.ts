import type { NewEntry } from '../api/client';
import { uuid } from '../api/uuid';
import { hasNoRoom, noRoom, whyOf } from './database';
import type { Database, ReturnedEntry, WaitingEntry } from './database';
import { Listeners } from './listeners';

export interface LineState {
  /** Oldest first. */
  waiting: readonly WaitingEntry[];
  returned: readonly ReturnedEntry[];
  /** Whether the last try to send got an answer. */
  signal: boolean;
}

/** An answer comes within this, or none does: then another tab may send what stands before. */
const UNDER_WAY_MS = 20_000;

const THIS_TAB = uuid();

/** Whether another tab has just sent some of them, or what stands before them of the same boat. */
function underWayElsewhere(all: readonly WaitingEntry[], mine: readonly WaitingEntry[]): boolean {
  const boat = mine[0]?.boat;
  const last = Math.max(...mine.map(({ seq }) => seq));
  return all.some(({ boat: of, seq, sentBy }) => {
    const since = sentBy && sentBy.tab !== THIS_TAB ? Date.now() - sentBy.at : -1;
    return of === boat && seq <= last && since >= 0 && since < UNDER_WAY_MS;
  });
}

/**
 * The line of entries that wait to go up. What stands in it is on this device's disk before anybody
 * is told that it was taken in. The tabs of a device share it: whichever comes first to what is on
 * the disk does it, and the others see that it is done.
 */
export class Line {
  #db: () => Promise<Database>;
  #all: readonly WaitingEntry[] = [];
  #state: LineState = { waiting: [], returned: [], signal: true };
  /** Kept by the server, and shown as waiting until the screens have been fetched anew. */
  #settled = new Set<number>();
  /** Set out, and the disk had no room to say so: the tabs tell each other. */
  #unmarked = new Set<number>();
  /** Came back, and the disk had no room for the reason: there it still waits. */
  #refused = new Map<number, ReturnedEntry>();
  #listeners = new Listeners();
  #others: BroadcastChannel | null;
  #loaded: Promise<void> | null = null;
  /** How often what is in memory has changed. */
  #changes = 0;

  constructor(db: () => Promise<Database>, others: BroadcastChannel | null) {
    this.#db = db;
    this.#others = others;
    if (others) {
      others.onmessage = ({ data }: MessageEvent<'changed' | { setOut: number[] }>) => {
        if (data === 'changed') void this.load().catch(() => undefined);
        else data.setOut.forEach((seq) => this.#unmarked.add(seq));
      };
    }
    this.loaded().catch(() => undefined);
  }

  get state(): LineState {
    return this.#state;
  }

  subscribe = this.#listeners.subscribe;

  /** Until what stands on the disk is in this tab's memory; tried again when that failed. */
  loaded(): Promise<void> {
    this.#loaded ??= this.load().catch((error: unknown) => {
      this.#loaded = null;
      throw error;
    });
    return this.#loaded;
  }

  /** What stands on the disk, in this tab's memory too. */
  async load(): Promise<void> {
    for (;;) {
      const changes = this.#changes;
      const db = await this.#db();
      await this.#saysWhatCameBack();
      const onDisk = (await db.getAll('waiting')) as WaitingEntry[];
      const returned = await db.getAll('returned');
      // What was read is older than what this tab has done meanwhile.
      if (changes !== this.#changes) continue;
      const shown = this.#all.filter(({ seq }) => this.#settled.has(seq));
      const waiting = onDisk.filter(
        ({ seq }) => !this.#settled.has(seq) && !this.#refused.has(seq),
      );
      this.#shows([...waiting, ...shown]);
      this.#change({ returned: [...returned, ...this.#refused.values()] });
      return;
    }
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
      noRoom(await whyOf(error, write.done));
    }
    const seqs = new Set(held.map(({ seq }) => seq));
    this.#shows([...this.#all.filter(({ seq }) => !seqs.has(seq)), ...held]);
    this.#change({});
    this.#tellOthers();
    return held;
  }

  /**
   * What is about to be sent is marked so on the disk: the server may have it from then on, whatever
   * becomes of its answer, and no tab of this device can simply take it out.
   *
   * @returns those that still stand there; what another tab has sent or taken out does not. Null
   *   while another tab has some of that boat on their way or what stands before them, and where
   *   something stands before them that was taken in this moment
   */
  async settingOut(entries: readonly WaitingEntry[]): Promise<WaitingEntry[] | null> {
    const write = (await this.#db()).transaction('waiting', 'readwrite');
    try {
      const takesTurns = 'locks' in navigator;
      const all = (await write.store.getAll()) as WaitingEntry[];
      if (this.#misses(all, entries)) {
        await write.done;
        await this.load();
        return null;
      }
      if (!takesTurns && underWayElsewhere(all, entries)) {
        await write.done;
        return null;
      }
      const mark = takesTurns ? {} : { sentBy: { tab: THIS_TAB, at: Date.now() } };
      const there = await Promise.all(
        entries.map(async (one) => {
          const onDisk = all.find(({ seq }) => seq === one.seq);
          if (onDisk && (!onDisk.setOut || !takesTurns)) {
            await write.store.put({ ...onDisk, setOut: true, ...mark });
          }
          return onDisk ? one : null;
        }),
      );
      await write.done;
      const gone = entries.filter((_, i) => there[i] === null);
      if (gone.length > 0) this.#forget(gone);
      return there.filter((one) => one !== null);
    } catch (error) {
      const why = await whyOf(error, write.done);
      if (!hasNoRoom(why)) throw why;
      const setOut = entries.map(({ seq }) => seq);
      setOut.forEach((seq) => this.#unmarked.add(seq));
      this.#others?.postMessage({ setOut });
      return [...entries];
    }
  }

  /** Whether something of the same boat stands before them that this tab does not know of yet. */
  #misses(all: readonly WaitingEntry[], mine: readonly WaitingEntry[]): boolean {
    const first = mine[0];
    const known = new Set(this.#all.map(({ seq }) => seq));
    return all.some(
      ({ boat, person, seq }) =>
        boat === first?.boat &&
        person === first.person &&
        seq < first.seq &&
        !known.has(seq) &&
        !this.#settled.has(seq) &&
        !this.#refused.has(seq),
    );
  }

  /** Takes entries out that never set out; false, and nothing is taken out, when one did. */
  async takeOut(entries: readonly WaitingEntry[]): Promise<boolean> {
    const write = (await this.#db()).transaction('waiting', 'readwrite');
    const onDisk = await Promise.all(entries.map(({ seq }) => write.store.get(seq)));
    const free = onDisk.every((one) => one && !one.setOut && !this.#unmarked.has(one.seq!));
    if (free) await Promise.all(entries.map(({ seq }) => write.store.delete(seq)));
    await write.done;
    if (free) {
      this.#forget(entries);
      this.#tellOthers();
    }
    return free;
  }

  /** Off the disk and out of the line; false where another tab had done so before. */
  async remove(one: WaitingEntry): Promise<boolean> {
    const write = (await this.#db()).transaction('waiting', 'readwrite');
    const there = (await write.store.getKey(one.seq)) !== undefined;
    await write.store.delete(one.seq);
    await write.done;
    this.#forget([one]);
    this.#tellOthers();
    return there;
  }

  /** The server has them: off the disk, and shown until {@link seen}. */
  async settle(entries: readonly WaitingEntry[]): Promise<void> {
    entries.forEach(({ seq }) => this.#settled.add(seq));
    const write = (await this.#db()).transaction('waiting', 'readwrite');
    await Promise.all([...entries.map(({ seq }) => write.store.delete(seq)), write.done]);
    this.#tellOthers();
  }

  /** The screens show what the server has. */
  seen(entries: readonly WaitingEntry[]): void {
    this.#forget(entries);
  }

  /** The server refused one: it comes back to the person, unless another tab has told them. */
  async giveBack(one: WaitingEntry, field: string | null, reason: string): Promise<void> {
    const { seq, person, boat, entry } = one;
    const returned = { seq, person, boat, entry, field, reason };
    let mine = true;
    try {
      mine = await this.#comesBack(returned);
    } catch (error) {
      if (!hasNoRoom(error)) throw error;
      this.#refused.set(seq, returned);
    }
    if (mine) this.#change({ returned: [...this.#state.returned, returned] });
    this.#forget([one]);
    this.#tellOthers();
  }

  /** On the disk from what waits to what came back; false where another tab has done so. */
  async #comesBack(returned: ReturnedEntry): Promise<boolean> {
    const both = (await this.#db()).transaction(['waiting', 'returned'], 'readwrite');
    try {
      const there = (await both.objectStore('waiting').getKey(returned.seq)) !== undefined;
      if (there) {
        await both.objectStore('returned').put(returned);
        await both.objectStore('waiting').delete(returned.seq);
      }
      await both.done;
      return there;
    } catch (error) {
      throw await whyOf(error, both.done);
    }
  }

  /** There may be room now for what came back while there was none. */
  async #saysWhatCameBack(): Promise<void> {
    for (const one of [...this.#refused.values()]) {
      const moved = await this.#comesBack(one).catch(() => null);
      if (moved !== null) this.#refused.delete(one.seq);
    }
  }

  /** The person has dealt with what came back. */
  async dealtWith(one: ReturnedEntry): Promise<void> {
    const both = (await this.#db()).transaction(['waiting', 'returned'], 'readwrite');
    await Promise.all([
      both.objectStore('returned').delete(one.seq),
      both.objectStore('waiting').delete(one.seq),
      both.done,
    ]);
    this.#refused.delete(one.seq);
    this.#change({ returned: this.#state.returned.filter(({ seq }) => seq !== one.seq) });
    this.#tellOthers();
  }

  hasSignal(signal: boolean): void {
    if (signal !== this.#state.signal) this.#change({ signal });
  }

  #forget(entries: readonly WaitingEntry[]): void {
    const gone = new Set(entries.map(({ seq }) => seq));
    gone.forEach((seq) => this.#settled.delete(seq));
    this.#shows(this.#all.filter(({ seq }) => !gone.has(seq)));
    this.#change({});
  }

  #shows(all: readonly WaitingEntry[]): void {
    this.#all = [...all].sort((one, other) => one.seq - other.seq);
  }

  #change(next: Partial<Omit<LineState, 'waiting'>>): void {
    this.#changes++;
    this.#state = { ...this.#state, ...next, waiting: this.#all };
    this.#listeners.tell();
  }

  #tellOthers(): void {
    this.#others?.postMessage('changed');
  }
}
