import { cleanup, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, expect, it, vi } from 'vitest';
import { served } from '../testing/served.test';
import { Guides } from './guides';

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const GUIDES = [
  {
    key: 'no-water',
    title: 'No water at the exhaust',
    first: 'Stop the engine.',
    hazards: ['Hands out.'],
    looks: [
      {
        key: 'grille',
        question: 'Grille: free?',
        how: 'With a lamp.',
        answers: [
          { key: 'fine', words: 'Yes.', next: 'seacock', todo: '', work: '' },
          { key: 'fault', words: 'No.', next: null, todo: 'Clear it.', work: 'grille cleared' },
        ],
      },
      {
        key: 'seacock',
        question: 'Seacock: open?',
        how: '',
        answers: [
          { key: 'fine', words: 'Yes.', next: null, todo: 'Nothing found.', work: '' },
          { key: 'fault', words: 'No.', next: null, todo: 'Open it.', work: 'impeller looked at' },
        ],
      },
    ],
  },
];

it('goes from look to look, keeps each answer and adds what is to be done', async () => {
  const asked = served(<Guides boat="boat" on={{ card: 'card', step: 'start' }} />, ({ path }) => ({
    body: path === '/api/guides' ? GUIDES : { ids: [], boat: {} },
  }));
  await userEvent.click(screen.getByText('Something is wrong'));
  await userEvent.click(await screen.findByText('No water at the exhaust'));
  expect(screen.getByText('Stop the engine.')).toBeTruthy();
  await userEvent.click(screen.getByText('Yes.'));
  await screen.findByText('Seacock: open?');
  await userEvent.click(screen.getByText('No.'));
  expect((await screen.findByRole('status')).textContent).toContain('Open it.');
  await userEvent.click(screen.getByText('Add to its work: impeller looked at'));
  await waitFor(() => expect(screen.getByText('On the boat’s list of work.')).toBeTruthy());
  const entries = asked
    .filter(({ method }) => method === 'POST')
    .map(({ body }) => (body as { entries: object[] }).entries[0]);
  expect(entries).toMatchObject([
    { kind: 'GUIDE_LOOKED', look: 'grille', answer: 'fine', card: 'card' },
    { kind: 'GUIDE_LOOKED', look: 'seacock', answer: 'fault', step: 'start' },
    { kind: 'WORK_ADDED', what: 'impeller looked at' },
  ]);
});

const SMELL = {
  key: 'fuel-smell',
  title: 'It smells of fuel',
  first: 'No start, no switch.',
  hazards: ['Vapor lies low.'],
  looks: [],
  condition: 'vapor',
  finding: 'smelt',
};
const ELSE = { ...SMELL, key: 'else', title: 'Something else', condition: null, finding: null };

async function told(title: string, words: string) {
  const asked = served(<Guides boat="boat" close={() => undefined} />, ({ path }) => ({
    body: path === '/api/guides' ? [SMELL, ELSE, ...GUIDES] : { ids: [], boat: {} },
  }));
  await userEvent.click(await screen.findByText(title));
  expect(screen.getByText('No start, no switch.')).toBeTruthy();
  if (words) await userEvent.type(screen.getByLabelText('What it is'), words);
  await userEvent.click(screen.getByText('Tell the yard'));
  return () =>
    asked
      .filter(({ method }) => method === 'POST')
      .flatMap(({ body }) => (body as { entries: object[] }).entries);
}

it('says at once what to do, and tells the yard with one tap', async () => {
  const entries = await told('It smells of fuel', '');
  expect((await screen.findByRole('status')).textContent).toContain('It stands on the boat');
  expect(entries()).toMatchObject([
    { kind: 'CONDITION_SEEN', condition: 'vapor', finding: 'smelt' },
    { kind: 'WORK_ADDED', what: 'It smells of fuel', urgent: true },
  ]);
});

it('takes anything else in words, and not without', async () => {
  const entries = await told('Something else', '');
  expect(screen.getByText('Say what it is, in a few words.')).toBeTruthy();
  expect(entries()).toEqual([]);
  await userEvent.type(screen.getByLabelText('What it is'), 'a mouse nest in the bilge');
  await userEvent.click(screen.getByText('Tell the yard'));
  await waitFor(() =>
    expect(entries()).toMatchObject([
      { kind: 'WORK_ADDED', what: 'a mouse nest in the bilge', urgent: true },
    ]),
  );
});
