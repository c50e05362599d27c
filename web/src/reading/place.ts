import type { CardView, StepView } from '../api/client';

/** Where on a card a reading is taken; nothing when it is taken on the boat alone. */
export interface Place {
  card?: string;
  step?: string;
}

export const onCard = (card: CardView, step: StepView): Place => ({
  card: card.id,
  step: step.key,
});

/** A name for what is typed there. */
export const draftOf = ({ card, step }: Place, boat: string) =>
  card ? `ask.${card}.${step}` : `reading.${boat}`;
