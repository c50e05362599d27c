import { cleanup, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { served } from '../testing/served.test';
import { JudgedAnewStrip } from './judged-anew-strip';

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const JOB = {
  id: 'a',
  kind: 'REASSESS',
  doing: 'Every boat is judged anew',
  person: 'Orrin',
  begunAt: '2031-11-02T02:00:00Z',
  endedAt: null,
  state: 'RUNS',
  done: 1200,
  total: 5000,
  words: '',
};

describe('while boats are judged anew', () => {
  it('everybody reads that lists may still show the old word', async () => {
    served(<JudgedAnewStrip />, () => ({ body: [JOB] }));
    expect((await screen.findByRole('status')).textContent).toMatch(/1.?200 of 5.?000/);
  });

  it('and nothing once it is done', async () => {
    served(
      <>
        <JudgedAnewStrip />
        <p>below</p>
      </>,
      () => ({ body: [{ ...JOB, state: 'DONE' }] }),
    );
    await screen.findByText('below');
    await new Promise((soon) => setTimeout(soon, 50));
    expect(screen.queryByRole('status')).toBeNull();
  });
});
