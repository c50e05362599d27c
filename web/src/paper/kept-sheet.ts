import { useCallback, useState } from 'react';
import { EMPTY } from './sheet';
import type { Sheet } from './sheet';

const PREFIX = 'elsko.paper.';

function read(key: string): Sheet | null {
  const kept = localStorage.getItem(PREFIX + key);
  if (!kept) return null;
  try {
    return { ...EMPTY, ...(JSON.parse(kept) as Partial<Sheet>) };
  } catch {
    return null;
  }
}

/**
 * A sheet as far as it is typed, kept on this device until it has been taken in: closing the window,
 * or signing out, loses nothing of it.
 *
 * @param key whose sheet of which card
 */
export function useKeptSheet(
  key: string,
  begin: Partial<Sheet>,
): [Sheet, (next: (sheet: Sheet) => Sheet) => void] {
  const [sheet, setSheet] = useState(() => read(key) ?? { ...EMPTY, ...begin });
  const change = useCallback(
    (next: (sheet: Sheet) => Sheet) =>
      setSheet((before) => {
        const after = next(before);
        const isBlank = after.entries.length === 0 && after.zero.reading === '';
        if (isBlank) localStorage.removeItem(PREFIX + key);
        else localStorage.setItem(PREFIX + key, JSON.stringify(after));
        return after;
      }),
    [key],
  );
  return [sheet, change];
}
