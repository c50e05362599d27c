/** A pipe from one segment to the next. */
export function PipeLine({ points, small }: { points: [number, number][]; small: boolean }) {
  const d = points.map(([x, y], i) => `${i ? 'L' : 'M'}${x} ${y}`).join(' ');
  return (
    <g fill="none" strokeLinejoin="round">
      <path d={d} stroke="var(--color-ink)" strokeWidth={small ? 8 : 10} />
      <path d={d} stroke="#dcd7ca" strokeWidth={small ? 5 : 6.5} />
    </g>
  );
}
