import { cleanup, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { keys } from '../api/keys';
import { queryClient } from '../api/query-client';
import { line } from '../offline/device';
import { served } from '../testing/served.test';
import { WaitingList } from './waiting-list';

const PICTURE = {
  photo: 'p1',
  person: 'Orrin',
  boat: 'b1',
  sent: 0,
  refused: 'The picture is damaged.',
};

afterEach(() => {
  cleanup();
  queryClient.clear();
  vi.unstubAllGlobals();
});

describe('a picture the server does not take', () => {
  it('says why, and dropped it takes with it what named it', async () => {
    served(<WaitingList entries={[]} going={[PICTURE]} />, () => ({ body: {} }));
    queryClient.setQueryData(keys.card('b1', 'c1'), {
      steps: [
        {
          key: 'drain',
          said: [
            { id: 'other', photo: null },
            { id: 'e1', photo: 'p1' },
          ],
        },
      ],
    });
    expect(await screen.findByText('The picture is damaged.')).toBeTruthy();
    await userEvent.setup().click(screen.getByRole('button', { name: 'Drop it' }));
    await waitFor(() =>
      expect(line.state.waiting).toMatchObject([
        { boat: 'b1', person: 'Orrin', entry: { kind: 'WITHDRAWN', corrects: 'e1' } },
      ]),
    );
  });
});
