import { cleanup, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, expect, it, vi } from 'vitest';
import { served } from '../testing/served.test';
import { Account } from './account';
import { Join } from './join';

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
  window.location.hash = '';
});

it('a code leads to one’s own password, and stands in the address no longer', async () => {
  window.location.hash = '#abcde-fghjk';
  const asked = served(<Join />, ({ method }) =>
    method === 'POST'
      ? {
          status: 422,
          body: { field: 'password', detail: 'A password has at least 10 characters.' },
        }
      : { body: { name: 'Wick', role: 'YARD_HAND' } },
  );
  expect((await screen.findByText(/Good day/)).textContent).toContain('Wick');
  expect(window.location.hash).toBe('');
  await userEvent.type(screen.getByLabelText('Your password'), 'short');
  await userEvent.click(screen.getByRole('button', { name: 'Set it and come in' }));
  expect((await screen.findByRole('alert')).textContent).toContain('at least 10');
  expect(asked.find(({ method }) => method === 'POST')?.body).toEqual({ password: 'short' });
});

it('without a code it is asked for', async () => {
  served(<Join />, () => ({ status: 404, body: { detail: 'This code opens nothing any more.' } }));
  await userEvent.type(await screen.findByLabelText('Code'), 'old');
  await userEvent.click(screen.getByRole('button', { name: 'Go on' }));
  expect((await screen.findByRole('alert')).textContent).toContain('opens nothing any more');
});

it('devices that are not this one are signed out from here', async () => {
  const device = {
    device: 'PHONE',
    address: '10.0.0.7',
    begunAt: '2031-11-03T08:00:00Z',
    usedAt: '2031-11-03T09:00:00Z',
  };
  const asked = served(<Account />, () => ({
    body: [
      { ...device, key: 'a', mine: true },
      { ...device, key: 'b', mine: false },
    ],
  }));
  expect(await screen.findByText('this one')).toBeTruthy();
  await userEvent.click(screen.getByRole('button', { name: 'Sign it out' }));
  expect(asked.find(({ method }) => method === 'DELETE')?.path).toBe('/api/session/all/b');
});
