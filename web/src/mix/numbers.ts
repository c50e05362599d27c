import { typedNumber } from '../words/words';

/** All of it as numbers; null while one of them is missing or none. */
export function allNumbers<Name extends string>(
  texts: Record<Name, string>,
): Record<Name, number> | null {
  const numbers = {} as Record<Name, number>;
  for (const name of Object.keys(texts) as Name[]) {
    const value = typedNumber(texts[name]);
    if (value === null) return null;
    numbers[name] = value;
  }
  return numbers;
}

/** What to say at a field that holds something else than a number; an empty one says nothing. */
export function notANumber(text: string, like: string): string | null {
  return text.trim() === '' || typedNumber(text) !== null ? null : `Enter a number, like ${like}.`;
}
