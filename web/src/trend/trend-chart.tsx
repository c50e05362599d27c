import { scaleLinear, scaleTime } from 'd3-scale';
import { line as path } from 'd3-shape';
import type { TrendLine } from '../api/client';
import { dateOf, day } from '../words/words';
import { unitIn, saidIn, numberIn } from '../words/quantity';
import { ticksIn } from '../words/ticks';

type Point = TrendLine['points'][number];

const WIDTH = 520;
const HEIGHT = 190;
const LEFT = 44;
const RIGHT = 60;
const TOP = 14;
const BOTTOM = 28;
const HALF_A_YEAR_MS = 183 * 24 * 3600 * 1000;

interface ChartProps {
  line: TrendLine;
  /** When the readings were taken that speak for a fault. */
  evidence: string[];
}

/** Readings over the years, each with its number; what speaks for a fault is marked. */
export function TrendChart({ line, evidence }: ChartProps) {
  const points = line.points.filter((point) => point.value != null);
  const values = points.map((point) => point.value!);
  const times = points.map((point) => new Date(point.at).getTime());
  const low = Math.min(...values);
  const high = Math.max(...values);
  const room = Math.max((high - low) * 0.25, high * 0.02, 0.5);
  const x = scaleTime(
    [Math.min(...times) - HALF_A_YEAR_MS / 3, Math.max(...times) + HALF_A_YEAR_MS / 3],
    [LEFT, WIDTH - RIGHT],
  );
  const y = scaleLinear([Math.max(0, low - room), high + room], [HEIGHT - BOTTOM, TOP]).nice(4);
  const at = (point: Point) => x(new Date(point.at));
  const drawn = path<Point>()
    .x(at)
    .y((point) => y(point.value!));
  const last = points.at(-1)!;
  const marked = new Set(evidence);
  return (
    <>
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        className="w-full"
        role="img"
        aria-label={`${line.words} in ${unitIn(line.unit)}, ${points.length} readings, the last ${numberIn(line.unit, last.value!)}.`}
      >
        {ticksIn(line.unit, y.domain(), 4).map((value) => (
          <g key={value}>
            <line
              x1={LEFT}
              x2={WIDTH - RIGHT}
              y1={y(value)}
              y2={y(value)}
              stroke="var(--color-line)"
            />
            <text
              x={LEFT - 7}
              y={y(value) + 5}
              textAnchor="end"
              fill="var(--color-soft)"
              className="font-stencil"
              fontSize={15}
            >
              {numberIn(line.unit, value)}
            </text>
          </g>
        ))}
        {yearsOf(x.domain()).map((year) => (
          <text
            key={year}
            x={x(new Date(year, 0, 1))}
            y={HEIGHT - 8}
            textAnchor="middle"
            fill="var(--color-soft)"
            className="font-stencil"
            fontSize={15}
          >
            {year}
          </text>
        ))}
        <path d={drawn(points) ?? ''} fill="none" stroke="var(--color-ink)" strokeWidth={2} />
        {points.map((point) => (
          <circle
            key={point.at}
            cx={at(point)}
            cy={y(point.value!)}
            r={marked.has(point.at) ? 5.5 : 3.5}
            fill={marked.has(point.at) ? 'var(--color-verm)' : 'var(--color-ink)'}
          />
        ))}
        <text
          x={at(last) + 10}
          y={y(last.value!) + 5}
          fill={marked.has(last.at) ? 'var(--color-verm)' : 'var(--color-ink)'}
          className="font-stencil"
          fontSize={18}
          fontWeight={700}
        >
          {saidIn(line.unit, last.value!)}
        </text>
      </svg>
      <table className="sr-only">
        <caption>{line.words}</caption>
        <tbody>
          {points.map((point) => (
            <tr key={point.at}>
              <th scope="row">{day(dateOf(point.at))}</th>
              <td>{saidIn(line.unit, point.value!)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}

/** The years whose first day lies on the axis. */
function yearsOf([from, to]: Date[]): number[] {
  const years: number[] = [];
  for (let year = from!.getFullYear() + 1; year <= to!.getFullYear(); year++) years.push(year);
  return years;
}
