import { useState } from 'react';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { api, got } from '../api/client';
import type { OwnerLinkView } from '../api/client';
import { yardQuery } from '../queries/queries';
import { Refusal } from '../api/refusal';
import { Field } from '../parts/field';
import { RefusedLine } from '../parts/refused-line';
import { useRefused } from '../parts/refused';
import { clock, typedNumber } from '../words/words';

/** Links by which an owner goes the round on this boat and sees nothing else. */
export function OwnerLinks({ boat }: { boat: string }) {
  const queries = useQueryClient();
  const queryKey = ['boat', boat, 'owner-links'];
  const params = { path: { id: boat } };
  const { data } = useQuery({
    queryKey,
    queryFn: () => got(api.GET('/api/cast-off/boats/{id}/links', { params })),
  });
  const { data: yard } = useQuery(yardQuery);
  const [days, setDays] = useState('180');
  const [made, setMade] = useState<string | null>(null);
  const refused = useRefused(['days']);
  const make = () =>
    refused.attempt(async () => {
      const value = typedNumber(days);
      if (value === null) throw new Refusal(422, 'days', 'From 1 to 400 days.');
      const link = await got(
        api.POST('/api/cast-off/boats/{id}/links', { params, body: { days: Math.round(value) } }),
      );
      setMade(`${yard?.address || window.location.origin}/owner#${link.key}`);
      await queries.invalidateQueries({ queryKey });
    });
  const withdraw = (link: OwnerLinkView) =>
    void refused.attempt(async () => {
      await api.DELETE('/api/cast-off/links/{link}', { params: { path: { link: link.id } } });
      setMade(null);
      await queries.invalidateQueries({ queryKey });
    });
  return (
    <section aria-label="Link for the owner" className="grid gap-3">
      <h2 className="stencil border-ink border-b-[1.5px] pb-1 text-[19px]">Link for the owner</h2>
      <p className="text-soft m-0 text-[14.5px]">
        Whoever has it goes this round on this boat, on a phone and without signal, and sees nothing
        else. It can be withdrawn.
      </p>
      <form
        className="flex flex-wrap items-end gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          void make();
        }}
      >
        <Field
          label="Opens for"
          unit="days"
          inputMode="numeric"
          value={days}
          onType={setDays}
          error={refused.at('days')}
        />
        <button type="submit" className="btn">
          Make a link
        </button>
      </form>
      {made && (
        <p role="status" className="border-brass m-0 border-l-[5px] pl-3">
          Shown this once, give it to the owner:
          <br />
          <code className="text-[14px] break-all select-all">{made}</code>
        </p>
      )}
      <RefusedLine words={refused.elsewhere} />
      <ul className="m-0 list-none p-0">
        {(data ?? []).map((link) => (
          <li
            key={link.id}
            className="border-line flex flex-wrap items-baseline gap-x-3 border-b py-1.5 text-[14.5px]"
          >
            <span className="flex-1">
              {standing(link)} · made by {link.madeBy}, {clock(link.madeAt)}
              {link.usedAt && ` · used ${clock(link.usedAt)}`}
            </span>
            {link.opens && (
              <button type="button" className="plain" onClick={() => withdraw(link)}>
                cancel link
              </button>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

function standing(link: OwnerLinkView): string {
  if (link.withdrawnAt) return `withdrawn ${clock(link.withdrawnAt)}`;
  return link.opens ? `opens until ${clock(link.expiresAt)}` : `ended ${clock(link.expiresAt)}`;
}
