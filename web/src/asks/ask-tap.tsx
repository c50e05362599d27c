import { useEnter } from '../enter/enter';
import type { Said } from '../api/client';
import { RedTagMark } from '../tags/red-tags';
import { RefusedLine } from '../parts/refused-line';
import { useRefused } from '../parts/refused';
import { sentence } from '../words/words';
import type { AskProps } from './ask-props';
import { PhotoHere } from '../place/photo-here';
import { NumberHere } from '../place/place';
import { startOf, usualEntries } from './usual';
import { Tick } from '../parts/tick';

/** What is entered when it is done. */
const done = ({ ask, boat }: Pick<AskProps, 'ask' | 'boat'>) =>
  usualEntries(ask, boat, { lot: '' }) ?? [];

/** A fitting to be set: one tap. */
export function AskSet(props: AskProps<'SET'>) {
  return <Tap {...props} entries={done(props)} />;
}

/** The engine to be started or stopped: one tap. */
export function AskEngine(props: AskProps<'ENGINE'>) {
  const { start, stopped } = props.ask;
  return (
    <Tap
      {...props}
      entries={start ? [startOf(props.ask)] : done(props)}
      words={start ? 'engine started' : 'engine stopped'}
      stopped={props.ask.answered ? null : stopped}
    />
  );
}

/** The engine to be kicked over once: one tap. */
export function AskKick(props: AskProps<'KICK'>) {
  const { seconds, stopped } = props.ask;
  return (
    <Tap
      {...props}
      stopped={props.ask.answered ? null : stopped}
      entries={[startOf(props.ask)]}
      words={`engine kicked for ${seconds} s`}
    />
  );
}

/** Something that falls due, done: one tap. */
export function AskService(props: AskProps<'SERVICE'>) {
  return <Tap {...props} entries={done(props)} words={`${props.ask.label}: done`} />;
}

/** Every cylinder fogged or oiled: one tap. */
export function AskOil(props: AskProps<'OIL'>) {
  return <Tap {...props} entries={done(props)} words={props.ask.label} />;
}

/** What belongs to a red tag, recorded by its name: one tap. */
export function AskRemedy(props: AskProps<'REMEDY'>) {
  const { engine, cause, remedy } = props.ask;
  return (
    <Tap
      {...props}
      entries={[{ kind: 'TAG_REMEDIED', engine, cause, remedy }]}
      words={props.ask.label}
    />
  );
}

/** A part lies ready at the boat. */
export function AskPick(props: AskProps<'PICK'>) {
  return <Tap {...props} entries={done(props)} words={`${props.ask.label}: ready`} />;
}

/** What is in circuits, said with one tap. */
export function AskLook(props: AskProps<'LOOK'>) {
  return <Tap {...props} entries={done(props)} />;
}

/** Afloat or not: whoever moves boats does it, and this line follows. */
export function AskAfloat({ ask }: AskProps<'AFLOAT'>) {
  return (
    <div
      className={`flex min-h-14 items-center gap-3 rounded-[4px_14px_14px_4px] border-[1.5px] p-3 ${ask.answered ? 'border-(--color-done)' : 'border-line'}`}
    >
      <Tick done={ask.answered} />
      <span>
        {sentence(ask.label)}
        {!ask.answered && (
          <span className="text-soft block text-[14.5px]">
            ticks itself when the boat is moved to a berth on the water
          </span>
        )}
      </span>
    </div>
  );
}

function Tap({
  ask,
  card,
  boat,
  step,
  may,
  entries,
  words,
  stopped = null,
}: AskProps & { entries: Said[]; words?: string; stopped?: string | null }) {
  const { enter, holding } = useEnter(boat.id);
  const refused = useRefused([]);
  const say = () =>
    void refused.attempt(() =>
      enter({
        entries: entries.map((entry) => ({ ...entry, card: card.id, step: step.key })),
        undo: sentence(words ?? ask.label),
      }),
    );
  return (
    <div className="grid gap-1">
      <div className="flex gap-1">
        <button
          type="button"
          className="btn min-w-0 flex-1"
          aria-pressed={ask.answered}
          disabled={!may || holding || stopped !== null}
          onClick={say}
        >
          {stopped === null ? <Tick done={ask.answered} /> : <RedTagMark size={24} />}
          <NumberHere />
          <span className="text-left">{sentence(ask.label)}</span>
        </button>
        <PhotoHere taken />
      </div>
      {stopped !== null && <p className="text-verm m-0 text-[14.5px] font-semibold">{stopped}</p>}
      <RefusedLine words={refused.elsewhere} />
    </div>
  );
}
