import type { AskView } from '../api/client';

/** By which its place in the step is found. */
export const askId = (ask: AskView) =>
  `ask-${ask.kind}-${ask.label}`.toLowerCase().replace(/[^a-z0-9]+/g, '-');
