import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
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

test('a change of one boat asks for that boat only', () => {
  const stale = listening(true);
  const data = JSON.stringify({ what: 'BOAT', boat: 'a' });
  Line.opened[0]?.dispatchEvent(new MessageEvent('changed', { data }));
  expect(stale('boat', 'a')).toBe(true);
  expect(stale('boat', 'b')).toBe(false);
});

test('nobody signed in, no line', () => {
  listening(false);
  expect(Line.opened).toHaveLength(0);
});
