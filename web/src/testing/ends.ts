import { cleanup, configure } from '@testing-library/react';
import { afterEach, vi } from 'vitest';
import { forgetDrafts } from '../offline/draft';
import { allIsThrough } from '../offline/under-way';

// What comes at all may come late on a busy machine; waiting ends with it, not with a moment.
configure({ asyncUtilTimeout: 10_000 });

/** Nothing outlives a test: its screens go, and what they sent is through before its window closes. */
afterEach(async () => {
  vi.useRealTimers();
  cleanup();
  await allIsThrough();
  forgetDrafts();
});
