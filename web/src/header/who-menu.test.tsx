import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, expect, it, vi } from 'vitest';
import { served } from '../testing/served.test';
import { Header } from './header';

afterEach(() => {
  vi.unstubAllGlobals();
});

const YARD = { name: 'Fennholm Yard', designLowC: -20 };

it('comes when it is asked for, goes with Escape or its own button, and signs out', async () => {
  const asked = served(<Header />, ({ path }) => ({
    body: path === '/api/session' ? { name: 'Orrin', role: 'TECHNICIAN' } : YARD,
  }));
  const who = await screen.findByRole('button', { name: 'Signed in as Orrin' });
  await userEvent.click(who);
  expect(await screen.findByText('technician')).toBeTruthy();
  expect(who.getAttribute('aria-expanded')).toBe('true');
  await userEvent.keyboard('{Escape}');
  expect(screen.queryByText('technician')).toBeNull();
  expect(document.activeElement).toBe(who);
  await userEvent.click(who);
  await screen.findByText('technician');
  await userEvent.click(who);
  expect(screen.queryByText('technician')).toBeNull();
  await userEvent.click(who);
  await userEvent.click(await screen.findByText('Sign out'));
  await vi.waitFor(() => expect(asked.map(({ path }) => path)).toContain('/api/session/end'));
});
