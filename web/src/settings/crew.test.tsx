import { cleanup, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, expect, it, vi } from 'vitest';
import { served } from '../testing/served.test';
import { CrewSection } from './crew-section';

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const CREW = {
  workers: [
    {
      id: '1',
      name: 'Orrin',
      skills: ['SYSTEMS'],
      startsAt: 420,
      endsAt: 990,
      weekdays: [true, true, true, true, true, false, false],
      daysOff: ['2031-11-03'],
      feedToken: 'secret',
    },
  ],
  equipment: { TANK_KIT: 2 },
  liftSlots: 4,
};

it('somebody is added with skills and hours; a refusal stands at its field', async () => {
  let refuse = true;
  const asked = served(<CrewSection />, ({ method }) => {
    if (method === 'PUT' && refuse) {
      return { status: 422, body: { field: 'skills', detail: 'Say what they can do.' } };
    }
    return { body: CREW };
  });
  await userEvent.click(await screen.findByRole('button', { name: 'Add somebody' }));
  const form = within(screen.getByRole('form', { name: 'Add somebody' }));
  await userEvent.type(form.getByLabelText('Name'), 'Tamsa');
  await userEvent.click(form.getByRole('button', { name: 'Add' }));
  expect((await form.findByRole('alert')).textContent).toContain('Say what they can do.');
  refuse = false;
  await userEvent.click(form.getByLabelText('rigging'));
  await userEvent.click(form.getByRole('button', { name: 'Add' }));
  await screen.findByRole('button', { name: 'Add somebody' });
  const sent = asked.filter(({ method }) => method === 'PUT').map(({ body }) => body);
  expect(sent[1]).toMatchObject({ name: 'Tamsa', skills: ['RIGGING'], startsAt: 480, endsAt: 990 });
});

it('days off are seen and taken back, the calendar has an address', async () => {
  const asked = served(<CrewSection />, () => ({ body: CREW }));
  await userEvent.click(await screen.findByRole('button', { name: 'Orrin' }));
  expect(screen.getByText('address of the feed').getAttribute('href')).toContain(
    '/api/walks/feed/secret.ics',
  );
  await userEvent.click(screen.getByRole('button', { name: 'Works on 2031-11-03 after all' }));
  expect(asked.find(({ path }) => path.endsWith('/days-off'))?.body).toEqual({
    date: '2031-11-03',
    off: false,
  });
});
