import type { AskView, BoatView, NewEntry } from '../api/client';

type Answer = AskView['answers'][number][number];
type FieldWanted = Answer['matches'][number];
type Against = AskView['standsAgainst'][number];

/** Whether an entry is what an answer wants, or a part of it: its kind, and what its fields hold. */
export function isGivenBy({ kind, matches }: Answer, entry: NewEntry): boolean {
  const fields = entry as unknown as Record<string, string | number | boolean | null | undefined>;
  return entry.kind === kind && matches.every((wanted) => holds(wanted, fields[wanted.field]));
}

function holds(
  { among, orMissing, atLeast }: FieldWanted,
  value: string | number | boolean | null | undefined,
): boolean {
  if (value === undefined || value === null) return orMissing;
  return atLeast === null ? among.includes(String(value)) : Number(value) >= atLeast;
}

/** Whether an entry is an answer to what is asked, or a part of one. */
export function answers(ask: AskView, entry: NewEntry): boolean {
  return ask.answers.flat().some((answer) => isGivenBy(answer, entry));
}

/** Whether entries answer what is asked, in one of its ways. */
export function areGivenBy(ask: AskView, entries: readonly NewEntry[]): boolean {
  return ask.answers.some((way) =>
    way.every((answer) => entries.some((entry) => isGivenBy(answer, entry))),
  );
}

/** What stands against an answer now, by what core worked out about every fitting; null if nothing does. */
export function inTheWay(ask: AskView, boat: BoatView): Against | null {
  const states = new Map(boat.fittings.map(({ key, state }) => [key, state]));
  return ask.standsAgainst.find(({ fitting, state }) => states.get(fitting) === state) ?? null;
}
