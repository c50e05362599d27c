import type { AskView, CardView, NewEntry } from '../api/client';
import { sentence } from '../words/words';
import { answers } from './answers';
import { readingHere } from './judge-here';

type Cause = NonNullable<Extract<NewEntry, { kind: 'TAG_REMEDIED' }>['cause']>;

interface Stop {
  cause: Cause;
  words: string;
}

/** The stop that an answer is, by what came with its ask; null where it is none. */
function stopOf(ask: AskView, entry: NewEntry): Stop | null {
  if (entry.kind === 'READING_TAKEN' && ask.kind === 'READ') {
    const here = readingHere(ask, entry.value, entry.against ?? null);
    return here?.call === 'STOP' && ask.limits.sets
      ? { cause: ask.limits.sets, words: `${sentence(ask.label)} ${entry.value} ${ask.unit}` }
      : null;
  }
  if (entry.kind !== 'CONDITION_SEEN' && entry.kind !== 'FROST_LOOKED') return null;
  const condition =
    ask.kind === 'SEE' || ask.kind === 'FROST'
      ? ask.condition
      : ask.kind === 'READ'
        ? ask.instead
        : null;
  const found = condition?.findings.find(({ key }) => key === entry.finding);
  return found?.sets
    ? { cause: found.sets, words: `${sentence(ask.label)}: ${found.words}` }
    : null;
}

const engineOf = (entry: NewEntry) => ('engine' in entry ? (entry.engine ?? null) : null);

/**
 * Why an engine is not started by what was said on this device and has not gone up; null where
 * nothing stops it. Nobody waits for signal to stop.
 */
export function stoppedHere(
  card: CardView,
  said: readonly NewEntry[],
  engine: string | null,
): string | null {
  const asks = card.steps.flatMap((step) => step.asks);
  const standing = new Map<Cause, string>();
  for (const entry of said) {
    if (entry.kind === 'TAG_REMEDIED' || entry.kind === 'TAG_LIFTED') {
      standing.delete(entry.cause);
      continue;
    }
    const whose = engineOf(entry);
    if (whose !== null && engine !== null && whose !== engine) continue;
    const stop = asks
      .filter((ask) => answers(ask, entry))
      .map((ask) => stopOf(ask, entry))
      .find((one) => one !== null);
    if (stop) standing.set(stop.cause, stop.words);
  }
  const first = [...standing.values()][0];
  return first ? `Red tag. ${first}. No start before what was done about it is recorded.` : null;
}
