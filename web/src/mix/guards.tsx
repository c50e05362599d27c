import { useQuery } from '@tanstack/react-query';
import type { YardView } from '../api/client';
import { yardQuery } from '../queries/queries';
import { Copyable } from '../parts/copyable';
import { celsius, saidIn } from '../words/quantity';

export interface Withstands {
  freezePointC: number;
  burstPointC: number;
  burstIsFloor: boolean;
}

const POINT = { FREEZE: 'freeze point', BURST: 'burst point' };

/** What a mixture withstands, freeze and burst, and how that stands to what the yard guards against. */
export function Guards({ mixture }: { mixture: Withstands }) {
  const { data: yard } = useQuery(yardQuery);
  return (
    <p className="m-0 text-[14.5px]">
      Freeze point{' '}
      <Copyable
        value={mixture.freezePointC}
        shown={celsius(mixture.freezePointC)}
        className="font-bold"
      />
      , burst point{' '}
      <Copyable
        value={mixture.burstPointC}
        shown={`${mixture.burstIsFloor ? 'at or below ' : ''}${celsius(mixture.burstPointC)}`}
        className="font-bold"
      />
      .
      {yard && (
        <>
          <br />
          <Standing mixture={mixture} yard={yard} />
        </>
      )}
    </p>
  );
}

function Standing({ mixture, yard }: { mixture: Withstands; yard: YardView }) {
  const need = yard.designLowC - yard.marginK;
  const guarded = `${celsius(yard.designLowC)} with ${saidIn('K', yard.marginK)} margin`;
  if (yard.policy === 'LABEL') {
    return (
      <span className="text-soft">
        Policy label: the yard trusts the maker&apos;s rating for {guarded}; a mixture made here has
        none.
      </span>
    );
  }
  const at = yard.policy === 'FREEZE' ? mixture.freezePointC : mixture.burstPointC;
  const spare = need - at;
  return (
    <span className={spare >= 0 ? 'text-spruce' : 'text-verm font-semibold'}>
      Policy {yard.policy.toLowerCase()}, {guarded}: {POINT[yard.policy]} {celsius(need)} or lower.{' '}
      {spare >= 0
        ? `It passes with ${saidIn('K', spare)} to spare.`
        : `It misses that by ${saidIn('K', -spare)}.`}
    </span>
  );
}
