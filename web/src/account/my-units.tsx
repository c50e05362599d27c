import { useQuery, useQueryClient } from '@tanstack/react-query';
import { api, got } from '../api/client';
import { RefusedLine } from '../parts/refused-line';
import { useRefused } from '../parts/refused';
import { UnitsPicker } from './units-picker';
import { sessionQuery } from '../queries/queries';
import type { Units } from '../words/units';
import { heardUnits } from '../words/units';

/** In which units I read, wherever I am signed in: the yard's, or my own. */
export function MyUnits() {
  const { data: session } = useQuery(sessionQuery);
  const queries = useQueryClient();
  const refused = useRefused([]);
  if (!session) return null;
  const read = (units: Units | null) =>
    void refused.attempt(async () => {
      const who = await got(api.PUT('/api/session/units', { body: { units: units ?? undefined } }));
      queries.setQueryData(sessionQuery.queryKey, who);
      heardUnits(who.units);
    });
  return (
    <section aria-label="Units" className="mb-8 break-inside-avoid">
      <h2 className="stencil border-ink border-b-[1.5px] pb-1 text-[19px]">Units I read</h2>
      <div className="mt-3 grid gap-2">
        <UnitsPicker
          legend={session.ownUnits ? 'My own' : 'As the yard reads them'}
          units={session.units}
          choose={read}
        />
        {session.ownUnits && (
          <button
            type="button"
            className="plain min-h-9 justify-self-start"
            onClick={() => read(null)}
          >
            as the yard reads them
          </button>
        )}
        <p className="text-soft m-0 text-[13.5px]">
          A number may be typed with its own unit anywhere: 40 psi, 1 1/2 gal, 7/16 in.
        </p>
        <RefusedLine words={refused.elsewhere} />
      </div>
    </section>
  );
}
