import { describe, expect, it } from 'vitest';
import type { CardView } from '../api/client';
import type { WaitingEntry } from '../offline/database';
import { clocksOfCard } from './running-here';
import { countsTo, lasts, saysOf, standingOf } from './standing';
import type { Clock } from './standing';

const MINUTE = 60_000;
const CLOCK: Clock = {
  startedAt: 0,
  fromStart: false,
  dueAt: 240 * MINUTE,
  alarmAt: 345 * MINUTE,
  overAt: 360 * MINUTE,
  whenDue: 'Go on.',
  whenOver: 'Too long.',
};

describe('a clock', () => {
  it.each([
    [0, 'RUNNING', 240],
    [239.9, 'RUNNING', 240],
    [240, 'DUE', 360],
    [345, 'SOON_OVER', 360],
    [360, 'OVER', 360],
  ] as const)('after %d min: %s', (minutes, standing, to) => {
    expect(standingOf(CLOCK, minutes * MINUTE)).toBe(standing);
    expect(countsTo(CLOCK, minutes * MINUTE)).toBe(to * MINUTE);
  });

  it('says what is to be done', () => {
    expect(saysOf(CLOCK, 239 * MINUTE)).toBe('1:00 to go');
    expect(saysOf(CLOCK, 241 * MINUTE)).toBe('Go on.');
    expect(saysOf(CLOCK, 350 * MINUTE)).toMatch(/^Over at \d\d:\d\d\. Go on\.$/);
    expect(saysOf(CLOCK, 400 * MINUTE)).toBe('Too long.');
  });

  it('that only has an end may be gone on with at once', () => {
    expect(standingOf({ ...CLOCK, fromStart: true, dueAt: 0 }, 1)).toBe('DUE');
  });

  it.each([
    [0, '0:00'],
    [59_001, '1:00'],
    [61_000, '1:01'],
    [72 * MINUTE, '1 h 12 min'],
  ])('%d ms lasts %s', (ms, words) => expect(lasts(ms)).toBe(words));
});

describe('clocks of a card without signal', () => {
  const lastsFor = {
    fromMinutes: 5,
    alarmMinutes: 9,
    toMinutes: 10,
    whenDue: 'Flat.',
    whenOver: 'Stuck.',
  };
  const CARD = {
    id: 'card',
    timers: [
      {
        kind: 'RUN',
        step: 'warm',
        startedAt: '2031-10-29T08:00:00Z',
        dueAt: '2031-10-29T08:05:00Z',
        alarmAt: '2031-10-29T08:09:00Z',
        overAt: '2031-10-29T08:10:00Z',
      },
    ],
    steps: [
      { key: 'warm', run: lastsFor, soak: null, asks: [{ kind: 'ENGINE' }] },
      { key: 'shot', run: null, soak: lastsFor, asks: [{ kind: 'ENGINE' }] },
      { key: 'rinse', run: lastsFor, soak: null, asks: [] },
    ],
  } as unknown as CardView;
  let seq = 0;
  const waits = (kind: string, step: string): WaitingEntry => ({
    seq: ++seq,
    person: 'Orrin',
    boat: 'boat',
    entry: {
      id: String(seq),
      kind,
      step,
      card: 'card',
      deviceTime: `2031-10-29T09:0${seq % 10}:00Z`,
    } as WaitingEntry['entry'],
  });
  const kinds = (...entries: WaitingEntry[]) =>
    clocksOfCard(CARD, entries).map(({ kind, step }) => `${kind} ${step}`);

  it('are the known ones until the engine is stopped here', () => {
    expect(kinds()).toEqual(['RUN warm']);
    expect(kinds(waits('ENGINE_STOPPED', 'warm'))).toEqual([]);
  });

  it('begin with what was started here', () => {
    const [clock] = clocksOfCard({ ...CARD, timers: [] }, [waits('ENGINE_STARTED', 'warm')]);
    expect(clock).toMatchObject({ kind: 'RUN', step: 'warm', whenDue: 'Flat.' });
    expect(clock!.overAt - clock!.startedAt).toBe(10 * MINUTE);
  });

  it('soak once the engine stands still with the acid in it, until somebody goes on', () => {
    const soaking = [
      waits('ENGINE_STOPPED', 'warm'),
      waits('DESCALER_USED', 'shot'),
      waits('ENGINE_STOPPED', 'shot'),
    ];
    expect(kinds(...soaking)).toEqual(['SOAK shot']);
    expect(kinds(soaking[0]!, soaking[1]!)).toEqual([]);
  });
});
