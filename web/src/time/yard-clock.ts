import { useEffect, useState } from 'react';

const AHEAD = 'elsko.clock.ahead';
const ZONE = 'elsko.clock.zone';
/** An answer is not longer than that on its way, most often. */
const WAY_MS = 5_000;

let aheadMs = Number(localStorage.getItem(AHEAD) ?? 0);
let zone = localStorage.getItem(ZONE) ?? Intl.DateTimeFormat().resolvedOptions().timeZone;

/** Every answer of the server says the yard's time, as 2026-11-24T09:10:00+01:00[CET]. */
export const TIME_HEADER = 'Elsko-Time';

/** Remembers how far the yard's clock is ahead of this device's, and in which zone it stands. */
export function heardYardTime(said: string | null): void {
  const [, iso, heard] = /^([^[]+)(?:\[([^\]]+)\])?$/.exec(said ?? '') ?? [];
  const at = new Date(iso ?? '').getTime();
  if (Number.isNaN(at)) return;
  const measured = at - Date.now();
  // The way over the wire makes it too little, so the most is nearest; a clock that was set anew is followed.
  if (measured > aheadMs || aheadMs - measured > WAY_MS) {
    aheadMs = measured;
    localStorage.setItem(AHEAD, String(aheadMs));
  }
  if (heard && heard !== zone && isZone(heard)) {
    zone = heard;
    localStorage.setItem(ZONE, zone);
  }
}

/** An older browser may not know what the server knows; it goes on as before. */
function isZone(name: string): boolean {
  try {
    new Intl.DateTimeFormat('en', { timeZone: name });
    return true;
  } catch {
    return false;
  }
}

/** Now by the yard's clock, also without signal. */
export const yardNow = () => Date.now() + aheadMs;

/** The zone the yard's clock stands in. */
export const yardZone = () => zone;

/** A moment of this device as the yard's clock would have said it. */
export const onYardClock = (device: string | number) => new Date(device).getTime() + aheadMs;

/** Now by the yard's clock, again every second. */
export function useYardNow(): number {
  const [now, setNow] = useState(yardNow);
  useEffect(() => {
    const ticking = setInterval(() => setNow(yardNow()), 1000);
    return () => clearInterval(ticking);
  }, []);
  return now;
}
