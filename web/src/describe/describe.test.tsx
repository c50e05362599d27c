import { cleanup, render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Catalog, DraftView, EngineChoices } from '../api/client';
import { Accessories } from './accessories';
import { ChangePanel } from './change-panel';
import { EngineDetailsForm, Engines } from './engines';
import { NOTHING, withEngine, withLayout } from './typed';
import type { Typed } from './typed';

afterEach(cleanup);

const CATALOG: Catalog = {
  layouts: [{ key: 'SHAFT', words: 'shaft inboard' }],
  coolings: [],
  exhausts: [
    { key: 'WATER_LIFT', words: 'water lift' },
    { key: 'THROUGH_TRANSOM', words: 'through the transom' },
  ],
  drains: [],
  parts: [
    { key: 'SEACOCK', words: 'seacock' },
    { key: 'STRAINER', words: 'strainer' },
  ],
  powerClasses: [{ key: 'YACHT', words: 'yacht' }],
  accessories: [
    { key: 'GENERATOR', words: 'generator' },
    { key: 'HEATER_CORE', words: 'heater core' },
    { key: 'BALLAST', words: 'ballast tanks or bags' },
  ],
  methods: [],
  beltSchools: [],
  twoSchools: [],
  drainKinds: [
    { key: 'DRAIN_PLUG', words: 'drain plug' },
    { key: 'PETCOCK', words: 'petcock' },
  ],
};

describe('what else holds water', () => {
  it('stays in sight until it is answered', async () => {
    const answer = vi.fn();
    render(<Accessories catalog={CATALOG} answers={{ GENERATOR: 'YES' }} answer={answer} />);
    expect(screen.getAllByText(/not answered/)).toHaveLength(2);
    const heater = screen.getAllByRole('listitem')[1]!;
    await userEvent.click(within(heater).getByLabelText('yes'));
    expect(answer).toHaveBeenCalledWith({ GENERATOR: 'YES', HEATER_CORE: 'YES' });
  });

  it('is answered no for all the rest at once, leaving what was said', async () => {
    const answer = vi.fn();
    render(<Accessories catalog={CATALOG} answers={{ GENERATOR: 'YES' }} answer={answer} />);
    await userEvent.click(screen.getByRole('button', { name: 'the other 2: no' }));
    expect(answer).toHaveBeenCalledWith({ GENERATOR: 'YES', HEATER_CORE: 'NO', BALLAST: 'NO' });
  });

  it('says when everything is answered', () => {
    const answers = { GENERATOR: 'NO', HEATER_CORE: 'NO', BALLAST: 'YES' } as const;
    render(<Accessories catalog={CATALOG} answers={answers} answer={() => undefined} />);
    expect(screen.getByText('all answered')).toBeTruthy();
  });
});

describe('the engines', () => {
  const typed = withLayout(NOTHING, 'SHAFT');
  const choices: EngineChoices = {
    position: 'CENTER',
    exhausts: ['WATER_LIFT', 'THROUGH_TRANSOM'],
    exhaust: 'WATER_LIFT',
    arrangements: ['USUAL'],
    drains: 'USUAL',
    powerClass: 'YACHT',
    possibleParts: ['SEACOCK', 'STRAINER'],
    parts: ['SEACOCK', 'STRAINER'],
    pumpDrive: 'GEAR',
    methods: ['DRAW', 'DRY'],
  };
  const shown = (at: (field: string) => string | null = () => null) => {
    const change = vi.fn<(typed: Typed) => void>();
    render(<Engines typed={typed} change={change} catalog={CATALOG} choices={choices} at={at} />);
    return change;
  };

  it('begin with what such a boat usually has', () => {
    shown();
    expect(screen.getByLabelText<HTMLInputElement>('diesel').checked).toBe(true);
    expect(screen.getByLabelText<HTMLInputElement>('closed cooling').checked).toBe(true);
    expect(screen.getByLabelText<HTMLInputElement>('Cylinders').value).toBe('6');
  });

  it('can be two', async () => {
    const change = shown();
    await userEvent.click(screen.getByLabelText('two'));
    expect(change.mock.calls[0]![0].count).toBe(2);
  });

  it('have parts that a hull may lack', async () => {
    const change = shown();
    await userEvent.click(screen.getByLabelText('strainer'));
    expect(change.mock.calls[0]![0].parts).toEqual(['SEACOCK']);
  });

  it('say what contradicts itself at its field', () => {
    shown((field) => (field === 'exhaust' ? 'A water lift exhaust does not exist here.' : null));
    expect(screen.getByRole('alert').textContent).toContain('does not exist here');
  });

  it('each have their hours', async () => {
    const change = vi.fn<(typed: Typed) => void>();
    const twin = withEngine(typed, { count: 2 });
    render(<EngineDetailsForm typed={twin} change={change} at={() => null} />);
    const starboard = screen.getByRole('group', { name: 'Starboard engine' });
    await userEvent.type(within(starboard).getByLabelText('Hours'), '8');
    expect(change.mock.calls[0]![0].details.STARBOARD?.hours).toBe('8');
  });
});

describe('a change on the drawing', () => {
  const draft: DraftView = {
    description: {} as DraftView['description'],
    engines: [],
    unanswered: [],
    circuits: [
      {
        key: 'engine',
        name: 'engine raw water',
        kind: 'RAW_WATER',
        overboard: true,
        engine: 'CENTER',
        protection: 'UNKNOWN',
        liters: 25,
        litersUsed: 0,
        lot: null,
        product: null,
        filledBy: null,
        path: [
          {
            segment: {
              key: 'muffler',
              name: 'muffler',
              kind: 'MUFFLER',
              liters: 25,
              gated: false,
              content: 'WATER',
            },
            branches: null,
          },
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
      },
    ],
    fittings: [
      {
        key: 'muffler-drain',
        name: 'muffler drain',
        kind: 'DRAIN_PLUG',
        circuit: 'engine',
        where: 'low',
        tool: 'by hand',
        state: 'IN',
        stateWords: 'IN',
        states: [],
        looseEnd: false,
        forSample: false,
        concernsMoving: false,
        by: null,
        at: null,
        reason: '',
        photo: null,
      },
    ],
  };
  const shown = (chosen: Parameters<typeof ChangePanel>[0]['chosen']) => {
    const change = vi.fn<(typed: Typed) => void>();
    const done = vi.fn();
    render(
      <ChangePanel
        chosen={chosen}
        draft={draft}
        typed={NOTHING}
        catalog={CATALOG}
        change={change}
        done={done}
      />,
    );
    return { change, done };
  };

  it('gives a segment its own volume, and refuses none', async () => {
    const { change, done } = shown({ kind: 'segment', circuit: 'engine', segment: 'muffler' });
    const box = screen.getByLabelText('Holds');
    await userEvent.clear(box);
    expect(screen.getByRole('alert').textContent).toBe('Enter a number of L, like 1.5.');
    await userEvent.type(box, '32,5');
    await userEvent.click(screen.getByRole('button', { name: 'Change' }));
    expect(change.mock.calls[0]![0].segmentChanges).toEqual([
      { circuit: 'engine', segment: 'muffler', liters: 32.5, gone: false },
    ]);
    expect(done).toHaveBeenCalled();
  });

  it('takes a segment away that this hull has not', async () => {
    const { change } = shown({ kind: 'segment', circuit: 'engine', segment: 'muffler' });
    await userEvent.click(screen.getByRole('button', { name: 'It has none' }));
    expect(change.mock.calls[0]![0].segmentChanges[0]).toMatchObject({ gone: true, liters: null });
  });

  it('adds a drain by name', async () => {
    const { change } = shown({ kind: 'segment', circuit: 'engine', segment: 'muffler' });
    await userEvent.type(screen.getByLabelText('A drain more, called'), 'aft plug{Enter}');
    expect(change.mock.calls[0]![0].addedDrains).toMatchObject([
      { circuit: 'engine', segment: 'muffler', name: 'aft plug', kind: 'DRAIN_PLUG' },
    ]);
  });

  it('gives a fitting its name, place, tool and kind', async () => {
    const { change } = shown({ kind: 'fitting', fitting: 'muffler-drain' });
    await userEvent.clear(screen.getByLabelText('Where'));
    await userEvent.type(screen.getByLabelText('Where'), 'behind the starboard hatch');
    await userEvent.selectOptions(screen.getByLabelText('It is a'), 'hose end');
    await userEvent.click(screen.getByRole('button', { name: 'Change' }));
    expect(change.mock.calls[0]![0].fittingChanges).toEqual([
      {
        fitting: 'muffler-drain',
        name: 'muffler drain',
        kind: 'HOSE_END',
        where: 'behind the starboard hatch',
        tool: 'by hand',
        gone: false,
      },
    ]);
  });

  it('is left with Escape', async () => {
    const { change, done } = shown({ kind: 'fitting', fitting: 'muffler-drain' });
    screen.getByLabelText('Called').focus();
    await userEvent.keyboard('{Escape}');
    expect(done).toHaveBeenCalled();
    expect(change).not.toHaveBeenCalled();
  });
});
