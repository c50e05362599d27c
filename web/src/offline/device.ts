import { useSyncExternalStore } from 'react';
import { queryClient } from '../api/query-client';
import { database } from './database';
import { leaveTogether } from './leaving';
import { Line } from './line';
import type { LineState } from './line';
import { Sender } from './sending';

const others = 'BroadcastChannel' in globalThis ? new BroadcastChannel('elsko.line') : null;

/** The line of this device, and who sends it. */
export const line = new Line(database(), others);
export const sender = new Sender(line, queryClient);

export function useLine(): LineState {
  return useSyncExternalStore(line.subscribe, () => line.state);
}

/** Sends whenever something says that there may be signal now. */
export function sendWhenThereIsSignal(): void {
  if (!navigator.onLine) line.hasSignal(false);
  sender.wake();
  window.addEventListener('online', () => sender.wake());
  window.addEventListener('offline', () => line.hasSignal(false));
  document.addEventListener('visibilitychange', () => {
    if (document.visibilityState === 'visible') sender.wake();
  });
  leaveTogether(queryClient);
  // Whoever signs in takes up what they left waiting here.
  queryClient.getQueryCache().subscribe(({ query, type }) => {
    if (type === 'updated' && (query.queryKey as unknown[])[0] === 'session' && query.state.data)
      sender.wake();
  });
}
