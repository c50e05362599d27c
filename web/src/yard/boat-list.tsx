import { Link } from 'react-router';
import type { BoatLine, YardPlan } from '../api/client';
import { ProtectionMark, protectionWords } from '../parts/protection';
import { ago, number } from '../words/words';

/** The same boats as a list, for those who know the name and not the place. */
export function BoatList({ plan, boats }: { plan: YardPlan; boats: BoatLine[] }) {
  const berths = new Map(plan.berths.map((berth) => [berth.id, berth.name]));
  return (
    <div className="overflow-x-auto px-2 py-2 sm:px-4">
      <table aria-label="Boats" className="w-full border-collapse text-[14.5px]">
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
        <tbody>
          {boats.map((boat) => (
            <tr key={boat.id} className="border-line border-t">
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
                {number(boat.hullLengthM)} m
              </td>
              <td className="hidden px-2 py-2 text-right sm:table-cell">{boat.looseEnds}</td>
              <td className="text-soft hidden px-2 py-2 md:table-cell">
                {boat.changedAt ? ago(boat.changedAt) : 'none yet'}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {boats.length === 0 && <p className="text-soft m-0 p-4">No boat is in that state.</p>}
    </div>
  );
}
