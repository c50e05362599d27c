import { TZDateMini } from '@date-fns/tz';
import { format, formatDistanceStrict, parseISO } from 'date-fns';
import { yardNow, yardZone } from '../time/yard-clock';

const MINUS = '\u2212';

/** A number with a true minus sign and at most the decimals asked for. */
export function number(value: number, decimals = 1): string {
  const rounded = Number(value.toFixed(decimals));
  const text = Object.is(rounded, -0) ? '0' : String(Math.abs(rounded));
  return rounded < 0 ? MINUS + text : text;
}

export const celsius = (value: number) => `${number(value)} °C`;
export const liters = (value: number) => `${number(value)} L`;
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

/** A moment as the yard's clock shows it. */
const inTheYard = (moment: string | number) =>
  new TZDateMini(new Date(moment).getTime(), yardZone());

export const clock = (iso: string) => format(inTheYard(iso), 'd MMM HH:mm');
/** The same where years lie between what is shown. */
export function moment(iso: string): string {
  const at = inTheYard(iso);
  const thisYear = at.getFullYear() === inTheYard(yardNow()).getFullYear();
  return format(at, thisYear ? 'd MMM HH:mm' : 'd MMM yyyy');
}
export const timeOfDay = (moment: string | number) => format(inTheYard(moment), 'HH:mm');

/** The plain date of a moment, where the yard is. */
export const dateOf = (iso: string) => format(inTheYard(iso), 'yyyy-MM-dd');
export const ago = (moment: string | number) =>
  `${formatDistanceStrict(new Date(moment), yardNow())} ago`;

/** A plain date, in the order this product writes dates. */
export const day = (isoDate: string) => format(parseISO(isoDate), 'd MMM yyyy');

export const sentence = (words: string) => words.charAt(0).toUpperCase() + words.slice(1);
