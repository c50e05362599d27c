import { act, renderHook } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { database } from './database';
import { forgetDrafts, loadDrafts, useDraft } from './draft';

beforeEach(forgetDrafts);

describe('what is being typed', () => {
  it('is on the disk a moment later, and read from there when the application opens', async () => {
    const typed = renderHook(() => useDraft('jug.2'));
    act(() => typed.result.current[1]('-18.4'));
    await vi.waitFor(async () =>
      expect(await (await database()).get('drafts', 'jug.2')).toBe('-18.4'),
    );
    vi.resetModules();
    const again = await import('./draft');
    expect(again.draftOf('jug.2')).toBeNull();
    await again.loadDrafts();
    expect(again.draftOf('jug.2')).toBe('-18.4');
  });

  it('is there when the page went before the disk had it', async () => {
    const typed = renderHook(() => useDraft('jug.4'));
    await (await database()).put('drafts', 'taken in', 'jug.5');
    const takenIn = renderHook(() => useDraft('jug.5'));
    const visibility = vi.spyOn(document, 'visibilityState', 'get').mockReturnValue('hidden');
    const written = vi.spyOn(IDBObjectStore.prototype, 'put').mockImplementation(() => {
      throw new Error('The page is gone.');
    });
    act(() => typed.result.current[1]('eighteen'));
    act(() => takenIn.result.current[2]());
    document.dispatchEvent(new Event('visibilitychange'));
    await vi.waitFor(() => expect(written).toHaveBeenCalled());
    vi.restoreAllMocks();
    visibility.mockRestore();
    vi.resetModules();
    const again = await import('./draft');
    await again.loadDrafts();
    expect(again.draftOf('jug.4')).toBe('eighteen');
    expect(again.draftOf('jug.5')).toBeNull();
    await vi.waitFor(() => expect(Object.keys(localStorage)).toEqual([]), 10_000);
    expect(await (await database()).get('drafts', 'jug.4')).toBe('eighteen');
  });

  it('on the disk does not take the place of what is being typed already', async () => {
    await (await database()).put('drafts', 'old', 'jug.3');
    const typed = renderHook(() => useDraft('jug.3'));
    act(() => typed.result.current[1]('new'));
    await loadDrafts();
    expect(renderHook(() => useDraft('jug.3')).result.current[0]).toBe('new');
  });

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
