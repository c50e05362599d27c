import { useState } from 'react';
import type { BoatView, CardView, NewEntry, StepView } from '../api/client';
import { useEnter } from '../enter/enter';
import { AskShown } from '../asks/ask';
import { wordsOf } from '../offline/provisional';
import { useDraft } from '../offline/draft';
import { Field } from '../parts/field';
import { RefusedLine } from '../parts/refused-line';
import { useRefused } from '../parts/refused';
import { clock } from '../words/words';
import { linesOf, without } from './sheet';
import type { Sheet } from './sheet';

interface PaperStepProps {
  card: CardView;
  boat: BoatView;
  step: StepView;
  number: number;
  /** It was settled before this sheet. */
  settledBefore: boolean;
  sheet: Sheet;
  change: (next: (sheet: Sheet) => Sheet) => void;
  trouble: string | null;
}

/** One step as the paper has it: what was ticked and written, when, and how it ended. */
export function PaperStep(props: PaperStepProps) {
  const { card, boat, step, number, settledBefore, sheet, change, trouble } = props;
  const title = `${number}. ${step.title}`;
  if (settledBefore) {
    return (
      <p className="text-soft border-line m-0 mt-5 border-t pt-3">
        {title}: {step.standing === 'DONE' ? 'done' : 'skipped'} by {step.by}
        {step.at && `, ${clock(step.at)}`}
      </p>
    );
  }
  const lines = linesOf(sheet, step.key);
  const set = (part: 'begun' | 'days') => (value: string) =>
    change((before) => ({ ...before, [part]: { ...before[part], [step.key]: value } }));
  return (
    <section
      id={`paper-${step.key}`}
      aria-label={title}
      className="border-line mt-6 grid scroll-mt-4 gap-3 border-t pt-4"
    >
      <div className="flex flex-wrap items-end gap-x-5 gap-y-2">
        <h2 className="font-stencil min-w-60 flex-1 text-[24px] leading-tight font-semibold">
          {title}
        </h2>
        <div className="w-32">
          <Field
            label="Begun at"
            type="time"
            value={sheet.begun[step.key] ?? ''}
            onType={set('begun')}
          />
        </div>
        <div className="w-44">
          <Field
            label="On another day"
            type="date"
            value={sheet.days[step.key] ?? ''}
            onType={set('days')}
          />
        </div>
      </div>
      {trouble && (
        <p role="alert" className="field-error m-0">
          {trouble}
        </p>
      )}
      <div className="grid gap-2.5 sm:grid-cols-2" role="group" aria-label={`Asked at ${title}`}>
        {step.asks.map((ask, i) => (
          <div key={`${ask.kind} ${ask.label} ${i}`}>
            <span className="text-soft text-[13px]">
              {number}.{i + 1}
            </span>
            <AskShown ask={ask} card={card} boat={boat} step={step} may wide={false} />
          </div>
        ))}
      </div>
      <Ended card={card} boat={boat} step={step} />
      {lines.length > 0 && (
        <ul aria-label={`Written at ${title}`} className="m-0 grid list-none gap-1 p-0">
          {lines.map((entry) => (
            <Line
              key={entry.id}
              entry={entry}
              words={endWords(entry) ?? wordsOf(step, entry)}
              time={sheet.at[entry.id] ?? ''}
              setTime={(time) =>
                change((before) => ({ ...before, at: { ...before.at, [entry.id]: time } }))
              }
              takeOut={() => change((before) => without(before, [entry.id]))}
              refused={sheet.refused[entry.id] ?? null}
            />
          ))}
        </ul>
      )}
    </section>
  );
}

function endWords(entry: NewEntry): string | null {
  if (entry.kind === 'STEP_DONE') return 'Step done';
  return entry.kind === 'STEP_SKIPPED' ? `Skipped: ${entry.reason}` : null;
}

interface LineProps {
  entry: NewEntry;
  words: string;
  time: string;
  setTime: (time: string) => void;
  takeOut: () => void;
  refused: string | null;
}

/** One line of the sheet; its time only where the paper has one. */
function Line({ entry, words, time, setTime, takeOut, refused }: LineProps) {
  return (
    <li
      className={`flex flex-wrap items-center gap-x-3 border-l-[3px] pl-3 ${refused ? 'border-verm' : 'border-line'}`}
    >
      <span className="min-w-44 flex-1 text-[15px]">{words}</span>
      <input
        type="time"
        className="box w-34"
        aria-label={`Time of: ${words}`}
        value={time}
        onChange={(event) => setTime(event.target.value)}
      />
      <button
        type="button"
        className="plain text-[14px]"
        aria-label={`Take out: ${words}`}
        onClick={takeOut}
      >
        take out
      </button>
      {refused && (
        <p id={`refused-${entry.id}`} role="alert" className="field-error m-0 w-full">
          {refused}
        </p>
      )}
    </li>
  );
}

/** How the step ended on paper: done, skipped with a reason, or left open. */
function Ended({ card, boat, step }: { card: CardView; boat: BoatView; step: StepView }) {
  const { enter } = useEnter(boat.id);
  const [reason, setReason, clear] = useDraft(`paper.skip.${card.id}.${step.key}`);
  const [skipping, setSkipping] = useState(reason !== '');
  const refused = useRefused([]);
  const on = { card: card.id, step: step.key };
  if (step.standing !== 'OPEN') return null;
  const done = () => void refused.attempt(() => enter({ entries: [{ kind: 'STEP_DONE', ...on }] }));
  const skip = async () => {
    const ok = await refused.attempt(() =>
      enter({ entries: [{ kind: 'STEP_SKIPPED', reason, ...on }] }),
    );
    if (ok) clear();
  };
  return (
    <div className="flex flex-wrap items-center gap-2.5">
      <button type="button" className="btn" aria-label={`Step done: ${step.title}`} onClick={done}>
        Step done
      </button>
      {skipping ? (
        <form
          className="flex flex-1 flex-wrap gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            if (reason.trim()) void skip();
          }}
        >
          <input
            className="box min-w-44 flex-1"
            aria-label={`Why it was skipped: ${step.title}`}
            placeholder="why it was skipped"
            value={reason}
            onChange={(event) => setReason(event.target.value)}
          />
          <button type="submit" className="btn" disabled={!reason.trim()}>
            Skipped
          </button>
        </form>
      ) : (
        <button
          type="button"
          className="plain"
          aria-label={`skipped: ${step.title}`}
          onClick={() => setSkipping(true)}
        >
          skipped
        </button>
      )}
      <RefusedLine words={refused.elsewhere} />
    </div>
  );
}
