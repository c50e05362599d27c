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
  hands: 'FIXED_HOUR',
  hours: { doors: { from: 540, to: 960 } },
  version: 3,
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

it('the hours of the yard are typed as times; what is no time is said at its box', async () => {
  const asked = served(<CrewSection />, () => ({ body: CREW }));
  const form = within(await screen.findByRole('form', { name: 'Hours of the yard' }));
  expect(form.getByLabelText('Shed doors open from').getAttribute('value')).toBe('09:00');
  await userEvent.type(form.getByLabelText('Lift works from'), '8');
  await userEvent.click(form.getByRole('button', { name: 'Save the hours' }));
  expect((await form.findByRole('alert')).textContent).toContain('From one time to a later one');
  expect(asked.filter(({ method }) => method === 'PUT')).toHaveLength(0);
  await userEvent.type(form.getByLabelText('Lift works from'), ':30');
  await userEvent.type(form.getByLabelText('Lift works to'), '15:00');
  await userEvent.type(form.getByLabelText('Second hands come from'), '10:00');
  await userEvent.type(form.getByLabelText('Second hands come to'), '11:00');
  await userEvent.type(form.getByLabelText('The yard lies at, ° north'), '54.2');
  await userEvent.type(form.getByLabelText('and ° east'), '-1.5');
  await userEvent.click(form.getByRole('button', { name: 'Save the hours' }));
  await vi.waitFor(() =>
    expect(asked.find(({ method }) => method === 'PUT')?.body).toEqual({
      hours: {
        daylight: { latitude: 54.2, longitude: -1.5 },
        doors: { from: 540, to: 960 },
        lift: { from: 510, to: 900 },
        highWater: null,
        hands: { from: 600, to: 660 },
      },
    }),
  );
});
