import { Link } from 'react-router';
import type { FrostView, YardPlan } from '../api/client';

/** Boats that may not see the next morning whole, the dearest first. */
export function TonightList({ frost, plan }: { frost: FrostView; plan: YardPlan }) {
  if (frost.tonight.length === 0) return null;
  const berths = new Map(plan.berths.map((berth) => [berth.id, berth.name]));
  return (
    <section aria-label="Tonight" className="pb-4">
      <h2 className="stencil text-[19px]">Tonight</h2>
      <p className="text-soft m-0 text-[13.5px]">
        {frost.tonight.length === 1 ? '1 boat' : `${frost.tonight.length} boats`} before dark, the
        dearest first
      </p>
      <ol className="m-0 list-none p-0">
        {frost.tonight.map((boat) => (
          <li key={boat.boat} className="hang-tag danger mt-2.5 ml-2">
            <h3 className="flex items-baseline justify-between gap-2 text-[15.5px] font-bold">
              <Link to={`/boats/${boat.boat}`} className="text-ink no-underline hover:underline">
                {boat.name}
              </Link>
              <span className="font-stencil text-verm text-[15px] font-semibold">
                tonight · {boat.berth ? berths.get(boat.berth) : 'no berth'}
              </span>
            </h3>
            <p className="m-0 mt-0.5 text-[13.5px] leading-[1.36] text-[#33414a]">
              {boat.words} <b className="text-ink">{boat.action}.</b>
            </p>
          </li>
        ))}
      </ol>
    </section>
  );
}
