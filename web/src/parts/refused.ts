import { useState } from 'react';
import { Refusal, reasonOf } from '../api/refusal';
import { isUnderWay } from '../offline/under-way';

/** Keeps the last refusal and hands it to the field it is about; the rest goes beside the button. */
export function useRefused(fields: string[]) {
  const [error, setError] = useState<unknown>(null);
  const field = error instanceof Refusal ? error.field : null;
  const at = (name: string) => (field === name ? reasonOf(error) : null);
  const elsewhere = error && !(field && fields.includes(field)) ? reasonOf(error) : null;
  const attempt = (work: () => Promise<unknown>): Promise<boolean> =>
    isUnderWay(
      work().then(
        () => {
          setError(null);
          return true;
        },
        (caught: unknown) => {
          setError(caught);
          return false;
        },
      ),
    );
  return { at, elsewhere, attempt, refuse: setError, clear: () => setError(null) };
}
