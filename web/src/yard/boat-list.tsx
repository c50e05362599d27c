import { useLayoutEffect, useRef, useState } from 'react';
import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { Link } from 'react-router';
import type { BoatLine, YardPlan } from '../api/client';
import { ProtectionMark, protectionWords } from '../parts/protection';
import { ago } from '../words/words';
import { saidIn } from '../words/quantity';

const ROW_PX = 39;

/** Beyond what is seen, so that a fast scroll shows no gap. */
const ROWS_AHEAD = 20;

/** The rows that can be seen, and how much stands above and below them. */
function useSeenRows(count: number) {
  const body = useRef<HTMLTableSectionElement>(null);
  const [top, setTop] = useState(0);
  useLayoutEffect(() => {
    if (body.current) setTop(body.current.getBoundingClientRect().top + window.scrollY);
  }, [count]);
  const list = useWindowVirtualizer({
    count,
    estimateSize: () => ROW_PX,
    measureElement: (row) => row.getBoundingClientRect().height || ROW_PX,
    overscan: ROWS_AHEAD,
    scrollMargin: top,
  });
  const rows = list.getVirtualItems();
  const above = rows.length > 0 ? rows[0]!.start - top : 0;
  const below = rows.length > 0 ? list.getTotalSize() + top - rows[rows.length - 1]!.end : 0;
  return { body, seen: rows, above, below, measure: list.measureElement };
}

/** The same boats as a list, for those who know the name and not the place. */
export function BoatList({ plan, boats }: { plan: YardPlan; boats: BoatLine[] }) {
  const berths = new Map(plan.berths.map((berth) => [berth.id, berth.name]));
  const { body, seen, above, below, measure } = useSeenRows(boats.length);
  const rows = seen.map(({ index }) => ({ index, boat: boats[index]! }));
  return (
    <div className="overflow-x-auto px-2 py-2 sm:px-4">
      <table
        aria-label="Boats"
        aria-rowcount={boats.length + 1}
        className="w-full border-collapse text-[14.5px]"
      >
        <thead>
          <tr className="stencil text-soft text-left text-[14px]">
            <th className="px-2 py-2 font-semibold">Boat</th>
            <th className="px-2 py-2 font-semibold">Berth</th>
            <th className="px-2 py-2 font-semibold">Protection</th>
            <th className="hidden px-2 py-2 text-right font-semibold sm:table-cell">Length</th>
            <th className="hidden px-2 py-2 text-right font-semibold sm:table-cell">Loose ends</th>
            <th className="hidden px-2 py-2 font-semibold md:table-cell">Last entry</th>
          </tr>
        </thead>
        <tbody ref={body}>
          <Gap px={above} />
          {rows.map(({ index, boat }) => (
            <tr
              key={boat.id}
              ref={measure}
              data-index={index}
              aria-rowindex={index + 2}
              className="border-line border-t"
            >
              <td className="px-2 py-2">
                <Link to={`/boats/${boat.id}`} className="plain font-semibold">
                  {boat.name}
                </Link>
              </td>
              <td className="px-2 py-2">{boat.berth ? berths.get(boat.berth) : 'none'}</td>
              <td className="px-2 py-2">
                <span className="flex items-center gap-2">
                  <ProtectionMark of={boat.protection} />
                  {protectionWords(boat.protection)}
                </span>
              </td>
              <td className="hidden px-2 py-2 text-right sm:table-cell">
                {saidIn('m', boat.hullLengthM)}
              </td>
              <td className="hidden px-2 py-2 text-right sm:table-cell">{boat.looseEnds}</td>
              <td className="text-soft hidden px-2 py-2 md:table-cell">
                {boat.changedAt ? ago(boat.changedAt) : 'none yet'}
              </td>
            </tr>
          ))}
          <Gap px={below} />
        </tbody>
      </table>
      {boats.length === 0 && <p className="text-soft m-0 p-4">No boat is in that state.</p>}
    </div>
  );
}

/** What stands where rows are not drawn. */
function Gap({ px }: { px: number }) {
  return px > 0 ? (
    <tr aria-hidden="true">
      <td style={{ height: px, padding: 0 }} />
    </tr>
  ) : null;
}
