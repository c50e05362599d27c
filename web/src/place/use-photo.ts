import { useState } from 'react';
import type { EntryOf } from '../offline/of-kind';
import { useEnter } from '../enter/enter';
import { Refusal } from '../api/refusal';
import { uuid } from '../api/uuid';
import { pictures } from '../offline/device';
import { scaled } from '../offline/photo';
import { useRefused } from '../parts/refused';

type Of = Partial<Pick<EntryOf<'PHOTO_TAKEN'>, 'card' | 'step' | 'fitting' | 'caption'>>;

/** Keeps a picture on the device, on its way up, and enters that it was taken. */
export function usePhoto(boat: string, of: Of) {
  const { enter, sending } = useEnter(boat);
  const [working, setWorking] = useState(false);
  const refused = useRefused([]);
  const take = (file: File | undefined, undo: string) => {
    if (!file) return;
    setWorking(true);
    void refused
      .attempt(async () => {
        const jpeg = await scaled(file).catch(() => {
          throw new Refusal(422, 'photo', 'This is no picture the device can read.');
        });
        const photo = uuid();
        await pictures.keep(photo, boat, jpeg);
        void pictures.send();
        try {
          await enter({ entries: [{ kind: 'PHOTO_TAKEN', photo, ...of }], undo });
        } catch (error) {
          // A picture of nothing would go up all the same.
          await pictures.forget(photo);
          throw error;
        }
      })
      .finally(() => setWorking(false));
  };
  return { take, working, waits: sending || working, refused: refused.elsewhere };
}
