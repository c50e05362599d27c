import { useEffect, useState } from 'react';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Link, useLocation, useParams } from 'react-router';
import type { BoatView, CardView, StepView } from '../api/client';
import { reasonOf } from '../api/refusal';
import { useEnter } from '../enter/enter';
import { useIsShown } from '../enter/is-shown';
import { boatQuery, cardQuery } from '../queries/queries';
import { useLine } from '../offline/device';
import { provisional } from '../offline/provisional';
import { takeShelfAlong } from '../queries/take-along';
import { ProtectionMark, protectionTone, protectionWords } from '../parts/protection';
import { sentence } from '../words/words';
import { useAwake } from './awake';
import { useLight } from '../device/light';
import { useOpensAtTop } from './opens-at-top';
import { Guides } from '../guide/guides';
import { Countersign } from '../sample/countersign';
import { HandOver } from './hand-over';
import { RedTags } from '../tags/red-tags';
import { RefusedLine } from '../parts/refused-line';
import { useRefused } from '../parts/refused';
import { useMay } from '../parts/session';
import { Loading, Trouble } from '../parts/states';
import { useTitle } from '../parts/title';
import { StepShown } from './step';

/** What do I do next? The procedure of one boat, one step at a time. */
export function Card() {
  const { boatId = '', cardId = '' } = useParams();
  const card = useQuery(cardQuery(boatId, cardId));
  const boat = useQuery(boatQuery(boatId));
  const { waiting } = useLine();
  const queries = useQueryClient();
  useEffect(() => takeShelfAlong(queries), [queries]);
  const { bright } = useLight();
  return (
    <div className={`bay min-h-dvh ${bright ? 'bright' : ''}`}>
      {card.data && boat.data ? (
        <CardShown {...provisional(card.data, boat.data, waiting)} />
      ) : card.error || boat.error ? (
        <Trouble
          error={card.error ?? boat.error}
          again={() => void Promise.all([card.refetch(), boat.refetch()])}
        />
      ) : (
        <Loading what="the card" />
      )}
    </div>
  );
}

function firstOpen(card: CardView): string {
  const open = card.steps.find((step) => step.standing === 'OPEN');
  return (open ?? card.steps.at(-1)!).key;
}

function CardShown({ card, boat }: { card: CardView; boat: BoatView }) {
  useTitle(`${card.boatName}: ${card.procedureWords}`);
  const may = useMay();
  const { hash } = useLocation();
  const [picked, setPicked] = useState<string | null>(hash.slice(1) || null);
  const [listed, setListed] = useState(false);
  const [sentBack, setSentBack] = useState<{ step: string; why: unknown } | null>(null);
  const looks = useIsShown();
  const step =
    card.steps.find((s) => s.key === picked) ?? card.steps.find((s) => s.key === firstOpen(card))!;
  const light = useLight();
  const ended = card.closed && !picked;
  const main = useOpensAtTop(ended ? 'closed' : step.key);
  const after = card.steps.find((s) => s.standing === 'OPEN' && s.key !== step.key);
  useAwake(!ended && step.standing === 'OPEN');
  const settled = card.steps.filter((s) => s.standing !== 'OPEN').length;
  const minutesLeft = card.steps
    .filter((s) => s.standing === 'OPEN')
    .reduce((sum, { minutes }) => sum + minutes, 0);
  return (
    <div className="mx-auto grid min-h-dvh max-w-[1200px] content-start lg:grid-cols-[330px_1fr] lg:auto-rows-auto">
      <header className="border-line flex items-center gap-3 border-b px-[18px] lg:col-span-2 lg:py-2.5">
        <Link
          to={`/boats/${boat.id}`}
          className="font-stencil text-ink flex min-h-14 items-center text-[23px] font-bold tracking-[0.04em] uppercase no-underline"
        >
          {card.boatName}
          {card.berthName && ` · ${card.berthName}`}
        </Link>
        <span className="ml-auto flex items-center gap-2 text-[15px]">
          <ProtectionMark of={card.protection} size={20} />
          <span
            className={`font-semibold ${protectionTone(card.protection)}`}
            role="status"
            aria-label="Protection"
          >
            {protectionWords(card.protection)}
          </span>
        </span>
        <button type="button" className="plain no-underline" onClick={light.change}>
          {light.bright ? 'Dark' : 'Bright'}
        </button>
      </header>
      {card.tags.length > 0 && (
        <div className="px-[18px] pt-3 lg:col-span-2">
          <RedTags tags={card.tags} boat={boat.id} mayWork={may.work} mayLift={may.runYard} />
        </div>
      )}
      <nav aria-label="Steps" className="px-[18px] pt-2 lg:pt-3">
        <How card={card} />
        <Progress card={card} current={step.key} />
        <button
          type="button"
          className="flex min-h-14 w-full items-center justify-between text-[14.5px] lg:hidden"
          aria-expanded={listed}
          onClick={() => setListed(!listed)}
        >
          <span>
            Step {card.steps.indexOf(step) + 1} of {card.steps.length}
            {minutesLeft > 0 && ` · ${minutesLeft} min left`}
          </span>
          <span className="text-soft underline underline-offset-4">
            {listed ? 'hide the list' : 'all steps'}
          </span>
        </button>
        <ol className={`m-0 mt-2 list-none gap-0.5 p-0 lg:grid ${listed ? 'grid' : 'hidden'}`}>
          {card.steps.map((s, i) => (
            <StepLine
              key={s.key}
              step={s}
              index={i}
              current={s.key === step.key}
              pick={() => {
                setPicked(s.key);
                setListed(false);
              }}
            />
          ))}
        </ol>
        <p
          className={`text-soft m-0 mt-2 text-[14px] lg:mt-4 lg:block ${card.heldBy === may.name ? 'hidden' : ''}`}
        >
          {settled} of {card.steps.length} steps · {card.heldBy} works on it
        </p>
        {card.handOver && card.heldBy === card.handOver.to && !card.closed && (
          <p className="text-brass m-0 mt-1 text-[15px] font-semibold">
            {card.handOver.from} stopped here
            {card.handOver.note && `: ${card.handOver.note}`}
          </p>
        )}
      </nav>
      <main ref={main} className="border-line min-w-0 pb-6 lg:row-span-2 lg:border-l lg:pb-28">
        {ended ? (
          <Closed card={card} boat={boat} />
        ) : (
          <StepShown
            key={step.key}
            card={card}
            boat={boat}
            step={step}
            mayWork={may.work}
            after={after?.title ?? null}
            next={() => {
              setSentBack(null);
              setPicked(null);
            }}
            sentBack={sentBack?.step === step.key ? reasonOf(sentBack.why) : null}
            back={(why) => {
              setSentBack({ step: step.key, why });
              setPicked(step.key);
            }}
            looks={looks}
          />
        )}
      </main>
      {may.work && (
        <aside aria-label="Who works on it" className="px-[18px] pb-32 lg:col-start-1">
          <InTheBay boat={boat} card={card} me={may.name} />
          {!card.closed && step.standing !== 'OPEN' && (
            <div className="mt-3">
              <Guides boat={boat.id} on={{ card: card.id, step: step.key }} />
            </div>
          )}
        </aside>
      )}
    </div>
  );
}

/** How each circuit is done and why so; what the card leaves out stands first. */
function How({ card }: { card: CardView }) {
  const time = [
    `${card.attendedMinutes} min of work`,
    card.soakMinutes > 0 && `${Math.round(card.soakMinutes / 60)} h soaking`,
  ];
  return (
    <div className="text-soft text-[14px] lg:mb-2">
      <p className="m-0 hidden lg:block">
        <b className="text-ink font-semibold">{sentence(card.procedureWords)}</b> ·{' '}
        {time.filter(Boolean).join(', ')}
      </p>
      {card.notCovered.map((left) => (
        <p key={left.circuit + left.name} className="text-brass m-0 mt-1 font-semibold">
          Left out: {left.name}. {left.reason}
        </p>
      ))}
      <div className="hidden lg:block">
        {card.chosen.map((chosen) => (
          <p key={chosen.circuit} className="m-0 mt-1">
            {sentence(chosen.name)}: <b className="text-ink font-semibold">{chosen.words}</b>,{' '}
            {chosen.whose}. {sentence(chosen.reason)}.
          </p>
        ))}
      </div>
    </div>
  );
}

function tone(step: StepView, current: boolean): string {
  if (step.standing === 'DONE') return 'bg-(--color-done-fill)';
  if (step.standing === 'SKIPPED') return 'bg-(--color-skipped)';
  return current ? 'bg-brass' : 'bg-line';
}

/** How far the card is, at one look; the list below is what is tapped. */
function Progress({ card, current }: { card: CardView; current: string }) {
  return (
    <div aria-hidden="true" className="flex gap-px lg:hidden">
      {card.steps.map((step) => (
        <span key={step.key} className={`h-[7px] flex-1 ${tone(step, step.key === current)}`} />
      ))}
    </div>
  );
}

interface LineProps {
  step: StepView;
  index: number;
  current: boolean;
  pick: () => void;
}

function StepLine({ step, index, current, pick }: LineProps) {
  const said = step.standing === 'OPEN' ? 'open' : step.standing.toLowerCase();
  return (
    <li>
      <button
        type="button"
        onClick={pick}
        aria-current={current ? 'step' : undefined}
        aria-label={`${index + 1}. ${step.title}, ${said}`}
        className={`flex min-h-14 w-full items-center gap-3 rounded-sm px-2 text-left lg:min-h-11 ${current ? 'bg-paper-2' : ''}`}
      >
        <span className={`h-5 w-[7px] shrink-0 ${tone(step, current)}`} />
        <span
          className={`text-[15.5px] ${current ? 'font-bold' : step.standing === 'OPEN' ? '' : 'text-soft'}`}
        >
          {step.title}
          {step.standing === 'SKIPPED' && ' (skipped)'}
        </span>
      </button>
    </li>
  );
}

function InTheBay({ boat, card, me }: { boat: BoatView; card: CardView; me: string }) {
  const { enter, sending } = useEnter(boat.id);
  const refused = useRefused([]);
  const inside = boat.inBay.includes(me);
  const others = boat.inBay.filter((name) => name !== me);
  const say = (kind: 'BAY_ENTERED' | 'BAY_LEFT' | 'CARD_TAKEN') =>
    void refused.attempt(() => enter({ entries: [{ kind, card: card.id }] }));
  return (
    <div className="mt-2 grid gap-2">
      {boat.circuits
        .filter((circuit) => circuit.awaitsCountersign)
        .map((circuit) => (
          <Countersign key={circuit.key} boat={boat.id} circuit={circuit} />
        ))}
      {others.length > 0 && (
        <p className="text-brass m-0 text-[15px] font-semibold">In the bay: {others.join(', ')}</p>
      )}
      <div className="flex flex-wrap gap-x-5 gap-y-1">
        {!card.closed && (
          <button
            type="button"
            className="plain text-[15px]"
            disabled={sending}
            aria-pressed={inside}
            onClick={() => say(inside ? 'BAY_LEFT' : 'BAY_ENTERED')}
          >
            {inside ? 'I am out of the bay' : 'I am in the bay'}
          </button>
        )}
        {!card.closed && card.heldBy !== me && (
          <button
            type="button"
            className="plain text-[15px]"
            disabled={sending}
            onClick={() => say('CARD_TAKEN')}
          >
            I go on with it
          </button>
        )}
      </div>
      {!card.closed && card.heldBy === me && <HandOver boat={boat} card={card} me={me} />}
      <RefusedLine words={refused.elsewhere} />
    </div>
  );
}

function Closed({ card, boat }: { card: CardView; boat: BoatView }) {
  return (
    <section className="grid gap-4 px-[18px] py-6">
      <h1 className="font-stencil text-[34px] leading-tight font-bold">
        {card.procedure === 'WINTERIZE' ? 'The boat is closed' : 'The card is closed'}
      </h1>
      <p className="m-0">
        {card.boatName} is <b>{protectionWords(card.protection)}</b>
        {card.procedure === 'WINTERIZE' && (
          <>
            ; {boat.bag.expected} {boat.bag.expected === 1 ? 'plug is' : 'plugs are'} in the bag on
            the wheel. Helm tag: DO NOT START
          </>
        )}
        .
      </p>
      <div>
        <Link className="btn btn-main" to={`/boats/${boat.id}`}>
          To the boat
        </Link>
      </div>
    </section>
  );
}
