import { ProtectionShape } from '../parts/protection';
import { hullPath } from '../yard/hull';
import type { Protection } from '../api/client';

const LENGTHS = [92, 78, 104, 84, 96, 74, 88, 100, 80, 94];
const STATES: Protection[] = ['PROVEN', 'PROVEN', 'WET', 'PROVEN', 'FILLED', 'DRAINED', 'HELD'];

/** A yard seen from above, as decoration. */
export function HullMotif() {
  const rows = [0, 1, 2, 3, 4, 5, 6];
  return (
    <svg
      viewBox="0 0 760 800"
      preserveAspectRatio="xMidYMid slice"
      className="absolute inset-0 size-full"
      aria-hidden="true"
    >
      {rows.map((row) =>
        LENGTHS.map((_, i) => {
          const length = LENGTHS[(i + row * 3) % LENGTHS.length]!;
          const state = STATES[(i * 2 + row * 5) % STATES.length]!;
          return (
            <g key={`${row}-${i}`} transform={`translate(${40 + i * 76} ${118 + row * 122})`}>
              <path
                d={hullPath(length)}
                fill="var(--color-card)"
                stroke="var(--color-ink)"
                strokeWidth={1.3}
                opacity={0.9}
              />
              <g transform={`translate(0 ${-length * 0.4})`}>
                <ProtectionShape of={state} />
              </g>
            </g>
          );
        }),
      )}
      {rows.map((row) => (
        <rect key={row} x={0} y={120 + row * 122} width={760} height={7} fill="var(--color-line)" />
      ))}
    </svg>
  );
}
