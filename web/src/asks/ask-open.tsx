import { useState } from 'react';
import type { FittingView, PointView } from '../api/client';
import { useEnter } from '../enter/enter';
import { useDraft } from '../offline/draft';
import { Field } from '../parts/field';
import { RefusedLine } from '../parts/refused-line';
import { useRefused } from '../parts/refused';
import { sentence } from '../words/words';
import { keyIn, liters } from '../words/quantity';
import type { AskProps } from './ask-props';
import { Row } from './row';
import { opened } from './usual';
import { typedIn } from '../words/typed-quantity';

interface Choice {
  seen: NonNullable<PointView['seen']>;
  words: string;
}

/** Where nothing came, the hole has to show that nothing can: unless it was empty before. */
const choices = (fitting: FittingView | undefined, empty: boolean): Choice[] => [
  { seen: 'RAN_CLEAR', words: 'Ran clear' },
  { seen: 'RAN_AFTER_RODDING', words: 'Ran after rodding' },
  empty ? { seen: 'DRY', words: 'Still dry' } : { seen: 'ROD_AND_AIR', words: shown(fitting) },
  { seen: 'DID_NOT_RUN', words: 'Did not run' },
  ...(fitting?.kind === 'HOSE_END'
    ? [{ seen: 'WOULD_NOT_COME_OFF' as const, words: 'Will not come off' }]
    : []),
];

const shown = (fitting: FittingView | undefined) =>
  !fitting
    ? 'Seen to be empty'
    : fitting.kind === 'HOSE_END'
      ? 'Blown through, dry'
      : 'Dry: rod and air pass';

interface CaughtProps {
  expected: number;
  lowPoint: string;
  boat: string;
  on: { card: string; step: string };
}

/** What was caught teaches the next lay-up: about what was expected with one tap, or a number. */
function Caught({ expected, lowPoint, boat, on }: CaughtProps) {
  const { enter, sending } = useEnter(boat);
  const [text, setText, clear] = useDraft(keyIn('L', `caught.${on.card}.${lowPoint}`));
  const [open, setOpen] = useState(text !== '');
  const [done, setDone] = useState(false);
  const refused = useRefused(['liters']);
  const keep = async (amount: number) => {
    const ok = await refused.attempt(() =>
      enter({
        entries: [{ kind: 'CAUGHT_AT_DRAIN', lowPoint, liters: amount, ...on }],
        undo: `Caught ${liters(amount)}`,
      }),
    );
    if (ok) {
      clear();
      setDone(true);
    }
  };
  if (done) return null;
  if (!open) {
    return (
      <div className="text-soft mt-2 flex flex-wrap items-center gap-x-4 text-[15px]">
        <button
          type="button"
          className="plain min-h-11"
          disabled={sending}
          onClick={() => void keep(Math.round(expected * 10) / 10)}
        >
          caught about {liters(expected)}
        </button>
        <button type="button" className="plain min-h-11" onClick={() => setOpen(true)}>
          another amount
        </button>
        <RefusedLine words={refused.elsewhere} />
      </div>
    );
  }
  const typed = typedIn('L', text);
  return (
    <form
      className="mt-2 flex flex-wrap items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (typed !== null) void keep(typed);
      }}
    >
      <div className="w-32">
        <Field
          label="Caught"
          unit="L"
          inputMode="decimal"
          value={text}
          onType={setText}
          error={refused.at('liters')}
        />
      </div>
      <button type="submit" className="btn text-[15px]" disabled={sending || typed === null}>
        Enter
      </button>
      <RefusedLine words={refused.elsewhere} />
    </form>
  );
}

/** A drain or hose to be opened: what ran out is part of the answer. */
export function AskOpen({ ask, card, boat, step, may }: AskProps<'OPEN'>) {
  const { enter, holding } = useEnter(boat.id);
  const refused = useRefused([]);
  const fitting = boat.fittings.find((f) => f.key === ask.fitting);
  const point = boat.circuits.flatMap((c) => c.points).find((p) => p.key === ask.lowPoint);
  const blocked = ask.answered && point?.seen === 'DID_NOT_RUN';
  const stuck = blocked || (ask.answered && point?.seen === 'WOULD_NOT_COME_OFF');
  const on = { card: card.id, step: step.key };
  const say = ({ seen, words }: Choice) =>
    void refused.attempt(() =>
      enter({
        entries: [
          ...(seen === 'WOULD_NOT_COME_OFF' ? [] : opened(ask, boat)).map((entry) => ({
            ...entry,
            ...on,
          })),
          { kind: 'LOW_POINT_SEEN', lowPoint: ask.lowPoint, seen, ...on },
        ],
        undo: `${sentence(ask.label)}: ${words.toLowerCase()}`,
      }),
    );
  return (
    <Row
      label={ask.label}
      beside={[fitting?.where || fitting?.name, fitting?.tool, `about ${liters(ask.liters)}`]
        .filter(Boolean)
        .join(' · ')}
      trouble={ask.trouble}
      answer={ask.answered ? (point?.seenWords ?? 'answered') : null}
      tone={stuck ? 'bad' : ask.answered ? 'done' : 'open'}
      unfolded={!ask.bundled || stuck}
    >
      {blocked && (
        <p className="text-brass m-0 text-[15.5px] font-semibold">
          Blocked, not empty. Rod the hole until it runs.
        </p>
      )}
      {may && (
        <div className="grid grid-cols-2 gap-2 lg:grid-cols-4">
          {choices(fitting, point?.empty ?? false).map((choice) => (
            <button
              key={choice.seen}
              type="button"
              className="btn justify-center px-2 text-[16px]"
              aria-pressed={ask.answered && point?.seen === choice.seen}
              disabled={holding}
              onClick={() => say(choice)}
            >
              {choice.words}
            </button>
          ))}
        </div>
      )}
      {may && ask.answered && !stuck && ask.liters > 0 && (
        <Caught expected={ask.liters} lowPoint={ask.lowPoint} boat={boat.id} on={on} />
      )}
      <RefusedLine words={refused.elsewhere} />
    </Row>
  );
}
