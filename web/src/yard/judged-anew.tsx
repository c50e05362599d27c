import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import { api, got } from '../api/client';
import { judgedAnewQuery } from '../queries/queries';
import { protectionWords } from '../parts/protection';
import { RefusedLine } from '../parts/refused-line';
import { useRefused } from '../parts/refused';

/** Boats that this version judges otherwise than the one before, until somebody has seen it. */
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
        This version asks for better evidence.{' '}
        {data.length === 1 ? 'One boat stands' : `${data.length} boats stand`} otherwise than
        before.
      </p>
      <ul className="m-0 list-none p-0 text-[13.5px]">
        {data.map((one) => (
          <li key={one.boat} className="border-line border-t py-1.5">
            <Link to={`/boats/${one.boat}`} className="plain font-bold">
              {one.name}
            </Link>
            : {protectionWords(one.was)}, now {protectionWords(one.became)}. {one.why}
          </li>
        ))}
      </ul>
      {may && (
        <button type="button" className="btn mt-2" onClick={() => void seen()}>
          Seen
        </button>
      )}
      <RefusedLine words={refused.elsewhere} />
    </section>
  );
}
