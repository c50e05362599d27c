import { cleanup, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { YardView } from '../api/client';
import { served } from '../testing/served.test';
import { changesWords } from '../yard/judged-anew';
import { WhatItChanges } from './what-it-changes';

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const asCoordinator = (path: string) => ({
  body: path === '/api/session' ? { name: 'coordinator', role: 'COORDINATOR' } : [],
});

const YARD = { designLowC: -20, marginK: 5, policy: 'BURST' } as YardView;
const TEAL = { boat: 'teal', name: 'Teal', was: 'PROVEN', became: 'HELD', why: 'Block: short.' };

describe('what another standard would change', () => {
  it('says so before it is saved, boat by boat', async () => {
    const asked = served(
      <WhatItChanges yard={YARD} designLowC={-25} marginK={5} policy="BURST" />,
      ({ path, method }) => (method === 'POST' ? { body: [TEAL] } : asCoordinator(path)),
    );
    expect(await screen.findByText('1 boat: 1 proven would be held.')).toBeTruthy();
    expect(screen.getByText('Teal')).toBeTruthy();
    expect(asked.find(({ method }) => method === 'POST')?.body).toEqual({
      designLowC: -25,
      marginK: 5,
      policy: 'BURST',
    });
  });

  it('asks nothing while the boxes say what is kept, and shows what the last one changed', async () => {
    const asked = served(
      <WhatItChanges yard={YARD} designLowC={-20} marginK={5} policy="BURST" />,
      ({ path }) =>
        path.endsWith('/judged-anew')
          ? { body: [TEAL, { ...TEAL, boat: 'b' }] }
          : asCoordinator(path),
    );
    expect(await screen.findByText(/2 boats: 2 proven are now held/)).toBeTruthy();
    expect(asked.some(({ method }) => method === 'POST')).toBe(false);
  });

  it('counts each kind of change, most of them first', () => {
    const change = (was: 'PROVEN' | 'HELD', became: 'PROVEN' | 'HELD') => ({ was, became });
    expect(
      changesWords(
        [change('HELD', 'PROVEN'), change('PROVEN', 'HELD'), change('PROVEN', 'HELD')],
        'are now',
      ),
    ).toBe('3 boats: 2 proven are now held, 1 held is now proven');
  });
});
