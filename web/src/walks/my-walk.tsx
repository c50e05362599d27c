import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Link, useNavigate } from 'react-router';
import type { MyWalkView, StopView } from '../api/client';
import { clock, dateOf } from '../words/words';
import { useEnter } from '../enter/enter';
import { cardQuery, cardToOpenQuery, myWalkQuery } from '../queries/queries';
import { shortDay } from '../words/days';
import { useTakeAlong } from '../queries/take-along';
import { useRefused } from '../parts/refused';
import { useMay } from '../parts/session';
import { RedTagLines } from '../tags/red-tags';
import { RefusedLine } from '../parts/refused-line';
import { Loading, Trouble } from '../parts/states';
import { DueBack } from '../timers/due-back';
import { byBoat } from './by-boat';
import type { BoatOfDay } from './by-boat';
import { OwnMinutes } from './own-minutes';
import { Packing } from './packing';
import { clockOf, stopKey } from './times';

/** These move a boat; its card follows. */
const BY_THE_LIFT = ['lift', 'launch'];

/** Where do I go next? For a phone in a wet hand. */
export function MyWalk() {
  const { data: walk, error, refetch } = useQuery(myWalkQuery);
  useTakeAlong(walk?.stops);
  const may = useMay();
  if (!walk) {
    return error ? (
      <Trouble error={error} again={() => void refetch()} />
    ) : (
      <Loading what="your walk" />
    );
  }
  const boats = byBoat(walk.stops);
  const next = boats.find((boat) => boat.next !== null);
  const done = walk.stops.filter((stop) => stop.standing === 'DONE').length;
  return (
    <main className="mx-auto grid w-full max-w-[560px] flex-1 content-start gap-3 px-4 py-4">
      <h1 className="font-stencil text-[30px] leading-none font-bold uppercase">
        {walk.date === walk.today ? 'My walk today' : `My walk, ${shortDay(walk.date)}`}
      </h1>
      <p role="status" className="text-soft m-0">
        {!walk.published
          ? 'Nobody was told anything yet.'
          : walk.stops.length === 0
            ? `Nothing is planned for ${walk.name}.`
            : `${done} of ${walk.stops.length} stops done.`}
      </p>
      <ChangedForMe walk={walk} />
      <DueBack whose={may.name} />
      {walk.stops.length > 0 && <Packing date={walk.date} boats={boats.length} />}
      <ol className="m-0 grid list-none gap-2.5 p-0">
        {boats.map((boat) => (
          <BoatEntry key={boat.boat} boat={boat} next={boat === next} me={walk.name} />
        ))}
      </ol>
      <OwnMinutes />
    </main>
  );
}

/** What is different from what they were told before, while it is news. */
function ChangedForMe({ walk }: { walk: MyWalkView }) {
  if (walk.changed.length === 0 || !walk.toldAt || dateOf(walk.toldAt) !== walk.today) return null;
  return (
    <section
      aria-label="Changed for you"
      className="border-brass bg-card grid gap-1 border-l-[6px] px-4 py-2.5 text-[15px]"
    >
      <h2 className="text-[15.5px] font-bold">Changed for you, {clock(walk.toldAt)}</h2>
      <ul className="m-0 list-none p-0">
        {walk.changed.map((change) => (
          <li key={change.boat}>
            <b>{change.name}</b>: {change.words}
          </li>
        ))}
      </ul>
    </section>
  );
}

/** One boat: what is to be done on it today, where that stands, and the way to it. */
function BoatEntry({ boat, next, me }: { boat: BoatOfDay; next: boolean; me: string }) {
  const first = boat.stops[0]!;
  const finished = boat.next === null;
  const done = boat.stops.filter(({ standing }) => standing === 'DONE').length;
  return (
    <li
      aria-current={next ? 'step' : undefined}
      className={`bg-card grid gap-1.5 rounded-[3px_14px_14px_3px] border-[1.5px] px-4 py-3 ${next ? 'border-ink border-l-[8px]' : 'border-line'} ${finished ? 'text-soft border-dashed' : ''}`}
    >
      <div className="flex items-baseline justify-between gap-3">
        <b className="font-stencil text-[23px] leading-none">{first.name}</b>
        <span className="font-stencil text-[20px] font-semibold whitespace-nowrap">
          {first.berthName} · {clockOf((boat.next ?? first).start)}
        </span>
      </div>
      {!finished && <Wants boat={boat} done={done} />}
      <ol className="m-0 grid list-none gap-0.5 p-0">
        {boat.stops.map((stop) => (
          <Task key={stopKey(stop)} stop={stop} me={me} />
        ))}
      </ol>
      {!finished && <RedTagLines tags={first.tags} />}
      {boat.next && <WayTo stop={boat.next} main={next} />}
    </li>
  );
}

/** How much of it is done, and until when it has to be. */
function Wants({ boat, done }: { boat: BoatOfDay; done: number }) {
  const stop = boat.next!;
  const parts = [
    boat.stops.length > 1 && `${done} of ${boat.stops.length} done`,
    stop.deadline && `frost by ${shortDay(stop.deadline)}`,
    stop.promisedOn &&
      `${stop.procedure === 'COMMISSION' ? 'afloat' : 'promised'} by ${shortDay(stop.promisedOn)}`,
  ].filter(Boolean);
  if (parts.length === 0) return null;
  return <p className="text-soft m-0 text-[15px]">{parts.join(' · ')}</p>;
}

/** One task: with whom, and when what soaks after it calls. */
function Task({ stop, me }: { stop: StopView; me: string }) {
  const others = stop.workers.filter((one) => one.toLowerCase() !== me.toLowerCase());
  return (
    <li className={stop.standing === 'DONE' ? 'text-soft' : ''}>
      {stop.standing === 'DONE' ? '✓ ' : ''}
      {stop.title}
      {others.length > 0 && `, with ${others.join(' and ')}`}
      {stop.backAt !== null && stop.standing !== 'DONE' && (
        <span className="text-soft"> · then soaks, back at {clockOf(stop.backAt)}</span>
      )}
    </li>
  );
}

/** To its card; by the lift to where a boat is moved. */
function WayTo({ stop, main }: { stop: StopView; main: boolean }) {
  if (!BY_THE_LIFT.includes(stop.task)) return <ToItsCard stop={stop} main={main} />;
  return (
    <Link
      className="btn min-h-14 justify-center"
      to={stop.task === 'launch' ? `/launch/${stop.boat}` : `/boats/${stop.boat}`}
    >
      {stop.task === 'launch' ? 'May it launch?' : 'To the boat'}
    </Link>
  );
}

/** Into the card; opened on the way, each circuit as usual, when nobody has yet. */
function ToItsCard({ stop, main }: { stop: StopView; main: boolean }) {
  const { enter, sending } = useEnter(stop.boat);
  const queries = useQueryClient();
  const refused = useRefused([]);
  const navigate = useNavigate();
  if (stop.card) {
    return (
      <Link
        className={`btn min-h-14 justify-center text-[17px] ${main ? 'btn-main' : ''}`}
        to={`/boats/${stop.boat}/cards/${stop.card}`}
      >
        Go on with its card
      </Link>
    );
  }
  const open = () =>
    refused.attempt(async () => {
      // Fetched anew where there is signal; otherwise as it was taken along.
      const laidOut = await queries
        .fetchQuery(cardToOpenQuery(stop.boat, stop.procedure))
        .catch((error: unknown) => {
          const along = queries.getQueryData(cardToOpenQuery(stop.boat, stop.procedure).queryKey);
          if (!along) throw error;
          return along;
        });
      const { id: card, choices } = laidOut;
      queries.setQueryData(cardQuery(stop.boat, card).queryKey, laidOut);
      await enter({
        entries: [{ kind: 'CARD_OPENED', card, procedure: stop.procedure, choices }],
      });
      void navigate(`/boats/${stop.boat}/cards/${card}`);
    });
  return (
    <>
      <button
        type="button"
        className={`btn min-h-14 justify-center text-[17px] ${main ? 'btn-main' : ''}`}
        disabled={sending}
        onClick={() => void open()}
      >
        Begin: open its card
      </button>
      <RefusedLine words={refused.elsewhere} />
    </>
  );
}
