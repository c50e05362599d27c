const MINUTE_MS = 60_000;

/** Drops a minute from when each was tapped, ms; null before there are two. */
export function dripsPerMinute(taps: readonly number[]): number | null {
  const first = taps[0];
  const last = taps.at(-1);
  if (first === undefined || last === undefined || last <= first) return null;
  return Math.round(((taps.length - 1) * MINUTE_MS * 10) / (last - first)) / 10;
}
