import { useCallback, useState } from 'react';
import { database } from './database';

/** What is being typed on this device, by where; on its disk a moment later. */
const texts = new Map<string, string>();
const changed = new Set<string>();
const SAVED_AFTER_MS = 150;
let soon: ReturnType<typeof setTimeout> | undefined;

async function save(): Promise<void> {
  clearTimeout(soon);
  soon = undefined;
  const keys = [...changed];
  changed.clear();
  const write = (await database()).transaction('drafts', 'readwrite');
  await Promise.all([
    ...keys.map((key) => {
      const text = texts.get(key);
      return text === undefined ? write.store.delete(key) : write.store.put(text, key);
    }),
    write.done,
  ]);
}

/** Keeps what is being typed; '' when it was taken in. */
export function keepDraft(key: string, text: string): void {
  if (text === '') texts.delete(key);
  else texts.set(key, text);
  changed.add(key);
  // Full or away, the disk keeps nothing: what is typed stays in its box all the same.
  soon ??= setTimeout(() => void save().catch(() => undefined), SAVED_AFTER_MS);
}

// A window that goes to the back may not come again.
document.addEventListener('visibilitychange', () => {
  if (document.visibilityState === 'hidden') void save().catch(() => undefined);
});

/** Reads what was being typed before the application was opened again. */
export async function loadDrafts(): Promise<void> {
  const db = await database();
  const keys = await db.getAllKeys('drafts');
  const kept = await db.getAll('drafts');
  keys.forEach((key, i) => {
    if (!texts.has(key)) texts.set(key, kept[i]!);
  });
}

/** What is being typed, kept on this device until it has been taken in. */
export function useDraft(key: string, initial = ''): [string, (text: string) => void, () => void] {
  const [text, setText] = useState(() => texts.get(key) ?? initial);
  const type = useCallback(
    (next: string) => {
      setText(next);
      keepDraft(key, next);
    },
    [key],
  );
  const clear = useCallback(() => type(''), [type]);
  return [text, type, clear];
}

/** What was being typed there last; null where nothing was. */
export function draftOf(key: string): string | null {
  return texts.get(key) ?? null;
}

/** What was being typed here is not for whoever comes next. */
export function forgetDrafts(): void {
  [...texts.keys()].forEach((key) => keepDraft(key, ''));
}
