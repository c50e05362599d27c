import { applyPatch } from 'rfc6902';
import type { Operation } from 'rfc6902';

/** So many things are known as the server told them; of others it tells everything. */
const MOST = 20;

/** What the server told last of a thing, and the stamp it gave that. */
const told = new Map<string, { stamp: string; value: unknown }>();

/** All of a thing, or what differs from what was told under the stamp that was named. */
export interface Told<T> {
  stamp: string;
  whole?: T | null;
  changes?: readonly { op: 'add' | 'remove' | 'replace'; path: string; value?: unknown }[] | null;
}

/** The server told a thing as it stands. */
export function remember(thing: string, stamp: string | null, value: unknown): void {
  told.delete(thing);
  if (!stamp) return;
  told.set(thing, { stamp, value });
  const [oldest] = told.keys();
  if (told.size > MOST && oldest !== undefined) told.delete(oldest);
}

/** By what the server knows what is in hand here; undefined where nothing is. */
export function stampOf(thing: string): string | undefined {
  return told.get(thing)?.stamp;
}

/** The thing as it stands now; null where what was told does not go with what is in hand. */
export function asTold<T extends object>(thing: string, now: Told<T>): T | null {
  const before = told.get(thing);
  let value: T | null = now.whole ?? null;
  if (!value && now.changes && before) {
    const changed = structuredClone(before.value) as T;
    const wrong = applyPatch(changed, now.changes as Operation[]).some((error) => error !== null);
    value = wrong ? null : changed;
  }
  remember(thing, value ? now.stamp : null, value);
  return value;
}

/** Whoever was here has left. */
export function forgetTold(): void {
  told.clear();
}

export const boatThing = (boat: string) => `boat ${boat}`;
export const cardThing = (boat: string, card: string) => `card ${boat} ${card}`;
