import { cleanup, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, expect, it, vi } from 'vitest';
import { served } from '../testing/served.test';
import { JudgedAnew } from '../yard/judged-anew';
import { Spring } from './spring';

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

it('says how often what autumn claimed was right, the misses first', async () => {
  const told = (boatName: string, outcome: string, found: string) => ({
    boat: boatName,
    boatName,
    circuit: 'engine raw water',
    claimed: outcome === 'MISSED' ? 'PROVEN' : 'WET',
    found,
    outcome,
    at: '2032-04-02T09:00:00Z',
  });
  served(<Spring />, () => ({
    body: {
      held: 11,
      missed: 1,
      warned: 1,
      lucky: 3,
      surprises: [told('Marram', 'MISSED', 'a crack'), told('Teal', 'WARNED', 'a crack')],
    },
  }));
  expect(
    (await screen.findByText(/Of 12 circuits that were called safe, 11 were whole/)).textContent,
  ).toContain('1 broken though called safe. Of 4 that were not, 1 were broken.');
  expect(screen.getAllByRole('row')[1]!.textContent).toContain('called safe, and broken');
});

it('says what is missing before anybody has looked', async () => {
  served(<Spring />, () => ({ body: { held: 0, missed: 0, warned: 0, lucky: 0, surprises: [] } }));
  expect(await screen.findByText(/Nobody has looked yet/)).toBeTruthy();
});

it('lists what newer rules judge otherwise until somebody has seen it', async () => {
  let seen = false;
  const asked = served(<JudgedAnew may />, ({ method }) => {
    seen ||= method === 'DELETE';
    return {
      body: seen
        ? []
        : [
            {
              boat: 'marram',
              name: 'Marram',
              was: 'PROVEN',
              became: 'FILLED',
              why: 'Nothing tells of the intake hose.',
            },
          ],
    };
  });
  expect((await screen.findByRole('listitem')).textContent).toContain('Nothing tells of');
  await userEvent.click(screen.getByRole('button', { name: 'Seen' }));
  expect(asked.some(({ method }) => method === 'DELETE')).toBe(true);
  await vi.waitFor(() => expect(screen.queryByText('Judged anew')).toBeNull());
});
