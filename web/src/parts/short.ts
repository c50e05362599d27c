import type { PointView } from '../api/client';

/** Whether a bottle came out short, or never came and nothing else stands for it. */
export function isShort(point: PointView | undefined): boolean {
  if (!point) return false;
  return point.verdict?.outcome === 'HELD' || (point.couldNot != null && !point.toldByOthers);
}
