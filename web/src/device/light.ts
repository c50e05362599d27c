import { useSyncExternalStore } from 'react';

const KEY = 'elsko.bay.bright';
const listeners = new Set<() => void>();

function subscribe(listener: () => void) {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

const isBright = () => localStorage.getItem(KEY) === 'yes';

function change() {
  localStorage.setItem(KEY, isBright() ? 'no' : 'yes');
  listeners.forEach((listener) => listener());
}

/** Whether the bay is shown for the sun or for the dark; this device remembers. */
export function useLight() {
  return { bright: useSyncExternalStore(subscribe, isBright), change };
}
