import { cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { AskOf, CastOffRound, RoundCheck } from '../api/client';
import { ask } from '../testing/ask';
import { served } from '../testing/served.test';
import { goNoGo, keyOf, sentOf } from './go-no-go';
import { RoundShown } from './round';
import { byLink, ofBoat } from './source';
import { METRIC } from '../words/units';

const BILGE = {
  key: 'bilge',
  name: 'bilge',
  how: 'against last time',
  findings: [
    { key: 'dry', words: 'dry', call: 'GOOD' as const, todo: '', sets: null },
    { key: 'damp', words: 'a little, fresh', call: 'MEND' as const, todo: 'Dry it.', sets: null },
    {
      key: 'more',
      words: 'more than last time',
      call: 'STOP' as const,
      todo: 'Stop: where first?',
      sets: null,
    },
  ],
};
const WATER: AskOf<'READ'>['limits'] = {
  how: '',
  goodLow: 0,
  goodHigh: 60,
  possibleLow: 0,
  possibleHigh: 300,
  whenGood: 'Good: at most {high} s.',
  whenLow: '',
  callLow: 'STOP',
  whenHigh: 'Stop the engine.',
  callHigh: 'STOP',
  stopFrom: null,
  whenStop: null,
  sets: null,
  against: null,
};
const check = (one: RoundCheck['ask'], over: Partial<RoundCheck> = {}): RoundCheck => ({
  ask: one,
  fitting: null,
  otherwise: null,
  otherwiseWords: null,
  ...over,
});
const SEACOCK = check(ask('SET', { label: 'seacock OPEN', fitting: 'seacock', to: 'OPEN' }), {
  fitting: 'seacock',
  otherwise: 'SHUT',
  otherwiseWords: 'SHUT',
});
const LOOK = check(ask('SEE', { label: 'bilge', condition: BILGE }));
const START = check(
  ask('READ', {
    label: 'water at the exhaust after',
    limit: 'water-at-exhaust',
    unit: 's',
    engine: 'CENTER',
    limits: WATER,
  }),
);
const part = (phase: 'STOPPED' | 'RUNNING', title: string, checks: RoundCheck[]) => ({
  phase,
  key: title,
  title,
  how: 'Look.',
  hazards: ['Hands out.'],
  checks,
});
const ROUND: CastOffRound = {
  boat: 'b1',
  name: 'Little Auk',
  kind: 'SHORT',
  units: METRIC,
  parts: [
    part('STOPPED', 'Engine, stopped', [SEACOCK, LOOK]),
    part('RUNNING', 'Start the engine', [START]),
  ],
  standing: [],
  tags: [],
  engines: [{ engine: 'CENTER', words: 'engine' }],
  fuel: {
    tanks: [{ name: '', capacityLiters: 200, unusableLiters: null, feeds: ['CENTER'] }],
    litersPerHour: { CENTER: 20 },
    speedKn: 6,
  },
  fuelVersion: 0,
  lastRound: null,
  flush: '',
  complaints: [
    { complaint: 'STEAMS_UNDER_LOAD', words: 'steams under load', perEngine: true },
    { complaint: 'NOTHING', words: 'nothing to complain of', perEngine: false },
  ],
};
const GOOD = {
  [keyOf(SEACOCK)]: { state: 'OPEN' },
  [keyOf(LOOK)]: { finding: 'dry' },
  [keyOf(START)]: { value: 12 },
};
const ENOUGH = [
  {
    name: '',
    burnt: 80,
    needed: 96,
    usable: 140,
    left: 60,
    add: 0,
    refuelOnTheWay: false,
    turnBackHours: 3,
    words: '',
  },
];

describe('go or no-go on the device', () => {
  it('is a go when all is good and fuel is enough, and not yet while one is missing', () => {
    expect(goNoGo(ROUND, GOOD, ENOUGH)).toMatchObject({ go: true, open: [], reasons: [] });
    expect(goNoGo(ROUND, GOOD, null)).toMatchObject({
      go: false,
      stops: false,
      open: ['fuel for the trip'],
    });
    expect(goNoGo(ROUND, {}, ENOUGH).open).toHaveLength(3);
  });

  it('is stopped by one stop, by the log and by fuel; what to put right keeps nobody in', () => {
    const more = { ...GOOD, [keyOf(LOOK)]: { finding: 'more' } };
    expect(goNoGo(ROUND, more, ENOUGH).reasons[0]!.words).toBe(
      'Bilge: more than last time. Stop: where first?',
    );
    const damp = { ...GOOD, [keyOf(LOOK)]: { finding: 'damp' } };
    expect(goNoGo(ROUND, damp, ENOUGH)).toMatchObject({ go: true, stops: false });
    const shut = { ...GOOD, [keyOf(SEACOCK)]: { state: 'SHUT' } };
    expect(goNoGo(ROUND, shut, ENOUGH).reasons[0]!.words).toBe('Seacock is SHUT.');
    const late = { ...GOOD, [keyOf(START)]: { value: 90 } };
    expect(goNoGo(ROUND, late, ENOUGH)).toMatchObject({ go: false, stops: true });
    const held = { ...ROUND, standing: [{ call: 'STOP' as const, words: 'It stands ashore.' }] };
    expect(goNoGo(held, GOOD, ENOUGH).go).toBe(false);
    const little = [{ ...ENOUGH[0]!, add: 36, words: 'Not enough: add 36 L.' }];
    expect(goNoGo(ROUND, GOOD, little).reasons[0]!.words).toBe('Fuel: Not enough: add 36 L.');
  });

  it('sends what was found, each in its own list', () => {
    expect(sentOf(ROUND, GOOD)).toEqual({
      set: [{ fitting: 'seacock', state: 'OPEN' }],
      seen: [{ engine: undefined, condition: 'bilge', finding: 'dry' }],
      read: [{ engine: 'CENTER', limit: 'water-at-exhaust', value: 12, against: undefined }],
    });
  });
});

describe('the round of a link', () => {
  beforeEach(() => localStorage.clear());
  afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
  });

  const shown = (answer: Parameters<typeof served>[1]) =>
    served(<RoundShown source={byLink('a-key-of-a-link')} may />, answer);

  async function goes() {
    const user = userEvent.setup();
    expect(screen.queryByRole('textbox', { name: /water at the exhaust/i })).toBeNull();
    await screen.findByRole('button', { name: /^All as it should be/ });
    while (!screen.queryByLabelText(/water at the exhaust/i)) {
      await user.click(screen.getByRole('button', { name: /^All as it should be/ }));
    }
    fireEvent.change(screen.getByLabelText(/water at the exhaust/i), { target: { value: '12' } });
    fireEvent.change(screen.getByLabelText('Under way, all of it'), { target: { value: '4' } });
    fireEvent.change(screen.getByLabelText('Gauge'), { target: { value: '80' } });
    return user;
  }

  it('starts no engine before the rest, ends in go and is sent', async () => {
    const asked = shown(({ method }) => ({ body: method === 'GET' ? ROUND : { go: true } }));
    await screen.findByText('Little Auk');
    const user = await goes();
    const plate = screen.getByRole('status', { name: 'May we go' });
    expect(within(plate).getByText('Go')).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Go: keep this round' }));
    await waitFor(() => expect(asked.some(({ method }) => method === 'POST')).toBe(true));
    const sent = asked.find(({ method }) => method === 'POST')!;
    expect(sent.path).toBe('/api/owner/rounds');
    expect(sent.body).toMatchObject({ kind: 'SHORT', trip: { hours: 4, gaugePercent: [80] } });
    expect(asked.every(({ path }) => !path.includes('a-key'))).toBe(true);
    expect(within(plate).getByText('Go')).toBeTruthy();
    expect(within(plate).getByText('This round is kept.')).toBeTruthy();
    expect(screen.queryByRole('button', { name: /keep this round/ })).toBeNull();
    await user.click(screen.getByRole('button', { name: /^All as it should be/ }));
    expect(within(plate).getByText('Not yet')).toBeTruthy();
    expect(within(plate).queryByText('This round is kept.')).toBeNull();
  });

  it('names the last things that are open', () => {
    const { open } = goNoGo(ROUND, GOOD, null);
    expect(open).toEqual(['fuel for the trip']);
    expect(goNoGo(ROUND, {}, ENOUGH).open.every((name) => name !== '')).toBe(true);
  });

  it('says no-go with the liters to add, and what a number can be', async () => {
    shown(() => ({ body: ROUND }));
    await screen.findByText('Little Auk');
    await goes();
    const gauge = screen.getByLabelText('Gauge');
    fireEvent.change(gauge, { target: { value: '40' } });
    expect(screen.getAllByText(/Not enough: add 36 L\./)).toHaveLength(2);
    fireEvent.change(gauge, { target: { value: '140' } });
    expect(screen.getByText('From 0 to 100 %.')).toBeTruthy();
    expect(gauge.getAttribute('aria-invalid')).toBe('true');
  });

  it('goes on without signal with what was fetched last, and says what waits', async () => {
    let signal = true;
    const asked = shown(({ method }) => {
      if (!signal) throw new TypeError('no signal');
      return { body: method === 'GET' ? ROUND : { go: true } };
    });
    await screen.findByText('Little Auk');
    signal = false;
    cleanup();
    served(<RoundShown source={byLink('a-key-of-a-link')} may />, () => {
      throw new TypeError('no signal');
    });
    await screen.findByText(/No signal/);
    const user = await goes();
    await user.click(screen.getByRole('button', { name: 'Go: keep this round' }));
    expect(await screen.findByText(/1 waits to go up/)).toBeTruthy();
    expect(asked.filter(({ method }) => method === 'POST')).toHaveLength(0);
  });

  const UNDESCRIBED = { ...ROUND, fuel: null };
  const ofYard = (answer: Parameters<typeof served>[1]) =>
    served(<RoundShown source={ofBoat('b1', 'Orrin', true)} may />, answer);

  async function describesIt() {
    const user = userEvent.setup();
    await user.type(await screen.findByLabelText(/engine burns/i), '20');
    await user.type(screen.getByLabelText(/tank holds/i), '200');
    await user.click(screen.getByRole('button', { name: /save consumption/i }));
    return user;
  }

  it('keeps what it burns, said without signal, goes by it and sends it on', async () => {
    let signal = true;
    const asked = ofYard(({ method }) => {
      if (!signal) throw new TypeError('no signal');
      return { body: method === 'GET' ? UNDESCRIBED : {} };
    });
    await screen.findByText('Little Auk');
    signal = false;
    await describesIt();
    expect(await screen.findByText(/1 waits to go up/)).toBeTruthy();
    expect(screen.getByLabelText('Gauge')).toBeTruthy();
    signal = true;
    window.dispatchEvent(new Event('online'));
    await waitFor(() => {
      const sent = asked.filter(({ method, path }) => method === 'PUT' && path.endsWith('/fuel'));
      expect(sent.at(-1)?.body).toMatchObject({ litersPerHour: { CENTER: 20 }, speedKn: null });
      expect(screen.queryByText(/waits to go up/)).toBeNull();
    });
  });

  it('goes by it for this trip when somebody has described it meanwhile', async () => {
    let signal = true;
    ofYard(({ method }) => {
      if (!signal) throw new TypeError('no signal');
      if (method === 'GET') return { body: UNDESCRIBED };
      return { status: 412, body: { field: 'If-Match', detail: 'Somebody has changed it.' } };
    });
    await screen.findByText('Little Auk');
    signal = false;
    await describesIt();
    await screen.findByText(/1 waits to go up/);
    signal = true;
    window.dispatchEvent(new Event('online'));
    expect(await screen.findByText('Somebody has changed it.')).toBeTruthy();
    expect(screen.getByText('% of 200 L')).toBeTruthy();
  });

  it('keeps what is being typed of it', async () => {
    ofYard(() => ({ body: UNDESCRIBED }));
    await userEvent.setup().type(await screen.findByLabelText(/engine burns/i), '20');
    cleanup();
    ofYard(() => ({ body: UNDESCRIBED }));
    const box = await screen.findByLabelText<HTMLInputElement>(/engine burns/i);
    expect(box.value).toBe('20');
  });

  it('forgets all of it when the link opens nothing any more', async () => {
    shown(() => ({ body: ROUND }));
    await screen.findByText('Little Auk');
    expect(Object.keys(localStorage).length).toBeGreaterThan(0);
    cleanup();
    shown(() => ({
      status: 404,
      body: { field: 'link', detail: 'This link opens nothing any more.' },
    }));
    expect(await screen.findByText('This link opens nothing any more.')).toBeTruthy();
    expect(screen.queryByText('Little Auk')).toBeNull();
    await waitFor(() => expect(Object.keys(localStorage)).toHaveLength(0));
  });

  it('gives what was found back when the yard refuses the round', async () => {
    shown(({ method }) =>
      method === 'GET'
        ? { body: ROUND }
        : { status: 409, body: { field: 'state', detail: 'The hose is OFF: seacock SHUT first.' } },
    );
    await screen.findByText('Little Auk');
    const user = await goes();
    await user.click(screen.getByRole('button', { name: 'Go: keep this round' }));
    expect(await screen.findByText('The hose is OFF: seacock SHUT first.')).toBeTruthy();
    expect(screen.getByRole('button', { name: 'Engines stopped ✓' })).toBeTruthy();
    expect(screen.queryByText(/waits to go up/)).toBeNull();
  });

  it('goes by nothing that was looked at long ago', async () => {
    const old = { at: Date.now() - 7 * 3_600_000, answers: GOOD, gauges: ['80'] };
    localStorage.setItem('elsko.cast-off.link.a-key-of-a-l.begun.SHORT', JSON.stringify(old));
    shown(() => ({ body: ROUND }));
    await screen.findByText('Little Auk');
    expect(screen.getByText('4 things still to look at.')).toBeTruthy();
    expect(screen.getByLabelText<HTMLInputElement>('Gauge').value).toBe('');
  });

  it('takes a tap back that has not gone up yet', async () => {
    const asked = shown(() => ({ body: ROUND }));
    const user = userEvent.setup();
    await user.click(await screen.findByRole('button', { name: 'Engine ran hot' }));
    expect(screen.getByText(/1 waits to go up/)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Take it back' }));
    expect(screen.queryByText(/waits to go up/)).toBeNull();
    expect(asked.filter(({ method }) => method === 'POST')).toHaveLength(0);
  });
});
