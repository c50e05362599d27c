import { describe, expect, it } from 'vitest';
import type { StopView } from '../api/client';
import { boatStops, dayToShow, tasksOf } from './boat-stops';

const stop = (boat: string, task: string, start: number, over: Partial<StopView> = {}) =>
  ({
    boat,
    task,
    title: task,
    start,
    end: start + 30,
    date: '2031-10-29',
    workers: ['Orrin'],
    standing: 'OPEN',
    soak: null,
    backAt: null,
    pinned: false,
    ...over,
  }) as StopView;

const SOAKS = { soak: { fromMinutes: 240, toMinutes: 360 }, backAt: 780 };

describe('a walk by its boats', () => {
  it('puts together what is done at a boat in a row', () => {
    const boats = boatStops([
      stop('teal', 'drain', 480),
      stop('teal', 'fill', 510),
      stop('dunlin', 'prove', 560),
      stop('teal', 'close', 600),
    ]);
    expect(boats.map(({ boat, start, end }) => [boat, start, end])).toEqual([
      ['teal', 480, 540],
      ['dunlin', 560, 590],
      ['teal', 600, 630],
    ]);
    expect(tasksOf(boats[0]!)).toBe('drain, fill');
  });

  it('ends where something soaks and where somebody else leads', () => {
    const boats = boatStops([
      stop('teal', 'descale', 480, SOAKS),
      stop('teal', 'flush', 780),
      stop('teal', 'launch', 810, { workers: ['Tamsa', 'Orrin'] }),
    ]);
    expect(boats).toHaveLength(3);
    expect(boats[0]!.backAt).toBe(780);
  });

  it('stands as far as its tasks do, and is moved by the first that is left', () => {
    const [begun] = boatStops([
      stop('teal', 'drain', 480, { standing: 'DONE' }),
      stop('teal', 'fill', 510),
    ]);
    expect([begun!.standing, begun!.task]).toEqual(['BEGUN', 'fill']);
    const [done] = boatStops([stop('teal', 'drain', 480, { standing: 'DONE' })]);
    expect(done!.standing).toBe('DONE');
  });
});

describe('the day that is shown first', () => {
  const on = (date: string, start: number, many = 1) =>
    Array.from({ length: many }, (_, i) => stop(`b${i}`, 't', start, { date }));

  it('is today while there is a day to see', () => {
    expect(
      dayToShow([...on('2031-10-29', 480, 6), ...on('2031-10-30', 480, 6)], '2031-10-29', 500),
    ).toBe('2031-10-29');
  });

  it('is the next with work on a day off, in the evening, or when hardly any is left', () => {
    expect(dayToShow(on('2031-10-31', 480, 6), '2031-10-29', 500)).toBe('2031-10-31');
    const both = [...on('2031-10-29', 480, 6), ...on('2031-10-30', 480, 6)];
    expect(dayToShow(both, '2031-10-29', 1_000)).toBe('2031-10-30');
    const two = [...on('2031-10-29', 960, 1), ...on('2031-10-30', 480, 6)];
    expect(dayToShow(two, '2031-10-29', 955)).toBe('2031-10-30');
  });

  it('is today when nothing is planned at all', () => {
    expect(dayToShow([], '2031-10-29', 500)).toBe('2031-10-29');
  });
});
