import { keys } from '../api/keys';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, got } from '../api/client';
import { useRefused } from '../parts/refused';

/** What is done with one piece: taken, rinsed, tried on a boat, struck. */
export function usePiece(id: string) {
  const queries = useQueryClient();
  const refused = useRefused([]);
  const [busy, setBusy] = useState(false);
  const params = { path: { id } };
  const tell = (send: () => Promise<unknown>) => {
    setBusy(true);
    void refused
      .attempt(async () => {
        await send();
        await queries.invalidateQueries({ queryKey: keys.kit });
      })
      .finally(() => setBusy(false));
  };
  return {
    busy,
    refused: refused.elsewhere,
    take: (taken: boolean) =>
      tell(() => got(api.POST('/api/kit/{id}/taken', { params, body: { taken } }))),
    rinse: () => tell(() => got(api.POST('/api/kit/{id}/rinsed', { params }))),
    remove: () => tell(() => got(api.DELETE('/api/kit/{id}', { params }))),
    fits: (boat: string, circuit: string, fits: boolean) =>
      tell(() => got(api.POST('/api/kit/{id}/fits', { params, body: { boat, circuit, fits } }))),
  };
}
