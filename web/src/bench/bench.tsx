import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { boatsQuery, planQuery, shelfQuery } from '../queries/queries';
import { ProtectionMark, protectionWords } from '../parts/protection';
import { Loading, Trouble } from '../parts/states';
import { ago } from '../words/words';
import { Instruments } from './instruments';

const MEASURABLE = ['HELD', 'FILLED', 'PROVEN'];

/** Which boats wait for their samples, and can the instruments be trusted today? */
export function Bench() {
  const boats = useQuery(boatsQuery);
  const shelf = useQuery(shelfQuery);
  const { data: plan } = useQuery(planQuery);
  if (boats.isPending || shelf.isPending) return <Loading what="the bench" />;
  if (boats.error || shelf.error) {
    const again = () => void Promise.all([boats.refetch(), shelf.refetch()]);
    return <Trouble error={boats.error ?? shelf.error} again={again} />;
  }
  const berths = new Map(plan?.berths.map((berth) => [berth.id, berth.name]));
  const name = (id: string | null) => (id ? (berths.get(id) ?? '') : '');
  const shown = boats.data
    .filter((boat) => MEASURABLE.includes(boat.protection))
    .sort(
      (a, b) =>
        MEASURABLE.indexOf(a.protection) - MEASURABLE.indexOf(b.protection) ||
        name(a.berth).localeCompare(name(b.berth), undefined, { numeric: true }),
    );
  return (
    <main className="grid flex-1 content-start lg:grid-cols-[1fr_400px]">
      <h1 className="sr-only">Bench</h1>
      <section aria-label="Boats to sample" className="border-line px-5 py-4 lg:border-r">
        <h2 className="stencil text-[19px]">Boats with antifreeze in them</h2>
        <p className="text-soft m-0 mb-2 text-[14px]">
          held and unmeasured first, each in walking order
        </p>
        {shown.length === 0 && <p className="m-0">No boat has been filled yet.</p>}
        <ul className="m-0 grid list-none gap-x-6 p-0 md:grid-cols-2">
          {shown.map((boat) => (
            <li key={boat.id} className="border-line flex items-center gap-3 border-t py-2">
              <ProtectionMark of={boat.protection} size={20} />
              <span className="font-stencil w-10 text-[17px] font-semibold">
                {name(boat.berth)}
              </span>
              <Link to={`/bench/${boat.id}`} className="plain font-semibold">
                {boat.name}
              </Link>
              <span className="text-soft ml-auto text-[13.5px]">
                {protectionWords(boat.protection)}
                {boat.changedAt && ` · ${ago(boat.changedAt)}`}
              </span>
            </li>
          ))}
        </ul>
      </section>
      <Instruments shelf={shelf.data} />
    </main>
  );
}
