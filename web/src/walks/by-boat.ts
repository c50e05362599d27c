import type { StopView } from '../api/client';

/** All of a day at one boat. */
export interface BoatOfDay {
  boat: string;
  stops: StopView[];
  /** The first that is not done; null where all are. */
  next: StopView | null;
}

/** A day's stops by the boat they are at, in the order the boats are come to first. */
export function byBoat(stops: readonly StopView[]): BoatOfDay[] {
  const boats = new Map<string, StopView[]>();
  for (const stop of stops) boats.set(stop.boat, [...(boats.get(stop.boat) ?? []), stop]);
  return [...boats].map(([boat, all]) => ({
    boat,
    stops: all,
    next: all.find(({ standing }) => standing !== 'DONE') ?? null,
  }));
}
