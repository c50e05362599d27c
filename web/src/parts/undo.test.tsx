import { cleanup, render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, expect, it, vi } from 'vitest';
import { Refusal } from '../api/refusal';
import { UndoProvider, useUndo } from './undo';

afterEach(cleanup);

function Doing({ undo }: { undo: () => Promise<void> }) {
  const { offer } = useUndo();
  return (
    <button type="button" onClick={() => offer({ words: 'Drive UP', undo })}>
      do it
    </button>
  );
}

it('what was done can be taken back, once', async () => {
  const undo = vi.fn(() => Promise.resolve());
  render(
    <UndoProvider>
      <Doing undo={undo} />
    </UndoProvider>,
  );
  expect(screen.queryByText('Undo')).toBeNull();
  await userEvent.click(screen.getByText('do it'));
  expect(screen.getByText('Drive UP')).toBeTruthy();
  await userEvent.click(screen.getByText('Undo'));
  expect(undo).toHaveBeenCalledTimes(1);
  await waitFor(() => expect(screen.queryByText('Drive UP')).toBeNull());
});

it('a refused undo says why', async () => {
  const undo = () => Promise.reject(new Refusal(409, null, 'That entry was corrected already.'));
  render(
    <UndoProvider>
      <Doing undo={undo} />
    </UndoProvider>,
  );
  await userEvent.click(screen.getByText('do it'));
  await userEvent.click(screen.getByText('Undo'));
  expect(await screen.findByText('That entry was corrected already.')).toBeTruthy();
});
