import { Refusal } from '../api/refusal';

/** Nobody answered, or not as the server would: what was sent stays where it waits. */
export function isNoAnswer(error: unknown): boolean {
  if (!(error instanceof Refusal)) return true;
  const { status, field } = error;
  return status >= 500 || status === 401 || status === 429 || field === 'X-XSRF-TOKEN';
}
