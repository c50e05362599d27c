interface SquareCodeProps {
  label: string;
  size: number;
  path: string;
}

/** An address for another device's camera, with the quiet edge it needs. */
export function SquareCode({ label, size, path }: SquareCodeProps) {
  return (
    <svg
      role="img"
      aria-label={label}
      viewBox={`-4 -4 ${size + 8} ${size + 8}`}
      className="size-52 rounded-[3px_12px_12px_3px] bg-white"
      shapeRendering="crispEdges"
    >
      <path d={path} fill="#000" />
    </svg>
  );
}
