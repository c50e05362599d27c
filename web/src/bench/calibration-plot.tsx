import { scaleLinear } from 'd3-scale';
import { curveMonotoneX, line } from 'd3-shape';
import { percent } from '../words/words';
import { unitIn, numberIn } from '../words/quantity';
import { ticksIn } from '../words/ticks';

export interface Plotted {
  /** Part of the product in the glass, or glycol by mass: 0 to 1. */
  x: number;
  reading: number;
}

interface CalibrationPlotProps {
  points: Plotted[];
  across: string;
  unit: string;
  title: string;
}

const W = 480;
const H = 260;
const EDGE = { left: 52, right: 18, top: 14, bottom: 42 };

/** Readings against strength, with the curve that goes through them. */
export function CalibrationPlot({ points, across, unit, title }: CalibrationPlotProps) {
  const sorted = [...points].sort((a, b) => a.x - b.x);
  const readings = sorted.map(({ reading }) => reading);
  const most = Math.max(0.05, ...sorted.map((p) => p.x));
  const x = scaleLinear([0, most], [EDGE.left, W - EDGE.right]);
  const y = scaleLinear(
    [Math.min(0, ...readings), Math.max(0, ...readings)],
    [H - EDGE.bottom, EDGE.top],
  ).nice();
  const through = line<Plotted>()
    .x((p) => x(p.x))
    .y((p) => y(p.reading))
    .curve(curveMonotoneX)(sorted);
  return (
    <svg viewBox={`0 0 ${W} ${H}`} className="w-full max-w-[560px]" role="img" aria-label={title}>
      {ticksIn(unit, y.domain(), 5).map((t) => (
        <g key={t}>
          <path d={`M${EDGE.left} ${y(t)} H${W - EDGE.right}`} stroke="var(--color-line)" />
          <text
            x={EDGE.left - 6}
            y={y(t) + 4}
            textAnchor="end"
            fontSize={12}
            fill="var(--color-soft)"
          >
            {numberIn(unit, t)}
          </text>
        </g>
      ))}
      {x.ticks(5).map((t) => (
        <text
          key={t}
          x={x(t)}
          y={H - EDGE.bottom + 17}
          textAnchor="middle"
          fontSize={12}
          fill="var(--color-soft)"
        >
          {percent(t)}
        </text>
      ))}
      <text x={W - EDGE.right} y={H - 6} textAnchor="end" fontSize={12} fill="var(--color-soft)">
        {across}; reading in {unitIn(unit)}
      </text>
      {through && <path d={through} fill="none" stroke="var(--color-ice)" strokeWidth={2.2} />}
      {sorted.map((p) => (
        <circle
          key={p.x}
          cx={x(p.x)}
          cy={y(p.reading)}
          r={5}
          fill="var(--color-card)"
          stroke="var(--color-ink)"
          strokeWidth={2}
        />
      ))}
    </svg>
  );
}
