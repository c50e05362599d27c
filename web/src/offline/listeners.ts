/** Whoever wants to know when something has changed. */
export class Listeners {
  #all = new Set<() => void>();

  subscribe = (listener: () => void): (() => void) => {
    this.#all.add(listener);
    return () => this.#all.delete(listener);
  };

  tell(): void {
    this.#all.forEach((listener) => listener());
  }
}
