import { useEffect, useRef } from 'react';

/** Leaves a panel on Escape, wherever in it the focus is. */
export function useEscape<Panel extends HTMLElement>(leave: () => void) {
  const panel = useRef<Panel>(null);
  useEffect(() => {
    const shown = panel.current;
    const pressed = (event: KeyboardEvent) => {
      if (event.key === 'Escape') leave();
    };
    shown?.addEventListener('keydown', pressed);
    return () => shown?.removeEventListener('keydown', pressed);
  }, [leave]);
  return panel;
}
