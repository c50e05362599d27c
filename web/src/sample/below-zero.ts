import type { InstrumentView } from '../api/client';
import { readInUs } from '../words/measures';
import { numberIn } from '../words/quantity';
import { typedIn } from '../words/typed-quantity';

/** What an instrument may read, to be shown as an example: so cold on a scale of freeze points. */
export const readsLike = (unit: string, celsius: number) =>
  numberIn(unit, unit === '°C' ? celsius : 30);

/** Clean water reads a little to either side of zero. */
const WATER = 1;

/**
 * What was typed off an instrument's scale; on one that shows freeze points, which is below zero all
 * along, the sign may be left out. Null when it is no number.
 */
export function typedReading(text: string, instrument: InstrumentView | undefined): number | null {
  const value = typedIn(instrument?.unit ?? '', text);
  const below = instrument?.scale.endsWith('_FREEZE') ?? false;
  // In °F such a scale is not below zero all along: there the sign is typed.
  if (readInUs(instrument?.unit ?? '')) return value;
  return below && value !== null && value >= WATER ? -value : value;
}
