import type { ReactNode } from 'react';
import { useDraggable, useDroppable } from '@dnd-kit/core';
import { useQuery } from '@tanstack/react-query';
import { boatsQuery } from '../queries/queries';
import { daysBetween, shortDay } from '../words/days';
import { boatsOf } from '../words/words';
import { inShort, tasksOf } from './boat-stops';
import type { BoatStop } from './boat-stops';
import { isDoubtful } from './likely';
import { clockOf, hoursOf, stopKey } from './times';

/** What part of the day is drawn, minutes after midnight. */
export interface Hours {
  from: number;
  to: number;
}

interface StringsProps {
  people: { name: string; stops: BoatStop[] }[];
  /** How often of a hundred a day of somebody ends within their hours; null where not known. */
  holds: (name: string) => number | null;
  /** What stands below a name. */
  more: (name: string) => ReactNode;
  hours: Hours;
  pause: Hours;
  /** Minutes after midnight, where today is shown; null on another day. */
  now: number | null;
  shown: string | null;
  show: (worker: string) => void;
  chosen: string | null;
  choose: (stop: BoatStop, worker: string) => void;
  mayMove: boolean;
}

/** Each person's day as boats on a string, as long as they take. */
export function Strings(props: StringsProps) {
  const { people, hours, pause, now } = props;
  const { data: boats } = useQuery(boatsQuery);
  const lengths = new Map(boats?.map(({ id, hullLengthM }) => [id, hullLengthM]));
  const marks: number[] = [];
  for (let hour = Math.ceil(hours.from / 60); hour * 60 <= hours.to; hour++) marks.push(hour * 60);
  return (
    <div className="overflow-x-auto" tabIndex={0} role="group" aria-label="Walks by the clock">
      <div className="relative min-w-[860px] pr-4">
        <div className="text-soft relative ml-[108px] h-7 text-[12.5px]" aria-hidden="true">
          {marks.map((mark) => (
            <span key={mark} className="absolute top-1.5 -translate-x-1/2" style={at(mark, hours)}>
              {clockOf(mark)}
            </span>
          ))}
        </div>
        <div
          className="pointer-events-none absolute top-7 right-4 bottom-0 left-[108px]"
          aria-hidden="true"
        >
          {marks.map((mark) => (
            <i
              key={mark}
              className="border-line absolute inset-y-0 border-l"
              style={at(mark, hours)}
            />
          ))}
          <i
            className="bg-paper-2 absolute inset-y-0 opacity-70"
            style={{ ...at(pause.from, hours), width: width(pause.from, pause.to, hours) }}
          />
          {now !== null && now >= hours.from && now <= hours.to && (
            <span className="border-verm absolute inset-y-0 border-l-2" style={at(now, hours)}>
              <span className="text-verm absolute bottom-0 left-1 text-[12px] whitespace-nowrap">
                now {clockOf(now)}
              </span>
            </span>
          )}
        </div>
        {people.map((one) => (
          <OneString key={one.name} {...props} {...one} lengths={lengths} />
        ))}
      </div>
    </div>
  );
}

const part = (minute: number, { from, to }: Hours) => ((minute - from) / (to - from)) * 100;
const at = (minute: number, hours: Hours) => ({ left: `${part(minute, hours)}%` });
const width = (from: number, to: number, hours: Hours) => `${part(to, hours) - part(from, hours)}%`;

/** Whether a day is likely to end in time: what is less than four in five stands out. */
function Likely({ percent }: { percent: number | null }) {
  if (percent === null) return null;
  return (
    <span
      className={`block text-[12.5px] ${isDoubtful(percent) ? 'text-verm font-bold' : 'text-soft font-normal'}`}
    >
      in time {percent} %
    </span>
  );
}

interface OneProps extends StringsProps {
  name: string;
  stops: BoatStop[];
  lengths: Map<string, number>;
}

function OneString(props: OneProps) {
  const { name, stops, hours, shown, show } = props;
  const boats = new Set(stops.map(({ boat }) => boat)).size;
  return (
    <section
      aria-label={`Walk of ${name}`}
      className="relative grid grid-cols-[108px_1fr] items-start pt-2 pb-3"
    >
      <h3 className="pl-4 pt-5 leading-tight">
        <button
          type="button"
          aria-pressed={name === shown}
          className="aria-pressed:border-brass max-w-full truncate border-b-[3px] border-transparent text-left text-[15.5px] font-bold"
          onClick={() => show(name)}
        >
          {name}
        </button>
        <span className="text-soft block text-[12.5px] font-normal">
          {boats === 0 ? 'nothing' : boatsOf(boats)}
        </span>
        <Likely percent={boats === 0 ? null : props.holds(name)} />
        {props.more(name)}
      </h3>
      <ol className="relative m-0 h-[94px] list-none p-0">
        <Thread stops={stops} hours={hours} />
        {stops.map((stop, index) => (
          <Hull key={stopKey(stop)} {...props} stop={stop} index={index} />
        ))}
        {props.mayMove &&
          Array.from({ length: stops.length + 1 }, (_, index) => (
            <Gap key={index} worker={name} index={index} stops={stops} hours={hours} />
          ))}
      </ol>
    </section>
  );
}

/** What the boats hang on; beneath it what soaks while nobody is needed. */
function Thread({ stops, hours }: { stops: BoatStop[]; hours: Hours }) {
  if (stops.length === 0) return null;
  const x = (minute: number) => part(minute, hours) * 10;
  const ties = stops.map((stop, i) => {
    const from = i === 0 ? x(stop.start) - 12 : x(stops[i - 1]!.end);
    const to = x(stop.start);
    return `M${from} 42 Q${(from + to) / 2} ${i === 0 ? 42 : 56} ${to} 42`;
  });
  return (
    <svg
      viewBox="0 0 1000 94"
      preserveAspectRatio="none"
      className="absolute inset-0 size-full"
      aria-hidden="true"
    >
      <path
        d={ties.join(' ')}
        fill="none"
        stroke="var(--color-brass)"
        strokeWidth={2}
        vectorEffect="non-scaling-stroke"
      />
      {stops
        .filter(({ backAt, soak }) => backAt !== null && soak)
        .map((stop) => (
          <path
            key={stopKey(stop)}
            d={`M${x(stop.end)} 54 Q${(x(stop.end) + x(stop.backAt!)) / 2} 112 ${x(stop.backAt!)} 54`}
            fill="none"
            stroke="var(--color-ice)"
            strokeWidth={1.6}
            strokeDasharray="4 3"
            vectorEffect="non-scaling-stroke"
          />
        ))}
    </svg>
  );
}

/** Where a boat that is carried may be put: from the middle of one to the middle of the next. */
function Gap({
  worker,
  index,
  stops,
  hours,
}: {
  worker: string;
  index: number;
  stops: BoatStop[];
  hours: Hours;
}) {
  const { setNodeRef, isOver, active } = useDroppable({
    id: `${worker} ${index}`,
    data: { worker, index },
  });
  const middle = (i: number) => (stops[i]!.start + stops[i]!.end) / 2;
  const from = index === 0 ? hours.from : middle(index - 1);
  const to = index === stops.length ? hours.to : middle(index);
  const line = index === 0 ? hours.from : stops[index - 1]!.end;
  return (
    <li
      ref={setNodeRef}
      aria-hidden="true"
      className={`absolute inset-y-0 ${active ? '' : 'pointer-events-none'}`}
      style={{ ...at(from, hours), width: width(from, to, hours) }}
    >
      {isOver && (
        <i
          className="bg-brass absolute inset-y-2 w-[4px]"
          style={{ left: `${to === from ? 0 : ((line - from) / (to - from)) * 100}%` }}
        />
      )}
    </li>
  );
}

const SHALLOW = 24;

/** Minutes that leave no room for words beneath, or for wide ones inside. */
const NARROW = 28;
const SLIM = 75;
const PER_METER = 1.5;
const DEEPEST = 46;

interface HullProps extends OneProps {
  stop: BoatStop;
  index: number;
}

/** A boat, as long as it takes and as deep as it is long. */
function Hull({ stop, name, hours, lengths, chosen, choose, mayMove }: HullProps) {
  const helps = stop.workers[0] !== name;
  const late = isLate(stop);
  const movable = mayMove && stop.standing === 'OPEN' && !helps;
  const drag = useDraggable({
    id: `${name} ${stopKey(stop)}`,
    data: { stop },
    disabled: !movable,
    attributes: { roleDescription: 'boat that can be moved' },
  });
  const deep = Math.min(DEEPEST, SHALLOW + PER_METER * (lengths.get(stop.boat) ?? 6));
  const others = stop.workers.filter((one) => one !== name);
  const slack = slackOf(stop);
  return (
    <li className="absolute inset-y-0" style={placed(stop, hours)}>
      <span
        aria-hidden="true"
        className="font-stencil absolute inset-x-0 top-0 flex justify-between gap-1 pr-2 text-[13px] font-semibold whitespace-nowrap"
      >
        <span>{stop.berthName}</span>
        {slack !== null && (stop.end - stop.start > 55 || slack < 0) && (
          <span className={slack <= 2 ? 'text-verm' : 'text-soft'}>
            {slack < 0 ? 'late' : `${slack} d`}
          </span>
        )}
      </span>
      {/* A button cannot be dragged by its face in every browser; this can. */}
      <div
        ref={drag.setNodeRef}
        {...(movable ? { ...drag.attributes, ...drag.listeners } : {})}
        role="button"
        tabIndex={0}
        onKeyDown={(event) => {
          drag.listeners?.['onKeyDown']?.(event);
          if (drag.isDragging || (event.key !== 'Enter' && event.key !== ' ')) return;
          event.preventDefault();
          choose(stop, name);
        }}
        aria-pressed={chosen === stopKey(stop)}
        onClick={() => choose(stop, name)}
        title={`${stop.name}: ${tasksOf(stop)}`}
        className={`aria-pressed:border-brass absolute inset-x-0 flex cursor-pointer items-center overflow-hidden border-[1.5px] pl-1.5 text-[13.5px] font-bold whitespace-nowrap aria-pressed:border-[2.5px] aria-pressed:bg-[#f3e8cf] ${drag.isDragging ? 'opacity-40' : ''} ${late ? 'border-verm' : 'border-ink'} ${stop.standing === 'DONE' ? 'text-soft border-dashed bg-transparent' : stop.standing === 'BEGUN' ? 'bg-card border-l-[6px]' : 'bg-card'} ${helps ? 'border-dotted font-normal' : ''}`}
        style={{
          top: 42 - deep / 2,
          height: deep,
          borderRadius: '3px 20px 20px 3px / 3px 50% 50% 3px',
        }}
      >
        <span className="sr-only">{inWords(stop, others, late)}</span>
        <span aria-hidden="true">
          {stop.standing === 'DONE' && '✓ '}
          <span className={stop.end - stop.start < SLIM ? 'font-stencil text-[14.5px]' : ''}>
            {stop.name}
          </span>
        </span>
      </div>
      <span
        aria-hidden="true"
        className="text-soft absolute inset-x-0 top-[68px] line-clamp-2 text-[12.5px] leading-[1.15]"
      >
        {stop.end - stop.start >= NARROW &&
          (helps ? `with ${stop.workers[0]}` : inShort(stop) + (stop.pinned ? ', held' : ''))}
      </span>
    </li>
  );
}

const placed = (stop: BoatStop, hours: Hours) => ({
  ...at(stop.start, hours),
  width: width(stop.start, stop.end, hours),
});

/** After its frost or its promise; a promise to be afloat is about the launch. */
const isLate = (stop: BoatStop) =>
  stop.standing !== 'DONE' && (isPast(stop.deadline, stop) || breaksItsPromise(stop));

const isPast = (day: string | null, stop: BoatStop) => day !== null && stop.date > day;

const breaksItsPromise = (stop: BoatStop) =>
  isPast(stop.promisedOn, stop) &&
  (stop.procedure !== 'COMMISSION' || stop.tasks.some(({ task }) => task === 'launch'));

/** Days between the plan and the frost; null where there is none to race. */
const slackOf = (stop: BoatStop) =>
  stop.deadline === null || stop.standing === 'DONE' ? null : daysBetween(stop.date, stop.deadline);

function inWords(stop: BoatStop, others: string[], late: boolean): string {
  return [
    `${stop.name}, ${tasksOf(stop)}, ${clockOf(stop.start)} to ${clockOf(stop.end)}, ${stop.berthName}`,
    stop.standing === 'DONE' && 'done',
    stop.standing === 'BEGUN' && 'begun',
    others.length > 0 && `with ${others.join(', ')}`,
    stop.backAt !== null &&
      stop.soak &&
      `then soaks ${hoursOf(stop.soak.fromMinutes)}, back at ${clockOf(stop.backAt)}`,
    late &&
      (stop.deadline !== null && stop.date > stop.deadline
        ? 'after its frost deadline'
        : 'after its promise'),
    stop.deadline !== null && `frost ${shortDay(stop.deadline)}`,
  ]
    .filter(Boolean)
    .join(', ');
}

/** From the first who begins to the last who ends, in whole hours. */
export function hoursOfDay(stops: BoatStop[], usual: Hours): Hours {
  const from = stops.length === 0 ? usual.from : Math.min(...stops.map(({ start }) => start));
  const to = Math.max(usual.to, ...stops.map(({ end }) => end));
  return { from: Math.floor(from / 60) * 60, to: Math.ceil(to / 30) * 30 };
}
