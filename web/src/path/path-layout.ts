import type { PartView, SegmentView } from '../api/client';

/** A segment with its place in the drawing; x and y are its middle. */
export interface Placed {
  segment: SegmentView;
  x: number;
  y: number;
  width: number;
  height: number;
}

/** A pipe as corner points, from one segment to the next. */
export interface Pipe {
  key: string;
  points: [number, number][];
}

export interface PathLayout {
  /** The drawing reaches from top to top + height. */
  top: number;
  width: number;
  height: number;
  placed: Placed[];
  pipes: Pipe[];
  /** Where the thermostat stands; null where nothing lies behind one. */
  split: [number, number] | null;
  inlet: [number, number];
  outlets: [number, number][];
}

/** How much room a drawing takes: one engine alone has plenty, four circuits share a screen. */
export interface Density {
  gap: number;
  left: number;
  right: number;
  branchApart: number;
  /** Water rises on its way to the exhaust. */
  rise: number;
  /** Room for a name in two lines above a segment, and for a drain with its state below. */
  above: number;
  below: number;
  /** A drive leg hangs this far below the path. */
  leg: number;
  width: (liters: number) => number;
  height: (liters: number) => number;
}

const SHOWN_FROM_LITERS = 0.2;
/** A tank of hundreds of liters is not drawn to the scale of a pump. */
const SHOWN_TO_LITERS = 30;

const root = (liters: number) =>
  Math.sqrt(Math.min(Math.max(liters, SHOWN_FROM_LITERS), SHOWN_TO_LITERS));

export const ROOMY: Density = {
  gap: 30,
  left: 84,
  right: 70,
  branchApart: 206,
  rise: 34,
  above: 42,
  below: 60,
  leg: 128,
  width: (liters) => 44 + root(liters) * 21,
  height: (liters) => 34 + root(liters) * 13,
};

export const COMPACT: Density = {
  gap: 20,
  left: 62,
  right: 58,
  branchApart: 104,
  rise: 0,
  above: 32,
  below: 35,
  leg: 66,
  width: (liters) => 46 + root(liters) * 11,
  height: (liters) => 26 + root(liters) * 5,
};

const laidOut = new WeakMap<PartView[], Map<string, PathLayout>>();

/** The same layout for the same path, asked for more than once while a boat is drawn. */
export function pathLayout(path: PartView[], density: Density, leg: boolean): PathLayout {
  const known = laidOut.get(path) ?? new Map<string, PathLayout>();
  laidOut.set(path, known);
  const key = `${density.gap} ${leg}`;
  const layout = known.get(key) ?? layOutPath(path, density, leg);
  known.set(key, layout);
  return layout;
}

/** Lays a path out from the intake at the left to the exhaust at the right. */
export function layOutPath(path: PartView[], density: Density = ROOMY, leg = true): PathLayout {
  const layout: PathLayout = {
    top: 0,
    width: 0,
    height: 0,
    placed: [],
    pipes: [],
    split: null,
    inlet: [density.left - 26, 0],
    outlets: [],
  };
  const end = run(path, density.left, 0, [layout.inlet], layout, 0, density);
  layout.width = end.x + density.right;
  layout.outlets = end.open.map(([, y]) => [layout.width - 8, y]);
  end.open.forEach((from, i) => {
    layout.pipes.push({ key: `out-${i}`, points: [from, layout.outlets[i]!] });
  });
  layout.top = Math.min(...layout.placed.map((p) => p.y - p.height / 2)) - density.above;
  const bottom = Math.max(
    leg ? density.leg : 0,
    ...layout.placed.map((p) => p.y + p.height / 2 + density.below),
  );
  layout.height = bottom - layout.top;
  return layout;
}

interface End {
  x: number;
  open: [number, number][];
}

function run(
  parts: PartView[],
  startX: number,
  startY: number,
  from: [number, number][],
  layout: PathLayout,
  rise: number,
  density: Density,
): End {
  const { gap } = density;
  let x = startX;
  let y = startY;
  let open = from;
  parts.forEach((part, index) => {
    if (part.segment) {
      const width = density.width(part.segment.liters);
      const height = density.height(part.segment.liters);
      if (index > 0) y -= rise;
      const placed = { segment: part.segment, x: x + width / 2, y, width, height };
      if (part.segment.gated) layout.split ??= middleBefore(open[0]!, x, y);
      layout.placed.push(placed);
      for (const start of open) {
        layout.pipes.push({ key: `to-${part.segment.key}`, points: bend(start, [x, y], gap) });
      }
      open = [[x + width, y]];
      x += width + gap;
    } else if (part.branches) {
      const join = open[0]!;
      const splitAt: [number, number] = [x + gap * 1.1, y];
      layout.pipes.push({ key: `split-${index}`, points: [join, splitAt] });
      if (gatedFirst(part.branches)) layout.split ??= splitAt;
      const count = part.branches.length;
      const ends = part.branches.map((branch, i) =>
        run(
          branch,
          x + gap * 2.2,
          startY + (i - (count - 1) / 2) * density.branchApart + density.rise,
          [splitAt],
          layout,
          density.rise,
          density,
        ),
      );
      x = Math.max(...ends.map((end) => end.x)) + gap;
      open = ends.flatMap((end) => end.open);
    }
  });
  return { x: x - gap, open };
}

function bend(from: [number, number], to: [number, number], gap: number): [number, number][] {
  if (from[1] === to[1]) return [from, to];
  const half = to[0] - gap / 2 > from[0] ? to[0] - gap / 2 : from[0];
  return [from, [half, from[1]], [half, to[1]], to];
}

/** The thermostat stands where the path first goes behind it. */
function middleBefore(from: [number, number], x: number, y: number): [number, number] {
  return [(from[0] + x) / 2, y];
}

function gatedFirst(branches: PartView[][]): boolean {
  return branches.some((branch) => branch[0]?.segment?.gated);
}
