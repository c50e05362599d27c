import { useState } from 'react';
import { RadioGroup } from 'radix-ui';
import type { BoatView, FittingView } from '../api/client';
import { useEnter } from '../enter/enter';
import { useDraft } from '../offline/draft';
import { Field } from '../parts/field';
import { RefusedLine } from '../parts/refused-line';
import { useRefused } from '../parts/refused';
import { useEscape } from '../keys/escape';
import { clock, sentence } from '../words/words';

interface SetFittingProps {
  boat: BoatView;
  fitting: FittingView;
  done: () => void;
}

/** Sets one fitting by hand, with a reason. */
export function SetFitting({ boat, fitting, done }: SetFittingProps) {
  const { enter, holding } = useEnter(boat.id);
  const [state, setState] = useState(fitting.state);
  const [reason, setReason, clearReason] = useDraft(`reason.${boat.id}.${fitting.key}`);
  const refused = useRefused(['reason']);
  const save = async () => {
    const words = fitting.states.find((choice) => choice.state === state)?.words ?? state;
    const ok = await refused.attempt(() =>
      enter({
        entries: [{ kind: 'FITTING_SET', fitting: fitting.key, state, reason }],
        undo: `${sentence(fitting.name)} ${words}`,
      }),
    );
    if (ok) {
      clearReason();
      done();
    }
  };
  const panel = useEscape<HTMLElement>(done);
  return (
    <section
      aria-label={`Set ${fitting.name}`}
      className="border-ink bg-card grid gap-3 rounded-[3px_12px_12px_3px] border-[1.5px] p-4"
      ref={panel}
    >
      <div>
        <h2 className="text-[16px] font-bold">{sentence(fitting.name)}</h2>
        <p className="text-soft m-0 text-[13.5px]">
          {[fitting.where, fitting.tool].filter(Boolean).join(' · ') || 'set at the boat'}
          {fitting.by &&
            fitting.at &&
            ` · ${fitting.stateWords} by ${fitting.by}, ${clock(fitting.at)}`}
        </p>
      </div>
      <RadioGroup.Root
        value={state}
        onValueChange={(value) => setState(value as typeof state)}
        aria-label="State"
        className="flex flex-wrap gap-2"
      >
        {fitting.states.map((choice) => (
          <RadioGroup.Item
            key={choice.state}
            value={choice.state}
            autoFocus={choice.state === fitting.state}
            className="border-line bg-paper data-[state=checked]:border-ink data-[state=checked]:bg-ink data-[state=checked]:text-paper min-h-9 rounded-[3px_9px_9px_3px] border-[1.5px] px-3 font-semibold"
          >
            {choice.words}
          </RadioGroup.Item>
        ))}
      </RadioGroup.Root>
      <Field
        label="Why, in a few words"
        value={reason}
        onType={setReason}
        error={refused.at('reason')}
      />
      <RefusedLine words={refused.elsewhere} />
      <div className="flex gap-2">
        <button
          type="button"
          className="btn btn-main"
          disabled={holding}
          onClick={() => void save()}
        >
          Set it
        </button>
        <button type="button" className="btn" onClick={done}>
          Cancel
        </button>
      </div>
    </section>
  );
}
