import { csrfToken } from '../api/client';
import { Refusal, refusalOf } from '../api/refusal';
import { Again } from './again';
import { alone } from './alone';
import { noRoom, whyOf } from './database';
import type { Database, GoingPicture } from './database';
import { Listeners } from './listeners';
import { isNoAnswer } from './no-answer';

/** So much goes up at once: on the weakest signal some seconds. */
export const PIECE_BYTES = 32_768;
const ANSWER_WITHIN_MS = 30_000;
const LONGEST_PAUSE_MS = 60_000;

interface Received {
  received: number;
  kept: boolean;
}

interface Who {
  /** Whose session it is; '' for nobody's. */
  isHere: () => string;
  /** In whose name something is entered. */
  enters: () => string;
}

/**
 * The pictures of this device that are on their way up. Each goes by itself, in pieces, and goes on
 * where it stopped; no entry waits for one, nor one for an entry.
 */
export class Pictures {
  #db: () => Promise<Database>;
  #who: Who;
  #all: readonly GoingPicture[] = [];
  #listeners = new Listeners();
  #others: BroadcastChannel | null;
  #again = new Again(() => void this.send(), LONGEST_PAUSE_MS);
  #loaded: Promise<void> | null = null;
  /** How often what is in memory has changed. */
  #changes = 0;

  constructor(db: () => Promise<Database>, who: Who, others: BroadcastChannel | null) {
    this.#db = db;
    this.#who = who;
    this.#others = others;
    if (others) others.onmessage = () => void this.load().catch(() => undefined);
    this.#whenLoaded().catch(() => undefined);
  }

  get going(): readonly GoingPicture[] {
    return this.#all;
  }

  subscribe = this.#listeners.subscribe;

  #whenLoaded(): Promise<void> {
    this.#loaded ??= this.load().catch((error: unknown) => {
      this.#loaded = null;
      throw error;
    });
    return this.#loaded;
  }

  /** What stands on the disk; also what an earlier version left there beside its entry. */
  async load(): Promise<void> {
    for (;;) {
      const changes = this.#changes;
      const db = await this.#db();
      const all = await db.getAll('pictures');
      const known = new Set(all.map(({ photo }) => photo));
      for (const { person, boat, entry } of await db.getAll('waiting')) {
        if (entry.kind !== 'PHOTO_TAKEN' || known.has(entry.photo)) continue;
        if (!(await db.getKey('photos', entry.photo))) continue;
        const left = { photo: entry.photo, person, boat, sent: 0, refused: null };
        // Where there is no room for that, the entry says so still.
        await db.put('pictures', left).catch(() => undefined);
        all.push(left);
      }
      // What was read is older than what this tab has done meanwhile.
      if (changes !== this.#changes) continue;
      this.#show(all);
      return;
    }
  }

  /** Keeps a picture on this device until the server has it. */
  async keep(photo: string, boat: string, jpeg: Blob): Promise<void> {
    const going = { photo, person: this.#who.enters(), boat, sent: 0, refused: null };
    const both = (await this.#db()).transaction(['photos', 'pictures'], 'readwrite');
    try {
      await both.objectStore('photos').put(jpeg, photo);
      await both.objectStore('pictures').put(going);
      await both.done;
    } catch (error) {
      noRoom(await whyOf(error, both.done));
    }
    this.#show([...this.#all.filter((one) => one.photo !== photo), going]);
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
    this.#again.begun();
    try {
      await this.#whenLoaded();
    } catch {
      this.#again.later();
      return;
    }
    await alone('pictures', async () => {
      for (;;) {
        const person = this.#who.isHere();
        const next = this.#all.find((one) => one.person === person && one.refused === null);
        if (!next) return;
        try {
          await this.#one(next);
          this.#again.fromStart();
        } catch (error) {
          if (isNoAnswer(error)) {
            this.#again.later();
            return;
          }
          await this.#change({ ...next, refused: (error as Refusal).message });
        }
      }
    });
  }

  /** Something says that there may be signal now. */
  wake(): void {
    this.#again.fromStart();
    void this.send();
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
    const write = (await this.#db()).transaction('pictures', 'readwrite');
    try {
      if (await write.store.getKey(now.photo)) await write.store.put(now);
      await write.done;
    } catch {
      // How far it is, the server knows as well.
      write.done.catch(() => undefined);
    }
    this.#show(this.#all.map((one) => (one.photo === now.photo ? now : one)));
  }

  #show(all: readonly GoingPicture[]): void {
    this.#changes++;
    this.#all = all;
    this.#listeners.tell();
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
