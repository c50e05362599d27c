import { useState } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import { api, got } from '../api/client';
import { useRefused } from '../parts/refused';

const MOST_BYTES = 1_000_000;

/** The shelf counted from a file: all of its rows, or none. */
export function CountFile() {
  const queries = useQueryClient();
  const refused = useRefused(['csv']);
  const [rows, setRows] = useState<number | null>(null);
  const read = async (file: File | undefined) => {
    setRows(null);
    if (!file) return;
    const text = file.size > MOST_BYTES ? 'x'.repeat(MOST_BYTES + 1) : await file.text();
    let counted = 0;
    const ok = await refused.attempt(async () => {
      const answer = await got(
        api.POST('/api/stores/count', {
          body: text,
          bodySerializer: (body) => body,
          headers: { 'Content-Type': 'text/csv' },
        }),
      );
      counted = answer.rows;
    });
    if (!ok) return;
    setRows(counted);
    void queries.invalidateQueries({ queryKey: ['boats', 'stores'] });
  };
  return (
    <section aria-label="Count from a file" className="grid gap-1.5 text-[14.5px] print:hidden">
      <h2 className="stencil text-[18px]">Count from a file</h2>
      <p className="m-0">
        With the columns <code>shelf</code> and <code>quantity</code>, as the shelf goes out.
      </p>
      <input
        type="file"
        accept=".csv,text/csv"
        aria-label="File of the count"
        onChange={(event) => {
          void read(event.target.files?.[0]);
          event.target.value = '';
        }}
      />
      {rows !== null && (
        <p role="status" className="m-0">
          {rows} {rows === 1 ? 'row was' : 'rows were'} counted.
        </p>
      )}
      {(refused.at('csv') ?? refused.elsewhere) && (
        <p role="alert" className="field-error m-0">
          {refused.at('csv') ?? refused.elsewhere}
        </p>
      )}
    </section>
  );
}
