import type { InTheWay } from '../api/client';

/** What stands between a boat and the water, the worst first. */
export function InTheWayList({ of, most = 99 }: { of: readonly InTheWay[]; most?: number }) {
  const shown = of.slice(0, most);
  return (
    <ul className="m-0 list-none p-0">
      {shown.map((one) => (
        <li key={one.words} className={one.kind === 'HOLE' ? 'text-verm font-semibold' : ''}>
          {one.words}
        </li>
      ))}
      {of.length > most && <li className="text-soft">and {of.length - most} more</li>}
    </ul>
  );
}
