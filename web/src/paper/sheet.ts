import type { NewEntry } from '../api/client';
import { yardMoment } from '../words/yard-moment';

/** A card on paper as it is typed in. Times are as the yard's clock shows them: 09:10. */
export interface Sheet {
  /** When the card was printed, as 2026-11-24T09:10: what happened after that is on no paper. */
  printed: string;
  /** What clean water read that day, and when; empty where nothing was measured. */
  zero: { reading: string; at: string };
  /** The day the work began on. */
  day: string;
  /** When each step began; the day only where it is another than the step before. */
  begun: Record<string, string>;
  days: Record<string, string>;
  /** When a line was done, where it has a time of its own; by the id of its entry. */
  at: Record<string, string>;
  /** In the order they were typed. */
  entries: NewEntry[];
  /** What the server refused, by the id of its entry. */
  refused: Record<string, string>;
}

export const EMPTY: Sheet = {
  printed: '',
  zero: { reading: '', at: '' },
  day: '',
  begun: {},
  days: {},
  at: {},
  entries: [],
  refused: {},
};

/** What must be put right before a sheet can be sent. */
export interface Trouble {
  /** The step, or one of the sheet's own boxes. */
  at: string;
  reason: string;
}

const ENDS = new Set<NewEntry['kind']>(['STEP_DONE', 'STEP_SKIPPED']);

const isEnd = ({ kind }: NewEntry) => ENDS.has(kind);

/** The lines of one step in the order of the paper: its end comes last, whenever it was typed. */
export function linesOf(sheet: Sheet, step: string): NewEntry[] {
  const here = sheet.entries.filter((entry) => entry.step === step);
  return [...here.filter((entry) => !isEnd(entry)), ...here.filter(isEnd)];
}

/**
 * The entries with the moments at which they happened, in the order of those. A line without a time
 * happened at the time before it; lines of one minute stay in their order.
 *
 * @param steps keys in the order of the card
 * @param now by the yard's clock
 */
export function timed(sheet: Sheet, steps: readonly string[], now: number): NewEntry[] | Trouble {
  const printedDay = sheet.printed.slice(0, 10);
  const printed = yardMoment(printedDay, sheet.printed.slice(11, 16));
  if (printed === null) {
    return { at: 'printed', reason: 'Say when the card was printed: it stands at its head.' };
  }
  if (printed > now) return { at: 'printed', reason: 'That is still to come.' };
  if (yardMoment(sheet.day, '12:00') === null) {
    return { at: 'day', reason: 'Say on which day the work began.' };
  }
  const all: { entry: NewEntry; at: number }[] = [];
  let day = sheet.day;
  let time: string | null = null;
  for (const step of steps) {
    const lines = linesOf(sheet, step);
    if (lines.length === 0) continue;
    day = sheet.days[step] || day;
    time = sheet.begun[step] || time;
    if (time === null) {
      return { at: step, reason: 'Say when it was begun: nothing before it has a time.' };
    }
    let before: string = time;
    for (const entry of lines) {
      const own = sheet.at[entry.id] || before;
      const at = yardMoment(day, own);
      if (at === null) return { at: step, reason: 'A time looks like 09:10.' };
      if (own < before) {
        return {
          at: step,
          reason: `${own} comes before ${before}, the time of the line above it.`,
        };
      }
      if (at > now) return { at: step, reason: `${own} is still to come.` };
      if (at < printed) {
        return { at: step, reason: `${own} is before the card was printed.` };
      }
      before = own;
      all.push({ entry, at });
    }
    time = before;
  }
  all.sort((one, other) => one.at - other.at);
  let last = 0;
  return all.map(({ entry, at }) => {
    last = Math.max(at, last + 1);
    return {
      ...entry,
      deviceTime: new Date(last).toISOString(),
      downloadedAt: new Date(printed).toISOString(),
    };
  });
}

/** Without lines, and with nothing left of them. */
export function without(sheet: Sheet, ids: readonly string[]): Sheet {
  const gone = new Set(ids);
  const left = <T>(all: Record<string, T>) =>
    Object.fromEntries(Object.entries(all).filter(([id]) => !gone.has(id)));
  return {
    ...sheet,
    entries: sheet.entries.filter(({ id }) => !gone.has(id)),
    at: left(sheet.at),
    refused: left(sheet.refused),
  };
}
