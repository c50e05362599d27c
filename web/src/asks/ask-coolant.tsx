import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useEnter } from '../enter/enter';
import { shelfQuery } from '../queries/queries';
import { Refusal } from '../api/refusal';
import { useDraft } from '../offline/draft';
import { Choice, Field } from '../parts/field';
import { RefusedLine } from '../parts/refused-line';
import { useRefused } from '../parts/refused';
import { typedReading } from '../sample/below-zero';
import { sentence } from '../words/words';
import type { AskProps } from './ask-props';
import { Tick } from '../parts/tick';
import { typedIn } from '../words/typed-quantity';
import { saidIn, keyIn } from '../words/quantity';

/** The coolant read cold, with an instrument that has the right scale. */
export function AskCoolant({ ask, card, boat, step, may }: AskProps<'COOLANT'>) {
  const { data: shelf } = useQuery(shelfQuery);
  const { enter, sending } = useEnter(boat.id);
  const glasses = shelf?.instruments.filter((i) => i.scale === 'EG_FREEZE') ?? [];
  const [picked, setPicked] = useState('');
  const instrument = picked || (glasses.find((i) => i.trusted) ?? glasses[0])?.id || '';
  const [text, setText, clear] = useDraft(keyIn('°C', `coolant.${boat.id}.${ask.circuit}`));
  const [warmth, setWarmth] = useDraft(keyIn('°C', `coolant-at.${boat.id}`));
  const refused = useRefused(['reading', 'temperatureC', 'instrument']);
  const verdict = boat.circuits.find((c) => c.key === ask.circuit)?.coolant;
  const save = async () => {
    const reading = typedReading(
      text,
      glasses.find(({ id }) => id === instrument),
    );
    if (reading === null) {
      refused.refuse(new Refusal(422, 'reading', 'Enter what the scale shows, like −37.'));
      return;
    }
    const temperatureC = typedIn('°C', warmth);
    if (temperatureC === null) {
      refused.refuse(
        new Refusal(422, 'temperatureC', 'Enter how warm what you read was, like 12.'),
      );
      return;
    }
    const ok = await refused.attempt(() =>
      enter({
        entries: [
          {
            kind: 'COOLANT_READ',
            circuit: ask.circuit,
            instrument: instrument || undefined,
            reading,
            temperatureC,
            card: card.id,
            step: step.key,
          },
        ],
        undo: `${sentence(ask.label)} reads ${saidIn('°C', reading, 1)}`,
      }),
    );
    if (ok) clear();
  };
  return (
    <section
      aria-label={sentence(ask.label)}
      className={`grid gap-2 rounded-[4px_14px_14px_4px] border-[1.5px] p-3 ${verdict && !verdict.good ? 'border-verm' : ask.answered ? 'border-(--color-done)' : 'border-line'}`}
    >
      <div className="flex items-center gap-3">
        <Tick done={ask.answered} />
        <h2 className="text-[17px] font-bold">{sentence(ask.label)}</h2>
      </div>
      {verdict && (
        <p className={`m-0 font-semibold ${verdict.good ? 'text-spruce' : 'text-verm'}`}>
          {verdict.words}
        </p>
      )}
      {may && (
        <form
          className="flex flex-wrap items-end gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            void save();
          }}
        >
          <div className="w-40">
            <Field
              label="Freezes at"
              unit="°C"
              inputMode="text"
              autoComplete="off"
              keys={{ signed: true }}
              value={text}
              onType={setText}
              error={refused.at('reading')}
            />
          </div>
          <div className="w-32">
            <Field
              label="Sample at"
              unit="°C"
              inputMode="text"
              autoComplete="off"
              keys={{ signed: true }}
              value={warmth}
              onType={setWarmth}
              error={refused.at('temperatureC')}
            />
          </div>
          <div className="w-52">
            <Choice
              label="Read with"
              value={instrument}
              onChoose={setPicked}
              error={refused.at('instrument')}
            >
              {glasses.map((glass) => (
                <option key={glass.id} value={glass.id}>
                  {glass.name}
                  {glass.trusted ? '' : ', not zeroed today'}
                </option>
              ))}
            </Choice>
          </div>
          <button type="submit" className="btn" disabled={sending}>
            {ask.answered ? 'Change' : 'Enter'}
          </button>
          <RefusedLine words={refused.elsewhere} className="w-full" />
        </form>
      )}
    </section>
  );
}
