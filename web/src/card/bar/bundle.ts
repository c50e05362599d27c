import type { AskOf, AskView, BoatView, Said, StepView } from '../../api/client';
import { shownWith } from '../../offline/provisional';
import { usualEntries } from '../../asks/usual';
import type { With } from '../../asks/usual';

/** What one tap writes of an ask. */
export interface Written {
  ask: AskView;
  entries: Said[];
}

export type Start = AskOf<'ENGINE'> | AskOf<'KICK'>;

/** A step as one tap would settle it. */
export interface Bundle {
  /** The start of an engine that comes next: a target of its own; null where none does. */
  start: Start | null;
  /** What the tap writes, in its order; with a start what comes before it. */
  writes: Written[];
  /** What has to be answered by itself first, with a start what comes before it. */
  alone: AskView[];
  /** What the log knows and nothing has changed since. */
  standing: AskOf<'SET'>[];
}

export const isStart = (ask: AskView): ask is Start =>
  ask.kind === 'KICK' || (ask.kind === 'ENGINE' && ask.start);

const rests = (ask: AskView): ask is AskOf<'SET'> =>
  ask.kind === 'SET' && ask.answered && ask.restsOnStanding;

/**
 * What one tap on the bar of a step writes. An ask that stands as it should now may not any more
 * once another of the same fitting is written: then it is written too.
 */
export function bundleOf(step: StepView, boat: BoatView, used: With): Bundle {
  const next = step.asks.findIndex((ask) => isStart(ask) && !ask.answered);
  const asks = next < 0 ? step.asks : step.asks.slice(0, next);
  // What had to stand so for a start was asked with it.
  const begun = asks.findLastIndex((ask) => isStart(ask) && ask.answered);
  const bundle: Bundle = {
    start: next < 0 ? null : (step.asks[next] as Start),
    writes: [],
    alone: [],
    standing: [],
  };
  let now = boat;
  const stopped = step.said.some(({ call }) => call === 'STOP');
  for (const [i, ask] of asks.entries()) {
    const stands =
      rests(ask) && now.fittings.find(({ key }) => key === ask.fitting)?.state === ask.to;
    if (stands) {
      if (i > begun) bundle.standing.push(ask);
      continue;
    }
    if (ask.answered && !rests(ask)) continue;
    // Where something is a STOP already nothing beside it is as it should be without a look.
    const mayBeUsual = ask.bundled && !(stopped && ask.kind === 'SEE');
    const entries = mayBeUsual ? usualEntries(ask, now, used) : null;
    if (entries) {
      bundle.writes.push({ ask, entries });
      now = shownWith(now, entries);
    } else {
      bundle.alone.push(ask);
    }
  }
  return bundle;
}
