import type { ReactNode } from 'react';
import { Link } from 'react-router';
import type { BoatLine, FrostView, YardPlan } from '../api/client';
import { RedTagMark } from '../tags/red-tags';
import { fleetWords, isSafe } from '../parts/fleet-standing';
import { NO_DAY, shortDay } from '../words/days';
import { protectionTone, protectionWords } from '../parts/protection';

const ORDER: NonNullable<BoatLine['decisionKind']>[] = [
  'BROKEN',
  'RED_TAG',
  'SOMETHING_WRONG',
  'CONTRADICTED',
  'HELD',
  'FOUND_ABOARD',
  'PLUG_MISSING',
  'RAN_DRY_OR_HOT',
  'WORK_STOPPED_HALFWAY',
  'FILLED_NOT_MEASURED',
  'NOBODY_LOOKED',
  'STILL_WET',
  'NOT_FLUSHED',
];

interface DecideProps {
  boats: BoatLine[];
  plan: YardPlan;
  frost?: FrostView;
  /** What is more urgent still. */
  children?: ReactNode;
}

/** What must be decided, most urgent first: a tag for each boat, with one sentence and one action. */
export function DecideNow({ boats, plan, frost, children }: DecideProps) {
  const berths = new Map(plan.berths.map((berth) => [berth.id, berth.name]));
  const deadlines = new Map(frost?.boats.map(({ boat, deadline }) => [boat, deadline]));
  const open = boats
    .filter((boat) => boat.decisionKind)
    .sort(
      (a, b) =>
        ORDER.indexOf(a.decisionKind!) - ORDER.indexOf(b.decisionKind!) ||
        (deadlines.get(a.id) ?? NO_DAY).localeCompare(deadlines.get(b.id) ?? NO_DAY),
    );
  return (
    <aside
      id="decide-now"
      aria-label="Decide now"
      className="min-w-0 px-5 pt-3 pb-6 lg:max-h-[calc(100dvh-190px)] lg:overflow-y-auto"
      tabIndex={0}
    >
      {children}
      <h2 className="stencil text-[19px]">Decide now</h2>
      <p className="text-soft m-0 text-[13.5px]">
        {open.length === 0
          ? 'Nothing is waiting for you.'
          : `${fleetWords(boats)}. Most urgent first.`}
      </p>
      <ul className="m-0 list-none p-0">
        {open.map((boat) => {
          const tagged = boat.decisionKind === 'RED_TAG';
          const danger =
            tagged ||
            boat.decisionKind === 'SOMETHING_WRONG' ||
            boat.decisionKind === 'HELD' ||
            boat.decisionKind === 'PLUG_MISSING';
          return (
            <li key={boat.id} className={`hang-tag mt-2.5 ml-2 ${danger ? 'danger' : ''}`}>
              <h3 className="flex items-baseline justify-between gap-2 text-[15.5px] font-bold">
                <Link to={`/boats/${boat.id}`} className="text-ink no-underline hover:underline">
                  {tagged && <RedTagMark size={15} />} {boat.name}
                </Link>
                <span
                  className={`font-stencil text-[15px] font-semibold whitespace-nowrap ${danger ? 'text-verm' : protectionTone(boat.protection)}`}
                >
                  {label(boat)} · {boat.berth ? berths.get(boat.berth) : 'no berth'}
                </span>
              </h3>
              <p className="m-0 mt-0.5 text-[13.5px] leading-[1.36] text-[#33414a]">
                {boat.decisionWords} {frost?.ready && finishBy(boat, deadlines.get(boat.id))}
                <Link to={target(boat)} className="plain text-ink font-bold whitespace-nowrap">
                  {boat.decisionAction}
                </Link>
              </p>
            </li>
          );
        })}
      </ul>
    </aside>
  );
}

/** What the frost says to it, so that nobody is sent to a boat that can wait. */
function finishBy(boat: BoatLine, deadline: string | null | undefined): string {
  if (deadline) return `Finish by ${shortDay(deadline)}. `;
  return isSafe(boat.protection) ? '' : 'Safe all winter where it is. ';
}

function label(boat: BoatLine): string {
  if (boat.decisionKind === 'RED_TAG') return 'red tag';
  if (boat.decisionKind === 'PLUG_MISSING') return 'plug missing';
  if (boat.decisionKind === 'FILLED_NOT_MEASURED') return 'filled';
  return protectionWords(boat.protection);
}

function target(boat: BoatLine): string {
  if (boat.decisionKind === 'RED_TAG') return `/boats/${boat.id}`;
  if (boat.decisionKind === 'FILLED_NOT_MEASURED') return `/bench/${boat.id}`;
  return boat.openCard ? `/boats/${boat.id}/cards/${boat.openCard}` : `/boats/${boat.id}`;
}
