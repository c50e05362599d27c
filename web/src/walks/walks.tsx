import { useState } from 'react';
import { useQuery } from '@tanstack/react-query';
import type { StopView } from '../api/client';
import { planQuery, walksQuery } from '../queries/queries';
import { shortDay } from '../words/days';
import { useMay } from '../parts/session';
import { Loading, Trouble } from '../parts/states';
import { Changes } from './changes';
import { DaysStrip } from './days-strip';
import { Dragging } from './dragging';
import { PlanBar } from './plan-bar';
import { StopPanel } from './stop-panel';
import { stopKey, walkOf } from './times';
import { useMove } from './use-move';
import { WalkOnPlan } from './walk-on-plan';
import { WalkStrip } from './walk-strip';

/** Who goes where, when, and why? */
export function Walks() {
  const walks = useQuery(walksQuery);
  const yard = useQuery(planQuery);
  const may = useMay();
  const [day, setDay] = useState<string | null>(null);
  const [worker, setWorker] = useState<string | null>(null);
  const [chosen, setChosen] = useState<string | null>(null);
  const stops = walks.data?.plan?.stops ?? [];
  const stop = stops.find((one) => stopKey(one) === chosen) ?? null;
  const move = useMove(stop);

  if (walks.isPending || yard.isPending) return <Loading what="the walks" />;
  if (walks.error || yard.error) {
    const again = () => void Promise.all([walks.refetch(), yard.refetch()]);
    return <Trouble error={walks.error ?? yard.error} again={again} />;
  }
  const view = walks.data;
  const date = day ?? firstDay(stops, view.today);
  const people = view.crew.workers.map(({ name }) => name);
  const shown = worker ?? people.find((name) => walkOf(stops, name, date).length > 0) ?? people[0];
  const choose = (one: StopView, name: string) => {
    move.leave();
    setChosen(chosen === stopKey(one) ? null : stopKey(one));
    setWorker(name);
  };
  return (
    <main className="flex flex-1 flex-col">
      <PlanBar walks={view} mayPlan={may.runYard} />
      <DaysStrip walks={view} day={date} choose={setDay} />
      <div className="grid flex-1 content-start lg:grid-cols-[1fr_366px]">
        <div className="border-line min-w-0 lg:border-r">
          <h2 className="stencil px-4 pt-2 text-[17px]">{shortDay(date)}</h2>
          {people.length === 0 && (
            <p className="m-0 px-4 py-6">
              Nobody to plan for yet. The coordinator adds people and their hours under Settings.
            </p>
          )}
          <Dragging
            taken={(one) => setChosen(stopKey(one))}
            over={(one, spot) => move.tryPlace({ ...spot, date }, one)}
            dropped={(one, spot) => move.keep(one, { ...spot, date })}
            left={move.leave}
          >
            {people.map((name) => (
              <WalkStrip
                key={name}
                worker={name}
                stops={walkOf(stops, name, date)}
                shown={name === shown}
                show={() => setWorker(name)}
                chosen={chosen}
                choose={(one) => choose(one, name)}
                mayMove={may.runYard}
              />
            ))}
          </Dragging>
        </div>
        <aside
          aria-label="About the plan"
          className="grid content-start gap-5 px-5 py-3 lg:max-h-[calc(100dvh-220px)] lg:overflow-y-auto"
          tabIndex={0}
        >
          {stop && (
            <StopPanel
              key={stopKey(stop)}
              stop={stop}
              walks={view}
              mayMove={may.runYard}
              place={move.place}
              tried={move.tried}
              trouble={move.trouble}
              tryPlace={(to) => move.tryPlace(to)}
              keep={() => move.keep()}
              leave={move.leave}
            />
          )}
          <Changes walks={view} />
          {shown && (
            <div>
              <WalkOnPlan
                plan={yard.data}
                worker={shown}
                stops={walkOf(stops, shown, date)}
                chosen={chosen}
              />
            </div>
          )}
          {!stop && view.plan && view.changes.length === 0 && view.unmet.boats.length === 0 && (
            <p className="text-soft m-0 text-[14px]">
              Choose a stop to read why it is there and what moving it would cost.
            </p>
          )}
        </aside>
      </div>
    </main>
  );
}

/** Today, or the first day after it that has a stop. */
function firstDay(stops: StopView[], today: string): string {
  const ahead = stops
    .filter((stop) => stop.standing !== 'DONE' && stop.date >= today)
    .map((stop) => stop.date)
    .sort();
  return ahead[0] ?? today;
}
