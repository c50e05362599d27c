import { QueryClient, QueryClientProvider, useQuery } from '@tanstack/react-query';
import { renderHook } from '@testing-library/react';
import type { ReactNode } from 'react';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { useLiveChanges } from './live';

class Line extends EventTarget {
  static opened: Line[] = [];
  constructor() {
    super();
    Line.opened.push(this);
  }
  close() {}
}

beforeEach(() => vi.stubGlobal('EventSource', Line));
afterEach(() => {
  Line.opened = [];
  vi.unstubAllGlobals();
});

function listening(signedIn: boolean) {
  const queries = new QueryClient();
  queries.setQueryData(['boat', 'a'], 1);
  queries.setQueryData(['boat', 'b'], 1);
  const wrapper = (within: { children: ReactNode }) => (
    <QueryClientProvider client={queries}>{within.children}</QueryClientProvider>
  );
  renderHook(() => useLiveChanges(signedIn), { wrapper });
  return (...key: string[]) => queries.getQueryState(key)?.isInvalidated;
}

test('what was answered before the first line stood is asked again', () => {
  const stale = listening(true);
  Line.opened[0]?.dispatchEvent(new Event('hello'));
  expect(stale('boat', 'a')).toBe(true);
});

test('a change of one boat asks for that boat only', async () => {
  const stale = listening(true);
  const data = JSON.stringify({ what: 'BOAT', boat: 'a' });
  Line.opened[0]?.dispatchEvent(new MessageEvent('changed', { data }));
  await vi.waitFor(() => expect(stale('boat', 'a')).toBe(true));
  expect(stale('boat', 'b')).toBe(false);
});

test('changes in quick succession are asked for together', async () => {
  vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] });
  const queries = new QueryClient();
  const invalidated = vi.spyOn(queries, 'invalidateQueries');
  const wrapper = (within: { children: ReactNode }) => (
    <QueryClientProvider client={queries}>{within.children}</QueryClientProvider>
  );
  renderHook(() => useLiveChanges(true), { wrapper });
  const ofBoat = (boat: string) =>
    invalidated.mock.calls.filter(([filter]) => filter?.queryKey?.[1] === boat).length;
  for (const boat of ['a', 'a', 'b', 'a']) {
    const data = JSON.stringify({ what: 'BOAT', boat });
    Line.opened[0]?.dispatchEvent(new MessageEvent('changed', { data }));
  }
  expect(ofBoat('a')).toBe(0);
  await vi.advanceTimersByTimeAsync(1_000);
  expect(ofBoat('a')).toBe(1);
  expect(ofBoat('b')).toBe(1);
});

test('a first answer that was on its way when something changed is asked for again', async () => {
  const queries = new QueryClient();
  const answers: ((answer: string) => void)[] = [];
  const asked = vi.fn(() => new Promise<string>((answer) => answers.push(answer)));
  const wrapper = (within: { children: ReactNode }) => (
    <QueryClientProvider client={queries}>{within.children}</QueryClientProvider>
  );
  const { result } = renderHook(
    () => {
      useLiveChanges(true);
      return useQuery({ queryKey: ['boat', 'c'], queryFn: asked });
    },
    { wrapper },
  );
  await vi.waitFor(() => expect(answers).toHaveLength(1));
  const data = JSON.stringify({ what: 'BOAT', boat: 'c' });
  Line.opened[0]?.dispatchEvent(new MessageEvent('changed', { data }));
  answers[0]!('before the change');
  await vi.waitFor(() => expect(answers).toHaveLength(2));
  answers[1]!('after it');
  await vi.waitFor(() => expect(result.current.data).toBe('after it'));
});

test('nobody signed in, no line', () => {
  listening(false);
  expect(Line.opened).toHaveLength(0);
});
