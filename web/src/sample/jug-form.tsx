import { useQuery } from '@tanstack/react-query';
import type { BoatView } from '../api/client';
import { useEnter } from '../enter/enter';
import { shelfQuery } from '../queries/queries';
import { Refusal } from '../api/refusal';
import { useDraft } from '../offline/draft';
import { Field } from '../parts/field';
import { RefusedLine } from '../parts/refused-line';
import { useRefused } from '../parts/refused';
import { useUsing } from '../parts/using';
import { readsLike, typedReading } from './below-zero';
import { keyIn, saidIn } from '../words/quantity';

interface JugFormProps {
  boat: BoatView;
  /** The card and step the entry belongs to, when it is made on a card. */
  on?: { card: string; step: string };
  again: boolean;
}

/** Takes in what the undiluted jug reads. */
export function JugForm({ boat, on, again }: JugFormProps) {
  const { data: shelf } = useQuery(shelfQuery);
  const using = useUsing();
  const { enter, sending } = useEnter(boat.id);
  const refused = useRefused(['reading']);
  const glass = shelf?.instruments.find((i) => i.id === using.instrument);
  const unit = glass?.unit ?? '°C';
  const [text, setText, clear] = useDraft(keyIn(unit, `jug.${boat.id}`));
  const save = async () => {
    const reading = typedReading(text, glass);
    if (reading === null) {
      refused.refuse(
        new Refusal(422, 'reading', `Enter what the scale shows, like ${readsLike(unit, -19)}.`),
      );
      return;
    }
    const ok = await refused.attempt(() =>
      enter({
        entries: [
          {
            kind: 'JUG_READ',
            lot: using.lot,
            instrument: using.instrument || undefined,
            reading,
            ...on,
          },
        ],
        undo: `Jug reads ${saidIn(unit, reading, 1)}`,
      }),
    );
    if (ok) clear();
  };
  return (
    <form
      className="flex flex-wrap items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <div className="w-44">
        <Field
          label="Jug reads"
          unit={unit}
          inputMode="text"
          autoComplete="off"
          keys={{ signed: true }}
          value={text}
          onType={setText}
          error={refused.at('reading')}
        />
      </div>
      <button type="submit" className="btn" disabled={sending}>
        {again ? 'Read again' : 'Enter'}
      </button>
      <RefusedLine words={refused.elsewhere} className="w-full" />
    </form>
  );
}
