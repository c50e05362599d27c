import { act, renderHook } from '@testing-library/react';
import { expect, it } from 'vitest';
import { Refusal } from '../api/refusal';
import { useRefused } from './refused';

const failing = (error: Error) => () => Promise.reject(error);

it('a refusal stands at its field, and beside the button when the form has no such field', async () => {
  const { result } = renderHook(() => useRefused(['liters']));
  await act(() => result.current.attempt(failing(new Refusal(422, 'liters', 'Too much.'))));
  expect(result.current.at('liters')).toBe('Too much.');
  expect(result.current.elsewhere).toBeNull();
  await act(() => result.current.attempt(failing(new Refusal(409, 'lot', 'Which lot?'))));
  expect(result.current.at('liters')).toBeNull();
  expect(result.current.elsewhere).toBe('Which lot?');
  await act(() => result.current.attempt(failing(new TypeError('no line'))));
  expect(result.current.elsewhere).toContain('No answer');
  let ok = false;
  await act(async () => {
    ok = await result.current.attempt(() => Promise.resolve());
  });
  expect(ok).toBe(true);
  expect(result.current.elsewhere).toBeNull();
});
