import { useMemo } from 'react';
import type { CircuitView, FittingView, PointView } from '../api/client';
import { percent } from '../parts/words';
import { layOutPath } from './path-layout';
import type { Placed } from './path-layout';

interface WaterPathProps {
  circuit: CircuitView;
  fittings: FittingView[];
  chosen: string | null;
  choose: (fitting: string) => void;
}

/** A circuit drawn from intake to exhaust, as it stands: contents, fittings, measured strength. */
export function WaterPath({ circuit, fittings, chosen, choose }: WaterPathProps) {
  const layout = useMemo(() => layOutPath(circuit.path), [circuit.path]);
  const byKey = new Map(fittings.map((fitting) => [fitting.key, fitting]));
  const central = new Set(circuit.points.map((point) => point.opens));
  return (
    <svg
      viewBox={`0 ${layout.top} ${layout.width} ${layout.height}`}
      className="w-full min-w-[700px]"
      role="group"
      aria-label={`Water path: ${circuit.name}`}
    >
      {layout.pipes.map((pipe) => (
        <PipeLine key={pipe.key} points={pipe.points} />
      ))}
      <Leg at={layout.inlet} down={byKey.get('drive')?.state !== 'UP'} />
      {layout.outlets.map(([x, y], i) => (
        <text key={i} x={x} y={y + 22} textAnchor="end" fontSize={11.5} fill="var(--color-soft)">
          overboard
        </text>
      ))}
      {layout.placed.map((placed) => (
        <SegmentBox key={placed.segment.key} placed={placed} circuit={circuit} />
      ))}
      {layout.split && <Thermostat at={layout.split} />}
      {circuit.hoses.map((hose) => {
        const placed = layout.placed.find((p) => p.segment.key === hose.segment);
        const fitting = byKey.get(hose.fitting);
        return (
          placed &&
          fitting && (
            <HoseEnd
              key={hose.fitting}
              x={placed.x - placed.width / 2 - 11}
              y={placed.y}
              fitting={fitting}
              chosen={chosen === fitting.key}
              choose={choose}
            />
          )
        );
      })}
      {circuit.points.map((point) => {
        const placed = layout.placed.find((p) => p.segment.key === point.segment);
        const fitting = byKey.get(point.opens);
        if (!placed || !fitting || fitting.kind === 'HOSE_END') return null;
        return (
          <Drain
            key={point.key}
            x={placed.x}
            y={placed.y + placed.height / 2}
            fitting={fitting}
            point={point}
            shared={central.size < 4}
            chosen={chosen === fitting.key}
            choose={choose}
          />
        );
      })}
    </svg>
  );
}

function PipeLine({ points }: { points: [number, number][] }) {
  const d = points.map(([x, y], i) => `${i ? 'L' : 'M'}${x} ${y}`).join(' ');
  return (
    <g fill="none" strokeLinejoin="round">
      <path d={d} stroke="var(--color-ink)" strokeWidth={10} />
      <path d={d} stroke="#dcd7ca" strokeWidth={6.5} />
    </g>
  );
}

function Leg({ at: [x, y], down }: { at: [number, number]; down: boolean }) {
  return (
    <g>
      <path
        d={`M${x} ${y} H${x - 22} V${y + (down ? 84 : 40)}`}
        fill="none"
        stroke="var(--color-ink)"
        strokeWidth={10}
        strokeLinejoin="round"
      />
      <path
        d={`M${x} ${y} H${x - 22} V${y + (down ? 84 : 40)}`}
        fill="none"
        stroke="#dcd7ca"
        strokeWidth={6.5}
        strokeLinejoin="round"
      />
      <path
        d={`M${x - 36} ${y + (down ? 88 : 44)} h28 M${x - 31} ${y + (down ? 95 : 51)} h18`}
        stroke="var(--color-ink)"
        strokeWidth={2.4}
      />
      <text x={x - 48} y={y + (down ? 116 : 72)} fontSize={12.5} fontWeight={700}>
        drive {down ? 'down' : 'up'}
      </text>
    </g>
  );
}

function Thermostat({ at: [x, y] }: { at: [number, number] }) {
  return (
    <g>
      <path
        d={`M${x} ${y - 21} L${x + 21} ${y} L${x} ${y + 21} L${x - 21} ${y} Z`}
        fill="var(--color-card)"
        stroke="var(--color-ink)"
        strokeWidth={1.8}
      />
      <text
        x={x}
        y={y + 5}
        textAnchor="middle"
        fontSize={14}
        className="font-stencil"
        fontWeight={700}
      >
        T
      </text>
      <text x={x - 8} y={y + 34} textAnchor="end" fontSize={11.5} fill="var(--color-soft)">
        thermostat
      </text>
    </g>
  );
}

const FILLS = {
  WATER: '#cfe0ef',
  EMPTY: '#fffefb',
  UNMEASURED: '#efe3c4',
  GOOD: '#c0d4c8',
  SHORT: '#efc6bc',
};

function fillOf(placed: Placed, point: PointView | undefined, circuit: CircuitView): string {
  if (placed.segment.content !== 'ANTIFREEZE') return FILLS[placed.segment.content];
  const outcome = point?.verdict?.outcome;
  if (outcome === 'HELD' || outcome === 'CHANGE_PRODUCT' || point?.couldNot) return FILLS.SHORT;
  if (outcome === 'PROVEN' || outcome === 'PROVEN_WITH_REMARK') return FILLS.GOOD;
  return circuit.protection === 'PROVEN' ? FILLS.GOOD : FILLS.UNMEASURED;
}

const CONTENT_WORDS = { WATER: 'water', EMPTY: 'empty', ANTIFREEZE: 'filled' };

function SegmentBox({ placed, circuit }: { placed: Placed; circuit: CircuitView }) {
  const { segment, x, y, width, height } = placed;
  const point = circuit.points.find((p) => p.segment === segment.key);
  const judge = point ?? circuit.points.find((p) => p.empties.includes(segment.key));
  const fill = fillOf(placed, judge, circuit);
  const short = fill === FILLS.SHORT;
  const measured = point?.massFraction != null ? percent(point.massFraction) : null;
  const label = segment.name.split(' ');
  const below = measured ?? (height > 44 ? CONTENT_WORDS[segment.content] : null);
  return (
    <g>
      {segment.kind === 'PUMP' ? (
        <Pump x={x} y={y} r={width / 2 - 3} fill={fill} />
      ) : (
        <rect
          x={x - width / 2}
          y={y - height / 2}
          width={width}
          height={height}
          rx={8}
          fill={fill}
          stroke={short ? 'var(--color-verm)' : 'var(--color-ink)'}
          strokeWidth={short ? 2.6 : 1.7}
          strokeDasharray={segment.content === 'EMPTY' ? '6 4' : undefined}
        />
      )}
      <text x={x} y={y - height / 2 - 7} textAnchor="middle" fontSize={12.5} fontWeight={700}>
        {label.length > 1 && width < 76 ? (
          <>
            <tspan x={x} dy={-14}>
              {label.slice(0, -1).join(' ')}
            </tspan>
            <tspan x={x} dy={14}>
              {label.at(-1)}
            </tspan>
          </>
        ) : (
          segment.name
        )}
      </text>
      {segment.kind !== 'PUMP' && (
        <text x={x} y={below ? y - 3 : y + 4.5} textAnchor="middle" fontSize={12.5} fill="#33414a">
          {segment.liters} L
        </text>
      )}
      {segment.kind !== 'PUMP' && below && (
        <text
          x={x}
          y={y + 14}
          textAnchor="middle"
          fontSize={measured ? 14.5 : 11.5}
          fontWeight={measured ? 700 : 400}
          fill={short ? 'var(--color-verm)' : measured ? 'var(--color-spruce)' : '#4a5860'}
          className={measured ? 'font-stencil' : undefined}
        >
          {below}
        </text>
      )}
    </g>
  );
}

function Pump({ x, y, r, fill }: { x: number; y: number; r: number; fill: string }) {
  const vanes = [0, 60, 120];
  return (
    <g>
      <circle cx={x} cy={y} r={r} fill={fill} stroke="var(--color-ink)" strokeWidth={1.8} />
      {vanes.map((angle) => (
        <path
          key={angle}
          d={`M${x - r * 0.72} ${y} H${x + r * 0.72}`}
          transform={`rotate(${angle} ${x} ${y})`}
          stroke="var(--color-ink)"
          strokeWidth={2}
        />
      ))}
    </g>
  );
}

interface FittingProps {
  x: number;
  y: number;
  fitting: FittingView;
  chosen: boolean;
  choose: (fitting: string) => void;
}

function pressed(choose: () => void) {
  return {
    role: 'button',
    tabIndex: 0,
    className: 'group cursor-pointer outline-none',
    onClick: choose,
    onKeyDown: (event: React.KeyboardEvent) => {
      if (event.key !== 'Enter' && event.key !== ' ') return;
      event.preventDefault();
      choose();
    },
  };
}

function Ring({ x, y, chosen }: { x: number; y: number; chosen: boolean }) {
  return (
    <circle
      cx={x}
      cy={y}
      r={17}
      fill="transparent"
      stroke="var(--color-brass)"
      strokeWidth={2.6}
      className={chosen ? '' : 'opacity-0 group-hover:opacity-60 group-focus-visible:opacity-100'}
    />
  );
}

function Drain({
  x,
  y,
  fitting,
  point,
  shared,
  chosen,
  choose,
}: FittingProps & { point: PointView; shared: boolean }) {
  const out = fitting.state === 'OUT_BAGGED' || fitting.state === 'OUT_MISSING';
  const lost = fitting.state === 'OUT_MISSING';
  const short = point.verdict?.outcome === 'HELD' || point.seen === 'DID_NOT_RUN';
  const color = short || lost ? 'var(--color-verm)' : 'var(--color-ink)';
  const words = point.seen === 'DID_NOT_RUN' ? 'did not run' : fitting.stateWords.toLowerCase();
  return (
    <g
      {...pressed(() => choose(fitting.key))}
      aria-label={`${fitting.name}, ${fitting.stateWords}`}
    >
      <Ring x={x} y={y + 20} chosen={chosen} />
      <path
        d={`M${x} ${y} v14`}
        stroke={color}
        strokeWidth={3}
        strokeDasharray={shared ? '3 2' : undefined}
      />
      <path
        d={`M${x - 8} ${y + (out ? 21 : 14)} h16 l-4 10 h-8 z`}
        fill={out ? 'var(--color-card)' : color}
        stroke={color}
        strokeWidth={1.8}
        strokeDasharray={lost ? '3 2' : undefined}
      />
      <text
        x={x}
        y={y + 48}
        textAnchor="middle"
        fontSize={11.5}
        fontWeight={short || out ? 700 : 400}
        fill={short || lost ? 'var(--color-verm)' : 'var(--color-soft)'}
      >
        {shared ? `central ${words}` : words}
      </text>
    </g>
  );
}

function HoseEnd({ x, y, fitting, chosen, choose }: FittingProps) {
  const off = fitting.state === 'OFF';
  return (
    <g
      {...pressed(() => choose(fitting.key))}
      aria-label={`${fitting.name}, ${fitting.stateWords}`}
    >
      <Ring x={x} y={y} chosen={chosen} />
      {off ? (
        <>
          <rect x={x - 5} y={y - 8} width={10} height={16} fill="var(--color-paper)" />
          <path
            d={`M${x - 6} ${y - 9} v18 M${x + 6} ${y - 9} v18`}
            stroke="var(--color-verm)"
            strokeWidth={2.4}
          />
          <text
            x={x}
            y={y + 24}
            textAnchor="middle"
            fontSize={11}
            fontWeight={700}
            fill="var(--color-verm)"
          >
            off
          </text>
        </>
      ) : (
        <path
          d={`M${x - 2.5} ${y - 8} v16 M${x + 2.5} ${y - 8} v16`}
          stroke="var(--color-ink)"
          strokeWidth={2}
        />
      )}
    </g>
  );
}
