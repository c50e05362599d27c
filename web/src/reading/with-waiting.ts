import type { AskView, EntryBody, ReadingStanding, ReadingsView } from '../api/client';
import type { WaitingEntry } from '../offline/database';
import { readingHere } from '../offline/judge-here';
import { number } from '../parts/words';

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

function standingOf(asks: readonly AskView[], entry: EntryBody, by: string): StandingShown[] {
  const common = {
    engine: entry.engine ?? null,
    forbidsStart: false,
    by,
    at: entry.deviceTime!,
    waiting: true,
  };
  if (entry.kind === 'READING_TAKEN') {
    const ask = asks.find((one) => one.limit === entry.limit);
    if (!ask) return [];
    const here = readingHere(ask, entry.value!, entry.against ?? null);
    return [
      {
        ...common,
        key: ask.limit!,
        name: ask.label,
        found: foundWords(ask, entry),
        call: here?.call ?? 'GOOD',
        todo: here?.words ?? '',
      },
    ];
  }
  if (entry.kind !== 'CONDITION_SEEN') return [];
  const condition = asks
    .flatMap((ask) => [ask.condition, ask.instead])
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

function foundWords({ unit, limits }: AskView, { value, against }: EntryBody): string {
  const second = limits?.against;
  const found = `${number(value!, 3)} ${unit}`;
  return second ? `${found}, ${second.name} ${number(against!, 3)} ${second.unit}` : found;
}
