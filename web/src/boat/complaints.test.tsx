import { cleanup, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { BoatView, CauseView, ComplaintView } from '../api/client';
import { served } from '../testing/served.test';
import { Complaints } from './complaints';

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const BOAT = {
  id: 'tern',
  circuits: [
    { key: 'port-engine', kind: 'RAW_WATER', engine: 'PORT' },
    { key: 'starboard-engine', kind: 'RAW_WATER', engine: 'STARBOARD' },
  ],
} as unknown as BoatView;

const NO_WORK = {
  card: null,
  item: null,
  perEngine: false,
  what: '',
  words: '',
  choices: [],
  wanted: false,
};

const cause = (key: string, work: Partial<CauseView['work']>): CauseView => ({
  key,
  words: key,
  percent: 30,
  minutes: 20,
  how: 'Looked at.',
  because: '',
  guide: null,
  work: { ...NO_WORK, ...work },
  waiting: 8,
  risk: '',
});

const COMPLAINT: ComplaintView = {
  id: 'c1',
  engine: 'STARBOARD',
  complaint: 'RAN_HOT',
  words: 'Starboard engine ran hot',
  by: 'owner',
  at: '2027-03-01T10:00:00Z',
  settledAt: null,
  causes: [
    cause('impeller', {
      card: 'PUMP',
      words: 'Open a card: raw-water pump',
      choices: [
        { circuit: 'port-engine', name: 'port', usual: 'OVERHAUL', all: [] },
        { circuit: 'starboard-engine', name: 'starboard', usual: 'OVERHAUL', all: [] },
      ],
    }),
    cause('elbow', { item: 'elbow', perEngine: true, words: 'Plan: elbow' }),
    cause('hoses', { item: 'hoses', words: 'Plan: hoses' }),
    cause('grille', { what: 'grille cleared', words: 'Add: grille cleared' }),
    cause('strainer', { what: 'strainer cleaned', wanted: true }),
  ],
  oneThing: true,
  minutesToFind: 34.4,
  minutesForAll: 80,
  waiting: 6.25,
  curve: { before: [], after: [], words: 'Its gauge was never read warm.' },
};

function shown(complaints: ComplaintView[], may = true) {
  const asked = served(<Complaints boat={BOAT} may={may} />, ({ path, method }) => {
    if (method === 'POST') return { body: { ids: [], boat: BOAT } };
    if (path.includes('complaints')) return { body: complaints };
    if (path.includes('guides')) {
      const look = { key: 'grille', question: 'Grille: free?', how: 'A lamp.', answers: [] };
      const guide = { key: 'running-hot', title: 'Running hot', first: 'Stop.', hazards: [] };
      return { body: [{ ...guide, looks: [look] }] };
    }
    return { body: { releaseOn: null, promisedOn: '2027-04-02', launchOn: null } };
  });
  return () =>
    asked
      .filter(({ method }) => method === 'POST')
      .map(({ body }) => (body as { entries: object[] }).entries[0]);
}

describe('what the owner says', () => {
  it('is nothing where nobody complained', async () => {
    shown([]);
    await Promise.resolve();
    expect(screen.queryByText('What the owner says')).toBeNull();
  });

  it('says what looking costs, what waiting risks and what was promised', async () => {
    shown([COMPLAINT]);
    expect(await screen.findByText(/after 34 min on average, 80 at most/)).toBeTruthy();
    expect(screen.getByText(/6.3, where an engine is 25 \(estimated\)/)).toBeTruthy();
    expect(await screen.findByText(/Promised by/)).toBeTruthy();
    expect(screen.getByText('on its work')).toBeTruthy();
  });

  it('opens the card of the engine it is about', async () => {
    const sent = shown([COMPLAINT]);
    await userEvent.click(await screen.findByText('Open a card: raw-water pump'));
    await waitFor(() =>
      expect(sent()[0]).toMatchObject({
        kind: 'CARD_OPENED',
        procedure: 'PUMP',
        choices: { 'starboard-engine': 'OVERHAUL' },
      }),
    );
  });

  it.each([
    ['Plan: elbow', { kind: 'DUE_PLANNED', item: 'elbow', engine: 'STARBOARD' }],
    ['Plan: hoses', { kind: 'DUE_PLANNED', item: 'hoses', engine: null }],
    ['Add: grille cleared', { kind: 'WORK_ADDED', what: 'grille cleared' }],
    ['It is seen to', { kind: 'WORK_DONE', work: 'c1' }],
  ])('one tap: %s', async (button, entry) => {
    const sent = shown([COMPLAINT]);
    await userEvent.click(await screen.findByText(button));
    await waitFor(() => expect(sent()[0]).toMatchObject(entry));
  });

  it('leads along the guide of what is complained of', async () => {
    const [impeller, ...others] = COMPLAINT.causes;
    shown([{ ...COMPLAINT, causes: [{ ...impeller!, guide: 'running-hot' }, ...others] }]);
    await userEvent.click(await screen.findByText('Look step by step: Running hot'));
    expect(await screen.findByText('Grille: free?')).toBeTruthy();
  });

  it('only shows it to whoever may not work', async () => {
    shown([COMPLAINT], false);
    expect(await screen.findByText('Starboard engine ran hot')).toBeTruthy();
    expect(screen.queryByRole('button')).toBeNull();
  });

  it('keeps what was seen to, with its curve', async () => {
    shown([
      {
        ...COMPLAINT,
        settledAt: '2027-03-20T10:00:00Z',
        curve: {
          before: [{ at: '2026-08-01T10:00:00Z', value: 86, words: '', good: true }],
          after: [{ at: '2027-05-01T10:00:00Z', value: 78, words: '', good: true }],
          words: 'Held at 86 °C before, 78 °C after: 8 K lower.',
        },
      },
    ]);
    expect(await screen.findByText(/8 K lower/)).toBeTruthy();
    expect(screen.getByRole('img').getAttribute('aria-label')).toContain('2 readings');
  });
});
