import type { ReactNode } from 'react';
import { useEnter } from '../enter/enter';
import { useDraft } from '../offline/draft';
import { useRefused } from '../parts/refused';
import { sentence } from '../words/words';
import type { AskProps } from './ask-props';
import { Tick } from '../parts/tick';

interface WriteDownProps extends AskProps {
  /** What its draft and its box are called by: one name for each kind of ask. */
  name: string;
  placeholder?: string;
  /** Another way to answer it, before the box. */
  children?: ReactNode;
}

/** A few words that answer an ask, kept while they are typed. */
export function WriteDown(props: WriteDownProps) {
  const { ask, card, boat, step, may, name, placeholder, children } = props;
  const { enter, sending } = useEnter(boat.id);
  const [text, setText, clear] = useDraft(`${name}.${card.id}.${step.key}.${ask.label}`);
  const refused = useRefused(['text']);
  const error = refused.at('text') ?? refused.elsewhere;
  const id = `${name}-${step.key}`.replace(/\W+/g, '-');
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
        <div className={`mt-2 flex gap-2 ${children ? 'flex-wrap items-center' : ''}`}>
          {children}
          <input
            id={id}
            className={`box flex-1 ${children ? 'min-w-36' : ''}`}
            placeholder={placeholder}
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
