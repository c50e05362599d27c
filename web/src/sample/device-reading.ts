import { api, got } from '../api/client';
import { readInUs } from '../words/measures';
import { boxIn } from '../words/quantity';

/** The sample of a low point, read by a digital instrument. */
export const readLowPoint = (boat: string, point: string, instrument: string) =>
  got(
    api.POST('/api/boats/{id}/low-points/{point}/device-reading', {
      params: { path: { id: boat, point } },
      body: { instrument },
    }),
  );

export interface Glass {
  /** Null is clean water. */
  lot: string | null;
  jugParts: number;
  waterParts: number;
}

/** A glass on the bench, read by a digital instrument. */
export const readGlass = (instrument: string, { lot, jugParts, waterParts }: Glass) =>
  got(
    api.POST('/api/bench/instruments/{id}/device-reading', {
      params: { path: { id: instrument } },
      body: { lot: lot ?? undefined, jugParts, waterParts },
    }),
  );

/** Written as whoever reads it would type it: the fields take either minus. */
export const asTyped = (unit: string, reading: number) => {
  const shown = Number(reading.toFixed(2));
  return readInUs(unit) ? boxIn(unit, shown) : String(shown);
};
