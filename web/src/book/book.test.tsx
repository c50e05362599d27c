import { cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { BookLine } from '../api/client';
import { served } from '../testing/served.test';
import type { Asked } from '../testing/served.test';
import { Book } from './book';

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const line = (seq: number, words: string, over: Partial<BookLine['entry']> = {}): BookLine => ({
  boat: 'teal',
  name: 'Teal',
  entry: {
    seq,
    id: `e${seq}`,
    kind: 'NOTED',
    words,
    person: 'Orrin',
    deviceTime: '2031-10-29T09:05:00Z',
    serverTime: '2031-10-29T09:05:01Z',
    card: null,
    step: null,
    corrects: null,
    correctsWords: null,
    replaced: false,
    mayCorrect: false,
    mark: null,
    oneTap: null,
    fact: {},
    ...over,
  },
});
const RECALL = {
  lot: 'P38-112',
  liters: 17.7,
  boats: [
    {
      boat: 'teal',
      name: 'Teal',
      berthName: 'C3',
      circuits: [
        {
          circuit: 'engine',
          name: 'engine raw water',
          liters: 12,
          lastBy: 'Orrin',
          lastAt: '2031-10-29T09:05:00Z',
          stillIn: true,
          protection: 'PROVEN',
        },
        {
          circuit: 'heads',
          name: 'heads',
          liters: 5.7,
          lastBy: 'Tamsa',
          lastAt: '2031-10-28T09:05:00Z',
          stillIn: false,
          protection: 'WET',
        },
      ],
    },
  ],
};

function answer({ path }: Asked) {
  if (path.startsWith('/api/book/lots/')) return { body: RECALL };
  if (path.startsWith('/api/boats')) return { body: [{ id: 'teal', name: 'Teal' }] };
  if (path.startsWith('/api/people/workers')) return { body: ['Orrin', 'Tamsa'] };
  if (path.startsWith('/api/bench/shelf'))
    return { body: { lots: [{ number: 'P38-112', productName: 'Rose' }] } };
  if (path.includes('before=7')) return { body: { lines: [line(6, 'Note: older')], more: false } };
  if (path.includes('kind=MOVES')) return { body: { lines: [], more: false } };
  return {
    body: {
      lines: [line(8, 'Note: newest'), line(7, 'Hull plug IN', { correctsWords: 'Hull plug OUT' })],
      more: true,
    },
  };
}

describe('the book', () => {
  it('tells what was done day by day, and goes on to what is older', async () => {
    served(<Book />, answer, '/book');
    const day = await screen.findByRole('region', { name: '29 Oct 2031' });
    expect(within(day).getByText('Note: newest')).toBeTruthy();
    expect(within(day).getByText(/instead of: Hull plug OUT/)).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'Older' }));
    expect(await screen.findByText('Note: older')).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'Older' })).toBeNull();
  });

  it('asks for what was chosen and says so when there is none', async () => {
    const asked = served(<Book />, answer, '/book?person=Orrin');
    await screen.findByText('Note: newest');
    await userEvent.selectOptions(screen.getByLabelText('What'), 'MOVES');
    expect(await screen.findByText('Nothing in the book is like that.')).toBeTruthy();
    expect(asked.some(({ path }) => path.includes('person=Orrin') && path.includes('MOVES'))).toBe(
      true,
    );
  });

  it('refuses days the wrong way round without asking', async () => {
    const asked = served(<Book />, answer, '/book');
    await screen.findByText('Note: newest');
    fireEvent.change(screen.getByLabelText('From'), { target: { value: '2031-10-05' } });
    fireEvent.change(screen.getByLabelText('To'), { target: { value: '2031-10-01' } });
    expect(await screen.findByText('The last day comes before the first.')).toBeTruthy();
    expect(asked.some(({ path }) => path.includes('to=2031-10-01'))).toBe(false);
  });

  it('finds every boat and circuit a lot went into', async () => {
    served(<Book />, answer, '/book');
    await screen.findByText('Note: newest');
    await waitFor(() => expect(screen.getByRole('option', { name: 'P38-112' })).toBeTruthy());
    await userEvent.selectOptions(screen.getByLabelText('Lot'), 'P38-112');
    const recall = await screen.findByRole('region', { name: 'Where lot P38-112 went' });
    expect(await within(recall).findByText('17.7 L into 1 boat.')).toBeTruthy();
    const rows = within(recall).getAllByRole('row');
    expect(rows[1]!.textContent).toContain('Engine raw water');
    expect(rows[1]!.textContent).toContain('still in it, proven');
    expect(rows[2]!.textContent).toContain('no longer in it');
  });
});
