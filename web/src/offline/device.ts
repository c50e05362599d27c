import { useSyncExternalStore } from 'react';
import { queryClient } from '../api/query-client';
import { keys } from '../api/keys';
import { database } from './database';
import type { GoingPicture, WaitingEntry } from './database';
import { leaveTogether, whoEnters } from './leaving';
import { Line } from './line';
import { Pictures } from './pictures';
import type { LineState } from './line';
import { Sender } from './sending';

const others = 'BroadcastChannel' in globalThis ? new BroadcastChannel('elsko.line') : null;

/** The line of this device, and who sends it. */
export const line = new Line(database, others);
export const sender = new Sender(line, queryClient);

/** The pictures of this device, apart from the line: nothing waits behind one. */
export const pictures = new Pictures(
  database,
  {
    isHere: () => queryClient.getQueryData<{ name: string } | null>(keys.session)?.name ?? '',
    enters: () => whoEnters(queryClient),
  },
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

/** Another tab may have left something on the disk and be gone. */
const LOOKS_EACH_MS = 30_000;

/** What stands on the disk, whichever tab put it there, goes up. */
async function look(): Promise<void> {
  await Promise.all([line.load(), pictures.load()]);
  void sender.all();
  void pictures.send();
}

export function useLine(): LineState {
  return useSyncExternalStore(line.subscribe, () => line.state);
}

/** Sends whenever something says that there may be signal now. */
export function sendWhenThereIsSignal(): void {
  if (!navigator.onLine) line.hasSignal(false);
  wake();
  setInterval(() => void look().catch(() => undefined), LOOKS_EACH_MS);
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
