import type { QueryClient } from '@tanstack/react-query';
import { keys } from '../api/keys';
import { askAgain } from '../api/ask-again';
import type { AfterEntries, BoatLine, TimerView, TimersView } from '../api/client';
import { asTold, boatThing, cardThing } from './told';

/**
 * Shows what the answer to sent entries told: the boat, the card they are on, its clocks and its line in the list.
 * Nothing of that is asked for again.
 *
 * @returns in `rest` when what follows from it elsewhere, and is shown, has been answered
 */
export async function showAfter(
  queries: QueryClient,
  boat: string,
  card: string | null,
  after: AfterEntries,
): Promise<{ rest: Promise<void> }> {
  const boatNow = asTold(boatThing(boat), after.boat);
  const cardNow = card && after.card ? asTold(cardThing(boat, card), after.card) : null;
  // An answer that is still on its way was made before: it must not come after this one.
  await queries.cancelQueries({ queryKey: keys.boat(boat), exact: true });
  if (boatNow) queries.setQueryData(keys.boat(boat), boatNow);
  else void askAgain(queries, { queryKey: keys.boat(boat), exact: true });
  if (card && cardNow) {
    await queries.cancelQueries({ queryKey: keys.card(boat, card), exact: true });
    queries.setQueryData(keys.card(boat, card), cardNow);
  }
  queries.setQueryData<BoatLine[]>(keys.boats, (all) =>
    all?.map((line) => (line.id === boat ? after.line : line)),
  );
  queries.setQueryData<TimersView>(
    keys.timers,
    (known) => known && { ...known, timers: withTimers(known.timers, boat, after.timers) },
  );
  return { rest: askForOthers(queries, boat, cardNow ? card : null) };
}

function withTimers(all: TimerView[], boat: string, now: readonly TimerView[]): TimerView[] {
  return [...all.filter((one) => one.boat !== boat), ...now].sort((one, other) =>
    one.dueAt.localeCompare(other.dueAt),
  );
}

/** Asks again for what follows from a boat elsewhere; not for a card that was told. */
export function askForOthers(
  queries: QueryClient,
  boat: string,
  toldCard: string | null,
): Promise<void> {
  const { boats, frost, plans } = keys;
  void askAgain(queries, {
    predicate: ({ queryKey: [first, ...rest] }) =>
      first === frost[0] || first === plans[0] || (first === boats[0] && rest.length > 0),
  });
  return askAgain(queries, {
    queryKey: keys.boat(boat),
    predicate: ({ queryKey }) =>
      queryKey.length > 2 && !(queryKey[2] === 'card' && queryKey[3] === toldCard),
  });
}
