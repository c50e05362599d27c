import { useState } from 'react';
import type { BoatView, CardView, StepView } from '../api/client';
import { Refusal } from '../api/refusal';
import { useEnter } from '../enter/enter';
import { useDraft } from '../offline/draft';
import { RefusedLine } from '../parts/refused-line';
import { useRefused } from '../parts/refused';

interface EndProps {
  card: CardView;
  boat: BoatView;
  step: StepView;
  left: number;
  next: () => void;
  /** Why it was not taken as done, where it was tried. */
  sentBack: string | null;
  /** Back to it: it was not taken as done. */
  back: (why: unknown) => void;
  /** Whether the card is on the screen. */
  looks: () => boolean;
}

/** Note, skip, done: always under the thumb. */
export function StepEnd(props: EndProps) {
  const { card, boat, step, left, next, sentBack, back, looks } = props;
  const { enter, sending, holding } = useEnter(boat.id);
  const [writing, setWriting] = useState<'note' | 'skip' | null>(null);
  const [text, setText, clear] = useDraft(`step.${card.id}.${step.key}`);
  const refused = useRefused(['text', 'reason']);
  const on = { card: card.id, step: step.key };
  // Nothing left: the next step opens at once, and what only the server knows leads back to this one.
  const done = () =>
    enter({
      entries: [{ kind: 'STEP_DONE', ...on }],
      undo: `${step.title}: done`,
      held: left === 0 ? next : undefined,
      looks,
    }).then(left === 0 ? undefined : next, back);
  const write = async () => {
    if (writing === 'skip' && text.trim() === '') {
      refused.refuse(new Refusal(422, 'reason', 'Say why it is skipped.'));
      return;
    }
    const ok = await refused.attempt(() =>
      writing === 'note'
        ? enter({ entries: [{ kind: 'NOTED', text, ...on }] })
        : enter({
            entries: [{ kind: 'STEP_SKIPPED', reason: text, ...on }],
            undo: `${step.title}: skipped`,
          }),
    );
    if (!ok) return;
    clear();
    setWriting(null);
    if (writing === 'skip') next();
  };
  return (
    <div className="bg-paper border-line fixed inset-x-0 bottom-0 z-20 border-t px-[18px] py-2.5">
      <div className="mx-auto max-w-[1200px] lg:pl-[330px]">
        <RefusedLine words={refused.elsewhere ?? sentBack} className="mb-2" />
        {writing ? (
          <form
            className="grid gap-2"
            onSubmit={(event) => {
              event.preventDefault();
              void write();
            }}
          >
            <input
              className="box"
              aria-label={writing === 'note' ? 'Note' : 'Why it is skipped'}
              placeholder={
                writing === 'note' ? 'what the next person should know' : 'why it is skipped'
              }
              value={text}
              autoFocus
              aria-invalid={refused.at('text') || refused.at('reason') ? true : undefined}
              onChange={(event) => setText(event.target.value)}
            />
            {(refused.at('text') ?? refused.at('reason')) && (
              <p role="alert" className="field-error m-0">
                {refused.at('text') ?? refused.at('reason')}
              </p>
            )}
            <div className="flex gap-2.5">
              <button type="button" className="btn" onClick={() => setWriting(null)}>
                Leave it
              </button>
              <button
                type="submit"
                className="btn btn-main flex-1 justify-center"
                disabled={sending}
              >
                {writing === 'note' ? 'Write it down' : 'Skip this step'}
              </button>
            </div>
          </form>
        ) : (
          <div className="flex gap-2.5">
            <button type="button" className="btn" onClick={() => setWriting('note')}>
              Note
            </button>
            <button type="button" className="btn" onClick={() => setWriting('skip')}>
              Skip
            </button>
            <button
              type="button"
              className={`btn flex-1 justify-center ${left === 0 ? 'btn-main' : ''}`}
              disabled={holding}
              onClick={() => void done()}
            >
              {left === 0 ? 'Done, next step' : `Done · ${left} still open`}
            </button>
          </div>
        )}
      </div>
    </div>
  );
}
