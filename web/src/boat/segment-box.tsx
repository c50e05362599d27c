import type { CircuitView, PointView } from '../api/client';
import { percent } from '../words/words';
import type { Placed } from '../path/path-layout';
import { SegmentName } from '../path/segment-name';
import { isShort } from '../parts/short';
import { liters } from '../words/quantity';

const FILLS = {
  WATER: '#cfe0ef',
  EMPTY: '#fffefb',
  UNMEASURED: '#efe3c4',
  GOOD: '#c0d4c8',
  SHORT: '#efc6bc',
};

function fillOf(placed: Placed, point: PointView | undefined, circuit: CircuitView): string {
  if (circuit.kind === 'COOLANT') return coolantFill(circuit);
  if (placed.segment.content !== 'ANTIFREEZE') return FILLS[placed.segment.content];
  const outcome = point?.verdict?.outcome;
  if (outcome === 'CHANGE_PRODUCT' || isShort(point)) return FILLS.SHORT;
  if (outcome === 'PROVEN' || outcome === 'PROVEN_WITH_REMARK') return FILLS.GOOD;
  return circuit.protection === 'PROVEN' ? FILLS.GOOD : FILLS.UNMEASURED;
}

function coolantFill(circuit: CircuitView): string {
  if (!circuit.coolant) return FILLS.UNMEASURED;
  return circuit.coolant.good ? FILLS.GOOD : FILLS.SHORT;
}

const CONTENT_WORDS = { WATER: 'water', EMPTY: 'empty', ANTIFREEZE: 'filled' };

interface SegmentBoxProps {
  placed: Placed;
  circuit: CircuitView;
  small: boolean;
  /** Where volumes can be changed: called with the segment's key. */
  edit?: ((segment: string) => void) | undefined;
}

/** A segment to volume, with what is in it and what was measured there. */
export function SegmentBox({ placed, circuit, small, edit }: SegmentBoxProps) {
  const { segment, x, y, width, height } = placed;
  const point = circuit.points.find((p) => p.segment === segment.key);
  const judge = point ?? circuit.points.find((p) => p.empties.includes(segment.key));
  const fill = fillOf(placed, judge, circuit);
  const short = fill === FILLS.SHORT;
  const measured = point?.massFraction != null ? percent(point.massFraction) : null;
  const predicted =
    segment.content === 'ANTIFREEZE'
      ? circuit.predicted?.find(({ name }) => name === segment.key)?.lowestCellMassFraction
      : undefined;
  const pump = segment.kind === 'PUMP' && width < 76;
  const below =
    measured ??
    (predicted != null ? `≈ ${percent(predicted)}` : null) ??
    (!small && height > 44 ? CONTENT_WORDS[segment.content] : null);
  const words = [
    `${segment.name}, ${liters(segment.liters)}, ${CONTENT_WORDS[segment.content]}`,
    predicted != null && `predicted ${percent(predicted)}`,
    measured && `measured ${measured}`,
  ]
    .filter(Boolean)
    .join(', ');
  return (
    <g>
      <title>{words}</title>
      {pump ? (
        <Pump
          x={x}
          y={y}
          r={Math.min(width, height) / 2 - (small ? 0 : 3)}
          half={width / 2}
          fill={fill}
        />
      ) : (
        <rect
          x={x - width / 2}
          y={y - height / 2}
          width={width}
          height={height}
          rx={segment.kind === 'TANK' || segment.kind === 'HEATER' ? 3 : 8}
          fill={fill}
          stroke={short ? 'var(--color-verm)' : 'var(--color-ink)'}
          strokeWidth={short ? 2.6 : 1.7}
          strokeDasharray={
            segment.content === 'EMPTY' && circuit.kind !== 'COOLANT' ? '6 4' : undefined
          }
        />
      )}
      {segment.kind === 'STRAINER' && (
        <path
          d={`M${x - width / 2 + 7} ${y + height / 2 - 5} l5 ${-height + 10} M${x + width / 2 - 7} ${y + height / 2 - 5} l-5 ${-height + 10}`}
          stroke="var(--color-ink)"
          strokeWidth={1}
          strokeDasharray="2 3"
        />
      )}
      <SegmentName
        name={segment.name}
        x={x}
        y={y - height / 2 - (segment.kind === 'STRAINER' ? 11 : 7)}
        width={width}
        small={small}
      />
      {!pump && (
        <text
          x={x}
          y={below ? y - 3 : y + 4.5}
          textAnchor="middle"
          fontSize={small ? 11.5 : 12.5}
          fill="#33414a"
        >
          {liters(segment.liters)}
        </text>
      )}
      {!pump && below && (
        <text
          x={x}
          y={y + (small ? 11 : 14)}
          textAnchor="middle"
          fontSize={measured ? (small ? 13 : 14.5) : 11.5}
          fontWeight={measured ? 700 : 400}
          fill={short ? 'var(--color-verm)' : measured ? 'var(--color-spruce)' : '#4a5860'}
          className={measured ? 'font-stencil' : undefined}
        >
          {below}
        </text>
      )}
      {edit && (
        <rect
          x={x - width / 2 - 3}
          y={y - height / 2 - 3}
          width={width + 6}
          height={height + 6}
          rx={9}
          role="button"
          tabIndex={0}
          aria-label={`Change ${words}`}
          className="hover:stroke-brass focus-visible:stroke-brass cursor-pointer fill-transparent outline-none"
          strokeWidth={2.6}
          onClick={() => edit(segment.key)}
          onKeyDown={(event) => {
            if (event.key !== 'Enter' && event.key !== ' ') return;
            event.preventDefault();
            edit(segment.key);
          }}
        />
      )}
    </g>
  );
}

interface PumpProps {
  x: number;
  y: number;
  r: number;
  /** Its pipes reach this far to either side. */
  half: number;
  fill: string;
}

function Pump({ x, y, r, half, fill }: PumpProps) {
  return (
    <g>
      <path d={`M${x - half} ${y} H${x + half}`} stroke="var(--color-ink)" strokeWidth={8} />
      <path d={`M${x - half} ${y} H${x + half}`} stroke="#dcd7ca" strokeWidth={5} />
      <circle cx={x} cy={y} r={r} fill={fill} stroke="var(--color-ink)" strokeWidth={1.8} />
      {[0, 60, 120].map((angle) => (
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
