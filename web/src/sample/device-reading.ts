import { api, got } from '../api/client';

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

/** Written as it is typed: the fields take either minus. */
export const asTyped = (reading: number) => String(Number(reading.toFixed(2)));
