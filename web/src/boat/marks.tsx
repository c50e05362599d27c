import type { FittingView, PointView } from '../api/client';

export interface MarkProps {
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

/** What every fitting in the drawing shares: it can be chosen, and says its name and state. */
function Mark({
  x,
  y,
  fitting,
  chosen,
  choose,
  r = 15,
  children,
}: MarkProps & { r?: number; children: React.ReactNode }) {
  return (
    <g
      {...pressed(() => choose(fitting.key))}
      aria-label={`${fitting.name}, ${fitting.stateWords}`}
    >
      <title>{`${fitting.name}: ${fitting.stateWords}`}</title>
      <circle
        cx={x}
        cy={y}
        r={r}
        fill="transparent"
        stroke="var(--color-brass)"
        strokeWidth={2.6}
        className={chosen ? '' : 'opacity-0 group-hover:opacity-60 group-focus-visible:opacity-100'}
      />
      {children}
    </g>
  );
}

const tone = (fitting: FittingView) =>
  fitting.state === 'OUT_MISSING' || fitting.state === 'MISSING'
    ? 'var(--color-verm)'
    : 'var(--color-ink)';

/** A plug, petcock, sensor or port below a segment: filled when in, hollow and away when out. */
export function Drain(
  props: MarkProps & { point: PointView | null; shared: boolean; small: boolean },
) {
  const { x, y, fitting, point, shared, small } = props;
  const out = ['OUT', 'OUT_BAGGED', 'OUT_MISSING'].includes(fitting.state);
  const blocked = point?.seen === 'DID_NOT_RUN' || point?.seen === 'WOULD_NOT_COME_OFF';
  const short = point?.verdict?.outcome === 'HELD' || blocked;
  const color = short ? 'var(--color-verm)' : tone(fitting);
  const words = blocked ? point.seenWords : fitting.stateWords.toLowerCase();
  const stem = small ? 8 : 14;
  return (
    <Mark {...props} y={y + stem + 6} r={small ? 13 : 17}>
      <path
        d={`M${x} ${y} v${stem}`}
        stroke={color}
        strokeWidth={3}
        strokeDasharray={shared ? '3 2' : undefined}
      />
      <path
        d={`M${x - 8} ${y + stem + (out ? 6 : 0)} h16 l-4 9 h-8 z`}
        fill={out ? 'var(--color-card)' : color}
        stroke={color}
        strokeWidth={1.8}
        strokeDasharray={fitting.state === 'OUT_MISSING' ? '3 2' : undefined}
      />
      <text
        x={x}
        y={y + stem + (small ? 24 : 29)}
        textAnchor="middle"
        fontSize={11.5}
        fontWeight={short || out ? 700 : 400}
        fill={color === 'var(--color-verm)' ? color : 'var(--color-soft)'}
      >
        {shared ? `central ${words}` : words}
      </text>
    </Mark>
  );
}

/** Two clamp lines across the pipe; a gap where it is off. */
export function HoseEnd(props: MarkProps) {
  const { x, y, fitting } = props;
  return (
    <Mark {...props}>
      {fitting.state === 'OFF' ? (
        <>
          <rect x={x - 5} y={y - 8} width={10} height={16} fill="var(--color-paper)" />
          <path
            d={`M${x - 6} ${y - 9} v18 M${x + 6} ${y - 9} v18`}
            stroke="var(--color-verm)"
            strokeWidth={2.4}
          />
          <text
            x={x}
            y={y + 22}
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
    </Mark>
  );
}

/** A lever on the pipe: along it when open, across it when shut. */
export function Seacock(props: MarkProps) {
  const { x, y, fitting } = props;
  const shut = fitting.state === 'SHUT';
  return (
    <Mark {...props}>
      <circle cx={x} cy={y} r={8.5} fill="var(--color-card)" stroke="var(--color-ink)" />
      <path
        d={shut ? `M${x} ${y + 7} V${y - 15}` : `M${x - 7} ${y} H${x + 15}`}
        stroke={shut ? 'var(--color-brass)' : 'var(--color-ink)'}
        strokeWidth={3.6}
        strokeLinecap="round"
      />
      <text
        x={x}
        y={y + 23}
        textAnchor="middle"
        fontSize={11.5}
        fontWeight={shut ? 700 : 400}
        fill={shut ? 'var(--color-brass)' : 'var(--color-soft)'}
      >
        {shut ? 'shut' : 'open'}
      </text>
    </Mark>
  );
}

/** A lid, basket, cap or cover: a short bar over its place; lifted when it is not on. */
export function Lid(props: MarkProps & { width: number; label: string }) {
  const { x, y, fitting, width, label } = props;
  const away = fitting.looseEnd;
  const color = fitting.state === 'MISSING' ? 'var(--color-verm)' : 'var(--color-brass)';
  return (
    <Mark {...props} r={12}>
      <path
        d={
          away
            ? `M${x - width / 2} ${y - 1} L${x + width / 2} ${y - 7}`
            : `M${x - width / 2} ${y} H${x + width / 2}`
        }
        stroke={away ? color : 'var(--color-ink)'}
        strokeWidth={4}
        strokeLinecap="round"
      />
      {away && (
        <text x={x + width / 2 + 4} y={y - 1} fontSize={11} fontWeight={700} fill={color}>
          {label}
        </text>
      )}
    </Mark>
  );
}

/** A tag hung on the pump: fed from something that is not the sea, or a part taken off. */
export function Tag(props: MarkProps & { words: string }) {
  const { x, y, words } = props;
  const width = words.length * 6 + 12;
  return (
    <Mark {...props} r={10}>
      <path
        d={`M${x} ${y - 9} l7 4 h${width - 14} q5 0 5 5 v5 q0 5 -5 5 h-${width - 14} l-7 -4 z`}
        transform={`translate(${-width / 2} 2)`}
        fill="var(--color-card)"
        stroke="var(--color-brass)"
        strokeWidth={1.6}
      />
      <text
        x={x + 3}
        y={y + 7}
        textAnchor="middle"
        fontSize={11}
        fontWeight={700}
        fill="var(--color-brass)"
      >
        {words}
      </text>
    </Mark>
  );
}

/** The drive leg that hangs in the water, or is tilted up. */
export function Leg(props: MarkProps & { small: boolean }) {
  const { x, y, fitting, small } = props;
  const down = fitting.state !== 'UP';
  const depth = small ? (down ? 34 : 14) : down ? 84 : 40;
  const path = `M${x} ${y} H${x - 22} V${y + depth}`;
  return (
    <Mark {...props} x={x - 22} y={y + depth - 6}>
      <path
        d={path}
        fill="none"
        stroke="var(--color-ink)"
        strokeWidth={10}
        strokeLinejoin="round"
      />
      <path d={path} fill="none" stroke="#dcd7ca" strokeWidth={6.5} strokeLinejoin="round" />
      <path
        d={`M${x - 36} ${y + depth + 4} h28 M${x - 31} ${y + depth + 11} h18`}
        stroke="var(--color-ink)"
        strokeWidth={2.4}
      />
      <text
        x={x - 44}
        y={y + depth + (small ? 26 : 32)}
        fontSize={small ? 11.5 : 12.5}
        fontWeight={700}
        fill={down ? 'var(--color-ink)' : 'var(--color-brass)'}
      >
        drive {down ? 'down' : 'up'}
      </text>
    </Mark>
  );
}

/** The hull, and the hole in it. */
export function ThroughHull({ at: [x, y] }: { at: [number, number] }) {
  return (
    <path
      d={`M${x - 30} ${y - 20} v40 M${x - 34} ${y - 20} v14 M${x - 34} ${y + 6} v14`}
      stroke="var(--color-soft)"
      strokeWidth={2}
      fill="none"
      aria-hidden="true"
    />
  );
}

/** Hangs below the pipe where the path first goes behind it, clear of the clamps on the pipe. */
export function Thermostat({ at: [x, y], small }: { at: [number, number]; small: boolean }) {
  const r = small ? 10 : 13;
  const middle = y + (small ? 20 : 30);
  return (
    <g>
      <title>thermostat</title>
      <path d={`M${x} ${y + 4} V${middle - r}`} stroke="var(--color-ink)" strokeWidth={1.8} />
      <path
        d={`M${x} ${middle - r} l${r} ${r} l${-r} ${r} l${-r} ${-r} Z`}
        fill="var(--color-card)"
        stroke="var(--color-ink)"
        strokeWidth={1.8}
      />
      <text
        x={x}
        y={middle + 4}
        textAnchor="middle"
        fontSize={small ? 10.5 : 12.5}
        className="font-stencil"
        fontWeight={700}
      >
        T
      </text>
      {!small && (
        <text
          x={x}
          y={middle + r + 14}
          textAnchor="middle"
          fontSize={11.5}
          fill="var(--color-soft)"
        >
          thermostat
        </text>
      )}
    </g>
  );
}
