interface Due {
  at: number;
  order: number;
  run: () => void;
}

const realImmediate = globalThis.setImmediate;

/**
 * Time that passes only when nothing else happens: what a device waits for in hours takes no time.
 * The disk of a device goes by `setImmediate` and is waited for, as is whatever counts as real work.
 */
export class Clock {
  now = Date.now();
  #from = this.now;
  #due: Due[] = [];
  #order = 0;
  #atWork = 0;
  #steps = 0;

  /**
   * @param told whether what happens is told, with the second it happens at
   */
  constructor(readonly told: boolean) {
    globalThis.setImmediate = ((run: (...all: unknown[]) => void, ...all: unknown[]) => {
      this.#steps++;
      return realImmediate(() => {
        this.#steps--;
        run(...all);
      });
    }) as typeof setImmediate;
  }

  tell(what: string): void {
    if (this.told) console.error(`${((this.now - this.#from) / 1000).toFixed(3)} ${what}`);
  }

  /** It is now what it is outside, and nothing is still to come. */
  begin(): void {
    this.now = Date.now();
    this.#from = this.now;
    this.#due = [];
  }

  /** Calls after so long, ms; the answer calls it off. */
  after(ms: number, run: () => void): () => void {
    const due = { at: this.now + Math.max(0, ms), order: this.#order++, run };
    const later = this.#due.findIndex(
      (one) => one.at > due.at || (one.at === due.at && one.order > due.order),
    );
    this.#due.splice(later < 0 ? this.#due.length : later, 0, due);
    return () => {
      const at = this.#due.indexOf(due);
      if (at >= 0) this.#due.splice(at, 1);
    };
  }

  sleep(ms: number): Promise<void> {
    return new Promise((over) => this.after(ms, over));
  }

  /** Something outside, which takes the time it takes. */
  async real<T>(work: Promise<T>): Promise<T> {
    this.#atWork++;
    try {
      return await work;
    } finally {
      this.#atWork--;
    }
  }

  /** Lets time pass until that is so; false when it is not after so long, ms. */
  async until(so: () => boolean, atMost: number): Promise<boolean> {
    const end = this.now + atMost;
    for (;;) {
      await this.#quiet();
      if (so()) return true;
      const next = this.#due[0];
      if (!next || next.at > end) {
        this.now = end;
        return false;
      }
      this.#due.shift();
      this.now = Math.max(this.now, next.at);
      next.run();
    }
  }

  async #quiet(): Promise<void> {
    for (let still = 0; still < 2;) {
      await new Promise<void>((turn) => realImmediate(turn));
      still = this.#atWork === 0 && this.#steps === 0 ? still + 1 : 0;
    }
  }
}
