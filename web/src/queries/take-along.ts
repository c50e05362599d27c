import { useEffect } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import type { QueryClient } from '@tanstack/react-query';
import type { BoatView, StopView } from '../api/client';
import { keys } from '../api/keys';
import { takePhotosAlong } from '../offline/photo';
import {
  boatQuery,
  cardQuery,
  cardToOpenQuery,
  guidesQuery,
  offersQuery,
  readingsQuery,
  shelfQuery,
  weakestQuery,
} from './queries';

/**
 * Fetches what a walk needs while there is signal: its boats with their drawings, the open cards,
 * and those that would be opened on the way.
 */
export function useTakeAlong(stops: StopView[] | undefined): void {
  const queries = useQueryClient();
  useEffect(() => {
    if (!stops) return;
    takeShelfAlong(queries);
    const boats = new Map(stops.map((stop) => [stop.boat, stop]));
    for (const stop of boats.values()) {
      void withItsPhotos(queries, stop.boat);
      void queries.prefetchQuery(offersQuery(stop.boat));
      void queries.prefetchQuery(readingsQuery(stop.boat));
      if (stop.card) void queries.prefetchQuery(cardQuery(stop.boat, stop.card));
      else void queries.prefetchQuery(cardToOpenQuery(stop.boat, stop.procedure));
    }
  }, [stops, queries]);
}

async function withItsPhotos(queries: QueryClient, boat: string): Promise<void> {
  await queries.prefetchQuery(boatQuery(boat));
  const fittings = queries.getQueryData<BoatView>(keys.boat(boat))?.fittings ?? [];
  takePhotosAlong(
    boat,
    fittings.flatMap(({ photo }) => (photo ? [photo.photo] : [])),
  );
}

/** What readings are held against. */
export function takeShelfAlong(queries: QueryClient): void {
  void queries.prefetchQuery(shelfQuery);
  void queries.prefetchQuery(weakestQuery);
  void queries.prefetchQuery(guidesQuery);
}
