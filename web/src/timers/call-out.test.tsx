import { cleanup, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { served } from '../testing/served.test';
import { CallOut } from './call-out';
import { DueBack } from './due-back';

afterEach(() => {
  cleanup();
  localStorage.clear();
  vi.unstubAllGlobals();
});

const at = (minutes: number) => new Date(Date.now() + minutes * 60_000).toISOString();

const timer = (over: object = {}) => ({
  kind: 'SOAK',
  boat: 'boat',
  boatName: 'Halcyon',
  berthName: 'B2',
  card: 'card',
  procedureWords: 'descale',
  heldBy: 'Orrin',
  step: 'first-shot',
  title: 'Draw the first shot',
  engine: null,
  startedAt: at(-241),
  fromStart: false,
  dueAt: at(-1),
  alarmAt: at(104),
  overAt: at(119),
  whenDue: 'Soak finished: continue.',
  whenOver: 'Soaked too long.',
  ...over,
});

function shown(what: React.ReactNode, timers: object[], name = 'Orrin', role = 'TECHNICIAN') {
  const shake = vi.fn();
  Object.defineProperty(navigator, 'vibrate', { value: shake, configurable: true });
  served(what, ({ path }) => ({
    body: path === '/api/session' ? { name, role } : { now: at(0), timers },
  }));
  return shake;
}

describe('calling out', () => {
  it('says what is due, shakes once, and is silent when it was heard', async () => {
    const shake = shown(<CallOut />, [timer()]);
    expect(await screen.findByText(/Soak finished/)).toBeTruthy();
    expect(shake).toHaveBeenCalledTimes(1);
    await userEvent.click(screen.getByText('Got it'));
    expect(screen.queryByText(/Soak finished/)).toBeNull();
  });

  it('does not shake again on this device after a reload', async () => {
    const timers = [timer()];
    shown(<CallOut />, timers);
    await screen.findByText(/Soak finished/);
    cleanup();
    const again = shown(<CallOut />, timers);
    await screen.findByText(/Soak finished/);
    expect(again).not.toHaveBeenCalled();
  });

  it('leaves others alone with the runs of somebody else, but tells the coordinator of soaks', async () => {
    shown(
      <CallOut />,
      [timer(), timer({ kind: 'RUN', title: 'Warm it', card: 'other' })],
      'Tamsa',
      'COORDINATOR',
    );
    expect(await screen.findByText(/Draw the first shot/)).toBeTruthy();
    expect(screen.queryByText(/Warm it/)).toBeNull();
  });
});

describe('who is due back', () => {
  it('in how long at which boat', async () => {
    shown(<DueBack />, [
      timer({ dueAt: at(72), alarmAt: at(150), overAt: at(180) }),
      timer({ card: 'two', boatName: 'Marram', overAt: at(-1), alarmAt: at(-9) }),
      timer({ card: 'three', kind: 'WATER', boatName: 'Nobody' }),
    ]);
    expect(await screen.findByText('in 1 h 12 min')).toBeTruthy();
    expect(screen.getByText('over')).toBeTruthy();
    expect(screen.queryByText('Nobody')).toBeNull();
  });

  it('shows nothing while no clock runs', async () => {
    // One that runs for somebody else comes up; the one for Tamsa, from the same answer, does not.
    shown(
      <>
        <section aria-label="hers">
          <DueBack whose="Tamsa" />
        </section>
        <DueBack whose="Orrin" />
      </>,
      [timer()],
    );
    await screen.findByText('Halcyon');
    expect(screen.getByRole('region', { name: 'hers' }).textContent).toBe('');
  });
});
