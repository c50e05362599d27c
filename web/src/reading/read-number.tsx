import { useState } from 'react';
import type { AskOf, BoatView } from '../api/client';
import { Tick } from '../parts/tick';
import { useEnter } from '../enter/enter';
import { Refusal } from '../api/refusal';
import { readingHere } from '../offline/judge-here';
import { useDraft } from '../offline/draft';
import { Keypad, byFinger } from '../parts/keypad';
import { useRefused } from '../parts/refused';
import { day, sentence } from '../words/words';
import { CallWords } from './call-words';
import { DripTapper } from './drip-tapper';
import { draftOf } from './place';
import type { Place } from './place';
import { SeeCondition } from './see-condition';
import { typedIn } from '../words/typed-quantity';
import { boxIn, keyIn, saidIn, unitIn } from '../words/quantity';

interface ReadProps {
  ask: AskOf<'READ'>;
  boat: BoatView;
  place: Place;
  may: boolean;
}

/** Hours do not run backwards, unless it is another meter that shows them. */
const HOURS = 'engine-hours';

/** A reading that is a number: judged while it is typed, by what core sent along. */
export function ReadNumber({ ask, boat, place, may }: ReadProps) {
  const { enter, sending } = useEnter(boat.id);
  const draft = `${draftOf(place, boat.id)}.READ.${ask.limit}.${ask.engine}.${ask.label}`;
  const [text, setText, clear] = useDraft(keyIn(ask.unit, draft));
  const [heldTyped, setHeldTyped] = useDraft(
    keyIn(ask.limits.against?.unit ?? '', `${draft}.against`),
  );
  const [heldCleared, setHeldCleared] = useState(false);
  const refused = useRefused(['value', 'against']);
  const against = ask.limits.against;
  const heldText =
    heldTyped === '' && !heldCleared
      ? ask.against === null
        ? ''
        : boxIn(against?.unit ?? '', ask.against)
      : heldTyped;
  const typeHeld = (next: string) => {
    setHeldTyped(next);
    setHeldCleared(next === '');
  };
  const held = against ? typedIn(against.unit, heldText, ask.against) : null;
  const value = typedIn(ask.unit, text, ask.last?.value);
  const here = value === null || (against && held === null) ? null : readingHere(ask, value, held);
  const id = `read-${place.step ?? 'boat'}-${ask.engine}-${ask.label}`.replace(/\W+/g, '-');
  const save = async (meterReplaced = false) => {
    if (value === null) {
      refused.refuse(new Refusal(422, 'value', `Enter a number of ${unitIn(ask.unit)}, like 4.5.`));
      return;
    }
    if (against && held === null) {
      refused.refuse(
        new Refusal(422, 'against', `Enter the ${against.name} in ${unitIn(against.unit)}, too.`),
      );
      return;
    }
    const ok = await refused.attempt(() =>
      enter({
        entries: [
          ...(meterReplaced
            ? [{ kind: 'METER_REPLACED' as const, engine: ask.engine, reads: value, ...place }]
            : []),
          {
            kind: 'READING_TAKEN',
            engine: ask.engine,
            limit: ask.limit,
            value,
            against: held,
            ...place,
          },
        ],
        undo: `${sentence(ask.label)} ${saidIn(ask.unit, value, 2)}`,
      }),
    );
    if (ok) clear();
  };
  return (
    <form
      className={`grid gap-2 rounded-[4px_14px_14px_4px] border-[1.5px] p-3 ${ask.answered ? 'border-(--color-done)' : 'border-line'}`}
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <div className="flex flex-wrap items-center gap-3">
        <Tick done={ask.answered} />
        <div className="min-w-36 flex-1">
          <label htmlFor={id} className="font-bold">
            {sentence(ask.label)}
          </label>
          <Hint id={`${id}-how`} ask={ask} />
          {may && text === '' && !ask.answered && <AsLast ask={ask} type={setText} />}
        </div>
        {may && (
          <div className="flex flex-wrap items-center gap-2">
            {against && (
              <Box
                id={`${id}-against`}
                label={sentence(against.name)}
                unit={against.unit}
                value={heldText}
                error={refused.at('against')}
                onType={typeHeld}
              />
            )}
            <Box
              id={id}
              shown={against ? ask.label : undefined}
              describedBy={`${id}-how`}
              unit={ask.unit}
              value={text}
              error={refused.at('value')}
              onType={setText}
            />
            <button type="submit" className="btn" disabled={sending}>
              {ask.answered ? 'Change' : 'Enter'}
            </button>
          </div>
        )}
      </div>
      {may && ask.limit.endsWith('-drip') && (
        <DripTapper onRate={(rate) => setText(String(rate))} />
      )}
      {[refused.at('value'), refused.at('against'), refused.elsewhere]
        .filter((words) => words !== null)
        .map((words) => (
          <p key={words} role="alert" className="field-error m-0">
            {words}
          </p>
        ))}
      {may && ask.limit === HOURS && refused.at('value') && value !== null && (
        <div>
          <button type="button" className="btn" disabled={sending} onClick={() => void save(true)}>
            Its meter was replaced
          </button>
        </div>
      )}
      {here && text !== '' && <CallWords call={here.call} words={here.words} />}
      {may && ask.instead && (
        <Instead condition={ask.instead} engine={ask.engine} boat={boat} place={place} />
      )}
    </form>
  );
}

function Hint({ id, ask }: { id: string; ask: AskOf<'READ'> }) {
  const words = [ask.limits.how, ask.school && `school of this yard: ${ask.school}`].filter(
    Boolean,
  );
  return words.length > 0 ? (
    <span id={id} className="text-soft block text-[14.5px]">
      {words.join(' · ')}
    </span>
  ) : null;
}

/** What it read the last time, a tap away: it is only typed by that, not entered. */
function AsLast({ ask, type }: { ask: AskOf<'READ'>; type: (text: string) => void }) {
  if (!ask.last || ask.limits.against || ask.limit === HOURS) return null;
  const { value, at } = ask.last;
  return (
    <button
      type="button"
      className="plain text-[14.5px]"
      onClick={() => type(boxIn(ask.unit, value))}
    >
      as on {day(at)}: {saidIn(ask.unit, value)}
    </button>
  );
}

interface BoxProps {
  id: string;
  label?: string;
  /** Stands before the box for the eye; its label stands elsewhere. */
  shown?: string;
  describedBy?: string;
  unit: string;
  value: string;
  error: string | null;
  onType: (text: string) => void;
}

function Box({ id, label, shown, describedBy, unit, value, error, onType }: BoxProps) {
  const [keyed, setKeyed] = useState(false);
  const finger = byFinger();
  return (
    <span className="grid gap-2">
      <span className="flex items-center gap-2">
        {label && (
          <label htmlFor={id} className="text-soft text-[14.5px]">
            {label}
          </label>
        )}
        {shown && (
          <span aria-hidden="true" className="text-soft text-[14.5px]">
            {shown}
          </span>
        )}
        <input
          id={id}
          className="box w-24 text-right"
          inputMode={finger ? 'none' : 'decimal'}
          autoComplete="off"
          value={value}
          aria-invalid={error ? true : undefined}
          aria-describedby={describedBy}
          onFocus={() => setKeyed(finger)}
          onChange={(event) => onType(event.target.value)}
        />
        <span className="text-soft">{unitIn(unit)}</span>
      </span>
      {keyed && (
        <Keypad text={value} type={onType} unit={unit} signed close={() => setKeyed(false)} />
      )}
    </span>
  );
}

/** What tells the same where it can be seen instead of measured. */
function Instead({
  condition,
  engine,
  boat,
  place,
}: Pick<ReadProps, 'boat' | 'place'> & Pick<AskOf<'SEE'>, 'condition' | 'engine'>) {
  const [open, setOpen] = useState(false);
  return open ? (
    <SeeCondition
      boat={boat}
      engine={engine}
      condition={condition}
      found={null}
      place={place}
      may
    />
  ) : (
    <button type="button" className="plain justify-self-start" onClick={() => setOpen(true)}>
      It has a spring: by the {condition.name}
    </button>
  );
}
