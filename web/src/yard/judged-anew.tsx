import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import { api, got } from '../api/client';
import type { JudgedAnewOne } from '../api/client';
import { judgedAnewQuery } from '../queries/queries';
import { boatsOf } from '../words/words';
import { protectionWords } from '../parts/protection';
import { RefusedLine } from '../parts/refused-line';
import { useRefused } from '../parts/refused';

type Judged = Pick<JudgedAnewOne, 'was' | 'became'>;

/** "14 boats: 9 proven are now held, 5 held are now proven" */
export function changesWords(boats: Judged[], are: 'are now' | 'would be'): string {
  const kinds = new Map<string, number>();
  for (const { was, became } of boats) {
    const words = `${protectionWords(was)} ${are} ${protectionWords(became)}`;
    kinds.set(words, (kinds.get(words) ?? 0) + 1);
  }
  const parts = [...kinds]
    .sort(([, one], [, other]) => other - one)
    .map(
      ([words, many]) => `${many} ${many === 1 ? words.replace(' are now ', ' is now ') : words}`,
    );
  return `${boatsOf(boats.length)}: ${parts.join(', ')}`;
}

/** Each of them, what it becomes and why. */
export function JudgedList({ boats, becomes }: { boats: JudgedAnewOne[]; becomes: string }) {
  return (
    <ul className="m-0 list-none p-0 text-[13.5px]">
      {boats.map((one) => (
        <li key={one.boat} className="border-line border-t py-1.5">
          <Link to={`/boats/${one.boat}`} className="plain font-bold">
            {one.name}
          </Link>
          : {protectionWords(one.was)}, {becomes} {protectionWords(one.became)}. {one.why}
        </li>
      ))}
    </ul>
  );
}

/**
 * Boats that another frost standard or a newer version judges otherwise, until somebody has seen
 * it.
 */
export function JudgedAnew({ may }: { may: boolean }) {
  const { data } = useQuery(judgedAnewQuery);
  const queries = useQueryClient();
  const refused = useRefused([]);
  if (!data || data.length === 0) return null;
  const seen = () =>
    refused.attempt(async () => {
      await got(api.DELETE('/api/judged-anew'));
      await queries.invalidateQueries({ queryKey: judgedAnewQuery.queryKey });
    });
  return (
    <section aria-label="Judged anew" className="pb-4">
      <h2 className="stencil text-[19px]">Judged anew</h2>
      <p className="text-soft m-0 text-[13.5px]">
        By another frost standard or a newer version of Elsko. {changesWords(data, 'are now')}.
      </p>
      <JudgedList boats={data} becomes="now" />
      {may && (
        <button type="button" className="btn mt-2" onClick={() => void seen()}>
          Seen
        </button>
      )}
      <RefusedLine words={refused.elsewhere} />
    </section>
  );
}
