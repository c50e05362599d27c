import { Refusal } from '../api/refusal';

/** Nobody answered, or not as the server would: what was sent stays where it waits. */
export function isNoAnswer(error: unknown): boolean {
  if (!(error instanceof Refusal)) return true;
  const { status, field, saidWhy } = error;
  // What is too large for something between stays so, however often it is sent.
  const tooLarge = status === 413 || status === 414 || status === 431;
  if (!saidWhy && !tooLarge) return true;
  return status >= 500 || status === 401 || status === 429 || field === 'X-XSRF-TOKEN';
}
