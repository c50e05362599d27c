import type { Protection } from '../api/client';

/** How each protection is named. Worst first. */
export const PROTECTIONS: Protection[] = [
  'UNKNOWN',
  'WET',
  'HELD',
  'FILLED',
  'DRAINED',
  'PROVEN',
  'DRY_BUILT',
  'IN_SERVICE',
];

const WORDS: Record<Protection, string> = {
  UNKNOWN: 'unknown',
  WET: 'wet',
  HELD: 'held',
  FILLED: 'filled, not measured',
  DRAINED: 'drained',
  PROVEN: 'proven',
  DRY_BUILT: 'nothing to freeze',
  IN_SERVICE: 'in service',
};

export const protectionWords = (protection: Protection) => WORDS[protection];

const R = 6;

/** The mark of a protection, drawn around its origin: a shape first, a color second. */
export function ProtectionShape({ of, scale = 1 }: { of: Protection; scale?: number }) {
  return <g transform={`scale(${scale})`}>{shape(of)}</g>;
}

function shape(of: Protection) {
  switch (of) {
    case 'PROVEN':
      return (
        <>
          <circle r={R} fill="var(--color-spruce)" />
          <path
            d="M-3 0 L-0.7 2.5 L3.3 -2.5"
            fill="none"
            stroke="var(--color-card)"
            strokeWidth={1.8}
          />
        </>
      );
    case 'FILLED':
      return (
        <>
          <circle r={R} fill="var(--color-card)" stroke="var(--color-amber)" strokeWidth={1.6} />
          <path d={`M${-R} 0 A${R} ${R} 0 0 0 ${R} 0 Z`} fill="var(--color-amber)" />
        </>
      );
    case 'DRAINED':
      return (
        <circle r={R - 0.8} fill="var(--color-card)" stroke="var(--color-soft)" strokeWidth={2.2} />
      );
    case 'WET':
      return (
        <path
          d="M0 -8.1 C3 -3 6 0 6 2.1 A6 6 0 1 1 -6 2.1 C-6 0 -3 -3 0 -8.100Z"
          fill="var(--color-ice)"
        />
      );
    case 'HELD':
      return (
        <>
          <rect x={-R} y={-R} width={2 * R} height={2 * R} fill="var(--color-verm)" />
          <rect x={-3.9} y={-1.3} width={7.8} height={2.6} fill="var(--color-card)" />
        </>
      );
    case 'IN_SERVICE':
      return (
        <path
          d={`M${-R} ${-R} L${R} 0 L${-R} ${R} Z`}
          fill="var(--color-card)"
          stroke="var(--color-spruce)"
          strokeWidth={1.7}
        />
      );
    case 'DRY_BUILT':
      return <rect x={-R} y={-1.5} width={2 * R} height={3} fill="var(--color-soft)" />;
    case 'UNKNOWN':
      return (
        <>
          <circle
            r={R - 0.5}
            fill="var(--color-card)"
            stroke="var(--color-ice)"
            strokeWidth={1.6}
            strokeDasharray="3 2.2"
          />
          <path
            d="M-1.9 -1.6 A1.9 1.9 0 1 1 0 0.5 L0 1.1 M0 2.7 L0 3.3"
            fill="none"
            stroke="var(--color-ice)"
            strokeWidth={1.5}
          />
        </>
      );
  }
}

/** The mark on its own, beside text that names it. */
export function ProtectionMark({ of, size = 18 }: { of: Protection; size?: number }) {
  return (
    <svg width={size} height={size} viewBox="-9 -9 18 18" aria-hidden="true" className="shrink-0">
      <ProtectionShape of={of} />
    </svg>
  );
}

const TONES: Record<Protection, string> = {
  UNKNOWN: 'text-ice',
  WET: 'text-ice',
  HELD: 'text-verm',
  FILLED: 'text-amber',
  DRAINED: 'text-soft',
  PROVEN: 'text-spruce',
  DRY_BUILT: 'text-soft',
  IN_SERVICE: 'text-spruce',
};

export const protectionTone = (protection: Protection) => TONES[protection];
