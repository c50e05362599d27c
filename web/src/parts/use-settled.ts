import { useEffect, useState } from 'react';

const SETTLES_AFTER_MS = 200;

/** What stands still for a moment: asking at every key would ask too often. */
export function useSettled<T>(value: T, afterMs = SETTLES_AFTER_MS): T {
  const key = JSON.stringify(value);
  const [settled, setSettled] = useState({ key, value });
  useEffect(() => {
    const timer = setTimeout(() => setSettled({ key, value }), afterMs);
    return () => clearTimeout(timer);
    // The key says all there is to say about the value.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key, afterMs]);
  return settled.value;
}
