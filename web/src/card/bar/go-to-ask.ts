import type { AskView } from '../../api/client';
import { askId } from '../../asks/ask-id';

/** Brings what is to be answered into sight, its first control in focus. */
export function goToAsk(ask: AskView): void {
  const place = document.getElementById(askId(ask));
  place?.scrollIntoView({ block: 'center' });
  place
    ?.querySelector<HTMLElement>('input, button:not(:disabled), select')
    ?.focus({ preventScroll: true });
}
