import { useContext } from 'react';
import type { BoatView, CardView, StepView } from '../api/client';
import { Collecting } from '../enter/collecting';
import { RefusedLine } from '../parts/refused-line';
import { Camera } from './camera';
import { usePhoto } from './use-photo';

interface PhotoProps {
  card: CardView;
  boat: BoatView;
  step: StepView;
}

/** A picture of what is seen at a step, taken with the device's camera or chosen from it. */
export function TakePhoto({ card, boat, step }: PhotoProps) {
  const photo = usePhoto(boat.id, { card: card.id, step: step.key });
  const onPaper = useContext(Collecting) !== null;
  // Paper holds no picture: what it showed is written down.
  if (onPaper) return null;
  return (
    <div className="mt-4">
      <Camera
        className="btn"
        disabled={photo.waits}
        take={(file) => photo.take(file, 'Photo taken')}
      >
        {photo.working ? 'Keeping it …' : 'Take a photo'}
      </Camera>
      <RefusedLine words={photo.refused} className="mt-2" />
    </div>
  );
}
