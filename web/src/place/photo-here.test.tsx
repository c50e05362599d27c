import { cleanup, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, expect, it, vi } from 'vitest';
import type { BoatView, CardView, FittingView, StepView } from '../api/client';
import { served } from '../testing/served.test';
import { Place } from './place';
import { PhotoHere } from './photo-here';

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const DRAIN = {
  key: 'drain',
  name: 'port block drain',
  where: 'low, aft of the mount',
  tool: '9/16 in socket',
  photo: null,
} as unknown as FittingView;

const FOUND = {
  ...DRAIN,
  photo: { fitting: 'drain', photo: 'p1', taken: '2030-11-03T09:00:00Z', words: 'needs a lamp' },
};

function shown(fitting: FittingView | null, over: { may?: boolean; taken?: boolean } = {}) {
  return served(
    <Place.Provider
      value={{
        number: 1,
        fitting,
        boat: { id: 'boat' } as BoatView,
        card: { id: 'card' } as CardView,
        step: { key: 'drain' } as StepView,
        may: over.may ?? true,
      }}
    >
      <PhotoHere taken={over.taken ?? false} />
    </Place.Provider>,
    () => ({ body: { ids: [], boat: { id: 'boat' } } }),
  );
}

it('shows by what a fitting is found and takes other words for it', async () => {
  const asked = shown(FOUND);
  await userEvent.click(
    await screen.findByRole('button', { name: 'Picture of port block drain: needs a lamp' }),
  );
  const dialog = within(await screen.findByRole('dialog'));
  expect(dialog.getByText('low, aft of the mount · 9/16 in socket')).toBeTruthy();
  expect(dialog.getByText('taken 3 Nov 2030')).toBeTruthy();
  expect(dialog.queryByRole('button', { name: 'needs a lamp' })).toBeNull();
  await userEvent.click(dialog.getByRole('button', { name: 'by feel' }));
  await waitFor(() =>
    expect(asked.find(({ method }) => method === 'POST')?.body).toMatchObject({
      entries: [
        {
          kind: 'PHOTO_TAKEN',
          photo: 'p1',
          fitting: 'drain',
          caption: 'by feel',
          card: 'card',
          step: 'drain',
        },
      ],
    }),
  );
});

it('offers the camera where there is no picture yet, to those who may, where hands are', () => {
  shown(DRAIN);
  expect(screen.getByLabelText('Photo of port block drain')).toBeTruthy();
  cleanup();
  shown(DRAIN, { may: false });
  expect(screen.queryByLabelText('Photo of port block drain')).toBeNull();
  cleanup();
  shown(DRAIN, { taken: true });
  expect(screen.queryByLabelText('Photo of port block drain')).toBeNull();
});

it('says so where a picture is still on its way from another device', async () => {
  shown(FOUND);
  const picture = await screen.findByRole('button', { name: /^Picture of/ });
  await waitFor(() => expect(picture.querySelector('img')).not.toBeNull());
  picture.querySelector('img')!.dispatchEvent(new Event('error'));
  expect(await screen.findByText('on its way')).toBeTruthy();
});
