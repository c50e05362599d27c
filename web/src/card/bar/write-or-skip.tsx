import { Refusal } from '../../api/refusal';
import { useEnter } from '../../enter/enter';
import { useDraft } from '../../offline/draft';
import { RefusedLine } from '../../parts/refused-line';
import { useRefused } from '../../parts/refused';

interface WriteProps {
  what: 'note' | 'skip';
  boat: string;
  on: { card: string; step: string };
  title: string;
  close: () => void;
  skipped: () => void;
}

/** A note at a step, or why it is skipped. */
export function WriteOrSkip({ what, boat, on, title, close, skipped }: WriteProps) {
  const { enter, sending } = useEnter(boat);
  const [text, setText, clear] = useDraft(`step.${on.card}.${on.step}`);
  const refused = useRefused(['text', 'reason']);
  const field = refused.at('text') ?? refused.at('reason');
  const write = async () => {
    if (what === 'skip' && text.trim() === '') {
      refused.refuse(new Refusal(422, 'reason', 'Say why it is skipped.'));
      return;
    }
    const away = () => {
      clear();
      close();
    };
    if (what === 'note') {
      if (await refused.attempt(() => enter({ entries: [{ kind: 'NOTED', text, ...on }] }))) away();
      return;
    }
    // The next step opens at once: whoever has gone elsewhere by the time it is up stays there.
    await refused.attempt(() =>
      enter({
        entries: [{ kind: 'STEP_SKIPPED', reason: text, ...on }],
        undo: `${title}: skipped`,
        held: () => {
          away();
          skipped();
        },
      }),
    );
  };
  return (
    <form
      className="grid gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        void write();
      }}
    >
      <input
        className="box"
        aria-label={what === 'note' ? 'Note' : 'Why it is skipped'}
        placeholder={what === 'note' ? 'what the next person should know' : 'why it is skipped'}
        value={text}
        autoFocus
        aria-invalid={field ? true : undefined}
        onChange={(event) => setText(event.target.value)}
      />
      {field && (
        <p role="alert" className="field-error m-0">
          {field}
        </p>
      )}
      <RefusedLine words={refused.elsewhere} />
      <div className="flex gap-2.5">
        <button type="button" className="btn" onClick={close}>
          Cancel
        </button>
        <button type="submit" className="btn btn-main flex-1 justify-center" disabled={sending}>
          {what === 'note' ? 'Write it down' : 'Skip this step'}
        </button>
      </div>
    </form>
  );
}
