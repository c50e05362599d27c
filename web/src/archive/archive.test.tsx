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
  asked: true,
  name: 'elsko-2031-11-02-030000.zip',
  day: '2031-11-02',
  madeAt: '2031-11-02T02:00:00Z',
  bytes: 1_230_000,
};

const NONE = {
  backups: [] as (typeof ONE)[],
  dailyAt: '03:00',
  keep: 14,
  keepAsked: 5,
  lastJob: null,
  taken: {
    database: 40_000_000,
    photos: 12_000_000,
    backups: 3_000_000,
    free: 400_000_000,
    getsShort: false,
  },
};

const JOBS = [
  {
    id: 'a',
    kind: 'LETTERS',
    doing: 'Lay-up reports are written',
    person: 'Orrin',
    begunAt: '2031-11-02T02:00:00Z',
    endedAt: null,
    state: 'RUNS',
    done: 3,
    total: 12,
    words: '',
  },
];

function shown(role: string, made: { status?: number; body: unknown }, there = NONE) {
  return served(<Archive />, ({ path, method }) => {
    if (path === '/api/session') return { body: { name: 'Orrin', role } };
    if (path === '/api/jobs') return { body: JOBS };
    return method === 'POST' ? made : { body: there };
  });
}

describe('the archive', () => {
  it('is fetched as one file, and backed up with one click', async () => {
    shown('COORDINATOR', { body: { ...NONE, backups: [ONE] } });
    const fetched = await screen.findByRole('link', { name: 'Fetch the archive' });
    expect(fetched.getAttribute('href')).toBe('/api/archive/yard.zip');
    expect(await screen.findByText('There is none yet.')).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'Back up now' }));
    expect(await screen.findByText(ONE.name)).toBeTruthy();
    expect(screen.getByText('1.23 MB')).toBeTruthy();
  });

  it('says what is taken before it is too much, and how far what takes long is', async () => {
    const short = { ...NONE, taken: { ...NONE.taken, getsShort: true } };
    shown('COORDINATOR', { body: NONE }, short);
    expect(await screen.findByText(/40 MB on its disk, 12 MB of that/)).toBeTruthy();
    expect(screen.getByRole('alert').textContent).toContain('gets short');
    expect(await screen.findByText('goes on, 3 of 12')).toBeTruthy();
    expect(screen.getByRole('button', { name: 'Stop' })).toBeTruthy();
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
