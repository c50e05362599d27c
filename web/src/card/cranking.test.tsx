import { cleanup, fireEvent, screen, waitFor } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { BoatView, CardView, GaugeView, StepView } from '../api/client';
import { served } from '../testing/served.test';
import { Cranking } from './cranking';

afterEach(() => {
  cleanup();
  sessionStorage.clear();
  vi.unstubAllGlobals();
});

const gauge = (crank: object) =>
  ({
    engine: 'CENTER',
    crank: {
      openSeconds: 0,
      allSeconds: 0,
      standing: 'MAY_TURN',
      words: 'Neutral, lanyard, battery, fuse looked at first.',
      mostSeconds: 10,
      restUntil: null,
      ...crank,
    },
  }) as unknown as GaugeView;

function shown(crank: object = {}) {
  return served(
    <Cranking
      card={{ id: 'card' } as CardView}
      boat={{ id: 'boat' } as BoatView}
      step={{ key: 'start' } as StepView}
      gauge={gauge(crank)}
    />,
    () => ({ body: { ids: [], boat: {} } }),
  );
}

describe('turning a starter', () => {
  it('is counted and entered when it stops', async () => {
    const asked = shown();
    fireEvent.click(screen.getByText('Count a turn of the starter'));
    fireEvent.click(screen.getByText(/it stopped/));
    await waitFor(() => expect(asked.some(({ method }) => method === 'POST')).toBe(true));
    const { entries } = asked.find(({ method }) => method === 'POST')!.body as {
      entries: { kind: string; seconds: number }[];
    };
    expect(entries[0]).toMatchObject({ kind: 'CRANKED', engine: 'CENTER', seconds: 1 });
  });

  it('ends by itself after the longest turn, also after a reload', async () => {
    sessionStorage.setItem('elsko.turning.boat.CENTER', String(Date.now() - 25_000));
    const asked = shown();
    await waitFor(() => expect(asked.some(({ method }) => method === 'POST')).toBe(true));
    expect(JSON.stringify(asked.at(-1)!.body)).toContain('"seconds":10');
  });

  it('rests between two turns', () => {
    shown({ restUntil: new Date(Date.now() + 20_000).toISOString(), allSeconds: 10 });
    expect(screen.getByRole('button').textContent).toMatch(/rests 0:(19|20)/);
    expect(screen.getByRole('button')).toHaveProperty('disabled', true);
  });

  it.each(['SHUT_FIRST', 'STOP'])('is not offered at %s', (standing) => {
    shown({ standing, words: 'Shut the seacock before it is turned again.', allSeconds: 60 });
    expect(screen.getByText(/Shut the seacock/)).toBeTruthy();
    expect(screen.getByRole('button')).toHaveProperty('disabled', true);
    expect(screen.getByText('60 s in all since the muffler was last emptied')).toBeTruthy();
  });
});
