import { cleanup, screen } from '@testing-library/react';
import { afterEach, expect, it, vi } from 'vitest';
import type { WalksView } from '../api/client';
import { served } from '../testing/served.test';
import { Season } from './season';
import { lostByADay, ropes, safeBy, safeByDay } from './season-ropes';

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const ahead = (name: string, more: object) => ({
  boat: name,
  name,
  races: 'deadline' in more,
  deadline: null,
  safeOn: null,
  slackDays: null,
  promisedOn: null,
  keptOn: null,
  late: null,
  holds: null,
  ...more,
});

const view = (boats: object[]) =>
  ({
    today: '2031-11-03',
    plan: {
      stops: [
        { boat: 'Teal', date: '2031-11-05', standing: 'OPEN' },
        { boat: 'Teal', date: '2031-11-04', standing: 'OPEN' },
        { boat: 'Dunlin', date: '2031-11-03', standing: 'DONE' },
      ],
      ahead: boats,
    },
    loads: Array.from({ length: 7 }, (_, day) => ({
      date: `2031-11-0${day + 3}`,
      plannedMinutes: 0,
      capacityMinutes: day === 5 ? 0 : 900,
      lowC: day - 4,
      deadlines: 0,
    })),
  }) as unknown as WalksView;

const TEAL = ahead('Teal', { deadline: '2031-11-06', safeOn: '2031-11-05', slackDays: 1 });
const DUNLIN = ahead('Dunlin', { deadline: '2031-11-04', safeOn: '2031-11-04', slackDays: 0 });
const PLOVER = ahead('Plover', { holds: 61, promisedOn: '2031-11-07', keptOn: '2031-11-07' });

it('a rope runs from the first open stop to the day a boat is safe', () => {
  const all = ropes(view([TEAL, DUNLIN, PLOVER]));
  expect(all[0]).toMatchObject({ begins: 1, safe: 2, frost: 3, slack: 1 });
  expect(all[1]!.begins).toBeNull();
  expect(safeBy(all)).toBe(2);
  expect(safeByDay(all, 4)).toEqual([0, 1, 2, 2]);
  expect(lostByADay(all).map(({ name }) => name)).toEqual(['Dunlin', 'Plover']);
});

it('while one boat that frost reaches has no day, nothing is said to be safe', () => {
  const all = ropes(view([TEAL, ahead('Smew', { deadline: '2031-11-09', late: 'not planned' })]));
  expect(safeBy(all)).toBeNull();
  expect(lostByADay(all)).toEqual([]);
});

it('says by when the yard is safe, what is tight, and what a lost day costs', async () => {
  served(<Season />, () => ({ body: view([TEAL, DUNLIN, PLOVER]) }));
  expect(
    await screen.findByText(
      /By Wed 5 Nov every boat that must be done before the frost is safe, 2 in all/,
    ),
  ).toBeTruthy();
  expect(screen.getByText(/A lost day would make 2 boats late: Dunlin, Plover/)).toBeTruthy();
  expect(screen.getByText(/less than four times in five: Plover 61 %/)).toBeTruthy();
  expect(screen.getByRole('img').getAttribute('aria-label')).toContain('Teal: 1 day of slack');
});
