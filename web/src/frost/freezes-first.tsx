import { useMemo, useState } from 'react';
import { useQuery } from '@tanstack/react-query';
import { Link, useSearchParams } from 'react-router';
import type { BoatLine, FrostView, WalksView } from '../api/client';
import { boatsQuery, frostQuery, planQuery, walksQuery } from '../queries/queries';
import { ProtectionMark, protectionWords } from '../parts/protection';
import { Loading, Trouble } from '../parts/states';
import { NO_DAY, leftWords, shortDay } from '../words/days';
import { boatsOf, percent } from '../words/words';

interface Row {
  boat: BoatLine;
  berth: string;
  frost: FrostView['boats'][number];
  safeOn: string | null;
  late: string | null;
}

type Column = 'name' | 'deadline' | 'chance' | 'firstToGo' | 'safeOn';

const HEADS: { key: Column; words: string; narrow: boolean }[] = [
  { key: 'deadline', words: 'Finish by', narrow: true },
  { key: 'name', words: 'Boat', narrow: true },
  { key: 'chance', words: 'Chance of damage', narrow: true },
  { key: 'firstToGo', words: 'What goes first', narrow: false },
  { key: 'safeOn', words: 'Planned', narrow: true },
];

/** Which boats does the frost reach first, what of them, and is that planned in time? */
export function FreezesFirst() {
  const frost = useQuery(frostQuery);
  const boats = useQuery(boatsQuery);
  const { data: plan } = useQuery(planQuery);
  const { data: walks } = useQuery(walksQuery);
  const [asked, ask] = useSearchParams();
  const [by, setBy] = useState<Column>('deadline');
  const within = asked.get('within') === 'nights';
  const rows = useMemo(
    () => (frost.data && boats.data ? rowsOf(frost.data, boats.data, walks, plan) : []),
    [frost.data, boats.data, walks, plan],
  );
  if (!frost.data || !boats.data) {
    const error = frost.error ?? boats.error;
    const again = () => void Promise.all([frost.refetch(), boats.refetch()]);
    return error ? <Trouble error={error} again={again} /> : <Loading what="the frost" />;
  }
  const nights = frost.data.nights.length;
  const near = rows.filter(({ frost: one }) => (one.daysLeft ?? nights) < nights);
  const shown = [...(within ? near : rows)].sort(ORDER[by]);
  return (
    <main className="mx-auto w-full max-w-[1100px] flex-1 px-4 py-4 sm:px-6">
      <h1 className="font-stencil text-[28px] leading-none font-bold uppercase">
        What freezes first
      </h1>
      {!frost.data.ready ? (
        <p>No past winters on record yet, so nobody can say by when.</p>
      ) : (
        <>
          <div className="flex flex-wrap items-center gap-x-5 gap-y-1 py-2 text-[14.5px]">
            <div role="group" aria-label="Which" className="flex gap-3">
              <button
                type="button"
                className="plain aria-pressed:font-bold"
                aria-pressed={!within}
                onClick={() => ask({})}
              >
                {boatsOf(rows.length)} with a frost deadline
              </button>
              <button
                type="button"
                className="plain aria-pressed:font-bold"
                aria-pressed={within}
                onClick={() => ask({ within: 'nights' })}
              >
                {near.length} within {nights} nights
              </button>
            </div>
            <span className="text-soft">
              Chance: winters of {nights} nights from now that break something, as each boat stands.
            </span>
          </div>
          <table className="w-full border-collapse text-[14.5px]" aria-label="Boats by frost">
            <thead>
              <tr className="stencil text-soft text-left text-[14px]">
                {HEADS.map(({ key, words, narrow }) => (
                  <th
                    key={key}
                    aria-sort={by === key ? 'ascending' : undefined}
                    className={`px-2 py-1 font-semibold ${narrow ? '' : 'hidden md:table-cell'}`}
                  >
                    <button
                      type="button"
                      className={by === key ? 'border-brass border-b-2' : ''}
                      onClick={() => setBy(key)}
                    >
                      {words}
                    </button>
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {shown.map((row) => (
                <OneBoat key={row.boat.id} row={row} />
              ))}
            </tbody>
          </table>
          {shown.length === 0 && (
            <p className="text-soft">No frost reaches any boat as they stand now.</p>
          )}
        </>
      )}
    </main>
  );
}

function OneBoat({ row: { boat, berth, frost, safeOn, late } }: { row: Row }) {
  const left = frost.daysLeft ?? 0;
  return (
    <tr className="border-line border-t align-top">
      <td className="px-2 py-1.5 whitespace-nowrap">
        <b className={left <= 2 ? 'text-verm' : ''}>{shortDay(frost.deadline!)}</b>
        <span className="text-soft block text-[13px]">{leftWords(left)}</span>
      </td>
      <td className="px-2 py-1.5">
        <Link to={`/boats/${boat.id}`} className="plain font-semibold">
          {boat.name}
        </Link>{' '}
        <span className="text-soft">{berth}</span>
        <span className="flex items-center gap-1.5 text-[13px]">
          <ProtectionMark of={boat.protection} size={14} />
          {protectionWords(boat.protection)}
          <span className="md:hidden">· {frost.firstToGo} first</span>
        </span>
      </td>
      <td className="px-2 py-1.5">
        {percent(frost.chance)}
        {frost.evenOdds && (
          <span className="text-soft block text-[13px]">50 % by {shortDay(frost.evenOdds)}</span>
        )}
      </td>
      <td className="hidden px-2 py-1.5 md:table-cell">{frost.firstToGo}</td>
      <td className="px-2 py-1.5">
        {safeOn ? shortDay(safeOn) : <span className="text-soft">not planned</span>}
        {late && <span className="text-verm block text-[13px] font-semibold">late: {late}</span>}
      </td>
    </tr>
  );
}

const ORDER: Record<Column, (a: Row, b: Row) => number> = {
  name: (a, b) => a.boat.name.localeCompare(b.boat.name),
  deadline: (a, b) =>
    a.frost.deadline!.localeCompare(b.frost.deadline!) || b.frost.chance - a.frost.chance,
  chance: (a, b) => b.frost.chance - a.frost.chance,
  firstToGo: (a, b) => (a.frost.firstToGo ?? '').localeCompare(b.frost.firstToGo ?? ''),
  safeOn: (a, b) => (a.safeOn ?? NO_DAY).localeCompare(b.safeOn ?? NO_DAY),
};

function rowsOf(
  frost: FrostView,
  boats: BoatLine[],
  walks: WalksView | undefined,
  plan: { berths: { id: string; name: string }[] } | undefined,
): Row[] {
  const lines = new Map(boats.map((boat) => [boat.id, boat]));
  const ahead = new Map(walks?.plan?.ahead.map((one) => [one.boat, one]));
  const berths = new Map(plan?.berths.map(({ id, name }) => [id, name]));
  const rows: Row[] = [];
  for (const one of frost.boats) {
    const boat = lines.get(one.boat);
    if (!boat || !one.deadline) continue;
    rows.push({
      boat,
      berth: boat.berth ? (berths.get(boat.berth) ?? '') : '',
      frost: one,
      safeOn: ahead.get(boat.id)?.safeOn ?? null,
      late: ahead.get(boat.id)?.late ?? null,
    });
  }
  return rows;
}
