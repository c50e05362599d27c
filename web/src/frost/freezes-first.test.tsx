import { cleanup, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, expect, it, vi } from 'vitest';
import { served } from '../testing/served.test';
import { FreezesFirst } from './freezes-first';

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const NIGHT = { evening: '2031-10-28', lowC: 1, lowestTenthC: -1, frostShare: 0.2 };

const FROST = {
  ready: true,
  today: '2031-10-28',
  nights: Array.from({ length: 14 }, () => NIGHT),
  boats: [
    {
      boat: 'teal',
      deadline: '2031-12-01',
      evenOdds: null,
      daysLeft: 34,
      chance: 0,
      firstToGo: 'pump',
    },
    {
      boat: 'marram',
      deadline: '2031-10-29',
      evenOdds: '2031-11-02',
      daysLeft: 1,
      chance: 0.4,
      firstToGo: 'hose',
    },
    { boat: 'thrift', deadline: null, evenOdds: null, daysLeft: null, chance: 0, firstToGo: null },
  ],
};

const AHEAD = {
  boat: 'marram',
  safeOn: '2031-10-30',
  late: 'safe on Thu 30 Oct, its frost deadline is Wed 29 Oct',
};

const shown = () =>
  served(<FreezesFirst />, ({ path }) => {
    if (path === '/api/frost') return { body: FROST };
    if (path === '/api/walks') return { body: { plan: { ahead: [AHEAD] } } };
    if (path === '/api/yard/plan') return { body: { berths: [{ id: 'C2', name: 'C2' }] } };
    return {
      body: ['marram', 'teal', 'thrift'].map((id) => ({
        id,
        name: id[0]!.toUpperCase() + id.slice(1),
        protection: 'WET',
        berth: 'C2',
      })),
    };
  });

const names = () =>
  within(screen.getByRole('table'))
    .getAllByRole('link')
    .map((link) => link.textContent);

it('lists every boat with a deadline, the first one first, and what is planned', async () => {
  shown();
  expect(await screen.findByText('40 %')).toBeTruthy();
  expect(names()).toEqual(['Marram', 'Teal']);
  expect(await screen.findByText(/late: safe on Thu 30 Oct/)).toBeTruthy();
  expect(screen.getByText('not planned')).toBeTruthy();
});

it('is sorted by any column, and its counts lead to their boats', async () => {
  shown();
  await userEvent.click(await screen.findByRole('button', { name: 'What goes first' }));
  expect(names()).toEqual(['Marram', 'Teal']);
  await userEvent.click(screen.getByRole('button', { name: 'Planned' }));
  expect(names()).toEqual(['Marram', 'Teal']);
  await userEvent.click(screen.getByRole('button', { name: '1 within 14 nights' }));
  expect(names()).toEqual(['Marram']);
});
