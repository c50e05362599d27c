import { openDB } from 'idb';
import type { DBSchema, IDBPDatabase } from 'idb';
import type { NewEntry } from '../api/client';
import { Refusal } from '../api/refusal';

/** An entry that was made on this device and is not on the server yet. */
export interface WaitingEntry {
  /** The order they were made in. */
  seq: number;
  /** Who made it: it only goes up while that person is signed in. */
  person: string;
  boat: string;
  entry: NewEntry;
  /** Whether it has been on its way: the server may have it. */
  setOut?: boolean;
  /** Which tab sent it last, and when; only where tabs have no other way to take turns. */
  sentBy?: { tab: string; at: number };
}

/** An entry the server refused, kept until the person has dealt with it. */
export interface ReturnedEntry extends WaitingEntry {
  field: string | null;
  reason: string;
}

/** A picture on its way up, apart from the entry that names it. */
export interface GoingPicture {
  photo: string;
  person: string;
  boat: string;
  /** So much of it the server has, bytes. */
  sent: number;
  /** Why the server does not take it; null while it goes. */
  refused: string | null;
}

interface Schema extends DBSchema {
  waiting: { key: number; value: Omit<WaitingEntry, 'seq'> & { seq?: number } };
  returned: { key: number; value: ReturnedEntry };
  /** What was fetched last, to be shown without signal. */
  shown: { key: string; value: unknown };
  /** Pictures the server does not have yet, by the id of the photo. */
  photos: { key: string; value: Blob };
  pictures: { key: string; value: GoingPicture };
  /** What is being typed, by where. */
  drafts: { key: string; value: string };
}

export type Database = IDBPDatabase<Schema>;

const NAME = 'elsko';
const VERSION = 3;

/**
 * Opens this device's database. Entries are kept as they go over the wire, and a later version only
 * ever adds stores: whatever an earlier version left waiting is still there, and what a later one
 * made can be used by this one.
 *
 * @param lost called when it has to be opened again: another tab wanted a newer version, or the
 *   browser took it away
 */
export async function openDatabase(
  name = NAME,
  lost: () => void = () => undefined,
): Promise<Database> {
  const open = (version: number | undefined) =>
    openDB<Schema>(name, version, {
      upgrade(db, from) {
        if (from < 1) {
          db.createObjectStore('waiting', { keyPath: 'seq', autoIncrement: true });
          db.createObjectStore('returned', { keyPath: 'seq' });
          db.createObjectStore('shown');
        }
        if (from < 2) db.createObjectStore('photos');
        if (from < 3) {
          db.createObjectStore('pictures', { keyPath: 'photo' });
          db.createObjectStore('drafts');
        }
      },
      blocking: (_current, _wanted, event) => {
        lost();
        (event.target as IDBDatabase).close();
      },
      terminated: lost,
    });
  try {
    return await open(VERSION);
  } catch (error) {
    if ((error as DOMException).name !== 'VersionError') throw error;
    return await open(undefined);
  }
}

let opened: Promise<Database> | null = null;

/** The database of this device; opened again where it was lost. */
export function database(): Promise<Database> {
  if (!opened) {
    const mine = openDatabase(NAME, () => {
      if (opened === mine) opened = null;
    });
    opened = mine;
    mine.catch(() => {
      if (opened === mine) opened = null;
    });
  }
  return opened;
}

export const hasNoRoom = (error: unknown): boolean =>
  (error as DOMException | null)?.name === 'QuotaExceededError';

/** Why a transaction came to nothing: the whole of it says so, not the one thing that came to feel it. */
export function whyOf(error: unknown, done: Promise<void>): Promise<unknown> {
  return done.then(
    () => error,
    (whole: unknown) => whole ?? error,
  );
}

/** Says in plain words that there is no room for it on this device. */
export function noRoom(error: unknown): never {
  if (hasNoRoom(error)) {
    throw new Refusal(
      507,
      null,
      'This device has no room left, so it was not taken in. Make room on it, then enter it again.',
    );
  }
  throw error;
}
