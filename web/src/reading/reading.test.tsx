import { cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { ReactNode } from 'react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { BoatView, ConditionView } from '../api/client';
import { ask } from '../testing/ask';
import { served } from '../testing/served.test';
import { dripsPerMinute } from './drips';
import { FindPieces } from './find-pieces';
import { ReadNumber } from './read-number';
import { SeeCondition } from './see-condition';

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
  sessionStorage.clear();
});

const BOAT = { id: 'boat' } as BoatView;
const PLACE = { card: 'card', step: 'look-over' };

const OIL: ConditionView = {
  key: 'oil-look',
  name: 'look of the engine oil',
  how: 'on the dipstick',
  findings: [
    { key: 'amber', words: 'clear, amber', call: 'GOOD', todo: 'Good.', sets: null },
    { key: 'milky', words: 'milky', call: 'STOP', todo: 'Stop: water is in the oil.', sets: null },
  ],
};

const MARK: ConditionView = {
  key: 'tensioner-mark',
  name: 'mark of the belt tensioner',
  how: '',
  findings: [{ key: 'in', words: 'in its window', call: 'GOOD', todo: 'Good.', sets: null }],
};

const BELT = ask('READ', {
  label: 'belt gives',
  limit: 'belt-deflection',
  unit: 'mm',
  engine: 'PORT',
  school: 'span and deflection',
  instead: MARK,
  limits: {
    how: 'firm thumb pressure',
    goodLow: 0.0315,
    goodHigh: 0.0525,
    possibleLow: 0,
    possibleHigh: 100,
    whenGood: 'Good: between {low} and {high} mm.',
    whenLow: 'Tight.',
    callLow: 'MEND',
    whenHigh: 'Slack: it slips.',
    callHigh: 'MEND',
    stopFrom: null,
    whenStop: null,
    sets: null,
    against: { name: 'free span', unit: 'mm', possibleLow: 50, possibleHigh: 1500 },
  },
});

function shown(what: ReactNode, refuse?: { field: string; detail: string }) {
  const asked = served(what, () =>
    refuse ? { status: 409, body: refuse } : { body: { ids: [], boat: BOAT } },
  );
  return () =>
    asked
      .filter(({ method }) => method === 'POST')
      .flatMap(({ body }) => (body as { entries: Record<string, unknown>[] }).entries);
}

describe('a reading that is a number', () => {
  it('has what it read the last time a tap away, and enters only what is sent', async () => {
    const gauge = ask('READ', {
      label: 'gauge holds at',
      limit: 'warm-plateau',
      unit: '°C',
      last: { value: 74.5, at: '2030-11-03T09:00:00Z' },
    });
    const sent = shown(<ReadNumber ask={gauge} boat={BOAT} place={PLACE} may />);
    await userEvent.click(screen.getByRole('button', { name: 'as on 3 Nov 2030: 74.5 °C' }));
    expect(screen.getByLabelText<HTMLInputElement>('Gauge holds at').value).toBe('74.5');
    expect(sent()).toEqual([]);
    await userEvent.click(screen.getByRole('button', { name: 'Enter' }));
    await waitFor(() => expect(sent()[0]).toMatchObject({ kind: 'READING_TAKEN', value: 74.5 }));
  });

  it('does not offer the hours of last time, nor what is held against another number', () => {
    const last = { value: 612, at: '2030-11-03T09:00:00Z' };
    shown(
      <>
        <ReadNumber
          ask={ask('READ', { label: 'hours', limit: 'engine-hours', unit: 'h', last })}
          boat={BOAT}
          place={PLACE}
          may
        />
        <ReadNumber ask={{ ...BELT, last }} boat={BOAT} place={PLACE} may />
      </>,
    );
    expect(screen.queryByText(/as on/)).toBeNull();
  });

  it('is judged while it is typed, by the span it is held against', async () => {
    const sent = shown(<ReadNumber ask={BELT} boat={BOAT} place={PLACE} may />);
    expect(screen.getByText(/school of this yard: span and deflection/)).toBeTruthy();
    await userEvent.type(screen.getByLabelText('Belt gives'), '18');
    expect(screen.queryByText('Slack: it slips.')).toBeNull();
    await userEvent.type(screen.getByLabelText('Free span'), '300');
    expect(screen.getByText('Slack: it slips.')).toBeTruthy();
    await userEvent.clear(screen.getByLabelText('Belt gives'));
    await userEvent.type(screen.getByLabelText('Belt gives'), '12{Enter}');
    await waitFor(() => expect(sent()).toHaveLength(1));
    expect(sent()[0]).toMatchObject({
      kind: 'READING_TAKEN',
      engine: 'PORT',
      limit: 'belt-deflection',
      value: 12,
      against: 300,
      ...PLACE,
    });
  });

  it('keeps what was typed while something is missing', async () => {
    const sent = shown(<ReadNumber ask={BELT} boat={BOAT} place={PLACE} may />);
    await userEvent.type(screen.getByLabelText('Belt gives'), '12{Enter}');
    expect(screen.getByRole('alert').textContent).toBe('Enter the free span in mm, too.');
    expect(screen.getByLabelText<HTMLInputElement>('Belt gives').value).toBe('12');
    expect(sent()).toHaveLength(0);
  });

  it('shows at the box what core refuses', async () => {
    shown(<ReadNumber ask={BELT} boat={BOAT} place={PLACE} may />, {
      field: 'against',
      detail: '9 is outside 50 to 1500 mm.',
    });
    await userEvent.type(screen.getByLabelText('Free span'), '9');
    await userEvent.type(screen.getByLabelText('Belt gives'), '12{Enter}');
    expect((await screen.findByRole('alert')).textContent).toContain('outside 50');
    expect(screen.getByLabelText('Free span').getAttribute('aria-invalid')).toBe('true');
  });

  it('is read by the mark where a spring keeps the tension', async () => {
    const sent = shown(<ReadNumber ask={BELT} boat={BOAT} place={PLACE} may />);
    await userEvent.click(screen.getByRole('button', { name: /It has a spring/ }));
    await userEvent.click(screen.getByRole('button', { name: 'In its window' }));
    await waitFor(() => expect(sent()).toHaveLength(1));
    expect(sent()[0]).toMatchObject({ condition: 'tensioner-mark', finding: 'in' });
  });

  it('begins with what the yard expects', () => {
    shown(
      <ReadNumber
        ask={{ ...BELT, limit: 'battery-age', against: 4, instead: null }}
        boat={BOAT}
        place={{}}
        may
      />,
    );
    expect(screen.getByLabelText<HTMLInputElement>('Free span').value).toBe('4');
  });
});

describe('a drip', () => {
  it.each([
    [[], null],
    [[500], null],
    [[0, 2000, 4000], 30],
    [[1000, 1000], null],
    [[0, 10_000], 6],
    [[0, 700], 85.7],
  ])('tapped at %j ms', (taps, rate) => {
    expect(dripsPerMinute(taps)).toBe(rate);
  });

  it('is counted by tapping into its box', () => {
    const drip = { ...BELT, label: 'packed gland drips', limit: 'gland-drip', instead: null };
    shown(
      <ReadNumber
        ask={{ ...drip, limits: { ...BELT.limits, against: null } }}
        boat={BOAT}
        place={PLACE}
        may
      />,
    );
    const button = screen.getByRole('button', { name: 'Tap at each drop' });
    const tap = (at: number) => {
      const event = new MouseEvent('click', { bubbles: true });
      Object.defineProperty(event, 'timeStamp', { value: at });
      fireEvent(button, event);
    };
    [1000, 4000, 7000].forEach(tap);
    expect(screen.getByLabelText<HTMLInputElement>('Packed gland drips').value).toBe('20');
    expect(screen.getByRole('status').textContent).toBe('3 drops: 20 a minute.');
  });
});

describe('something that is looked at', () => {
  const see = (found: string | null, may = true) => (
    <SeeCondition boat={BOAT} engine="PORT" condition={OIL} found={found} place={PLACE} may={may} />
  );

  it('is said with one tap', async () => {
    const sent = shown(see(null));
    await userEvent.click(screen.getByRole('button', { name: 'Milky' }));
    await waitFor(() => expect(sent()).toHaveLength(1));
    expect(sent()[0]).toMatchObject({
      kind: 'CONDITION_SEEN',
      engine: 'PORT',
      condition: 'oil-look',
      finding: 'milky',
      ...PLACE,
    });
  });

  it('calls a stop out', () => {
    shown(see('milky'));
    expect(screen.getByRole('alert').textContent).toBe('Stop: water is in the oil.');
    expect(screen.queryByRole('button', { name: 'Milky' })).toBeNull();
  });

  it('can be looked at again', async () => {
    const sent = shown(see('milky'));
    await userEvent.click(screen.getByRole('button', { name: /look again/ }));
    const group = screen.getByRole('group', { name: 'Look of the engine oil' });
    await userEvent.click(within(group).getByRole('button', { name: 'Clear, amber' }));
    await waitFor(() => expect(sent()[0]).toMatchObject({ finding: 'amber' }));
  });

  it('is only shown to those who may not enter it', () => {
    shown(see(null, false));
    expect(screen.queryByRole('button')).toBeNull();
  });
});

describe('the pieces of an impeller', () => {
  const pieces = ask('PIECES', {
    label: 'pieces of the impeller found',
    engine: 'PORT',
    missing: 2,
  });

  it('are counted off with where they lay', async () => {
    const sent = shown(<FindPieces ask={pieces} boat={BOAT} place={PLACE} may />);
    expect(screen.getByText(/2 missing: first rising pipe/)).toBeTruthy();
    await userEvent.type(screen.getByLabelText('Found'), '1');
    await userEvent.type(screen.getByLabelText('where'), 'exchanger inlet{Enter}');
    await waitFor(() => expect(sent()).toHaveLength(1));
    expect(sent()[0]).toMatchObject({ kind: 'PIECES_FOUND', count: 1, where: 'exchanger inlet' });
  });

  it('are whole', async () => {
    const sent = shown(<FindPieces ask={pieces} boat={BOAT} place={PLACE} may />);
    await userEvent.type(screen.getByLabelText('Found'), '1.5{Enter}');
    expect(screen.getByRole('alert').textContent).toContain('how many pieces');
    expect(sent()).toHaveLength(0);
  });

  it('are done when none is missing', () => {
    shown(
      <FindPieces ask={{ ...pieces, missing: 0, answered: true }} boat={BOAT} place={PLACE} may />,
    );
    expect(screen.getByText('every piece is found')).toBeTruthy();
    expect(screen.queryByLabelText('Found')).toBeNull();
  });
});
