import { cleanup, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { served } from '../testing/served.test';
import { Fuel } from './fuel';
import { typedSum } from './typed-sum';

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
  sessionStorage.clear();
});

const TANK = {
  name: '',
  burntLiters: 24,
  neededLiters: 28.8,
  usableLiters: 40,
  leftLiters: 16,
  addLiters: 0,
  refuelOnTheWay: false,
  turnBackHours: 4.17,
  turnBackNm: null,
  words: 'Enough: 16 L are left at the end.',
};

const shown = (tanks: object[], refuse?: { field: string; detail: string }) =>
  served(<Fuel />, () => (refuse ? { status: 422, body: refuse } : { body: { go: true, tanks } }));

describe('fuel for a trip', () => {
  it('is go, with when to turn back', async () => {
    const asked = shown([TANK]);
    expect(await screen.findByText('Go')).toBeTruthy();
    expect(screen.getByText(/Turn back after 4.2 h/)).toBeTruthy();
    expect(asked[0]!.body).toEqual({
      hours: 6,
      roundTrip: true,
      school: 'TWENTY_PERCENT',
      tanks: [{ name: '', capacityLiters: 100, gaugePercent: 50, litersPerHour: 4 }],
    });
  });

  it('adds up what draws from a tank, by distance and for two tanks', async () => {
    const asked = shown([TANK, { ...TANK, addLiters: 5.6, words: 'Not enough: add 5.6 L.' }]);
    await userEvent.selectOptions(screen.getByLabelText('Tanks'), '2');
    await userEvent.selectOptions(screen.getByLabelText('Planned by'), 'distance');
    const burn = screen.getAllByLabelText('Burn')[0]!;
    await userEvent.clear(burn);
    await userEvent.type(burn, '18 + 3');
    expect(await screen.findByText('No go')).toBeTruthy();
    expect(screen.getByText('Not enough: add 5.6 L.')).toBeTruthy();
    await waitFor(() =>
      expect(asked.at(-1)!.body).toMatchObject({
        distanceNm: 36,
        speedKn: 6,
        tanks: [{ name: 'port tank', litersPerHour: 21 }, { name: 'starboard tank' }],
      }),
    );
  });

  it('says at the field what is no number and what core refuses', async () => {
    shown([], { field: 'tanks[0].gaugePercent', detail: 'Must be from 0 to 100 %.' });
    expect(await screen.findByText('Must be from 0 to 100 %.')).toBeTruthy();
    const burn = screen.getByLabelText('Burn');
    await userEvent.clear(burn);
    await userEvent.type(burn, '18 + much');
    expect(screen.getByText('Enter numbers, like 18 + 3.')).toBeTruthy();
  });

  it.each([
    ['18', 18],
    ['18 + 18 + 3', 39],
    ['4,5+0,5', 5],
    ['18 +', null],
    ['much', null],
  ])('reads %s as %s', (text, sum) => {
    expect(typedSum('L/h', text)).toBe(sum);
  });
});
