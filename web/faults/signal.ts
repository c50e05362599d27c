import type { Chance } from './chance';
import type { Clock } from './clock';

/** What becomes of a request. */
const FATES = [
  'through',
  'never there', // and no answer: the device stops waiting by itself
  'answer lost',
  'late', // there long after the device has stopped waiting
  'no connection',
  'cut off', // half an answer
  'error before', // a 5xx that never reached the application
  'error after', // a 5xx though the application has done it
  'too many',
  'signed out',
  'another page', // as a network that wants its own sign-in first answers
] as const;
export type Fate = (typeof FATES)[number];

const PACKET_BYTES = 1_460;

/** How the signal of a line is. */
export interface Weather {
  /** The share of requests something becomes of. */
  bad: number;
  /** Of the link, bits a second, shared by what is under way. */
  bitsPerSecond: number;
  /** The share of packets that have to be sent again. */
  loss: number;
}

export const FULL: Weather = { bad: 0, bitsPerSecond: 20_000_000, loss: 0 };

interface Asker {
  readonly dead: boolean;
  readonly onLine: boolean;
  signedOut(): void;
}

/** The way from a device to the server, and what can become of what goes over it. */
export class Signal {
  weather: Weather = FULL;
  readonly fates = new Map<Fate, number>();
  readonly #going = new Set<unknown>();

  constructor(
    readonly clock: Clock,
    readonly chance: Chance,
    readonly server: string,
    readonly authorization: string,
  ) {}

  /** As a browser's fetch. */
  async fetch(asker: Asker, input: Request | string, init?: RequestInit): Promise<Response> {
    const request = new Request(typeof input === 'string' ? this.server + input : input, init);
    const sent = await this.clock.real(request.arrayBuffer());
    const stopped = new Promise<never>((_, stop) => {
      const { signal } = request;
      const over = () => stop(new Error('It took too long.'));
      if (signal.aborted) over();
      else signal.addEventListener('abort', over);
    });
    stopped.catch(() => undefined);
    const fate = this.#fate();
    this.clock.tell(`${request.method} ${request.url} ${sent.byteLength} bytes: ${fate}`);
    // Whoever stops a request is known to it weakly: without this it could be forgotten.
    const both = [input, request];
    this.#going.add(both);
    try {
      return await Promise.race([this.#go(asker, request, sent, fate), stopped]);
    } finally {
      this.#going.delete(both);
    }
  }

  #fate(): Fate {
    const fate = this.chance.is(this.weather.bad)
      ? this.chance.of(FATES.filter((one) => one !== 'through'))
      : 'through';
    this.fates.set(fate, (this.fates.get(fate) ?? 0) + 1);
    return fate;
  }

  async #go(asker: Asker, request: Request, sent: ArrayBuffer, fate: Fate): Promise<Response> {
    const never = new Promise<never>(() => undefined);
    if (fate === 'no connection' || !asker.onLine) throw new TypeError('Failed to fetch');
    if (fate === 'late') {
      const { url, method, headers } = request;
      this.clock.after(this.chance.between(16_000, 90_000), () => {
        void this.#deliver(url, method, headers, sent).catch(() => undefined);
      });
      return never;
    }
    await this.clock.sleep(this.#takes(sent.byteLength));
    if (request.signal.aborted || asker.dead || fate === 'never there') return never;
    if (fate === 'error before') return page(this.chance.of([500, 502, 503, 504]));
    if (fate === 'too many') return page(429);
    if (fate === 'another page') return page(200);
    if (fate === 'signed out') {
      asker.signedOut();
      return problem(401, 'Nobody is signed in.');
    }
    const answer = await this.#deliver(request.url, request.method, request.headers, sent);
    if (fate === 'answer lost' || asker.dead) return never;
    if (fate === 'error after') return page(this.chance.of([500, 502, 504]));
    const body = await this.clock.real(answer.arrayBuffer());
    const there = fate === 'cut off' ? body.slice(0, body.byteLength >> 1) : body;
    await this.clock.sleep(this.#takes(there.byteLength));
    if (fate === 'cut off' && this.chance.is(0.5)) {
      const half = new ReadableStream({
        start: (stream) => {
          stream.enqueue(new Uint8Array(there));
          stream.error(new TypeError('network error'));
        },
      });
      return new Response(half, { status: answer.status, headers: answer.headers });
    }
    return new Response(there, { status: answer.status, headers: answer.headers });
  }

  /** Until it is through, ms: some of it has to be sent again, after a second and then twice as long. */
  #takes(bytes: number): number {
    const { bitsPerSecond, loss } = this.weather;
    let ms = this.chance.between(20, 800);
    for (let left = bytes; left > 0; left -= PACKET_BYTES) {
      ms += (Math.min(left, PACKET_BYTES) * 8_000 * this.#going.size) / bitsPerSecond;
      for (let again = 250; this.chance.is(loss); again *= 2) ms += again;
    }
    return ms;
  }

  #deliver(url: string, method: string, headers: Headers, sent: ArrayBuffer): Promise<Response> {
    const all = new Headers(headers);
    all.set('Authorization', this.authorization);
    const body = method === 'GET' ? undefined : sent;
    return this.clock.real(fetch(url, { method, headers: all, body }));
  }
}

const page = (status: number) =>
  new Response('<html><body>Something else.</body></html>', {
    status,
    headers: { 'Content-Type': 'text/html' },
  });

const problem = (status: number, detail: string) =>
  new Response(JSON.stringify({ status, detail }), {
    status,
    headers: { 'Content-Type': 'application/problem+json' },
  });
