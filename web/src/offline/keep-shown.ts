import type { PersistedClient, Persister } from '@tanstack/react-query-persist-client';
import type { Query } from '@tanstack/react-query';
import { database } from './database';
import { shownAsNow } from './shown-as-now';

const KEY = 'queries';

const KEPT = new Set([
  'session',
  'welcome',
  'yard',
  'boats',
  'boat',
  'walks',
  'frost',
  'shelf',
  'weakest',
  'timers',
]);
/** Large, or of no use without signal. */
const LEFT_OUT = new Set(['log', 'forecast', 'why', 'crew', 'weather']);

/** What the screens show without signal: kept as it was fetched last. */
export function isKept(query: Query): boolean {
  const [first, ...rest] = query.queryKey as unknown[];
  return (
    query.state.data != null && // nobody signed in is not worth remembering: it is asked anew
    KEPT.has(String(first)) &&
    !rest.some((part) => LEFT_OUT.has(String(part)))
  );
}

/** So long what changed is gathered: all of it is copied each time, which is work for a phone. */
const KEPT_EVERY_MS = 1_000;

let latest: PersistedClient | null = null;
let soon: ReturnType<typeof setTimeout> | undefined;

async function keepLatest(): Promise<void> {
  clearTimeout(soon);
  soon = undefined;
  const client = latest;
  latest = null;
  // A plain copy: what cannot be kept, like a signal, falls away.
  if (client) await (await database()).put('shown', JSON.parse(JSON.stringify(client)), KEY);
}

// A window that goes to the back may not come again.
document.addEventListener('visibilitychange', () => {
  if (document.visibilityState === 'hidden') void keepLatest();
});
window.addEventListener('pagehide', () => void keepLatest());

/** Into this device's database, and from there when the application opens. */
export const shownOnDevice: Persister = {
  persistClient: (client: PersistedClient) => {
    latest = client;
    soon ??= setTimeout(() => void keepLatest(), KEPT_EVERY_MS);
  },
  restoreClient: async () => {
    const kept = await (await database()).get('shown', KEY);
    return shownAsNow(kept) as PersistedClient | undefined;
  },
  removeClient: async () => {
    clearTimeout(soon);
    soon = undefined;
    latest = null;
    await (await database()).delete('shown', KEY);
  },
};
