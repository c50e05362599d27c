import { useEffect, useRef } from 'react';

/**
 * What is shown next opens at its top, its heading in focus: who works on does not land in the midst
 * of it, its cautions already behind them. What was shown first stays where it is.
 *
 * @param key of what is shown
 * @returns what it is shown in
 */
export function useOpensAtTop(key: string) {
  const within = useRef<HTMLElement>(null);
  const shown = useRef(key);
  useEffect(() => {
    if (shown.current === key) return;
    shown.current = key;
    within.current?.scrollIntoView({ block: 'start' });
    within.current?.querySelector('h1')?.focus({ preventScroll: true });
  }, [key]);
  return within;
}
