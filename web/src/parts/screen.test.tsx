import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter, Route, Routes } from 'react-router';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { Screen, SkipLink } from './screen';

let breaks = true;

function Shaky() {
  if (breaks) throw new Error('no such thing');
  return <main>It holds</main>;
}

function show(at: string) {
  return render(
    <MemoryRouter initialEntries={[at]}>
      <SkipLink />
      <Routes>
        <Route path="/" element={<Screen title="The yard">the yard</Screen>} />
        <Route
          path="/shaky"
          element={
            <Screen title="Shaky">
              <Shaky />
            </Screen>
          }
        />
      </Routes>
    </MemoryRouter>,
  );
}

beforeEach(() => {
  breaks = true;
  // React says each fault on the console; here it is meant.
  vi.spyOn(console, 'error').mockImplementation(() => undefined);
});

afterEach(() => vi.restoreAllMocks());

test('a screen that breaks says so and leads on', async () => {
  show('/shaky');
  expect(screen.getByRole('alert').textContent).toContain('This screen has stopped');
  await userEvent.click(screen.getByRole('link', { name: 'To the yard' }));
  expect(screen.getByText('the yard')).toBeTruthy();
  expect(document.title).toBe('The yard · Elsko');
});

test('it can be shown again', async () => {
  show('/shaky');
  breaks = false;
  await userEvent.click(screen.getByRole('button', { name: 'Show it again' }));
  expect(screen.getByText('It holds')).toBeTruthy();
});

test('the keyboard gets past what stands on every screen', async () => {
  breaks = false;
  show('/shaky');
  await userEvent.tab();
  expect(document.activeElement?.textContent).toBe('Skip to the screen');
  await userEvent.keyboard('{Enter}');
  expect(document.activeElement?.textContent).toBe('It holds');
});
