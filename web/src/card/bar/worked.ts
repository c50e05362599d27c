import { draftOf, keepDraft } from '../../offline/draft';

const keyOf = (card: string) => `worked.${card}`;

/**
 * The time in which a card's open step can have been done: since the card was first shown on this
 * device, less what the steps before it take at least. Kept on the device's disk: a reload does not
 * begin anew.
 */
export function workedSeconds(card: string, now = Date.now()): number {
  return Math.max(0, Math.floor((now - since(card, now)) / 1000));
}

/**
 * A step is done: its work took at least so long.
 *
 * @returns gives back what was accounted for, no more: its tap was taken back
 */
export function accountFor(card: string, seconds: number, now = Date.now()): () => void {
  const before = since(card, now);
  const after = Math.min(now, before + seconds * 1000);
  keepDraft(keyOf(card), String(after));
  return () => {
    const kept = Number(draftOf(keyOf(card)) ?? after);
    keepDraft(keyOf(card), String(kept - (after - before)));
  };
}

/** From now on its first step is worked on, unless it was shown before. */
export function isShownNow(card: string, now = Date.now()): void {
  keepDraft(keyOf(card), String(since(card, now)));
}

function since(card: string, now: number): number {
  const kept = Number(draftOf(keyOf(card)) ?? Number.NaN);
  // A clock that was set back tells nothing: it begins now.
  return Number.isFinite(kept) && kept <= now ? kept : now;
}
