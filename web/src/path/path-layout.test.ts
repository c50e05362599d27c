import { describe, expect, it } from 'vitest';
import type { PartView, SegmentView } from '../api/client';
import { COMPACT, layOutPath } from './path-layout';

function part(key: string, liters: number, gated = false): PartView {
  const segment: SegmentView = {
    key,
    name: key,
    kind: 'HOSE',
    liters,
    gated,
    content: 'WATER',
  };
  return { segment, branches: null };
}

const V8: PartView[] = [
  part('intake', 1),
  part('pump', 0.3),
  {
    segment: null,
    branches: [
      [part('block-p', 4.5, true), part('manifold-p', 2.2)],
      [part('block-s', 4.5, true), part('manifold-s', 2.2)],
    ],
  },
];

describe('the water path drawing', () => {
  const layout = layOutPath(V8);
  const at = (key: string) => layout.placed.find((p) => p.segment.key === key)!;

  it('places every segment once', () => {
    expect(layout.placed.map((p) => p.segment.key)).toHaveLength(6);
  });

  it('draws more liters wider', () => {
    expect(at('block-p').width).toBeGreaterThan(at('pump').width);
  });

  it('runs from the intake at the left to an exhaust for each branch', () => {
    expect(at('intake').x).toBeLessThan(at('pump').x);
    expect(at('pump').x).toBeLessThan(at('block-p').x);
    expect(layout.outlets).toHaveLength(2);
  });

  it('keeps branches apart and inside the drawing', () => {
    for (const a of layout.placed) {
      expect(a.x - a.width / 2).toBeGreaterThanOrEqual(0);
      expect(a.x + a.width / 2).toBeLessThanOrEqual(layout.width);
      expect(a.y - a.height / 2).toBeGreaterThanOrEqual(layout.top);
      expect(a.y + a.height / 2).toBeLessThanOrEqual(layout.top + layout.height);
      for (const b of layout.placed) {
        if (a === b) continue;
        const apart =
          Math.abs(a.x - b.x) >= (a.width + b.width) / 2 ||
          Math.abs(a.y - b.y) >= (a.height + b.height) / 2;
        expect(apart, `${a.segment.key} and ${b.segment.key}`).toBe(true);
      }
    }
  });

  it('takes less room where several circuits share the screen', () => {
    const small = layOutPath(V8, COMPACT);
    expect(small.width).toBeLessThan(layout.width);
    expect(small.height).toBeLessThan(layout.height * 0.75);
    expect(layOutPath([part('tank', 400)], COMPACT).width).toBeLessThan(260);
  });

  it('says where the thermostat stands', () => {
    expect(layout.split).not.toBeNull();
    expect(layOutPath([part('only', 1)]).split).toBeNull();
  });
});
