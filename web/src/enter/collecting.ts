import { createContext } from 'react';
import type { WaitingEntry } from '../offline/database';
import type { NewEntry } from '../api/client';

/** Where what is entered goes instead of up: a sheet that is sent as a whole later. */
export interface Collects {
  /** What it holds already, as the card shows it. */
  held: readonly WaitingEntry[];
  take: (entries: NewEntry[]) => void;
}

/** Null where entries go up at once. */
export const Collecting = createContext<Collects | null>(null);
