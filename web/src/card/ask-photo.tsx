import { useEnter } from '../api/enter';
import { useDraft } from '../parts/draft';
import { useRefused } from '../parts/refused';
import { sentence } from '../parts/words';
import type { AskProps } from './ask';
import { TakePhoto } from './take-photo';
import { Tick } from './tick';

/** A picture of it; or, where a camera does not get in, what it says. */
export function AskPhoto({ ask, card, boat, step, may }: AskProps<'PHOTO'>) {
  const { enter, sending } = useEnter(boat.id);
  const [text, setText, clear] = useDraft(`photo.${card.id}.${step.key}.${ask.label}`);
  const refused = useRefused(['text']);
  const error = refused.at('text') ?? refused.elsewhere;
  const id = `photo-${step.key}`.replace(/\W+/g, '-');
  const save = async () => {
    const ok = await refused.attempt(() =>
      enter({
        entries: [{ kind: 'NOTED', text: `${ask.label}: ${text}`, card: card.id, step: step.key }],
        undo: 'Written down',
      }),
    );
    if (ok) clear();
  };
  return (
    <form
      className={`rounded-[4px_14px_14px_4px] border-[1.5px] p-3 ${ask.answered ? 'border-(--color-done)' : 'border-line'}`}
      onSubmit={(event) => {
        event.preventDefault();
        if (text.trim()) void save();
      }}
    >
      <div className="flex items-center gap-3">
        <Tick done={ask.answered} />
        <label htmlFor={id} className="text-[17px] font-bold">
          {sentence(ask.label)}
        </label>
      </div>
      {may && (
        <div className="mt-2 flex flex-wrap items-center gap-2">
          <TakePhoto card={card} boat={boat} step={step} />
          <span className="text-soft text-[15px]">or</span>
          <input
            id={id}
            className="box min-w-36 flex-1"
            placeholder="what it says"
            value={text}
            autoComplete="off"
            aria-invalid={error ? true : undefined}
            onChange={(event) => setText(event.target.value)}
          />
          <button type="submit" className="btn" disabled={sending || !text.trim()}>
            Write it down
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
