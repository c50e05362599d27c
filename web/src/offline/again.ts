const FIRST_PAUSE_MS = 2_000;

/** Tries something again after a pause, each time a longer one. */
export class Again {
  #timer: ReturnType<typeof setTimeout> | undefined;
  #pause = FIRST_PAUSE_MS;

  constructor(
    readonly what: () => void,
    readonly longestMs: number,
  ) {}

  later(): void {
    clearTimeout(this.#timer);
    this.#timer = setTimeout(this.what, this.#pause);
    this.#pause = Math.min(2 * this.#pause, this.longestMs);
  }

  /** It is being done. */
  begun(): void {
    clearTimeout(this.#timer);
  }

  /** It went well, or something says that it may now. */
  fromStart(): void {
    this.#pause = FIRST_PAUSE_MS;
  }
}
