import { expect, test } from 'vitest';
import { stepTo } from './step-to';

const box = (name: string, left: number, top: number, width = 60) => ({
  name,
  left,
  top,
  width,
  height: 40,
});
const ROW = [box('a', 0, 0), box('b', 70, 0), box('c', 140, 0)];
const NEXT = [box('d', 0, 60), box('e', 70, 60), box('end', 140, 60, 300)];
const ALL = [...ROW, ...NEXT];

test('along a walk an arrow goes to the next place, and stops at its end', () => {
  expect(stepTo('ArrowRight', ROW[0]!, ALL)?.name).toBe('b');
  expect(stepTo('ArrowLeft', ROW[2]!, ALL)?.name).toBe('b');
  expect(stepTo('ArrowRight', ROW[2]!, ALL)).toBeNull();
  expect(stepTo('ArrowLeft', ROW[0]!, ALL)).toBeNull();
});

test('across, it goes to the nearest place of the next walk', () => {
  expect(stepTo('ArrowDown', ROW[1]!, ALL)?.name).toBe('e');
  expect(stepTo('ArrowUp', NEXT[0]!, ALL)?.name).toBe('a');
  expect(stepTo('ArrowUp', ROW[0]!, ALL)).toBeNull();
});

test('a place that is carried a little off its row finds the row again', () => {
  expect(stepTo('ArrowRight', box('held', 4, 6), ALL)?.name).toBe('b');
});
