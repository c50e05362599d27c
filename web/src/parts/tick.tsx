/** The box that shows whether something was given. */
export function Tick({ done }: { done: boolean }) {
  return (
    <svg width={26} height={26} viewBox="0 0 26 26" aria-hidden="true" className="shrink-0">
      <rect
        x={1.5}
        y={1.5}
        width={23}
        height={23}
        rx={4}
        fill={done ? 'var(--color-spruce)' : 'none'}
        stroke={done ? 'var(--color-spruce)' : 'var(--color-soft)'}
        strokeWidth={2}
      />
      {done && (
        <path
          d="M7 13.5 L11.5 18 L19.5 8.5"
          fill="none"
          stroke="var(--color-paper)"
          strokeWidth={3}
        />
      )}
    </svg>
  );
}
