import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, expect, it, vi } from 'vitest';
import { CallOutLoudness } from './call-out-loudness';

afterEach(() => {
  cleanup();
  localStorage.clear();
  vi.unstubAllGlobals();
});

/** A device's sound, which tells how loud each tone begins. */
function sound() {
  const loud: number[] = [];
  class Sound {
    currentTime = 0;
    destination = {};
    createOscillator() {
      const tone = { frequency: { value: 0 }, connect: (to: object) => to, start() {}, stop() {} };
      return tone;
    }
    createGain() {
      return {
        gain: {
          setValueAtTime: (value: number) => loud.push(value),
          exponentialRampToValueAtTime: () => undefined,
        },
        connect: (to: object) => to,
      };
    }
  }
  vi.stubGlobal('AudioContext', Sound);
  return loud;
}

it('calls out as loud as it was set here, and remembers', async () => {
  const loud = sound();
  render(<CallOutLoudness />);
  const slider = screen.getByLabelText(/Volume on this device/);
  fireEvent.change(slider, { target: { value: '100' } });
  await userEvent.click(screen.getByRole('button', { name: 'Try it' }));
  expect(loud).toEqual([0.5, 0.5, 0.5]);
  fireEvent.change(slider, { target: { value: '10' } });
  await userEvent.click(screen.getByRole('button', { name: 'Try it' }));
  expect(loud.at(-1)).toBeCloseTo(0.05);
  fireEvent.change(slider, { target: { value: '0' } });
  await userEvent.click(screen.getByRole('button', { name: 'Try it' }));
  expect(loud).toHaveLength(6);
  cleanup();
  render(<CallOutLoudness />);
  expect(screen.getByText('silent, it only shakes')).toBeTruthy();
});
