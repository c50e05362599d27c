import vm from 'node:vm';
import type { Clock } from './clock';
import type { Disk } from './disk';
import { fake } from './disk';
import type { Signal } from './signal';
import type { Tab } from './tab';

/** One device: its clock may be wrong, its tabs share a disk, and locks where it is asked over https. */
export class Device {
  /** By so much its clock is wrong, ms. */
  wrong = 0;
  onLine = true;
  readonly tabs: BrowserTab[] = [];
  readonly #locks = new Map<string, Promise<void>>();
  readonly #kept = new Map<string, string>();

  constructor(
    readonly clock: Clock,
    readonly disk: Disk,
    readonly signal: Signal,
    readonly https: boolean,
  ) {}

  open(code: vm.Script, person: string): BrowserTab {
    const tab = new BrowserTab(this, code, person);
    this.tabs.push(tab);
    return tab;
  }

  /** As a browser's: one after the other over all tabs, and over when its tab is gone. */
  async lock<T>(name: string, of: BrowserTab, work: () => Promise<T>): Promise<T> {
    const before = this.#locks.get(name) ?? Promise.resolve();
    let free = () => {};
    this.#locks.set(name, new Promise((over) => (free = over)));
    await before;
    of.atEnd(free);
    try {
      return await work();
    } finally {
      free();
    }
  }

  /** What the browser keeps for the application beside its database. */
  readonly storage = {
    getItem: (key: string) => this.#kept.get(key) ?? null,
    setItem: (key: string, value: string) => void this.#kept.set(key, String(value)),
    removeItem: (key: string) => void this.#kept.delete(key),
  };
}

/** One tab, apart from all others: it can be killed in the midst of anything. */
export class BrowserTab {
  dead = false;
  readonly it: Tab;
  readonly #window = new EventTarget();
  readonly #ends: (() => void)[] = [];
  readonly #channels = new Map<string, { onmessage: ((event: object) => void) | null }[]>();
  readonly #timers = new Map<number, () => void>();
  #timer = 0;

  constructor(
    readonly device: Device,
    code: vm.Script,
    readonly person: string,
  ) {
    const { factory, close } = device.disk.forTab();
    this.atEnd(close);
    const globals = vm.createContext(this.#globals(factory));
    code.runInContext(globals);
    this.it = (globals as unknown as { tab: Tab }).tab;
    this.it.signIn(person);
    this.it.begin();
  }

  get onLine(): boolean {
    return this.device.onLine;
  }

  /** Calls when the tab is gone; at once when it is. */
  atEnd(end: () => void): void {
    if (this.dead) end();
    else this.#ends.push(end);
  }

  /** Gone in the midst of whatever it does. */
  kill(): void {
    this.dead = true;
    this.#timers.forEach((off) => off());
    this.#ends.forEach((end) => end());
    this.device.tabs.splice(this.device.tabs.indexOf(this), 1);
  }

  /** The browser says that there is signal again, or none. */
  heard(what: 'online' | 'offline'): void {
    this.#window.dispatchEvent(new Event(what));
  }

  /** The session was lost; the person signs in again a while later. */
  signedOut(): void {
    const { clock, signal } = this.device;
    clock.after(signal.chance.between(1_000, 40_000), () => {
      if (!this.dead) this.it.signIn(this.person);
    });
  }

  #globals(indexedDB: IDBFactory): object {
    const { device } = this;
    const { clock } = device;
    const now = () => clock.now + device.wrong;
    class DeviceDate extends Date {
      constructor(...of: [] | [number]) {
        if (of.length === 0) super(now());
        else super(...of);
      }
      static override now = now;
    }
    const setTimeout = (run: () => void, ms = 0) => {
      const id = ++this.#timer;
      const off = clock.after(ms, () => {
        this.#timers.delete(id);
        if (!this.dead) run();
      });
      this.#timers.set(id, off);
      return id;
    };
    const clearTimeout = (id: number) => {
      this.#timers.get(id)?.();
      this.#timers.delete(id);
    };
    const setInterval = (run: () => void, ms: number): number => {
      const each = () => {
        run();
        this.#timers.set(id, clock.after(ms, again));
      };
      const again = () => {
        if (!this.dead) each();
      };
      const id = ++this.#timer;
      this.#timers.set(id, clock.after(ms, again));
      return id;
    };
    const timeout = (ms: number) => {
      const over = new AbortController();
      clock.after(ms, () => {
        over.abort(new DOMException('It took too long.', 'TimeoutError'));
      });
      return over.signal;
    };
    const listens = {
      addEventListener: this.#window.addEventListener.bind(this.#window),
      removeEventListener: this.#window.removeEventListener.bind(this.#window),
    };
    const navigator = {
      get onLine() {
        return device.onLine;
      },
      userAgent: 'a device',
      ...(device.https && {
        locks: {
          request: <T>(name: string, work: () => Promise<T>) => device.lock(name, this, work),
        },
      }),
    };
    const origin = device.signal.server;
    return {
      console,
      fetch: (input: Request | string, init?: RequestInit) =>
        this.dead ? new Promise(() => undefined) : device.signal.fetch(this, input, init),
      Request,
      Response,
      Headers,
      URL,
      URLSearchParams,
      FormData,
      Blob,
      AbortController,
      AbortSignal: Object.assign(() => undefined, { timeout }),
      DOMException,
      TextEncoder,
      TextDecoder,
      Event,
      EventTarget,
      BroadcastChannel: this.#channel(),
      crypto,
      structuredClone,
      queueMicrotask,
      setTimeout,
      clearTimeout,
      setInterval,
      clearInterval: clearTimeout,
      Date: DeviceDate,
      navigator,
      localStorage: device.storage,
      sessionStorage: device.storage,
      location: { origin },
      window: { location: { origin }, ...listens },
      document: { cookie: '', visibilityState: 'visible', ...listens },
      ...fake,
      indexedDB,
    };
  }

  #channel() {
    // eslint-disable-next-line @typescript-eslint/no-this-alias -- the tab of a class within it
    const tab = this;
    return class {
      onmessage: ((event: object) => void) | null = null;

      constructor(readonly name: string) {
        tab.#channels.set(name, [...(tab.#channels.get(name) ?? []), this]);
      }

      postMessage(data: unknown): void {
        for (const other of tab.device.tabs) {
          if (other === tab) continue;
          for (const channel of other.#channels.get(this.name) ?? []) {
            tab.device.clock.after(1, () => {
              if (!other.dead) channel.onmessage?.({ data });
            });
          }
        }
      }
    };
  }
}
