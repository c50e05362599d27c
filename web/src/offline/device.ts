import { useSyncExternalStore } from 'react';
import { queryClient } from '../api/query-client';
import { keys } from '../api/keys';
import { database } from './database';
import type { GoingPicture, WaitingEntry } from './database';
import { leaveTogether } from './leaving';
import { Line } from './line';
import { Pictures } from './pictures';
import type { LineState } from './line';
import { Sender } from './sending';

const others = 'BroadcastChannel' in globalThis ? new BroadcastChannel('elsko.line') : null;

/** The line of this device, and who sends it. */
export const line = new Line(database, others);
export const sender = new Sender(line, queryClient);

const whoIsHere = () => queryClient.getQueryData<{ name: string } | null>(keys.session)?.name ?? '';

/** The pictures of this device, apart from the line: nothing waits behind one. */
export const pictures = new Pictures(
  database,
  whoIsHere,
  'BroadcastChannel' in globalThis ? new BroadcastChannel('elsko.pictures') : null,
);

export function usePictures(): readonly GoingPicture[] {
  return useSyncExternalStore(pictures.subscribe, () => pictures.going);
}

/** Entries that were taken back, or that nobody wants any more: neither are their pictures. */
export async function forgetPictures(entries: readonly WaitingEntry[]): Promise<void> {
  for (const { entry } of entries) {
    if (entry.kind === 'PHOTO_TAKEN') await pictures.forget(entry.photo);
  }
}

function wake(): void {
  sender.wake();
  pictures.wake();
}

export function useLine(): LineState {
  return useSyncExternalStore(line.subscribe, () => line.state);
}

/** Sends whenever something says that there may be signal now. */
export function sendWhenThereIsSignal(): void {
  if (!navigator.onLine) line.hasSignal(false);
  wake();
  window.addEventListener('online', () => wake());
  window.addEventListener('offline', () => line.hasSignal(false));
  document.addEventListener('visibilitychange', () => {
    if (document.visibilityState === 'visible') wake();
  });
  leaveTogether(queryClient);
  // Whoever signs in takes up what they left waiting here.
  queryClient.getQueryCache().subscribe(({ query, type }) => {
    if (type === 'updated' && (query.queryKey as unknown[])[0] === 'session' && query.state.data)
      wake();
  });
}
