import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, got } from '../api/client';
import type { JobStanding } from '../api/client';
import { jobsQuery } from '../queries/queries';
import { reasonOf } from '../api/refusal';
import { clock, number } from '../words/words';
import { isUnderWay } from '../api/job-under-way';

const MOST_SHOWN = 10;

const STATES: Record<JobStanding['state'], string> = {
  WAITS: 'waits',
  RUNS: 'goes on',
  DONE: 'done',
  STOPPED: 'stopped',
  FAILED: 'failed',
};

/** What takes long, how far it is and what came of it. */
export function LongWork() {
  const queries = useQueryClient();
  const { data } = useQuery(jobsQuery);
  const stop = useMutation({
    mutationFn: (id: string) => got(api.DELETE('/api/jobs/{id}', { params: { path: { id } } })),
    onSettled: () => queries.invalidateQueries({ queryKey: jobsQuery.queryKey }),
  });
  return (
    <section aria-label="What takes long" className="grid gap-2">
      <h2 className="stencil text-[20px]">What takes long</h2>
      {stop.error && (
        <p role="alert" className="field-error m-0">
          {reasonOf(stop.error)}
        </p>
      )}
      {data?.length ? (
        <ul className="m-0 grid list-none gap-0 p-0 text-[14.5px]">
          {data.slice(0, MOST_SHOWN).map((job) => (
            <li
              key={job.id}
              className="border-line flex flex-wrap items-center gap-x-3 border-t py-1"
            >
              <span className="font-semibold">{job.doing}</span>
              <span>
                {STATES[job.state]}
                {isUnderWay(job) &&
                  job.total > 0 &&
                  `, ${number(job.done, 0)} of ${number(job.total, 0)}`}
              </span>
              <span className="text-soft">
                {job.person}, {clock(job.begunAt)}
              </span>
              {job.words && <span className="basis-full">{job.words}</span>}
              {isUnderWay(job) && job.kind !== 'REASSESS' && (
                <button type="button" className="btn" onClick={() => stop.mutate(job.id)}>
                  Stop
                </button>
              )}
            </li>
          ))}
        </ul>
      ) : (
        <p className="m-0">Nothing was asked for lately.</p>
      )}
    </section>
  );
}
