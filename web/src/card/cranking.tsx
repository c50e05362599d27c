import { useCallback, useEffect, useState } from 'react';
import type { BoatView, CardView, GaugeView, StepView } from '../api/client';
import { useEnter } from '../enter/enter';
import { useLine } from '../offline/device';
import { ofKind } from '../offline/of-kind';
import { RefusedLine } from '../parts/refused-line';
import { useRefused } from '../parts/refused';
import { number } from '../words/words';
import { ring } from '../timers/ring';
import { onYardClock, yardNow, useYardNow } from '../time/yard-clock';
import { lasts } from '../timers/standing';

interface CrankingProps {
  card: CardView;
  boat: BoatView;
  step: StepView;
  gauge: GaugeView;
}

const REST_MS = 30_000;

/** When this device began to turn the starter, kept so that a reload does not lose the count. */
function useTurning(key: string) {
  const [since, setSince] = useState(() => Number(sessionStorage.getItem(key)) || null);
  const set = useCallback(
    (at: number | null) => {
      if (at === null) sessionStorage.removeItem(key);
      else sessionStorage.setItem(key, String(at));
      setSince(at);
    },
    [key],
  );
  return [since, set] as const;
}

/** It will not start: how long it may be turned, how long the starter rests, when to stop. */
export function Cranking({ card, boat, step, gauge }: CrankingProps) {
  const { enter } = useEnter(boat.id);
  const refused = useRefused([]);
  const { waiting } = useLine();
  const now = useYardNow();
  const [since, setSince] = useTurning(`elsko.turning.${boat.id}.${gauge.engine}`);
  const { crank } = gauge;
  const here = ofKind(
    waiting.map(({ entry }) => entry),
    'CRANKED',
  ).filter((entry) => entry.engine === gauge.engine);
  const all = crank.allSeconds + here.reduce((sum, entry) => sum + entry.seconds, 0);
  const last = here.at(-1);
  const restUntil = Math.max(
    crank.restUntil ? new Date(crank.restUntil).getTime() : 0,
    last ? onYardClock(last.deviceTime) + REST_MS : 0,
  );
  const turned = since === null ? 0 : Math.min(crank.mostSeconds, (now - since) / 1000);
  const end = useCallback(
    (seconds: number) => {
      setSince(null);
      void refused.attempt(() =>
        enter({
          entries: [
            {
              kind: 'CRANKED',
              engine: gauge.engine,
              seconds: Math.max(1, Number(seconds.toFixed(1))),
              card: card.id,
              step: step.key,
            },
          ],
        }),
      );
    },
    [card.id, enter, gauge.engine, refused, setSince, step.key],
  );
  useEffect(() => {
    if (since !== null && turned >= crank.mostSeconds) {
      ring(true);
      end(crank.mostSeconds);
    }
  }, [since, turned, crank.mostSeconds, end]);
  const resting = since === null && now < restUntil;
  const stopped = crank.standing === 'STOP' || crank.standing === 'SHUT_FIRST';
  return (
    <section
      aria-label="It will not start"
      className={`mt-4 grid gap-2 rounded-[4px_14px_14px_4px] border-[1.5px] p-3 ${stopped ? 'border-verm' : 'border-line'}`}
    >
      <h2 className="text-[17px] font-bold">It will not start</h2>
      <p className={`m-0 ${stopped ? 'text-verm font-semibold' : 'text-soft text-[15.5px]'}`}>
        {crank.words}
      </p>
      {since !== null ? (
        <button
          type="button"
          className="btn btn-main justify-center text-[20px]"
          onClick={() => end((yardNow() - since) / 1000)}
        >
          Turning {number(turned, 0)} of {number(crank.mostSeconds)} s · it stopped
        </button>
      ) : (
        <button
          type="button"
          className="btn justify-center"
          disabled={resting || stopped}
          onClick={() => setSince(yardNow())}
        >
          {resting ? `The starter rests ${lasts(restUntil - now)}` : 'Count a turn of the starter'}
        </button>
      )}
      <p role="status" className="text-soft m-0 text-[14.5px]">
        {number(all, 0)} s in all since the muffler was last emptied
      </p>
      <RefusedLine words={refused.elsewhere} />
    </section>
  );
}
