import { expect, it } from 'vitest';
import { mgPerLiterOf, millilitersFor } from './dose';

it('comes to what is worked out by hand, both ways', () => {
  expect(millilitersFor(100, 50, 5)).toBe(100);
  expect(millilitersFor(60, 50, 12.5)).toBe(24);
  expect(mgPerLiterOf(210, 100, 5)).toBe(105);
});
