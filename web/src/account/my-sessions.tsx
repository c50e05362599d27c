import { useQuery, useQueryClient } from '@tanstack/react-query';
import { api } from '../api/client';
import { mySessionsQuery } from '../queries/queries';
import { RefusedLine } from '../parts/refused-line';
import { useRefused } from '../parts/refused';
import { clock } from '../words/words';
import { Section } from '../parts/section';

const DEVICE = { PHONE: 'Phone', COMPUTER: 'Computer or tablet' };

const LOOPBACK = /^(127\.|0:0:0:0:0:0:0:1$|::1$)/;

/** Where I am signed in; one that I do not know is ended here. */
export function MySessions() {
  const { data: sessions = [] } = useQuery(mySessionsQuery);
  const queries = useQueryClient();
  const refused = useRefused([]);
  const end = (key: string) =>
    void refused.attempt(async () => {
      await api.DELETE('/api/session/all/{key}', { params: { path: { key } } });
      await queries.invalidateQueries({ queryKey: mySessionsQuery.queryKey });
    });
  return (
    <Section title="Where I am signed in">
      <ul className="m-0 list-none p-0 text-[14.5px]">
        {sessions.map((one) => (
          <li
            key={one.key}
            className="border-line flex items-center justify-between gap-3 border-t py-2 first:border-t-0"
          >
            <span>
              <b>{DEVICE[one.device]}</b> at{' '}
              {LOOPBACK.test(one.address) ? 'the server itself' : one.address}
              <br />
              <span className="text-soft">
                since {clock(one.begunAt)}, used last {clock(one.usedAt)}
              </span>
            </span>
            {one.mine ? (
              <span className="text-spruce font-semibold whitespace-nowrap">this one</span>
            ) : (
              <button type="button" className="btn" onClick={() => end(one.key)}>
                Sign it out
              </button>
            )}
          </li>
        ))}
      </ul>
      <RefusedLine words={refused.elsewhere} />
    </Section>
  );
}
