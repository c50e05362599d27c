import { keys } from '../api/keys';
import type { QueryClient } from '@tanstack/react-query';
import { api, got } from '../api/client';
import type { BoatView, CardView, NewEntry } from '../api/client';
import { askAgain } from '../api/ask-again';
import { shelfQuery } from '../queries/queries';
import { yardNow } from '../time/yard-clock';

/** So many the server takes at once. */
const AT_ONCE = 400;

/** What became of a sheet. */
export interface Sent {
  kept: string[];
  /** Why each of the others was refused, by its id. */
  refused: Record<string, string>;
}

/** The opening of the card, as it was laid out on the paper; the same each time a sheet is sent. */
export function opening(card: CardView, first: NewEntry): NewEntry {
  return {
    kind: 'CARD_OPENED',
    id: card.id,
    card: card.id,
    procedure: card.procedure,
    choices: card.choices,
    deviceTime: first.deviceTime,
    downloadedAt: first.downloadedAt,
  };
}

/** A zero check that was made on paper: readings after it are judged by it. */
export async function sendZeroCheck(
  queries: QueryClient,
  instrument: string,
  reading: number,
  checkedAt: number,
): Promise<void> {
  const shelf = await got(
    api.POST('/api/bench/instruments/{id}/zero-checks', {
      params: { path: { id: instrument } },
      body: { reading, checkedAt: new Date(checkedAt).toISOString() },
    }),
  );
  queries.setQueryData(shelfQuery.queryKey, shelf);
}

/** Sends entries with the moments at which they happened; each is judged by itself. */
export async function sendSheet(
  queries: QueryClient,
  boat: string,
  entries: readonly NewEntry[],
): Promise<Sent> {
  const sent: Sent = { kept: [], refused: {} };
  let stands: BoatView | null = null;
  for (let from = 0; from < entries.length; from += AT_ONCE) {
    const taken = await got(
      api.POST('/api/boats/{id}/waiting-entries', {
        params: { path: { id: boat } },
        // Times were typed as the yard's clock shows them, so that is the clock they are sent by.
        body: {
          entries: entries.slice(from, from + AT_ONCE),
          sentAt: new Date(yardNow()).toISOString(),
        },
      }),
    );
    for (const { id, reason } of taken.answers) {
      if (reason == null) sent.kept.push(id);
      else sent.refused[id] = reason;
    }
    stands = taken.boat;
  }
  if (stands) queries.setQueryData(keys.boat(boat), stands);
  for (const queryKey of [keys.boats, keys.frost, keys.plans]) void askAgain(queries, { queryKey });
  await askAgain(queries, { queryKey: keys.boat(boat) });
  return sent;
}
