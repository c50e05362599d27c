import { keys } from '../api/keys';
import { useState } from 'react';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import { api, got } from '../api/client';
import type { BoatView, Procedure } from '../api/client';
import { offersQuery } from '../queries/queries';
import { RefusedLine } from '../parts/refused-line';
import { useRefused } from '../parts/refused';
import { sentence } from '../words/words';

/** What is printed or sent about the boat one looks at. */
export function BoatPapers({
  boat,
  mayMail,
  mayWork,
}: {
  boat: BoatView;
  mayMail: boolean;
  mayWork: boolean;
}) {
  const queries = useQueryClient();
  const refused = useRefused([]);
  const [sent, setSent] = useState(false);
  const mail = async () => {
    setSent(false);
    const ok = await refused.attempt(() =>
      got(api.POST('/api/reports/boats/{id}/lay-up-mail', { params: { path: { id: boat.id } } })),
    );
    setSent(ok);
    if (ok) void queries.invalidateQueries({ queryKey: keys.mail });
  };
  return (
    <section aria-label="Papers" className="text-[14.5px]">
      <h2 className="stencil text-[18px]">Papers</h2>
      <p className="m-0 flex flex-wrap gap-x-4 gap-y-1">
        <Paper to={`/api/reports/boats/${boat.id}/helm-tag.pdf`}>helm tag</Paper>
        <Paper to={`/api/reports/boats/${boat.id}/drain-map.pdf`}>drain map</Paper>
        <Paper to={`/api/reports/boats/${boat.id}/lay-up.pdf`}>lay-up report</Paper>
        <Paper to={`/api/reports/boats/${boat.id}/job-sheet.csv`}>job sheet for the bill</Paper>
        {mayMail && (
          <button type="button" className="plain" onClick={() => void mail()}>
            send it to the owner
          </button>
        )}
      </p>
      <OnPaper boat={boat} mayWork={mayWork} />
      {sent && (
        <p role="status" className="m-0">
          It is in the outbox, for {boat.description.owner}.
        </p>
      )}
      <RefusedLine words={refused.elsewhere} />
    </section>
  );
}

/** A card to be worked through on paper, and typed in afterwards. */
function OnPaper({ boat, mayWork }: { boat: BoatView; mayWork: boolean }) {
  const { data: offers = [] } = useQuery(offersQuery(boat.id));
  const open = boat.cards.find((card) => !card.closed)?.procedure;
  const [chosen, setChosen] = useState<Procedure | null>(null);
  const procedure = chosen ?? open ?? offers.at(0)?.procedure;
  if (!procedure) return null;
  return (
    <div className="mt-1.5 flex flex-wrap items-center gap-x-4 gap-y-1">
      <select
        className="box w-40 py-1 text-[14px]"
        aria-label="Card on paper"
        value={procedure}
        onChange={(event) => setChosen(event.target.value as Procedure)}
      >
        {offers.map((offer) => (
          <option key={offer.procedure} value={offer.procedure}>
            {sentence(offer.words)}
          </option>
        ))}
      </select>
      <Paper to={`/api/reports/boats/${boat.id}/card.pdf?procedure=${procedure}`}>blank card</Paper>
      {mayWork && (
        <Link className="plain" to={`/boats/${boat.id}/paper/${procedure}`}>
          type one in
        </Link>
      )}
    </div>
  );
}

function Paper({ to, children }: { to: string; children: string }) {
  return (
    <a className="plain" href={to} target="_blank" rel="noreferrer">
      {children}
    </a>
  );
}
