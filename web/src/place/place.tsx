import { createContext, useContext } from 'react';
import type { BoatView, CardView, FittingView, StepView } from '../api/client';

/** Where on the boat something is asked. */
export interface AtPlace {
  /** On the map; null where it is at no place of its own. */
  number: number | null;
  fitting: FittingView | null;
  boat: BoatView;
  card: CardView;
  step: StepView;
  may: boolean;
}

export const Place = createContext<AtPlace | null>(null);

/** The number on the map, beside what is asked there. */
export function NumberHere() {
  const number = useContext(Place)?.number ?? null;
  if (number === null) return null;
  return (
    <span
      aria-hidden="true"
      className="border-soft grid size-8 shrink-0 place-items-center rounded-full border-2 text-[17px] font-bold"
    >
      {number}
    </span>
  );
}
