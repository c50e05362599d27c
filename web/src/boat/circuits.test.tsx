import { cleanup, render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { CircuitView, FittingView, SegmentView } from '../api/client';
import { WaterPaths } from './water-paths';

afterEach(cleanup);

function segment(key: string, kind: SegmentView['kind'], liters: number): CircuitView['path'][0] {
  return {
    segment: { key, name: key.replace('-', ' '), kind, liters, gated: false, content: 'WATER' },
    branches: null,
  };
}

function circuit(key: string, over: Partial<CircuitView> = {}): CircuitView {
  return {
    key,
    name: `${key.replace('-', ' ')} raw water`,
    kind: 'RAW_WATER',
    overboard: true,
    engine: 'PORT',
    protection: 'WET',
    liters: 12,
    litersUsed: 0,
    lot: null,
    product: null,
    filledBy: null,
    path: [
      segment('intake-hose', 'HOSE', 2),
      segment('strainer', 'STRAINER', 1.5),
      segment('raw-water-pump', 'PUMP', 0.5),
      segment('muffler', 'MUFFLER', 25),
    ],
    points: [],
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

function fitting(kind: FittingView['kind'], over: Partial<FittingView> = {}): FittingView {
  const key = `port-${kind.toLowerCase()}`;
  return {
    key,
    name: key.replaceAll('-', ' ').replaceAll('_', ' '),
    kind,
    circuit: 'port-engine',
    where: '',
    tool: '',
    state: 'OPEN',
    stateWords: 'OPEN',
    states: [],
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

const show = (circuits: CircuitView[], fittings: FittingView[] = [], more = {}) =>
  render(
    <WaterPaths
      circuits={circuits}
      fittings={fittings}
      chosen={null}
      choose={() => undefined}
      {...more}
    />,
  );

describe('the water paths of a boat', () => {
  const coolant = circuit('port-coolant', {
    name: 'port engine coolant',
    kind: 'COOLANT',
    protection: 'PROVEN',
    path: [segment('coolant', 'COOLANT', 8)],
    coolant: { reading: -37, good: true, words: 'Good.' },
  });

  it('stand side by side, each named with its protection, coolant beside its engine', () => {
    show([
      circuit('port-engine'),
      coolant,
      circuit('starboard-engine', { engine: 'STARBOARD', protection: 'PROVEN' }),
    ]);
    const port = screen.getByRole('region', { name: 'Port engine raw water' });
    expect(within(port).getByText('wet')).toBeTruthy();
    expect(within(port).getByText(/freezes at −37 °C/)).toBeTruthy();
    expect(within(port).getByText('25 L')).toBeTruthy();
    const starboard = screen.getByRole('region', { name: 'Starboard engine raw water' });
    expect(within(starboard).getByText('proven')).toBeTruthy();
    expect(screen.queryByRole('region', { name: 'Port engine coolant' })).toBeNull();
  });

  it('say what nobody has answered, and what holds no water', () => {
    show([
      circuit('generator', {
        name: 'generator',
        kind: 'UNANSWERED',
        engine: null,
        path: [],
        protection: 'UNKNOWN',
      }),
      circuit('engine', { name: 'engine, air-cooled', path: [], protection: 'DRY_BUILT' }),
    ]);
    const undrawn = screen.getByRole('region', { name: 'Without a drawing' });
    expect(undrawn.textContent).toContain('Unknown whether it has generator:');
    expect(undrawn.textContent).toContain('Engine, air-cooled: nothing to freeze');
  });

  it('draw every fitting that stands on the path in its state', async () => {
    const choose = vi.fn();
    show(
      [circuit('port-engine')],
      [
        fitting('SEACOCK', { state: 'SHUT', stateWords: 'SHUT', looseEnd: true }),
        fitting('STRAINER_LID', { state: 'OFF', stateWords: 'OFF', looseEnd: true }),
        fitting('STRAINER_BASKET', { state: 'OUT', stateWords: 'OUT', looseEnd: true }),
        fitting('STRAINER_SEAL', { state: 'MISSING', stateWords: 'missing', looseEnd: true }),
        fitting('FEED', { state: 'TANK', stateWords: 'tank', looseEnd: true }),
        fitting('IMPELLER', { state: 'REMOVED', stateWords: 'REMOVED', looseEnd: true }),
        fitting('EXHAUST_COVER', { state: 'ON', stateWords: 'ON', looseEnd: true }),
        fitting('FLUSH_CAP', { state: 'IN', stateWords: 'IN' }),
      ],
      { choose },
    );
    expect(screen.getByText('shut')).toBeTruthy();
    expect(screen.getByText('basket out')).toBeTruthy();
    expect(screen.getByText('ring missing')).toBeTruthy();
    expect(screen.getByText('fed: tank')).toBeTruthy();
    expect(screen.getByText('impeller out')).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'port seacock, SHUT' }));
    expect(choose).toHaveBeenCalledWith('port-seacock');
    expect(screen.getByRole('button', { name: 'port exhaust cover, ON' })).toBeTruthy();
    expect(screen.getByRole('button', { name: 'port flush cap, IN' })).toBeTruthy();
  });

  it('show a leg with its drive, and say when it is up', () => {
    show([circuit('port-engine')], [fitting('DRIVE', { state: 'UP', stateWords: 'UP' })]);
    expect(screen.getByText('drive up')).toBeTruthy();
  });

  it('turn into a table and back', async () => {
    show([circuit('port-engine')]);
    const table = screen.getByRole('button', { name: 'Port engine raw water as a table' });
    await userEvent.click(table);
    expect(screen.getByRole('table')).toBeTruthy();
    await userEvent.click(table);
    expect(screen.queryByRole('table')).toBeNull();
  });

  it('of a draft let a segment be changed by click and by key, and say no protection', async () => {
    const editSegment = vi.fn();
    show([circuit('port-engine')], [], { draft: true, editSegment });
    await userEvent.click(screen.getByRole('button', { name: /Change muffler, 25 L/ }));
    screen.getByRole('button', { name: /Change strainer/ }).focus();
    await userEvent.keyboard('{Enter}');
    expect(editSegment.mock.calls).toEqual([
      ['port-engine', 'muffler'],
      ['port-engine', 'strainer'],
    ]);
    expect(screen.queryByText('wet')).toBeNull();
  });
});
