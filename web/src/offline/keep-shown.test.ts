import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import type { PersistedClient } from '@tanstack/react-query-persist-client';
import { shownOnDevice } from './keep-shown';

const client = (timestamp: number): PersistedClient => ({
  timestamp,
  buster: '',
  clientState: { queries: [], mutations: [] },
});
const kept = async () => (await shownOnDevice.restoreClient())?.timestamp;

beforeEach(() => vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] }));
afterEach(async () => {
  await shownOnDevice.removeClient();
});

it('is kept once a second, as it was last', async () => {
  for (const at of [1, 2, 3]) void shownOnDevice.persistClient(client(at));
  expect(await kept()).toBeUndefined();
  vi.advanceTimersByTime(1_000);
  await vi.waitFor(async () => expect(await kept()).toBe(3));
});

it('is kept at once when the window goes', async () => {
  void shownOnDevice.persistClient(client(4));
  window.dispatchEvent(new Event('pagehide'));
  await vi.waitFor(async () => expect(await kept()).toBe(4));
});

it('is not kept any more once it was forgotten', async () => {
  void shownOnDevice.persistClient(client(5));
  await shownOnDevice.removeClient();
  vi.advanceTimersByTime(5_000);
  window.dispatchEvent(new Event('pagehide'));
  expect(await kept()).toBeUndefined();
});
