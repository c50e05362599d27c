import { cleanup, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, expect, it, vi } from 'vitest';
import type { BoatView, OfferView } from '../api/client';
import { served } from '../testing/served.test';
import { OpenCard } from './open-card';

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const CHOICES: OfferView['choices'] = [
  {
    circuit: 'port-engine',
    name: 'port engine raw water',
    usual: 'PIPE_IN_BUCKET',
    all: [
      { key: 'PIPE_IN_BUCKET', words: 'intake pipe in a bucket', reason: 'a clear pipe shows' },
      { key: 'TEE_AND_BUCKET', words: 'tee and bucket', reason: 'open water only' },
    ],
  },
  {
    circuit: 'generator',
    name: 'generator raw water',
    usual: 'STRAINER_TOP_UP',
    all: [{ key: 'STRAINER_TOP_UP', words: 'through the strainer', reason: 'half full' }],
  },
];
const OFFERS: OfferView[] = [
  { procedure: 'INTAKE', takesSome: false, words: 'intake', choices: [] },
  { procedure: 'FLUSH', takesSome: true, words: 'fresh-water flush', choices: CHOICES },
  { procedure: 'WINTERIZE', takesSome: false, words: 'winterizing', choices: CHOICES },
];

function shown(cards: Partial<BoatView['cards'][0]>[] = []) {
  const boat = { id: 'boat', cards } as unknown as BoatView;
  return served(<OpenCard boat={boat} />, ({ method }) =>
    method === 'GET' ? { body: OFFERS } : { body: { ids: [], boat } },
  );
}

const opened = (asked: ReturnType<typeof shown>) =>
  asked
    .filter(({ method }) => method === 'POST')
    .map(({ body }) => (body as { entries: object[] }).entries[0]);

it('a card is opened as usual with two presses', async () => {
  const asked = shown();
  await userEvent.click(await screen.findByRole('button', { name: 'Winterizing' }));
  await userEvent.click(screen.getByRole('button', { name: 'Open the card' }));
  await waitFor(() => expect(opened(asked)).toHaveLength(1));
  expect(opened(asked)[0]).toMatchObject({
    kind: 'CARD_OPENED',
    procedure: 'WINTERIZE',
    choices: { 'port-engine': 'PIPE_IN_BUCKET', generator: 'STRAINER_TOP_UP' },
  });
});

it('a circuit has its own way, with the reason for it', async () => {
  const asked = shown();
  await userEvent.click(await screen.findByRole('button', { name: 'Winterizing' }));
  await userEvent.selectOptions(screen.getByLabelText('Port engine raw water'), 'TEE_AND_BUCKET');
  expect(screen.getByText('open water only')).toBeTruthy();
  await userEvent.click(screen.getByRole('button', { name: 'Open the card' }));
  await waitFor(() =>
    expect(opened(asked)[0]).toMatchObject({ choices: { 'port-engine': 'TEE_AND_BUCKET' } }),
  );
});

it('only the circuits that are ticked are flushed, and at least one', async () => {
  const asked = shown();
  await userEvent.click(await screen.findByRole('button', { name: 'Fresh-water flush' }));
  await userEvent.click(screen.getByLabelText('Do the port engine raw water'));
  await userEvent.click(screen.getByLabelText('Do the generator raw water'));
  const open = screen.getByRole<HTMLButtonElement>('button', { name: 'Open the card' });
  expect(open.disabled).toBe(true);
  await userEvent.click(screen.getByLabelText('Do the generator raw water'));
  await userEvent.click(open);
  await waitFor(() => expect(opened(asked)).toHaveLength(1));
  expect((opened(asked)[0] as { choices: object }).choices).toEqual({
    generator: 'STRAINER_TOP_UP',
  });
});

it('a procedure whose card is open already is not offered again', async () => {
  shown([{ procedure: 'FLUSH', closed: false }]);
  const list = await screen.findByRole('region', { name: 'Open a card' });
  expect(within(list).getAllByRole('button')).toHaveLength(2);
  expect(within(list).queryByText('Fresh-water flush')).toBeNull();
});
