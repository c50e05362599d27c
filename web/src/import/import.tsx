import { keys } from '../api/keys';
import { useState } from 'react';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import { api, got } from '../api/client';
import type { ImportView } from '../api/client';
import { useRefused } from '../parts/refused';
import { RefusedLine } from '../parts/refused-line';
import { useMay } from '../parts/session';

const POLL_MS = 250;

function begin(csv: string, keep: boolean): Promise<ImportView> {
  return got(
    api.POST('/api/imports', {
      params: { query: { keep } },
      body: csv,
      bodySerializer: (body) => body,
      headers: { 'Content-Type': 'text/csv; charset=utf-8' },
    }),
  );
}

/** A whole fleet from a file: looked at first, every problem named, then all of it or nothing. */
export function Import() {
  const may = useMay();
  const queries = useQueryClient();
  const [file, setFile] = useState<{ name: string; csv: string } | null>(null);
  const [job, setJob] = useState<string | null>(null);
  const refused = useRefused([]);
  const { data: view } = useQuery({
    queryKey: keys.import(job),
    queryFn: () => got(api.GET('/api/imports/{id}', { params: { path: { id: job! } } })),
    enabled: job !== null,
    refetchInterval: ({ state }) => (state.data?.state === 'RUNNING' ? POLL_MS : false),
  });
  const start = (csv: string, keep: boolean) =>
    refused.attempt(async () => {
      const begun = await begin(csv, keep);
      queries.setQueryData(keys.import(begun.id), begun);
      setJob(begun.id);
      void queries.invalidateQueries({ queryKey: keys.import(begun.id) });
    });
  const take = async (chosen: File | undefined) => {
    if (!chosen) return;
    const csv = await chosen.text();
    setFile({ name: chosen.name, csv });
    await start(csv, false);
  };
  const stop = () =>
    refused.attempt(() => got(api.DELETE('/api/imports/{id}', { params: { path: { id: job! } } })));
  if (!may.runYard) return <p className="m-5">The coordinator imports the fleet.</p>;
  return (
    <main className="grid max-w-[980px] content-start gap-4 px-5 py-4">
      <h1 className="font-stencil text-[30px] leading-none font-bold uppercase">Import boats</h1>
      <p className="text-soft m-0 max-w-[70ch] text-[14.5px]">
        A CSV file with one boat in a row; the first row names the columns. A boat whose hull id is
        known is changed, others are taken in. All of it or nothing.{' '}
        <a className="plain" href="/api/imports/fleet.csv" download>
          The fleet as it is
        </a>{' '}
        shows the columns.
      </p>
      <label className="border-line bg-card grid max-w-[520px] cursor-pointer gap-1 rounded-[3px_14px_14px_3px] border-[1.5px] border-dashed p-4 has-focus-visible:outline-2 text-[14.5px]">
        <span>
          <b>{file ? file.name : 'Choose a CSV file'}</b>
          {file && <span className="text-soft"> · choose another</span>}
        </span>
        <input
          type="file"
          className="sr-only"
          accept=".csv,text/csv"
          aria-label="CSV file"
          onChange={(event) => {
            void take(event.target.files?.[0]);
            event.target.value = '';
          }}
        />
      </label>
      <RefusedLine words={refused.elsewhere} />
      {view && (
        <Standing
          view={view}
          stop={() => void stop()}
          keep={file && (() => void start(file.csv, true))}
        />
      )}
    </main>
  );
}

interface StandingProps {
  view: ImportView;
  stop: () => void;
  keep: (() => void) | null;
}

function Standing({ view, stop, keep }: StandingProps) {
  if (view.state === 'RUNNING') {
    return (
      <section aria-label="Progress" className="flex items-center gap-3">
        <progress value={view.done} max={Math.max(1, view.total)} className="w-72" />
        <span className="text-[14.5px]">
          {view.keeps ? 'taking in' : 'reading'} {view.done} of {view.total}
        </span>
        <button type="button" className="btn" onClick={stop}>
          Stop
        </button>
      </section>
    );
  }
  if (view.state === 'STOPPED') return <p className="m-0">Stopped. Nothing was imported.</p>;
  if (view.reason) {
    return (
      <p role="alert" className="field-error m-0">
        {view.reason}
      </p>
    );
  }
  if (view.problemCount > 0) return <Problems view={view} />;
  if (view.keeps) {
    return (
      <p className="m-0" role="status">
        <b>
          {view.added} taken in, {view.changed} changed, {view.unchanged} as they were.
        </b>{' '}
        <Link className="plain" to="/">
          To the yard
        </Link>
      </p>
    );
  }
  return (
    <section aria-label="Ready" className="grid gap-2">
      <p className="m-0" role="status">
        {view.rows} rows, nothing wrong: <b>{view.added} new</b>, <b>{view.changed} changed</b>,{' '}
        {view.unchanged} as they are.
      </p>
      <div>
        <button type="button" className="btn btn-main" disabled={!keep} onClick={keep ?? undefined}>
          Import them
        </button>
      </div>
    </section>
  );
}

function Problems({ view }: { view: ImportView }) {
  return (
    <section aria-label="Problems">
      <p role="alert" className="text-verm m-0 font-semibold">
        Nothing was imported: {view.problemCount} {view.problemCount === 1 ? 'problem' : 'problems'}{' '}
        in {view.rows} rows. Mend the file and choose it again.
      </p>
      <table className="mt-2 w-full border-collapse text-[14.5px]">
        <thead>
          <tr className="stencil text-soft text-left text-[14px]">
            {['Row', 'Column', 'What is wrong'].map((head) => (
              <th key={head} scope="col" className="px-2 py-1.5 font-semibold">
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {view.problems.map((problem, i) => (
            <tr key={i} className="border-line border-t">
              <td className="px-2 py-1.5">{problem.row}</td>
              <td className="px-2 py-1.5 font-semibold">{problem.column}</td>
              <td className="px-2 py-1.5">{problem.reason}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {view.problemCount > view.problems.length && (
        <p className="text-soft">and {view.problemCount - view.problems.length} more</p>
      )}
    </section>
  );
}
