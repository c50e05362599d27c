import { useState } from 'react';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import type { DueLine, DueOfBoat } from '../api/client';
import { dueQuery } from '../queries/queries';
import { Choice } from '../parts/field';
import { useMay } from '../parts/session';
import { Loading, Trouble } from '../parts/states';
import { DueLines } from './due-lines';
import { hasNoRecord } from './due-words';

const ALL = 'all';
const NOW = 'now';
const RECORDED = 'recorded';

const SHOWN: Record<string, (line: DueLine) => boolean> = {
  [RECORDED]: (line) => !hasNoRecord(line),
  [NOW]: (line) => line.due && !hasNoRecord(line),
  [ALL]: () => true,
};

/** What falls due, boat by boat, and becomes work on the next visit. */
export function Due() {
  const may = useMay();
  const { data, error, refetch } = useQuery(dueQuery);
  const [which, setWhich] = useState(RECORDED);
  if (!data) {
    return error ? (
      <Trouble error={error} again={() => void refetch()} />
    ) : (
      <Loading what="what is due" />
    );
  }
  const boats = data
    .map((of) => ({ of, lines: of.lines.filter(SHOWN[which]!) }))
    .filter(({ of, lines }) => lines.length > 0 || of.narrowing.length > 0);
  return (
    <main className="mx-auto grid w-full max-w-[1160px] flex-1 content-start gap-4 px-5 py-4">
      <div className="flex flex-wrap items-end justify-between gap-3">
        <h1 className="font-stencil text-[35px] leading-none font-bold tracking-[0.03em] uppercase">
          What is due
        </h1>
        <a className="plain ml-auto text-[14.5px] print:hidden" href="/api/due/list.csv" download>
          as a file
        </a>
        <div className="w-72 print:hidden">
          <Choice label="Show" value={which} onChoose={setWhich}>
            <option value={RECORDED}>due, or before the next lay-up</option>
            <option value={NOW}>due now or soon</option>
            <option value={ALL}>with what has no record</option>
          </Choice>
        </div>
      </div>
      {boats.length === 0 && <p className="m-0">Nothing falls due.</p>}
      {boats.map(({ of, lines }) => (
        <OneBoat key={of.boat} of={of} lines={lines} may={may.work} />
      ))}
    </main>
  );
}

function OneBoat({ of, lines, may }: { of: DueOfBoat; lines: DueLine[]; may: boolean }) {
  return (
    <section
      aria-label={of.name}
      className="border-ink grid gap-x-6 border-t-[1.5px] pt-1.5 md:grid-cols-[190px_1fr]"
    >
      <h2 className="m-0 text-[16px]">
        <Link className="text-ink font-bold" to={`/boats/${of.boat}`}>
          {of.name}
        </Link>
        <span className="text-soft font-normal"> {of.berthName}</span>
      </h2>
      <div className="min-w-0">
        <DueLines of={of} lines={lines} may={may} />
      </div>
    </section>
  );
}
