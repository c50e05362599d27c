import { keys } from '../api/keys';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { Refusal, reasonOf } from '../api/refusal';
import { useSettled } from '../parts/use-settled';

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
