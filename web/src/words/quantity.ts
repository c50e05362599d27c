import { MEASURES, readInUs } from './measures';
import { number } from './words';

/** More digits than anybody types, so that what stands in a box is what is kept. */
const BOX_DECIMALS = 4;

/** Digits of a computer's own noise are no digits of a quantity. */
const TRUE_DECIMALS = 9;

/** As core rounds: half up in what is written, although 9.45 is a little less in a computer. */
export function rounded(value: number, places: number, way: 'half' | 'down' | 'up'): number {
  const scale = 10 ** places;
  const scaled = Number((Number(value.toFixed(TRUE_DECIMALS)) * scale).toPrecision(15));
  const whole =
    way === 'down'
      ? Math.floor(scaled)
      : way === 'up'
        ? Math.ceil(scaled)
        : Math.sign(scaled) * Math.round(Math.abs(scaled));
  return whole / scale;
}

/** A unit by its metric sign, as whoever uses this device reads it. */
export const unitIn = (sign: string) => readInUs(sign)?.unit ?? sign;

/** A value in the reader's unit, not rounded. */
export function inTheirs(sign: string, value: number): number {
  const us = readInUs(sign);
  return us ? value * us.factor + us.offset : value;
}

/** A value of the reader's unit in the metric one. */
export function fromTheirs(sign: string, theirs: number): number {
  const us = readInUs(sign);
  return us ? (theirs - us.offset) / us.factor : theirs;
}

/** The number alone: "−13". */
export function numberIn(sign: string, value: number, more = 0): string {
  const decimals = readInUs(sign)?.decimals ?? MEASURES[sign]?.decimals ?? 1;
  const places = Math.max(0, decimals + more);
  return number(rounded(inTheirs(sign, value), places, 'half'), places);
}

/** "−13 °F"; the metric value where they read so. */
export const saidIn = (sign: string, value: number, more = 0) =>
  `${numberIn(sign, value, more)} ${unitIn(sign)}`;

/** As it stands in a box that somebody may change. */
export const boxIn = (sign: string, value: number) =>
  readInUs(sign) ? number(inTheirs(sign, value), BOX_DECIMALS) : number(value, 9);

/** A round number of about that, to begin with. */
export const aboutIn = (sign: string, value: number) =>
  readInUs(sign) ? String(Number(inTheirs(sign, value).toPrecision(2))) : boxIn(sign, value);

/** Under what the text of a box is kept: what was typed as °F is not read as °C. */
export const keyIn = (sign: string, key: string) => (readInUs(sign) ? `${key}.us` : key);

/** By how much plus and minus change it, in the reader's unit: as finely as their jugs are marked. */
export const stepIn = (sign: string, metric: number) =>
  readInUs(sign) && sign === 'L' ? 0.1 : metric;

/** How far a reading in this unit may be off: temperatures that are apart have no zero. */
export const offIn = (sign: string, value: number) =>
  `${numberIn(sign === '°C' ? 'K' : sign, value)} ${unitIn(sign)}`;

export const celsius = (value: number) => saidIn('°C', value);
export const liters = (value: number) => saidIn('L', value);
