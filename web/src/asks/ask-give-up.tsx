import { useEnter } from '../enter/enter';
import { useDraft } from '../offline/draft';
import { useRefused } from '../parts/refused';
import { sentence } from '../words/words';
import type { AskProps } from './ask-props';
import { Tick } from '../parts/tick';

/** What is proven of a circuit is let go of, with the reason: water comes into it again. */
export function AskGiveUp({ ask, card, boat, step, may }: AskProps<'GIVE_UP'>) {
  const { enter, sending } = useEnter(boat.id);
  const [reason, setReason, clear] = useDraft(`give-up.${card.id}.${step.key}.${ask.circuit}`);
  const refused = useRefused(['reason']);
  const error = refused.at('reason') ?? refused.elsewhere;
  const id = `give-up-${step.key}-${ask.circuit}`.replace(/\W+/g, '-');
  const save = async () => {
    const ok = await refused.attempt(() =>
      enter({
        entries: [
          {
            kind: 'PROOF_GIVEN_UP',
            circuit: ask.circuit,
            reason,
            card: card.id,
            step: step.key,
          },
        ],
        undo: sentence(ask.label),
      }),
    );
    if (ok) clear();
  };
  return (
    <form
      className="rounded-[4px_14px_14px_4px] border-[1.5px] border-(--color-hurt-line) p-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (reason.trim()) void save();
      }}
    >
      <div className="flex items-center gap-3">
        <Tick done={ask.answered} />
        <label htmlFor={id} className="text-[17px] font-bold">
          {sentence(ask.label)}
        </label>
      </div>
      <p className="m-0 mt-1.5 max-w-[60ch] text-[15.5px]">
        It is {ask.protection}. That ends here: it is drained, filled and sampled again before the
        frost, and stands as WET until then.
      </p>
      {may && (
        <div className="mt-2 flex flex-wrap gap-2">
          <input
            id={id}
            className="box flex-1"
            placeholder="why it has to be"
            value={reason}
            autoComplete="off"
            aria-invalid={error ? true : undefined}
            onChange={(event) => setReason(event.target.value)}
          />
          <button type="submit" className="btn" disabled={sending || !reason.trim()}>
            Give its proof up
          </button>
        </div>
      )}
      {error && (
        <p role="alert" className="field-error m-0 mt-2">
          {error}
        </p>
      )}
    </form>
  );
}
