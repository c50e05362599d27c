import type { JobStanding } from './client';

/** Whether it waits or is done at this moment. */
export function isUnderWay(job: Pick<JobStanding, 'state'>): boolean {
  return job.state === 'WAITS' || job.state === 'RUNS';
}
