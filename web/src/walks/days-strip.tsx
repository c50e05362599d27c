import type { StopView, WalksView } from '../api/client';
import { dayOfMonth, shortDay } from '../words/days';
import { boatsOf } from '../words/words';
import { hoursOf } from './times';
import { saidIn, numberIn } from '../words/quantity';

interface StripProps {
  walks: WalksView;
  day: string;
  choose: (day: string) => void;
}

const MOST_DRAWN = 14;

/** Every day of the plan: the boats that are worked on, the cold, and what freezes then. */
export function DaysStrip({ walks, day, choose }: StripProps) {
  const boats = boatsByDay(walks.plan?.stops ?? []);
  return (
    <div
      role="group"
      aria-label="Days"
      className="border-line bg-paper-2 flex overflow-x-auto border-b px-3"
    >
      {walks.loads.map((load) => {
        const full = load.capacityMinutes > 0 && load.plannedMinutes > 0.92 * load.capacityMinutes;
        const there = boats.get(load.date) ?? [];
        return (
          <button
            key={load.date}
            type="button"
            aria-pressed={load.date === day}
            className="aria-pressed:bg-card aria-pressed:border-ink grid w-[104px] shrink-0 content-start justify-items-start gap-0.5 border-x-[1.5px] border-transparent px-2 py-1.5 text-[12.5px]"
            onClick={() => choose(load.date)}
          >
            <span className="sr-only">{`${shortDay(load.date)}: ${boatsOf(there.length)}, ${hoursOf(load.plannedMinutes)} of ${hoursOf(load.capacityMinutes)} planned, ${load.lowC == null ? 'no forecast' : `lowest ${saidIn('°C', load.lowC, -1)}`}, ${load.deadlines} to be done by then`}</span>
            <span
              aria-hidden="true"
              className="flex w-full items-baseline justify-between whitespace-nowrap"
            >
              <span className="stencil text-[15px]">{dayOfMonth(load.date)}</span>
              <span
                className={load.lowC != null && load.lowC < 0 ? 'text-ice font-bold' : 'text-soft'}
              >
                {load.lowC == null ? '' : `${numberIn('°C', load.lowC, -1)}°`}
              </span>
            </span>
            <Boats done={there} full={full} />
            <span aria-hidden="true" className="text-verm min-h-4 font-bold">
              {load.deadlines > 0 &&
                `${load.deadlines} ${load.deadlines === 1 ? 'freezes' : 'freeze'}`}
            </span>
          </button>
        );
      })}
    </div>
  );
}

/** A hull for each boat of a day; filled where the day has no room for more. */
function Boats({ done, full }: { done: boolean[]; full: boolean }) {
  const drawn = done.slice(0, done.length > MOST_DRAWN ? MOST_DRAWN - 2 : MOST_DRAWN);
  return (
    <svg viewBox="0 0 88 34" width={88} height={34} aria-hidden="true">
      {drawn.map((isDone, i) => (
        <path
          key={i}
          transform={`translate(${(i % 7) * 12 + 1} ${Math.floor(i / 7) * 17 + 1})`}
          d="M0 14 V6 Q1 1 4 0 Q7 1 8 6 V14 Z"
          fill={isDone ? 'var(--color-soft)' : full ? 'var(--color-amber)' : 'none'}
          fillOpacity={isDone ? 0.35 : 0.5}
          stroke={isDone ? 'var(--color-soft)' : 'var(--color-spruce)'}
          strokeWidth={1.3}
        />
      ))}
      {done.length > drawn.length && (
        <text x={62} y={29} fontSize={11} fill="var(--color-ink)">
          +{done.length - drawn.length}
        </text>
      )}
    </svg>
  );
}

/** Of each day, its boats: whether all that is planned on it then is done. */
function boatsByDay(stops: StopView[]): Map<string, boolean[]> {
  const days = new Map<string, Map<string, boolean>>();
  for (const { date, boat, standing } of stops) {
    const boats = days.get(date) ?? new Map<string, boolean>();
    boats.set(boat, (boats.get(boat) ?? true) && standing === 'DONE');
    days.set(date, boats);
  }
  return new Map([...days].map(([date, boats]) => [date, [...boats.values()]]));
}
