import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { launchQuery } from '../queries/queries';
import { daysBetween, leftWords } from '../words/days';

const A_WEEK = 7;

/** Launch promises within a week and not ready for it: the first thing that stands between. */
export function PromisedSoon() {
  const { data } = useQuery(launchQuery);
  const late = (data?.boats ?? []).filter(
    (boat) => boat.promisedOn && !boat.ready && daysBetween(data!.today, boat.promisedOn) <= A_WEEK,
  );
  if (late.length === 0) return null;
  return (
    <section aria-label="Launch promises" className="pb-4">
      <h2 className="stencil text-[19px]">
        <Link className="text-ink no-underline hover:underline" to="/launch">
          Launch promises
        </Link>
      </h2>
      <ul className="m-0 list-none p-0">
        {late.map((boat) => (
          <li
            key={boat.boat}
            className="border-line flex items-baseline gap-3 border-b py-1.5 text-[14.5px]"
          >
            <span className="font-stencil min-w-[82px] text-[17px] font-semibold">
              {leftWords(daysBetween(data!.today, boat.promisedOn!))}
            </span>
            <span className="min-w-0">
              <Link
                className="text-ink font-bold no-underline hover:underline"
                to={`/launch/${boat.boat}`}
              >
                {boat.name}
              </Link>
              {boat.berthName && ` · ${boat.berthName}`}
              <span className="text-verm block text-[13.5px]">{boat.inTheWay[0]?.words}</span>
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
