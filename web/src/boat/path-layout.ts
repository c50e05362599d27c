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
  /** Where the path splits, for the thermostat; null when it never does. */
  split: [number, number] | null;
  inlet: [number, number];
  outlets: [number, number][];
}

const GAP = 30;
const LEFT = 84;
const RIGHT = 70;
const BRANCH_APART = 206;
/** Water rises on its way to the exhaust. */
const RISE = 34;
/** Room for a name in two lines above a segment, and for a drain with its state below. */
const ABOVE = 42;
const BELOW = 60;
const LEG_BELOW = 128;

const SHOWN_FROM_LITERS = 0.2;

function size(segment: SegmentView): { width: number; height: number } {
  const scale = Math.sqrt(Math.max(segment.liters, SHOWN_FROM_LITERS));
  return { width: 44 + scale * 21, height: 34 + scale * 13 };
}

/** Lays a path out from the intake at the left to the exhaust at the right. */
export function layOutPath(path: PartView[]): PathLayout {
  const layout: PathLayout = {
    top: 0,
    width: 0,
    height: 0,
    placed: [],
    pipes: [],
    split: null,
    inlet: [LEFT - 26, 0],
    outlets: [],
  };
  const end = run(path, LEFT, 0, [layout.inlet], layout, 0);
  layout.width = end.x + RIGHT;
  layout.outlets = end.open.map(([, y]) => [layout.width - 8, y]);
  end.open.forEach((from, i) => {
    layout.pipes.push({ key: `out-${i}`, points: [from, layout.outlets[i]!] });
  });
  layout.top = Math.min(...layout.placed.map((p) => p.y - p.height / 2)) - ABOVE;
  const bottom = Math.max(LEG_BELOW, ...layout.placed.map((p) => p.y + p.height / 2 + BELOW));
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
): End {
  let x = startX;
  let y = startY;
  let open = from;
  parts.forEach((part, index) => {
    if (part.segment) {
      const { width, height } = size(part.segment);
      if (index > 0) y -= rise;
      const placed = { segment: part.segment, x: x + width / 2, y, width, height };
      layout.placed.push(placed);
      for (const start of open) {
        layout.pipes.push({ key: `to-${part.segment.key}`, points: bend(start, [x, y]) });
      }
      open = [[x + width, y]];
      x += width + GAP;
    } else if (part.branches) {
      const join = open[0]!;
      const splitAt: [number, number] = [x + GAP * 1.1, y];
      layout.pipes.push({ key: `split-${index}`, points: [join, splitAt] });
      layout.split ??= splitAt;
      const count = part.branches.length;
      const ends = part.branches.map((branch, i) =>
        run(
          branch,
          x + GAP * 2.2,
          startY + (i - (count - 1) / 2) * BRANCH_APART + RISE,
          [splitAt],
          layout,
          RISE,
        ),
      );
      x = Math.max(...ends.map((end) => end.x)) + GAP;
      open = ends.flatMap((end) => end.open);
    }
  });
  return { x: x - GAP, open };
}

function bend(from: [number, number], to: [number, number]): [number, number][] {
  if (from[1] === to[1]) return [from, to];
  const half = to[0] - GAP / 2 > from[0] ? to[0] - GAP / 2 : from[0];
  return [from, [half, from[1]], [half, to[1]], to];
}
