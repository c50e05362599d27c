import { cleanup, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { BoatView } from '../api/client';
import { served } from '../testing/served.test';
import type { Asked } from '../testing/served.test';
import { BoatPapers } from './boat-papers';
import { Reports } from './reports';

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const LETTER = {
  id: 'l1',
  recipient: 'A. Verrin',
  subject: 'Teal is laid up',
  body: 'What was done.',
  attachmentName: 'lay-up-report.pdf',
  boat: 'teal',
  madeBy: 'Orrin',
  madeAt: '2031-11-02T08:00:00Z',
  sentAt: null as string | null,
};

interface Served {
  letters?: (typeof LETTER)[];
  progress?: object | null;
}

function shown(role: string, { letters = [LETTER], progress = null }: Served = {}) {
  return served(<Reports />, ({ path, method }: Asked) => {
    if (path === '/api/session') return { body: { name: 'Orrin', role } };
    if (path === '/api/mail') return { body: letters };
    if (method === 'POST') return { body: { done: 0, of: 3, running: true, stopped: false } };
    return { body: { progress } };
  });
}

describe('the reports', () => {
  it('are fetched in the units of whoever reads them, or in those chosen', async () => {
    shown('VIEWER');
    const season = await screen.findByRole('link', { name: 'Season summary' });
    expect(season.getAttribute('href')).not.toContain('units');
    await userEvent.selectOptions(screen.getByLabelText('Units'), 'METRIC');
    await userEvent.type(screen.getByLabelText(/Season from/), '2031-08-01');
    expect(screen.getByRole('link', { name: 'Season summary' }).getAttribute('href')).toBe(
      '/api/reports/season.pdf?units=METRIC&from=2031-08-01',
    );
    expect(screen.queryByRole('region', { name: 'Outbox' })).toBeNull();
  });

  it('refuses days the wrong way round and offers no sheet for them', async () => {
    shown('VIEWER');
    await userEvent.type(await screen.findByLabelText(/Season from/), '2031-08-02');
    await userEvent.type(screen.getByLabelText('to'), '2031-08-01');
    expect(screen.getByText('The last day comes before the first.')).toBeTruthy();
    expect(screen.queryByRole('link', { name: 'Season summary' })).toBeNull();
  });

  it('say what waits for the simulated post and what it took', async () => {
    shown('COORDINATOR', { letters: [LETTER, { ...LETTER, id: 'l2', sentAt: LETTER.madeAt }] });
    expect(await screen.findByText(/waits for the post/)).toBeTruthy();
    expect(screen.getByText(/sent 2 Nov 2031/)).toBeTruthy();
    expect(screen.getByText(/The post is simulated/)).toBeTruthy();
  });

  it('of all boats are written with progress and can be stopped', async () => {
    const asked = shown('COORDINATOR', {
      letters: [],
      progress: { done: 1, of: 3, running: true, stopped: false, trouble: null },
    });
    expect(await screen.findByText('1 of 3')).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'Stop' }));
    await waitFor(() => expect(asked.some(({ method }) => method === 'DELETE')).toBe(true));
    expect(screen.getByText('Nothing was sent yet.')).toBeTruthy();
  });
});

describe('the papers of a boat', () => {
  const boat = {
    id: 'teal',
    description: { owner: 'A. Verrin' },
    cards: [],
  } as unknown as BoatView;
  const offers = [
    { procedure: 'FLUSH', words: 'fresh-water flush' },
    { procedure: 'WINTERIZE', words: 'winterizing' },
  ];
  const isOffers = ({ path }: { path: string }) => path.endsWith('/offers');

  it('are fetched, and sent to the owner', async () => {
    served(<BoatPapers boat={boat} mayMail mayWork />, (one) => ({
      body: isOffers(one) ? offers : {},
    }));
    expect(screen.getByRole('link', { name: 'helm tag' }).getAttribute('href')).toBe(
      '/api/reports/boats/teal/helm-tag.pdf',
    );
    await userEvent.click(screen.getByRole('button', { name: 'send it to the owner' }));
    expect((await screen.findByRole('status')).textContent).toContain('for A. Verrin');
  });

  it('say why they cannot be sent', async () => {
    served(<BoatPapers boat={boat} mayMail mayWork />, (one) =>
      isOffers(one)
        ? { body: offers }
        : {
            status: 409,
            body: {
              title: 'x',
              status: 409,
              field: 'owner',
              detail: 'Nobody wrote down who owns it.',
            },
          },
    );
    await userEvent.click(screen.getByRole('button', { name: 'send it to the owner' }));
    expect(await screen.findByText('Nobody wrote down who owns it.')).toBeTruthy();
    expect(screen.queryByRole('status')).toBeNull();
  });

  it('have each card blank, to be typed in by whoever works', async () => {
    served(<BoatPapers boat={boat} mayMail={false} mayWork />, () => ({ body: offers }));
    const chosen = await screen.findByLabelText('Card on paper');
    await userEvent.selectOptions(chosen, 'Winterizing');
    expect(screen.getByRole('link', { name: 'blank card' }).getAttribute('href')).toBe(
      '/api/reports/boats/teal/card.pdf?procedure=WINTERIZE',
    );
    expect(screen.getByRole('link', { name: 'type one in' }).getAttribute('href')).toBe(
      '/boats/teal/paper/WINTERIZE',
    );
  });

  it('have nothing to type in for whoever only looks', async () => {
    served(<BoatPapers boat={boat} mayMail={false} mayWork={false} />, () => ({ body: offers }));
    expect(await screen.findByRole('link', { name: 'blank card' })).toBeTruthy();
    expect(screen.queryByRole('link', { name: 'type one in' })).toBeNull();
  });
});
