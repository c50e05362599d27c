import { expect, it } from 'vitest';
import { beamOf, hullPath } from './hull';

it('a hull is drawn as long as it is, bow up, and closed', () => {
  const numbers = hullPath(80)
    .match(/-?\d+(\.\d+)?/g)!
    .map(Number);
  const ys = numbers.filter((_, i) => i % 2 === 1);
  const xs = numbers.filter((_, i) => i % 2 === 0);
  expect(Math.min(...ys)).toBe(-80);
  expect(Math.max(...ys)).toBe(0);
  expect(Math.max(...xs) - Math.min(...xs)).toBeCloseTo(beamOf(80));
  expect(hullPath(80).endsWith('Z')).toBe(true);
});
