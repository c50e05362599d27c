import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, renderHook, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { useMove } from './use-move';

const STOP = { boat: 'b1', task: 'FILL' };
const at = (index: number) => ({ worker: 'Tamsa', date: '2031-11-03', index });

/** What was asked of the server, each answered when the test says so. */
let asked: { index: number; answer: (costs: string[]) => void; refuse: () => void }[];

beforeEach(() => {
  asked = [];
  vi.stubGlobal('fetch', async (request: Request) => {
    const { index } = (await request.json()) as { index: number };
    return new Promise<Response>((done) =>
      asked.push({
        index,
        answer: (costs) => done(new Response(JSON.stringify({ broken: [], costs }))),
        refuse: () => done(new Response(JSON.stringify({ detail: 'No.' }), { status: 409 })),
      }),
    );
  });
});
afterEach(() => vi.unstubAllGlobals());

const moving = () =>
  renderHook(() => useMove(STOP), {
    wrapper: ({ children }) => (
      <QueryClientProvider client={new QueryClient()}>{children}</QueryClientProvider>
    ),
  }).result;

describe('a stop is carried over places', () => {
  it('and a late answer to an earlier place tells nothing of where it is now', async () => {
    const move = moving();
    act(() => move.current.tryPlace(at(1)));
    act(() => move.current.tryPlace(at(2)));
    await waitFor(() => expect(asked).toHaveLength(2));
    await act(() => Promise.resolve(asked[1]!.answer(['of the second'])));
    await waitFor(() => expect(move.current.tried?.costs).toEqual(['of the second']));
    await act(() => Promise.resolve(asked[0]!.answer(['of the first'])));
    expect(move.current.tried?.costs).toEqual(['of the second']);
    expect(move.current.place).toEqual(at(2));
  });

  it('and what one place costs is not shown at the next', async () => {
    const move = moving();
    act(() => move.current.tryPlace(at(1)));
    await waitFor(() => expect(asked).toHaveLength(1));
    await act(() => Promise.resolve(asked[0]!.answer(['of the first'])));
    await waitFor(() => expect(move.current.tried).not.toBeNull());
    act(() => move.current.tryPlace(at(2)));
    expect(move.current.tried).toBeNull();
    await waitFor(() => expect(asked).toHaveLength(2));
    await act(() => Promise.resolve(asked[1]!.answer([])));
  });

  it('a refusal that comes late is not said, one of this place is, and it can be tried again', async () => {
    const move = moving();
    act(() => move.current.tryPlace(at(1)));
    act(() => move.current.tryPlace(at(2)));
    await waitFor(() => expect(asked).toHaveLength(2));
    await act(() => Promise.resolve(asked[0]!.refuse()));
    expect(move.current.trouble).toBeNull();
    await act(() => Promise.resolve(asked[1]!.refuse()));
    await waitFor(() => expect(move.current.trouble).toBe('No.'));
    act(() => move.current.tryPlace(at(2)));
    await waitFor(() => expect(asked).toHaveLength(3));
    await act(() => Promise.resolve(asked[2]!.answer([])));
  });

  it('and left alone it shows nothing that comes later', async () => {
    const move = moving();
    act(() => move.current.tryPlace(at(1)));
    await waitFor(() => expect(asked).toHaveLength(1));
    act(() => move.current.leave());
    await act(() => Promise.resolve(asked[0]!.answer(['late'])));
    expect(move.current.tried).toBeNull();
  });
});
