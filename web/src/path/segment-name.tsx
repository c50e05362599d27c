export function SegmentName({
  name,
  x,
  y,
  width,
  small,
}: {
  name: string;
  x: number;
  y: number;
  width: number;
  small: boolean;
}) {
  const words = name.split(' ');
  const size = small ? 11.5 : 12.5;
  const long = words.length > 1 && name.length * size * 0.5 > width + (small ? 4 : 0);
  return (
    <text x={x} y={y} textAnchor="middle" fontSize={size} fontWeight={700}>
      {long ? (
        <>
          <tspan x={x} dy={-size - 1}>
            {words.slice(0, -1).join(' ')}
          </tspan>
          <tspan x={x} dy={size + 1}>
            {words.at(-1)}
          </tspan>
        </>
      ) : (
        name
      )}
    </text>
  );
}
