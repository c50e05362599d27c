import type { StopView, YardPlan } from '../api/client';
import { clockOf } from './times';

const PX = 12;

interface PlanProps {
  plan: YardPlan;
  worker: string;
  stops: StopView[];
  chosen: string | null;
}

/** One person's stops of a day on the yard's plan, in the order they are walked. */
export function WalkOnPlan({ plan, worker, stops, chosen }: PlanProps) {
  const berths = new Map(plan.berths.map((berth) => [berth.id, berth]));
  const visits: { stop: StopView; x: number; y: number }[] = [];
  for (const stop of stops) {
    const berth = stop.berth ? berths.get(stop.berth) : undefined;
    const last = visits[visits.length - 1];
    if (berth && last?.stop.boat !== stop.boat) {
      visits.push({ stop, x: berth.xM * PX, y: (berth.yM - 3) * PX });
    }
  }
  const path = visits.map(({ x, y }, i) => `${i ? 'L' : 'M'}${x} ${y}`).join(' ');
  return (
    <svg
      viewBox={`0 0 ${plan.widthM * PX} ${plan.heightM * PX}`}
      className="w-full"
      role="img"
      aria-label={`Where ${worker} goes: ${visits.map(({ stop }) => stop.berthName).join(', ') || 'nowhere'}`}
    >
      {plan.areas.map((area) => (
        <g key={area.id}>
          <rect
            x={area.xM * PX}
            y={area.yM * PX}
            width={area.widthM * PX}
            height={area.heightM * PX}
            fill={area.kind === 'DOCK' ? '#dbe6ea' : '#fbfaf6'}
            stroke={area.kind === 'SHED' ? 'var(--color-ink)' : 'var(--color-line)'}
            strokeWidth={area.kind === 'SHED' ? 2 : 1.2}
          />
          <text
            x={area.xM * PX + 10}
            y={area.yM * PX + 24}
            className="stencil"
            fontSize={20}
            fill="var(--color-soft)"
          >
            {area.name.toUpperCase()}
          </text>
        </g>
      ))}
      {plan.berths.map((berth) => (
        <circle key={berth.id} cx={berth.xM * PX} cy={(berth.yM - 3) * PX} r={3} fill="#c3bcab" />
      ))}
      <path d={path} fill="none" stroke="var(--color-brass)" strokeWidth={4} opacity={0.75} />
      {visits.map(({ stop, x, y }, i) => (
        <g key={`${stop.boat} ${i}`} transform={`translate(${x} ${y})`}>
          <circle
            r={chosen?.startsWith(stop.boat) ? 19 : 15}
            fill={stop.standing === 'DONE' ? 'var(--color-soft)' : 'var(--color-ink)'}
            stroke={chosen?.startsWith(stop.boat) ? 'var(--color-brass)' : 'none'}
            strokeWidth={4}
          />
          <text
            y={6}
            textAnchor="middle"
            className="font-stencil"
            fontWeight={700}
            fontSize={18}
            fill="#fff"
          >
            {i + 1}
          </text>
          <text
            y={-22}
            textAnchor="middle"
            fontSize={16}
            fontWeight={700}
            fill="var(--color-ink)"
            stroke="var(--color-paper)"
            strokeWidth={4}
            paintOrder="stroke"
          >
            {stop.name} {clockOf(stop.start)}
          </text>
        </g>
      ))}
    </svg>
  );
}
