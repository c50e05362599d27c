import type { AskOf, Call, WeakestSamples } from '../api/client';
import { unitIn, saidIn, numberIn, celsius } from '../words/quantity';
import { limitIn } from '../words/judged';

/** A sample in or out by what core worked out ahead; null where only core can say. */
export interface Provisional {
  good: boolean;
  words: string;
}

/** What a reading comes to, here. */
export interface CallHere {
  call: Call;
  words: string;
}

/**
 * A reading against the range that came with the ask.
 *
 * @param held what it is held against; null where nothing is
 */
export function readingHere(
  ask: Pick<AskOf<'READ'>, 'limits' | 'unit'>,
  value: number,
  held: number | null = null,
): CallHere | null {
  const { limits } = ask;
  if (!limits.whenGood) return null;
  if (value < limits.possibleLow || value > limits.possibleHigh) {
    return {
      call: 'MEND',
      words: `It can be from ${numberIn(ask.unit, limits.possibleLow)} to ${saidIn(ask.unit, limits.possibleHigh)}.`,
    };
  }
  if (limits.stopFrom !== null && value >= limits.stopFrom) {
    return { call: 'STOP', words: limits.whenStop ?? '' };
  }
  const times = limits.against ? (held ?? 0) : 1;
  const low = limits.goodLow * times;
  const high = limits.goodHigh * times;
  if (value < low) return { call: limits.callLow, words: limits.whenLow };
  if (value > high) return { call: limits.callHigh, words: limits.whenHigh };
  const words = limits.whenGood
    .replace('{low}', limitIn(ask.unit, { value, limit: low, atMost: false }))
    .replace('{high}', limitIn(ask.unit, { value, limit: high, atMost: true }))
    .replaceAll('{unit}', unitIn(ask.unit));
  return { call: 'GOOD', words };
}

interface SampleRead {
  lot?: string | null;
  instrument?: string | null;
  reading?: number | null;
  temperatureC?: number | null;
}

/** A sample against the weakest that passes with this jug, lot and instrument. */
export function sampleHere(
  weakest: WeakestSamples[] | undefined,
  jug: number | null,
  { lot, instrument, reading, temperatureC }: SampleRead,
): Provisional | null {
  if (!weakest || jug === null || reading == null || temperatureC == null) return null;
  const table = weakest.find((one) => one.lot === lot && one.instrument === instrument);
  if (!table) return { good: false, words: 'With this lot and instrument no sample can prove.' };
  if (temperatureC < table.compensatesFromC || temperatureC > table.compensatesToC) {
    return {
      good: false,
      words: `Take it again between ${numberIn('°C', table.compensatesFromC)} and ${celsius(table.compensatesToC)}.`,
    };
  }
  const around = table.rows.filter((row) => Math.abs(row.jugReading - jug) < STEP);
  if (around.length === 0) {
    return { good: false, words: 'The jug itself does not pass: read it again, or change it.' };
  }
  // Between two steps the stricter counts.
  const colder = around[0]!.weakest >= around[0]!.strongest;
  const sign = colder ? 1 : -1;
  const weak = sign * Math.min(...around.map((row) => sign * row.weakest));
  const strong = sign * Math.max(...around.map((row) => sign * row.strongest));
  if (sign * reading > sign * weak) {
    return {
      good: false,
      words: `Short: the weakest that passes reads ${numberIn(table.unit, weak)}.`,
    };
  }
  if (sign * reading < sign * strong) {
    return { good: false, words: 'Stronger than its jug: the wrong bottle, or the wrong jug.' };
  }
  return { good: true, words: `In: the weakest that passes reads ${numberIn(table.unit, weak)}.` };
}

const STEP = 0.5;
