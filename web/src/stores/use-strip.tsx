import { differenceInCalendarDays, parseISO } from 'date-fns';
import type { StoreLine } from '../api/client';
import { amount } from './stores-words';

const WIDTH = 420;
const HEIGHT = 34;
const FLOOR = 27;

/** How the stock goes down over the days ahead, to the day it is gone. */
export function UseStrip({ line, from, days }: { line: StoreLine; from: string; days: number }) {
  const uses = line.uses.filter(({ day }) => day == null || inDays(from, day) <= days);
  if (uses.length === 0) return <span className="hidden md:block" />;
  const x = (day: string | null | undefined) =>
    (Math.max(0, day == null ? days : inDays(from, day)) / days) * WIDTH;
  const top = Math.max(line.stock, line.needed - line.stock, 1);
  const y = (left: number) => FLOOR - (Math.max(0, left) / top) * (FLOOR - 4);
  const levels: string[] = [];
  let left = line.stock;
  for (const use of uses) {
    const at = x(use.day).toFixed(1);
    levels.push(`H${at}`);
    left -= use.quantity;
    levels.push(`V${y(left).toFixed(1)}`);
  }
  const gone = line.runsOut == null ? null : x(line.runsOut);
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="hidden w-full md:block"
      role="img"
      aria-label={`From ${amount(line, line.stock)} down by ${amount(line, line.needed)} in ${days} days.`}
    >
      <line x1={0} x2={WIDTH} y1={FLOOR} y2={FLOOR} stroke="var(--color-line)" />
      <path
        d={`M0 ${FLOOR}V${y(line.stock).toFixed(1)}${levels.join('')}H${WIDTH}V${FLOOR}Z`}
        fill="var(--color-spruce)"
        opacity={0.18}
      />
      <path
        d={`M0 ${y(line.stock).toFixed(1)}${levels.join('')}H${WIDTH}`}
        fill="none"
        stroke="var(--color-spruce)"
        strokeWidth={2}
      />
      {gone !== null && (
        <>
          <line
            x1={gone}
            x2={WIDTH}
            y1={FLOOR}
            y2={FLOOR}
            stroke="var(--color-verm)"
            strokeWidth={4}
          />
          <path d={`M${gone} ${FLOOR - 9}v12`} stroke="var(--color-verm)" strokeWidth={2.5} />
        </>
      )}
    </svg>
  );
}

const inDays = (from: string, day: string) =>
  differenceInCalendarDays(parseISO(day), parseISO(from));
