import { GALLON_L, MEASURES, PSI_KPA, readInUs } from './measures';
import { boxIn, fromTheirs, saidIn } from './quantity';
import { typedNumber } from './words';

const F = { factor: 5 / 9, from: 32 };

interface Own {
  /** Of the metric unit in one of this. */
  factor: number;
  /** Where its zero is, in its own unit. */
  from?: number;
}

const INCH_MM = 25.4;
const VOLUMES: Record<string, Own> = {
  l: { factor: 1 },
  liter: { factor: 1 },
  liters: { factor: 1 },
  ml: { factor: 0.001 },
  gal: { factor: GALLON_L },
  gallon: { factor: GALLON_L },
  gallons: { factor: GALLON_L },
  qt: { factor: GALLON_L / 4 },
  quart: { factor: GALLON_L / 4 },
  quarts: { factor: GALLON_L / 4 },
  pt: { factor: GALLON_L / 8 },
  'fl oz': { factor: GALLON_L / 128 },
  oz: { factor: GALLON_L / 128 },
};

/** The units somebody may type behind a number, by the metric sign of what the box holds. */
const OWN: Record<string, Record<string, Own>> = {
  '°C': { c: { factor: 1 }, f: F },
  K: { k: { factor: 1 }, c: { factor: 1 }, f: { factor: 5 / 9 } },
  L: VOLUMES,
  mL: Object.fromEntries(
    Object.entries(VOLUMES).map(([unit, { factor }]) => [unit, { factor: factor * 1000 }]),
  ),
  'L/min': { 'l/min': { factor: 1 }, 'gal/min': { factor: GALLON_L }, gpm: { factor: GALLON_L } },
  'L/h': { 'l/h': { factor: 1 }, 'gal/h': { factor: GALLON_L }, gph: { factor: GALLON_L } },
  m: {
    m: { factor: 1 },
    cm: { factor: 0.01 },
    ft: { factor: 0.3048 },
    "'": { factor: 0.3048 },
    in: { factor: 0.0254 },
    '"': { factor: 0.0254 },
  },
  mm: {
    mm: { factor: 1 },
    cm: { factor: 10 },
    µm: { factor: 0.001 },
    um: { factor: 0.001 },
    in: { factor: INCH_MM },
    '"': { factor: INCH_MM },
  },
  kPa: { kpa: { factor: 1 }, bar: { factor: 100 }, psi: { factor: PSI_KPA } },
};

/** "7/16", "1 1/2", "4.5"; null where it is none of these. */
function typedFraction(text: string): number | null {
  const [, minus, whole, above, below] =
    /^([-+]?)(?:(\d+)[ ]+)?(\d+)\/(\d+)$/.exec(text.trim().replace(/[\u2212\u2013]/g, '-')) ?? [];
  if (above === undefined) return typedNumber(text);
  if (Number(below) === 0) return null;
  const value = Number(whole ?? 0) + Number(above) / Number(below);
  return minus === '-' ? -value : value;
}

const FEET_AND_INCHES = /^(.+?)\s*(?:'|ft\.?)\s*(.+?)\s*(?:"|''|in\.?)$/;

/**
 * What was typed into a box as a value in the metric unit of this sign: in the unit that is shown,
 * or with its own unit behind it ("40 psi", "1 1/2 gal", "7/16 in"). Null when it is none.
 *
 * @param was what stood in the box before: left as it was, it is that to the last bit
 */
export function typedIn(sign: string, text: string, was?: number | null): number | null {
  if (was != null && text.trim() === boxIn(sign, was)) return was;
  const plain = typedFraction(text);
  if (plain !== null) return fromTheirs(sign, plain);
  const own = OWN[sign];
  if (!own) return null;
  if (sign === 'm') {
    const [, feet, inches] = FEET_AND_INCHES.exec(text.trim()) ?? [];
    const ft = typedFraction(feet ?? '');
    const inch = typedFraction(inches ?? '');
    if (ft !== null && inch !== null) return ft * 0.3048 + inch * 0.0254;
  }
  const [, amount, behind] =
    /^([-+\u2212\u2013]?[\d.,/ ]*\d)\s*°?\s*(\D+)$/.exec(text.trim()) ?? [];
  const unit = own[(behind ?? '').trim().toLowerCase().replace(/\.$/, '')];
  const value = typedFraction(amount ?? '');
  return unit && value !== null ? (value - (unit.from ?? 0)) * unit.factor : null;
}

/** What was made of something typed with its own unit or as a fraction; null where that is plain. */
export function understood(sign: string, text: string): string | null {
  if (!MEASURES[sign] || typedNumber(text) !== null) return null;
  const value = typedIn(sign, text);
  return value === null ? null : `taken as ${saidIn(sign, value, readInUs(sign) ? 2 : 1)}`;
}
