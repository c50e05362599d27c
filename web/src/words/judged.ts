import { MEASURES, readInUs } from './measures';
import { inTheirs, rounded } from './quantity';
import { number } from './words';

/** A value and the limit it is held against. */
export interface Judged {
  /** Null where the limit is said alone. */
  value: number | null;
  limit: number;
  /** Whether good is the limit or less; otherwise the limit or more. */
  atMost: boolean;
}

const MOST_PLACES = 6;
/** Places more of a number that is said as it was read. */
const AS_READ = 2;
const NOISE = 1e-9;
/**
 * A limit as core says it: rounded to its strict side, with as many places as it takes to see on
 * which side its value is.
 */
export function limitIn(sign: string, { value, limit, atMost }: Judged): string {
  const least = readInUs(sign)?.decimals ?? MEASURES[sign]?.decimals ?? 1;
  const way = atMost ? 'down' : 'up';
  const held = inTheirs(sign, limit);
  let places = least;
  if (value !== null && Math.abs(value - limit) < NOISE) {
    // Both are said alike, as the value was read.
    return number(rounded(held, least + AS_READ, 'half'), least + AS_READ);
  }
  if (value !== null) {
    const good = atMost ? value < limit : value > limit;
    const theirs = inTheirs(sign, value);
    const tells = (said: number) => {
      const over = (said - rounded(held, places, way)) * (atMost ? 1 : -1);
      return good ? over <= 0 : over > 0;
    };
    const asRead = rounded(theirs, least + MOST_PLACES, 'half');
    while (
      places < least + MOST_PLACES &&
      !(tells(rounded(theirs, places, 'half')) && tells(asRead))
    ) {
      places++;
    }
  }
  return number(rounded(held, places, way), places);
}
