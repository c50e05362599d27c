import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import type { LaunchLine } from '../api/client';
import { launchQuery } from '../queries/queries';
import { shortDay } from '../words/days';
import { Loading, Trouble } from '../parts/states';
import { InTheWayList } from './in-the-way';
import { saidIn } from '../words/quantity';

const MOST_SAID = 3;

/** Who may go in the water, in the order the lift takes them? */
export function Launch() {
  const { data, error, refetch } = useQuery(launchQuery);
  if (!data) {
    return error ? (
      <Trouble error={error} again={() => void refetch()} />
    ) : (
      <Loading what="who may go in the water" />
    );
  }
  const days = [...new Set(data.boats.flatMap((boat) => (boat.lifted ? [boat.lifted] : [])))];
  const notYet = data.boats.filter((boat) => !boat.lifted);
  return (
    <main className="reach mx-auto w-full max-w-[1080px] flex-1 px-5 py-4">
      <h1 className="font-stencil text-[35px] leading-none font-bold tracking-[0.03em] uppercase">
        Launch
      </h1>
      <p className="text-soft mt-2 mb-5 max-w-[74ch]">
        The lift takes {data.liftsADay} a day, whoever was promised first. Worked out from each
        boat’s log; nothing to tick.{' '}
        <Link className="plain" to="/launch/spring">
          what spring told
        </Link>
      </p>
      {data.boats.length === 0 && (
        <p>No boat ashore was promised to the water, and no commissioning has begun.</p>
      )}
      {days.map((day) => (
        <section key={day} aria-label={shortDay(day)} className="mb-6">
          <h2 className="stencil border-ink border-b-[1.5px] pb-1 text-[19px]">
            {day === data.today ? `Today, ${shortDay(day)}` : shortDay(day)}
          </h2>
          <ol className="m-0 list-none p-0">
            {data.boats
              .filter((boat) => boat.lifted === day)
              .map((boat) => (
                <Line key={boat.boat} boat={boat} />
              ))}
          </ol>
        </section>
      ))}
      {notYet.length > 0 && (
        <section aria-label="Not yet">
          <h2 className="stencil border-ink border-b-[1.5px] pb-1 text-[19px]">Not yet</h2>
          <ol className="m-0 list-none p-0">
            {notYet.map((boat) => (
              <Line key={boat.boat} boat={boat} />
            ))}
          </ol>
        </section>
      )}
    </main>
  );
}

function Line({ boat }: { boat: LaunchLine }) {
  return (
    <li className="border-line grid grid-cols-[44px_1fr] gap-x-3 border-b py-2.5 sm:grid-cols-[44px_minmax(200px,1fr)_2fr]">
      <span
        aria-hidden="true"
        className="font-stencil text-brass row-span-2 text-[30px] leading-none font-bold sm:row-span-1"
      >
        {boat.place || '–'}
      </span>
      <div>
        <Link
          className="text-ink text-[17px] font-bold no-underline hover:underline"
          to={`/launch/${boat.boat}`}
        >
          {boat.name}
        </Link>
        <span className="text-soft block text-[14px]">
          {boat.berthName} · {saidIn('m', boat.hullLengthM)}
          {boat.promisedOn && ` · promised ${shortDay(boat.promisedOn)}`}
          {boat.daysLate > 0 && (
            <b className="text-verm">
              {' '}
              · {boat.daysLate} {boat.daysLate === 1 ? 'day' : 'days'} late
            </b>
          )}
        </span>
      </div>
      <div className="text-[14.5px]">
        {boat.may ? (
          <b className="text-spruce">May launch.</b>
        ) : (
          <>
            {boat.ready && <b className="text-spruce">Ready for the lift. </b>}
            <InTheWayList of={boat.inTheWay} most={MOST_SAID} />
          </>
        )}
      </div>
    </li>
  );
}
