import { useCallback, useEffect, useRef } from 'react';

/** Whether this piece of a screen is shown, to be asked later. */
export function useIsShown(): () => boolean {
  const shown = useRef(true);
  useEffect(() => {
    shown.current = true;
    return () => {
      shown.current = false;
    };
  }, []);
  return useCallback(() => shown.current, []);
}
