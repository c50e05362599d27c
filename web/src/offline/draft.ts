import { useCallback, useEffect, useState } from 'react';
import { database } from './database';

/** What is being typed on this device, by where; on its disk a moment later. */
const texts = new Map<string, string>();
const changed = new Set<string>();
const SAVED_AFTER_MS = 150;
let soon: ReturnType<typeof setTimeout> | undefined;

/** A page that goes away takes writes to the database with it; this one is done when it returns. */
const AT_THE_DOOR = 'elsko.draft.';

function leaveAtTheDoor(): void {
  try {
    changed.forEach((key) => localStorage.setItem(AT_THE_DOOR + key, texts.get(key) ?? ''));
  } catch {
    // No room there either: what is typed stays in its box.
  }
}

function takeInFromTheDoor(): void {
  Object.keys(localStorage)
    .filter((name) => name.startsWith(AT_THE_DOOR))
    .forEach((name) => {
      const key = name.slice(AT_THE_DOOR.length);
      if (!texts.has(key)) keepDraft(key, localStorage.getItem(name) ?? '');
    });
}

function isSaved(key: string, text: string): void {
  if (localStorage.getItem(AT_THE_DOOR + key) === text) localStorage.removeItem(AT_THE_DOOR + key);
}

async function save(): Promise<void> {
  clearTimeout(soon);
  soon = undefined;
  const drafts = [...changed].map((key) => [key, texts.get(key) ?? ''] as const);
  changed.clear();
  const write = (await database()).transaction('drafts', 'readwrite');
  await Promise.all([
    ...drafts.map(([key, text]) =>
      text === '' ? write.store.delete(key) : write.store.put(text, key),
    ),
    write.done,
  ]);
  drafts.forEach(([key, text]) => isSaved(key, text));
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
  if (document.visibilityState !== 'hidden') return;
  leaveAtTheDoor();
  void save().catch(() => undefined);
});

/** Reads what was being typed before the application was opened again. */
export async function loadDrafts(): Promise<void> {
  takeInFromTheDoor();
  const db = await database();
  const keys = await db.getAllKeys('drafts');
  const kept = await db.getAll('drafts');
  keys.forEach((key, i) => {
    if (!texts.has(key) && !changed.has(key)) texts.set(key, kept[i]!);
  });
}

/** Who shows a text, by where it is typed. */
const typedElsewhere = new Map<string, Set<(text: string) => void>>();

/** What is being typed, kept on this device until it has been taken in. */
export function useDraft(key: string, initial = ''): [string, (text: string) => void, () => void] {
  const [text, setText] = useState(() => texts.get(key) ?? initial);
  // What is typed once is typed wherever it is asked for.
  useEffect(() => {
    const shown = typedElsewhere.get(key) ?? new Set();
    typedElsewhere.set(key, shown.add(setText));
    return () => void shown.delete(setText);
  }, [key]);
  const type = useCallback(
    (next: string) => {
      typedElsewhere.get(key)?.forEach((show) => show(next));
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
