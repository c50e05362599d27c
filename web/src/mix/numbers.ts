import { typedIn } from '../words/typed-quantity';

/** All of it as numbers, in the metric units given by their signs; null while one of them is missing or none. */
export function allNumbers<Name extends string>(
  texts: Record<Name, string>,
  units: Partial<Record<Name, string>> = {},
): Record<Name, number> | null {
  const numbers = {} as Record<Name, number>;
  for (const name of Object.keys(texts) as Name[]) {
    const value = typedIn(units[name] ?? '', texts[name]);
    if (value === null) return null;
    numbers[name] = value;
  }
  return numbers;
}

/** What to say at a field that holds something else than a number; an empty one says nothing. */
export function notANumber(text: string, like: string, unit = ''): string | null {
  return text.trim() === '' || typedIn(unit, text) !== null
    ? null
    : `Enter a number, like ${like}.`;
}
