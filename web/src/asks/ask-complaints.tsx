import { useState } from 'react';
import { useEnter } from '../enter/enter';
import { RefusedLine } from '../parts/refused-line';
import { useRefused } from '../parts/refused';
import { sentence } from '../words/words';
import type { AskProps } from './ask-props';
import { Tick } from '../parts/tick';

/** What the owner complains of: each a tap; "nothing" is an answer too. */
export function AskComplaints({ ask, card, boat, step, may }: AskProps<'COMPLAINTS'>) {
  const { enter, sending } = useEnter(boat.id);
  const refused = useRefused([]);
  const [engine, setEngine] = useState(ask.engines[0]?.engine);
  const several = ask.engines.length > 1;
  const say = (one: (typeof ask.complaints)[number]) =>
    void refused.attempt(() =>
      enter({
        entries: [
          {
            kind: 'COMPLAINED',
            engine: one.perEngine ? engine : undefined,
            complaint: one.complaint,
            card: card.id,
            step: step.key,
          },
        ],
        undo: sentence(one.words),
      }),
    );
  return (
    <fieldset
      className={`m-0 rounded-[4px_14px_14px_4px] border-[1.5px] p-3 ${ask.answered ? 'border-(--color-done)' : 'border-line'}`}
    >
      <legend className="sr-only">{ask.label}</legend>
      <div className="flex items-center gap-3">
        <Tick done={ask.answered} />
        <span className="text-[17px] font-bold">{sentence(ask.label)}</span>
        {several && may && (
          <select
            aria-label="Which engine"
            className="box ml-auto py-1 text-[15px]"
            value={engine}
            onChange={(event) =>
              setEngine(
                ask.engines.find((one) => one.engine === event.target.value)?.engine ?? engine,
              )
            }
          >
            {ask.engines.map((one) => (
              <option key={one.engine} value={one.engine}>
                {sentence(one.words)}
              </option>
            ))}
          </select>
        )}
      </div>
      {may && (
        <div className="mt-2 grid gap-1.5 sm:grid-cols-2">
          {ask.complaints.map((one) => (
            <button
              key={one.complaint}
              type="button"
              className="btn"
              disabled={sending}
              onClick={() => say(one)}
            >
              {sentence(one.words)}
            </button>
          ))}
        </div>
      )}
      <RefusedLine words={refused.elsewhere} className="mt-2" />
    </fieldset>
  );
}
