import { useEnter } from '../enter/enter';
import { RefusedLine } from '../parts/refused-line';
import { useRefused } from '../parts/refused';
import { sentence } from '../words/words';
import type { AskProps } from './ask-props';
import { Tick } from '../parts/tick';

/** Whether an accessory is on this hull: yes or no, by looking. */
export function AskAboard({ ask, card, boat, step, may }: AskProps<'ABOARD'>) {
  const { enter, holding } = useEnter(boat.id);
  const refused = useRefused([]);
  const { accessory } = ask;
  const described = boat.description.accessories[accessory] === 'YES';
  const found = boat.unlisted.includes(accessory);
  const say = (aboard: boolean) =>
    void refused.attempt(() =>
      enter({
        entries: [{ kind: 'ACCESSORY_SEEN', accessory, aboard, card: card.id, step: step.key }],
        undo: `${sentence(ask.label)} ${aboard ? 'is aboard' : 'is not aboard'}`,
      }),
    );
  return (
    <section
      aria-label={sentence(ask.label)}
      className={`rounded-[4px_14px_14px_4px] border-[1.5px] p-2.5 ${found ? 'border-verm' : ask.answered ? 'border-(--color-done)' : 'border-line'}`}
    >
      <div className="flex items-center gap-3">
        <Tick done={ask.answered} />
        <h2 className="flex-1 text-[17px] font-bold">
          {sentence(ask.label)}
          <span className="text-soft block text-[14px] font-normal">
            {described ? 'described' : 'not described'}
          </span>
        </h2>
        {may &&
          [true, false].map((aboard) => (
            <button
              key={String(aboard)}
              type="button"
              className="btn min-w-16 justify-center"
              disabled={holding}
              onClick={() => say(aboard)}
            >
              {aboard ? 'Yes' : 'No'}
            </button>
          ))}
      </div>
      {found && (
        <p className="text-verm m-0 mt-2 font-semibold">
          Aboard, and not in the description. It counts as wet until it is described.
        </p>
      )}
      <RefusedLine words={refused.elsewhere} className="mt-2" />
    </section>
  );
}
