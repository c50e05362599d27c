import type { NewEntry } from '../api/client';

export type EntryOf<Kind extends NewEntry['kind']> = Extract<NewEntry, { kind: Kind }>;

/** Those of one kind, in their order. */
export function ofKind<Kind extends NewEntry['kind']>(
  entries: readonly NewEntry[],
  kind: Kind,
): EntryOf<Kind>[] {
  return entries.filter((entry): entry is EntryOf<Kind> => entry.kind === kind);
}
