import { cleanup, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { WalksView } from '../api/client';
import { served } from '../testing/served.test';
import { stop } from '../testing/a-stop';
import { clockOf, minuteOf, walkOf } from './times';
import { Walks } from './walks';

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const STOPS = [
  stop({ workers: ['Orrin', 'Tamsa'] }),
  stop({ task: 'fill', title: 'Fill', start: 520, end: 560, workers: ['Orrin', 'Tamsa'] }),
  stop({
    boat: 'dunlin',
    name: 'Dunlin',
    berthName: 'C10',
    task: 'prove',
    title: 'Prove',
    workers: ['Tamsa'],
    start: 600,
    end: 620,
    deadline: '2031-10-27',
  }),
];

const VIEW: WalksView = {
  today: '2031-10-28',
  days: 30,
  plan: {
    draft: true,
    madeAt: '2031-10-28T07:00:00Z',
    publishedAt: null,
    publishedBy: null,
    figures: {
      brokenRules: 0,
      frostLoss: 3.2,
      lateDays: 0,
      walkingMinutes: 44,
      toldOtherwise: 2,
    },
    stops: STOPS,
    undone: 1,
    continuity: { boats: 2, inOne: 2, changes: 0, returns: 0 },
    holds: [{ worker: 'Orrin', date: '2031-10-28', percent: 71 }],
    ahead: [
      {
        boat: 'dunlin',
        name: 'Dunlin',
        deadline: '2031-10-27',
        safeOn: '2031-10-29',
        races: true,
        holds: 62,
        slackDays: -2,
        promisedOn: null,
        keptOn: null,
        late: 'safe on Wed 29 Oct, its frost deadline is Mon 27 Oct',
      },
    ],
  },
  job: null,
  crew: {
    workers: ['Orrin', 'Tamsa'].map((name) => ({
      id: name,
      name,
      skills: ['ENGINE_PETROL'],
      startsAt: 420,
      endsAt: 990,
      weekdays: [true, true, true, true, true, false, false],
      daysOff: [],
      feedToken: null,
      version: 0,
    })),
    equipment: { TANK_KIT: 2 },
    liftSlots: 4,
    pauseFrom: 720,
    pauseTo: 750,
    hands: 'WHOLE_BOAT',
    learns: true,
    hours: { daylight: null, doors: null, lift: null, highWater: null, hands: null },
    version: 0,
  },
  changes: [
    {
      boat: 'teal',
      name: 'Teal',
      words: 'Its work from Mon 3 Nov to Wed 29 Oct 08:00, with Orrin.',
    },
  ],
  unmet: {
    hoursShort: ['2.5 h of diesel engines'],
    boats: [{ boat: 'x', name: 'Whimbrel', words: 'Nobody here does diesel engines.' }],
  },
  loads: ['2031-10-28', '2031-10-29'].map((date) => ({
    date,
    plannedMinutes: 100,
    capacityMinutes: 960,
    lowC: -1,
    deadlines: 0,
  })),
  changesFor: [
    {
      name: 'Orrin',
      changes: [{ boat: 'teal', name: 'Teal', words: 'Wed 29 Oct 08:00 instead of Mon 3 Nov.' }],
    },
  ],
  toldBefore: true,
  boatsLeft: 3,
};

const PLAN = {
  widthM: 40,
  heightM: 20,
  areas: [
    { id: 'a', name: 'Field', kind: 'ROWS', heated: false, xM: 2, yM: 2, widthM: 30, heightM: 16 },
  ],
  berths: [{ id: 'C3', areaId: 'a', name: 'C3', line: 'C', xM: 8, yM: 15 }],
};

function yard(answers: Record<string, unknown> = {}, view: WalksView = VIEW) {
  return served(<Walks />, ({ path, method }) => {
    if (path === '/api/session') return { body: { name: 'c', role: 'COORDINATOR' } };
    const known = answers[`${method} ${path}`];
    if (known) return { body: known };
    if (path === '/api/walks') return { body: view };
    if (path === '/api/boats') return { body: [] };
    if (path === '/api/yard/plan') return { body: PLAN };
    if (path.startsWith('/api/walks/why')) {
      return {
        body: {
          then: ['Frost presses: three days later 9 instead of 0.'],
          who: ['Tamsa could do it too.'],
          moves: ['A day later: expected frost damage rises by 4 repairs.'],
          learned: ['Fill takes this crew 48 min, not 60: from 12 boats.'],
        },
      };
    }
    return { body: {} };
  });
}

describe('walks', () => {
  it('shows each walk in order, a second pair of hands on both', async () => {
    yard();
    const orrin = await screen.findByRole('region', { name: 'Walk of Orrin' });
    const stops = within(orrin).getAllByRole('button', { name: /Teal/ });
    expect(stops.map((one) => one.querySelector('.sr-only')!.textContent)).toEqual([
      'Teal, Warm and drain, fill, 08:00 to 09:20, C3, with Tamsa, frost Sun 2 Nov',
    ]);
    const tamsa = screen.getByRole('region', { name: 'Walk of Tamsa' });
    expect(within(tamsa).getByRole('button', { name: /Teal, Warm.*with Orrin/ })).toBeTruthy();
    expect(
      within(tamsa).getByRole('button', { name: /Dunlin, Prove.*after its frost deadline/ }),
    ).toBeTruthy();
  });

  it('says what a draft changes and what there is no room for', async () => {
    yard();
    expect(await screen.findByText(/Its work from Mon 3 Nov/)).toBeTruthy();
    expect(screen.getByText('No room for 1')).toBeTruthy();
    expect(screen.getByText(/Nobody here does diesel engines/)).toBeTruthy();
    expect(screen.getByText(/Draft, not sent./)).toBeTruthy();
  });

  it('tells why a stop is there, and what a move would break before it is kept', async () => {
    const asked = yard({
      'POST /api/walks/move': { broken: ['Tamsa does not do diesel engines.'], costs: [] },
    });
    await userEvent.click(
      (await screen.findAllByRole('button', { name: /Teal, Warm and drain/ }))[0]!,
    );
    expect(await screen.findByText('Tamsa could do it too.')).toBeTruthy();
    await userEvent.selectOptions(screen.getByLabelText('To'), 'Tamsa');
    expect(await screen.findByText('Tamsa does not do diesel engines.')).toBeTruthy();
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Put it there' }).disabled).toBe(
      true,
    );
    expect(asked.filter(({ path }) => path === '/api/walks/move').map(({ body }) => body)).toEqual([
      { boat: 'teal', task: 'empty', worker: 'Tamsa', date: '2031-10-29', index: 0, keep: false },
    ]);
  });

  it('keeps a move that breaks nothing', async () => {
    const asked = yard({
      'POST /api/walks/move': { broken: [], costs: ['3 min less walking'] },
    });
    await userEvent.click(
      (await screen.findAllByRole('button', { name: /Teal, Warm and drain/ }))[0]!,
    );
    await userEvent.click(await screen.findByRole('button', { name: 'later' }));
    expect(await screen.findByText('3 min less walking.')).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'Put it there' }));
    const moves = asked.filter(({ path }) => path === '/api/walks/move');
    expect((moves[moves.length - 1]!.body as { keep: boolean }).keep).toBe(true);
  });

  it('while it is planned shows the best so far, and stops', async () => {
    const asked = yard(
      {},
      {
        ...VIEW,
        job: { seconds: 3, ofSeconds: 10, best: VIEW.plan!.figures, undone: 0 },
      },
    );
    expect(await screen.findByText(/best so far: 3.2 repairs, 44 min walking/)).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'Stop here' }));
    expect(
      asked.some(({ method, path }) => method === 'DELETE' && path === '/api/walks/search'),
    ).toBe(true);
  });

  it('names what is late, and leads to why', async () => {
    yard();
    const late = await screen.findByRole('region', { name: 'Late by this plan' });
    expect(late.textContent).toContain(
      'Dunlin safe on Wed 29 Oct, its frost deadline is Mon 27 Oct',
    );
    await userEvent.click(within(late).getByRole('button', { name: 'see why: Dunlin' }));
    expect(await screen.findByRole('region', { name: 'This stop' })).toBeTruthy();
  });

  it('says what would keep it, and how many more can be promised', async () => {
    const asked = yard({
      'POST /api/walks/what-if': {
        words: ['Everybody works on Sat 1 Nov too.', 'There is one more tank kit.'],
        late: [],
      },
    });
    await userEvent.click(
      await screen.findByRole('button', { name: 'what would keep it? Dunlin' }),
    );
    expect(await screen.findByText(/Sat 1 Nov too. Or: There is one more tank kit/)).toBeTruthy();
    await userEvent.selectOptions(screen.getByLabelText('There is'), 'another boat to promise');
    await userEvent.selectOptions(screen.getByLabelText('By'), '2031-10-29');
    await userEvent.click(screen.getByRole('button', { name: 'Try it' }));
    await waitFor(() =>
      expect(
        asked.filter(({ path }) => path === '/api/walks/what-if').map(({ body }) => body)[1],
      ).toEqual({ promisedBy: '2031-10-29' }),
    );
  });

  it('asks once before it is sent, and says who is told what', async () => {
    const asked = yard();
    await userEvent.click(await screen.findByRole('button', { name: 'Send plan' }));
    const question = screen.getByRole('region', { name: 'Send this plan?' });
    expect(question.textContent).toContain('Teal: Wed 29 Oct 08:00 instead of Mon 3 Nov.');
    expect(question.textContent).toContain('Tamsa: nothing changes.');
    expect(asked.some(({ path }) => path === '/api/walks/publish')).toBe(false);
    await userEvent.click(within(question).getByRole('button', { name: 'Send to everybody' }));
    expect(asked.some(({ path }) => path === '/api/walks/publish')).toBe(true);
  });

  it('answers what would become of it, and who can go home', async () => {
    const asked = yard({
      'POST /api/walks/what-if': { words: ['2 would be late, now 1: Teal by 1 day.'], late: [] },
      'POST /api/walks/who-can-go-home': { people: ['Tamsa'] },
    });
    await userEvent.selectOptions(await screen.findByLabelText('There is'), 'Orrin');
    await userEvent.selectOptions(screen.getByLabelText('Until'), '2031-10-29');
    await userEvent.click(screen.getByRole('button', { name: 'Try it' }));
    expect(await screen.findByText('2 would be late, now 1: Teal by 1 day.')).toBeTruthy();
    expect(asked.find(({ path }) => path === '/api/walks/what-if')?.body).toEqual({
      without: ['Orrin'],
      until: '2031-10-29',
    });
    await userEvent.click(screen.getByRole('button', { name: 'who can go home today?' }));
    expect(await screen.findByText(/Any one of these.*Tamsa/)).toBeTruthy();
  });

  it('somebody ill is off and it is planned again with one tap', async () => {
    const asked = yard();
    await userEvent.click(await screen.findByRole('button', { name: /Tamsa is (ill|off)/ }));
    await waitFor(() => expect(asked.some(({ path }) => path === '/api/walks/search')).toBe(true));
    expect(asked.find(({ path }) => path.endsWith('/days-off'))?.body).toMatchObject({ off: true });
  });

  it('says what is missing when there is nobody to plan for', async () => {
    yard({}, { ...VIEW, plan: null, crew: { ...VIEW.crew, workers: [] }, changes: [] });
    expect(await screen.findByText(/Nobody to plan for yet/)).toBeTruthy();
    expect(screen.getByText('Nobody was told anything yet.')).toBeTruthy();
  });
});

it('times are read and written', () => {
  expect(clockOf(545)).toBe('09:05');
  expect(['9:05', '09:05', '24:30', 'nine'].map(minuteOf)).toEqual([545, 545, null, null]);
  expect(walkOf(STOPS, 'Tamsa', '2031-10-29').map(({ task }) => task)).toEqual([
    'empty',
    'fill',
    'prove',
  ]);
});
