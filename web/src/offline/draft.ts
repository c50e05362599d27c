import { useCallback, useState } from 'react';

const PREFIX = 'elsko.draft.';

/** What is being typed, kept on this device until it has been taken in. */
export function useDraft(key: string, initial = ''): [string, (text: string) => void, () => void] {
  const [text, setText] = useState(() => sessionStorage.getItem(PREFIX + key) ?? initial);
  const type = useCallback(
    (next: string) => {
      setText(next);
      if (next === '') sessionStorage.removeItem(PREFIX + key);
      else sessionStorage.setItem(PREFIX + key, next);
    },
    [key],
  );
  const clear = useCallback(() => type(''), [type]);
  return [text, type, clear];
}

/** What was being typed here is not for whoever comes next. */
export function forgetDrafts(): void {
  Object.keys(sessionStorage)
    .filter((key) => key.startsWith(PREFIX))
    .forEach((key) => sessionStorage.removeItem(key));
}
