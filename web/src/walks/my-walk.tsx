import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Link, useNavigate } from 'react-router';
import type { StopView } from '../api/client';
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
  const next = walk.stops.find((stop) => stop.standing !== 'DONE');
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
      <DueBack whose={may.name} />
      <ol className="m-0 grid list-none gap-2.5 p-0">
        {walk.stops.map((stop) => (
          <Stop key={stopKey(stop)} stop={stop} next={stop === next} />
        ))}
      </ol>
    </main>
  );
}

function Stop({ stop, next }: { stop: StopView; next: boolean }) {
  const finished = stop.standing === 'DONE';
  return (
    <li
      aria-current={next ? 'step' : undefined}
      className={`bg-card grid gap-1 rounded-[3px_14px_14px_3px] border-[1.5px] px-4 py-3 ${next ? 'border-ink border-l-[8px]' : 'border-line'} ${finished ? 'text-soft border-dashed' : ''}`}
    >
      <div className="flex items-baseline justify-between gap-3">
        <b className="text-[18px]">{stop.name}</b>
        <span className="font-stencil text-[20px] font-semibold whitespace-nowrap">
          {stop.berthName} · {clockOf(stop.start)}
        </span>
      </div>
      <p className="m-0">
        {finished ? '✓ ' : ''}
        {stop.title}
        {stop.workers.length > 1 && `, ${stop.workers.join(' and ')}`}
        {stop.deadline && !finished && (
          <span className="text-soft"> · frost by {shortDay(stop.deadline)}</span>
        )}
        {stop.promisedOn && !finished && (
          <span className="text-soft">
            {' '}
            · {stop.procedure === 'COMMISSION' ? 'afloat' : 'promised'} by{' '}
            {shortDay(stop.promisedOn)}
          </span>
        )}
      </p>
      {!finished && <RedTagLines tags={stop.tags} />}
      {next && !BY_THE_LIFT.includes(stop.task) && <ToItsCard stop={stop} />}
      {next && BY_THE_LIFT.includes(stop.task) && (
        <Link
          className="btn min-h-14 justify-center"
          to={stop.task === 'launch' ? `/launch/${stop.boat}` : `/boats/${stop.boat}`}
        >
          {stop.task === 'launch' ? 'May it launch?' : 'To the boat'}
        </Link>
      )}
    </li>
  );
}

/** Into the card; opened on the way, each circuit as usual, when nobody has yet. */
function ToItsCard({ stop }: { stop: StopView }) {
  const { enter, sending } = useEnter(stop.boat);
  const queries = useQueryClient();
  const refused = useRefused([]);
  const navigate = useNavigate();
  if (stop.card) {
    return (
      <Link
        className="btn btn-main min-h-14 justify-center text-[17px]"
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
        className="btn btn-main min-h-14 justify-center text-[17px]"
        disabled={sending}
        onClick={() => void open()}
      >
        Begin: open its card
      </button>
      <RefusedLine words={refused.elsewhere} />
    </>
  );
}
