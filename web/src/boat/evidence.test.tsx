import { cleanup, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { BoatView } from '../api/client';
import { served } from '../testing/served.test';
import { Accepted } from './accepted';
import { Contradicted } from './contradicted';

afterEach(() => {
  cleanup();
  localStorage.clear();
  sessionStorage.clear();
  vi.unstubAllGlobals();
});

const BOAT = {
  id: 'marram',
  contradicted: [{ entry: 'late', words: 'Engine started, entered late. A rule forbade it then.' }],
  circuits: [
    { key: 'engine', name: 'engine raw water', protection: 'WET', accepted: null },
    { key: 'heads', name: 'heads', protection: 'DRAINED', accepted: null },
    {
      key: 'washdown',
      name: 'washdown',
      protection: 'WET',
      accepted: 'Accepted until 3 Dec by coordinator: heated',
    },
  ],
} as unknown as BoatView;

const entries = (asked: ReturnType<typeof served>) =>
  asked
    .filter(({ method }) => method === 'POST')
    .map(({ body }) => (body as { entries: object[] }).entries[0]);

describe('what came in late', () => {
  it('is said, and somebody says how it really is', async () => {
    const asked = served(<Contradicted boat={BOAT} may />, () => ({
      body: { ids: [], boat: BOAT },
    }));
    expect(screen.getByText(/A rule forbade it then/)).toBeTruthy();
    await userEvent.type(screen.getByLabelText('Looked: how is it really?'), 'joints whole{Enter}');
    await waitFor(() =>
      expect(entries(asked)[0]).toMatchObject({
        kind: 'LATE_SETTLED',
        entry: 'late',
        found: 'joints whole',
      }),
    );
  });

  it('is nothing where nothing contradicts', () => {
    served(<Contradicted boat={{ ...BOAT, contradicted: [] }} may />, () => ({ body: {} }));
    expect(screen.queryByText('Entered late')).toBeNull();
  });
});

describe('a circuit taken as it is', () => {
  it('stands in words, and only what is not safe is offered', async () => {
    served(<Accepted boat={BOAT} may />, () => ({ body: {} }));
    expect(screen.getByText(/Accepted until 3 Dec by coordinator/)).toBeTruthy();
    await userEvent.click(screen.getByText('accept a circuit as it is, for a while'));
    expect(screen.getAllByRole('option').map((one) => one.textContent)).toEqual([
      'engine raw water',
    ]);
  });

  it('needs a reason and an end; what is refused stands at its field and stays typed', async () => {
    const asked = served(<Accepted boat={BOAT} may />, ({ method }) =>
      method === 'POST'
        ? { status: 422, body: { field: 'until', detail: 'A day after today.' } }
        : { body: {} },
    );
    await userEvent.click(screen.getByText('accept a circuit as it is, for a while'));
    await userEvent.type(screen.getByLabelText('Why it may stay so'), 'heater in it');
    await userEvent.type(screen.getByLabelText('Or until a night at'), '-4{Enter}');
    expect((await screen.findByText('A day after today.')).textContent).toBeTruthy();
    expect(entries(asked)[0]).toMatchObject({
      kind: 'ACCEPTED',
      circuit: 'engine',
      reason: 'heater in it',
      untilC: -4,
    });
    expect(screen.getByLabelText<HTMLInputElement>('Why it may stay so').value).toBe(
      'heater in it',
    );
  });

  it('is offered to nobody who may not', () => {
    served(<Accepted boat={BOAT} may={false} />, () => ({ body: {} }));
    expect(screen.queryByText('accept a circuit as it is, for a while')).toBeNull();
  });
});
