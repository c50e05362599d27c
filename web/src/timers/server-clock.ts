import { useEffect, useState } from 'react';

const KEY = 'elsko.clock.ahead';
let aheadMs = Number(localStorage.getItem(KEY) ?? 0);

/** Remembers how far the server's clock is ahead of this device's, as it was said just now. */
export function heardServerTime(iso: string): void {
  aheadMs = new Date(iso).getTime() - Date.now();
  localStorage.setItem(KEY, String(aheadMs));
}

/** Now by the server's clock, also without signal. */
export const serverNow = () => Date.now() + aheadMs;

/** A moment of this device as the server's clock would have said it. */
export const onServerClock = (deviceIso: string) => new Date(deviceIso).getTime() + aheadMs;

/** Now by the server's clock, again every second. */
export function useServerNow(): number {
  const [now, setNow] = useState(serverNow);
  useEffect(() => {
    const ticking = setInterval(() => setNow(serverNow()), 1000);
    return () => clearInterval(ticking);
  }, []);
  return now;
}
