import { useState } from 'react';
import { useQueries } from '@tanstack/react-query';
import type { BoatView, RoundStop } from '../api/client';
import { boatQuery } from '../queries/queries';
import { mergeRound } from './merge-round';

/**
 * The stops of this round as each stands now: those of the list, and those finished since, which the
 * list no longer has.
 */
export function useStops(now: RoundStop[], fetchedAt: number): RoundStop[] {
  const [walked, setWalked] = useState({ now, stops: now });
  if (walked.now !== now) setWalked({ now, stops: mergeRound(walked.stops, now) });
  const { stops } = walked;
  const boats = useQueries({
    queries: stops.map((stop) => ({ ...boatQuery(stop.boat), enabled: !now.includes(stop) })),
  });
  return stops.map((stop, i) => {
    const boat = boats[i]!;
    const newer = !now.includes(stop) || boat.dataUpdatedAt > fetchedAt;
    return boat.data && newer ? asItStands(stop, boat.data) : stop;
  });
}

/** The stop as the boat stands. */
export function asItStands(stop: RoundStop, boat: BoatView): RoundStop {
  const circuit = boat.circuits.find((c) => c.key === stop.circuit);
  if (!circuit) return stop;
  return {
    ...stop,
    protection: circuit.protection,
    lot: circuit.lot ?? stop.lot,
    awaitsCountersign: circuit.awaitsCountersign,
    sampledBy: circuit.sampledBy,
    bottles: stop.bottles.map((bottle) => ({
      ...bottle,
      point: circuit.points.find((p) => p.key === bottle.point.key) ?? bottle.point,
    })),
  };
}
