import { useEffect } from 'react';

/** Names the screen in the browser's tab and its history; nothing yet: the name before stays. */
export function useTitle(title: string | undefined): void {
  useEffect(() => {
    if (title) document.title = named(title);
  }, [title]);
}

export const named = (title: string) => `${title} · Elsko`;
