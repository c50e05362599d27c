import { type ReactNode, useState } from 'react';
import {
  DndContext,
  DragOverlay,
  KeyboardSensor,
  MouseSensor,
  TouchSensor,
  closestCenter,
  pointerWithin,
  useSensor,
  useSensors,
  type CollisionDetection,
  type DragEndEvent,
  type DragOverEvent,
  type DragStartEvent,
  type KeyboardCoordinateGetter,
} from '@dnd-kit/core';
import type { BoatStop } from './boat-stops';
import { stepTo } from './step-to';

/** Where a stop is held over, or put down: before which one of whose walk. */
export interface Spot {
  worker: string;
  index: number;
}

interface DraggingProps {
  taken: (stop: BoatStop) => void;
  over: (stop: BoatStop, spot: Spot) => void;
  dropped: (stop: BoatStop, spot: Spot) => void;
  left: () => void;
  children: ReactNode;
}

/** A finger rests a moment before it takes a stop: until then it scrolls. */
const RESTS = { delay: 220, tolerance: 8 };
const PULLS = { distance: 6 };
const KEYS = { start: ['KeyM'], cancel: ['Escape'], end: ['Enter', 'Space', 'KeyM'] };

const INSTRUCTIONS =
  'Press M to take the boat, the arrow keys to carry it, Enter to put it down, Escape to leave it.';

/** A pointer says where it is; the keyboard carries a stop to the middle of a place. */
const underPointer: CollisionDetection = (args) =>
  args.pointerCoordinates ? pointerWithin(args) : closestCenter(args);

const byArrow: KeyboardCoordinateGetter = (event, { context }) => {
  const from = context.collisionRect;
  if (!from || !event.code.startsWith('Arrow')) return undefined;
  event.preventDefault();
  const to = stepTo(event.code, from, [...context.droppableRects.values()]);
  return to ? { x: to.left, y: to.top } : undefined;
};

/** Stops are carried between walks by mouse, finger or keyboard. */
export function Dragging({ taken, over, dropped, left, children }: DraggingProps) {
  const [held, setHeld] = useState<BoatStop | null>(null);
  const sensors = useSensors(
    useSensor(MouseSensor, { activationConstraint: PULLS }),
    useSensor(TouchSensor, { activationConstraint: RESTS }),
    useSensor(KeyboardSensor, { keyboardCodes: KEYS, coordinateGetter: byArrow }),
  );
  const start = ({ active }: DragStartEvent) => {
    const stop = stopOf(active);
    setHeld(stop);
    taken(stop);
  };
  const move = ({ active, over: at }: DragOverEvent) => {
    if (at) over(stopOf(active), spotOf(at));
  };
  const end = ({ active, over: at }: DragEndEvent) => {
    setHeld(null);
    if (at) dropped(stopOf(active), spotOf(at));
    else left();
  };
  const leave = () => {
    setHeld(null);
    left();
  };
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={underPointer}
      onDragStart={start}
      onDragOver={move}
      onDragEnd={end}
      onDragCancel={leave}
      accessibility={{ screenReaderInstructions: { draggable: INSTRUCTIONS }, announcements: SAID }}
    >
      {children}
      <DragOverlay dropAnimation={null}>
        {held && (
          <span className="border-ink bg-card block w-max rounded-[3px_9px_9px_3px] border-[1.25px] px-2 py-1 text-[12.5px] shadow-lg">
            <b>{held.name}</b> {held.berthName}
          </span>
        )}
      </DragOverlay>
    </DndContext>
  );
}

interface Carried {
  data: { current?: Record<string, unknown> };
}

const stopOf = (active: Carried) => active.data.current!['stop'] as BoatStop;
const spotOf = (over: Carried) => over.data.current as unknown as Spot;

const nameOf = (active: Carried) => `${stopOf(active).name}, ${stopOf(active).berthName}`;

const SAID = {
  onDragStart: ({ active }: { active: Carried }) => `${nameOf(active)}: taken.`,
  onDragOver: ({ over }: { over: Carried | null }) =>
    over ? `As boat ${spotOf(over).index + 1} of ${spotOf(over).worker}.` : undefined,
  onDragEnd: ({ active, over }: { active: Carried; over: Carried | null }) =>
    over
      ? `${nameOf(active)}: put down as boat ${spotOf(over).index + 1} of ${spotOf(over).worker}.`
      : `${nameOf(active)}: left where it was.`,
  onDragCancel: ({ active }: { active: Carried }) => `${nameOf(active)}: left where it was.`,
};
