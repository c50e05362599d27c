import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import type { GaugeView } from '../api/client';
import { number } from '../words/words';
import { celsius, numberIn } from '../words/quantity';
import { ticksIn } from '../words/ticks';

type Reading = GaugeView['readings'][number];

const WIDTH = 400;
const HEIGHT = 220;
const LEFT = 34;
const RIGHT = 74;
const TOP = 12;
const BOTTOM = 30;
const LEAST_MINUTES = 10;
const TICKS = 5;

interface ChartProps {
  gauge: GaugeView;
  /** With those that still wait on this device. */
  readings: Reading[];
}

/** A run as it goes: the gauge over the minutes, with what it is held against. */
export function GaugeChart({ gauge, readings }: ChartProps) {
  const { limits, past } = gauge;
  const last = readings.at(-1);
  const x = scaleLinear(
    [0, Math.max(LEAST_MINUTES, (last?.minute ?? 0) + 1)],
    [LEFT, WIDTH - RIGHT],
  );
  const hottest = Math.max(limits.stopAtC + 12, ...readings.map((one) => one.temperatureC + 4));
  const y = scaleLinear([0, hottest], [HEIGHT - BOTTOM, TOP]);
  const path = line<Reading>()
    .x((one) => x(one.minute))
    .y((one) => y(one.temperatureC));
  const minutes = x.ticks(6);
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="w-full max-w-[640px]"
      role="img"
      aria-label={said(gauge)}
    >
      <rect
        x={LEFT}
        y={y(limits.opensUntilC)}
        width={WIDTH - RIGHT - LEFT}
        height={y(limits.opensFromC) - y(limits.opensUntilC)}
        fill="var(--color-spruce)"
        opacity={0.16}
      />
      {ticksIn('°C', y.domain(), TICKS).map((c) => (
        <g key={c}>
          <line x1={LEFT} x2={WIDTH - RIGHT} y1={y(c)} y2={y(c)} stroke="var(--color-line)" />
          <Label x={LEFT - 8} y={y(c) + 5} anchor="end">
            {numberIn('°C', c)}
          </Label>
        </g>
      ))}
      {minutes.map((minute) => (
        <Label key={minute} x={x(minute)} y={HEIGHT - 10} anchor="middle">
          {number(minute, 0)}
        </Label>
      ))}
      <Label x={WIDTH - RIGHT + 14} y={HEIGHT - 10}>
        min
      </Label>
      <line
        x1={LEFT}
        x2={WIDTH - RIGHT}
        y1={y(limits.stopAtC)}
        y2={y(limits.stopAtC)}
        stroke="var(--color-verm)"
        strokeWidth={2}
        strokeDasharray="9 5"
      />
      <Label x={WIDTH - RIGHT + 6} y={y(limits.stopAtC) + 5} color="var(--color-verm)">
        stop {numberIn('°C', limits.stopAtC)}
      </Label>
      {past.map((held) => (
        <line
          key={held.at}
          x1={WIDTH - RIGHT - 16}
          x2={WIDTH - RIGHT}
          y1={y(held.valueC)}
          y2={y(held.valueC)}
          stroke="var(--color-brass)"
          strokeWidth={2}
        />
      ))}
      {limits.ownPlateauC != null && (
        <>
          <line
            x1={LEFT}
            x2={WIDTH - RIGHT}
            y1={y(limits.ownPlateauC)}
            y2={y(limits.ownPlateauC)}
            stroke="var(--color-brass)"
            strokeDasharray="2 4"
          />
          <Label x={WIDTH - RIGHT + 6} y={y(limits.ownPlateauC) + 5} color="var(--color-brass)">
            usual {numberIn('°C', limits.ownPlateauC)}
          </Label>
        </>
      )}
      {readings.length > 0 && (
        <path d={path(readings) ?? ''} fill="none" stroke="var(--color-ink)" strokeWidth={2.5} />
      )}
      {readings.map((one) => (
        <circle
          key={one.minute}
          cx={x(one.minute)}
          cy={y(one.temperatureC)}
          r={one === last ? 6 : 3}
          fill={one.temperatureC >= limits.stopAtC ? 'var(--color-verm)' : 'var(--color-ink)'}
        />
      ))}
    </svg>
  );
}

function said({ limits }: GaugeView): string {
  return `Gauge over the minutes: the thermostat opens between ${numberIn('°C', limits.opensFromC)} and ${celsius(limits.opensUntilC)}; stop at ${celsius(limits.stopAtC)}.`;
}

interface LabelProps {
  x: number;
  y: number;
  anchor?: 'start' | 'middle' | 'end';
  color?: string;
  children: React.ReactNode;
}

function Label({ x, y, anchor = 'start', color = 'var(--color-soft)', children }: LabelProps) {
  return (
    <text x={x} y={y} textAnchor={anchor} fill={color} className="font-stencil" fontSize={17}>
      {children}
    </text>
  );
}
