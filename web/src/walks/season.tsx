import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { addDays, formatISO, parseISO } from 'date-fns';
import type { WalksView } from '../api/client';
import { walksQuery } from '../queries/queries';
import { Loading, Trouble } from '../parts/states';
import { boatsOf } from '../words/words';
import { dayOfMonth, daysOf, shortDay } from '../words/days';
import { numberIn } from '../words/quantity';
import { lostByADay, ropes, safeBy, safeByDay, unlikely } from './season-ropes';
import type { Rope } from './season-ropes';

const DAY = 34;
const NAME = 150;
const ROW = 22;
const CURVE = 74;

/** By when is the yard safe, what is tight, and what would a lost day cost? */
export function Season() {
  const walks = useQuery(walksQuery);
  if (walks.isPending) return <Loading what="the season" />;
  if (walks.error) return <Trouble error={walks.error} again={() => void walks.refetch()} />;
  return <Whole walks={walks.data} />;
}

function Whole({ walks }: { walks: WalksView }) {
  const all = ropes(walks);
  const days = walks.loads.length;
  const date = (day: number) =>
    formatISO(addDays(parseISO(walks.today), day), { representation: 'date' });
  return (
    <main className="grid min-w-0 flex-1 content-start gap-3 px-5 py-3">
      <div className="flex flex-wrap items-baseline gap-x-5 gap-y-1">
        <h1 className="font-stencil text-[28px] leading-none font-bold uppercase">Season</h1>
        <Link className="plain" to="/walks">
          day by day
        </Link>
        <Link className="plain" to="/frost">
          what freezes first
        </Link>
      </div>
      {all.length === 0 ? (
        <p className="m-0 py-4">
          {walks.plan
            ? 'No boat has work left.'
            : 'Nothing is planned yet. The coordinator plans under Walks.'}
        </p>
      ) : (
        <>
          <Said all={all} date={date} />
          <div
            className="border-line min-w-0 overflow-x-auto border-y"
            tabIndex={0}
            role="group"
            aria-label="Boats over the days"
          >
            <Drawn walks={walks} all={all} days={days} />
          </div>
          <p className="text-soft m-0 text-[13.5px]">
            A rope runs from the day a boat is begun to the day it is safe; what hangs from there to
            its ice mark is slack. A flag is a promise. Shaded days nobody works.
          </p>
        </>
      )}
    </main>
  );
}

/** The page in a few sentences. */
function Said({ all, date }: { all: Rope[]; date: (day: number) => string }) {
  const racing = all.filter(({ races }) => races);
  const by = safeBy(all);
  const unplanned = racing.filter(({ safe }) => safe === null);
  const late = all.filter((one) => one.late !== null);
  const lost = lostByADay(all);
  const doubtful = unlikely(all).slice(0, MOST_NAMED);
  const tight = racing.filter(({ slack }) => slack !== null && slack >= 0).slice(0, 3);
  return (
    <div className="grid gap-1 text-[15px]">
      <p className="m-0 text-[19px] font-semibold">
        {racing.length === 0
          ? 'Nothing that is left must be done before a frost.'
          : by === null
            ? `${boatsOf(unplanned.length)} of ${racing.length} that must be done before the frost ${unplanned.length === 1 ? 'has' : 'have'} no day yet: ${names(unplanned)}.`
            : `By ${shortDay(date(by))} every boat that must be done before the frost is safe, ${racing.length} in all.`}
      </p>
      <p className="m-0">
        {late.length > 0 && (
          <span className="text-verm font-semibold">{`${boatsOf(late.length)} late: ${names(late)}. `}</span>
        )}
        {tight.length > 0 &&
          `Least slack: ${tight.map(({ name, slack }) => `${name} ${daysOf(slack!)}`).join(', ')}. `}
        {lost.length > 0
          ? `A lost day would make ${boatsOf(lost.length)} late: ${names(lost)}.`
          : 'A lost day would make no boat late.'}{' '}
        {doubtful.length > 0 &&
          `Done on its days less than four times in five: ${doubtful.map(({ name, holds }) => `${name} ${holds} %`).join(', ')}.`}
      </p>
    </div>
  );
}

const MOST_NAMED = 5;

const names = (some: Rope[]) =>
  some
    .slice(0, MOST_NAMED)
    .map(({ name }) => name)
    .join(', ') + (some.length > MOST_NAMED ? ` and ${some.length - MOST_NAMED} more` : '');

function Drawn({ walks, all, days }: { walks: WalksView; all: Rope[]; days: number }) {
  const width = NAME + days * DAY + 8;
  const top = CURVE + 40;
  const height = top + all.length * ROW + 8;
  return (
    <svg
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={described(all)}
    >
      {walks.loads.map((load, day) => (
        <g key={load.date} transform={`translate(${NAME + day * DAY} 0)`}>
          {load.capacityMinutes === 0 && (
            <rect width={DAY} height={height} fill="var(--color-line)" fillOpacity={0.4} />
          )}
          <line y2={height} stroke="var(--color-line)" strokeWidth={0.7} />
          <text
            x={DAY / 2}
            y={CURVE + 14}
            textAnchor="middle"
            fontSize={11.5}
            fill="var(--color-ink)"
          >
            {dayOfMonth(load.date).slice(4)}
          </text>
          <text
            x={DAY / 2}
            y={CURVE + 28}
            textAnchor="middle"
            fontSize={10.5}
            fill={load.lowC != null && load.lowC < 0 ? 'var(--color-ice)' : 'var(--color-soft)'}
          >
            {load.lowC == null ? '' : `${numberIn('°C', load.lowC, -1)}°`}
          </text>
        </g>
      ))}
      <Curve all={all} days={days} />
      {all.map((rope, row) => (
        <OneRope key={rope.boat} rope={rope} y={top + row * ROW} days={days} />
      ))}
    </svg>
  );
}

const described = (all: Rope[]) =>
  all
    .map(
      ({ name, slack, late }) =>
        `${name}: ${late ?? (slack === null ? 'planned' : `${daysOf(slack)} of slack`)}`,
    )
    .join('; ');

/** How many boats are safe by each evening, as water that rises to the rail. */
function Curve({ all, days }: { all: Rope[]; days: number }) {
  const racing = all.filter(({ races }) => races);
  const counts = safeByDay(racing, days);
  const high = Math.max(1, racing.length);
  const y = (count: number) => CURVE - 6 - (count / high) * (CURVE - 24);
  const steps = counts.map((count, day) => `H${NAME + day * DAY + DAY / 2} V${y(count)}`).join(' ');
  return (
    <g>
      <text x={8} y={y(high) + 4} fontSize={12} fill="var(--color-soft)">
        {`all ${racing.length} safe`}
      </text>
      <line
        x1={NAME}
        x2={NAME + days * DAY}
        y1={y(high)}
        y2={y(high)}
        stroke="var(--color-spruce)"
        strokeDasharray="3 4"
      />
      <path
        d={`M${NAME} ${y(0)} ${steps} H${NAME + days * DAY} V${y(0)} Z`}
        fill="var(--color-spruce)"
        fillOpacity={0.18}
        stroke="var(--color-spruce)"
        strokeWidth={1.4}
      />
    </g>
  );
}

function OneRope({ rope, y, days }: { rope: Rope; y: number; days: number }) {
  const at = (day: number) => NAME + (Math.min(day, days - 1) + 0.5) * DAY;
  const middle = y + ROW / 2;
  const ends = rope.safe ?? rope.kept;
  const frost = rope.frost !== null && rope.frost < days ? Math.max(0, rope.frost) : null;
  const color = rope.late ? 'var(--color-verm)' : 'var(--color-spruce)';
  return (
    <g>
      <a href={`/boats/${rope.boat}`}>
        <text
          x={8}
          y={middle + 4}
          fontSize={13}
          fontWeight={600}
          fill={rope.late ? 'var(--color-verm)' : 'var(--color-ink)'}
        >
          {rope.name.length > 19 ? `${rope.name.slice(0, 18)}…` : rope.name}
        </text>
      </a>
      <line
        x1={NAME}
        x2={NAME + days * DAY}
        y1={y + ROW}
        y2={y + ROW}
        stroke="var(--color-line)"
        strokeWidth={0.5}
      />
      {rope.begins !== null && ends !== null && (
        <line
          x1={at(rope.begins) - 7}
          x2={at(ends) + 7}
          y1={middle}
          y2={middle}
          stroke={color}
          strokeWidth={5}
          strokeLinecap="round"
        />
      )}
      {frost !== null && ends !== null && frost > ends && (
        <path
          d={`M${at(ends) + 8} ${middle} Q${(at(ends) + at(frost)) / 2} ${middle + 9} ${at(frost)} ${middle}`}
          fill="none"
          stroke={color}
          strokeWidth={1}
          strokeDasharray="4 3"
        />
      )}
      {frost !== null && (
        <path
          d={`M${at(frost)} ${middle - 7} V${middle + 7} M${at(frost) - 6} ${middle - 4} L${at(frost) + 6} ${middle + 4} M${at(frost) - 6} ${middle + 4} L${at(frost) + 6} ${middle - 4}`}
          stroke="var(--color-ice)"
          strokeWidth={1.8}
        />
      )}
      {rope.promised !== null && rope.promised >= 0 && rope.promised < days && (
        <path
          d={`M${at(rope.promised) + 10} ${middle + 8} V${middle - 8} l-9 4 l9 4`}
          fill="var(--color-brass)"
          stroke="var(--color-brass)"
          strokeWidth={1.2}
        />
      )}
      {ends === null && (
        <text
          x={NAME + 8}
          y={middle + 4}
          fontSize={12}
          fill={rope.late ? 'var(--color-verm)' : 'var(--color-soft)'}
        >
          no day yet
        </text>
      )}
    </g>
  );
}
