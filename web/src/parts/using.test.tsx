import { act, renderHook } from '@testing-library/react';
import { expect, it } from 'vitest';
import { useUsing } from './using';

it('the lot and instrument in use are the same everywhere on a device', () => {
  const bench = renderHook(() => useUsing());
  const card = renderHook(() => useUsing());
  act(() => bench.result.current.chooseLot('P38-1'));
  act(() => card.result.current.chooseInstrument('glass'));
  expect(card.result.current.lot).toBe('P38-1');
  expect(bench.result.current.instrument).toBe('glass');
  expect(JSON.parse(localStorage.getItem('elsko.using')!)).toEqual({
    lot: 'P38-1',
    instrument: 'glass',
  });
});
