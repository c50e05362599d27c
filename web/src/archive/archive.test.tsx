import { cleanup, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { served } from '../testing/served.test';
import { Archive } from './archive';

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const ONE = {
  name: 'elsko-2031-11-02-030000.zip',
  day: '2031-11-02',
  madeAt: '2031-11-02T02:00:00Z',
  bytes: 1_230_000,
};

function shown(role: string, made: { status?: number; body: unknown }) {
  return served(<Archive />, ({ path, method }) => {
    if (path === '/api/session') return { body: { name: 'Orrin', role } };
    return method === 'POST' ? made : { body: { backups: [], dailyAt: '03:00', keep: 14 } };
  });
}

describe('the archive', () => {
  it('is fetched as one file, and backed up with one click', async () => {
    shown('COORDINATOR', { body: { backups: [ONE], dailyAt: '03:00', keep: 14 } });
    const fetched = await screen.findByRole('link', { name: 'Fetch the archive' });
    expect(fetched.getAttribute('href')).toBe('/api/archive/yard.zip');
    expect(await screen.findByText('There is none yet.')).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'Back up now' }));
    expect(await screen.findByText(ONE.name)).toBeTruthy();
    expect(screen.getByText('1.23 MB')).toBeTruthy();
  });

  it('says why a backup could not be made', async () => {
    shown('COORDINATOR', {
      status: 500,
      body: { title: 'x', detail: 'The disk is full.', status: 500 },
    });
    await userEvent.click(await screen.findByRole('button', { name: 'Back up now' }));
    expect((await screen.findByRole('alert')).textContent).not.toBe('');
  });

  it('is the coordinator’s', async () => {
    shown('VIEWER', { body: {} });
    expect(await screen.findByText('The archive is the coordinator’s.')).toBeTruthy();
    expect(screen.queryByRole('link', { name: 'Fetch the archive' })).toBeNull();
  });
});
