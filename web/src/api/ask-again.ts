import type { QueryClient, QueryFilters } from '@tanstack/react-query';

/**
 * Asks again for what a screen shows. A first answer that is still on its way may have been made
 * before the change, and cannot be called off: it is asked for again once it is there.
 *
 * @returns when what is shown has been answered
 */
export function askAgain(queries: QueryClient, filters: QueryFilters): Promise<void> {
  const first = queries
    .getQueryCache()
    .findAll({ ...filters, fetchStatus: 'fetching' })
    .filter((query) => query.state.data === undefined);
  for (const query of first) {
    const again = () => void queries.invalidateQueries({ queryKey: query.queryKey, exact: true });
    query.promise?.then(again, () => undefined);
  }
  return queries.invalidateQueries(filters);
}
