import { typedNumber } from '../words/words';

/** "18 + 18 + 3" as a number; null when one of them is none. */
export function typedSum(text: string): number | null {
  const parts = text.split('+').map(typedNumber);
  return parts.every((part) => part !== null) ? parts.reduce((a, b) => a + b, 0) : null;
}
