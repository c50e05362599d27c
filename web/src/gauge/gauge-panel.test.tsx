import { cleanup, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { BoatView, CardView, GaugeView, StepView } from '../api/client';
import { served } from '../testing/served.test';
import type { Asked } from '../testing/served.test';
import { GaugePanel } from './gauge-panel';

afterEach(() => {
  cleanup();
  localStorage.clear();
  sessionStorage.clear();
  vi.unstubAllGlobals();
});

const reading = (minute: number, temperatureC: number) => ({
  minute,
  temperatureC,
  rpm: null,
  exhaustLitersPerMinute: null,
});

function gauge(over: object = {}): GaugeView {
  return {
    engine: 'CENTER',
    running: true,
    limits: {
      opensFromC: 71,
      opensUntilC: 79,
      ownPlateauC: 75,
      stopAtC: 81,
      stopBecause: '6 K over its own 75 °C',
    },
    readings: [reading(0.5, 20), reading(1, 26)],
    watch: { standing: 'WARMING', words: '26 °C, not flat yet.', plateauC: null },
    past: [{ at: '2030-10-29T08:00:00Z', valueC: 75 }],
    ...over,
  } as unknown as GaugeView;
}

const at = (minutes: number) => new Date(Date.now() + minutes * 60_000).toISOString();

function shown(of: GaugeView) {
  const card = {
    id: 'card',
    steps: [{ key: 'warm-up', asks: [], run: null, soak: null }],
    timers: [
      {
        kind: 'RUN',
        step: 'warm-up',
        startedAt: at(-2),
        dueAt: at(3),
        alarmAt: at(7),
        overAt: at(8),
      },
    ],
  } as unknown as CardView;
  return served(
    <GaugePanel
      card={card}
      boat={{ id: 'boat' } as BoatView}
      step={{ key: 'warm-up' } as StepView}
      gauge={of}
      limit="warm-plateau"
      may
    />,
    ({ path }) => ({
      body: path.endsWith('gauge-faults')
        ? [{ fault: 'NONE', words: 'nothing' }]
        : { ids: [], boat: {} },
    }),
  );
}

/** What was entered, once it has gone up. */
const sent = (asked: readonly Asked[]) =>
  vi.waitFor(() => {
    const post = asked.find(({ method }) => method === 'POST');
    expect(post).toBeDefined();
    return post!;
  });

describe('the gauge of a running engine', () => {
  it('is drawn with what it is held against, and as a table', () => {
    shown(gauge());
    expect(screen.getByRole('img').getAttribute('aria-label')).toContain('stop at 81 °C');
    expect(screen.getByText('usual 75')).toBeTruthy();
    expect(screen.getAllByRole('row')).toHaveLength(3);
  });

  it('is entered again and again with the minutes since the start', async () => {
    const asked = shown(gauge());
    await userEvent.type(screen.getByLabelText('Gauge now'), '31{Enter}');
    const { entries } = (await sent(asked)).body as {
      entries: { minute: number; temperatureC: number }[];
    };
    expect(entries[0]).toMatchObject({ kind: 'GAUGE_READ', temperatureC: 31, step: 'warm-up' });
    expect(entries[0]!.minute).toBeCloseTo(2, 0);
  });

  it('refuses words at the field and keeps them', async () => {
    const asked = shown(gauge());
    await userEvent.type(screen.getByLabelText('Gauge now'), 'warm{Enter}');
    expect(screen.getByRole('alert').textContent).toContain('like 74');
    expect(screen.getByLabelText('Gauge now')).toHaveProperty('value', 'warm');
    expect(asked.some(({ method }) => method === 'POST')).toBe(false);
  });

  it('calls out when it has to be stopped', () => {
    const shake = vi.fn();
    Object.defineProperty(navigator, 'vibrate', { value: shake, configurable: true });
    shown(gauge({ watch: { standing: 'STOP', words: '82 °C: stop the engine.', plateauC: null } }));
    expect(screen.getByRole('alert').textContent).toBe('82 °C: stop the engine.');
    expect(shake).toHaveBeenCalled();
  });

  it('offers the plateau once it holds', async () => {
    const asked = shown(gauge({ watch: { standing: 'OPEN', words: 'Holds.', plateauC: 74.9 } }));
    await userEvent.click(screen.getByText('It holds at 74.9 °C'));
    expect(JSON.stringify((await sent(asked)).body)).toContain(
      '"limit":"warm-plateau","value":74.9',
    );
  });
});
