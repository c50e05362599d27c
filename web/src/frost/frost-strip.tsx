import { useState } from 'react';
import { Link } from 'react-router';
import type { BoatLine, FrostView } from '../api/client';
import { ProtectionShape, protectionWords } from '../parts/protection';
import { counted, isSafe } from '../parts/fleet-standing';
import { useOnAPhone } from '../device/on-a-phone';
import { useMay } from '../parts/session';
import { ColdSnapForm, EndColdSnap } from './cold-snap';
import { daysBetween, shortDay } from '../words/days';
import { TonightsLow } from './tonights-low';
import { saidIn, numberIn, celsius } from '../words/quantity';
import { boatsOf } from '../words/words';

/** Where the nights begin, and how wide one is; on a phone it is pushed along, at its own size. */
const WIDE = { left: 128, night: 80 };
const NARROW = { left: 12, night: 76 };
const RIGHT = 32;
const TOP = 20;
const BOTTOM = 74;
const TICKS = 88;
const HEIGHT = 122;
const MOST_TICKS = 6;

interface StripProps {
  frost: FrostView;
  boats: BoatLine[];
}

/** The nights to come and, on the same days, the boats that must be dealt with by then. */
export function FrostStrip({ frost, boats }: StripProps) {
  const may = useMay();
  const narrow = useOnAPhone();
  const [trying, setTrying] = useState(false);
  if (!frost.ready) {
    return (
      <section aria-label="Frost" className="border-line bg-paper-2 border-b px-5 py-2 text-[14px]">
        <b className="stencil text-[17px]">Frost</b> · no past winters on record yet, so nobody can
        say by when. {may.runYard && <Link to="/settings">Bring them in under Settings</Link>}
      </section>
    );
  }
  const snap = frost.weather.coldSnap;
  return (
    <section aria-label="Frost" className="border-line bg-paper-2 border-b">
      {narrow && <h2 className="stencil m-0 px-4 pt-2 text-[17px]">Frost: lowest each night</h2>}
      {/* Pushed along by a finger; without one, by the arrow keys. */}
      <div
        className="overflow-x-auto"
        {...(narrow && { tabIndex: 0, role: 'group', 'aria-label': 'Frost, night by night' })}
      >
        <Drawing frost={frost} boats={boats} narrow={narrow} />
      </div>
      <Nights frost={frost} boats={boats} />
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1 px-4 pb-1.5 text-[13px] sm:px-5">
        {snap && (
          <p role="status" className="text-verm m-0 font-semibold">
            What if: {snap.days} days up to {saidIn('K', snap.byK)} colder from{' '}
            {shortDay(snap.first)}. Everybody sees this.
          </p>
        )}
        {snap && may.runYard && <EndColdSnap />}
        <p className="text-soft m-0">
          {frost.weather.source || 'past winters only'}
          {frost.weather.simulated && ' (simulated)'} · {byWords(frost, boats)}
        </p>
        <Link className="plain" to="/frost">
          what freezes first
        </Link>
        {may.runYard && !snap && (
          <button
            type="button"
            className="plain"
            aria-expanded={trying}
            onClick={() => setTrying(!trying)}
          >
            try a cold snap
          </button>
        )}
        <TonightsLow tonight={frost.weather.tonight} may={may.runYard} />
      </div>
      {trying && !snap && <ColdSnapForm today={frost.today} done={() => setTrying(false)} />}
    </section>
  );
}

/** "36 boats have a frost deadline, of which 30 need action and 6 are in service: 33 within …" */
function byWords(frost: FrostView, boats: BoatLine[]): string {
  const lines = new Map(boats.map((boat) => [boat.id, boat]));
  const dated = frost.boats.filter((boat) => boat.deadline);
  const later = dated.filter((boat) => (boat.daysLeft ?? 0) >= frost.nights.length).length;
  const never = frost.boats.filter(({ boat, deadline }) => {
    const line = lines.get(boat);
    return !deadline && line && !isSafe(line.protection);
  }).length;
  const stand = counted(dated.map(({ boat }) => lines.get(boat)).filter((line) => !!line));
  const parts = [
    `${boatsOf(dated.length)} with a frost deadline (${stand.needsAction} to act on, ${stand.inService} in service): ${dated.length - later} within ${frost.nights.length} nights`,
  ];
  if (later > 0) parts.push(`${later} later`);
  if (never > 0) parts.push(`${never} more wet but safe all winter where they are`);
  return parts.join(', ');
}

/** Boats by the night before which they must be dealt with. */
function byNight(frost: FrostView, boats: BoatLine[]): BoatLine[][] {
  const lines = new Map(boats.map((boat) => [boat.id, boat]));
  const nights: BoatLine[][] = frost.nights.map(() => []);
  for (const { boat, daysLeft } of frost.boats) {
    const line = lines.get(boat);
    if (daysLeft == null || !line) continue;
    nights[Math.max(0, daysLeft)]?.push(line);
  }
  return nights;
}

function Drawing({ frost, boats, narrow }: StripProps & { narrow: boolean }) {
  const { left, night: nightW } = narrow ? NARROW : WIDE;
  const width = left + frost.nights.length * nightW + RIGHT;
  const lows = frost.nights.flatMap((night) => [night.lowC, night.lowestTenthC]);
  const warmest = Math.max(4, ...lows) + 1;
  const coldest = Math.min(-4, ...lows) - 1;
  const y = (celsius: number) => TOP + ((warmest - celsius) / (warmest - coldest)) * (BOTTOM - TOP);
  const x = (night: number) => left + (night + 0.5) * nightW;
  const line = frost.nights.map((n, i) => `${i ? 'L' : 'M'}${x(i)} ${y(n.lowC)}`).join(' ');
  const tenth = [...frost.nights.keys()]
    .reverse()
    .map((i) => `L${x(i)} ${y(frost.nights[i]!.lowestTenthC)}`)
    .join(' ');
  const ticks = byNight(frost, boats);
  return (
    <svg
      viewBox={`0 0 ${width} ${HEIGHT}`}
      style={narrow ? { width } : undefined}
      className={narrow ? 'block' : 'block w-full'}
      aria-hidden="true"
    >
      {!narrow && <Heads />}
      {frost.nights.map((night, i) => (
        <g key={night.evening}>
          <line
            x1={left + i * nightW}
            x2={left + i * nightW}
            y1={10}
            y2={HEIGHT - 22}
            stroke="var(--color-line)"
          />
          <text
            x={x(i)}
            y={HEIGHT - 6}
            textAnchor="middle"
            className="stencil"
            fontSize={12.5}
            fill="var(--color-soft)"
          >
            {shortDay(night.evening)}
          </text>
        </g>
      ))}
      <line
        x1={left}
        x2={width - 20}
        y1={y(0)}
        y2={y(0)}
        stroke="var(--color-ice)"
        strokeDasharray="5 4"
      />
      <text x={width - 16} y={y(0) - 4} fontSize={11.5} textAnchor="end" fill="var(--color-ice)">
        {celsius(0)}
      </text>
      <path d={`${line} ${tenth} Z`} fill="var(--color-ice)" opacity={0.18} />
      <path d={line} fill="none" stroke="var(--color-ink)" strokeWidth={1.8} />
      {frost.nights.map((night, i) => (
        <g key={night.evening}>
          <circle cx={x(i)} cy={y(night.lowC)} r={2.6} fill="var(--color-ink)" />
          <text
            x={x(i)}
            y={y(night.lowC) - 7}
            fontSize={12}
            textAnchor="middle"
            fill={night.lowC < 0 ? 'var(--color-ice)' : 'var(--color-ink)'}
            stroke="var(--color-paper-2)"
            strokeWidth={3}
            paintOrder="stroke"
          >
            {numberIn('°C', night.lowC, -1)}°
          </text>
        </g>
      ))}
      {ticks.map((due, i) => (
        <Ticks key={i} at={x(i)} due={due} />
      ))}
    </svg>
  );
}

function Heads() {
  return (
    <>
      <text x={20} y={30} className="stencil" fontSize={20} fill="var(--color-ink)">
        FROST
      </text>
      <text x={20} y={48} fontSize={12.5} fill="var(--color-soft)">
        lowest each night
      </text>
      <text x={20} y={TICKS + 5} fontSize={12.5} fill="var(--color-soft)">
        finish by
      </text>
    </>
  );
}

function Ticks({ at, due }: { at: number; due: BoatLine[] }) {
  const shown = due.length > MOST_TICKS ? due.slice(0, MOST_TICKS - 2) : due;
  const step = 12;
  const from = at - ((shown.length - 1 + (due.length > shown.length ? 2 : 0)) * step) / 2;
  return (
    <g>
      {shown.map((boat, i) => (
        <g key={boat.id} transform={`translate(${from + i * step} ${TICKS})`}>
          <ProtectionShape of={boat.protection} scale={0.78} />
        </g>
      ))}
      {due.length > shown.length && (
        <text
          x={from + shown.length * step - 3}
          y={TICKS + 4.5}
          fontSize={12.5}
          fontWeight={700}
          fill="var(--color-ink)"
        >
          +{due.length - shown.length}
        </text>
      )}
    </g>
  );
}

/** The same as words, for those who listen. */
function Nights({ frost, boats }: StripProps) {
  const ticks = byNight(frost, boats);
  return (
    <table className="sr-only">
      <caption>Frost</caption>
      <thead>
        <tr>
          <th scope="col">Night of</th>
          <th scope="col">Lowest</th>
          <th scope="col">Do by then</th>
        </tr>
      </thead>
      <tbody>
        {frost.nights.map((night, i) => (
          <tr key={night.evening}>
            <th scope="row">{shortDay(night.evening)}</th>
            <td>
              {saidIn('°C', night.lowC, -1)}, 1-in-10 winter {saidIn('°C', night.lowestTenthC, -1)}
            </td>
            <td>
              {ticks[i]!.map((boat) => `${boat.name} (${protectionWords(boat.protection)})`).join(
                ', ',
              ) || 'none'}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** What a boat's name has beside it on the plan. */
export function daysLeft(frost: FrostView | undefined): Map<string, number> {
  const left = new Map<string, number>();
  for (const boat of frost?.boats ?? []) {
    if (boat.deadline && frost) left.set(boat.boat, daysBetween(frost.today, boat.deadline));
  }
  return left;
}
