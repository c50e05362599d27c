import { differenceInCalendarDays, format, isValid, parseISO } from 'date-fns';

/** "Wed 4 Nov" */
export const shortDay = (isoDate: string) => format(parseISO(isoDate), 'EEE d MMM');

/**
 * "Wed 4 Nov 2026": a box for a date shows it the browser's way, day or month first, so what was
 * understood is said in words. Null while it is no date, or years from any.
 */
export function dateTyped(isoDate: string): string | null {
  const date = parseISO(isoDate);
  return isValid(date) && date.getFullYear() > 1900 ? format(date, 'EEE d MMM yyyy') : null;
}

/** "Wed 4" */
export const dayOfMonth = (isoDate: string) => format(parseISO(isoDate), 'EEE d');

export const daysBetween = (from: string, to: string) =>
  differenceInCalendarDays(parseISO(to), parseISO(from));

/** How long there is: "today", "1 day", "12 days"; "too late" when the day is over. */
export function leftWords(days: number): string {
  if (days < 0) return 'too late';
  if (days === 0) return 'today';
  return daysOf(days);
}

/** "1 day", "12 days" */
export const daysOf = (days: number) => `${days} ${days === 1 ? 'day' : 'days'}`;

/** In the place of a day where there is none, so that it comes last. */
export const NO_DAY = '9999';
