import { cleanup, screen } from '@testing-library/react';
import { afterEach, expect, it, vi } from 'vitest';
import type { BoatLine, LooseEndLine, YardPlan } from '../api/client';
import { served } from '../testing/served.test';
import { YardLooseEnds } from './yard-loose-ends';

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const PLAN = { berths: [{ id: 'd3', name: 'D3' }] } as unknown as YardPlan;
const BOATS = [
  { id: 'tide', name: 'Tide Table', berth: 'd3' },
  { id: 'teal', name: 'Teal', berth: null },
] as unknown as BoatLine[];

function end(over: Partial<LooseEndLine>): LooseEndLine {
  return {
    boat: 'tide',
    boatName: 'Tide Table',
    berth: 'd3',
    fitting: 'cover',
    name: 'cover',
    state: 'TARP',
    stateWords: 'tarp',
    keepsAshore: false,
    person: 'technician',
    at: '2026-11-03T14:20:00Z',
    reason: '',
    ...over,
  };
}

const shown = (ends: LooseEndLine[]) =>
  served(<YardLooseEnds plan={PLAN} boats={BOATS} />, () => ({ body: ends }));

it('what keeps a boat ashore stands first, and a missing plug is counted', async () => {
  shown([
    end({}),
    end({
      fitting: 'drain',
      name: 'port block drain',
      state: 'OUT_MISSING',
      stateWords: 'OUT, missing',
      keepsAshore: true,
      reason: 'not in the bag',
    }),
    end({
      boat: 'teal',
      boatName: 'Teal',
      fitting: 'plug',
      name: 'hull plug',
      state: 'OUT_BAGGED',
    }),
  ]);
  expect(await screen.findByText(/3 loose ends on 2 boats · 1 plugs in bags/)).toBeTruthy();
  expect(screen.getByText(/1 missing/)).toBeTruthy();
  const tide = screen.getAllByRole('listitem').find((li) => li.textContent?.includes('D3'))!;
  expect(tide.textContent).toMatch(/Port block drain.*not in the bag.*Cover/);
  expect(screen.getByRole('link', { name: 'Teal' }).getAttribute('href')).toBe('/boats/teal');
});

it('there may be none', async () => {
  shown([]);
  expect(await screen.findByText('Everything is in commission.')).toBeTruthy();
});
