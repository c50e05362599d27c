const KEY = 'elsko.loud';
const USUAL = 60;

/** How loud this device calls out, %; 0 is silent, it shakes all the same. */
export function loudness(): number {
  const kept = Number(localStorage.getItem(KEY) ?? USUAL);
  return Number.isFinite(kept) ? Math.min(100, Math.max(0, kept)) : USUAL;
}

export function keepLoudness(percent: number): void {
  localStorage.setItem(KEY, String(percent));
}
