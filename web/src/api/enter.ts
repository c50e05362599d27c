import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, got } from './client';
import type { EntryBody } from './client';
import { Refusal } from './refusal';
import { useUndo } from '../parts/undo';
import { uuid } from './uuid';

export type Said = Omit<EntryBody, 'id' | 'deviceTime'>;

export interface Sending {
  entries: Said[];
  /** What was done, for the undo line; left out where undoing makes no sense. */
  undo?: string;
}

/** Sends entries of one boat. The ids are made once, so that trying again stores nothing twice. */
export function useEnter(boat: string) {
  const queries = useQueryClient();
  const { offer } = useUndo();
  const send = useMutation({
    mutationFn: (bodies: EntryBody[]) =>
      got(
        api.POST('/api/boats/{id}/entries', {
          params: { path: { id: boat } },
          body: { entries: bodies },
        }),
      ),
    retry: (failures, error) => !(error instanceof Refusal) && failures < 4,
    retryDelay: (failures) => 400 * 2 ** failures,
    onSuccess: (kept) => {
      queries.setQueryData(['boat', boat], kept.boat);
      void queries.invalidateQueries({ queryKey: ['boat', boat, 'card'] });
      void queries.invalidateQueries({ queryKey: ['boat', boat, 'log'] });
      void queries.invalidateQueries({ queryKey: ['boats'] });
      void queries.invalidateQueries({ queryKey: ['frost'] });
      void queries.invalidateQueries({ queryKey: ['walks'] });
    },
  });

  const enter = async ({ entries, undo }: Sending) => {
    const deviceTime = new Date().toISOString();
    const bodies = entries.map((entry) => ({ ...entry, id: uuid(), deviceTime }));
    await send.mutateAsync(bodies);
    if (undo) {
      offer({
        words: undo,
        undo: async () => {
          const back = [...bodies].reverse().map((body) => ({
            id: uuid(),
            deviceTime: new Date().toISOString(),
            kind: 'WITHDRAWN' as const,
            corrects: body.id,
            reason: 'undone',
          }));
          await send.mutateAsync(back);
        },
      });
    }
    return bodies;
  };

  return { enter, sending: send.isPending };
}
