import { openDB } from 'idb';
import type { DBSchema, IDBPDatabase } from 'idb';
import type { NewEntry } from '../api/client';

/** An entry that was made on this device and is not on the server yet. */
export interface WaitingEntry {
  /** The order they were made in. */
  seq: number;
  /** Who made it: it only goes up while that person is signed in. */
  person: string;
  boat: string;
  entry: NewEntry;
}

/** An entry the server refused, kept until the person has dealt with it. */
export interface ReturnedEntry extends WaitingEntry {
  field: string | null;
  reason: string;
}

interface Schema extends DBSchema {
  waiting: { key: number; value: Omit<WaitingEntry, 'seq'> & { seq?: number } };
  returned: { key: number; value: ReturnedEntry };
  /** What was fetched last, to be shown without signal. */
  shown: { key: string; value: unknown };
  /** Pictures whose entries wait, by the id of the photo. */
  photos: { key: string; value: Blob };
}

export type Database = IDBPDatabase<Schema>;

const NAME = 'elsko';
const VERSION = 2;

/**
 * Opens this device's database. Entries are kept as they go over the wire, and a later version only
 * ever adds stores: whatever an earlier version left waiting is still there.
 */
export function openDatabase(name = NAME): Promise<Database> {
  return openDB<Schema>(name, VERSION, {
    upgrade(db, from) {
      if (from < 1) {
        db.createObjectStore('waiting', { keyPath: 'seq', autoIncrement: true });
        db.createObjectStore('returned', { keyPath: 'seq' });
        db.createObjectStore('shown');
      }
      if (from < 2) db.createObjectStore('photos');
    },
    // Another tab wants a newer version: let it have it.
    blocking: (_current, _wanted, event) => (event.target as IDBDatabase).close(),
  });
}

let opened: Promise<Database> | null = null;

/** The database of this device, opened once. */
export function database(): Promise<Database> {
  opened ??= openDatabase();
  return opened;
}
