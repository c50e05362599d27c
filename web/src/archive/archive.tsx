import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, got } from '../api/client';
import { backupsQuery } from '../queries/queries';
import { reasonOf } from '../api/refusal';
import { useMay } from '../parts/session';
import { LongWork } from '../jobs/long-work';
import { isUnderWay } from '../api/job-under-way';
import { Loading, Trouble } from '../parts/states';
import { clock, number } from '../words/words';

const MEGA = 1_000_000;

const GIGA = 1_000_000_000;

function size(bytes: number): string {
  return bytes >= GIGA ? `${number(bytes / GIGA, 1)} GB` : `${number(bytes / MEGA, 2)} MB`;
}

/** The whole yard as one file, and the backups there are. */
export function Archive() {
  const may = useMay();
  return (
    <main className="mx-auto grid w-full max-w-[860px] flex-1 content-start gap-6 px-5 py-4">
      <h1 className="font-stencil text-[35px] leading-none font-bold tracking-[0.03em] uppercase">
        Archive
      </h1>
      {may.runYard ? (
        <>
          <section aria-label="The whole yard in one file" className="grid gap-2">
            <h2 className="stencil text-[20px]">The whole yard in one file</h2>
            <p className="m-0">
              Boats, log, shelf, people and plans, in an open form: lines of JSON in a ZIP file. A
              new Elsko is filled from it with <code>./elsko restore FILE --data DIR</code>.
            </p>
            <p className="m-0">
              <a className="btn btn-main" href="/api/archive/yard.zip" download>
                Fetch the archive
              </a>
            </p>
          </section>
          <BackupList />
          <LongWork />
        </>
      ) : (
        <p className="m-0">The archive is the coordinator’s.</p>
      )}
    </main>
  );
}

function BackupList() {
  const queries = useQueryClient();
  const { data, error, refetch } = useQuery(backupsQuery);
  const make = useMutation({
    mutationFn: () => got(api.POST('/api/archive/backups')),
    onSuccess: (made) => queries.setQueryData(backupsQuery.queryKey, made),
  });
  if (!data) {
    return error ? (
      <Trouble error={error} again={() => void refetch()} />
    ) : (
      <Loading what="the backups" />
    );
  }
  const writing = make.isPending || (data.lastJob != null && isUnderWay(data.lastJob));
  return (
    <section aria-label="Backups" className="grid gap-2">
      <h2 className="stencil text-[20px]">Backups</h2>
      <p className="m-0">
        One is made every day at {data.dailyAt}, beside the yard’s data. The newest {data.keep} are
        kept, and the first of each of the last 12 months; of those somebody asked for the newest{' '}
        {data.keepAsked}. Take them to another place as well.
      </p>
      <p className="m-0">
        The yard takes {size(data.taken.database)} on its disk, {size(data.taken.photos)} of that
        pictures; its backups take {size(data.taken.backups)}. {size(data.taken.free)} are free.
      </p>
      {data.taken.getsShort && (
        <p role="alert" className="m-0 font-semibold">
          That gets short: a season’s entries and the next backups may not fit. Take old backups
          away, or move the yard to a larger disk, before nothing can be kept any more.
        </p>
      )}
      <p className="m-0">
        <button type="button" className="btn" disabled={writing} onClick={() => make.mutate()}>
          {writing ? 'Backing up …' : 'Back up now'}
        </button>
      </p>
      {data.lastJob?.state === 'FAILED' && !writing && (
        <p role="alert" className="field-error m-0">
          The last one could not be written. {data.lastJob.words}
        </p>
      )}
      {make.error && (
        <p role="alert" className="field-error m-0">
          {reasonOf(make.error)}
        </p>
      )}
      {data.backups.length === 0 ? (
        <p className="m-0">There is none yet.</p>
      ) : (
        <table className="w-full border-collapse text-left text-[14.5px]">
          <thead>
            <tr className="text-soft">
              <th scope="col" className="font-normal">
                file
              </th>
              <th scope="col" className="font-normal">
                made
              </th>
              <th scope="col" className="font-normal">
                by
              </th>
              <th scope="col" className="text-right font-normal">
                size
              </th>
            </tr>
          </thead>
          <tbody>
            {data.backups.map((one) => (
              <tr key={one.name} className="border-line border-t">
                <td className="py-1">{one.name}</td>
                <td className="py-1">{clock(one.madeAt)}</td>
                <td className="py-1">{one.asked ? 'somebody' : 'the clock'}</td>
                <td className="py-1 text-right">{size(one.bytes)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}
