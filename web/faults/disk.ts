import * as fake from 'fake-indexeddb';
import type { Chance } from './chance';

/** What a disk does that has no room: at once, or when all seemed well. */
const store = fake.IDBObjectStore.prototype as unknown as Record<
  'add' | 'put',
  (this: IDBObjectStore, ...all: unknown[]) => IDBRequest
>;
/** By what chance it says so at once; null while there is room. */
let full: Chance | null = null;
for (const way of ['add', 'put'] as const) {
  const real = store[way];
  store[way] = function (...all) {
    if (!full) return real.apply(this, all);
    if (full.is(0.5)) throw new DOMException('no room', 'QuotaExceededError');
    const request = real.apply(this, all);
    const of = this.transaction as unknown as { _abort: (name: string) => void };
    request.addEventListener('success', () => of._abort('QuotaExceededError'));
    return request;
  };
}

/** What a device keeps, and its tabs share. */
export class Disk {
  readonly factory = new fake.IDBFactory();

  constructor(readonly chance: Chance) {
    this.hasRoom(true);
  }

  hasRoom(now: boolean): void {
    full = now ? null : this.chance;
  }

  /** For one tab: what it opened is closed when the tab is gone. */
  forTab(): { factory: IDBFactory; close: () => void } {
    const open = new Set<IDBDatabase>();
    const factory = new Proxy(this.factory, {
      get: (all, name) => {
        if (name !== 'open') return Reflect.get(all, name) as unknown;
        return (...how: [string, number?]) => {
          const request = all.open(...how);
          request.addEventListener('success', () => open.add(request.result));
          return request;
        };
      },
    });
    return { factory, close: () => open.forEach((one) => one.close()) };
  }

  /** All of a store, as it stands; nothing where there is no such store. */
  async all<T>(of: string): Promise<T[]> {
    const db = await opened(this.factory.open('elsko'));
    try {
      if (![...db.objectStoreNames].includes(of)) return [];
      return await opened(db.transaction(of).objectStore(of).getAll() as IDBRequest<T[]>);
    } finally {
      db.close();
    }
  }

  /** A later version of the application has opened it. */
  async upgrade(): Promise<void> {
    const request = this.factory.open('elsko', 9);
    request.onupgradeneeded = () => {
      if (!request.result.objectStoreNames.contains('later')) {
        request.result.createObjectStore('later');
      }
    };
    (await opened(request)).close();
  }

  /** What an earlier version of the application left, which kept a picture beside its entry. */
  async left(version: 1 | 2, waiting: readonly object[], photo?: [string, Blob]): Promise<void> {
    const request = this.factory.open('elsko', version);
    request.onupgradeneeded = () => {
      const db = request.result;
      db.createObjectStore('waiting', { keyPath: 'seq', autoIncrement: true });
      db.createObjectStore('returned', { keyPath: 'seq' });
      db.createObjectStore('shown');
      if (version === 2) db.createObjectStore('photos');
    };
    const db = await opened(request);
    for (const one of waiting)
      await opened(db.transaction('waiting', 'readwrite').objectStore('waiting').add(one));
    if (photo)
      await opened(
        db.transaction('photos', 'readwrite').objectStore('photos').put(photo[1], photo[0]),
      );
    db.close();
  }
}

function opened<T>(request: IDBRequest<T>): Promise<T> {
  return new Promise((done, failed) => {
    request.addEventListener('success', () => done(request.result));
    request.addEventListener('error', () => failed(request.error ?? new Error('no disk')));
  });
}

export { fake };
