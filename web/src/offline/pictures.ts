import { csrfToken } from '../api/client';
import { Refusal, refusalOf } from '../api/refusal';
import { alone } from './alone';
import { noRoom } from './database';
import type { Database, GoingPicture } from './database';
import { isNoAnswer } from './no-answer';

/** So much goes up at once: on the weakest signal some seconds. */
export const PIECE_BYTES = 32_768;
const ANSWER_WITHIN_MS = 30_000;
const FIRST_PAUSE_MS = 2_000;
const LONGEST_PAUSE_MS = 60_000;

interface Received {
  received: number;
  kept: boolean;
}

/**
 * The pictures of this device that are on their way up. Each goes by itself, in pieces, and goes on
 * where it stopped; no entry waits for one, nor one for an entry.
 */
export class Pictures {
  #db: () => Promise<Database>;
  #person: () => string;
  #all: readonly GoingPicture[] = [];
  #listeners = new Set<() => void>();
  #others: BroadcastChannel | null;
  #timer: ReturnType<typeof setTimeout> | undefined;
  #pause = FIRST_PAUSE_MS;
  readonly loaded: Promise<void>;

  constructor(db: () => Promise<Database>, person: () => string, others: BroadcastChannel | null) {
    this.#db = db;
    this.#person = person;
    this.#others = others;
    if (others) others.onmessage = () => void this.load();
    this.loaded = this.load();
  }

  get going(): readonly GoingPicture[] {
    return this.#all;
  }

  subscribe = (listener: () => void): (() => void) => {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  };

  /** What stands on the disk; also what an earlier version left there beside its entry. */
  async load(): Promise<void> {
    const db = await this.#db();
    const known = new Set(await db.getAllKeys('pictures'));
    for (const { person, boat, entry } of await db.getAll('waiting')) {
      if (entry.kind !== 'PHOTO_TAKEN' || known.has(entry.photo)) continue;
      if (!(await db.getKey('photos', entry.photo))) continue;
      await db.put('pictures', { photo: entry.photo, person, boat, sent: 0, refused: null });
    }
    this.#show(await db.getAll('pictures'));
  }

  /** Keeps a picture on this device until the server has it. */
  async keep(photo: string, boat: string, jpeg: Blob): Promise<void> {
    const going = { photo, person: this.#person(), boat, sent: 0, refused: null };
    const both = (await this.#db()).transaction(['photos', 'pictures'], 'readwrite');
    await Promise.all([
      both.objectStore('photos').put(jpeg, photo),
      both.objectStore('pictures').put(going),
      both.done,
    ]).catch(noRoom);
    this.#show([...this.#all, going]);
    this.#tellOthers();
  }

  /** It is kept by the server, or nobody wants it any more. */
  async forget(photo: string): Promise<void> {
    const both = (await this.#db()).transaction(['photos', 'pictures'], 'readwrite');
    await Promise.all([
      both.objectStore('photos').delete(photo),
      both.objectStore('pictures').delete(photo),
      both.done,
    ]);
    this.#show(this.#all.filter((one) => one.photo !== photo));
    this.#tellOthers();
  }

  /** Sends those of the person signed in, one after the other, until there is no signal. */
  async send(): Promise<void> {
    clearTimeout(this.#timer);
    await this.loaded;
    await alone('pictures', async () => {
      for (;;) {
        const person = this.#person();
        const next = this.#all.find((one) => one.person === person && one.refused === null);
        if (!next) return;
        try {
          await this.#one(next);
          this.#pause = FIRST_PAUSE_MS;
        } catch (error) {
          if (isNoAnswer(error)) {
            this.#later();
            return;
          }
          await this.#change({ ...next, refused: (error as Refusal).message });
        }
      }
    });
  }

  /** Something says that there may be signal now. */
  wake(): void {
    this.#pause = FIRST_PAUSE_MS;
    void this.send();
  }

  #later(): void {
    clearTimeout(this.#timer);
    this.#timer = setTimeout(() => void this.send(), this.#pause);
    this.#pause = Math.min(2 * this.#pause, LONGEST_PAUSE_MS);
  }

  async #one(picture: GoingPicture): Promise<void> {
    const jpeg = await (await this.#db()).get('photos', picture.photo);
    if (!jpeg) return this.forget(picture.photo);
    let { sent } = picture;
    for (;;) {
      const { received, kept } = await this.#piece(picture, jpeg, sent);
      if (kept) return this.forget(picture.photo);
      sent = received;
      await this.#change({ ...picture, sent });
    }
  }

  async #piece({ boat, photo }: GoingPicture, jpeg: Blob, from: number): Promise<Received> {
    const at = `/api/boats/${boat}/photos/${photo}`;
    try {
      return await asked(`${at}/pieces?from=${from}&of=${jpeg.size}`, {
        method: 'PUT',
        headers: { 'Content-Type': 'application/octet-stream', 'X-XSRF-TOKEN': csrfToken() },
        body: jpeg.slice(from, from + PIECE_BYTES),
      });
    } catch (error) {
      if (!(error instanceof Refusal) || error.field !== 'from') throw error;
      return await asked(`${at}/received`, {});
    }
  }

  async #change(now: GoingPicture): Promise<void> {
    await (await this.#db()).put('pictures', now);
    this.#show(this.#all.map((one) => (one.photo === now.photo ? now : one)));
  }

  #show(all: readonly GoingPicture[]): void {
    this.#all = all;
    this.#listeners.forEach((listener) => listener());
  }

  #tellOthers(): void {
    this.#others?.postMessage('changed');
  }
}

async function asked(path: string, request: RequestInit): Promise<Received> {
  const answer = await fetch(path, { ...request, signal: AbortSignal.timeout(ANSWER_WITHIN_MS) });
  const body: unknown = await answer.json().catch(() => null);
  if (!answer.ok) throw refusalOf(answer.status, body);
  return body as Received;
}
