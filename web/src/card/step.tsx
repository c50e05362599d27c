import type { AskView, BoatView, CardView, StepView } from '../api/client';
import { useEnter } from '../enter/enter';
import { GaugePanel } from '../gauge/gauge-panel';
import { useLine } from '../offline/device';
import { ClockFace } from '../timers/clock-face';
import { clocksOfCard } from '../timers/running-here';
import { RefusedLine } from '../parts/refused-line';
import { useRefused } from '../parts/refused';
import { clock, sentence } from '../words/words';
import { AskShown } from '../asks/ask';
import { Place } from '../place/place';
import { asksOf } from './asks-of';
import { Cranking } from './cranking';
import { KitOfStep } from './kit-of-step';
import { circuitOf, fittingAt, numberOf, whereOf } from './map/places';
import { StepMap } from './map/step-map';
import { Said } from './said';
import { isStart } from './bar/bundle';
import { Foot } from './bar/foot';
import { TakePhoto } from '../place/take-photo';
import { SampleWith } from '../sample/sample-with';

interface StepProps {
  card: CardView;
  boat: BoatView;
  step: StepView;
  mayWork: boolean;
  after: string | null;
  next: () => void;
  sentBack: string | null;
  back: (why: unknown) => void;
  looks: () => boolean;
}

const TILES = new Set(['SET', 'ENGINE', 'KICK', 'SERVICE', 'OIL', 'LOOK', 'ABOARD', 'AFLOAT']);
const MOST_NAMED = 3;
const PLATEAUS = new Set(['warm-plateau', 'plateau-closed']);

/** One step: what, why, what hurts, what is asked for, and done. */
export function StepShown({ card, boat, step, mayWork, ...end }: StepProps) {
  const open = step.standing === 'OPEN';
  const { waiting } = useLine();
  const plateau = asksOf(step, 'READ').find((ask) => PLATEAUS.has(ask.limit));
  const starts = asksOf(step, 'ENGINE').find((ask) => ask.start && !ask.answered);
  const startsGauge = card.gauges.find(
    (one) => starts?.engine == null || one.engine === starts.engine,
  );
  const gauge = card.gauges.find((one) => plateau?.engine == null || one.engine === plateau.engine);
  const clocks = clocksOfCard(card, waiting).filter((clock) => clock.step === step.key);
  const measures = step.asks.some((ask) => ask.kind === 'JUG' || ask.kind === 'SAMPLE');
  const fills = step.asks.some((ask) => ask.kind === 'FILL');
  // What stands as it should is one question at the foot, and a start a target of its own there.
  const asked =
    mayWork && open
      ? step.asks.filter((ask) => !stands(ask) && !(isStart(ask) && !ask.answered))
      : step.asks;
  const where = whereOf(step, boat);
  const places = where?.places ?? [];
  const tiles = step.asks.filter((ask) => TILES.has(ask.kind));
  return (
    <article className="px-[18px] pt-1 lg:px-8 lg:pt-4">
      <h1 tabIndex={-1} className="font-stencil text-[33px] leading-[1.08] font-bold">
        {step.title}
      </h1>
      <p className="m-0 mt-2 max-w-[62ch]">{step.how}</p>
      {step.why !== '' && <Why words={step.why} />}
      {step.hazards.length > 0 && (
        <ul className="m-0 mt-2 grid max-w-[66ch] list-none gap-1 border-l-[5px] border-(--color-hurt-line) bg-(--color-hurt) px-3.5 py-2 text-[15.5px] leading-snug lg:mt-4 text-(--color-hurt-ink)">
          {step.hazards.map((hazard) => (
            <li key={hazard}>{hazard}</li>
          ))}
        </ul>
      )}
      <p className="text-soft m-0 mt-3 text-[14.5px]">
        {step.minutes} min
        {step.soak && `, then ${soakWords(step.soak)} soaking, nobody needed`}
        {step.within &&
          ` · within ${step.within.minutes} min of the warm-up: ${step.within.because}`}
        {step.people > 1 && ` · wants ${step.people} people, or a remote start`}
        {step.tools.length > 0 && ` · ${step.tools.join(', ')}`}
      </p>
      {step.elsewhere && open && <OnAnotherCard elsewhere={step.elsewhere} />}
      {step.waitsFor.length > 0 && open && (
        <p className="text-brass m-0 mt-3 font-semibold">
          First: {step.waitsFor.slice(0, MOST_NAMED).join('; ')}
          {step.waitsFor.length > MOST_NAMED && ` and ${step.waitsFor.length - MOST_NAMED} more`}
        </p>
      )}
      {clocks.length > 0 && (
        <div className="mt-4 grid gap-2.5">
          {clocks.map((clock) => (
            <div key={clock.kind} className="grid gap-2">
              <ClockFace clock={clock} kind={clock.kind} />
              {clock.kind === 'FEED' && mayWork && <ToppedUp card={card} boat={boat} step={step} />}
            </div>
          ))}
        </div>
      )}
      {open && <KitOfStep card={card} boat={boat} step={step} />}
      {(measures || fills) && open && mayWork && (
        <SampleWith
          instrument={measures}
          filledWith={
            (
              boat.circuits.find((c) => c.key === step.circuit && c.lot) ??
              boat.circuits.find((c) => c.lot)
            )?.lot ?? null
          }
        />
      )}
      {gauge && plateau && (
        <GaugePanel
          card={card}
          boat={boat}
          step={step}
          gauge={gauge}
          limit={plateau.limit}
          may={mayWork && open}
        />
      )}
      {where && <StepMap where={where} name={circuitOf(step, boat)?.name ?? ''} />}
      <div
        className="mt-4 grid gap-2.5 sm:grid-cols-2"
        role="group"
        aria-label="What this step asks for"
      >
        {asked.map((ask, i) => (
          <Place
            key={`${ask.kind} ${ask.label} ${i}`}
            value={{
              number: numberOf(ask, places, boat),
              fitting: fittingAt(ask, boat),
              boat,
              card,
              step,
              may: mayWork && open,
            }}
          >
            <AskShown
              ask={ask}
              card={card}
              boat={boat}
              step={step}
              may={mayWork && open}
              wide={!tiles.includes(ask)}
            />
          </Place>
        ))}
      </div>
      {mayWork && open && starts && startsGauge && (
        <Cranking card={card} boat={boat} step={step} gauge={startsGauge} />
      )}
      <Said step={step} boat={boat.id} />
      {mayWork && !card.closed && <TakePhoto card={card} boat={boat} step={step} />}
      {open ? (
        mayWork && <Foot card={card} boat={boat} step={step} {...end} />
      ) : (
        <Settled step={step} boat={boat} may={mayWork} />
      )}
      <p className="text-soft m-0 mt-8 max-w-[66ch] text-[13.5px]">
        This is a work record and a calculation aid. The engine maker's manual, local rules and
        licensed practice come first; when they differ, follow them and note it here.
      </p>
    </article>
  );
}

/** The reason, a touch away on a phone. */
function Why({ words }: { words: string }) {
  return (
    <>
      <p className="text-soft m-0 mt-1.5 hidden max-w-[62ch] text-[15.5px] lg:block">{words}</p>
      <details className="text-soft text-[14px] lg:hidden">
        <summary className="min-h-14 cursor-pointer content-center">Why?</summary>
        {words}
      </details>
    </>
  );
}

const stands = (ask: AskView) => ask.kind === 'SET' && ask.answered && ask.restsOnStanding;

/** What another card of the same visit did, or does first. */
function OnAnotherCard({ elsewhere }: { elsewhere: NonNullable<StepView['elsewhere']> }) {
  return (
    <p
      className={`m-0 mt-4 max-w-[66ch] border-l-[5px] py-1.5 pl-4 text-[16px] ${
        elsewhere.done ? 'border-(--color-done)' : 'border-(--color-brass)'
      }`}
    >
      <span className="font-bold">
        {sentence(elsewhere.card ?? 'without a card')}
        {elsewhere.at && `, ${clock(elsewhere.at)}`}
        {'. '}
      </span>
      {elsewhere.words}
    </p>
  );
}

/** A tub that is topped up lasts anew. */
function ToppedUp({ card, boat, step }: { card: CardView; boat: BoatView; step: StepView }) {
  const { enter, sending } = useEnter(boat.id);
  const refused = useRefused([]);
  const feed = asksOf(step, 'SET').find((ask) => ask.to === 'BUCKET');
  if (!feed) return null;
  return (
    <div>
      <button
        type="button"
        className="btn"
        disabled={sending}
        onClick={() =>
          void refused.attempt(() =>
            enter({
              entries: [
                {
                  kind: 'FITTING_SET',
                  fitting: feed.fitting,
                  state: feed.to,
                  card: card.id,
                  step: step.key,
                },
              ],
            }),
          )
        }
      >
        Topped up: full again
      </button>
      <RefusedLine words={refused.elsewhere} />
    </div>
  );
}

function soakWords({ fromMinutes, toMinutes }: NonNullable<StepView['soak']>) {
  return fromMinutes < 60
    ? `${fromMinutes} to ${toMinutes} min`
    : `${fromMinutes / 60} to ${toMinutes / 60} h`;
}

function Settled({ step, boat, may }: { step: StepView; boat: BoatView; may: boolean }) {
  const { enter, sending } = useEnter(boat.id);
  const refused = useRefused([]);
  const settling = step.said.findLast(
    (said) => said.kind === 'STEP_DONE' || said.kind === 'STEP_SKIPPED',
  );
  const openAgain = () =>
    void refused.attempt(() =>
      enter({
        entries: [{ kind: 'WITHDRAWN', corrects: settling?.id, reason: 'opened again' }],
      }),
    );
  return (
    <div className="mt-5 grid gap-2">
      <p className="text-soft m-0">
        {step.standing === 'DONE' ? 'Done' : 'Skipped'} by {step.by}
        {step.at && `, ${clock(step.at)}`}
        {step.skippedBecause && `: ${step.skippedBecause}`}
      </p>
      {may && settling && (
        <div>
          <button type="button" className="btn" disabled={sending} onClick={openAgain}>
            Open it again
          </button>
        </div>
      )}
      <RefusedLine words={refused.elsewhere} />
    </div>
  );
}
