import { useCallback, useState } from 'react';
import { useKept } from './kept';
import type { Answers, Found } from './go-no-go';

/** What was found on the round that is under way. */
export interface Begun {
  /** When something was found last. */
  at: number;
  answers: Answers;
  gauges: string[];
}

const NOTHING: Begun = { at: 0, answers: {}, gauges: [] };

/** Nobody goes by what was looked at this morning. */
const MOST_AGE_MS = 6 * 60 * 60 * 1000;

/**
 * The round under way, kept on this device; what is older than six hours counts no more.
 *
 * @param seenAt a moment not long ago, by which it is counted
 */
export function useBegun(name: string, seenAt: number) {
  const [kept, keep] = useKept<Begun>(name, NOTHING);
  const [openedAt] = useState(() => Date.now());
  const begun = Math.max(openedAt, seenAt) - kept.at > MOST_AGE_MS ? NOTHING : kept;
  const touch = (over: Partial<Begun>) => keep({ ...begun, ...over, at: Date.now() });
  return {
    begun,
    answer: (key: string, found: Found | undefined) => {
      const answers = { ...begun.answers };
      if (found) answers[key] = found;
      else delete answers[key];
      touch({ answers });
    },
    /** Several at once. */
    answerAll: (found: Answers) => touch({ answers: { ...begun.answers, ...found } }),
    readGauges: (gauges: string[]) => touch({ gauges }),
    restore: useCallback((before: Begun) => keep({ ...before, at: Date.now() }), [keep]),
    clear: () => keep(NOTHING),
  };
}
