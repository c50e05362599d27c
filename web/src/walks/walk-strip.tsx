import { useDraggable, useDroppable } from '@dnd-kit/core';
import type { StopView } from '../api/client';
import { shortDay } from '../words/days';
import { clockOf, hoursOf, stopKey } from './times';

interface WalkProps {
  worker: string;
  stops: StopView[];
  shown: boolean;
  show: () => void;
  chosen: string | null;
  choose: (stop: StopView) => void;
  mayMove: boolean;
}

/** One person's day: stops in the order they are walked, each with its time. */
export function WalkStrip(props: WalkProps) {
  const { worker, stops, shown, show } = props;
  return (
    <section
      aria-label={`Walk of ${worker}`}
      className="border-line grid grid-cols-[112px_1fr] gap-2 border-b px-4 py-2"
    >
      <h3 className="self-start">
        <button
          type="button"
          aria-pressed={shown}
          className="aria-pressed:border-brass border-b-[3px] border-transparent text-left text-[15.5px] font-bold"
          onClick={show}
        >
          {worker}
        </button>
        <span className="text-soft block text-[13px]">
          {stops.length === 0
            ? 'nothing'
            : `${stops.length} stops, ${clockOf(stops[0]!.start)} to ${clockOf(stops[stops.length - 1]!.end)}`}
        </span>
      </h3>
      <ol className="m-0 flex list-none flex-wrap items-stretch gap-y-1.5 p-0">
        {stops.map((stop, index) => (
          <Stop key={stopKey(stop)} {...props} stop={stop} index={index} />
        ))}
        <End worker={worker} index={stops.length} mayMove={props.mayMove} />
      </ol>
    </section>
  );
}

/** A place in a walk, before one of its stops or at its end. */
function usePlace(worker: string, index: number, mayMove: boolean) {
  return useDroppable({
    id: `${worker} ${index}`,
    data: { worker, index },
    disabled: !mayMove,
  });
}

function End({ worker, index, mayMove }: { worker: string; index: number; mayMove: boolean }) {
  const { setNodeRef, isOver } = usePlace(worker, index, mayMove);
  return (
    <li
      ref={setNodeRef}
      className={`min-w-8 flex-1 ${isOver ? 'border-brass border-l-[3px]' : ''}`}
      aria-hidden="true"
    />
  );
}

interface StopProps extends WalkProps {
  stop: StopView;
  index: number;
}

function Stop(props: StopProps) {
  const { stop, index, stops, chosen, choose, mayMove, worker } = props;
  const before = stops[index - 1];
  const aboard = before?.boat === stop.boat;
  const late = stop.deadline !== null && stop.date > stop.deadline && stop.standing !== 'DONE';
  const movable = mayMove && stop.standing === 'OPEN';
  const { setNodeRef, isOver } = usePlace(worker, index, mayMove);
  const drag = useDraggable({
    id: `${worker} ${stopKey(stop)}`,
    data: { stop },
    disabled: !movable,
    attributes: { roleDescription: 'stop that can be moved' },
  });
  return (
    <li
      ref={setNodeRef}
      className={`flex items-stretch ${isOver ? 'border-brass border-l-[3px]' : ''}`}
    >
      {index > 0 && (
        <span
          aria-hidden="true"
          className={`self-center border-t-[2px] ${aboard ? 'border-ink w-2' : 'border-brass w-5 border-dotted'}`}
        />
      )}
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
          choose(stop);
        }}
        aria-pressed={chosen === stopKey(stop)}
        onClick={() => choose(stop)}
        className={`bg-card cursor-pointer ${drag.isDragging ? 'opacity-40' : ''} aria-pressed:outline-brass rounded-[3px_9px_9px_3px] border-[1.25px] px-2 py-1 text-left text-[12.5px] leading-[1.25] aria-pressed:outline-[3px] ${late ? 'border-verm' : 'border-ink'} ${stop.standing === 'DONE' ? 'text-soft border-dashed' : ''}`}
      >
        <span className="sr-only">{`${stop.name}, ${stop.title}, ${clockOf(stop.start)} to ${clockOf(stop.end)}, ${stop.berthName}${stop.standing === 'DONE' ? ', done' : stop.standing === 'BEGUN' ? ', begun' : ''}${stop.workers.length > 1 ? `, with ${stop.workers.filter((other) => other !== worker).join(', ')}` : ''}${stop.backAt === null ? '' : `, soaks until ${clockOf(stop.backAt)}`}${late ? ', after its frost deadline' : ''}`}</span>
        <span aria-hidden="true">
          <span className="font-stencil text-[14px] font-semibold">
            {clockOf(stop.start)} {aboard ? '' : stop.berthName}
          </span>
          <br />
          {aboard ? '' : <b>{stop.name} </b>}
          {stop.title}
          {stop.workers.length > 1 && (
            <span className="text-soft">
              {' '}
              with {stop.workers.filter((other) => other !== worker).join(', ')}
            </span>
          )}
          {stop.standing === 'DONE' && ' ✓'}
          {stop.standing === 'BEGUN' && ' · begun'}
          {stop.pinned && ' · held'}
          {stop.soak && (
            <span className="text-ice block">
              ↻ soaks {hoursOf(stop.soak.fromMinutes)} to {hoursOf(stop.soak.toMinutes)}
              {stop.backAt !== null && `, back ${clockOf(stop.backAt)}`}
            </span>
          )}
          {late && (
            <span className="text-verm block">after its deadline, {shortDay(stop.deadline!)}</span>
          )}
        </span>
      </div>
    </li>
  );
}
