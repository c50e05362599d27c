import { beforeEach, describe, expect, it } from 'vitest';
import type { NewEntry } from '../api/client';
import { heardYardTime } from '../time/yard-clock';
import { yardMoment } from '../words/yard-moment';
import { EMPTY, linesOf, timed, without } from './sheet';
import type { Sheet } from './sheet';

const NOW = new Date('2026-11-24T12:00:00Z').getTime();

const line = (id: string, step: string, kind: NewEntry['kind'] = 'NOTED') =>
  ({ id, step, kind, deviceTime: '', text: id }) as unknown as NewEntry;

function sheet(over: Partial<Sheet> = {}): Sheet {
  return {
    ...EMPTY,
    printed: '2026-11-24T07:00',
    day: '2026-11-24',
    begun: { first: '08:00' },
    entries: [line('a', 'first'), line('b', 'first'), line('c', 'second')],
    ...over,
  };
}

const times = (from: Sheet, now = NOW) => {
  const all = timed(from, ['first', 'second'], now);
  if (!Array.isArray(all)) throw new Error(all.reason);
  return all.map(({ id, deviceTime }) => `${id} ${deviceTime.slice(11)}`);
};

const trouble = (from: Sheet, now = NOW) => {
  const all = timed(from, ['first', 'second'], now);
  return Array.isArray(all) ? null : all;
};

beforeEach(() => heardYardTime(`2026-11-24T13:00:00+01:00[Europe/Paris]`));

describe('the moments of a sheet', () => {
  it('come from the time before where a line has none, in the order of the paper', () => {
    expect(times(sheet({ at: { b: '08:20' } }))).toEqual([
      'a 07:00:00.000Z',
      'b 07:20:00.000Z',
      'c 07:20:00.001Z',
    ]);
  });

  it('say when the paper was printed, so that everybody knows what it could not know', () => {
    const [first] = timed(sheet(), ['first', 'second'], NOW) as NewEntry[];
    expect(first!.downloadedAt).toBe('2026-11-24T06:00:00.000Z');
  });

  it('follow the steps to another day, and keep to what happened first', () => {
    const overNight = sheet({
      printed: '2026-11-22T07:00',
      day: '2026-11-23',
      begun: { first: '16:00', second: '07:30' },
      days: { second: '2026-11-24' },
    });
    expect(times(overNight)).toEqual(['a 15:00:00.000Z', 'b 15:00:00.001Z', 'c 06:30:00.000Z']);
    const otherOrder = sheet({ begun: { first: '09:00', second: '08:00' } });
    expect(times(otherOrder).map((one) => one[0])).toEqual(['c', 'a', 'b']);
  });

  it('put the end of a step last, whenever it was typed', () => {
    const early = sheet({ entries: [line('end', 'first', 'STEP_DONE'), line('a', 'first')] });
    expect(linesOf(early, 'first').map(({ id }) => id)).toEqual(['a', 'end']);
    expect(times(early).map((one) => one.split(' ')[0])).toEqual(['a', 'end']);
  });
});

describe('what is asked for before a sheet goes up', () => {
  it.each([
    [{ printed: '' }, 'printed'],
    [{ printed: '2026-11-25T07:00' }, 'printed'],
    [{ day: '' }, 'day'],
    [{ begun: {} }, 'first'],
    [{ at: { a: '08:20', b: '08:10' } }, 'first'],
    [{ begun: { first: '08:00', second: '14:00' } }, 'second'],
    [{ begun: { first: '06:30' } }, 'first'],
  ] as [Partial<Sheet>, string][])('%j is said at %s', (over, at) => {
    expect(trouble(sheet(over))?.at).toBe(at);
  });

  it('takes nothing from a step without lines', () => {
    expect(
      trouble(sheet({ begun: { second: '08:00' }, entries: [line('c', 'second')] })),
    ).toBeNull();
  });
});

it('forgets all of a line that is taken out', () => {
  const left = without(sheet({ at: { a: '08:00' }, refused: { a: 'no' } }), ['a']);
  expect(left.entries.map(({ id }) => id)).toEqual(['b', 'c']);
  expect(left.at).toEqual({});
  expect(left.refused).toEqual({});
});

describe('a moment by the yard’s clock', () => {
  it('is the same on every device, before and after the change of the hour', () => {
    expect(new Date(yardMoment('2026-07-01', '09:10')!).toISOString()).toBe(
      '2026-07-01T07:10:00.000Z',
    );
    expect(new Date(yardMoment('2026-12-01', '09:10')!).toISOString()).toBe(
      '2026-12-01T08:10:00.000Z',
    );
    expect(new Date(yardMoment('2026-03-29', '04:00')!).toISOString()).toBe(
      '2026-03-29T02:00:00.000Z',
    );
  });

  it('is nothing where there is no such day or hour', () => {
    expect(yardMoment('', '09:10')).toBeNull();
    expect(yardMoment('2026-11-24', '')).toBeNull();
  });
});
