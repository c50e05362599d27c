import type { FittingView } from '../api/client';
import { useLight } from '../device/light';
import { PhotoShown } from './photo-shown';
import { useEnter } from '../enter/enter';
import { useDraft } from '../offline/draft';
import { Dialog } from '../parts/dialog';
import { Field } from '../parts/field';
import { RefusedLine } from '../parts/refused-line';
import { useRefused } from '../parts/refused';
import { day, sentence } from '../words/words';
import type { AtPlace } from './place';
import { Camera } from './camera';

interface FoundByProps {
  place: AtPlace;
  fitting: FittingView;
  found: NonNullable<FittingView['photo']>;
  /** Takes another picture; null where nothing may be entered. */
  take: ((file: File | undefined) => void) | null;
  waits: boolean;
  refused: string | null;
  close: () => void;
}

/** What is said most of where one has to put a hand. */
const OFTEN = ['needs a lamp', 'by feel', 'from the starboard side', 'from the port side'];

/** The picture by which a fitting is found, large, and how to get at it. */
export function FoundBy({ place, fitting, found, take, waits, refused, close }: FoundByProps) {
  const { enter, sending } = useEnter(place.boat.id);
  const [text, setText, clear] = useDraft(`found.${found.photo}`);
  const said = useRefused(['caption']);
  const { bright } = useLight();
  const say = async (caption: string) => {
    const ok = await said.attempt(() =>
      enter({
        entries: [
          {
            kind: 'PHOTO_TAKEN',
            photo: found.photo,
            fitting: fitting.key,
            caption,
            card: place.card.id,
            step: place.step.key,
          },
        ],
        undo: `${sentence(fitting.name)}: ${caption}`,
      }),
    );
    if (ok) clear();
  };
  return (
    <Dialog
      title={sentence(fitting.name)}
      onClose={close}
      className={bright ? 'bay bright' : 'bay'}
    >
      <h2 className="font-stencil m-0 text-[26px] leading-tight font-bold">
        {sentence(fitting.name)}
      </h2>
      <p className="text-soft m-0 mt-1 text-[15px]">
        {[fitting.where, fitting.tool].filter(Boolean).join(' · ')}
      </p>
      <PhotoShown boat={place.boat.id} photo={found.photo} words={fitting.name} />
      <p className="m-0 text-[15px]">
        {found.words && <b>{sentence(found.words)} · </b>}
        <span className="text-soft">taken {day(found.taken)}</span>
      </p>
      {take && (
        <>
          <div className="mt-3 flex flex-wrap gap-2">
            {OFTEN.filter((words) => words !== found.words).map((words) => (
              <button
                key={words}
                type="button"
                className="btn text-[15px]"
                disabled={sending}
                onClick={() => void say(words)}
              >
                {words}
              </button>
            ))}
          </div>
          <form
            className="mt-3 flex items-end gap-2"
            onSubmit={(event) => {
              event.preventDefault();
              if (text.trim() !== '') void say(text.trim());
            }}
          >
            <div className="flex-1">
              <Field
                label="How it is found"
                value={text}
                onType={setText}
                error={said.at('caption')}
              />
            </div>
            <button type="submit" className="btn" disabled={sending || text.trim() === ''}>
              Save
            </button>
          </form>
          <RefusedLine words={said.elsewhere ?? refused} />
        </>
      )}
      <div className="mt-4 flex gap-2">
        {take && (
          <Camera className="btn" disabled={waits} take={take}>
            Take it again
          </Camera>
        )}
        <button type="button" className="btn btn-main" onClick={close}>
          Close
        </button>
      </div>
    </Dialog>
  );
}
