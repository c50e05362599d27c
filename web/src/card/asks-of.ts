import type { AskOf, AskView, StepView } from '../api/client';

/** What a step asks for of one kind, in its order. */
export function asksOf<Kind extends AskView['kind']>(step: StepView, kind: Kind): AskOf<Kind>[] {
  return step.asks.filter((ask): ask is AskOf<Kind> => ask.kind === kind);
}
