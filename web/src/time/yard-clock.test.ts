import { afterEach, describe, expect, it } from 'vitest';
import { ago, clock, dateOf, moment, timeOfDay } from '../words/words';
import { heardYardTime, onYardClock, yardNow, yardZone } from './yard-clock';

afterEach(() => heardYardTime(new Date().toISOString()));

const MINUTE = 60_000;

describe('the yard’s clock', () => {
  it('goes by what the server says, whatever this device shows', () => {
    heardYardTime('2026-11-24T09:10:00.25+01:00[CET]');
    expect(Math.abs(yardNow() - Date.parse('2026-11-24T08:10:00Z'))).toBeLessThan(MINUTE);
    expect(yardZone()).toBe('CET');
    expect(Math.abs(onYardClock(Date.now()) - yardNow())).toBeLessThan(MINUTE);
    expect(ago('2026-11-24T05:09:00Z')).toBe('3 hours ago');
  });

  it('shows moments in the yard’s zone', () => {
    heardYardTime('2026-11-24T09:10:00+01:00[CET]');
    expect(clock('2026-11-23T23:30:00Z')).toBe('24 Nov 00:30');
    expect(timeOfDay('2026-07-01T10:00:00Z')).toBe('12:00');
    expect(dateOf('2026-12-31T23:30:00Z')).toBe('2027-01-01');
    expect(moment('2026-12-31T23:30:00Z')).toBe('1 Jan 2027');
    expect(moment('2026-02-01T10:00:00Z')).toBe('1 Feb 11:00');
  });

  it('is right in the hour that is skipped and in the one that comes twice', () => {
    heardYardTime('2026-03-29T01:30:00+01:00[CET]');
    expect(timeOfDay('2026-03-29T00:59:00Z')).toBe('01:59');
    expect(timeOfDay('2026-03-29T01:00:00Z')).toBe('03:00');
    expect(timeOfDay('2026-10-25T00:30:00Z')).toBe('02:30');
    expect(timeOfDay('2026-10-25T01:30:00Z')).toBe('02:30');
    expect(dateOf('2028-02-28T23:30:00Z')).toBe('2028-02-29');
  });

  it('does not fall back by what an answer takes on its way, but follows a clock that was set', () => {
    const said = (behindMs: number) =>
      new Date(Date.UTC(2026, 10, 24, 8, 10) - behindMs).toISOString();
    heardYardTime(said(0));
    const quick = yardNow();
    heardYardTime(said(3_000));
    expect(yardNow()).toBeGreaterThanOrEqual(quick);
    heardYardTime(said(60_000));
    expect(yardNow()).toBeLessThan(quick - 50_000);
    heardYardTime(said(0));
    expect(Math.abs(yardNow() - quick)).toBeLessThan(5_000);
  });

  it('stays as it was when nothing or nonsense is said', () => {
    heardYardTime('2026-11-24T09:10:00+01:00[CET]');
    heardYardTime(null);
    heardYardTime('soon');
    heardYardTime('2026-11-24T09:10:00+01:00[Somewhere/Else]');
    expect(yardZone()).toBe('CET');
  });
});
