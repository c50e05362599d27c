/** Stands where every kind was named: a new one does not compile until it is named too. */
export function everyKind(unknown: never): never {
  throw new Error(`Unknown kind: ${JSON.stringify(unknown)}`);
}
