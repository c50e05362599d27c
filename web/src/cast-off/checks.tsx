import { useId, useState } from 'react';
import type { AskOf, ConditionView, RoundCheck } from '../api/client';
import { Tick } from '../parts/tick';
import { everyKind } from '../parts/every-kind';
import { sentence } from '../words/words';
import { CallWords } from '../reading/call-words';
import { FindingPicture } from '../reading/finding-picture';
import { standingOf } from './go-no-go';
import type { Found } from './go-no-go';
import { typedIn } from '../words/typed-quantity';
import { unitIn, saidIn, numberIn, boxIn } from '../words/quantity';

interface CheckProps {
  check: RoundCheck;
  found: Found | undefined;
  say: (found: Found | undefined) => void;
}

/** One thing to look at, in the form its kind needs. */
export function Check(props: CheckProps) {
  const { ask } = props.check;
  switch (ask.kind) {
    case 'SET':
      return <SetCheck ask={ask} {...props} />;
    case 'SEE':
      return (
        <SeeCheck
          condition={ask.condition}
          found={props.found?.finding}
          say={(finding) => props.say(finding === undefined ? undefined : { finding })}
        />
      );
    case 'READ':
      return <ReadCheck ask={ask} {...props} />;
    default:
      return everyKind(ask);
  }
}

const FRAME = 'grid gap-2 rounded-[4px_14px_14px_4px] border-[1.5px] p-3';

/** How a fitting stands: as it should, or not. */
function SetCheck({ ask, check, found, say }: CheckProps & { ask: AskOf<'SET'> }) {
  const { fitting, otherwise, otherwiseWords } = check;
  const standing = standingOf(check, found);
  const words = ask.label.slice(fitting!.length).trim();
  return (
    <div
      role="group"
      aria-label={sentence(ask.label)}
      className={`${FRAME} ${standing ? 'border-(--color-done)' : 'border-line'}`}
    >
      <div className="flex flex-wrap items-center gap-3">
        <Tick done={standing !== null} />
        <b className="min-w-36 flex-1">{sentence(fitting!)}</b>
        <span className="flex gap-2">
          <Choice on={found?.state === ask.to} words={words} say={() => say({ state: ask.to })} />
          <Choice
            on={found?.state === otherwise}
            words={otherwiseWords!}
            say={() => say({ state: otherwise! })}
          />
        </span>
      </div>
      {standing?.call === 'STOP' && <CallWords call="STOP" words={standing.words} />}
    </div>
  );
}

function Choice({ on, words, say }: { on: boolean; words: string; say: () => void }) {
  return (
    <button
      type="button"
      className={`btn ${on ? 'bg-ink! text-paper!' : ''}`}
      aria-pressed={on}
      onClick={say}
    >
      {words}
    </button>
  );
}

interface SeeProps {
  condition: ConditionView;
  found: string | undefined;
  say: (finding: string | undefined) => void;
}

/** What was found is one tap; what was tapped can be changed. */
function SeeCheck({ condition, found, say }: SeeProps) {
  const finding = condition.findings.find(({ key }) => key === found);
  return (
    <div
      role="group"
      aria-label={sentence(condition.name)}
      className={`${FRAME} ${finding ? 'border-(--color-done)' : 'border-line'}`}
    >
      <div className="flex flex-wrap items-center gap-3">
        <Tick done={Boolean(finding)} />
        <span className="min-w-36 flex-1">
          <b>{sentence(condition.name)}</b>
          {condition.how && <span className="text-soft block text-[14.5px]">{condition.how}</span>}
        </span>
        {finding && (
          <>
            <span>{finding.words}</span>
            <button
              type="button"
              className="btn"
              aria-label={`${sentence(condition.name)}: look again`}
              onClick={() => say(undefined)}
            >
              Again
            </button>
          </>
        )}
      </div>
      {!finding && (
        <div className="grid gap-2 sm:grid-cols-2">
          {condition.findings.map(({ key, words }) => (
            <button
              key={key}
              type="button"
              className="btn justify-start text-left"
              onClick={() => say(key)}
            >
              <FindingPicture condition={condition.key} finding={key} />
              {sentence(words)}
            </button>
          ))}
        </div>
      )}
      {finding && <CallWords call={finding.call} words={finding.todo} />}
    </div>
  );
}

/** A number, judged as it is typed by what core sent along. */
function ReadCheck({ ask, check, found, say }: CheckProps & { ask: AskOf<'READ'> }) {
  const id = useId();
  const [text, setText] = useState(found?.value === undefined ? '' : boxIn(ask.unit, found.value));
  const [heldText, setHeld] = useState(() => {
    const known = found?.against ?? ask.against;
    return known == null ? '' : boxIn(ask.limits.against?.unit ?? '', known);
  });
  const [instead, setInstead] = useState(Boolean(found?.instead));
  const against = ask.limits.against;
  const type = (next: string, held: string) => {
    setText(next);
    setHeld(held);
    const value = typedIn(ask.unit, next);
    const second = against ? typedIn(against.unit, held, ask.against) : null;
    const meant =
      value !== null &&
      value >= ask.limits.possibleLow &&
      value <= ask.limits.possibleHigh &&
      (!against || second !== null);
    say(meant ? { value, against: against ? second! : undefined } : undefined);
  };
  const standing = standingOf(check, found);
  const wrong = text !== '' && !standing && !instead;
  if (instead && ask.instead) {
    return (
      <SeeCheck
        condition={ask.instead}
        found={found?.finding}
        say={(finding) => say(finding === undefined ? undefined : { finding, instead: true })}
      />
    );
  }
  return (
    <div className={`${FRAME} ${standing ? 'border-(--color-done)' : 'border-line'}`}>
      <div className="flex flex-wrap items-center gap-3">
        <Tick done={standing !== null} />
        <label htmlFor={id} className="min-w-36 flex-1 font-bold">
          {sentence(ask.label)}
          {(ask.limits.how || ask.school) && (
            <span className="text-soft block text-[14.5px] font-normal">
              {[ask.limits.how, ask.school].filter(Boolean).join(' · ')}
            </span>
          )}
        </label>
        {against && (
          <Box
            label={`${against.name} of ${ask.label}`}
            unit={against.unit}
            value={heldText}
            type={(next) => type(text, next)}
          />
        )}
        <Box
          id={id}
          unit={ask.unit}
          value={text}
          wrong={wrong}
          type={(next) => type(next, heldText)}
        />
      </div>
      {wrong && (
        <p id={`${id}-wrong`} role="alert" className="field-error m-0">
          {against && typedIn(against.unit, heldText) === null
            ? `Say the ${against.name} too, in ${unitIn(against.unit)}.`
            : `From ${numberIn(ask.unit, ask.limits.possibleLow)} to ${saidIn(ask.unit, ask.limits.possibleHigh)}.`}
        </p>
      )}
      {standing && text !== '' && (
        <CallWords call={standing.call} words={standing.words.split(': ').slice(1).join(': ')} />
      )}
      {ask.instead && (
        <button
          type="button"
          className="plain justify-self-start"
          onClick={() => {
            setInstead(true);
            say(undefined);
          }}
        >
          It has a spring: by the {ask.instead.name}
        </button>
      )}
    </div>
  );
}

interface BoxProps {
  id?: string;
  label?: string;
  unit: string;
  value: string;
  wrong?: boolean;
  type: (text: string) => void;
}

function Box({ id, label, unit, value, wrong, type }: BoxProps) {
  return (
    <span className="flex items-center gap-2">
      <input
        id={id}
        aria-label={label}
        className="box w-24 text-right"
        inputMode="decimal"
        autoComplete="off"
        value={value}
        aria-invalid={wrong ? true : undefined}
        aria-describedby={wrong ? `${id}-wrong` : undefined}
        onChange={(event) => type(event.target.value)}
      />
      <span className="text-soft">{unitIn(unit)}</span>
    </span>
  );
}
