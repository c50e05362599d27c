import { useMemo, useState } from 'react';
import type { CastOffRound, FuelFitted, RoundPart } from '../api/client';
import { reasonOf } from '../api/refusal';
import { uuid } from '../api/uuid';
import { RedTagLines } from '../tags/red-tags';
import { Loading, Trouble } from '../parts/states';
import { ago } from '../words/words';
import { LastRound } from './last-round';
import { AfterTrip } from './after-trip';
import { Check } from './checks';
import { FuelOfTrip } from './fuel-of-trip';
import { NO_TRIP, worked } from './fuel-typed';
import { goNoGo, isAnswered, keyOf, mayBegin, sentOf } from './go-no-go';
import type { Answers, Found, Result } from './go-no-go';
import { useKept } from './kept';
import { ShortCheck } from './short-check';
import { useBegun } from './use-begun';
import type { RoundKind, Source } from './source';
import { useRound } from './use-round';
import { VerdictPlate } from './verdict-plate';
import { onYardClock } from '../time/yard-clock';

const PHASES: Record<RoundPart['phase'], string> = {
  STOPPED: 'Engines stopped',
  HELM: 'At the helm',
  RUNNING: 'Started, one by one',
};

interface RoundProps {
  source: Source;
  /** Whether this person may end a round. */
  may: boolean;
}

/** May we go? The round of one boat, fuel and what it comes to. */
export function RoundShown({ source, may }: RoundProps) {
  const [kind, setKind] = useKept<RoundKind>(`${source.name}.kind`, 'SHORT');
  const [planned, plan] = useKept(`${source.name}.trip`, NO_TRIP);
  const [seenAt, setSeenAt] = useState(0);
  const [ended, setEnded] = useState<{ kind: RoundKind; result: Result } | null>(null);
  const { begun, answer, answerAll, readGauges, restore, clear } = useBegun(
    `${source.name}.begun.${kind}`,
    seenAt,
  );
  const giveBack = useMemo(
    // Somebody has described it meanwhile, or otherwise: for this trip it is as it was typed here.
    () => ({ round: restore, fuel: (fitted: FuelFitted) => plan({ ...planned, fitted }) }),
    [restore, plan, planned],
  );
  const {
    round,
    error,
    again,
    gone,
    noSignal,
    knownAt,
    waiting,
    refused,
    endRound,
    describe,
    say,
    takeBack,
  } = useRound(source, kind, giveBack);
  if (knownAt > seenAt) setSeenAt(knownAt);
  const { answers } = begun;
  // A gauge is read anew for each round.
  const trip = { ...planned, gauges: begun.gauges };
  const fuel = round ? worked(round, trip) : null;
  if (gone) {
    return (
      <p role="alert" className="border-verm m-0 border-l-[5px] pl-3 text-[17px]">
        {reasonOf(error)}
      </p>
    );
  }
  if (!round) {
    return error ? (
      <Trouble error={error} again={() => void again()} />
    ) : (
      <Loading what="the round" />
    );
  }
  const result = goNoGo(round, answers, fuel?.tanks ?? null);
  const end = () => {
    endRound(
      {
        id: uuid(),
        deviceTime: new Date().toISOString(),
        kind,
        ...sentOf(round, answers),
        trip: fuel?.sent,
      },
      begun,
    );
    clear();
    setEnded({ kind, result });
  };
  // What was kept stands until somebody begins the next one.
  const kept =
    ended?.kind === kind && !refused && Object.keys(answers).length === 0 ? ended.result : null;
  return (
    <div className="grid items-start gap-x-10 gap-y-5 lg:grid-cols-[380px_1fr]">
      <div className="grid gap-5 lg:sticky lg:top-4">
        <div>
          <h1 className="font-stencil text-[35px] leading-none font-bold tracking-[0.03em] uppercase">
            {round.name}
          </h1>
          <LastRound of={round.lastRound} />
        </div>
        {(noSignal || waiting > 0) && (
          <p role="status" className="bg-paper-2 m-0 rounded-sm p-3">
            {noSignal &&
              `No signal: this goes by what the yard knew ${ago(onYardClock(knownAt))}. `}
            {waiting > 0 && `${waiting} ${waiting === 1 ? 'waits' : 'wait'} to go up.`}
          </p>
        )}
        {error && !noSignal && (
          <p role="alert" className="field-error m-0">
            {reasonOf(error)}
          </p>
        )}
        {refused && (
          <p role="alert" className="field-error m-0">
            {refused.message}
          </p>
        )}
        <VerdictPlate result={kept ?? result} kept={kept !== null} />
        <RedTagLines tags={round.tags} />
        <fieldset className="m-0 flex flex-wrap gap-2 border-0 p-0">
          <legend className="sr-only">Which round</legend>
          {(['SHORT', 'FULL'] as const).map((one) => (
            <button
              key={one}
              type="button"
              className={`btn ${kind === one ? 'bg-ink! text-paper!' : ''}`}
              aria-pressed={kind === one}
              onClick={() => setKind(one)}
            >
              {one === 'SHORT' ? 'Short check' : 'Full round'}
            </button>
          ))}
        </fieldset>
        {round.engines.length > 0 && (
          <section aria-label="Fuel for the trip" className="grid gap-3">
            <h2 className="stencil border-ink border-b-[1.5px] pb-1 text-[19px]">
              Fuel for the trip
            </h2>
            <FuelOfTrip
              round={round}
              typed={trip}
              type={(typed) => {
                if (typed.gauges !== trip.gauges) readGauges(typed.gauges);
                else plan({ ...typed, gauges: [] });
              }}
              result={fuel}
              name={source.name}
              keep={source.fuel && ((fitted) => describe(fitted, round.fuelVersion))}
            />
          </section>
        )}
      </div>
      <div className="grid gap-5">
        {kind === 'SHORT' ? (
          <ShortCheck round={round} answers={answers} answer={answer} answerAll={answerAll} />
        ) : (
          <Parts round={round} answers={answers} answer={answer} />
        )}
        {may && (result.stops || result.go) && (
          <button type="button" className="btn btn-main justify-self-start" onClick={end}>
            {result.go ? 'Go: keep this round' : 'No-go: keep this round'}
          </button>
        )}
        {may && <AfterTrip round={round} say={say} takeBack={takeBack} />}
        <p className="text-soft m-0 max-w-[66ch] text-[13.5px]">
          This is a work record and a calculation aid. The engine maker's manual, local rules and
          licensed practice come first; whoever steers decides.
        </p>
      </div>
    </div>
  );
}

interface PartsProps {
  round: CastOffRound;
  answers: Answers;
  answer: (key: string, found: Found | undefined) => void;
}

function Parts({ round, answers, answer }: PartsProps) {
  return (
    <>
      {round.parts.map((part, i) => {
        const first = round.parts[i - 1]?.phase !== part.phase;
        const begun = mayBegin(round, part, answers);
        return (
          <section key={part.key} aria-label={part.title} className="grid gap-2.5">
            {first && (
              <h2 className="stencil border-ink border-b-[1.5px] pb-1 text-[19px]">
                {PHASES[part.phase]}
                {!begun && (
                  <span className="text-soft font-text text-[14.5px] tracking-normal normal-case">
                    {' '}
                    · after everything above
                  </span>
                )}
              </h2>
            )}
            {begun ? (
              <>
                <h3 className="text-[17px] font-bold">
                  {part.title}
                  {isAnswered(part, answers) && <span className="text-spruce"> · looked at</span>}
                </h3>
                <p className="m-0">{part.how}</p>
                {part.hazards.map((words) => (
                  <p key={words} className="border-verm m-0 border-l-[5px] pl-3 font-semibold">
                    {words}
                  </p>
                ))}
                {part.checks.map((check) => {
                  const key = keyOf(check);
                  return (
                    <Check
                      key={key}
                      check={check}
                      found={answers[key]}
                      say={(found) => answer(key, found)}
                    />
                  );
                })}
              </>
            ) : (
              part.phase === 'RUNNING' && <p className="text-soft m-0">{part.title}</p>
            )}
          </section>
        );
      })}
    </>
  );
}
