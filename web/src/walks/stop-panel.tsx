import { useState } from 'react';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import type { MoveView, WalksView } from '../api/client';
import { whyQuery } from '../queries/queries';
import { shortDay } from '../words/days';
import { Choice } from '../parts/field';
import { RedTagLines } from '../tags/red-tags';
import { RefusedLine } from '../parts/refused-line';
import { useEscape } from '../keys/escape';
import { tasksOf } from './boat-stops';
import type { BoatStop } from './boat-stops';
import { isDoubtful } from './likely';
import { clockOf } from './times';
import type { Place } from './use-move';

interface PanelProps {
  stop: BoatStop;
  walks: WalksView;
  mayMove: boolean;
  place: Place | null;
  tried: MoveView | null;
  trouble: string | null;
  tryPlace: (place: Place) => void;
  keep: () => void;
  leave: () => void;
}

/** One boat's stop: why it is there, and what moving it would mean before anybody lets go. */
export function StopPanel({ stop, walks, mayMove, ...move }: PanelProps) {
  const { data: why } = useQuery(whyQuery(stop.boat, stop.task, walks.plan!.madeAt));
  const holds = walks.plan!.ahead.find(({ boat }) => boat === stop.boat)?.holds;
  return (
    <section aria-label="This stop" className="grid gap-2 text-[14px]">
      <h2 className="text-[17px] font-bold">
        <Link to={`/boats/${stop.boat}`} className="text-ink no-underline hover:underline">
          {stop.name}
        </Link>{' '}
        <span className="text-soft font-normal">{stop.berthName}</span>
      </h2>
      <p className="m-0">
        {shortDay(stop.date)}, {clockOf(stop.start)} to {clockOf(stop.end)},{' '}
        {stop.workers.join(', ')}
        {stop.promisedOn && (
          <>
            {' '}
            · {stop.procedure === 'COMMISSION' ? 'afloat by' : 'promised'}{' '}
            <b className={stop.date > stop.promisedOn ? 'text-verm' : ''}>
              {shortDay(stop.promisedOn)}
            </b>
          </>
        )}
        {stop.deadline && (
          <>
            {' '}
            · frost deadline{' '}
            <b className={stop.date > stop.deadline ? 'text-verm' : ''}>
              {shortDay(stop.deadline)}
            </b>
          </>
        )}
      </p>
      <p className="text-soft m-0">{tasksOf(stop)}</p>
      {holds != null && (
        <p className={`m-0 ${isDoubtful(holds) ? 'text-verm font-semibold' : 'text-soft'}`}>
          All of this boat is done on its days {holds} times in 100.
        </p>
      )}
      <RedTagLines tags={stop.tags} />
      {why && (
        <div className="grid gap-1.5">
          <Reasons title="Why then" words={why.then} />
          <Reasons title="Why this person" words={why.who} />
          <Reasons title="To move it" words={why.moves} />
          <Reasons title="As learned here" words={why.learned} />
        </div>
      )}
      {mayMove && stop.standing === 'OPEN' && <MoveIt stop={stop} walks={walks} {...move} />}
      {mayMove && stop.standing !== 'OPEN' && (
        <p className="text-soft m-0">
          {stop.standing === 'DONE'
            ? 'Done: it is not moved any more.'
            : 'Work on it has begun: whoever began goes on, so it is not moved.'}
        </p>
      )}
    </section>
  );
}

function Reasons({ title, words }: { title: string; words: string[] }) {
  if (words.length === 0) return null;
  return (
    <div>
      <h3 className="stencil text-soft text-[13.5px]">{title}</h3>
      <ul className="m-0 list-none p-0">
        {words.map((sentence) => (
          <li key={sentence}>{sentence}</li>
        ))}
      </ul>
    </div>
  );
}

type MoveProps = Omit<PanelProps, 'mayMove'>;

function MoveIt({ stop, walks, place, tried, trouble, tryPlace, keep, leave }: MoveProps) {
  const [worker, setWorker] = useState(stop.workers[0]!);
  const [date, setDate] = useState(stop.date);
  const at: Place = place ?? { worker, date, index: 0 };
  const change = (next: Partial<Place>) => {
    const to = { ...at, ...next };
    setWorker(to.worker);
    setDate(to.date);
    tryPlace(to);
  };
  const panel = useEscape<HTMLDivElement>(leave);
  return (
    <div className="border-line grid gap-2 border-t pt-2" ref={panel}>
      <h3 className="stencil text-[15px]">Move it</h3>
      <div className="grid grid-cols-2 gap-2">
        <Choice label="To" value={at.worker} onChoose={(name) => change({ worker: name })}>
          {walks.crew.workers.map(({ name }) => (
            <option key={name} value={name}>
              {name}
            </option>
          ))}
        </Choice>
        <Choice label="On" value={at.date} onChoose={(day) => change({ date: day })}>
          {walks.loads.map((load) => (
            <option key={load.date} value={load.date}>
              {shortDay(load.date)}
            </option>
          ))}
        </Choice>
      </div>
      <div className="flex flex-wrap gap-2">
        <button
          type="button"
          className="btn"
          onClick={() => change({ index: Math.max(0, at.index - 1) })}
        >
          earlier
        </button>
        <button type="button" className="btn" onClick={() => change({ index: at.index + 1 })}>
          later
        </button>
        {place && (
          <span className="text-soft self-center">as boat {at.index + 1} of that walk</span>
        )}
      </div>
      {place && tried && (
        <div aria-live="polite" className="grid gap-1">
          {tried.broken.map((words) => (
            <p key={words} className="text-verm m-0 font-semibold">
              {words}
            </p>
          ))}
          <p className="m-0">
            {tried.costs.length > 0 ? `${tried.costs.join('; ')}.` : 'It costs nothing.'}
          </p>
          <div className="flex items-center gap-3">
            <button
              type="button"
              className="btn btn-main"
              disabled={tried.broken.length > 0}
              onClick={keep}
            >
              Put it there
            </button>
            <button type="button" className="plain" onClick={leave}>
              leave it
            </button>
          </div>
        </div>
      )}
      <RefusedLine words={trouble} />
    </div>
  );
}
