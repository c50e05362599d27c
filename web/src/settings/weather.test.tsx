import { cleanup, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, expect, it, vi } from 'vitest';
import { served } from '../testing/served.test';
import { WeatherSection } from './weather-section';

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const WEATHER = {
  source: '',
  simulated: false,
  fetchedAt: null,
  pastDays: 0,
  pastFirst: null,
  pastLast: null,
  coldSnap: null,
  canRefresh: false,
};

it('what is wrong in a file is settled row by row before any of it is kept', async () => {
  const problem = {
    row: 3,
    kind: 'MIN_ABOVE_MAX',
    date: '2001-11-02',
    words: 'The minimum, 8 °C, is above the maximum, 1 °C.',
    waysOut: [
      { way: 'SWAP', words: 'swap the two' },
      { way: 'LEAVE_OUT', words: 'leave the row out' },
    ],
  };
  const asked = served(<WeatherSection />, ({ path, method, body }) => {
    if (path === '/api/weather/days/check') {
      const settled = (body as { chosen: { byRow: Record<string, string> } }).chosen.byRow['3'];
      return {
        body: {
          rows: 2,
          days: settled ? 2 : 1,
          first: null,
          last: null,
          problemCount: settled ? 0 : 1,
          problems: settled ? [] : [problem],
        },
      };
    }
    if (method === 'PUT')
      return { body: { ...WEATHER, pastDays: 2, pastFirst: '2001-11-01', pastLast: '2001-11-02' } };
    return { body: WEATHER };
  });
  expect(await screen.findByText(/No past winters on record yet/)).toBeTruthy();
  const csv = 'date,tmin_c,tmax_c\n2001-11-01,2,9\n2001-11-02,8,1\n';
  await userEvent.upload(screen.getByLabelText('CSV file of days'), new File([csv], 'days.csv'));
  expect(await screen.findByText(/1 to settle before any of it is kept/)).toBeTruthy();
  expect(screen.queryByRole('button', { name: 'Keep these days' })).toBeNull();
  await userEvent.click(screen.getByRole('button', { name: 'swap the two' }));
  await userEvent.click(await screen.findByRole('button', { name: 'Keep these days' }));
  expect(await screen.findByText(/Kept. The frost clock goes by it now./)).toBeTruthy();
  const kept = asked.find(({ method }) => method === 'PUT')!.body as {
    csv: string;
    chosen: { byRow: Record<string, string> };
  };
  expect(kept.chosen.byRow).toEqual({ '3': 'SWAP' });
  expect(kept.csv).toBe(csv);
});
