import type { StopView } from '../api/client';

/** A stop on somebody's walk, but for what a test says. */
export function stop(over: Partial<StopView>): StopView {
  return {
    boat: 'teal',
    name: 'Teal',
    berth: 'C3',
    berthName: 'C3',
    task: 'empty',
    title: 'Warm and drain',
    workers: ['Orrin'],
    date: '2031-10-29',
    start: 480,
    end: 520,
    soak: null,
    backAt: null,
    pinned: false,
    standing: 'OPEN',
    deadline: '2031-11-02',
    promisedOn: null,
    procedure: 'WINTERIZE',
    tags: [],
    card: null,
    ...over,
  };
}
