import { useEffect } from 'react';

/** Keeps the screen from going dark while somebody works by it, where the browser can. */
export function useAwake(wanted: boolean): void {
  useEffect(() => {
    if (!wanted || !('wakeLock' in navigator)) return;
    let held: WakeLockSentinel | null = null;
    let over = false;
    const hold = () => {
      if (document.visibilityState !== 'visible') return;
      navigator.wakeLock.request('screen').then(
        (lock) => {
          if (over) void lock.release();
          else held = lock;
        },
        // On little battery it is refused: the screen goes dark as ever.
        () => undefined,
      );
    };
    hold();
    document.addEventListener('visibilitychange', hold);
    return () => {
      over = true;
      document.removeEventListener('visibilitychange', hold);
      void held?.release();
    };
  }, [wanted]);
}
