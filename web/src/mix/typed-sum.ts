import { typedIn } from '../words/typed-quantity';

/** "18 + 18 + 3" as a number; null when one of them is none. */
export function typedSum(unit: string, text: string): number | null {
  const parts = text.split('+').map((part) => typedIn(unit, part));
  return parts.every((part) => part !== null) ? parts.reduce((a, b) => a + b, 0) : null;
}
