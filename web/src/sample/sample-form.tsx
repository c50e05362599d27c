import { useQuery } from '@tanstack/react-query';
import type { BoatView, PointView } from '../api/client';
import { useEnter } from '../enter/enter';
import { shelfQuery } from '../queries/queries';
import { Refusal } from '../api/refusal';
import { useDraft } from '../offline/draft';
import { Field } from '../parts/field';
import { RefusedLine } from '../parts/refused-line';
import { useRefused } from '../parts/refused';
import { useUsing } from '../parts/using';
import { sentence } from '../words/words';
import { readsLike, typedReading } from './below-zero';
import { typedIn } from '../words/typed-quantity';
import { boxIn, keyIn, numberIn, saidIn } from '../words/quantity';

interface SampleFormProps {
  boat: BoatView;
  point: PointView;
  on?: { card: string; step: string };
}

/** Takes in what the sample of one low point reads, and how warm it is. */
export function SampleForm({ boat, point, on }: SampleFormProps) {
  const { data: shelf } = useQuery(shelfQuery);
  const using = useUsing();
  const { enter, sending } = useEnter(boat.id);
  const [warmth, setWarmth] = useDraft(
    keyIn('°C', `sample-temperature.${boat.id}`),
    boxIn('°C', 15),
  );
  const refused = useRefused(['reading', 'temperatureC']);
  const glass = shelf?.instruments.find((i) => i.id === using.instrument);
  const unit = glass?.unit ?? '°C';
  const [reading, setReading, clearReading] = useDraft(
    keyIn(unit, `sample.${boat.id}.${point.key}`),
  );
  const save = async () => {
    const value = typedReading(reading, glass);
    const temperatureC = typedIn('°C', warmth);
    if (value === null || temperatureC === null) {
      refused.refuse(
        value === null
          ? new Refusal(422, 'reading', `Enter what the scale shows, like ${readsLike(unit, -18)}.`)
          : new Refusal(
              422,
              'temperatureC',
              `Enter how warm the sample is, like ${numberIn('°C', 15)}.`,
            ),
      );
      return;
    }
    const ok = await refused.attempt(() =>
      enter({
        entries: [
          {
            kind: 'SAMPLE_READ',
            lowPoint: point.key,
            lot: using.lot,
            instrument: using.instrument || undefined,
            reading: value,
            temperatureC,
            ...on,
          },
        ],
        undo: `${sentence(point.name)} reads ${saidIn(unit, value, 1)}`,
      }),
    );
    if (ok) clearReading();
  };
  return (
    <form
      aria-label={`Sample, ${point.name}`}
      className="flex flex-wrap items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <div className="w-36">
        <Field
          label="Sample reads"
          unit={unit}
          inputMode="text"
          autoComplete="off"
          keys={{ signed: true }}
          value={reading}
          onType={setReading}
          error={refused.at('reading')}
        />
      </div>
      <div className="w-32">
        <Field
          label="at"
          unit="°C"
          inputMode="text"
          autoComplete="off"
          keys={{ signed: true }}
          value={warmth}
          onType={setWarmth}
          error={refused.at('temperatureC')}
        />
      </div>
      <button type="submit" className="btn" disabled={sending}>
        {point.reading == null ? 'Enter' : 'Read again'}
      </button>
      <RefusedLine words={refused.elsewhere} className="w-full" />
    </form>
  );
}
