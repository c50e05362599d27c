import { cleanup, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { DueLine, DueOfBoat } from '../api/client';
import { served } from '../testing/served.test';
import type { Asked } from '../testing/served.test';
import { Due } from './due';

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const line = (item: string, over: Partial<DueLine> = {}): DueLine => ({
  engine: 'CENTER',
  item,
  words: item,
  part: '',
  every: '24 months',
  standing: 'OVERDUE',
  standingWords: 'overdue',
  on: '2031-04-12T09:00:00Z',
  estimated: false,
  hoursLeft: null,
  lastAt: '2029-04-12T09:00:00Z',
  lastHours: 412,
  why: 'Every 24 months.',
  due: true,
  plannedBy: null,
  doneOn: 'COMMISSION',
  ...over,
});

const SMEW: DueOfBoat = {
  boat: 'smew',
  name: 'Smew',
  berthName: 'D2',
  severalEngines: false,
  narrowing: [],
  done: [],
  lines: [
    line('impeller'),
    line('anodes', { standing: 'NO_RECORD', lastAt: null, on: null, why: 'Nobody wrote it.' }),
    line('valve clearance', {
      standing: 'BEFORE_LAY_UP',
      standingWords: 'falls due before the next lay-up',
      due: false,
      estimated: true,
      hoursLeft: 30,
    }),
    line('coolant', { plannedBy: 'Orrin' }),
  ],
};
const WIGEON: DueOfBoat = {
  ...SMEW,
  boat: 'wigeon',
  name: 'Wigeon',
  lines: [],
  narrowing: [{ kind: 'PLATEAU', words: 'Holds at 83.6 °C.', evidence: [] }],
};

function shown(boats: DueOfBoat[] = [SMEW, WIGEON]) {
  return served(
    <Due />,
    ({ path, method }: Asked) =>
      path === '/api/session'
        ? { body: { name: 'Orrin', role: 'TECHNICIAN' } }
        : { body: method === 'POST' ? { kept: [], boat: {} } : boats },
    '/book/due',
  );
}

describe('what is due', () => {
  it('says how each stands, when, and how it was last', async () => {
    shown();
    const smew = await screen.findByRole('region', { name: 'Smew' });
    expect(smew.textContent).toContain('Impeller · overdue, 12 Apr 2031');
    expect(smew.textContent).toContain('Last 12 Apr 2029 at 412 h');
    expect(smew.textContent).toContain('about 12 Apr 2031, in 30 h');
    expect(smew.textContent).toContain('on the next visit, Orrin');
    expect(smew.textContent).not.toContain('anodes');
    expect(screen.getByRole('region', { name: 'Wigeon' }).textContent).toContain(
      'Raw-water path narrowing: descale or inspect. Holds at 83.6 °C.',
    );
  });

  it('becomes work on the next visit with one click', async () => {
    const asked = shown();
    const smew = await screen.findByRole('region', { name: 'Smew' });
    await userEvent.click(
      await within(smew).findByRole('button', { name: 'Impeller: do on next visit' }),
    );
    await waitFor(() =>
      expect(JSON.stringify(asked.find(({ method }) => method === 'POST')?.body)).toContain(
        '"kind":"DUE_PLANNED","engine":"CENTER","item":"impeller"',
      ),
    );
  });

  it('shows less or more of it, what has no record in one line', async () => {
    shown();
    await screen.findByRole('region', { name: 'Smew' });
    await userEvent.selectOptions(screen.getByLabelText('Show'), 'now');
    expect(screen.getByRole('region', { name: 'Smew' }).textContent).not.toContain('valve');
    await userEvent.selectOptions(screen.getByLabelText('Show'), 'all');
    expect(screen.getByText('No record, so due: Anodes.')).toBeTruthy();
  });

  it('says so when nothing is', async () => {
    shown([]);
    expect(await screen.findByText('Nothing falls due.')).toBeTruthy();
  });
});
