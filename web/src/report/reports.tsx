import { keys } from '../api/keys';
import { useState } from 'react';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, got } from '../api/client';
import { mailJobQuery, mailQuery } from '../queries/queries';
import { reasonOf } from '../api/refusal';
import { Choice, Field } from '../parts/field';
import { useMay } from '../parts/session';
import { Loading, Trouble } from '../parts/states';
import { moment } from '../words/words';

/** What the yard prints and sends. */
export function Reports() {
  const may = useMay();
  return (
    <main className="mx-auto grid w-full max-w-[1160px] flex-1 content-start items-start gap-x-10 gap-y-6 px-5 py-4 lg:grid-cols-[380px_1fr]">
      <Sheets />
      {may.runYard && <Outbox />}
    </main>
  );
}

function Sheets() {
  const [chosen, setChosen] = useState('');
  const [day, setDay] = useState('');
  const [from, setFrom] = useState('');
  const [to, setTo] = useState('');
  const wrong = from && to && to < from ? 'The last day comes before the first.' : null;
  const at = (path: string, more: Record<string, string> = {}) =>
    `/api/reports/${path}?${new URLSearchParams({
      ...Object.fromEntries(
        Object.entries({ units: chosen, ...more }).filter(([, value]) => value !== ''),
      ),
    }).toString()}`;
  return (
    <section aria-label="Sheets to print" className="grid gap-4">
      <h1 className="font-stencil text-[35px] leading-none font-bold tracking-[0.03em] uppercase">
        Reports
      </h1>
      <div data-units>
        <Choice label="Units" value={chosen} onChoose={setChosen}>
          <option value="">as I read them</option>
          <option value="METRIC">metric: °C, L, m; A4</option>
          <option value="US">US: °F, gal, ft; letter</option>
        </Choice>
      </div>
      <Field label="Day sheets for" type="date" value={day} onType={setDay} hint="today if empty" />
      <p className="m-0">
        <Print to={at('day-sheets.pdf', { day })}>Day sheets</Print>
      </p>
      <div className="grid gap-1">
        <p className="m-0">
          <Print to={at('day-cards.pdf', { day })}>Blank cards of that day</Print>
        </p>
        <p className="text-soft m-0 text-[14px]">
          For a day on which nobody reaches Elsko: print them while it is there. What was written on
          one is typed in on the page of its boat, or where its square code leads.
        </p>
      </div>
      <p className="m-0">
        <Print to={at('launch-list.pdf')}>Launch list</Print>
      </p>
      <p className="m-0">
        <Print to="/api/bench/round/labels.pdf">Bottle labels of the proof round</Print>
      </p>
      <div className="grid grid-cols-2 gap-3">
        <Field
          label="Season from"
          type="date"
          value={from}
          onType={setFrom}
          hint="last August if empty"
        />
        <Field label="to" type="date" value={to} onType={setTo} error={wrong} />
      </div>
      {!wrong && (
        <p className="m-0">
          <Print to={at('season.pdf', { from, to })}>Season summary</Print>
        </p>
      )}
      <p className="text-soft m-0 text-[14px]">
        The lay-up report and the helm tag of a boat are on its own page.
      </p>
    </section>
  );
}

function Print({ to, children }: { to: string; children: string }) {
  return (
    <a className="btn" href={to} target="_blank" rel="noreferrer">
      {children}
    </a>
  );
}

/** Letters to owners; the post is simulated. */
function Outbox() {
  const { data, error, refetch } = useQuery(mailQuery);
  return (
    <section aria-label="Outbox" className="grid min-w-0 gap-3">
      <h2 className="stencil text-[22px]">Outbox</h2>
      <p className="text-soft m-0 text-[14px]">
        The post is simulated: letters are kept here and nothing leaves this machine.
      </p>
      <MailAll />
      {!data ? (
        error ? (
          <Trouble error={error} again={() => void refetch()} />
        ) : (
          <Loading what="the outbox" />
        )
      ) : data.length === 0 ? (
        <p className="m-0">Nothing was sent yet.</p>
      ) : (
        <ul className="m-0 list-none p-0">
          {data.map((letter) => (
            <li key={letter.id} className="border-line border-b py-2 text-[14.5px]">
              <b>{letter.subject}</b>, to {letter.recipient}
              <span className="text-soft block text-[13.5px]">
                {letter.sentAt ? `sent ${moment(letter.sentAt)}` : 'waits for the post'}, by{' '}
                {letter.madeBy}
                {letter.attachmentName && (
                  <>
                    {' · '}
                    <a
                      className="plain"
                      href={`/api/mail/${letter.id}/attachment.pdf`}
                      target="_blank"
                      rel="noreferrer"
                    >
                      {letter.attachmentName}
                    </a>
                  </>
                )}
              </span>
              <span className="block">{letter.body}</span>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

function MailAll() {
  const queries = useQueryClient();
  const { data } = useQuery(mailJobQuery);
  const progress = data?.progress ?? null;
  const again = () => {
    void queries.invalidateQueries({ queryKey: keys.mail });
  };
  const begin = useMutation({
    mutationFn: () => got(api.POST('/api/reports/lay-up-mails')),
    onSettled: again,
  });
  const stop = useMutation({
    mutationFn: () => got(api.DELETE('/api/reports/lay-up-mails')),
    onSettled: again,
  });
  return (
    <div className="grid gap-2">
      {progress?.running ? (
        <div className="flex flex-wrap items-center gap-3">
          <progress
            className="accent-spruce h-3 w-56"
            max={progress.of}
            value={progress.done}
            aria-label="Reports written"
          />
          <span>
            {progress.done} of {progress.of}
          </span>
          <button type="button" className="btn" onClick={() => stop.mutate()}>
            Stop
          </button>
        </div>
      ) : (
        <button
          type="button"
          className="btn justify-self-start"
          disabled={begin.isPending}
          onClick={() => begin.mutate()}
        >
          Send the lay-up report of every safe boat
        </button>
      )}
      {progress && !progress.running && (
        <p role="status" className="m-0 text-[14.5px]">
          {progress.trouble ??
            (progress.stopped
              ? `Stopped: ${progress.done} of ${progress.of} were written.`
              : `${progress.done} were written.`)}
        </p>
      )}
      {begin.error && (
        <p role="alert" className="field-error m-0">
          {reasonOf(begin.error)}
        </p>
      )}
    </div>
  );
}
