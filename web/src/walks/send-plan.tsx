import { useEffect, useState } from 'react';
import type { WalksView } from '../api/client';
import { yardNow } from '../time/yard-clock';
import { useEscape } from '../keys/escape';

/** Asks once: who is told what. */
export function SendPlan({ walks, send }: { walks: WalksView; send: () => void }) {
  const [asked, setAsked] = useState(false);
  const panel = useEscape<HTMLDivElement>(() => setAsked(false));
  const crew = walks.crew.workers.map(({ name }) => name);
  const changed = new Map(walks.changesFor.map(({ name, changes }) => [name, changes]));
  return (
    <div className="relative" ref={panel}>
      <button
        type="button"
        className="btn btn-main"
        aria-expanded={asked}
        onClick={() => setAsked(!asked)}
      >
        Send plan
      </button>
      {asked && (
        <section
          aria-label="Send this plan?"
          className="border-ink bg-card absolute top-full right-0 z-30 mt-2 grid max-h-[70dvh] w-[min(420px,86vw)] gap-2 overflow-y-auto rounded-[3px_14px_14px_14px] border-[1.5px] px-4 py-3 text-[14px] shadow-lg"
        >
          <h2 className="text-[15.5px] font-bold">Who is told what</h2>
          <ul className="m-0 list-none p-0">
            {crew.map((name) => (
              <li key={name} className="border-line border-t py-1">
                <b>{name}</b>
                {changed.has(name) ? (
                  <ul className="m-0 list-none p-0">
                    {changed.get(name)!.map((change) => (
                      <li key={change.boat}>
                        {change.name}: {change.words}
                      </li>
                    ))}
                  </ul>
                ) : (
                  <span className="text-soft">
                    {walks.toldBefore ? ': nothing changes.' : ': their first walk.'}
                  </span>
                )}
              </li>
            ))}
          </ul>
          <div className="flex items-center gap-4">
            <button
              type="button"
              className="btn btn-main"
              onClick={() => {
                setAsked(false);
                send();
              }}
            >
              Send to everybody
            </button>
            <button type="button" className="plain" onClick={() => setAsked(false)}>
              cancel
            </button>
          </div>
        </section>
      )}
    </div>
  );
}

const TAKEN_BACK_MS = 60_000;

/** For a minute it can be taken back; it is printed from here as well. */
export function JustSent({ at, takeBack }: { at: string; takeBack: () => void }) {
  const left = useLeft(new Date(at).getTime() + TAKEN_BACK_MS);
  return (
    <>
      {left > 0 && (
        <button type="button" className="btn" onClick={takeBack}>
          Take it back ({Math.ceil(left / 1000)} s)
        </button>
      )}
      <a className="plain" href="/api/reports/day-sheets.pdf" target="_blank" rel="noreferrer">
        print day sheets
      </a>
    </>
  );
}

/** Milliseconds until then by the yard's clock, counted down. */
function useLeft(until: number): number {
  const [left, setLeft] = useState(() => until - yardNow());
  useEffect(() => {
    const look = () => setLeft(until - yardNow());
    look();
    if (until <= yardNow()) return undefined;
    const timer = setInterval(look, 500);
    return () => clearInterval(timer);
  }, [until]);
  return left;
}
