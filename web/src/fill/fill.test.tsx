import { act, cleanup, fireEvent, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { CircuitView, Forecast } from '../api/client';
import { served } from '../testing/served.test';
import type { Asked } from '../testing/served.test';
import { Fill } from './fill';
import { strengthColor } from './strength-colors';

const segment = (key: string, gated = false) => ({
  segment: { key, name: `${key} name`, kind: 'BLOCK', liters: 4, gated, content: 'EMPTY' },
  branches: null,
});

const BOAT = {
  id: 'boat',
  circuits: [
    {
      key: 'engine',
      name: 'engine raw water',
      kind: 'RAW_WATER',
      liters: 8,
      product: null,
      filledBy: null,
      path: [segment('hose'), segment('block', true)],
      points: [{ key: 'block', name: 'block', required: true, empties: ['block'] }],
    } as unknown as CircuitView,
    { key: 'coolant', name: 'coolant', kind: 'COOLANT', path: [], points: [{ required: true }] },
  ],
};

const filled = (name: string, w: number, level: number) => ({
  name,
  massFraction: w,
  lowestCellMassFraction: w,
  level,
  freezePointC: -40 * w,
  burstPointC: -100 * w,
  burstIsFloor: false,
});

const FORECAST: Forecast = {
  liters: 20,
  neededMassFraction: 0.29,
  litersToReach: 12.4,
  litersToReachReason: null,
  looks: [0, 1, 2, 3, 4].map((look) => ({
    exhaustLiters: look * 2,
    weakest: 'block',
    segments: [filled('hose', 0.095 * look, 1), filled('block', 0.09 * look, look / 4)],
  })),
};

const SHELF = {
  lots: [],
  instruments: [],
  jugs: [],
  products: [
    {
      id: 'weak',
      name: 'Weak',
      base: 'PG',
      massFraction: 0.27,
      ceiling: { outcome: 'CHANGE_PRODUCT', words: 'Change it.' },
    },
    {
      id: 'good',
      name: 'Good',
      base: 'PG',
      massFraction: 0.38,
      ceiling: { outcome: null, words: 'Undiluted it does.' },
    },
    {
      id: 'eg',
      name: 'Coolant',
      base: 'EG',
      massFraction: 0.5,
      ceiling: { outcome: null, words: '' },
    },
  ],
};

const YARD = { designLowC: -20, marginK: 5, policy: 'BURST' };

function shown(forecast: (asked: Asked) => { status?: number; body: unknown }) {
  return served(<Fill />, (asked) => {
    if (asked.path.includes('forecast')) return forecast(asked);
    if (asked.path.includes('shelf')) return { body: SHELF };
    if (asked.path.endsWith('/yard')) return { body: YARD };
    if (asked.path.endsWith('/boats')) return { body: [{ id: 'boat', name: 'Marram' }] };
    return { body: BOAT };
  });
}

const tries = (asked: Asked[]) =>
  asked.filter(({ path }) => path.includes('forecast')).map(({ body }) => body);

beforeEach(() => {
  vi.stubGlobal('matchMedia', () => ({ matches: true }));
});

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

async function chosen(forecast: (asked: Asked) => { status?: number; body: unknown }) {
  const asked = shown(forecast);
  await userEvent.selectOptions(await screen.findByLabelText('Boat'), 'Marram');
  return asked;
}

describe('what a fill leaves', () => {
  it('is asked for once and then only looked at while the slider moves', async () => {
    const asked = await chosen(() => ({ body: FORECAST }));
    await screen.findByText('12.4 L');
    const slider = screen.getByLabelText('Liters gone in');
    fireEvent.change(slider, { target: { value: '10' } });
    const leaves = screen.getByLabelText('What it leaves');
    expect(leaves.textContent).toContain('With 10 L');
    expect(leaves.textContent).toContain('Catch 4 L');
    expect(leaves.textContent).toContain('It is 50 % full');
    fireEvent.change(slider, { target: { value: '20' } });
    expect(leaves.textContent).toContain('burst point −36 °C');
    expect(leaves.textContent).toContain('It passes with 11 K to spare');
    expect(tries(asked)).toEqual([
      {
        liters: 20,
        massFraction: 0.38,
        method: 'DRAW',
        thermostatOpen: true,
        notDrained: [],
      },
    ]);
  });

  it('is tried with a shut thermostat, a drain that does not run and another product', async () => {
    const asked = await chosen(() => ({
      body: {
        ...FORECAST,
        litersToReach: null,
        litersToReachReason: 'the product cannot reach it',
      },
    }));
    await userEvent.click(await screen.findByLabelText('thermostat open'));
    await userEvent.click(screen.getByLabelText('block'));
    await userEvent.selectOptions(screen.getByLabelText('Product'), 'Weak, 27 %');
    expect(screen.getByRole('note').textContent).toBe('Change it.');
    await waitFor(() =>
      expect(tries(asked).at(-1)).toMatchObject({
        massFraction: 0.27,
        thermostatOpen: false,
        notDrained: ['block'],
      }),
    );
    expect(await screen.findByText('Never: the product cannot reach it.')).toBeTruthy();
    await userEvent.click(screen.getByLabelText('block'));
    await waitFor(() => expect(tries(asked).at(-1)).toMatchObject({ notDrained: [] }));
  });

  it('offers only antifreeze for raw water', async () => {
    await chosen(() => ({ body: FORECAST }));
    const products = await screen.findByLabelText('Product');
    expect(products.textContent).not.toContain('Coolant');
  });

  it('says at the method what is refused', async () => {
    await chosen(({ body }) =>
      (body as { method: string }).method === 'POUR'
        ? { status: 422, body: { field: 'method', detail: 'No hose to pour into.' } }
        : { body: FORECAST },
    );
    await screen.findByText('12.4 L');
    await userEvent.selectOptions(screen.getByLabelText('How'), 'POUR');
    expect((await screen.findByRole('alert')).textContent).toBe('No hose to pour into.');
    expect(screen.queryByLabelText('Liters gone in')).toBeNull();
  });

  it('goes to the end at once where motion is not wanted', async () => {
    await chosen(() => ({ body: FORECAST }));
    await screen.findByText('12.4 L');
    await userEvent.click(screen.getByRole('button', { name: 'Let it in' }));
    expect(screen.getByLabelText<HTMLInputElement>('Liters gone in').value).toBe('20');
  });

  it('goes in little by little otherwise, and stops when asked', async () => {
    vi.stubGlobal('matchMedia', () => ({ matches: false }));
    const frames: FrameRequestCallback[] = [];
    vi.stubGlobal('requestAnimationFrame', (frame: FrameRequestCallback) => frames.push(frame));
    vi.stubGlobal('cancelAnimationFrame', () => undefined);
    await chosen(() => ({ body: FORECAST }));
    await screen.findByText('12.4 L');
    const slider = screen.getByLabelText<HTMLInputElement>('Liters gone in');
    fireEvent.change(slider, { target: { value: '0' } });
    await userEvent.click(screen.getByRole('button', { name: 'Let it in' }));
    act(() => frames.at(-1)!(performance.now() + 3000));
    expect(Number(slider.value)).toBeGreaterThan(5);
    expect(Number(slider.value)).toBeLessThan(20);
    await userEvent.click(screen.getByRole('button', { name: 'Stop' }));
    expect(screen.getByRole('button', { name: 'Let it in' })).toBeTruthy();
  });
});

describe('the color of a strength', () => {
  it('steps where it becomes enough, and depends on nothing else there', () => {
    const short = strengthColor(0.289, 0.29, 0.38);
    const enough = strengthColor(0.291, 0.29, 0.38);
    expect(short).not.toBe(enough);
    expect(strengthColor(0, 0.29, 0.38)).toBe('rgb(190 214 234)');
    expect(strengthColor(0.38, 0.29, 0.38)).toBe('rgb(108 162 138)');
  });

  it('goes by the product where nothing is enough', () => {
    expect(strengthColor(0.27, null, 0.27)).toBe('rgb(176 207 189)');
    expect(strengthColor(0.27, 0.29, 0.27)).toContain('rgb(');
  });
});
