import { cleanup, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { Route, Routes } from 'react-router';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { LaunchLine } from '../api/client';
import { served } from '../testing/served.test';
import { Launch } from './launch';
import { LaunchBoat } from './launch-boat';
import { PromisedSoon } from './promised-soon';

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const line = (over: Partial<LaunchLine>): LaunchLine => ({
  boat: over.name ?? 'boat',
  name: 'Boat',
  hullLengthM: 8,
  berthName: 'A1',
  afloat: false,
  promisedOn: '2031-04-08',
  may: false,
  ready: false,
  tags: [],
  inTheWay: [],
  lifted: null,
  place: 0,
  daysLate: 0,
  card: null,
  ...over,
});
const PLUG = { kind: 'HOLE' as const, words: 'Hull plug is OUT, bagged.' };
const SEACOCK = { kind: 'ON_THE_DAY' as const, words: 'Seacock not checked today.' };
const BOATS = [
  line({ name: 'First', may: true, ready: true, lifted: '2031-04-07', place: 1 }),
  line({ name: 'Second', ready: true, inTheWay: [SEACOCK], lifted: '2031-04-07', place: 2 }),
  line({ name: 'Third', inTheWay: [PLUG, SEACOCK], daysLate: 1, promisedOn: '2031-04-06' }),
  line({ name: 'Far', inTheWay: [PLUG], promisedOn: '2031-06-06' }),
];
const list = (boats: LaunchLine[]) => ({
  body: { today: '2031-04-07', liftsADay: 4, boats },
});

describe('who may go in the water', () => {
  it('stands in the order of the lift, with what stands between', async () => {
    served(<Launch />, () => list(BOATS));
    const today = await screen.findByRole('region', { name: 'Mon 7 Apr' });
    expect(within(today).getByText('May launch.')).toBeTruthy();
    expect(within(today).getByText('Ready for the lift.')).toBeTruthy();
    const later = screen.getByRole('region', { name: 'Not yet' });
    expect(within(later).getAllByText('Hull plug is OUT, bagged.')).toHaveLength(2);
    expect(within(later).getByText(/1 day late/)).toBeTruthy();
  });

  it('says so when nothing waits', async () => {
    served(<Launch />, () => list([]));
    expect(await screen.findByText(/No boat ashore was promised/)).toBeTruthy();
  });

  it('tells the Yard what was promised within a week and is not ready', async () => {
    served(<PromisedSoon />, () => list(BOATS));
    expect(await screen.findByText('Third')).toBeTruthy();
    expect(screen.getByText('too late')).toBeTruthy();
    expect(screen.queryByText('Second')).toBeNull();
    expect(screen.queryByText('Far')).toBeNull();
  });
});

describe('one boat at the lift', () => {
  const BOAT = {
    id: 'boat',
    description: { name: 'Boat' },
    fittings: [{ key: 'seacock', name: 'seacock', kind: 'SEACOCK', state: 'SHUT' }],
  };
  const shown = (of: Partial<LaunchLine>) =>
    served(
      <Routes>
        <Route path="/launch/:boatId" element={<LaunchBoat />} />
      </Routes>,
      ({ path, method }) => {
        if (method === 'POST') return { body: { ids: [], boat: BOAT } };
        if (path.includes('session')) return { body: { name: 'yard', role: 'YARD_HAND' } };
        if (path.includes('launch')) return { body: line(of) };
        return { body: BOAT };
      },
      '/launch/boat',
    );

  it('is no, and why', async () => {
    shown({ inTheWay: [PLUG] });
    expect(await screen.findByText('No')).toBeTruthy();
    expect(screen.getByText('Hull plug is OUT, bagged.')).toBeTruthy();
    expect(screen.queryByText('It goes in now')).toBeNull();
  });

  it('is yes, and it goes in', async () => {
    shown({ may: true, ready: true });
    expect(await screen.findByText('Yes')).toBeTruthy();
    expect(await screen.findByText('It goes in now')).toBeTruthy();
  });

  it('is looked at first', async () => {
    const asked = shown({ ready: true, inTheWay: [SEACOCK] });
    expect(await screen.findByText('Look first')).toBeTruthy();
    await userEvent.click(await screen.findByText('Seacock seen SHUT'));
    await waitFor(() =>
      expect(asked.find(({ method }) => method === 'POST')?.body).toMatchObject({
        entries: [{ kind: 'FITTING_SET', fitting: 'seacock', state: 'SHUT' }],
      }),
    );
  });

  it('floats', async () => {
    shown({ afloat: true });
    expect(await screen.findByText('It floats')).toBeTruthy();
  });
});
