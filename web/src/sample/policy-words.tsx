import type { YardView } from '../api/client';
import { celsius, saidIn } from '../words/quantity';

const POINTS = { FREEZE: 'freeze point', BURST: 'burst point', LABEL: 'label rating' };

/** What samples are judged by here: policy, design low, margin, and the point that follows. */
export function PolicyWords({ yard }: { yard: YardView }) {
  return (
    <>
      policy {yard.policy.toLowerCase()} · protected to {celsius(yard.designLowC)} with{' '}
      {saidIn('K', yard.marginK)} margin: {POINTS[yard.policy]}{' '}
      {celsius(yard.designLowC - yard.marginK)} or lower
    </>
  );
}
