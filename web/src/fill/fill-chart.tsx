import { memo } from 'react';
import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import type { Forecast } from '../api/client';
import { percent } from '../words/words';
import { unitIn, numberIn } from '../words/quantity';
import { ticksIn } from '../words/ticks';

const W = 860;
const H = 210;
const EDGE = { left: 46, right: 150, top: 12, bottom: 36 };

interface FillChartProps {
  forecast: Forecast;
  product: number;
  names: Map<string, string>;
  /** How much has gone in, L. */
  at: number;
  weakest: string;
}

const across = (forecast: Forecast) =>
  scaleLinear([0, forecast.liters], [EDGE.left, W - EDGE.right]);
const up = (product: number) =>
  scaleLinear([0, Math.max(0.1, product) * 1.05], [H - EDGE.bottom, EDGE.top]);

/** Each segment's strength while the liters go in, and where they are now. */
export function FillChart({ forecast, product, names, at, weakest }: FillChartProps) {
  const x = across(forecast);
  return (
    <figure className="m-0">
      <svg
        viewBox={`0 0 ${W} ${H}`}
        className="w-full"
        role="img"
        aria-label="Strength of each segment against liters"
      >
        <Lines forecast={forecast} product={product} names={names} weakest={weakest} />
        <path
          d={`M${x(at)} ${EDGE.top} V${H - EDGE.bottom}`}
          stroke="var(--color-ink)"
          strokeWidth={2}
        />
      </svg>
    </figure>
  );
}

/** All that stays the same while the slider moves. */
const Lines = memo(function Lines({
  forecast,
  product,
  names,
  weakest,
}: Omit<FillChartProps, 'at'>) {
  const x = across(forecast);
  const y = up(product);
  const { looks, neededMassFraction: needed } = forecast;
  const of = (index: number) =>
    line<Forecast['looks'][0]>()
      .x((_, i) => x((i * forecast.liters) / (looks.length - 1)))
      .y((look) => y(look.segments[index]!.lowestCellMassFraction))(looks) ?? '';
  return (
    <g fontSize={12.5} fill="var(--color-soft)">
      {y.ticks(4).map((w) => (
        <g key={w}>
          <path d={`M${EDGE.left} ${y(w)} H${W - EDGE.right}`} stroke="var(--color-line)" />
          <text x={EDGE.left - 6} y={y(w) + 4} textAnchor="end">
            {percent(w)}
          </text>
        </g>
      ))}
      {ticksIn('L', x.domain(), 8).map((l) => (
        <text key={l} x={x(l)} y={H - EDGE.bottom + 17} textAnchor="middle">
          {numberIn('L', l)}
        </text>
      ))}
      <text x={W - EDGE.right} y={H - 4} textAnchor="end">
        {unitIn('L')} gone in; weakest part of each segment, by mass
      </text>
      {needed != null && needed <= y.domain()[1]! && (
        <>
          <path
            d={`M${EDGE.left} ${y(needed)} H${W - EDGE.right}`}
            stroke="var(--color-verm)"
            strokeWidth={1.6}
            strokeDasharray="7 4"
          />
          <text x={W - EDGE.right + 6} y={y(needed) + 4} fill="var(--color-verm)" fontWeight={700}>
            needed {percent(needed)}
          </text>
        </>
      )}
      {looks[0]!.segments.map((segment, index) => (
        <path
          key={segment.name}
          d={of(index)}
          fill="none"
          stroke={segment.name === weakest ? 'var(--color-ink)' : 'var(--color-ice)'}
          strokeOpacity={segment.name === weakest ? 1 : 0.45}
          strokeWidth={segment.name === weakest ? 2.6 : 1.4}
        />
      ))}
      {needed == null || Math.abs(y(needed) - y(lastOf(forecast, weakest))) > 16 ? (
        <text
          x={W - EDGE.right + 6}
          y={y(lastOf(forecast, weakest)) + 4}
          fill="var(--color-ink)"
          fontWeight={700}
        >
          {names.get(weakest)}
        </text>
      ) : null}
    </g>
  );
});

function lastOf({ looks }: Forecast, key: string): number {
  return looks.at(-1)!.segments.find((s) => s.name === key)?.lowestCellMassFraction ?? 0;
}
