import { cleanup, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, expect, it, vi } from 'vitest';
import { served } from '../testing/served.test';
import { BoatDates } from './boat-dates';

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

it('says from when a boat is ours and until when it was promised', async () => {
  served(<BoatDates boat="teal" mayChange={false} />, () => ({
    body: { releaseOn: '2031-11-03', promisedOn: '2031-11-12' },
  }));
  expect((await screen.findByText(/Ours from/)).textContent).toContain(
    'Ours from Mon 3 Nov, work promised by Wed 12 Nov.',
  );
  expect(screen.queryByRole('button', { name: 'change' })).toBeNull();
});

it('a promise before the release is refused at its field, and what was typed stays', async () => {
  const asked = served(<BoatDates boat="teal" mayChange />, ({ method }) =>
    method === 'PUT'
      ? {
          status: 422,
          body: { field: 'promisedOn', detail: 'It is promised before it may be worked on.' },
        }
      : { body: { releaseOn: '2031-11-03', promisedOn: null } },
  );
  await userEvent.click(await screen.findByRole('button', { name: 'change' }));
  const promised = screen.getByLabelText<HTMLInputElement>('Promised by');
  await userEvent.type(promised, '2031-11-01');
  await userEvent.click(screen.getByRole('button', { name: 'Save' }));
  expect((await screen.findByRole('alert')).textContent).toContain('promised before');
  expect(promised.value).toBe('2031-11-01');
  expect(asked.find(({ method }) => method === 'PUT')?.body).toEqual({
    was: { releaseOn: '2031-11-03', promisedOn: null, launchOn: null },
    now: { releaseOn: '2031-11-03', promisedOn: '2031-11-01', launchOn: null },
  });
});
