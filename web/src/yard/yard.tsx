import { Suspense, lazy, useCallback, useMemo, useState } from 'react';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import type { BoatLine, Protection } from '../api/client';
import { boatsQuery, frostQuery, myWalkQuery, planQuery } from '../queries/queries';
import { daysLeft, FrostStrip } from '../frost/frost-strip';
import { TonightList } from '../frost/tonight';
import { useKey } from '../keys/keys';
import { PROTECTIONS, ProtectionMark, protectionWords } from '../parts/protection';
import { Loading, Trouble } from '../parts/states';
import { PromisedSoon } from '../launch/promised-soon';
import { DueBack } from '../timers/due-back';
import { DecideNow } from './decide-now';
import { JudgedAnew } from './judged-anew';
import { YardPlanDrawing } from './yard-plan';
import { useMay } from '../parts/session';

// The plan is what opens: the others come when they are asked for.
const BoatList = lazy(() => import('./boat-list').then((m) => ({ default: m.BoatList })));
const YardLooseEnds = lazy(() =>
  import('./yard-loose-ends').then((m) => ({ default: m.YardLooseEnds })),
);

type Shown = 'plan' | 'list' | 'loose';
const SHOWN_KEY = 'elsko.yard.shown';

/** Which boats are in danger, and what has to be decided now? */
export function Yard() {
  const boats = useQuery(boatsQuery);
  const plan = useQuery(planQuery);
  const { data: frost } = useQuery(frostQuery);
  const may = useMay();
  const [shown, setShown] = useState<Shown>(() =>
    localStorage.getItem(SHOWN_KEY) === 'list' ? 'list' : 'plan',
  );
  const [only, setOnly] = useState<Protection[]>([]);
  const show = useCallback((next: Shown) => {
    setShown(next);
    localStorage.setItem(SHOWN_KEY, next);
  }, []);
  useKey(
    'l',
    useCallback(() => show(shown === 'plan' ? 'list' : 'plan'), [show, shown]),
  );
  const { data: walk } = useQuery({ ...myWalkQuery, enabled: may.role === 'TECHNICIAN' });
  const mine = useMemo(() => new Set(walk?.stops.map(({ boat }) => boat)), [walk]);
  const left = useMemo(() => daysLeft(frost), [frost]);
  const counts = useMemo(() => count(boats.data ?? []), [boats.data]);
  if (!boats.data || !plan.data) {
    const again = () => void Promise.all([boats.refetch(), plan.refetch()]);
    return boats.error || plan.error ? (
      <Trouble error={boats.error ?? plan.error} again={again} />
    ) : (
      <Loading what="the yard" />
    );
  }
  const visible = (boat: BoatLine) => only.length === 0 || only.includes(boat.protection);
  return (
    <main className="flex flex-1 flex-col">
      <h1 className="sr-only">Yard</h1>
      {frost && <FrostStrip frost={frost} boats={boats.data} />}
      <div className="grid flex-1 grid-rows-[auto_auto] lg:grid-cols-[1fr_366px] lg:grid-rows-1">
        <section
          aria-label="The yard"
          className="border-line flex min-w-0 flex-col overflow-hidden lg:border-r"
        >
          <div className="border-line bg-paper-2 flex flex-wrap items-center gap-x-5 gap-y-2 border-b px-4 py-2 sm:px-5">
            <div role="group" aria-label="Show only" className="flex flex-wrap gap-x-1 gap-y-1">
              {PROTECTIONS.filter((protection) => counts[protection]).map((protection) => (
                <button
                  key={protection}
                  type="button"
                  aria-pressed={only.includes(protection)}
                  className="aria-pressed:border-ink aria-pressed:bg-card flex min-h-8 items-center gap-1.5 rounded-[3px_9px_9px_3px] border-[1.25px] border-transparent px-2 text-[14px]"
                  onClick={() =>
                    setOnly(
                      only.includes(protection)
                        ? only.filter((one) => one !== protection)
                        : [...only, protection],
                    )
                  }
                >
                  <ProtectionMark of={protection} />
                  <b className="font-stencil text-[17px] font-semibold">{counts[protection]}</b>
                  {protection === 'FILLED' ? 'filled' : protectionWords(protection)}
                </button>
              ))}
            </div>
            <div className="ml-auto flex items-center gap-4 text-[14px]">
              <a href="#decide-now" className="plain lg:hidden">
                decide now
              </a>
              {only.length > 0 && (
                <button type="button" className="plain" onClick={() => setOnly([])}>
                  show all
                </button>
              )}
              {may.runYard && (
                <>
                  <Link className="plain" to="/describe">
                    add a boat
                  </Link>
                  <Link className="plain" to="/import">
                    import
                  </Link>
                </>
              )}
              <button
                type="button"
                className="plain"
                aria-pressed={shown === 'loose'}
                onClick={() => show(shown === 'loose' ? 'plan' : 'loose')}
              >
                loose ends
              </button>
              <button
                type="button"
                className="plain"
                onClick={() => show(shown === 'plan' ? 'list' : 'plan')}
              >
                {shown === 'plan' ? 'as a list' : 'as a plan'}
              </button>
            </div>
          </div>
          {boats.data.length === 0 && (
            <p className="m-0 p-8">
              No boats yet.{' '}
              {may.runYard ? (
                <Link className="plain" to="/describe">
                  Describe the first one
                </Link>
              ) : (
                'The coordinator adds them.'
              )}
            </p>
          )}
          <Suspense fallback={<Loading what="the list" />}>
            {shown === 'plan' ? (
              <YardPlanDrawing
                plan={plan.data}
                boats={boats.data}
                visible={visible}
                left={left}
                mine={mine}
              />
            ) : shown === 'loose' ? (
              <YardLooseEnds plan={plan.data} boats={boats.data.filter(visible)} />
            ) : (
              <BoatList plan={plan.data} boats={boats.data.filter(visible)} />
            )}
          </Suspense>
        </section>
        <DecideNow boats={boats.data} plan={plan.data} frost={frost}>
          <JudgedAnew may={may.runYard} />
          <DueBack />
          <PromisedSoon />
          {frost && <TonightList frost={frost} plan={plan.data} />}
        </DecideNow>
      </div>
    </main>
  );
}

function count(boats: BoatLine[]): Partial<Record<Protection, number>> {
  const counts: Partial<Record<Protection, number>> = {};
  for (const boat of boats) counts[boat.protection] = (counts[boat.protection] ?? 0) + 1;
  return counts;
}
