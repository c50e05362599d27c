import { useContext, useState } from 'react';
import type { BoatView, CardView, StepView } from '../api/client';
import { Collecting } from '../enter/collecting';
import { useEnter } from '../enter/enter';
import { Refusal } from '../api/refusal';
import { uuid } from '../api/uuid';
import { pictures } from '../offline/device';
import { scaled } from '../offline/photo';
import { RefusedLine } from '../parts/refused-line';
import { useRefused } from '../parts/refused';

interface PhotoProps {
  card: CardView;
  boat: BoatView;
  step: StepView;
}

/** A picture of what is seen at a step, taken with the device's camera or chosen from it. */
export function TakePhoto({ card, boat, step }: PhotoProps) {
  const { enter, sending } = useEnter(boat.id);
  const [working, setWorking] = useState(false);
  const refused = useRefused([]);
  const onPaper = useContext(Collecting) !== null;
  const take = (file: File | undefined) => {
    if (!file) return;
    setWorking(true);
    void refused
      .attempt(async () => {
        const jpeg = await scaled(file).catch(() => {
          throw new Refusal(422, 'photo', 'This is no picture the device can read.');
        });
        const photo = uuid();
        await pictures.keep(photo, boat.id, jpeg);
        void pictures.send();
        try {
          await enter({
            entries: [{ kind: 'PHOTO_TAKEN', photo, card: card.id, step: step.key }],
            undo: 'Photo taken',
          });
        } catch (error) {
          // A picture of nothing would go up all the same.
          await pictures.forget(photo);
          throw error;
        }
      })
      .finally(() => setWorking(false));
  };
  // Paper holds no picture: what it showed is written down.
  if (onPaper) return null;
  return (
    <div className="mt-4">
      <label className="btn cursor-pointer focus-within:outline-[3px] focus-within:outline-(--color-brass)">
        {working ? 'Keeping it …' : 'Take a photo'}
        <input
          type="file"
          accept="image/*"
          capture="environment"
          className="sr-only"
          disabled={sending || working}
          onChange={(event) => {
            take(event.target.files?.[0]);
            event.target.value = '';
          }}
        />
      </label>
      <RefusedLine words={refused.elsewhere} className="mt-2" />
    </div>
  );
}
