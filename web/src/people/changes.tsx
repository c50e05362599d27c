import { useQuery } from '@tanstack/react-query';
import { auditQuery } from '../queries/queries';
import { useMay } from '../parts/session';
import { Loading, Trouble } from '../parts/states';
import { moment } from '../words/words';

const ABOUT = {
  PEOPLE: 'people',
  SETTINGS: 'settings',
  LINKS: 'links',
  RISK: 'risk taken',
} as const;

/** Who changed people, settings and links, who lifted a red tag or took a boat as it is. */
export function Changes() {
  const may = useMay();
  const { data, error, isPending, refetch } = useQuery({ ...auditQuery, enabled: may.runYard });
  if (!may.runYard) return <p className="p-8">Only the coordinator sees who changed what.</p>;
  if (error) return <Trouble error={error} again={() => void refetch()} />;
  if (isPending) return <Loading what="the changes" />;
  return (
    <main className="max-w-5xl flex-1 px-5 py-5">
      <h1 className="stencil border-ink border-b-[1.5px] pb-1 text-[19px]">Who changed what</h1>
      <p className="text-soft m-0 mt-1 text-[13.5px]">
        People, settings and links; red tags lifted and boats taken as they are.
      </p>
      {data.lines.length === 0 && <p>Nothing was changed yet.</p>}
      <table className="mt-3 w-full border-collapse text-[14.5px]">
        <thead className="sr-only">
          <tr>
            <th>When</th>
            <th>Who</th>
            <th>About</th>
            <th>What</th>
          </tr>
        </thead>
        <tbody>
          {data.lines.map((line, at) => (
            <tr key={`${line.at} ${at}`} className="border-line border-t align-baseline">
              <td className="text-soft py-1.5 pr-4 whitespace-nowrap">{moment(line.at)}</td>
              <td className="py-1.5 pr-4 font-semibold whitespace-nowrap">{line.person}</td>
              <td className="text-soft py-1.5 pr-4 whitespace-nowrap">{ABOUT[line.about]}</td>
              <td className="py-1.5">{line.words}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {data.more && <p className="text-soft">Older changes are in the archive.</p>}
    </main>
  );
}
