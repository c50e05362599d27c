import type { AskOf, AskView, NewEntry, ReadingStanding, ReadingsView } from '../api/client';
import type { WaitingEntry } from '../offline/database';
import { readingHere } from '../offline/judge-here';
import { saidIn } from '../words/quantity';

/** A reading as it was taken last; `waiting` while only this device knows it. */
export type StandingShown = ReadingStanding & { waiting?: boolean };

/** The readings with what still waits on this device, oldest first. */
export function withWaiting(
  { groups, last }: ReadingsView,
  boat: string,
  waiting: readonly WaitingEntry[],
): StandingShown[] {
  const asks = groups.flatMap((group) => group.asks);
  const back = new Set(waiting.map(({ entry }) => entry.corrects).filter(Boolean));
  const mine = waiting
    .filter((one) => one.boat === boat && !back.has(one.entry.id))
    .flatMap(({ entry, person }) => standingOf(asks, entry, person));
  return [...last, ...mine];
}

function standingOf(asks: readonly AskView[], entry: NewEntry, by: string): StandingShown[] {
  if (entry.kind !== 'READING_TAKEN' && entry.kind !== 'CONDITION_SEEN') return [];
  const common = {
    engine: entry.engine ?? null,
    by,
    at: entry.deviceTime,
    waiting: true,
  };
  if (entry.kind === 'READING_TAKEN') {
    const ask = asks.filter((one) => one.kind === 'READ').find((one) => one.limit === entry.limit);
    if (!ask) return [];
    const here = readingHere(ask, entry.value, entry.against ?? null);
    return [
      {
        ...common,
        key: ask.limit,
        name: ask.label,
        found: foundWords(ask, entry.value, entry.against ?? null),
        call: here?.call ?? 'GOOD',
        todo: here?.words ?? '',
      },
    ];
  }
  const condition = asks
    .map((ask) => (ask.kind === 'SEE' ? ask.condition : ask.kind === 'READ' ? ask.instead : null))
    .find((one) => one?.key === entry.condition);
  const finding = condition?.findings.find(({ key }) => key === entry.finding);
  return condition && finding
    ? [
        {
          ...common,
          key: condition.key,
          name: condition.name,
          found: finding.words,
          call: finding.call,
          todo: finding.todo,
        },
      ]
    : [];
}

function foundWords(ask: AskOf<'READ'>, value: number, against: number | null): string {
  const second = ask.limits.against;
  const found = saidIn(ask.unit, value, 2);
  return second && against !== null
    ? `${found}, ${second.name} ${saidIn(second.unit, against, 2)}`
    : found;
}
