import { cleanup, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, expect, it, vi } from 'vitest';
import { served } from '../testing/served.test';
import { Changes } from './changes';
import { PeopleSection } from './people-section';

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const ORRIN = {
  id: '1',
  name: 'Orrin',
  role: 'TECHNICIAN',
  standing: 'ACTIVE',
  codeUntil: null,
  version: 4,
};
const TAMSA = { ...ORRIN, id: '2', name: 'Tamsa', role: null, standing: 'WALKS' };
const GONE = { ...ORRIN, id: '3', name: 'Quill', standing: 'REMOVED' };
const INVITED = {
  person: { ...ORRIN, name: 'Wick', standing: 'INVITED' },
  code: 'abcde-fghjk',
  until: '2031-11-06T09:00:00Z',
  address: 'https://yard.test/join#abcde-fghjk',
  squareSize: 2,
  square: 'M0 0h1v1h-1z',
};

function people() {
  return served(<PeopleSection />, ({ method, path }) => {
    if (method === 'POST') return { body: INVITED };
    if (path.endsWith('/sessions')) {
      return { body: [{ key: 'a', device: 'PHONE', usedAt: '2031-11-03T09:00:00Z' }] };
    }
    return { body: path === '/api/people' ? [ORRIN, TAMSA, GONE] : {} };
  });
}

it('who is invited gets a code to scan, shown once', async () => {
  const asked = people();
  const form = within(await screen.findByRole('form', { name: 'Invite somebody' }));
  await userEvent.type(form.getByLabelText('Name'), 'Wick');
  await userEvent.click(form.getByRole('button', { name: 'Invite' }));
  expect(await screen.findByRole('img', { name: 'Square code for Wick' })).toBeTruthy();
  expect(screen.getByDisplayValue(INVITED.address)).toBeTruthy();
  expect(asked.find(({ method }) => method === 'POST')?.body).toEqual({
    name: 'Wick',
    role: 'TECHNICIAN',
  });
  await userEvent.click(screen.getByRole('button', { name: 'Done' }));
  expect(screen.queryByDisplayValue(INVITED.address)).toBeNull();
});

it('what ends somebody’s work is asked about once, and says what it means', async () => {
  const asked = people();
  await userEvent.click(await screen.findByRole('button', { name: 'Orrin' }));
  expect((await screen.findByText(/Signed in on a phone/)).textContent).toContain('used last');
  await userEvent.click(screen.getByRole('button', { name: 'Remove' }));
  expect(screen.getByRole('alert').textContent).toContain('What they entered keeps their name');
  expect(asked.some(({ method }) => method === 'DELETE')).toBe(false);
  await userEvent.click(screen.getByRole('button', { name: 'Cancel' }));
  await userEvent.click(screen.getByRole('button', { name: 'Remove' }));
  await userEvent.click(screen.getByRole('button', { name: 'Remove' }));
  expect(asked.find(({ method }) => method === 'DELETE')?.path).toBe('/api/people/1');
});

it('another role is given on the version that is seen', async () => {
  const asked = people();
  await userEvent.click(await screen.findByRole('button', { name: 'Orrin' }));
  await userEvent.selectOptions(screen.getByLabelText('Role of Orrin'), 'VIEWER');
  expect(asked.find(({ path }) => path.endsWith('/role'))?.body).toEqual({ role: 'VIEWER' });
});

it('who walks only is invited from there, and who is gone is out of sight', async () => {
  const asked = people();
  expect(await screen.findByText('no account, walks are planned for them')).toBeTruthy();
  expect(screen.queryByText('Quill')).toBeNull();
  await userEvent.click(screen.getByRole('button', { name: 'And 1 removed' }));
  expect(screen.getByText('Quill')).toBeTruthy();
  await userEvent.click(screen.getByRole('button', { name: 'Tamsa' }));
  await userEvent.click(screen.getByRole('button', { name: 'Invite as technician' }));
  expect(asked.find(({ method }) => method === 'POST')?.body).toMatchObject({ name: 'Tamsa' });
});

it('who changed what is a coordinator’s to see', async () => {
  const lines = [
    {
      at: '2031-11-03T08:00:00Z',
      person: 'coordinator',
      about: 'RISK',
      words: 'Teal: taken as it is',
    },
  ];
  const as =
    (role: string) =>
    ({ path }: { path: string }) => ({
      body: path === '/api/session' ? { name: 'x', role } : { lines, more: false },
    });
  served(<Changes />, as('TECHNICIAN'));
  expect(await screen.findByText(/Only the coordinator/)).toBeTruthy();
  cleanup();
  served(<Changes />, as('COORDINATOR'));
  expect(await screen.findByText('Teal: taken as it is')).toBeTruthy();
  expect(screen.getByText('risk taken')).toBeTruthy();
});
