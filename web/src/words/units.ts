import { useSyncExternalStore } from 'react';

export type System = 'METRIC' | 'US';

/** The units somebody reads in, each kind of quantity by itself: people mix them. */
export interface Units {
  temperature: System;
  volume: System;
  length: System;
  pressure: System;
}

export const METRIC: Units = {
  temperature: 'METRIC',
  volume: 'METRIC',
  length: 'METRIC',
  pressure: 'METRIC',
};

export const US: Units = { temperature: 'US', volume: 'US', length: 'US', pressure: 'US' };

const KEPT = 'elsko.units';

const keyOf = (units: Units) =>
  [units.temperature, units.volume, units.length, units.pressure].join(' ');

function kept(): Units {
  const each = (localStorage.getItem(KEPT) ?? '').split(' ');
  if (each.length !== 4 || !each.every((one) => one === 'METRIC' || one === 'US')) return METRIC;
  const [temperature, volume, length, pressure] = each as [System, System, System, System];
  return { temperature, volume, length, pressure };
}

let now = kept();
const listening = new Set<() => void>();

/** The units of whoever uses this device. */
export const unitsNow = () => now;

/** The same as one word, to tell by what something was read or typed. */
export const unitsKey = () => keyOf(now);

/** From the server, which knows them by who is signed in. */
export function heardUnits(units: Units): void {
  if (keyOf(units) === keyOf(now)) return;
  now = units;
  localStorage.setItem(KEPT, keyOf(units));
  listening.forEach((tell) => tell());
}

/** Told again when another has signed in, or the same reads in others. */
export function onOtherUnits(tell: () => void): () => void {
  listening.add(tell);
  return () => listening.delete(tell);
}

export const useUnitsKey = () => useSyncExternalStore(onOtherUnits, unitsKey);
