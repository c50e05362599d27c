import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { api, got } from '../api/client';
import type { YardView } from '../api/client';
import { keys } from '../api/keys';
import { useMay } from '../parts/session';
import { useSettled } from '../parts/use-settled';
import { JudgedAnew, JudgedList, changesWords } from '../yard/judged-anew';

/** Every boat is judged: no number that is still being typed is asked about. */
const TYPED_MS = 600;

interface Standard {
  designLowC: number | null;
  marginK: number | null;
  policy: YardView['policy'];
}

/** Which boats the standard in the boxes would judge otherwise; once it is saved, which it did. */
export function WhatItChanges({ yard, ...typed }: Standard & { yard: YardView }) {
  const { designLowC, marginK, policy } = useSettled(typed, TYPED_MS);
  const may = useMay();
  const differs =
    designLowC !== yard.designLowC || marginK !== yard.marginK || policy !== yard.policy;
  const { data, isFetching, error } = useQuery({
    queryKey: keys.whatIfStandard(designLowC, marginK, policy),
    queryFn: () =>
      got(
        api.POST('/api/judged-anew/what-if', {
          body: { designLowC: designLowC!, marginK: marginK!, policy },
        }),
      ),
    enabled: differs && designLowC !== null && marginK !== null,
    placeholderData: keepPreviousData,
    gcTime: 0,
    retry: false,
  });
  if (!differs) return <JudgedAnew may={may.runYard} />;
  if (error || designLowC === null || marginK === null) return null;
  if (isFetching || !data)
    return <p className="text-soft m-0 text-[13.5px]">Judging every boat …</p>;
  return (
    <section aria-label="What it would change" className="border-line border-l-4 pl-3">
      <p role="status" className="m-0 text-[14.5px] font-semibold">
        {data.length === 0
          ? 'No boat would stand otherwise.'
          : `${changesWords(data, 'would be')}.`}
      </p>
      {data.length > 0 && (
        <details>
          <summary className="plain text-[13.5px]">which, and why</summary>
          <JudgedList boats={data} becomes="would be" />
        </details>
      )}
    </section>
  );
}
