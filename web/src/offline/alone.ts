const turns = new Map<string, Promise<unknown>>();

/**
 * Does one thing of a name after the other: in this tab always, and over all tabs of the device
 * where the browser can tell them apart, which it does over https. Elsewhere the line's own marks on
 * the disk keep its order.
 */
export function alone<T>(name: string, work: () => Promise<T>): Promise<T> {
  const turn = () =>
    'locks' in navigator
      ? (navigator.locks.request(`elsko.${name}`, () => work()) as Promise<T>)
      : work();
  const mine = (turns.get(name) ?? Promise.resolve()).then(turn);
  turns.set(
    name,
    mine.catch(() => undefined),
  );
  return mine;
}
