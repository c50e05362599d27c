import type { Units } from './units';
import { unitsNow } from './units';

/** What a number is of; a temperature and a difference of temperatures turn into others differently. */
export interface Measure {
  kind: keyof Units;
  /** Decimals it is said with. */
  decimals: number;
  us: { unit: string; decimals: number; factor: number; offset: number };
}

export const GALLON_L = 3.785411784;
export const PSI_KPA = 6.894757293168;

const us = (unit: string, decimals: number, factor: number, offset = 0) => ({
  unit,
  decimals,
  factor,
  offset,
});

/** By their metric sign; a sign that is not here is the same for everybody: h, %, V. */
export const MEASURES: Record<string, Measure> = {
  '°C': { kind: 'temperature', decimals: 1, us: us('°F', 1, 1.8, 32) },
  K: { kind: 'temperature', decimals: 1, us: us('°F', 1, 1.8) },
  L: { kind: 'volume', decimals: 1, us: us('gal', 1, 1 / GALLON_L) },
  mL: { kind: 'volume', decimals: 0, us: us('fl oz', 1, 128 / (1000 * GALLON_L)) },
  'L/min': { kind: 'volume', decimals: 0, us: us('gal/min', 1, 1 / GALLON_L) },
  'L/h': { kind: 'volume', decimals: 1, us: us('gal/h', 2, 1 / GALLON_L) },
  m: { kind: 'length', decimals: 1, us: us('ft', 1, 1 / 0.3048) },
  mm: { kind: 'length', decimals: 1, us: us('in', 2, 1 / 25.4) },
  'mm per m': { kind: 'length', decimals: 0, us: us('in per ft', 1, 0.012) },
  kPa: { kind: 'pressure', decimals: 1, us: us('psi', 1, 1 / PSI_KPA) },
};

/** How it is read in US units; null where this reader reads it as it is. */
export function readInUs(sign: string): Measure['us'] | null {
  const measure = MEASURES[sign];
  return measure && unitsNow()[measure.kind] === 'US' ? measure.us : null;
}
