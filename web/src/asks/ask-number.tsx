import type { ReactNode } from 'react';
import { useEnter } from '../enter/enter';
import type { Said } from '../api/client';
import { Refusal } from '../api/refusal';
import { useDraft } from '../offline/draft';
import { useRefused } from '../parts/refused';
import { useUsing } from '../parts/using';
import { liters, sentence, typedNumber } from '../words/words';
import type { AskProps } from './ask-props';
import { Tick } from '../parts/tick';

interface NumberProps extends AskProps {
  unit: string;
  hint?: ReactNode;
  fields: string[];
  entry: (value: number) => Said;
  words: (value: number) => string;
}

/** Plugs in the bag. */
export function AskCount(props: AskProps<'COUNT'>) {
  const { bag } = props.boat;
  return (
    <AskNumber
      {...props}
      unit="plugs"
      fields={['count']}
      hint={`by the record ${bag.expected} should be in it`}
      entry={(value) => ({ kind: 'BAG_COUNTED', count: Math.round(value) })}
      words={(value) => `Bag counted: ${value}`}
    />
  );
}

/** Antifreeze that was caught as it ran out. */
export function AskCatch(props: AskProps<'CATCH'>) {
  const { ask } = props;
  return (
    <AskNumber
      {...props}
      unit="L"
      fields={['liters']}
      hint={`${liters(ask.liters)} went in; more comes out, with water in it`}
      entry={(value) => ({ kind: 'FLUID_CAUGHT', circuit: ask.circuit, liters: value })}
      words={(value) => `${liters(value)} caught`}
    />
  );
}

/** Descaler that went in. */
export function AskDescale(props: AskProps<'DESCALE'>) {
  const { ask } = props;
  return (
    <AskNumber
      {...props}
      unit="L"
      fields={['liters']}
      hint={`${liters(ask.liters)} mixed, ready to use`}
      entry={(value) => ({
        kind: 'DESCALER_USED',
        circuit: ask.circuit,
        segments: ask.segments,
        liters: value,
      })}
      words={(value) => `${liters(value)} of descaler`}
    />
  );
}

/** Liters that went in, of the lot in use. */
export function AskFill(props: AskProps<'FILL'>) {
  const { ask } = props;
  const { lot } = useUsing();
  return (
    <AskNumber
      {...props}
      unit="L"
      fields={['liters', 'lot']}
      hint={[`about ${liters(ask.liters)}`, ask.watch].filter(Boolean).join(', ')}
      entry={(value) => ({
        kind: 'FLUID_USED',
        circuit: ask.circuit,
        lot,
        liters: value,
        pourPoint: ask.pourPoint ?? undefined,
      })}
      words={(value) => `${liters(value)} into ${ask.label}`}
    />
  );
}

function AskNumber({ ask, card, boat, step, may, unit, hint, fields, entry, words }: NumberProps) {
  const { enter, sending } = useEnter(boat.id);
  const [text, setText, clear] = useDraft(`ask.${card.id}.${step.key}.${ask.kind}.${ask.label}`);
  const refused = useRefused(fields);
  const error = fields.map((field) => refused.at(field)).find(Boolean) ?? refused.elsewhere;
  const save = async () => {
    const value = typedNumber(text);
    if (value === null) {
      refused.refuse(new Refusal(422, fields[0]!, `Enter a number of ${unit}, like 4.5.`));
      return;
    }
    const ok = await refused.attempt(() =>
      enter({ entries: [{ ...entry(value), card: card.id, step: step.key }], undo: words(value) }),
    );
    if (ok) clear();
  };
  const id = `ask-${step.key}-${ask.label}`.replace(/\W+/g, '-');
  return (
    <form
      className={`rounded-[4px_14px_14px_4px] border-[1.5px] p-3 ${ask.answered ? 'border-(--color-done)' : 'border-line'}`}
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <div className="flex flex-wrap items-center gap-3">
        <Tick done={ask.answered} />
        <label htmlFor={id} className="min-w-36 flex-1">
          <b>{sentence(ask.label)}</b>
          {hint && <span className="text-soft block text-[14.5px]">{hint}</span>}
        </label>
        {may && (
          <div className="flex items-center gap-2">
            <input
              id={id}
              className="box w-28 text-right"
              inputMode="decimal"
              autoComplete="off"
              value={text}
              aria-invalid={error ? true : undefined}
              aria-describedby={error ? `${id}-error` : undefined}
              onChange={(event) => setText(event.target.value)}
            />
            <span className="text-soft w-11">{unit}</span>
            <button type="submit" className="btn" disabled={sending}>
              {ask.answered ? 'Again' : 'Enter'}
            </button>
          </div>
        )}
      </div>
      {error && (
        <p id={`${id}-error`} role="alert" className="field-error m-0 mt-2">
          {error}
        </p>
      )}
    </form>
  );
}
