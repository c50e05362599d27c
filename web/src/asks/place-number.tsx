import { createContext, useContext } from 'react';

/** The number on the map of what is asked here; null where it is at no place of its own. */
export const PlaceNumber = createContext<number | null>(null);

/** The number on the map, beside what is asked there. */
export function NumberHere() {
  const number = useContext(PlaceNumber);
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
