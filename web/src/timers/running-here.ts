import type { CardView, StepView, TimerView } from '../api/client';
import type { WaitingEntry } from '../offline/database';
import { onYardClock } from '../time/yard-clock';
import { clockOfTimer } from './standing';
import type { Clock } from './standing';

export interface StepClock extends Clock {
  kind: TimerView['kind'];
  step: string;
}

/**
 * The clocks of a card: those the server knows, and those that began or ended by what still waits on
 * this device.
 */
export function clocksOfCard(card: CardView, waiting: readonly WaitingEntry[]): StepClock[] {
  const mine = waiting.filter(({ entry }) => entry.card === card.id);
  const known = card.timers
    .filter((timer) => !endedHere(card, timer, mine))
    .map((timer) => ({ ...clockOfTimer(timer), kind: timer.kind, step: timer.step }));
  const begun = card.steps.flatMap((step) => begunHere(step, mine));
  return [
    ...known.filter(
      (one) => !begun.some((other) => other.step === one.step && other.kind === one.kind),
    ),
    ...begun,
  ];
}

/** Stopped here, or the step after it was begun here. */
function endedHere(card: CardView, timer: TimerView, waiting: readonly WaitingEntry[]): boolean {
  const at = card.steps.findIndex(({ key }) => key === timer.step);
  return waiting.some(({ entry }) => {
    const step = card.steps.findIndex(({ key }) => key === entry.step);
    if (timer.kind === 'SOAK') return step > at;
    if (timer.kind === 'WITHIN') return step === at && entry.kind === 'STEP_DONE';
    return step === at && entry.kind === 'ENGINE_STOPPED';
  });
}

function begunHere(step: StepView, waiting: readonly WaitingEntry[]): StepClock[] {
  const here = waiting.filter(({ entry }) => entry.step === step.key).map(({ entry }) => entry);
  const started = here.findLast((entry) => entry.kind === 'ENGINE_STARTED');
  const stopped = here.findLast((entry) => entry.kind === 'ENGINE_STOPPED');
  const fed = here.findLast(
    (entry) =>
      entry.kind === 'ENGINE_STARTED' || (entry.kind === 'FITTING_SET' && FEEDS.has(entry.state)),
  );
  const poured = here.findLast(
    (entry) => entry.kind === 'DESCALER_USED' || entry.kind === 'DISINFECTED',
  );
  const clocks: StepClock[] = [];
  const runs = started && (!stopped || here.indexOf(stopped) < here.indexOf(started));
  if (runs && step.run) clocks.push(clock('RUN', step.key, step.run, started.deviceTime));
  const lasts = feedLasts(step);
  if (lasts && fed && (runs || runsByTheServer(step))) {
    clocks.push(clock('FEED', step.key, lasts, fed.deviceTime));
  }
  const byEngine = step.asks.some((ask) => ask.kind === 'ENGINE');
  const since = byEngine ? stopped : poured;
  if (step.soak && poured && since && !runs) {
    clocks.push(clock('SOAK', step.key, step.soak, since.deviceTime));
  }
  return clocks;
}

/** Out of which nothing comes by itself. */
const FEEDS = new Set(['BUCKET', 'TANK', 'STRAINER']);

/** Started by what went up already, and not stopped since. */
function runsByTheServer({ said }: StepView): boolean {
  const last = said.findLast(({ kind }) => kind === 'ENGINE_STARTED' || kind === 'ENGINE_STOPPED');
  return last?.kind === 'ENGINE_STARTED';
}

/** What feeds it by hand, as a clock; null where it goes on. */
function feedLasts({ feed }: StepView): NonNullable<StepView['run']> | null {
  if (!feed || feed.lastsSeconds === null || feed.actAtSeconds === null) return null;
  const tank = feed.givesLitersPerMinute === 0;
  return {
    fromMinutes: feed.actAtSeconds / 60,
    alarmMinutes: feed.actAtSeconds / 60,
    toMinutes: feed.lastsSeconds / 60,
    whenDue: tank
      ? 'The tank is nearly empty: stand by, stop at the first bubble.'
      : 'The tub is nearly empty: stop, or top it up.',
    whenOver: `The ${tank ? 'tank' : 'tub'} is empty: stop the engine.`,
  };
}

const MINUTE_MS = 60_000;

function clock(
  kind: StepClock['kind'],
  step: string,
  lasts: NonNullable<StepView['run']>,
  since: string,
): StepClock {
  const startedAt = onYardClock(since);
  return {
    kind,
    step,
    startedAt,
    fromStart: false,
    dueAt: startedAt + lasts.fromMinutes * MINUTE_MS,
    alarmAt: startedAt + lasts.alarmMinutes * MINUTE_MS,
    overAt: startedAt + lasts.toMinutes * MINUTE_MS,
    whenDue: lasts.whenDue,
    whenOver: lasts.whenOver,
  };
}
