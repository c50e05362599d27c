import { cleanup, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, expect, it, vi } from 'vitest';
import type { ImportView } from '../api/client';
import { served } from '../testing/served.test';
import { Import } from './import';

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

function view(over: Partial<ImportView>): ImportView {
  return {
    id: 'job',
    state: 'DONE',
    keeps: false,
    done: 2,
    total: 2,
    rows: 2,
    added: 2,
    changed: 0,
    unchanged: 0,
    problemCount: 0,
    problems: [],
    reason: null,
    ...over,
  };
}

function shown(answer: (keep: boolean) => ImportView, role = 'COORDINATOR') {
  let keep = false;
  return served(<Import />, ({ method, path }) => {
    if (path.includes('session')) return { body: { name: 'me', role } };
    if (method === 'POST') keep = path.includes('keep=true');
    return { body: answer(keep) };
  });
}

const choose = async (csv: string) =>
  userEvent.upload(
    await screen.findByLabelText('CSV file'),
    new File([csv], 'fleet.csv', { type: 'text/csv' }),
  );

it('a file is looked at first, then imported', async () => {
  const asked = shown((keep) => view({ keeps: keep }));
  await choose('name\nA\nB\n');
  expect((await screen.findByRole('status')).textContent).toContain('2 rows, nothing wrong: 2 new');
  await userEvent.click(screen.getByRole('button', { name: 'Import them' }));
  await waitFor(() => expect(screen.getByRole('status').textContent).toContain('2 taken in'));
  const posts = asked.filter(({ method }) => method === 'POST');
  expect(posts.map(({ path }) => path)).toEqual([
    '/api/imports?keep=false',
    '/api/imports?keep=true',
  ]);
  expect(posts[1]!.body).toBe('name\nA\nB\n');
});

it('every problem is named by row and column, and nothing can be imported', async () => {
  shown(() =>
    view({
      added: 1,
      problemCount: 3,
      problems: [{ row: 5, column: 'exhaust', reason: 'does not exist on an outboard' }],
    }),
  );
  await choose('name\nA\n');
  expect((await screen.findByRole('alert')).textContent).toContain('3 problems in 2 rows');
  expect(screen.getByRole('row', { name: /5 exhaust does not exist/ })).toBeTruthy();
  expect(screen.getByText('and 2 more')).toBeTruthy();
  expect(screen.queryByRole('button', { name: 'Import them' })).toBeNull();
});

it('what is no fleet file is refused as a whole', async () => {
  shown(() => view({ state: 'REFUSED', reason: 'There is no column "boot".' }));
  await choose('boot\n');
  expect((await screen.findByRole('alert')).textContent).toBe('There is no column "boot".');
});

it('a running import can be stopped', async () => {
  const asked = shown((keep) => view({ state: 'RUNNING', keeps: keep, done: 1 }));
  await choose('name\nA\n');
  expect((await screen.findByRole('region', { name: 'Progress' })).textContent).toContain(
    'reading 1 of 2',
  );
  await userEvent.click(screen.getByRole('button', { name: 'Stop' }));
  await waitFor(() => expect(asked.some(({ method }) => method === 'DELETE')).toBe(true));
});

it('only the coordinator imports', async () => {
  shown(() => view({}), 'TECHNICIAN');
  expect(await screen.findByText('The coordinator imports the fleet.')).toBeTruthy();
});
