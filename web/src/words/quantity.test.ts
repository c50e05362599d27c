import { afterEach, describe, expect, it } from 'vitest';
import limitVectors from '../testing/vectors/limits.json';
import quantityVectors from '../testing/vectors/quantities.json';
import { limitIn } from './judged';
import { boxIn, saidIn, stepIn, unitIn } from './quantity';
import { typedIn, understood } from './typed-quantity';
import { METRIC, US, heardUnits } from './units';

const readIn = (system: string) => heardUnits(system === 'US' ? US : METRIC);

afterEach(() => heardUnits(METRIC));

describe('a quantity', () => {
  it('is said as core says it', () => {
    for (const { unit, value, system, text } of quantityVectors) {
      readIn(system);
      expect(saidIn(unit, value), `${value} ${unit} ${system}`).toBe(text);
    }
  });

  it('that is a limit is rounded as core rounds it', () => {
    for (const { unit, value, limit, atMost, system, text } of limitVectors) {
      readIn(system);
      const said = limitIn(unit, { value, limit, atMost });
      expect(said, `${value} against ${limit} ${unit} ${system} ${atMost}`).toBe(text);
    }
  });

  it('each kind of them is read by itself', () => {
    heardUnits({ ...METRIC, temperature: 'US' });
    expect([saidIn('°C', -20), saidIn('L', 19), unitIn('K'), unitIn('h')]).toEqual([
      '−4 °F',
      '19 L',
      '°F',
      'h',
    ]);
  });
});

describe('what is typed', () => {
  it.each([
    ['L', '2 qt', 1.892705892],
    ['L', '1 1/2 gal', 5.678117676],
    ['L', '19', 19],
    ['mm', '7/16 in', 11.1125],
    ['mm', '3/8"', 9.525],
    ['mm', '25 µm', 0.025],
    ['kPa', '40 psi', 275.79029172672],
    ['kPa', '1.2 bar', 120],
    ['°C', '14 °F', -10],
    ['°C', '\u22124f', -20],
    ['K', '9 F', 5],
    ['m', '23\' 4"', 7.112],
    ['m', '23 ft 4 in', 7.112],
    ['L/min', '5 gpm', 18.92705892],
  ])('in a box of %s, "%s", is taken as it is meant', (unit, text, value) => {
    expect(typedIn(unit, text)).toBeCloseTo(value, 9);
  });

  it.each([
    ['L', '19 psi'],
    ['L', 'a lot'],
    ['°C', '1/0'],
    ['h', '5 h'],
    ['L', ''],
    ['m', "5' x"],
  ])('in a box of %s, "%s", is none', (unit, text) => {
    expect(typedIn(unit, text)).toBeNull();
  });

  it('without a unit is in the one that is shown', () => {
    readIn('US');
    expect(typedIn('°C', '-4')).toBeCloseTo(-20, 12);
    expect(typedIn('L', '5')).toBeCloseTo(18.92705892, 9);
    expect(typedIn('L', '5 L')).toBe(5);
    expect(stepIn('L', 0.5)).toBe(0.1);
  });

  it('says what was made of it where it is not plain', () => {
    expect(understood('kPa', '40 psi')).toBe('taken as 275.79 kPa');
    expect(understood('kPa', '40')).toBeNull();
    expect(understood('kPa', '40 gal')).toBeNull();
    readIn('US');
    expect(understood('L', '19 L')).toBe('taken as 5.019 gal');
  });

  it('left as it stood is what it was, to the last bit', () => {
    readIn('US');
    for (const was of [7.1, 0.35, 12.7, 83.333333]) {
      expect(typedIn('m', boxIn('m', was), was)).toBe(was);
      expect(typedIn('L', boxIn('L', was), was)).toBe(was);
    }
  });
});
