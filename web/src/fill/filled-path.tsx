import { useId } from 'react';
import type { CircuitView, FilledSegment, Look } from '../api/client';
import { COMPACT, ROOMY, pathLayout } from '../path/path-layout';
import type { Placed } from '../path/path-layout';
import { pathSegments } from '../path/path-segments';
import { PipeLine } from '../path/pipe-line';
import { SegmentName } from '../path/segment-name';
import { percent } from '../words/words';
import { strengthColor } from './strength-colors';
import { liters } from '../words/quantity';

interface FilledPathProps {
  circuit: CircuitView;
  look: Look;
  needed: number | null;
  product: number;
}

const MANY_SEGMENTS = 13;

/** A boat's own water path with what a fill has left in each segment so far. */
export function FilledPath({ circuit, look, needed, product }: FilledPathProps) {
  const small = pathSegments(circuit.path).length > MANY_SEGMENTS;
  const layout = pathLayout(circuit.path, small ? COMPACT : ROOMY, false);
  const filled = new Map(look.segments.map((segment) => [segment.name, segment]));
  return (
    <svg
      viewBox={`0 ${layout.top} ${layout.width} ${layout.height - 24}`}
      className="max-h-[300px] w-full"
      role="img"
      aria-label={`What the fill leaves in the ${circuit.name}`}
    >
      {layout.pipes.map((pipe) => (
        <PipeLine key={pipe.key} points={pipe.points} small={small} />
      ))}
      {layout.placed.map((placed) => (
        <FilledBox
          key={placed.segment.key}
          placed={placed}
          filled={filled.get(placed.segment.key)}
          weakest={placed.segment.key === look.weakest}
          needed={needed}
          product={product}
          small={small}
        />
      ))}
      {layout.outlets.map(([x, y], i) => (
        <text key={i} x={x} y={y + 20} textAnchor="end" fontSize={12} fill="var(--color-soft)">
          {i === layout.outlets.length - 1 && `${liters(look.exhaustLiters)} out`}
        </text>
      ))}
    </svg>
  );
}

interface FilledBoxProps {
  placed: Placed;
  filled: FilledSegment | undefined;
  weakest: boolean;
  needed: number | null;
  product: number;
  small: boolean;
}

function FilledBox({ placed, filled, weakest, needed, product, small }: FilledBoxProps) {
  const clip = useId();
  const { segment, x, y, width, height } = placed;
  const left = x - width / 2;
  const top = y - height / 2;
  const held = filled ? filled.level * height : 0;
  return (
    <g>
      <clipPath id={clip}>
        <rect x={left} y={top} width={width} height={height} rx={8} />
      </clipPath>
      <rect x={left} y={top} width={width} height={height} rx={8} fill="var(--color-card)" />
      {filled && (
        <rect
          x={left}
          y={top + height - held}
          width={width}
          height={held}
          clipPath={`url(#${clip})`}
          fill={strengthColor(filled.lowestCellMassFraction, needed, product)}
        />
      )}
      <rect
        x={left}
        y={top}
        width={width}
        height={height}
        rx={8}
        fill="none"
        stroke="var(--color-ink)"
        strokeWidth={weakest ? 3 : 1.6}
        strokeDasharray={filled ? undefined : '3 4'}
      />
      <SegmentName name={segment.name} x={x} y={top - 7} width={width} small={small} />
      <text
        x={x}
        y={y + 5}
        textAnchor="middle"
        fontSize={small ? 13 : 15}
        fontWeight={700}
        className="font-stencil"
      >
        {filled ? percent(filled.lowestCellMassFraction) : 'not reached'}
      </text>
      {!small && filled && height > 44 && (
        <text x={x} y={y + 20} textAnchor="middle" fontSize={11.5} fill="#33414a">
          {filled.level > 0.999 ? 'full' : `${percent(filled.level)} full`}
        </text>
      )}
      {segment.gated && !small && (
        <text x={x} y={top + height + 14} textAnchor="middle" fontSize={11} fill="#54616a">
          behind thermostat
        </text>
      )}
    </g>
  );
}
