import type { WalksView } from '../api/client';
import { dayOfMonth, shortDay } from '../words/days';
import { hoursOf } from './times';
import { saidIn, numberIn } from '../words/quantity';

interface StripProps {
  walks: WalksView;
  day: string;
  choose: (day: string) => void;
}

/** Every day of the plan: work against people, the cold, and what must be done by then. */
export function DaysStrip({ walks, day, choose }: StripProps) {
  const most = Math.max(60, ...walks.loads.map((load) => load.capacityMinutes));
  return (
    <div
      role="group"
      aria-label="Days"
      className="border-line bg-paper-2 flex overflow-x-auto border-b px-3"
    >
      {walks.loads.map((load) => {
        const full = load.capacityMinutes > 0 && load.plannedMinutes > 0.92 * load.capacityMinutes;
        return (
          <button
            key={load.date}
            type="button"
            aria-pressed={load.date === day}
            className="aria-pressed:bg-card aria-pressed:border-ink grid min-w-[52px] justify-items-center gap-0.5 border-x-[1.5px] border-transparent px-1 py-1.5 text-[12.5px]"
            onClick={() => choose(load.date)}
          >
            <span className="sr-only">{`${shortDay(load.date)}: ${hoursOf(load.plannedMinutes)} of ${hoursOf(load.capacityMinutes)} planned, ${load.lowC == null ? 'no forecast' : `lowest ${saidIn('°C', load.lowC, -1)}`}, ${load.deadlines} to be done by then`}</span>
            <span aria-hidden="true" className="stencil text-[13px] whitespace-nowrap">
              {dayOfMonth(load.date)}
            </span>
            <svg viewBox="0 0 44 30" width={44} height={30} aria-hidden="true">
              <rect
                x={4}
                y={30 - (load.capacityMinutes / most) * 30}
                width={36}
                height={(load.capacityMinutes / most) * 30}
                fill="none"
                stroke="var(--color-soft)"
                strokeDasharray="3 2"
              />
              <rect
                x={4}
                y={30 - Math.min(1, load.plannedMinutes / most) * 30}
                width={36}
                height={Math.min(1, load.plannedMinutes / most) * 30}
                fill={full ? 'var(--color-amber)' : 'var(--color-spruce)'}
                opacity={0.75}
              />
            </svg>
            <span
              aria-hidden="true"
              className={load.lowC != null && load.lowC < 0 ? 'text-ice font-bold' : ''}
            >
              {load.lowC == null ? '–' : `${numberIn('°C', load.lowC, -1)}°`}
            </span>
            <span
              aria-hidden="true"
              className={load.deadlines > 0 ? 'text-verm font-bold' : 'text-soft'}
            >
              {load.deadlines > 0 ? `${load.deadlines} due` : '·'}
            </span>
          </button>
        );
      })}
    </div>
  );
}
