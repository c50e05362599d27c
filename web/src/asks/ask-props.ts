import type { AskOf, AskView, BoatView, CardView, StepView } from '../api/client';

export interface AskProps<Kind extends AskView['kind'] = AskView['kind']> {
  ask: AskOf<Kind>;
  card: CardView;
  boat: BoatView;
  step: StepView;
  /** Whether this person may answer it now. */
  may: boolean;
}
