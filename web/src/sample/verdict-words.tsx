import type { PointView, VerdictView } from '../api/client';

const OUTCOMES: Record<VerdictView['outcome'], string> = {
  PROVEN: 'Proven',
  PROVEN_WITH_REMARK: 'Proven, with a remark',
  HELD: 'Held',
  RETAKE: 'Take it again',
  CHANGE_PRODUCT: 'Change the product',
};

const TONES: Record<VerdictView['outcome'], string> = {
  PROVEN: 'text-spruce',
  PROVEN_WITH_REMARK: 'text-spruce',
  HELD: 'text-verm',
  RETAKE: 'text-amber',
  CHANGE_PRODUCT: 'text-verm',
};

/** The verdict on one low point with its reasons, in words. */
export function VerdictWords({ point }: { point: PointView }) {
  if (point.couldNot != null) {
    return (
      <p className="m-0">
        {point.toldByOthers ? (
          <b className="text-spruce">Told by another bottle.</b>
        ) : (
          <b className="text-verm">Held.</b>
        )}{' '}
        No sample possible: {point.couldNot}
        {point.toldByOthers && '. What was drawn through it was sampled on its way, and is good.'}
      </p>
    );
  }
  const { verdict } = point;
  if (!verdict) {
    return <p className="text-soft m-0">Not read yet.</p>;
  }
  return (
    <p className="m-0">
      <b className={TONES[verdict.outcome]}>{OUTCOMES[verdict.outcome]}.</b>{' '}
      {verdict.reasons.join(' ')}
    </p>
  );
}
