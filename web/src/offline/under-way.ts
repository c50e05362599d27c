/** What somebody sent that is not through yet. Whoever takes the window away waits for it. */
const underWay = new Set<Promise<unknown>>();

/** Counts as under way until it has ended, well or not. */
export function isUnderWay<T>(work: Promise<T>): Promise<T> {
  underWay.add(work);
  const ended = () => void underWay.delete(work);
  work.then(ended, ended);
  return work;
}

/** When nothing is under way any more, what follows from it included. */
export async function allIsThrough(): Promise<void> {
  while (underWay.size > 0) await Promise.allSettled([...underWay]);
}
