import { useState } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import { api, got } from '../api/client';
import type { BoatView } from '../api/client';
import { RefusedLine } from '../parts/refused-line';
import { useRefused } from '../parts/refused';

/** What is printed or sent about the boat one looks at. */
export function BoatPapers({ boat, mayMail }: { boat: BoatView; mayMail: boolean }) {
  const queries = useQueryClient();
  const refused = useRefused([]);
  const [sent, setSent] = useState(false);
  const mail = async () => {
    setSent(false);
    const ok = await refused.attempt(() =>
      got(api.POST('/api/reports/boats/{id}/lay-up-mail', { params: { path: { id: boat.id } } })),
    );
    setSent(ok);
    if (ok) void queries.invalidateQueries({ queryKey: ['mail'] });
  };
  return (
    <section aria-label="Papers" className="text-[14.5px]">
      <h2 className="stencil text-[18px]">Papers</h2>
      <p className="m-0 flex flex-wrap gap-x-4 gap-y-1">
        <Paper to={`/api/reports/boats/${boat.id}/helm-tag.pdf`}>helm tag</Paper>
        <Paper to={`/api/reports/boats/${boat.id}/lay-up.pdf`}>lay-up report</Paper>
        <Paper to={`/api/reports/boats/${boat.id}/job-sheet.csv`}>job sheet for the bill</Paper>
        {mayMail && (
          <button type="button" className="plain" onClick={() => void mail()}>
            send it to the owner
          </button>
        )}
      </p>
      {sent && (
        <p role="status" className="m-0">
          It is in the outbox, for {boat.description.owner}.
        </p>
      )}
      <RefusedLine words={refused.elsewhere} />
    </section>
  );
}

function Paper({ to, children }: { to: string; children: string }) {
  return (
    <a className="plain" href={to} target="_blank" rel="noreferrer">
      {children}
    </a>
  );
}
