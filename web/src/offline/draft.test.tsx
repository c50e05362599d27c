import { act, renderHook } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import { useDraft } from './draft';

beforeEach(() => sessionStorage.clear());

describe('what is being typed', () => {
  it('is there again after a reload', () => {
    const first = renderHook(() => useDraft('jug.1'));
    act(() => first.result.current[1]('-19'));
    first.unmount();
    expect(renderHook(() => useDraft('jug.1')).result.current[0]).toBe('-19');
  });

  it('is gone once it was taken in', () => {
    const first = renderHook(() => useDraft('jug.1'));
    act(() => first.result.current[1]('-19'));
    act(() => first.result.current[2]());
    expect(first.result.current[0]).toBe('');
    first.unmount();
    expect(renderHook(() => useDraft('jug.1')).result.current[0]).toBe('');
  });

  it('belongs to its own box and begins as it should', () => {
    const first = renderHook(() => useDraft('a'));
    act(() => first.result.current[1]('4.5'));
    expect(renderHook(() => useDraft('b', '15')).result.current[0]).toBe('15');
  });
});
