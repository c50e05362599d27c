import { describe, expect, it } from 'vitest';
import type { AskOf, WeakestSamples } from '../api/client';
import { readingHere, sampleHere } from './judge-here';

const PLATEAU = {
  unit: '°C',
  limits: {
    goodLow: 71,
    goodHigh: 79,
    possibleLow: -20,
    possibleHigh: 130,
    whenGood: 'Good: between {low} and {high} {unit}.',
    whenLow: 'Not open yet.',
    callLow: 'MEND',
    whenHigh: 'Too hot.',
    callHigh: 'STOP',
    stopFrom: null,
    whenStop: null,
    sets: null,
    against: null,
  },
} as AskOf<'READ'>;

const BELT = {
  unit: 'mm',
  limits: {
    goodLow: 0.0315,
    goodHigh: 0.0525,
    possibleLow: 0,
    possibleHigh: 100,
    whenGood: 'Good: between {low} and {high} {unit}.',
    whenLow: 'Tight.',
    callLow: 'MEND',
    whenHigh: 'Slack.',
    callHigh: 'MEND',
    stopFrom: null,
    whenStop: null,
    sets: null,
    against: { name: 'free span', unit: 'mm', possibleLow: 50, possibleHigh: 1500 },
  },
} as AskOf<'READ'>;

describe('a reading without signal', () => {
  it.each([
    [70.9, 'Not open yet.', 'MEND'],
    [71, 'Good: between 71 and 79 °C.', 'GOOD'],
    [79, 'Good: between 71 and 79 °C.', 'GOOD'],
    [79.1, 'Too hot.', 'STOP'],
    [200, 'It can be from −20 to 130 °C.', 'MEND'],
  ])('%d: %s', (value, words, call) => {
    expect(readingHere(PLATEAU, value)).toEqual({ call, words });
  });

  it.each([
    [9.4, 300, 'Tight.'],
    [12, 300, 'Good: between 9.5 and 15.7 mm.'],
    [15.8, 300, 'Slack.'],
    [12, 200, 'Slack.'],
  ])('%d mm of a span of %d mm: %s', (value, span, words) => {
    expect(readingHere(BELT, value, span)?.words).toBe(words);
  });

  it('is only noted where core gave no range', () => {
    const noted = { ...PLATEAU, limits: { ...PLATEAU.limits, whenGood: '' } };
    expect(readingHere(noted, 5)).toBeNull();
  });
});

describe('a sample without signal', () => {
  const tables: WeakestSamples[] = [
    {
      lot: 'L',
      instrument: 'glass',
      unit: '°C',
      compensatesFromC: 10,
      compensatesToC: 30,
      rows: [
        { jugReading: -19.5, weakest: -12.4, strongest: -20.9 },
        { jugReading: -19, weakest: -12, strongest: -20.3 },
      ],
    },
    {
      lot: 'L',
      instrument: 'brix',
      unit: '°C',
      compensatesFromC: 10,
      compensatesToC: 30,
      rows: [{ jugReading: 30, weakest: 25, strongest: 31 }],
    },
  ];
  const read = (reading: number, jug: number | null = -19, more: object = {}) =>
    sampleHere(tables, jug, { lot: 'L', instrument: 'glass', reading, temperatureC: 15, ...more });

  it('is in or out at the weakest that passes', () => {
    expect(read(-12)?.good).toBe(true);
    expect(read(-11.9)).toEqual({
      good: false,
      words: 'Short: the weakest that passes reads −12.',
    });
    expect(read(-20.4)?.words).toContain('wrong bottle');
  });

  it('takes the stricter of two rows for a jug between them', () => {
    expect(read(-12.3, -19.2)?.good).toBe(false);
    expect(read(-12.5, -19.2)?.good).toBe(true);
    expect(read(-20.5, -19.2)?.good).toBe(false);
  });

  it('reads a Brix glass the other way round', () => {
    expect(read(25, 30, { instrument: 'brix' })?.good).toBe(true);
    expect(read(24.9, 30, { instrument: 'brix' })?.good).toBe(false);
    expect(read(31.5, 30, { instrument: 'brix' })?.words).toContain('wrong bottle');
  });

  it('says what stands in its way', () => {
    expect(read(-15, -19, { temperatureC: 4 })?.words).toBe('Take it again between 10 and 30 °C.');
    expect(read(-15, -5)?.words).toContain('jug itself does not pass');
    expect(read(-15, -19, { lot: 'other' })?.words).toContain('no sample can prove');
    expect(read(-15, null)).toBeNull();
  });
});
