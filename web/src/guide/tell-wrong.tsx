import { useState } from 'react';
import type { GuideView } from '../api/client';
import { Refusal } from '../api/refusal';
import { useEnter } from '../enter/enter';
import { useDraft } from '../offline/draft';
import { RefusedLine } from '../parts/refused-line';
import { useRefused } from '../parts/refused';
import { Camera } from '../place/camera';
import { usePhoto } from '../place/use-photo';

interface TellProps {
  guide: GuideView;
  boat: string;
  on?: { card: string; step: string } | undefined;
}

/** What is done at once stands first; then it is told, and stands on the boat until it is answered there. */
export function TellWrong({ guide, boat, on }: TellProps) {
  const { enter, sending } = useEnter(boat);
  const [text, setText, clear] = useDraft(`wrong.${boat}.${guide.key}`);
  const [told, setTold] = useState(false);
  const refused = useRefused(['what']);
  const photo = usePhoto(boat, { ...on, caption: guide.title });
  // Whoever says only that something is else says nothing.
  const wantsWords = guide.key === 'else';
  const tell = async () => {
    if (wantsWords && text.trim() === '') {
      refused.refuse(new Refusal(422, 'what', 'Say what it is, in a few words.'));
      return;
    }
    const what = [!wantsWords && guide.title, text.trim()].filter(Boolean).join(': ');
    const ok = await refused.attempt(() =>
      enter({
        entries: [
          ...(guide.condition && guide.finding
            ? [
                {
                  kind: 'CONDITION_SEEN' as const,
                  condition: guide.condition,
                  finding: guide.finding,
                  ...on,
                },
              ]
            : []),
          { kind: 'WORK_ADDED' as const, what, urgent: true, ...on },
        ],
        undo: `Told: ${what}`,
      }),
    );
    if (!ok) return;
    clear();
    setTold(true);
  };
  return (
    <div className="grid gap-2.5">
      <h2 className="font-stencil text-[22px] font-bold">{guide.title}</h2>
      <p role="alert" className="border-verm m-0 border-l-[5px] pl-3 text-[17px] font-semibold">
        {guide.first}
      </p>
      {guide.hazards.map((words) => (
        <p key={words} className="text-soft m-0 text-[15px]">
          {words}
        </p>
      ))}
      {told ? (
        <p role="status" className="text-spruce m-0 font-semibold">
          Told. It stands on the boat, and before the coordinator, until somebody says what was
          done.
        </p>
      ) : (
        <form
          className="grid gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            void tell();
          }}
        >
          <input
            className="box"
            aria-label="What it is"
            placeholder={wantsWords ? 'what it is' : 'where, and what else; may be left out'}
            value={text}
            aria-invalid={refused.at('what') ? true : undefined}
            onChange={(event) => setText(event.target.value)}
          />
          {refused.at('what') && (
            <p role="alert" className="field-error m-0">
              {refused.at('what')}
            </p>
          )}
          <RefusedLine words={refused.elsewhere} />
          <button type="submit" className="btn btn-main justify-center" disabled={sending}>
            Tell the yard
          </button>
        </form>
      )}
      <Camera
        className="btn justify-center"
        disabled={photo.waits}
        take={(file) => photo.take(file, 'Photo taken')}
      >
        {photo.working ? 'Keeping it …' : 'Photo of it'}
      </Camera>
      <RefusedLine words={photo.refused} />
    </div>
  );
}
