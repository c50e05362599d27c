import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { boatsQuery, planQuery } from '../queries/queries';
import { Loading, Trouble } from '../parts/states';
import { ProtectionMark, protectionWords } from '../parts/protection';

/** Which boat wants to go? Those that lie afloat. */
export function CastOff() {
  const { data, error, refetch } = useQuery(boatsQuery);
  const { data: plan } = useQuery(planQuery);
  if (!data) {
    return error ? (
      <Trouble error={error} again={() => void refetch()} />
    ) : (
      <Loading what="the boats afloat" />
    );
  }
  const berths = new Map(plan?.berths.map(({ id, name }) => [id, name]));
  const afloat = data
    .filter((boat) => boat.afloat)
    .map((boat) => ({ ...boat, berthName: berths.get(boat.berth ?? '') ?? '' }))
    .sort((a, b) => a.berthName.localeCompare(b.berthName, undefined, { numeric: true }));
  return (
    <main className="reach mx-auto w-full max-w-[760px] flex-1 px-5 py-4">
      <h1 className="font-stencil text-[35px] leading-none font-bold tracking-[0.03em] uppercase">
        Cast-off
      </h1>
      <p className="text-soft mt-2 mb-4">
        May we go? Engines stopped first, then the helm, then each engine; with the fuel for the
        trip it ends in go or no-go.
      </p>
      {afloat.length === 0 && <p>No boat lies afloat.</p>}
      <ul className="m-0 list-none p-0">
        {afloat.map((boat) => (
          <li key={boat.id} className="border-line border-b">
            <Link
              to={`/cast-off/${boat.id}`}
              className="text-ink flex min-h-14 flex-wrap items-center gap-x-4 no-underline hover:underline"
            >
              <span className="font-stencil text-brass w-14 text-[22px] font-bold">
                {boat.berthName}
              </span>
              <b className="flex-1 text-[17px]">{boat.name}</b>
              <ProtectionMark of={boat.protection} size={18} />
              <span className="text-soft text-[14.5px]">{protectionWords(boat.protection)}</span>
            </Link>
          </li>
        ))}
      </ul>
    </main>
  );
}
