import { keys } from './keys';
import { MutationCache, QueryCache, QueryClient } from '@tanstack/react-query';
import { Refusal } from './refusal';
import { onOtherUnits } from '../words/units';

const DAYS_MS = 24 * 60 * 60_000;

/** A day without signal, and a weekend. */
export const SHOWN_FOR_MS = 7 * DAYS_MS;

/** When a session has ended, the screen goes to the sign-in page and comes back after it. */
function noticeEndOfSession(error: unknown) {
  if (error instanceof Refusal && error.status === 401) {
    queryClient.setQueryData(keys.session, null);
  }
}

export const queryClient: QueryClient = new QueryClient({
  queryCache: new QueryCache({ onError: noticeEndOfSession }),
  mutationCache: new MutationCache({ onError: noticeEndOfSession }),
  defaultOptions: {
    mutations: { networkMode: 'always' },
    queries: {
      // Without signal a query fails and what was fetched before stays on the screen.
      networkMode: 'always',
      gcTime: SHOWN_FOR_MS,
      staleTime: 30_000,
      retry: (failures, error) => !(error instanceof Refusal) && failures < 3,
    },
  },
});

// What was fetched is said in the units it was asked for in: it is asked for again.
onOtherUnits(() =>
  queryClient.removeQueries({ predicate: ({ queryKey }) => queryKey[0] !== 'session' }),
);
