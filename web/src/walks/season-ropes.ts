import type { BoatAhead, WalksView } from '../api/client';
import { daysBetween } from '../words/days';
import { isDoubtful } from './likely';

/** A boat's rope over the season: from when it is worked on to when it is safe, and to its frost. */
export interface Rope {
  boat: string;
  name: string;
  /** Whether it must be done before the frost. */
  races: boolean;
  /** Days from today; null where nothing like it is. */
  begins: number | null;
  safe: number | null;
  frost: number | null;
  promised: number | null;
  kept: number | null;
  slack: number | null;
  late: string | null;
  /** How often of a hundred all of it is done on its days. */
  holds: number | null;
}

/** Every boat with work left, what is late and tight first; then by what is promised. */
export function ropes({ plan, today }: WalksView): Rope[] {
  if (!plan) return [];
  const first = new Map<string, string>();
  for (const { boat, date, standing } of plan.stops) {
    if (standing === 'DONE') continue;
    const known = first.get(boat);
    if (!known || date < known) first.set(boat, date);
  }
  const day = (date: string | null | undefined) => (date ? daysBetween(today, date) : null);
  return plan.ahead.map((one: BoatAhead) => ({
    boat: one.boat,
    name: one.name,
    races: one.races,
    begins: day(first.get(one.boat)),
    safe: day(one.safeOn),
    frost: day(one.deadline),
    promised: day(one.promisedOn),
    kept: day(one.keptOn),
    slack: one.slackDays,
    late: one.late,
    holds: one.holds,
  }));
}

/** The first day by which each boat that frost reaches is safe; null while one has no day. */
export function safeBy(all: Rope[]): number | null {
  const racing = all.filter(({ races }) => races);
  if (racing.some(({ safe }) => safe === null)) return null;
  return Math.max(0, ...racing.map(({ safe }) => safe!));
}

/** Boats that would be late if every day not yet begun were lost once: those with no day to spare. */
export const lostByADay = (all: Rope[]) =>
  all.filter(({ late, slack, promised, kept }) => {
    const noFrostDay = slack !== null && slack < 1;
    const noPromisedDay = promised !== null && kept !== null && promised - kept < 1;
    return late === null && (noFrostDay || noPromisedDay);
  });

/** Boats that must be done by a day, and are less likely than four in five. */
export const unlikely = (all: Rope[]) =>
  all.filter(
    ({ late, races, promised, holds }) =>
      late === null && (races || promised !== null) && holds !== null && isDoubtful(holds),
  );

/** Of so many boats, how many are safe by the evening of each day. */
export const safeByDay = (all: Rope[], days: number) =>
  Array.from(
    { length: days },
    (_, day) => all.filter(({ safe }) => safe !== null && safe <= day).length,
  );
