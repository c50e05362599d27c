import { dateOf, timeOfDay } from './words';

const utcOf = (day: string, time: string) => new Date(`${day}T${time}:00Z`).getTime();

/**
 * When the yard's clock showed that. An hour that was left out by summer time is the one after it;
 * of one that came twice it is the first or the second.
 *
 * @param day as 2026-11-24, @param time as 09:10
 * @returns null when there is no such day or time
 */
export function yardMoment(day: string, time: string): number | null {
  if (!/^\d{4}-\d\d-\d\d$/.test(day) || !/^\d\d:\d\d$/.test(time)) return null;
  const wanted = utcOf(day, time);
  if (Number.isNaN(wanted)) return null;
  let moment = wanted;
  // How far the zone is off is known only at the moment itself: the second look puts that right.
  for (let look = 0; look < 2; look++) {
    const iso = new Date(moment).toISOString();
    moment += wanted - utcOf(dateOf(iso), timeOfDay(iso));
  }
  return moment;
}
