import { cleanup } from '@testing-library/react';
import { afterEach, vi } from 'vitest';
import { allIsThrough } from '../parts/under-way';

/** Nothing outlives a test: its screens go, and what they sent is through before its window closes. */
afterEach(async () => {
  vi.useRealTimers();
  cleanup();
  await allIsThrough();
});
