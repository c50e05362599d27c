import { keys } from '../api/keys';
import type { QueryClient } from '@tanstack/react-query';
import { api, got } from '../api/client';
import type { SignedIn } from '../api/client';
import { Refusal } from '../api/refusal';
import { forgetDrafts } from './draft';
import { shownOnDevice } from './keep-shown';
import { heardUnits } from '../words/units';
import { forgetPhotosAlong } from './photo';
import { forgetTold } from './told';

/** Set while this device has signed out and the server has not heard of it yet. */
const LEFT = 'elsko.left';
/** Who came in last on this device: a session that is lost comes back to what was being typed. */
const LAST = 'elsko.last';

/** Whether somebody signed out here without signal: nobody is signed in, whatever a cookie says. */
export function hasLeft(): boolean {
  return localStorage.getItem(LEFT) !== null;
}

/**
 * Somebody comes in: their session is a new one, and the old one is over by that. What another had
 * begun to type here is not theirs to see.
 */
export function hasComeIn(name: string): void {
  localStorage.removeItem(LEFT);
  if (localStorage.getItem(LAST) !== name) forgetDrafts();
  localStorage.setItem(LAST, name);
}

/**
 * In whose name something is entered here: where the session was lost meanwhile, of whoever came in
 * last. It goes up when they are here again.
 */
export function whoEnters(queries: QueryClient): string {
  const here = queries.getQueryData<SignedIn | null>(keys.session);
  return here?.name ?? localStorage.getItem(LAST) ?? '';
}

/** Nothing that was shown to whoever was here stays on this device. What waits to go up does. */
export async function forgetShown(queries: QueryClient): Promise<void> {
  queries.removeQueries({
    predicate: ({ queryKey }) => queryKey[0] !== keys.session[0] && queryKey[0] !== keys.welcome[0],
  });
  forgetTold();
  await forgetPhotosAlong();
  await shownOnDevice.removeClient();
}

/** Somebody has signed in here: what they are shown is theirs from now on. */
export async function comesIn(queries: QueryClient, who: SignedIn): Promise<void> {
  hasComeIn(who.name);
  heardUnits(who.units);
  await forgetShown(queries);
  queries.setQueryData(keys.session, who);
}

/** Signs out on this device at once, and on the server as soon as it answers. */
export async function signOut(queries: QueryClient): Promise<void> {
  localStorage.setItem(LEFT, new Date().toISOString());
  await queries.cancelQueries();
  queries.setQueryData(keys.session, null);
  forgetDrafts();
  await forgetShown(queries);
  await tellServer();
}

/** Ends the session that was left; false while nobody answers. */
async function tellServer(): Promise<boolean> {
  try {
    // The token of the session may be another by now: asked for anew.
    await api.GET('/api/session', { signal: AbortSignal.timeout(10_000) });
    await api.POST('/api/session/end', { signal: AbortSignal.timeout(10_000) });
  } catch (error) {
    if (!(error instanceof Refusal) || error.status >= 500) return false;
  }
  localStorage.removeItem(LEFT);
  return true;
}

/** Who is signed in here; nobody on a device that was left, even while the server knows better. */
export async function whoIsHere(): Promise<SignedIn | null> {
  if (hasLeft() && !(await tellServer())) return null;
  try {
    const who = await got(api.GET('/api/session'));
    heardUnits(who.units);
    return who;
  } catch (error) {
    if (error instanceof Refusal && error.status === 401) return null;
    throw error;
  }
}

/** Other tabs of this device leave with this one. */
export function leaveTogether(queries: QueryClient): void {
  window.addEventListener('storage', (event) => {
    if (event.key !== LEFT || event.newValue === null) return;
    queries.setQueryData(keys.session, null);
    void forgetShown(queries);
  });
  // A session that was lost shows nothing of somebody who is not here.
  queries.getQueryCache().subscribe(({ query, type }) => {
    const lost =
      type === 'updated' &&
      (query.queryKey as unknown[])[0] === 'session' &&
      query.state.status === 'success' &&
      query.state.data === null;
    if (lost) void forgetShown(queries);
  });
}
