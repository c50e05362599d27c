import type { TimerView } from '../api/client';
import { timeOfDay } from '../words/words';

export type Standing = 'RUNNING' | 'DUE' | 'SOON_OVER' | 'OVER';

/** What a clock needs so that one can say how it stands; moments in ms, by the server's clock. */
export interface Clock {
  startedAt: number;
  /** Only the end matters: somebody may go on at once. */
  fromStart: boolean;
  dueAt: number;
  alarmAt: number;
  overAt: number;
  whenDue: string;
  whenOver: string;
}

export function clockOfTimer(timer: TimerView): Clock {
  const at = (iso: string) => new Date(iso).getTime();
  return {
    startedAt: at(timer.startedAt),
    fromStart: timer.fromStart,
    dueAt: at(timer.dueAt),
    alarmAt: at(timer.alarmAt),
    overAt: at(timer.overAt),
    whenDue: timer.whenDue,
    whenOver: timer.whenOver,
  };
}

export function standingOf(clock: Clock, now: number): Standing {
  if (now >= clock.overAt) return 'OVER';
  if (now >= clock.alarmAt) return 'SOON_OVER';
  return clock.fromStart || now >= clock.dueAt ? 'DUE' : 'RUNNING';
}

/** The moment that is counted down to. */
export function countsTo(clock: Clock, now: number): number {
  return standingOf(clock, now) === 'RUNNING' ? clock.dueAt : clock.overAt;
}

/** "4:07" below an hour, "1 h 12 min" above. */
export function lasts(ms: number): string {
  const seconds = Math.max(0, Math.ceil(ms / 1000));
  if (seconds < 3600) {
    return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
  }
  const minutes = Math.ceil(seconds / 60);
  return `${Math.floor(minutes / 60)} h ${minutes % 60} min`;
}

/** What is said of a clock as it stands. */
export function saysOf(clock: Clock, now: number): string {
  switch (standingOf(clock, now)) {
    case 'RUNNING':
      return `${lasts(clock.dueAt - now)} to go`;
    case 'DUE':
      return clock.whenDue;
    case 'SOON_OVER':
      return `Over at ${timeOfDay(clock.overAt)}. ${clock.whenDue}`;
    case 'OVER':
      return clock.whenOver;
  }
}
