import { describe, expect, it } from 'vitest';
import { day, number, percent, sentence, typedNumber } from './words';
import { celsius, liters } from './quantity';

describe('numbers as they are shown', () => {
  it('carry a true minus and no trailing zeros', () => {
    expect(number(-12.76)).toBe('−12.8');
    expect(number(-0.04)).toBe('0');
    expect(number(7)).toBe('7');
    expect(number(0.125, 2)).toBe('0.13');
  });

  it('carry their unit', () => {
    expect(celsius(-25)).toBe('−25 °C');
    expect(liters(4.5)).toBe('4.5 L');
    expect(percent(0.292)).toBe('29 %');
  });

  it('dates are written out', () => {
    expect(day('2029-05-25')).toBe('25 May 2029');
  });
});

describe('numbers as they are typed', () => {
  it('take either decimal sign and any minus', () => {
    expect(typedNumber('4.5')).toBe(4.5);
    expect(typedNumber(' 4,5 ')).toBe(4.5);
    expect(typedNumber('-19')).toBe(-19);
    expect(typedNumber('−19,5')).toBe(-19.5);
    expect(typedNumber('–7')).toBe(-7);
    expect(typedNumber('.5')).toBe(0.5);
    expect(typedNumber('+3.')).toBe(3);
  });

  it('are nothing when they are not numbers', () => {
    for (const text of ['', ' ', 'about 4', '4.5.1', '1e5', '-', ',', '4 5', 'NaN', 'Infinity']) {
      expect(typedNumber(text), text).toBeNull();
    }
  });
});

it('a sentence begins large', () => {
  expect(sentence('port block')).toBe('Port block');
  expect(sentence('')).toBe('');
});
