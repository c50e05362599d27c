import { cleanup, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { AskView, BoatView, CardView, StepView } from '../api/client';
import { served } from '../testing/served.test';
import type { Asked } from '../testing/served.test';
import { ask } from '../testing/ask';
import { AskShown } from './ask';

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
  sessionStorage.clear();
});

const BOAT = {
  id: 'boat',
  description: { name: 'Halcyon', accessories: { HEADS: 'YES' } },
  unlisted: ['GENERATOR'],
  bag: { expected: 2 },
  circuits: [
    {
      key: 'coolant',
      points: [],
      coolant: { reading: -18, good: false, words: 'Freezes at −17.5 °C.' },
    },
    {
      key: 'engine',
      points: [
        { key: 'block-port', name: 'port block', empty: false },
        { key: 'block-starboard', name: 'starboard block', empty: true },
      ],
    },
  ],
  fittings: [
    { key: 'port-drain', name: 'port drain', kind: 'DRAIN_PLUG', where: 'low', state: 'IN' },
  ],
} as unknown as BoatView;

const CARD = { id: 'card' } as CardView;
const STEP = { key: 'step', title: 'Step' } as StepView;

const SHELF = {
  products: [],
  lots: [],
  instruments: [
    { id: 'pg', name: 'Bay glass', scale: 'PG_FREEZE', trusted: true, unit: '°C' },
    { id: 'old', name: 'Old coolant glass', scale: 'EG_FREEZE', trusted: false, unit: '°C' },
    { id: 'eg', name: 'Coolant glass', scale: 'EG_FREEZE', trusted: true, unit: '°C' },
  ],
};

function shown(what: AskView, refuse?: { field: string; detail: string }) {
  const asked = served(
    <AskShown ask={what} card={CARD} boat={BOAT} step={STEP} may wide={false} />,
    ({ path }) => {
      if (path.includes('shelf')) return { body: SHELF };
      return refuse ? { status: 409, body: refuse } : { body: { ids: [], boat: BOAT } };
    },
  );
  return () =>
    asked
      .filter(({ method }) => method === 'POST')
      .flatMap(({ body }: Asked) => (body as { entries: Record<string, unknown>[] }).entries);
}

describe('what a step asks for', () => {
  it('takes a hole from which nothing came for dry only where that was shown', async () => {
    const sent = shown(
      ask('OPEN', {
        label: 'port block',
        lowPoint: 'block-port',
        fitting: 'port-drain',
        to: 'OUT_BAGGED',
        liters: 4.5,
      }),
    );
    expect(screen.queryByRole('button', { name: 'Still dry' })).toBeNull();
    await userEvent.click(screen.getByRole('button', { name: 'Dry: rod and air pass' }));
    await waitFor(() => expect(sent()).toHaveLength(2));
    expect(sent()[1]).toMatchObject({
      kind: 'LOW_POINT_SEEN',
      lowPoint: 'block-port',
      seen: 'ROD_AND_AIR',
    });
    cleanup();
    shown(ask('OPEN', { label: 'starboard block', lowPoint: 'block-starboard', liters: 4.5 }));
    expect(screen.getByRole('button', { name: 'Still dry' })).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'Seen to be empty' })).toBeNull();
  });

  it('says how much product a tank takes, and warns before a dangerous dose', async () => {
    const dose = { tankLiters: 120, mgPerLiter: 50, mostMgPerLiter: 100 };
    const sent = shown(
      ask('DISINFECT', { label: 'disinfectant', circuit: 'domestic-water', dose }),
    );
    const user = userEvent.setup();
    await user.type(screen.getByLabelText('Available chlorine'), '5');
    expect(screen.getByText('120 mL give 50 mg/L')).toBeTruthy();
    await user.type(screen.getByLabelText('Poured in'), '300');
    expect(screen.getByText(/That would be 125 mg\/L/)).toBeTruthy();
    await user.clear(screen.getByLabelText('Poured in'));
    await user.click(screen.getByRole('button', { name: 'Enter' }));
    expect(screen.getByText('Enter a number, like 4.5.')).toBeTruthy();
    expect(sent()).toHaveLength(0);
    await user.type(screen.getByLabelText('Poured in'), '120{Enter}');
    await waitFor(() => expect(sent()).toHaveLength(1));
    expect(sent()[0]).toMatchObject({
      kind: 'DISINFECTED',
      circuit: 'domestic-water',
      tankLiters: 120,
      chlorinePercent: 5,
      milliliters: 120,
    });
  });

  it('catches antifreeze and lays parts ready', async () => {
    const caught = shown(
      ask('CATCH', { label: 'antifreeze caught', circuit: 'engine', liters: 11 }),
    );
    expect(screen.getByText(/11 L went in/)).toBeTruthy();
    await userEvent.type(screen.getByRole('textbox', { name: /Antifreeze caught/ }), '12.5{Enter}');
    await waitFor(() => expect(caught()).toHaveLength(1));
    expect(caught()[0]).toMatchObject({ kind: 'FLUID_CAUGHT', circuit: 'engine', liters: 12.5 });
    cleanup();
    const picked = shown(ask('PICK', { label: 'anodes', engine: 'PORT', item: 'anodes' }));
    await userEvent.click(screen.getByRole('button', { name: 'Anodes' }));
    await waitFor(() => expect(picked()).toHaveLength(1));
    expect(picked()[0]).toMatchObject({ kind: 'PART_PICKED', engine: 'PORT', item: 'anodes' });
  });

  it('starts the engine that is named, on its basis', async () => {
    const sent = shown(
      ask('ENGINE', {
        label: 'start the port engine',
        start: true,
        engine: 'PORT',
        basis: 'PRIMED',
      }),
    );
    await userEvent.click(screen.getByRole('button', { name: 'Start the port engine' }));
    await waitFor(() => expect(sent()).toHaveLength(1));
    expect(sent()[0]).toMatchObject({
      kind: 'ENGINE_STARTED',
      engine: 'PORT',
      basis: 'PRIMED',
      card: 'card',
      step: 'step',
    });
  });

  it('says in words what stands in the way of a start', async () => {
    shown(ask('ENGINE', { label: 'start', start: true, engine: 'PORT', basis: 'FED' }), {
      field: 'basis',
      detail: 'The generator battery switch is ON.',
    });
    await userEvent.click(screen.getByRole('button', { name: 'Start' }));
    expect((await screen.findByRole('alert')).textContent).toBe(
      'The generator battery switch is ON.',
    );
  });

  it('stops it', async () => {
    const sent = shown(ask('ENGINE', { label: 'stop', start: false, engine: 'GENERATOR' }));
    await userEvent.click(screen.getByRole('button', { name: 'Stop' }));
    await waitFor(() =>
      expect(sent()[0]).toMatchObject({ kind: 'ENGINE_STOPPED', engine: 'GENERATOR' }),
    );
  });

  it('puts what was found aboard in red until it is described', async () => {
    const sent = shown(
      ask('ABOARD', { label: 'generator', accessory: 'GENERATOR', answered: true }),
    );
    expect(screen.getByText(/It counts as wet until it is described/)).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'No' }));
    await waitFor(() =>
      expect(sent()[0]).toMatchObject({
        kind: 'ACCESSORY_SEEN',
        accessory: 'GENERATOR',
        aboard: false,
      }),
    );
  });

  it('says of each accessory whether the description has it', () => {
    shown(ask('ABOARD', { label: 'heads', accessory: 'HEADS' }));
    expect(screen.getByText('described')).toBeTruthy();
  });

  it('reads coolant with an instrument that has its scale, the trusted one first', async () => {
    const sent = shown(ask('COOLANT', { label: 'engine coolant', circuit: 'coolant' }));
    expect(screen.getByText('Freezes at −17.5 °C.')).toBeTruthy();
    await screen.findByRole('option', { name: 'Coolant glass' });
    expect(screen.queryByRole('option', { name: 'Bay glass' })).toBeNull();
    const box = screen.getByLabelText('Freezes at');
    await userEvent.type(box, 'cold{Enter}');
    expect(screen.getByRole('alert').textContent).toContain('what the scale shows');
    expect(sent()).toHaveLength(0);
    await userEvent.clear(box);
    await userEvent.type(box, '-37{Enter}');
    expect(screen.getByRole('alert').textContent).toContain('how warm');
    expect(sent()).toHaveLength(0);
    await userEvent.type(screen.getByLabelText('Sample at'), '12{Enter}');
    await waitFor(() =>
      expect(sent()[0]).toMatchObject({
        kind: 'COOLANT_READ',
        circuit: 'coolant',
        instrument: 'eg',
        reading: -37,
        temperatureC: 12,
      }),
    );
  });

  it('says with one tap what frost did to a circuit', async () => {
    const look = {
      key: 'frost',
      name: 'engine raw water',
      how: '',
      findings: [
        {
          key: 'nothing',
          words: 'nothing broken',
          call: 'GOOD' as const,
          todo: 'Good.',
          sets: null,
        },
        {
          key: 'crack',
          words: 'a crack',
          call: 'STOP' as const,
          todo: 'It is mended.',
          sets: null,
        },
      ],
    };
    const sent = shown(
      ask('FROST', { label: 'engine raw water', circuit: 'engine', condition: look }),
    );
    await userEvent.click(screen.getByRole('button', { name: 'A crack' }));
    await waitFor(() =>
      expect(sent()[0]).toMatchObject({
        kind: 'FROST_LOOKED',
        circuit: 'engine',
        finding: 'crack',
      }),
    );
  });

  it('takes descaler in liters, for the segments it reaches', async () => {
    const sent = shown(
      ask('DESCALE', {
        label: 'drawn from the tank',
        circuit: 'engine',
        segments: ['strainer', 'exchanger'],
        liters: 8,
      }),
    );
    await userEvent.type(screen.getByRole('textbox'), '8,5{Enter}');
    await waitFor(() =>
      expect(sent()[0]).toMatchObject({
        kind: 'DESCALER_USED',
        segments: ['strainer', 'exchanger'],
        liters: 8.5,
      }),
    );
  });

  it('says what is in several circuits with one tap', async () => {
    const sent = shown(
      ask('LOOK', {
        label: 'everything in service',
        circuits: ['engine', 'heads'],
        inService: true,
      }),
    );
    await userEvent.click(screen.getByRole('button', { name: 'Everything in service' }));
    await waitFor(() => expect(sent()).toHaveLength(2));
    expect(sent().map((entry) => entry.circuit)).toEqual(['engine', 'heads']);
    expect(sent()[1]).toMatchObject({ kind: 'CIRCUIT_SEEN', inService: true });
  });

  it('keeps the record of what falls due', async () => {
    const sent = shown(ask('SERVICE', { label: 'impeller', engine: 'PORT', item: 'impeller' }));
    await userEvent.click(screen.getByRole('button', { name: 'Impeller' }));
    await waitFor(() =>
      expect(sent()[0]).toMatchObject({ kind: 'SERVICE_DONE', engine: 'PORT', item: 'impeller' }),
    );
  });

  it('keeps that the cylinders were oiled', async () => {
    const sent = shown(ask('OIL', { label: 'cylinders oiled', engine: 'PORT' }));
    await userEvent.click(screen.getByRole('button', { name: 'Cylinders oiled' }));
    await waitFor(() =>
      expect(sent()[0]).toMatchObject({ kind: 'CYLINDERS_OILED', engine: 'PORT' }),
    );
  });

  it('records the remedy of a red tag by its name', async () => {
    const sent = shown(ask('REMEDY', { label: 'all are out' }));
    await userEvent.click(screen.getByRole('button', { name: 'All are out' }));
    await waitFor(() =>
      expect(sent()[0]).toMatchObject({
        kind: 'TAG_REMEDIED',
        cause: 'WATER_IN_CYLINDERS',
        remedy: 'plugs-out',
      }),
    );
  });

  it('takes a photo, or what the plate says where a camera does not get in', async () => {
    const sent = shown(ask('PHOTO', { label: 'part number, on the pump' }));
    expect(screen.getByText('Take a photo')).toBeTruthy();
    const write = screen.getByRole('button', { name: 'Write it down' });
    expect((write as HTMLButtonElement).disabled).toBe(true);
    await userEvent.type(screen.getByLabelText('Part number, on the pump'), 'RW-2041{Enter}');
    await waitFor(() =>
      expect(sent()[0]).toMatchObject({ kind: 'NOTED', text: 'part number, on the pump: RW-2041' }),
    );
  });

  it('picks a complaint, of the engine that was named', async () => {
    const sent = shown(
      ask('COMPLAINTS', {
        label: 'what the owner complains of',
        engines: [
          { engine: 'PORT', words: 'port engine' },
          { engine: 'STARBOARD', words: 'starboard engine' },
        ],
        complaints: [
          { complaint: 'RAN_HOT', words: 'ran hot', perEngine: true },
          { complaint: 'NOTHING', words: 'nothing to complain of', perEngine: false },
        ],
      }),
    );
    await userEvent.selectOptions(screen.getByLabelText('Which engine'), 'Starboard engine');
    await userEvent.click(screen.getByRole('button', { name: 'Ran hot' }));
    await waitFor(() =>
      expect(sent()[0]).toMatchObject({
        kind: 'COMPLAINED',
        complaint: 'RAN_HOT',
        engine: 'STARBOARD',
      }),
    );
  });

  it('lets go of a proof only with a reason, and says what that means', async () => {
    const sent = shown(
      ask('GIVE_UP', {
        label: 'give up the proof of engine raw water',
        circuit: 'engine',
        protection: 'PROVEN',
      }),
    );
    expect(screen.getByText(/It is PROVEN. That ends here/)).toBeTruthy();
    const button = screen.getByRole<HTMLButtonElement>('button', { name: 'Give its proof up' });
    expect(button.disabled).toBe(true);
    await userEvent.type(
      screen.getByLabelText('Give up the proof of engine raw water'),
      'pump seized{Enter}',
    );
    await waitFor(() =>
      expect(sent()[0]).toMatchObject({
        kind: 'PROOF_GIVEN_UP',
        circuit: 'engine',
        reason: 'pump seized',
      }),
    );
  });

  it('writes a few words down, and nothing when there are none', async () => {
    const sent = shown(ask('NOTE', { label: 'complaints' }));
    const button = screen.getByRole<HTMLButtonElement>('button', { name: 'Write it down' });
    expect(button.disabled).toBe(true);
    await userEvent.type(screen.getByLabelText('Complaints'), 'ran hot{Enter}');
    await waitFor(() => expect(sent()[0]).toMatchObject({ text: 'complaints: ran hot' }));
  });

  it('leaves the launch to whoever moves boats', () => {
    shown(ask('AFLOAT', { label: 'launched' }));
    expect(screen.queryByRole('button')).toBeNull();
    expect(screen.getByText(/ticks itself when the boat is moved/)).toBeTruthy();
  });
});
