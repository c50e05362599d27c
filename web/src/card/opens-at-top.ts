import { useEffect, useRef } from 'react';

/**
 * What is shown next opens at its top, its heading in focus: who works on does not land in the midst
 * of it, its cautions already behind them.
 *
 * @param key of what is shown
 * @returns what it is shown in
 */
export function useOpensAtTop(key: string) {
  const within = useRef<HTMLElement>(null);
  const shown = useRef<string | null>(null);
  useEffect(() => {
    const before = shown.current;
    if (before === key) return;
    shown.current = key;
    // Whoever comes from elsewhere begins at the top of the screen, and the browser keeps the focus.
    if (before === null) {
      window.scrollTo(0, 0);
      return;
    }
    within.current?.scrollIntoView({ block: 'start' });
    within.current?.querySelector('h1')?.focus({ preventScroll: true });
  }, [key]);
  return within;
}
