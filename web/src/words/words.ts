import { format, formatDistanceStrict, parseISO } from 'date-fns';
import { yardNow, yardZone } from '../time/yard-clock';

const MINUS = '\u2212';

/** A number with a true minus sign and at most the decimals asked for. */
export function number(value: number, decimals = 1): string {
  const rounded = Number(value.toFixed(decimals));
  const text = Object.is(rounded, -0) ? '0' : String(Math.abs(rounded));
  return rounded < 0 ? MINUS + text : text;
}

export const percent = (fraction: number) => `${number(fraction * 100, 0)} %`;

/** What a person typed as a number, in either decimal style and with any minus; null when it is none. */
export function typedNumber(text: string): number | null {
  const plain = text
    .trim()
    .replace(',', '.')
    .replace(/[\u2212\u2013]/g, '-');
  if (!/^[+-]?(\d+\.?\d*|\.\d+)$/.test(plain)) return null;
  return Number(plain);
}

/** "1 boat", "2 boats". */
export const boatsOf = (count: number) => `${count} ${count === 1 ? 'boat' : 'boats'}`;

const MONTHS = 'Jan Feb Mar Apr May Jun Jul Aug Sep Oct Nov Dec'.split(' ');

let inZone: { zone: string; format: Intl.DateTimeFormat } | null = null;

/** A moment as the yard's clock shows it, in its parts; a device's own zone plays no part. */
function inTheYard(moment: string | number) {
  const zone = yardZone();
  if (inZone?.zone !== zone) {
    const format = new Intl.DateTimeFormat('en-US', {
      timeZone: zone,
      year: 'numeric',
      month: '2-digit',
      day: 'numeric',
      hour: '2-digit',
      minute: '2-digit',
      hourCycle: 'h23',
    });
    inZone = { zone, format };
  }
  const said: Partial<Record<Intl.DateTimeFormatPartTypes, string>> = {};
  for (const { type, value } of inZone.format.formatToParts(new Date(moment))) said[type] = value;
  return {
    year: said.year!,
    month: said.month!,
    day: said.day!,
    dayAndMonth: `${said.day} ${MONTHS[Number(said.month) - 1]}`,
    time: `${said.hour}:${said.minute}`,
  };
}

export function clock(iso: string): string {
  const { dayAndMonth, time } = inTheYard(iso);
  return `${dayAndMonth} ${time}`;
}
/** The same where years lie between what is shown. */
export function moment(iso: string): string {
  const { dayAndMonth, time, year } = inTheYard(iso);
  return `${dayAndMonth} ${year === inTheYard(yardNow()).year ? time : year}`;
}
export const timeOfDay = (moment: string | number) => inTheYard(moment).time;

/** The plain date of a moment, where the yard is. */
export function dateOf(iso: string): string {
  const { year, month, day } = inTheYard(iso);
  return `${year}-${month}-${day.padStart(2, '0')}`;
}
export const ago = (moment: string | number) =>
  `${formatDistanceStrict(new Date(moment), yardNow())} ago`;

/** A plain date, in the order this product writes dates. */
export const day = (isoDate: string) => format(parseISO(isoDate), 'd MMM yyyy');

export const sentence = (words: string) => words.charAt(0).toUpperCase() + words.slice(1);
