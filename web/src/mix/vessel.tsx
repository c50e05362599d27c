export interface Portion {
  name: string;
  liters: number;
  kind: 'CONCENTRATE' | 'WATER' | 'PRESENT';
}

const FILLS = { CONCENTRATE: '#d9909b', WATER: '#cfe0ef', PRESENT: '#e9cdd1' };
const TOP = 14;
const BOTTOM = 148;

/** A drum with its portions to scale, the first at the bottom. */
export function Vessel({ portions }: { portions: Portion[] }) {
  const total = portions.reduce((sum, { liters }) => sum + liters, 0);
  let y = BOTTOM;
  const layers = portions
    .filter(({ liters }) => liters > 0)
    .map((portion) => {
      const height = ((BOTTOM - TOP) * portion.liters) / total;
      y -= height;
      return { ...portion, y, height };
    });
  return (
    <svg viewBox="0 0 96 156" width={96} height={156} aria-hidden="true" className="shrink-0">
      {layers.map((layer) => (
        <rect
          key={layer.name}
          x={14}
          y={layer.y}
          width={68}
          height={layer.height}
          fill={FILLS[layer.kind]}
        />
      ))}
      <path
        d="M14 8 V142 a6 6 0 0 0 6 6 H76 a6 6 0 0 0 6 -6 V8"
        fill="none"
        stroke="var(--color-ink)"
        strokeWidth={1.8}
      />
      {[0.25, 0.5, 0.75].map((part) => (
        <path
          key={part}
          d={`M14 ${BOTTOM - part * (BOTTOM - TOP)} h9`}
          stroke="var(--color-ink)"
          strokeWidth={1}
        />
      ))}
      <path d="M8 8 H88" stroke="var(--color-ink)" strokeWidth={1.8} />
    </svg>
  );
}
