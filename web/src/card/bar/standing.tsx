import { useState } from 'react';
import type { AskOf, BoatView, CardView, StepView } from '../../api/client';
import { AskSet } from '../../asks/ask-tap';
import { standingWords } from './words';

interface StandingProps {
  standing: AskOf<'SET'>[];
  card: CardView;
  boat: BoatView;
  step: StepView;
}

/** What the log knows and nothing has changed since, as one question; its lines where it is not so. */
export function Standing({ standing, card, boat, step }: StandingProps) {
  const [open, setOpen] = useState(false);
  if (standing.length === 0) return null;
  return (
    <div className="grid gap-2">
      <button
        type="button"
        className="plain text-left text-[15px] no-underline"
        aria-expanded={open}
        onClick={() => setOpen(!open)}
      >
        {standingWords(standing)}
        <span className="text-soft"> {open ? 'hide' : 'not so?'}</span>
      </button>
      {open && (
        <div className="grid gap-2">
          {standing.map((ask) => (
            <AskSet key={ask.fitting} ask={ask} card={card} boat={boat} step={step} may />
          ))}
        </div>
      )}
    </div>
  );
}
