import type { paths } from '../api/schema';

type Query = NonNullable<paths['/api/book']['get']['parameters']['query']>;
export type BookKind = NonNullable<Query['kind']>;

/** What is looked for, as it stands in the address: a search can be sent to somebody. */
export interface Wanted {
  boat: string;
  person: string;
  from: string;
  to: string;
  kind: string;
  lot: string;
  product: string;
  circuit: string;
  corrections: string;
}

const NAMES: (keyof Wanted)[] = [
  'boat',
  'person',
  'from',
  'to',
  'kind',
  'lot',
  'product',
  'circuit',
  'corrections',
];

export const KINDS: Record<BookKind, string> = {
  FILLS: 'fluids in and out',
  SAMPLES: 'samples and proof',
  READINGS: 'readings',
  SERVICE: 'service and work',
  FITTINGS: 'fittings',
  ENGINES: 'engines',
  MOVES: 'moves',
  TRIPS: 'trips',
  CARDS: 'cards',
  NOTES: 'notes and photos',
};

export function wantedOf(params: URLSearchParams): Wanted {
  return Object.fromEntries(
    NAMES.map((name) => [name, params.get(name) ?? '']),
  ) as unknown as Wanted;
}

/** The address of a search, without what is left open. */
export function addressOf(wanted: Wanted): Record<string, string> {
  return Object.fromEntries(Object.entries(wanted).filter(([, value]) => value !== ''));
}

/** The same as the server is asked. */
export function queryOf(wanted: Wanted): Query {
  const { corrections, ...others } = addressOf(wanted);
  return { ...others, ...(corrections ? { corrections: true } : {}) };
}

/** The address of the same lines as a file. */
export function fileOf(wanted: Wanted): Record<string, string> {
  return Object.fromEntries(
    Object.entries(queryOf(wanted)).map(([name, value]) => [name, String(value)]),
  );
}
