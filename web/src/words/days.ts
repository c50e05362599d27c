import { differenceInCalendarDays, format, parseISO } from 'date-fns';

/** "Wed 4 Nov" */
export const shortDay = (isoDate: string) => format(parseISO(isoDate), 'EEE d MMM');

/** "Wed 4" */
export const dayOfMonth = (isoDate: string) => format(parseISO(isoDate), 'EEE d');

export const daysBetween = (from: string, to: string) =>
  differenceInCalendarDays(parseISO(to), parseISO(from));

/** How long there is: "today", "1 day", "12 days"; "too late" when the day is over. */
export function leftWords(days: number): string {
  if (days < 0) return 'too late';
  if (days === 0) return 'today';
  return days === 1 ? '1 day' : `${days} days`;
}
