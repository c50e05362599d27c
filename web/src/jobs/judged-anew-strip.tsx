import { useQuery } from '@tanstack/react-query';
import { jobsQuery } from '../queries/queries';
import { number } from '../words/words';
import { isUnderWay } from '../api/job-under-way';

/** While boats are judged by what the yard has decided anew, lists may still show the old word. */
export function JudgedAnewStrip() {
  const { data } = useQuery(jobsQuery);
  const job = data?.find((one) => one.kind === 'REASSESS' && isUnderWay(one));
  if (!job) return null;
  return (
    <p
      role="status"
      className="m-0 min-h-11 bg-[#243138] px-[18px] py-2.5 text-[15px] font-semibold text-[#f3efe6]"
    >
      Every boat is judged anew
      {job.total > 0 && `: ${number(job.done, 0)} of ${number(job.total, 0)}`}. Until then lists may
      show a boat as it was judged before; its own page is right already.
    </p>
  );
}
