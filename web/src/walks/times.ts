import type { StopView } from '../api/client';

/** Minutes after midnight as "09:10". */
export const clockOf = (minute: number) =>
  `${String(Math.floor(minute / 60)).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}`;

/** "09:10" as minutes after midnight; null when it is no time. */
export function minuteOf(text: string): number | null {
  const found = /^(\d{1,2}):(\d{2})$/.exec(text.trim());
  if (!found) return null;
  const minute = Number(found[1]) * 60 + Number(found[2]);
  return minute <= 24 * 60 ? minute : null;
}

export const hoursOf = (minutes: number) => `${Math.round(minutes / 6) / 10} h`;

export const stopKey = (stop: { boat: string; task: string }) => `${stop.boat} ${stop.task}`;

/** One person's stops of a day, in the order they begin. */
export function walkOf(stops: StopView[], worker: string, date: string): StopView[] {
  return stops
    .filter((stop) => stop.date === date && stop.workers.includes(worker))
    .sort((a, b) => a.start - b.start);
}
