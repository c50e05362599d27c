import { render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { cleanup } from '@testing-library/react';
import { Bottles } from '../sample/bottles';
import { VerdictWords } from '../sample/verdict-words';
import type { CircuitView, FittingView, PointView, VerdictView } from '../api/client';
import { LooseEnds } from './loose-ends';
import { PathTable } from './path-table';
import { WaterPath } from './water-path';

afterEach(cleanup);

function verdict(over: Partial<VerdictView> = {}): VerdictView {
  return {
    outcome: 'PROVEN',
    strengthKept: 0.97,
    worstCaseMassFraction: 0.36,
    freezePointC: -17.3,
    burstPointC: -51,
    burstIsFloor: true,
    neededMassFraction: 0.292,
    reasons: ['Burst point at or below −51 °C, needed −25 °C.'],
    remedy: null,
    ...over,
  };
}

function point(over: Partial<PointView> = {}): PointView {
  return {
    key: 'block-port',
    name: 'port block',
    opens: 'block-port-drain',
    segment: 'block-port',
    empties: ['block-port'],
    liters: 4.5,
    required: true,
    seen: 'RAN_CLEAR',
    seenWords: 'ran clear',
    empty: false,
    reading: -18.2,
    temperatureC: 14,
    lot: 'P38-1',
    instrument: 'bay glass',
    unit: '°C',
    massFraction: 0.37,
    jugReading: -19.1,
    jugMassFraction: 0.38,
    verdict: verdict(),
    couldNot: null,
    toldByOthers: false,
    predictedMassFraction: null,
    parting: null,
    ...over,
  };
}

function fitting(over: Partial<FittingView> = {}): FittingView {
  return {
    key: 'block-port-drain',
    name: 'port block drain',
    kind: 'DRAIN_PLUG',
    circuit: null,
    where: 'low',
    tool: 'socket',
    state: 'IN',
    stateWords: 'IN',
    states: [
      { state: 'IN', words: 'IN' },
      { state: 'OUT_BAGGED', words: 'OUT, bagged' },
    ],
    looseEnd: false,
    forSample: false,
    concernsMoving: false,
    by: null,
    at: null,
    reason: '',
    photo: null,
    ...over,
  };
}

function circuit(points: PointView[], over: Partial<CircuitView> = {}): CircuitView {
  return {
    key: 'engine',
    name: 'engine raw water',
    kind: 'RAW_WATER',
    overboard: true,
    engine: 'CENTER',
    protection: 'PROVEN',
    liters: 18.5,
    litersUsed: 17.6,
    lot: 'P38-1',
    product: 'Skeldra Rose 38',
    filledBy: 'POUR',
    path: points.map((p) => ({
      segment: {
        key: p.segment,
        name: p.name,
        kind: 'BLOCK',
        liters: p.liters,
        gated: true,
        content: 'ANTIFREEZE',
      },
      branches: null,
    })),
    points,
    hoses: [],
    coolant: null,
    awaitsCountersign: false,
    countersignedBy: null,
    unreached: null,
    unsettled: [],
    accepted: null,
    sampledBy: [],
    predicted: null,
    ...over,
  };
}

const SHORT = point({
  key: 'block-starboard',
  name: 'starboard block',
  opens: 'block-starboard-drain',
  segment: 'block-starboard',
  empties: ['block-starboard'],
  massFraction: 0.21,
  verdict: verdict({
    outcome: 'HELD',
    strengthKept: 0.55,
    burstPointC: -11.7,
    burstIsFloor: false,
    reasons: ['Burst point −11.7 °C is not enough, needed −25 °C.', 'Refill 4.5 L.'],
  }),
});

describe('the drawing of a water path', () => {
  const fittings = [
    fitting(),
    fitting({
      key: 'block-starboard-drain',
      name: 'starboard block drain',
      state: 'OUT_BAGGED',
      stateWords: 'OUT, bagged',
    }),
    fitting({
      key: 'pump-hose',
      name: 'pump hose',
      kind: 'HOSE_END',
      state: 'OFF',
      stateWords: 'OFF',
    }),
  ];
  const drawn = circuit([point(), SHORT], {
    hoses: [{ fitting: 'pump-hose', segment: 'block-port' }],
  });

  it('carries volume, strength and every fitting by name and state', () => {
    render(
      <WaterPath circuit={drawn} fittings={fittings} chosen={null} choose={() => undefined} />,
    );
    expect(screen.getByText('37 %')).toBeTruthy();
    expect(screen.getByText('21 %')).toBeTruthy();
    expect(screen.getAllByText('4.5 L')).toHaveLength(2);
    expect(screen.getByRole('button', { name: 'starboard block drain, OUT, bagged' })).toBeTruthy();
    expect(screen.getByRole('button', { name: 'pump hose, OFF' })).toBeTruthy();
  });

  it('lets a fitting be chosen by click and by key', async () => {
    const choose = vi.fn();
    render(<WaterPath circuit={drawn} fittings={fittings} chosen={null} choose={choose} />);
    await userEvent.click(screen.getByRole('button', { name: 'port block drain, IN' }));
    screen.getByRole('button', { name: 'pump hose, OFF' }).focus();
    await userEvent.keyboard('{Enter}');
    await userEvent.keyboard(' ');
    expect(choose.mock.calls.flat()).toEqual(['block-port-drain', 'pump-hose', 'pump-hose']);
  });

  it('says what is predicted where nothing was measured', () => {
    const open = point({ massFraction: null, reading: null, verdict: null });
    const segment = (name: string, lowestCellMassFraction: number) => ({
      name,
      massFraction: 0.37,
      lowestCellMassFraction,
      level: 1,
      freezePointC: -17,
      burstPointC: -40,
      burstIsFloor: false,
    });
    const circuit_ = circuit([open, SHORT], {
      predicted: [segment('block-port', 0.352), segment('block-starboard', 0.36)],
    });
    render(<WaterPath circuit={circuit_} fittings={[]} chosen={null} choose={() => undefined} />);
    expect(screen.getByText('≈ 35 %')).toBeTruthy();
    expect(screen.getByText('21 %')).toBeTruthy();
    expect(screen.getByText(/filled, predicted 36 %, measured 21 %/)).toBeTruthy();
  });

  it('says the same as a table', () => {
    render(<PathTable circuit={drawn} fittings={fittings} />);
    const row = screen.getByRole('row', { name: /starboard block/ });
    expect(within(row).getByText('held')).toBeTruthy();
    expect(within(row).getByText('21 %')).toBeTruthy();
    expect(within(row).getByText(/−11.7 °C/)).toBeTruthy();
    expect(screen.getByRole('row', { name: /port block 4.5/ }).textContent).toContain(
      'at or below −51 °C',
    );
  });

  it('says of a point nobody read that it was not sampled', () => {
    const open = point({ reading: null, massFraction: null, verdict: null, seenWords: null });
    render(<PathTable circuit={circuit([open])} fittings={fittings} />);
    expect(screen.getByText('not sampled')).toBeTruthy();
  });
});

describe('loose ends', () => {
  const loose = fitting({
    key: 'key',
    name: 'key',
    kind: 'KEY',
    state: 'OFFICE',
    stateWords: 'office',
    looseEnd: true,
    by: 'technician',
    at: '2026-11-03T14:20:00Z',
    reason: 'owner away',
  });

  it('say who left them so and why', () => {
    render(
      <LooseEnds fittings={[loose, fitting()]} choose={() => undefined} maySet={() => true} />,
    );
    expect(screen.getByRole('heading').textContent).toBe('Loose ends · 1');
    expect(screen.getByText(/technician, .*owner away/)).toBeTruthy();
    expect(screen.getByText(/In commission · 1/)).toBeTruthy();
  });

  it('are only offered to those who may set them', () => {
    render(<LooseEnds fittings={[loose]} choose={() => undefined} maySet={() => false} />);
    expect(screen.queryByRole('button', { name: 'Key' })).toBeNull();
  });

  it('may be none at all', () => {
    render(<LooseEnds fittings={[fitting()]} choose={() => undefined} maySet={() => true} />);
    expect(screen.getByText('Everything is in commission.')).toBeTruthy();
  });
});

describe('the verdict in words', () => {
  it('begins with the outcome and gives every reason', () => {
    const { container } = render(<VerdictWords point={SHORT} />);
    expect(container.textContent).toBe(
      'Held. Burst point −11.7 °C is not enough, needed −25 °C. Refill 4.5 L.',
    );
  });

  it('says when it could not be sampled, and when nobody read it', () => {
    const seized = render(<VerdictWords point={point({ couldNot: 'seized', verdict: null })} />);
    expect(seized.container.textContent).toBe('Held. No sample possible: seized');
    const told = render(
      <VerdictWords point={point({ couldNot: 'seized', toldByOthers: true, verdict: null })} />,
    );
    expect(told.container.textContent).toBe(
      'Told by another bottle. No sample possible: seized. What was drawn through it was sampled on its way, and is good.',
    );
    const unread = render(<VerdictWords point={point({ verdict: null })} />);
    expect(unread.container.textContent).toBe('Not read yet.');
  });
});

describe('jug and bottles', () => {
  it('stand side by side, and a bottle is chosen by a press', async () => {
    const choose = vi.fn();
    render(<Bottles points={[point(), SHORT]} chosen="block-port" choose={choose} />);
    expect(screen.getByRole('figure').textContent).toContain('38 %');
    const bottle = screen.getByRole('button', { name: /Starboard block\s*21 %/ });
    expect(bottle.getAttribute('aria-pressed')).toBe('false');
    await userEvent.click(bottle);
    expect(choose).toHaveBeenCalledWith('block-starboard');
  });

  it('say when nothing was read yet', () => {
    const open = point({
      reading: null,
      massFraction: null,
      verdict: null,
      jugReading: null,
      jugMassFraction: null,
    });
    render(<Bottles points={[open]} chosen="block-port" choose={() => undefined} />);
    expect(screen.getAllByText('not read')).toHaveLength(2);
  });
});
