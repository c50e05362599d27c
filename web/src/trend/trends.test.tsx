import { cleanup, screen } from '@testing-library/react';
import { Route, Routes } from 'react-router';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { served } from '../testing/served.test';
import type { Asked } from '../testing/served.test';
import { Trends } from './trends';

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const point = (year: number, value: number | null, words = '', good = true) => ({
  at: `${year}-10-01T09:00:00Z`,
  value,
  words,
  good,
});
const PLATEAUS = [point(2028, 78.5), point(2029, 79), point(2030, 78.6), point(2031, 83.6)];
const ENGINE = {
  engine: 'CENTER',
  words: 'center engine',
  toDo: 'Raw-water path narrowing: descale or inspect.',
  narrowing: [
    { kind: 'PLATEAU', words: 'Holds at 83.6 °C, 5 K over its own.', evidence: PLATEAUS.slice(1) },
  ],
  lines: [
    { kind: 'PLATEAU', words: 'warm plateau', unit: '°C', points: PLATEAUS },
    {
      kind: 'OIL_LOOK',
      words: 'look of the oil',
      unit: '',
      points: [point(2030, null, 'clear, amber'), point(2031, null, 'milky', false)],
    },
  ],
};

function shown(trends: unknown) {
  served(
    <Routes>
      <Route path="/boats/:boatId/trends" element={<Trends />} />
    </Routes>,
    ({ path }: Asked) => ({
      body: path.endsWith('/trends')
        ? trends
        : path.endsWith('/due')
          ? {
              boat: 'w',
              name: 'Wigeon',
              severalEngines: false,
              lines: [],
              narrowing: [],
              done: [
                {
                  engine: 'CENTER',
                  item: 'impeller',
                  words: 'impeller',
                  at: '2030-04-12T09:00:00Z',
                  hours: 412,
                  person: 'Orrin',
                  found: 'two vanes set',
                },
              ],
            }
          : { id: 'w', description: { name: 'Wigeon' } },
    }),
    '/boats/w/trends',
  );
}

describe('the trends of a boat', () => {
  it('draw what was read, with the numbers behind the drawing and the evidence marked', async () => {
    shown([ENGINE]);
    expect(await screen.findByText(/descale or inspect/)).toBeTruthy();
    const chart = screen.getByRole('img');
    expect(chart.getAttribute('aria-label')).toContain('4 readings, the last 83.6');
    const marked = [...chart.querySelectorAll('circle')].filter(
      (circle) => circle.getAttribute('fill') === 'var(--color-verm)',
    );
    expect(marked).toHaveLength(3);
    expect(screen.getByRole('table', { name: 'warm plateau' }).textContent).toContain('78.6 °C');
    expect((await screen.findByRole('list', { name: 'All that was done' })).textContent).toBe(
      '12 Apr 2030 Impeller at 412 h: two vanes set · Orrin',
    );
    expect(screen.getByText('milky').className).toContain('text-verm');
  });

  it('say so when nothing was read', async () => {
    shown([{ ...ENGINE, lines: [], narrowing: [], toDo: '' }]);
    expect(await screen.findByText(/Nothing was read of it yet/)).toBeTruthy();
    expect(screen.queryByText(/descale or inspect/)).toBeNull();
  });
});
