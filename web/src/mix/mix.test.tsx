import { act, cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { Copyable } from '../parts/copyable';
import { served } from '../testing/served.test';
import type { Asked } from '../testing/served.test';
import { Guards } from './guards';
import { Mix } from './mix';
import { allNumbers, notANumber } from './numbers';

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
  sessionStorage.clear();
});

const STRONG = { freezePointC: -30, burstPointC: -51, burstIsFloor: true };
const YARD = { designLowC: -20, marginK: 5, policy: 'BURST', containerLiters: [1, 5] };
const SHELF = {
  lots: [],
  instruments: [],
  jugs: [],
  products: [{ id: 'p', name: 'Deep', base: 'PG', massFraction: 0.56 }],
};

const ANSWERS: Record<string, unknown> = {
  '/api/bench/blend': { concentrateLiters: 37.8744, waterLiters: 42.1256, massFraction: 0.475 },
  '/api/bench/protection': { ...STRONG, massFraction: 0.475, volumeFraction: 0.468 },
  '/api/bench/topping': { addLiters: 2.6, replaceLiters: 1.64, mixture: STRONG },
  '/api/bench/ratio': {
    concentrateLiters: 11.4,
    waterLiters: 45.6,
    containers: [
      { liters: 5, count: 2 },
      { liters: 1, count: 2 },
    ],
    concentrateLeftLiters: 0.6,
    wholeTotalLiters: 60,
    mixedLeftLiters: 3,
  },
  '/api/bench/disinfection': { milliliters: 120, contactHours: 4, warning: 'It burns skin.' },
  '/api/bench/shelf': SHELF,
  '/api/yard': YARD,
};

function shown(special: (asked: Asked) => { status?: number; body: unknown } | undefined) {
  return served(<Mix />, (asked) => special(asked) ?? { body: ANSWERS[asked.path] });
}

const bodies = (asked: Asked[], path: string) =>
  asked.filter((one) => one.path === path).map(({ body }) => body);

describe('mixtures', () => {
  it('gives the dose for a tank, and warns of a dangerous one', async () => {
    const asked = shown(() => undefined);
    const tank = screen.getByRole('region', { name: 'Domestic water' });
    expect(await within(tank).findByText('120 mL')).toBeTruthy();
    expect(within(tank).getByRole('alert').textContent).toBe('It burns skin.');
    expect(bodies(asked, '/api/bench/disinfection')[0]).toEqual({
      tankLiters: 120,
      mgPerLiter: 50,
      chlorinePercent: 5,
    });
    await userEvent.clear(within(tank).getByLabelText('Wanted'));
    await userEvent.type(within(tank).getByLabelText('Wanted'), 'much');
    expect(within(tank).getByText('Enter a number, like 50.')).toBeTruthy();
  });

  it('are worked out as they are typed, with what they withstand by the policy', async () => {
    const asked = shown(() => undefined);
    const blend = screen.getByRole('region', { name: 'Blend' });
    await within(blend).findByText('37.9 L');
    await within(blend).findByText(/It passes with 26 K to spare/);
    expect(blend.textContent).toContain('at or below −51 °C');
    await userEvent.clear(within(blend).getByLabelText('Total'));
    await userEvent.type(within(blend).getByLabelText('Total'), '40');
    await waitFor(() =>
      expect(bodies(asked, '/api/bench/blend').at(-1)).toEqual({
        base: 'PG',
        concentrateMassFraction: 1,
        totalLiters: 40,
        targetFreezePointC: -30,
      }),
    );
    await userEvent.selectOptions(within(blend).getByLabelText('To reach'), 'STRENGTH');
    await userEvent.selectOptions(within(blend).getByLabelText('From the shelf'), 'Deep');
    await waitFor(() =>
      expect(bodies(asked, '/api/bench/blend').at(-1)).toMatchObject({
        concentrateMassFraction: 0.56,
        targetMassFraction: 0.5,
      }),
    );
  });

  it('say at the field what is refused, and show no old result beside it', async () => {
    shown(({ path }) =>
      path === '/api/bench/blend'
        ? {
            status: 422,
            body: { field: 'concentrateMassFraction', detail: 'It is weaker than the target.' },
          }
        : undefined,
    );
    const blend = screen.getByRole('region', { name: 'Blend' });
    expect((await within(blend).findByRole('alert')).textContent).toBe(
      'It is weaker than the target.',
    );
    expect(within(blend).queryByText('37.9 L')).toBeNull();
  });

  it('are not asked for while a number is missing or none', async () => {
    const asked = shown(() => undefined);
    const topping = screen.getByRole('region', { name: 'Topping up' });
    await within(topping).findByText('2.6 L');
    const before = bodies(asked, '/api/bench/topping').length;
    vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] });
    fireEvent.change(within(topping).getByLabelText('With'), { target: { value: '56x' } });
    expect(within(topping).getByRole('alert').textContent).toBe('Enter a number, like 56.');
    // Longer than it waits for the next key.
    await act(() => vi.advanceTimersByTimeAsync(1_000));
    expect(bodies(asked, '/api/bench/topping')).toHaveLength(before);
    expect(within(topping).queryByText('2.6 L')).toBeNull();
  });

  it('of descaler come in whole containers, with the danger beside them', async () => {
    shown(() => undefined);
    const descaler = screen.getByRole('region', { name: 'Descaler' });
    await within(descaler).findByText('2 × 5 L and 2 × 1 L');
    expect(descaler.textContent).toContain('never with bleach');
    await within(descaler).findByText('Containers here: 1, 5 L');
  });

  it('of ethylene glycol say where it must never go', async () => {
    shown(() => undefined);
    const blend = screen.getByRole('region', { name: 'Blend' });
    await userEvent.selectOptions(within(blend).getByLabelText('Glycol'), 'EG');
    expect(blend.textContent).toContain('never raw or domestic water');
  });
});

describe('what a mixture withstands', () => {
  const said = (policy: string) => {
    served(
      <Guards mixture={{ freezePointC: -9.9, burstPointC: -19, burstIsFloor: false }} />,
      () => ({ body: { ...YARD, policy } }),
    );
  };

  it('is set against the burst point the yard needs', async () => {
    said('BURST');
    expect((await screen.findByText(/It misses that by 6 K/)).textContent).toContain(
      'burst point −25 °C or lower',
    );
  });

  it('or against the freeze point', async () => {
    said('FREEZE');
    expect((await screen.findByText(/It misses that by 15.1 K/)).textContent).toContain(
      'freeze point −25 °C or lower',
    );
  });

  it('and a label rates no mixture made here', async () => {
    said('LABEL');
    await screen.findByText(/a mixture made here has/);
  });
});

describe('a number', () => {
  it('is copied bare, and says so', async () => {
    const write = vi.fn(() => Promise.resolve());
    const user = userEvent.setup();
    vi.spyOn(navigator.clipboard, 'writeText').mockImplementation(write);
    served(<Copyable value={37.87441} shown="37.9 L" />, () => ({ body: {} }));
    await user.click(screen.getByRole('button', { name: '37.9 L' }));
    expect(write).toHaveBeenCalledWith('37.874');
    expect(await screen.findByText('copied')).toBeTruthy();
  });

  it('can be selected where it may not be copied', async () => {
    const user = userEvent.setup();
    vi.spyOn(navigator.clipboard, 'writeText').mockRejectedValue(new Error('not allowed'));
    served(<Copyable value={1} shown="1 L" />, () => ({ body: {} }));
    await user.click(screen.getByRole('button', { name: '1 L' }));
    expect(await screen.findByText('select it instead')).toBeTruthy();
  });

  it('is one in either decimal style, or it is said what it should be', () => {
    expect(allNumbers({ a: '4,5', b: '−30' })).toEqual({ a: 4.5, b: -30 });
    expect(allNumbers({ a: '4.5', b: '' })).toBeNull();
    expect(notANumber('', '5')).toBeNull();
    expect(notANumber('five', '5')).toBe('Enter a number, like 5.');
  });
});
