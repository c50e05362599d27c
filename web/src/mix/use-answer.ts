import { keys } from '../api/keys';
import { useEffect, useState } from 'react';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { Refusal, reasonOf } from '../api/refusal';

const SETTLES_AFTER_MS = 200;

/** What stands still for a moment: asking at every key would ask too often. */
export function useSettled<T>(value: T): T {
  const key = JSON.stringify(value);
  const [settled, setSettled] = useState({ key, value });
  useEffect(() => {
    const timer = setTimeout(() => setSettled({ key, value }), SETTLES_AFTER_MS);
    return () => clearTimeout(timer);
    // The key says all there is to say about the value.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key]);
  return settled.value;
}

/** The answer of a calculator to what is typed; asked only when all of it is there. */
export function useAnswer<In, Out>(
  name: string,
  typed: In | null,
  ask: (typed: In) => Promise<Out>,
  fields: string[],
) {
  const settled = useSettled(typed);
  const answer = useQuery({
    queryKey: keys.calculator(name, settled),
    queryFn: () => ask(settled!),
    enabled: settled !== null,
    staleTime: Infinity,
    placeholderData: keepPreviousData,
  });
  const { error } = answer;
  const field = error instanceof Refusal ? error.field : null;
  return {
    result: settled && typed && !error ? answer.data : undefined,
    at: (name: string) => (error && field === name ? reasonOf(error) : null),
    elsewhere: error && !fields.includes(field ?? '') ? reasonOf(error) : null,
  };
}
