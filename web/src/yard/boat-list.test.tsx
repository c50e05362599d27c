import { cleanup, render, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { afterEach, expect, test } from 'vitest';
import type { BoatLine, YardPlan } from '../api/client';
import { BoatList } from './boat-list';

afterEach(cleanup);

const line = (at: number) =>
  ({
    id: `boat-${at}`,
    name: `Hull ${at}`,
    berth: null,
    protection: 'WET',
    hullLengthM: 7,
    looseEnds: 0,
    changedAt: null,
  }) as unknown as BoatLine;

const show = (count: number) =>
  render(
    <MemoryRouter>
      <BoatList
        plan={{ berths: [] } as unknown as YardPlan}
        boats={Array.from({ length: count }, (_, at) => line(at + 1))}
      />
    </MemoryRouter>,
  );

test('a thousand boats draw the rows that can be seen, and say how many there are', () => {
  show(1000);
  const table = screen.getByRole('table', { name: 'Boats' });
  expect(table.getAttribute('aria-rowcount')).toBe('1001');
  const links = screen.getAllByRole('link').map((link) => link.textContent);
  expect(links[0]).toBe('Hull 1');
  expect(links.length).toBeGreaterThan(15);
  expect(links.length).toBeLessThan(120);
  // What is not drawn keeps its place, so that the bar beside it tells the truth.
  const gap = table.querySelector<HTMLElement>('tbody > tr:last-child > td')!;
  expect(parseInt(gap.style.height)).toBeGreaterThan(30_000);
});

test('a small yard is drawn whole, an empty one says so', () => {
  show(12);
  expect(screen.getAllByRole('link')).toHaveLength(12);
  cleanup();
  show(0);
  expect(screen.getByText('No boat is in that state.')).toBeTruthy();
});
