import { randomUUID } from 'node:crypto';
import type vm from 'node:vm';
import type { NewEntry } from '../src/api/client';
import type { GoingPicture, WaitingEntry } from '../src/offline/database';
import { Device } from './browser';
import type { BrowserTab } from './browser';
import { Chance } from './chance';
import type { Clock } from './clock';
import { Disk } from './disk';
import { FULL, Signal } from './signal';
import type { Weather } from './signal';

/** What the lines are laid on. */
export interface Ground {
  clock: Clock;
  code: vm.Script;
  server: string;
  authorization: string;
  boats: readonly string[];
  jpegs: readonly Blob[];
}

const PERSON = 'who works here';
const HOUR_MS = 3_600_000;
/** With signal all of it is there after so long, whatever was before. */
const THERE_WITHIN_MS = 300_000;

/** What was entered, and what has become of it as far as its device knows. */
export interface Entered {
  id: string;
  boat: string;
  what: 'kept' | 'refused' | 'unreadable' | 'withdrawal';
  /** Where it stands in the line; null while, or when, it never was taken in. */
  seq: number | null;
  notTakenIn?: true;
  /** Its tab was gone before it could say. */
  cutShort?: true;
  takenOut?: true;
  /** The person was told at once that it is refused. */
  told?: string;
  /** It stands among what came back. */
  returned?: string;
  photo?: { id: string; jpeg: Blob };
}

/** A line of a device from its first entry until nothing waits any more. */
export class DeviceLine {
  readonly entered: Entered[] = [];
  readonly wrong: string[] = [];
  readonly signal: Signal;
  readonly shown = new Map<string, () => unknown>();
  readonly #chance: Chance;
  readonly #disk: Disk;
  readonly #device: Device;
  readonly #clock: Clock;

  constructor(
    readonly number: number,
    readonly ground: Ground,
  ) {
    this.#clock = ground.clock;
    this.#chance = new Chance(number);
    this.#disk = new Disk(this.#chance);
    this.signal = new Signal(this.#clock, this.#chance, ground.server, ground.authorization);
    const https = this.#chance.is(0.5);
    this.#device = new Device(this.#clock, this.#disk, this.signal, https);
  }

  /** Some entries, while everything that can happen does; then signal until nothing waits. */
  async run(): Promise<void> {
    const chance = this.#chance;
    const bad: Weather = {
      bad: chance.of([0.05, 0.2, 0.5]),
      bitsPerSecond: chance.of([20_000_000, 400_000, 50_000]),
      loss: chance.of([0, 0.05, 0.2]),
    };
    this.signal.weather = bad;
    if (chance.is(0.1)) await this.#leftByAnEarlierVersion();
    this.#open();
    if (chance.is(0.3)) this.#open();
    if (chance.is(0.2)) this.#look(chance.of(this.ground.boats));
    const boats = [chance.of(this.ground.boats), chance.of(this.ground.boats)];
    const over = this.#clock.now + 240_000;
    this.#happens(over);
    for (let left = chance.between(1, 9); left > 0; left--) {
      await this.#pass(chance.is(0.5) ? chance.between(0, 900) : chance.between(1_000, 20_000));
      this.#enter(chance.is(0.8) ? boats[0]! : boats[1]!);
    }
    await this.#pass(Math.max(0, over - this.#clock.now));
    await this.#clear();
    await this.#settles(THERE_WITHIN_MS);
  }

  /** Thirty pictures over the weakest signal there is, entries between them; it never gets better. */
  async pictures(): Promise<void> {
    this.signal.weather = { bad: 0.05, bitsPerSecond: 50_000, loss: 0.2 };
    this.#open();
    const boat = this.#chance.of(this.ground.boats);
    for (let picture = 0; picture < 30; picture++) {
      this.#enter(boat, 'picture');
      await this.#pass(this.#chance.between(500, 20_000));
      this.#enter(boat, 'note');
    }
    await this.#settles(3 * HOUR_MS);
  }

  async #pass(ms: number): Promise<void> {
    await this.#clock.until(() => false, ms);
  }

  #open(): BrowserTab {
    return this.#device.open(this.ground.code, PERSON);
  }

  #tab(): BrowserTab {
    const { tabs } = this.#device;
    return tabs.length === 0 ? this.#open() : this.#chance.of(tabs);
  }

  #look(boat: string): void {
    this.shown.set(boat, this.#tab().it.show(boat));
  }

  async #leftByAnEarlierVersion(): Promise<void> {
    const boat = this.#chance.of(this.ground.boats);
    const version = this.#chance.of([1, 2] as const);
    const note = this.#note();
    const jpeg = this.#chance.of(this.ground.jpegs);
    const photo = { ...this.#note(), kind: 'PHOTO_TAKEN' as const, photo: randomUUID() };
    const all = version === 1 ? [note] : [note, photo];
    await this.#disk.left(
      version,
      all.map((entry) => ({ person: PERSON, boat, entry })),
      version === 2 ? [photo.photo, jpeg] : undefined,
    );
    all.forEach(({ id }, i) => {
      const one: Entered = { id, boat, what: 'kept', seq: i + 1 };
      if (id === photo.id) one.photo = { id: photo.photo, jpeg };
      this.entered.push(one);
    });
  }

  /** What can happen to a device meanwhile, each at some moment. */
  #happens(until: number): void {
    const chance = this.#chance;
    const at = () => chance.between(0, until - this.#clock.now);
    const maybe = (share: number, name: string, what: () => void) => {
      if (!chance.is(share)) return;
      this.#clock.after(at(), () => {
        this.#clock.tell(name);
        what();
      });
    };
    maybe(
      0.3,
      'its clock is wrong',
      () => (this.#device.wrong = chance.between(-20 * HOUR_MS, 20 * HOUR_MS)),
    );
    maybe(
      0.1,
      'its clock is wrong by days',
      () => (this.#device.wrong = chance.between(-90 * HOUR_MS, 90 * HOUR_MS)),
    );
    maybe(0.25, 'no room', () => {
      this.#disk.hasRoom(false);
      this.#clock.after(chance.between(5_000, 120_000), () => this.#disk.hasRoom(true));
    });
    maybe(0.2, 'a later version', () => void this.#disk.upgrade());
    maybe(0.25, 'a tab is gone', () => this.#kill());
    maybe(0.2, 'one more tab', () => void this.#open());
    maybe(0.3, 'no signal', () => {
      this.#onLine(false);
      this.#clock.after(chance.between(1_000, 90_000), () => this.#onLine(true));
    });
  }

  #onLine(now: boolean): void {
    if (this.#device.onLine === now) return;
    this.#device.onLine = now;
    this.#device.tabs.forEach((tab) => tab.heard(now ? 'online' : 'offline'));
  }

  /** In the midst of whatever its disk does; sometimes it is opened again. */
  #kill(): void {
    const tab = this.#tab();
    let steps = this.#chance.between(0, 12);
    const step = () => {
      if (steps-- > 0) setImmediate(step);
      else if (!tab.dead) {
        tab.kill();
        if (this.#chance.is(0.5)) this.#open();
      }
    };
    this.#enter(this.#chance.of(this.ground.boats));
    step();
  }

  #note(): NewEntry {
    const id = randomUUID();
    const deviceTime = new Date(this.#clock.now + this.#device.wrong).toISOString();
    return { id, deviceTime, kind: 'NOTED', text: `line ${this.number}, ${id}` };
  }

  #enter(boat: string, must?: 'note' | 'picture'): void {
    const chance = this.#chance;
    const note = this.#note();
    const which = must ?? chance.of(['note', 'note', 'note', 'note', 'note', 'more']);
    const what = which === 'more' ? chance.of(['picture', 'refused', 'unreadable']) : which;
    const tab = this.#tab();
    if (what === 'picture') {
      const jpeg = chance.of(this.ground.jpegs);
      const photo = { id: randomUUID(), jpeg };
      const one = this.#begun(note.id, boat, 'kept');
      one.photo = photo;
      void this.#withPicture(tab, one, { ...note, kind: 'PHOTO_TAKEN', photo: photo.id });
    } else if (what === 'refused') {
      const fitting = { fitting: 'no such fitting', state: 'IN' };
      const entry = { ...note, kind: 'FITTING_SET', ...fitting } as unknown as NewEntry;
      void this.#hold(tab, this.#begun(note.id, boat, 'refused'), entry);
    } else if (what === 'unreadable') {
      const entry = { ...note, kind: 'NO_SUCH_KIND' } as unknown as NewEntry;
      void this.#hold(tab, this.#begun(note.id, boat, 'unreadable'), entry);
    } else {
      void this.#noteAndUndo(tab, this.#begun(note.id, boat, 'kept'), note, must !== undefined);
    }
  }

  #begun(id: string, boat: string, what: Entered['what']): Entered {
    const one: Entered = { id, boat, what, seq: null };
    this.entered.push(one);
    return one;
  }

  async #withPicture(tab: BrowserTab, one: Entered, entry: NewEntry): Promise<void> {
    try {
      await tab.it.pictures.keep(one.photo!.id, one.boat, one.photo!.jpeg);
      void tab.it.pictures.send();
    } catch (error) {
      this.#notTakenIn(one, tab, error);
      return;
    }
    await this.#hold(tab, one, entry);
  }

  async #noteAndUndo(tab: BrowserTab, one: Entered, note: NewEntry, leave: boolean): Promise<void> {
    const held = await this.#hold(tab, one, note);
    if (!held || leave || !this.#chance.is(0.15)) return;
    await this.#clock.sleep(this.#chance.between(0, 8_000));
    if (tab.dead) return;
    let asEntry = false;
    try {
      await tab.it.takeBack(held, async (back) => {
        asEntry = true;
        const withdrawals = back.map(({ id }) => this.#begun(id, one.boat, 'withdrawal'));
        const taken = await tab.it.line.hold(PERSON, one.boat, back);
        taken.forEach(({ seq }, i) => (withdrawals[i]!.seq = seq));
        return taken;
      });
      if (!asEntry) one.takenOut = true;
    } catch (error) {
      const last = this.entered.findLast(({ what }) => what === 'withdrawal');
      if (asEntry && last && last.seq === null) this.#notTakenIn(last, tab, error);
      else if (asEntry && last) last.told = (error as Error).message;
      else this.#odd(tab, 'taking back', error);
    }
  }

  /** As a screen does: in the line, then sent while somebody looks or does not. */
  async #hold(tab: BrowserTab, one: Entered, entry: NewEntry): Promise<WaitingEntry[] | null> {
    let held: WaitingEntry[];
    try {
      held = await tab.it.line.hold(PERSON, one.boat, [entry]);
    } catch (error) {
      this.#notTakenIn(one, tab, error);
      return null;
    }
    one.seq = held[0]!.seq;
    const looks = this.#chance.is(0.5);
    tab.it.sender
      .now(held, () => looks && !tab.dead)
      .catch((error: Error) => (one.told = error.message));
    return held;
  }

  #notTakenIn(one: Entered, tab: BrowserTab, error: unknown): void {
    if (tab.dead) return;
    one.notTakenIn = true;
    if ((error as { status?: number }).status !== 507) this.#odd(tab, 'taking in', error);
  }

  #odd(tab: BrowserTab, at: string, error: unknown): void {
    if (!tab.dead) this.wrong.push(`${at} failed otherwise: ${String(error)}`);
  }

  /** Signal and room again; somebody has the application open. */
  async #clear(): Promise<void> {
    this.signal.weather = FULL;
    this.#disk.hasRoom(true);
    if (this.#device.tabs.length === 0) this.#open();
    this.#onLine(true);
    await this.#pass(0);
  }

  /** What is on the disk after so long, ms. */
  async #settles(within: number): Promise<void> {
    await this.#pass(within);
    for (const one of await this.#disk.all<WaitingEntry>('waiting')) {
      this.wrong.push(`still waits: ${one.entry.id} (${one.entry.kind})`);
    }
    for (const { photo, sent, refused } of await this.#disk.all<GoingPicture>('pictures')) {
      this.wrong.push(`its picture still waits: ${photo}, ${sent} bytes there, ${refused}`);
    }
    const returned = await this.#disk.all<WaitingEntry & { reason: string }>('returned');
    for (const { entry, reason } of returned) {
      const one = this.entered.find(({ id }) => id === entry.id);
      if (one) one.returned = reason;
      else this.wrong.push(`came back and was never entered: ${entry.id}`);
    }
    for (const tab of this.#device.tabs) {
      const { waiting } = tab.it.line.state;
      if (waiting.length > 0) this.wrong.push(`a tab shows ${waiting.length} as waiting`);
    }
    for (const one of this.entered) {
      if (one.seq === null && !one.notTakenIn) one.cutShort = true;
    }
  }

  /** Nothing of it goes on. */
  end(): void {
    [...this.#device.tabs].forEach((tab) => tab.kill());
  }
}
