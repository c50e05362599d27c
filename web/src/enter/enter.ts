import { useContext, useState } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import type { BoatView, CardView, EntryEnvelope, NewEntry, Said } from '../api/client';
import { Collecting } from './collecting';
import { useIsShown } from './is-shown';
import { boatQuery, cardQuery } from '../queries/queries';
import { line, sender } from '../offline/device';
import { whoEnters } from '../offline/leaving';
import { refuseHere } from '../offline/refuse-here';
import { takeBack } from '../offline/take-back';
import { isUnderWay } from '../offline/under-way';
import { useUndo } from '../parts/undo';
import { uuid } from '../api/uuid';

/** An entry as a screen says it; when it does not say otherwise, it happened now. */
export type Saying = Said & Partial<Omit<EntryEnvelope, 'id'>>;

export interface Sending {
  entries: Saying[];
  /** What was done, for the undo line; left out where undoing makes no sense. */
  undo?: string;
  /** Called when it was taken back by the undo line. */
  undone?: () => void;
  /** Called when it stands on the disk and is shown. */
  held?: () => void;
  /** Whether somebody still looks at what becomes of it; else as long as the place it was entered at is shown. */
  looks?: () => boolean;
}

/**
 * Takes entries of one boat in, with signal or without: onto this device's disk, shown at once, and
 * up by itself behind what stands in line. What is refused while somebody looks is thrown; later it
 * comes back among what was returned. The ids are made once, so that trying again stores nothing
 * twice. Where a sheet collects what is entered it goes there.
 *
 * What is typed waits until `sending` is over, so that it is still there if it is refused; what is
 * tapped only while it is `holding`, until it stands on the disk.
 */
export function useEnter(boat: string) {
  const queries = useQueryClient();
  const { offer } = useUndo();
  const sheet = useContext(Collecting);
  const [underWay, setUnderWay] = useState(0);
  const [holding, setHolding] = useState(0);
  const isShown = useIsShown();

  const refuseAsFarAsKnown = (bodies: NewEntry[]) => {
    const known = queries.getQueryData<BoatView>(boatQuery(boat).queryKey);
    const id = bodies.find(({ card }) => card)?.card;
    const card = id && queries.getQueryData<CardView>(cardQuery(boat, id).queryKey);
    const before = [...line.state.waiting, ...(sheet?.held ?? [])];
    const alone = sheet !== null || !line.state.signal || !navigator.onLine || before.length > 0;
    if (known && card) refuseHere(card, known, before, bodies, alone ? 'all' : 'stops');
  };

  const hold = (bodies: NewEntry[]) => {
    refuseAsFarAsKnown(bodies);
    return line.hold(whoEnters(queries), boat, bodies);
  };

  const enter = (sending: Sending) => isUnderWay(entered(sending));

  const entered = async ({ entries, undo, undone, held: isHeld, looks }: Sending) => {
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
    setHolding((n) => n + 1);
    try {
      const held = await hold(bodies).finally(() => setHolding((n) => n - 1));
      isHeld?.();
      if (undo) {
        offer({ words: undo, undo: () => takeBack(held, hold).then(undone) });
      }
      await sender.now(held, looks ?? isShown);
    } finally {
      setUnderWay((n) => n - 1);
    }
    return bodies;
  };

  return { enter, sending: underWay > 0, holding: holding > 0 };
}
