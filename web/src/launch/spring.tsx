import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { springQuery } from '../queries/queries';
import { protectionWords } from '../parts/protection';
import { Loading, Trouble } from '../parts/states';
import { moment } from '../words/words';

const OUTCOMES = {
  HELD: 'held',
  MISSED: 'called safe, and broken',
  WARNED: 'not called safe, and broken',
  LUCKY: 'not called safe, and whole',
} as const;

/** How often what autumn claimed was right, here: what commissionings found against what was said. */
export function Spring() {
  const spring = useQuery(springQuery);
  if (!spring.data) {
    return spring.error ? (
      <Trouble error={spring.error} again={() => void spring.refetch()} />
    ) : (
      <Loading what="what spring told" />
    );
  }
  const { held, missed, warned, lucky, surprises } = spring.data;
  const looked = held + missed + warned + lucky;
  return (
    <main className="mx-auto w-full max-w-[900px] flex-1 px-5 py-4">
      <h1 className="font-stencil text-[35px] leading-none font-bold tracking-[0.03em] uppercase">
        What spring told
      </h1>
      {looked === 0 ? (
        <p className="mt-3">
          Nobody has looked yet: each commissioning card begins with looking for what the winter
          did, circuit by circuit. What is found there is held against what was said in autumn.
        </p>
      ) : (
        <>
          <p className="mt-3 mb-4 text-[17px]">
            {held + missed === 0
              ? 'No circuit that was called safe has been looked at yet. '
              : `Of ${held + missed} circuits that were called safe, ${held} were whole in spring. `}
            {missed > 0 && <b className="text-verm">{missed} broken though called safe. </b>}
            {warned + lucky > 0 && `Of ${warned + lucky} that were not, ${warned} were broken.`}
          </p>
          {surprises.length > 0 && (
            <table className="w-full text-[14.5px]">
              <thead>
                <tr className="text-soft text-left">
                  <th scope="col">Boat</th>
                  <th scope="col">Circuit</th>
                  <th scope="col">In autumn</th>
                  <th scope="col">In spring</th>
                  <th scope="col">Looked</th>
                </tr>
              </thead>
              <tbody>
                {surprises.map((one) => (
                  <tr
                    key={one.boat + one.circuit + one.at}
                    className={`border-line border-t ${one.outcome === 'MISSED' ? 'text-verm font-semibold' : ''}`}
                  >
                    <td className="py-1.5">
                      <Link className="plain" to={`/boats/${one.boat}`}>
                        {one.boatName}
                      </Link>
                    </td>
                    <td>{one.circuit}</td>
                    <td>{protectionWords(one.claimed)}</td>
                    <td>
                      {one.found}
                      <span className="text-soft block text-[13px] font-normal">
                        {OUTCOMES[one.outcome]}
                      </span>
                    </td>
                    <td>{moment(one.at)}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          )}
        </>
      )}
    </main>
  );
}
