import type { RoundStop } from '../api/client';

const keyOf = (stop: RoundStop) => `${stop.boat}/${stop.circuit}`;

/**
 * The stops as they are now, with those that have been finished since: a boat that was proven stays
 * where it was in the walk, with its verdicts, until the round is left.
 */
export function mergeRound(before: RoundStop[], now: RoundStop[]): RoundStop[] {
  const merged = [...now];
  const there = new Set(now.map(keyOf));
  before.forEach((stop, index) => {
    if (there.has(keyOf(stop))) return;
    const previous = before[index - 1];
    const after = previous ? merged.findIndex((s) => keyOf(s) === keyOf(previous)) + 1 : 0;
    merged.splice(after, 0, stop);
    there.add(keyOf(stop));
  });
  return merged;
}
