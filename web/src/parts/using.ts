import { useSyncExternalStore } from 'react';

interface Using {
  lot: string;
  instrument: string;
}

const KEY = 'elsko.using';
const listeners = new Set<() => void>();
let current: Using = read();

function read(): Using {
  const kept = localStorage.getItem(KEY);
  return kept ? (JSON.parse(kept) as Using) : { lot: '', instrument: '' };
}

function change(next: Partial<Using>) {
  current = { ...current, ...next };
  localStorage.setItem(KEY, JSON.stringify(current));
  listeners.forEach((listener) => listener());
}

function subscribe(listener: () => void) {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

const chooseLot = (lot: string) => change({ lot });
const chooseInstrument = (instrument: string) => change({ instrument });

/** The lot and the instrument this device works with, kept until another is chosen. */
export function useUsing() {
  const using = useSyncExternalStore(subscribe, () => current);
  return { ...using, chooseLot, chooseInstrument };
}
