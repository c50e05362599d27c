import { cleanup, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { BoatLine, FrostView } from '../api/client';
import { served } from '../testing/served.test';
import { leftWords } from '../words/days';
import { FrostOfBoat } from './frost-of-boat';
import { daysLeft, FrostStrip } from './frost-strip';
import { TonightList } from './tonight';

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const FROST: FrostView = {
  ready: true,
  today: '2031-10-28',
  weather: {
    source: 'simulated weather of a made-up site',
    simulated: true,
    fetchedAt: '2031-10-28T06:00:00Z',
    pastDays: 10957,
    pastFirst: '2001-07-01',
    pastLast: '2031-06-30',
    coldSnap: null,
    tonight: null,
    canRefresh: true,
  },
  nights: ['2031-10-28', '2031-10-29', '2031-10-30'].map((evening, i) => ({
    evening,
    lowC: 3 - 4 * i,
    lowestTenthC: 2 - 5 * i,
    frostShare: i / 3,
  })),
  boats: [
    {
      boat: 'marram',
      deadline: '2031-10-29',
      evenOdds: '2031-11-02',
      daysLeft: 1,
      chance: 0.4,
      firstToGo: 'raw-water pump',
    },
    {
      boat: 'teal',
      deadline: '2031-12-01',
      evenOdds: null,
      daysLeft: 34,
      chance: 0,
      firstToGo: 'pump',
    },
    { boat: 'thrift', deadline: null, evenOdds: null, daysLeft: null, chance: 0, firstToGo: null },
  ],
  tonight: [],
};

const BOATS = ['marram', 'teal', 'thrift'].map((id) => ({
  id,
  name: id[0]!.toUpperCase() + id.slice(1),
  protection: 'WET',
})) as BoatLine[];

const asCoordinator = (path: string, more: Record<string, unknown> = {}) =>
  path === '/api/session'
    ? { body: { name: 'coordinator', role: 'COORDINATOR' } }
    : { body: more[path] ?? {} };

describe('the frost strip', () => {
  it('says each night and who must be done by then, in words as well', () => {
    served(<FrostStrip frost={FROST} boats={BOATS} />, ({ path }) => asCoordinator(path));
    const rows = within(screen.getByRole('table')).getAllByRole('row');
    expect(rows[2]!.textContent).toContain('Wed 29 Oct');
    expect(rows[2]!.textContent).toContain('Marram (wet)');
    expect(rows[3]!.textContent).toContain('−5 °C');
    expect(
      screen.getByText(
        /2 boats with a frost deadline \(\d to act on, \d in service\): 1 within \d+ nights, 1 later, 1 more wet but/,
      ),
    ).toBeTruthy();
  });

  it('marks what is simulated and what is only a what-if', () => {
    const snap = { first: '2031-10-30', days: 4, byK: 9 };
    served(
      <FrostStrip
        frost={{ ...FROST, weather: { ...FROST.weather, coldSnap: snap } }}
        boats={BOATS}
      />,
      ({ path }) => asCoordinator(path),
    );
    expect(screen.getByRole('status').textContent).toContain(
      'What if: 4 days up to 9 K colder from Thu 30 Oct',
    );
    expect(screen.getByText(/\(simulated\)/)).toBeTruthy();
  });

  it('says what is missing before anything can be said', () => {
    served(<FrostStrip frost={{ ...FROST, ready: false }} boats={[]} />, ({ path }) =>
      asCoordinator(path),
    );
    expect(screen.getByText(/no past winters on record yet/)).toBeTruthy();
  });

  it('a cold snap that cannot be is refused at its field and stays typed', async () => {
    const asked = served(<FrostStrip frost={FROST} boats={BOATS} />, ({ path, method }) =>
      method === 'PUT'
        ? { status: 422, body: { field: 'byK', detail: 'Must be from 1 to 25 K; 90 is outside.' } }
        : asCoordinator(path),
    );
    await userEvent.click(await screen.findByText('try a cold snap'));
    const colder = screen.getByLabelText('Colder by');
    await userEvent.clear(colder);
    await userEvent.type(colder, '90{Enter}');
    expect((await screen.findByRole('alert')).textContent).toContain('90 is outside');
    expect((colder as HTMLInputElement).value).toBe('90');
    expect(asked.find(({ method }) => method === 'PUT')?.body).toEqual({
      first: '2031-10-30',
      days: 4,
      byK: 90,
    });
  });

  it('takes how cold the night gets in one field, and gives it back', async () => {
    const asked = served(<FrostStrip frost={FROST} boats={BOATS} />, ({ path }) =>
      asCoordinator(path),
    );
    await userEvent.type(await screen.findByLabelText(/tonight.s low here/), '−4{Enter}');
    expect(asked.find(({ method }) => method === 'PUT')).toMatchObject({
      path: '/api/weather/tonight',
      body: { lowC: -4 },
    });
    cleanup();
    const typed = { morning: '2031-10-29', lowC: -4 };
    const again = served(
      <FrostStrip
        frost={{ ...FROST, weather: { ...FROST.weather, tonight: typed } }}
        boats={BOATS}
      />,
      ({ path }) => asCoordinator(path),
    );
    expect(screen.getByText('−4 °C')).toBeTruthy();
    await userEvent.click(await screen.findByText(/back to the forecast.s/));
    expect(again.some(({ method, path }) => method === 'DELETE' && path.endsWith('/tonight'))).toBe(
      true,
    );
  });

  it('counts the days that are left for each boat with a deadline', () => {
    expect([...daysLeft(FROST)]).toEqual([
      ['marram', 1],
      ['teal', 34],
    ]);
    expect(daysLeft(undefined).size).toBe(0);
    expect([-1, 0, 1, 5].map(leftWords)).toEqual(['too late', 'today', '1 day', '5 days']);
  });
});

describe('tonight', () => {
  it('names boat, reason and what to do, and is not there when nobody is in danger', () => {
    const plan = { widthM: 1, heightM: 1, areas: [], berths: [] };
    served(<TonightList frost={FROST} plan={plan} />, () => ({ body: {} }));
    expect(screen.queryByText('Tonight')).toBeNull();
    cleanup();
    const tonight = [
      {
        boat: 'marram',
        name: 'Marram',
        berth: null,
        words: 'Pump goes first: 40 % of winters have it broken by Wed 29 Oct.',
        action: 'Winterize it today',
        loss: 3,
      },
    ];
    served(<TonightList frost={{ ...FROST, tonight }} plan={plan} />, () => ({ body: {} }));
    expect(screen.getByText('Tonight')).toBeTruthy();
    expect(screen.getByText('Winterize it today.')).toBeTruthy();
  });
});

describe('the frost of a boat', () => {
  it('says by when, what goes first and what would change it', async () => {
    served(<FrostOfBoat boat="marram" protection="WET" />, () => ({
      body: {
        ready: true,
        today: '2031-10-28',
        stands: 'in the open',
        deadline: '2031-10-29',
        evenOdds: '2031-11-02',
        share: [0, 0.03, 0.4],
        circuits: [
          {
            circuit: 'engine',
            name: 'engine raw water',
            deadline: '2031-10-29',
            evenOdds: null,
            firstToGo: 'raw-water pump',
          },
        ],
        feared: [
          {
            circuit: 'engine',
            words: 'Water stood in the pump through the frost of Fri 24 Oct.',
            look: {
              key: 'frost',
              name: 'engine raw water',
              how: '',
              findings: [{ key: 'nothing', words: 'nothing broken', call: 'GOOD', todo: 'Good.' }],
            },
          },
        ],
        whatIfs: [
          { change: 'SHED', words: 'in a cold shed', deadline: '2031-11-08', gainedDays: 10 },
          { change: 'COVER', words: 'under a tarp', deadline: '2031-10-29', gainedDays: 0 },
        ],
        nights: [],
      },
    }));
    expect(await screen.findByText('Wed 29 Oct, 1 day')).toBeTruthy();
    expect(screen.getByText(/Water stood in the pump/)).toBeTruthy();
    expect(screen.getByText(/raw-water pump first/)).toBeTruthy();
    expect(screen.getByText('Sat 8 Nov, 10 days more')).toBeTruthy();
    expect(screen.getByText('Wed 29 Oct, no gain')).toBeTruthy();
  });
});
