/** The same chances for the same number, on any machine. */
export class Chance {
  #state: number;

  constructor(seed: number) {
    this.#state = (seed * 2_654_435_761 + 97) >>> 0;
  }

  /** From 0 up to 1. */
  next(): number {
    this.#state = (this.#state + 0x6d2b79f5) >>> 0;
    let mixed = this.#state;
    mixed = Math.imul(mixed ^ (mixed >>> 15), mixed | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4_294_967_296;
  }

  is(share: number): boolean {
    return this.next() < share;
  }

  /** A whole number from and to, both possible. */
  between(from: number, to: number): number {
    return from + Math.floor(this.next() * (to - from + 1));
  }

  of<T>(all: readonly T[]): T {
    return all[this.between(0, all.length - 1)]!;
  }
}
