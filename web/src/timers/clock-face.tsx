import type { TimerView } from '../api/client';
import { useYardNow } from '../time/yard-clock';
import { countsTo, lasts, saysOf, standingOf } from './standing';
import type { Clock, Standing } from './standing';

const SIZE = 112;
const RADIUS = 48;
const AROUND = 2 * Math.PI * RADIUS;

const TONES: Record<Standing, string> = {
  RUNNING: 'var(--color-ice)',
  DUE: 'var(--color-spruce)',
  SOON_OVER: 'var(--color-amber)',
  OVER: 'var(--color-verm)',
};

const NAMES: Record<TimerView['kind'], string> = {
  WATER: 'Water at the exhaust',
  RUN: 'Running',
  FEED: 'Water lasts',
  SOAK: 'Soaking',
  WITHIN: 'Time left for it',
  REST: 'Starter rests',
};

/** A clock at its step: how long to go, drawn as what is left of the way round. */
export function ClockFace({ clock, kind }: { clock: Clock; kind: TimerView['kind'] }) {
  const now = useYardNow();
  const standing = standingOf(clock, now);
  const to = countsTo(clock, now);
  const whole = Math.max(1, clock.overAt - clock.startedAt);
  const gone = Math.min(1, Math.max(0, (now - clock.startedAt) / whole));
  const dueAt = ((clock.dueAt - clock.startedAt) / whole) * 2 * Math.PI - Math.PI / 2;
  const middle = SIZE / 2;
  return (
    <div
      role="timer"
      aria-label={NAMES[kind]}
      className="border-line flex items-center gap-4 rounded-[4px_14px_14px_4px] border-[1.5px] p-3"
    >
      <svg
        width={SIZE}
        height={SIZE}
        viewBox={`0 0 ${SIZE} ${SIZE}`}
        aria-hidden="true"
        className="shrink-0"
      >
        <circle
          cx={middle}
          cy={middle}
          r={RADIUS}
          fill="none"
          stroke="var(--color-line)"
          strokeWidth={7}
        />
        <circle
          cx={middle}
          cy={middle}
          r={RADIUS}
          fill="none"
          stroke={TONES[standing]}
          strokeWidth={7}
          strokeDasharray={`${gone * AROUND} ${AROUND}`}
          transform={`rotate(-90 ${middle} ${middle})`}
        />
        {!clock.fromStart && (
          <line
            x1={middle + (RADIUS - 8) * Math.cos(dueAt)}
            y1={middle + (RADIUS - 8) * Math.sin(dueAt)}
            x2={middle + (RADIUS + 7) * Math.cos(dueAt)}
            y2={middle + (RADIUS + 7) * Math.sin(dueAt)}
            stroke="var(--color-ink)"
            strokeWidth={3}
          />
        )}
        <text
          x={middle}
          y={middle + 8}
          textAnchor="middle"
          className="font-stencil"
          fontSize={to - now >= 3_600_000 ? 19 : 27}
          fontWeight={700}
          fill="var(--color-ink)"
        >
          {standing === 'OVER' ? 'over' : lasts(to - now)}
        </text>
      </svg>
      <div className="min-w-0">
        <h2 className="text-[17px] font-bold">{NAMES[kind]}</h2>
        <p className="m-0" style={{ color: standing === 'RUNNING' ? undefined : TONES[standing] }}>
          {standing === 'RUNNING'
            ? `Then: ${clock.whenDue.charAt(0).toLowerCase()}${clock.whenDue.slice(1)}`
            : saysOf(clock, now)}
        </p>
      </div>
    </div>
  );
}
