import { useCallback, useSyncExternalStore } from 'react';
import { shownAsNow } from '../offline/shown-as-now';

const PREFIX = 'elsko.cast-off.';
const listeners = new Set<() => void>();
const read = new Map<string, { text: string | null; value: unknown }>();

function valueOf<T>(key: string, initial: T): T {
  const text = localStorage.getItem(key);
  const before = read.get(key);
  if (before && before.text === text && text !== null) return before.value as T;
  const value: unknown =
    text === null ? (before?.text === null ? before.value : initial) : shownAsNow(JSON.parse(text));
  read.set(key, { text, value });
  return value as T;
}

// What another tab keeps or forgets is so here too.
window.addEventListener('storage', ({ key }) => {
  if (key === null || key.startsWith(PREFIX)) listeners.forEach((listener) => listener());
});

/** What is kept under a name at this moment, by whichever tab. */
export function keptNow<T>(name: string, initial: T): T {
  return valueOf(PREFIX + name, initial);
}

/** Something of a round that outlives a reload, a flat battery and a day without signal. */
export function useKept<T>(name: string, initial: T): [T, (next: T) => void] {
  const key = PREFIX + name;
  const value = useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => valueOf(key, initial),
  );
  const keep = useCallback(
    (next: T) => {
      localStorage.setItem(key, JSON.stringify(next));
      listeners.forEach((listener) => listener());
    },
    [key],
  );
  return [value, keep];
}

/** Forgets everything kept under names that begin so. */
export function forgetKept(beginning: string): void {
  for (const key of Object.keys(localStorage)) {
    if (key.startsWith(PREFIX + beginning)) localStorage.removeItem(key);
  }
  listeners.forEach((listener) => listener());
}
