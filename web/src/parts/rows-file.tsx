import { useState } from 'react';
import { useRefused } from './refused';

const MOST_BYTES = 1_000_000;

interface RowsFileProps {
  /** Names the field for those who do not see it. */
  label: string;
  /** What is said when it was taken in: "were counted". */
  done: string;
  send: (csv: string) => Promise<{ rows: number }>;
  taken: () => void;
}

/** A small file taken in whole, or not at all. */
export function RowsFile({ label, done, send, taken }: RowsFileProps) {
  const refused = useRefused(['csv']);
  const [rows, setRows] = useState<number | null>(null);
  const read = async (file: File | undefined) => {
    setRows(null);
    if (!file) return;
    // One character too many is enough for the server to say that it is too long.
    const text = file.size > MOST_BYTES ? 'x'.repeat(MOST_BYTES + 1) : await file.text();
    let count = 0;
    const ok = await refused.attempt(async () => {
      count = (await send(text)).rows;
    });
    if (!ok) return;
    setRows(count);
    taken();
  };
  const wrong = refused.at('csv') ?? refused.elsewhere;
  return (
    <>
      <input
        type="file"
        accept=".csv,text/csv"
        aria-label={label}
        onChange={(event) => {
          void read(event.target.files?.[0]);
          event.target.value = '';
        }}
      />
      {rows !== null && (
        <p role="status" className="m-0">
          {rows} {rows === 1 ? 'row was' : 'rows were'} {done}.
        </p>
      )}
      {wrong && (
        <p role="alert" className="field-error m-0">
          {wrong}
        </p>
      )}
    </>
  );
}
