import { useContext, useState } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import type { BoatView, CardView, EntryEnvelope, NewEntry, Said } from '../api/client';
import { Collecting } from './collecting';
import { boatQuery, cardQuery, sessionQuery } from '../queries/queries';
import { line, sender } from '../offline/device';
import { forgetPhotos } from '../offline/photo';
import { refuseHere } from '../offline/refuse-here';
import { isUnderWay } from '../offline/under-way';
import { useUndo } from '../parts/undo';
import { uuid } from '../api/uuid';

/** An entry as a screen says it; when it does not say otherwise, it happened now. */
export type Saying = Said & Partial<Omit<EntryEnvelope, 'id'>>;

export interface Sending {
  entries: Saying[];
  /** What was done, for the undo line; left out where undoing makes no sense. */
  undo?: string;
}

/**
 * Takes entries of one boat in: onto this device's disk first, then up. Refused at once it throws;
 * without signal, or behind others that wait, it stands in line and nobody has to wait for it. The
 * ids are made once, so that trying again stores nothing twice. Where a sheet collects what is entered it
 * goes there.
 */
export function useEnter(boat: string) {
  const queries = useQueryClient();
  const { offer } = useUndo();
  const sheet = useContext(Collecting);
  const [underWay, setUnderWay] = useState(0);

  const refuseAsFarAsKnown = (bodies: NewEntry[]) => {
    const known = queries.getQueryData<BoatView>(boatQuery(boat).queryKey);
    const id = bodies.find(({ card }) => card)?.card;
    const card = id && queries.getQueryData<CardView>(cardQuery(boat, id).queryKey);
    const before = [...line.state.waiting, ...(sheet?.held ?? [])];
    if (known && card) refuseHere(card, known, before, bodies);
  };

  const send = async (bodies: NewEntry[]) => {
    const person = queries.getQueryData(sessionQuery.queryKey)?.name ?? '';
    const inFront = !line.state.signal || line.toSend(person).some((one) => one.boat === boat);
    // With signal the server judges, which knows what others did meanwhile.
    if (inFront || !navigator.onLine) refuseAsFarAsKnown(bodies);
    const held = await line.hold(person, boat, bodies);
    if (inFront) {
      line.queue(held);
      void sender.all();
    } else {
      await sender.now(held);
    }
    return held;
  };

  const enter = (sending: Sending) => isUnderWay(entered(sending));

  const entered = async ({ entries, undo }: Sending) => {
    const now = new Date().toISOString();
    const seen = queries.getQueryState(boatQuery(boat).queryKey)?.dataUpdatedAt;
    const bodies = entries.map((entry) => ({
      ...entry,
      id: uuid(),
      deviceTime: entry.deviceTime ?? now,
      downloadedAt: seen ? new Date(seen).toISOString() : undefined,
    }));
    if (sheet) {
      refuseAsFarAsKnown(bodies);
      // Taken back on the sheet itself, line by line.
      sheet.take(bodies);
      return bodies;
    }
    setUnderWay((n) => n + 1);
    try {
      const held = await send(bodies);
      if (undo) {
        offer({
          words: undo,
          undo: async () => {
            if (await line.takeOut(held)) {
              await forgetPhotos(held);
              return;
            }
            const back = [...bodies].reverse().map((body) => ({
              id: uuid(),
              deviceTime: new Date().toISOString(),
              kind: 'WITHDRAWN' as const,
              corrects: body.id,
              reason: 'undone',
            }));
            await send(back);
          },
        });
      }
    } finally {
      setUnderWay((n) => n - 1);
    }
    return bodies;
  };

  return { enter, sending: underWay > 0 };
}
