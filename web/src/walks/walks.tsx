import { useState } from 'react';
import { useQuery } from '@tanstack/react-query';
import type { WalksView, YardPlan } from '../api/client';
import { planQuery, walksQuery } from '../queries/queries';
import { shortDay } from '../words/days';
import { timeOfDay } from '../words/words';
import { yardNow } from '../time/yard-clock';
import { useMay } from '../parts/session';
import { Loading, Trouble } from '../parts/states';
import { boatStops, dayToShow } from './boat-stops';
import type { BoatStop } from './boat-stops';
import { Changes } from './changes';
import { DaysStrip } from './days-strip';
import { Late } from './late';
import { DayOff } from './day-off';
import { Dragging } from './dragging';
import { PlanBar } from './plan-bar';
import { StopPanel } from './stop-panel';
import { hoursOfDay, Strings } from './strings';
import { minuteOf, stopKey, walkOf } from './times';
import { useMove } from './use-move';
import { WalkOnPlan } from './walk-on-plan';
import { WhatIf } from './what-if';

/** Who goes where, when, and why? */
export function Walks() {
  const walks = useQuery(walksQuery);
  const yard = useQuery(planQuery);
  if (walks.isPending || yard.isPending) return <Loading what="the walks" />;
  if (walks.error || yard.error) {
    const again = () => void Promise.all([walks.refetch(), yard.refetch()]);
    return <Trouble error={walks.error ?? yard.error} again={again} />;
  }
  return <Board view={walks.data} yard={yard.data} />;
}

function Board({ view, yard }: { view: WalksView; yard: YardPlan }) {
  const may = useMay();
  const [day, setDay] = useState<string | null>(null);
  const [worker, setWorker] = useState<string | null>(null);
  const [chosen, setChosen] = useState<string | null>(null);
  const stops = view.plan?.stops ?? [];
  const minute = minuteOf(timeOfDay(yardNow())) ?? 0;
  const date = day ?? dayToShow(stops, view.today, minute);
  const names = view.crew.workers.map(({ name }) => name);
  const people = names.map((name) => ({ name, stops: boatStops(walkOf(stops, name, date)) }));
  const all = people.flatMap((one) => one.stops);
  const stop = all.find((one) => stopKey(one) === chosen) ?? null;
  const move = useMove(stop);
  const shown = worker ?? people.find((one) => one.stops.length > 0)?.name ?? names[0] ?? null;
  const choose = (one: BoatStop, name: string) => {
    move.leave();
    setChosen(chosen === stopKey(one) ? null : stopKey(one));
    setWorker(name);
  };
  return (
    <main className="flex min-w-0 flex-1 flex-col">
      <PlanBar walks={view} mayPlan={may.runYard} />
      <Late
        ahead={view.plan?.ahead ?? []}
        mayAsk={may.runYard}
        show={(boat) => {
          const at = stops.find((one) => one.boat === boat && one.standing === 'OPEN');
          if (!at) return;
          move.leave();
          setDay(at.date);
          setWorker(at.workers[0] ?? null);
          setChosen(stopKey(at));
        }}
      />
      <DaysStrip walks={view} day={date} choose={setDay} />
      <div className="grid min-w-0 flex-1 content-start lg:grid-cols-[minmax(0,1fr)_330px]">
        <div className="border-line min-w-0 lg:border-r">
          <h2 className="stencil px-4 pt-2 text-[17px]">
            {shortDay(date)}
            {names.length > 0 && all.length === 0 && (
              <span className="text-soft pl-3 text-[14px] font-normal normal-case">
                Nothing is planned for this day.
              </span>
            )}
          </h2>
          {names.length === 0 && (
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
            <Strings
              people={people}
              holds={(name) =>
                view.plan?.holds.find((one) => one.worker === name && one.date === date)?.percent ??
                null
              }
              more={(name) =>
                may.runYard && (
                  <DayOff
                    worker={view.crew.workers.find((one) => one.name === name)!}
                    date={date}
                    today={view.today}
                    stay={() => setDay(date)}
                  />
                )
              }
              hours={hoursOfDay(all, usualHours(view))}
              pause={{ from: view.crew.pauseFrom, to: view.crew.pauseTo }}
              now={date === view.today ? minute : null}
              shown={shown}
              show={setWorker}
              chosen={chosen}
              choose={choose}
              mayMove={may.runYard}
            />
          </Dragging>
          {shown && (
            <div className="mx-auto max-w-[820px] px-4 py-3">
              <WalkOnPlan
                plan={yard}
                worker={shown}
                stops={walkOf(stops, shown, date)}
                chosen={chosen}
              />
            </div>
          )}
        </div>
        <aside
          aria-label="About the plan"
          className="grid min-w-0 content-start gap-5 px-5 py-3 lg:max-h-[calc(100dvh-230px)] lg:overflow-y-auto"
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
          {!stop && view.plan && may.runYard && <WhatIf walks={view} />}
          {!stop && view.plan && view.changes.length === 0 && view.unmet.boats.length === 0 && (
            <p className="text-soft m-0 text-[14px]">
              Choose a boat to read why it is there and what moving it would cost.
            </p>
          )}
        </aside>
      </div>
    </main>
  );
}

/** When the first of the crew comes and the last one goes. */
function usualHours({ crew }: WalksView) {
  return {
    from: Math.min(...crew.workers.map(({ startsAt }) => startsAt), 8 * 60),
    to: Math.max(...crew.workers.map(({ endsAt }) => endsAt), 16 * 60),
  };
}
