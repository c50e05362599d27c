import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import type { BoatLine, LooseEndLine, YardPlan } from '../api/client';
import { looseEndsQuery } from '../queries/queries';
import { Loading, Trouble } from '../parts/states';
import { ago, sentence } from '../words/words';

/** Every fitting in the yard that is not as it should be at sea; what keeps a boat ashore first. */
export function YardLooseEnds({ plan, boats }: { plan: YardPlan; boats: BoatLine[] }) {
  const { data, error, isPending, refetch } = useQuery(looseEndsQuery);
  if (isPending) return <Loading what="the loose ends" />;
  if (error) return <Trouble error={error} again={() => void refetch()} />;
  const berths = new Map(plan.berths.map((berth) => [berth.id, berth.name]));
  const shown = boats
    .map((boat) => ({ boat, ends: data.filter((end) => end.boat === boat.id) }))
    .filter(({ ends }) => ends.length > 0);
  const bagged = data.filter((end) => end.state === 'OUT_BAGGED').length;
  const missing = data.filter((end) => end.state === 'OUT_MISSING').length;
  return (
    <div className="px-5 py-3">
      <p className="m-0 text-[14.5px]">
        {data.length} loose ends on {shown.length} boats · {bagged} plugs in bags
        {missing > 0 && <b className="text-verm"> · {missing} missing</b>}
      </p>
      <ul className="m-0 mt-2 grid list-none gap-x-8 p-0 md:grid-cols-2">
        {shown.map(({ boat, ends }) => (
          <li key={boat.id} className="border-line border-t py-2">
            <Link to={`/boats/${boat.id}`} className="plain font-semibold">
              {boat.name}
            </Link>{' '}
            <span className="text-soft text-[13.5px]">
              {boat.berth ? berths.get(boat.berth) : 'no berth'} · {ends.length}
            </span>
            <ul className="m-0 list-none p-0 text-[13.5px]">
              {[...ends].sort(seaFirst).map((end) => (
                <End key={end.fitting} end={end} />
              ))}
            </ul>
          </li>
        ))}
      </ul>
      {shown.length === 0 && <p className="text-soft">Everything is in commission.</p>}
    </div>
  );
}

const seaFirst = (a: LooseEndLine, b: LooseEndLine) =>
  Number(b.keepsAshore) - Number(a.keepsAshore);

function End({ end }: { end: LooseEndLine }) {
  return (
    <li className="flex flex-wrap gap-x-2">
      <span className={end.keepsAshore ? 'font-semibold' : ''}>{sentence(end.name)}</span>
      <span className={end.state === 'OUT_MISSING' ? 'text-verm font-bold' : ''}>
        {end.stateWords}
      </span>
      <span className="text-soft">
        {end.person}
        {end.at && `, ${ago(end.at)}`}
        {end.reason && ` · ${end.reason}`}
      </span>
    </li>
  );
}
