import { cleanup, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { StoreLine } from '../api/client';
import { served } from '../testing/served.test';
import type { Asked } from '../testing/served.test';
import { Stores } from './stores';

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const ROSE: StoreLine = {
  item: 'product/Rose 38',
  name: 'Rose 38',
  unit: 'L',
  packageSize: 20,
  stock: 50,
  everCounted: true,
  shelves: [
    {
      shelf: 'lot/R-1',
      name: 'R-1',
      stock: 50,
      expiresOn: '2032-01-01',
      countedAt: '2031-11-01T08:00:00Z',
      countedBy: 'Orrin',
    },
    {
      shelf: 'lot/R-2',
      name: 'R-2',
      stock: 0,
      expiresOn: null,
      countedAt: null,
      countedBy: null,
    },
  ],
  needed: 81,
  runsOut: '2031-11-09',
  missing: 31,
  packages: 2,
  uses: [
    { day: '2031-11-04', quantity: 40, boat: 'Teal' },
    { day: '2031-11-09', quantity: 22, boat: 'Skua' },
    { day: null, quantity: 19, boat: 'Smew' },
  ],
};
const IMPELLER: StoreLine = {
  ...ROSE,
  item: 'impeller',
  name: 'impeller',
  unit: 'pieces',
  packageSize: 1,
  stock: 1,
  shelves: [{ ...ROSE.shelves[0]!, shelf: 'impeller', name: 'impeller', stock: 1 }],
  needed: 0,
  runsOut: null,
  missing: 0,
  packages: 0,
  uses: [],
};

function shown(refuse?: { field: string; detail: string }) {
  return served(
    <Stores />,
    ({ path, method }: Asked) => {
      if (path === '/api/session') return { body: { name: 'Orrin', role: 'COORDINATOR' } };
      if (method === 'GET') {
        return {
          body: { today: '2031-11-02', days: 30, plannedWith: 'Rose 38', lines: [ROSE, IMPELLER] },
        };
      }
      return refuse
        ? { status: 422, body: { title: 'x', status: 422, ...refuse } }
        : { body: path.endsWith('/count') ? { rows: 2 } : {} };
    },
    '/stores',
  );
}

describe('the stores', () => {
  it('say what to order in whole packages, and from when there is not enough', async () => {
    shown();
    const order = await screen.findByRole('region', { name: 'To order' });
    expect(order.textContent).toContain('2 × 20 L Rose 38 · not enough from 9 Nov 2031');
    expect(order.textContent).toContain('counted with Rose 38');
    expect(within(order).getByText('the order as a file').getAttribute('href')).toBe(
      '/api/stores/order.csv?days=30',
    );
    expect(screen.getByRole('img', { name: 'From 50 L down by 81 L in 30 days.' })).toBeTruthy();
    expect(screen.getByText('not needed')).toBeTruthy();
  });

  it('open to lots, uses and a count of one of them', async () => {
    const asked = shown();
    await userEvent.click(await screen.findByRole('button', { name: /^Rose 38/ }));
    expect(screen.getByText(/counted 1 Nov/)).toBeTruthy();
    expect(screen.getByText('not planned')).toBeTruthy();
    await userEvent.selectOptions(screen.getByLabelText('Lot'), 'lot/R-2');
    await userEvent.type(screen.getByLabelText('How much'), '19,5');
    await userEvent.click(screen.getByRole('button', { name: 'Write it down' }));
    await waitFor(() =>
      expect(asked.find(({ path }) => path === '/api/stores/moves')?.body).toEqual({
        shelf: 'lot/R-2',
        kind: 'COUNTED',
        quantity: 19.5,
        note: '',
      }),
    );
    await waitFor(() => expect(screen.getByLabelText('How much')).toHaveProperty('value', ''));
  });

  it('keep what was typed when it is refused', async () => {
    const asked = shown({ field: 'quantity', detail: 'Must be from 0.' });
    await userEvent.click(await screen.findByRole('button', { name: /^Impeller/ }));
    await userEvent.type(screen.getByLabelText('How much'), 'some');
    await userEvent.click(screen.getByRole('button', { name: 'Write it down' }));
    expect(await screen.findByText('Enter pieces, like 20.')).toBeTruthy();
    expect(asked.some(({ method }) => method === 'POST')).toBe(false);
    await userEvent.clear(screen.getByLabelText('How much'));
    await userEvent.type(screen.getByLabelText('How much'), '-3');
    await userEvent.click(screen.getByRole('button', { name: 'Write it down' }));
    expect(await screen.findByText('Must be from 0.')).toBeTruthy();
    expect(screen.getByLabelText('How much')).toHaveProperty('value', '-3');
  });

  it('are counted from a file, and say what is wrong with it', async () => {
    shown();
    const file = new File(['shelf,quantity\nimpeller,2\n'], 'count.csv', { type: 'text/csv' });
    await userEvent.upload(await screen.findByLabelText('File of the count'), file);
    expect(await screen.findByText('2 rows were counted.')).toBeTruthy();
    cleanup();
    shown({ field: 'csv', detail: 'Row 2: there is no such thing.' });
    await userEvent.upload(await screen.findByLabelText('File of the count'), file);
    expect(await screen.findByText('Row 2: there is no such thing.')).toBeTruthy();
  });
});
