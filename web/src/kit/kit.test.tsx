import { cleanup, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { BoatView, CardView, KitPiece, StepKit, StepView } from '../api/client';
import { KitOfStep } from '../card/kit-of-step';
import { served } from '../testing/served.test';
import { Kit } from './kit';

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const TANK: KitPiece = {
  id: 'p1',
  name: 'Blue tank',
  kind: 'TANK',
  kindWords: 'tank kit',
  carriesFluid: true,
  size: '60 L',
  carried: 'ACID',
  carriedWords: 'acid',
  carriedAt: '2026-11-24T08:00:00Z',
  carriedBy: 'technician',
  holder: '',
  fits: [],
  version: 0,
};
const MUFFS: KitPiece = {
  ...TANK,
  id: 'p2',
  name: 'Muffs, small',
  kind: 'MUFFS',
  kindWords: 'muffs',
  carriesFluid: false,
  carried: 'RINSED',
  carriedAt: null,
  holder: 'somebody else',
  fits: [
    { boat: 'a', boatName: 'Dunlin', circuit: 'engine', fits: true, by: 'x', at: TANK.carriedAt! },
    {
      boat: 'b',
      boatName: 'Gadwall',
      circuit: 'engine',
      fits: false,
      by: 'x',
      at: TANK.carriedAt!,
    },
  ],
};

const choice = (over: Partial<StepKit['pieces'][number]>): StepKit['pieces'][number] => ({
  id: 'p1',
  name: 'Blue tank',
  size: '60 L',
  fits: null,
  holder: '',
  carriedWords: 'rinsed',
  carriesFluid: true,
  caution: '',
  redLine: false,
  ...over,
});

function shown(what: React.ReactNode, wanted: StepKit[] = [], role = 'COORDINATOR') {
  const asked = served(what, ({ path }) => {
    if (path.includes('/session')) return { body: { name: 'me', role } };
    if (path.includes('/cards/')) return { body: wanted };
    return { body: { pieces: [TANK, MUFFS], kinds: [{ kind: 'MUFFS', words: 'muffs' }] } };
  });
  return () => asked.filter(({ method }) => method !== 'GET');
}

describe('the kit of the yard', () => {
  it('says what a tank carried, what fits where, and who has it', async () => {
    shown(<Kit />);
    expect(await screen.findByText(/Carried acid, not rinsed/)).toBeTruthy();
    expect(screen.getByText('Fits Dunlin')).toBeTruthy();
    expect(screen.getByText('Not on Gadwall')).toBeTruthy();
    expect(screen.getByText('somebody else has it')).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'Take Muffs, small' })).toBeNull();
    expect(await screen.findByRole('button', { name: 'Hang Muffs, small up' })).toBeTruthy();
  });

  it('leaves what somebody else has to them, where one is no coordinator', async () => {
    shown(<Kit />, [], 'TECHNICIAN');
    expect(await screen.findByRole('button', { name: 'Take Blue tank' })).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'Hang Muffs, small up' })).toBeNull();
    expect(screen.queryByRole('heading', { name: 'Add a piece' })).toBeNull();
  });

  it.each([
    ['Blue tank is rinsed', '/api/kit/p1/rinsed'],
    ['Take Blue tank', '/api/kit/p1/taken'],
  ])('one tap: %s', async (button, path) => {
    const sent = shown(<Kit />);
    await userEvent.click(await screen.findByRole('button', { name: button }));
    await waitFor(() => expect(sent()[0]?.path).toBe(path));
  });

  it('takes a new piece in', async () => {
    const sent = shown(<Kit />);
    await userEvent.type(await screen.findByLabelText('Name'), 'Muffs, wide');
    await userEvent.click(screen.getByRole('button', { name: 'Hang it up' }));
    await waitFor(() =>
      expect(sent()[0]?.body).toEqual({ name: 'Muffs, wide', kind: 'MUFFS', size: '' }),
    );
  });
});

describe('the kit a step wants', () => {
  const step = { key: 'draw' } as StepView;
  const kit = (
    <KitOfStep card={{ id: 'c' } as CardView} boat={{ id: 'b' } as BoatView} step={step} />
  );

  it('names what fits, and a red line stands in words beside the way out', async () => {
    const sent = shown(kit, [
      {
        step: 'draw',
        circuit: 'engine',
        kind: 'TANK',
        words: 'tank kit',
        pieces: [choice({ caution: 'It carried acid last. Rinse it.', redLine: true })],
      },
    ]);
    expect(await screen.findByText('It carried acid last. Rinse it.')).toBeTruthy();
    await userEvent.click(await screen.findByRole('button', { name: 'It is rinsed' }));
    await waitFor(() => expect(sent()[0]?.path).toBe('/api/kit/p1/rinsed'));
  });

  it('asks whether it fits where nobody tried it', async () => {
    const sent = shown(kit, [
      {
        step: 'draw',
        circuit: 'engine',
        kind: 'STRAINER_ADAPTER',
        words: 'strainer adapter',
        pieces: [choice({ name: 'Lid adapter', carriesFluid: false })],
      },
    ]);
    expect(await screen.findByText(/nobody tried it here/)).toBeTruthy();
    await userEvent.click(await screen.findByRole('button', { name: 'It does not' }));
    await waitFor(() =>
      expect(sent()[0]?.body).toEqual({ boat: 'b', circuit: 'engine', fits: false }),
    );
  });

  it('is nothing where the yard has none of it', async () => {
    shown(kit, [
      { step: 'draw', circuit: 'engine', kind: 'MUFFS', words: 'muffs', pieces: [] },
      { step: 'drain', circuit: 'engine', kind: 'TANK', words: 'tank kit', pieces: [choice({})] },
    ]);
    await Promise.resolve();
    expect(screen.queryByRole('region', { name: 'Kit' })).toBeNull();
  });
});
