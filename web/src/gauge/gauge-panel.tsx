import { useEffect, useState } from 'react';
import { useQuery } from '@tanstack/react-query';
import type { BoatView, CardView, FaultView, GaugeView, Said, StepView } from '../api/client';
import type { WaitingEntry } from '../offline/database';
import { ofKind } from '../offline/of-kind';
import type { EntryOf } from '../offline/of-kind';
import { useEnter } from '../enter/enter';
import { faultsQuery } from '../queries/queries';
import { Refusal } from '../api/refusal';
import { useLine } from '../offline/device';
import { useDraft } from '../offline/draft';
import { RefusedLine } from '../parts/refused-line';
import { useRefused } from '../parts/refused';
import { celsius, keyIn, numberIn, unitIn } from '../words/quantity';
import { isFirstTime, ring } from '../timers/ring';
import { clocksOfCard } from '../timers/running-here';
import { yardNow } from '../time/yard-clock';
import { GaugeChart } from './gauge-chart';
import { useFeed } from './use-feed';
import { typedIn } from '../words/typed-quantity';

interface PanelProps {
  card: CardView;
  boat: BoatView;
  step: StepView;
  gauge: GaugeView;
  /** Which reading the plateau answers. */
  limit: string;
  may: boolean;
}

const MINUTE_MS = 60_000;

/** The gauge of an engine that warms up: read again and again, held against its limits at once. */
export function GaugePanel({ card, boat, step, gauge, limit, may }: PanelProps) {
  const { enter, sending } = useEnter(boat.id);
  // A line of its own: while the gauges are being read a tap of a person must not find a dead button.
  const gauges = useEnter(boat.id);
  const { waiting } = useLine();
  const refused = useRefused(['temperatureC', 'minute']);
  const [text, setText, clear] = useDraft(keyIn('°C', `gauge.${card.id}.${step.key}`));
  const readings = withWaiting(gauge, isOn(card, step, waiting));
  const running = clocksOfCard(card, waiting).find(
    (clock) => clock.kind === 'RUN' && clock.step === step.key,
  );
  const watch = watchHere(gauge, readings);
  useCallOut(`${card.id} ${step.key} ${readings.length}`, watch.standing === 'STOP');

  const here = (said: Said) => ({
    entries: [{ ...said, card: card.id, step: step.key }],
  });
  const say = (said: Said) => enter(here(said));
  const feed = useFeed({
    boat: boat.id,
    gauge,
    readings,
    enter: (said) => gauges.enter(here(said)),
  });
  const read = async () => {
    const temperatureC = typedIn('°C', text);
    if (temperatureC === null) {
      refused.refuse(
        new Refusal(422, 'temperatureC', `Enter what the gauge shows, like ${numberIn('°C', 74)}.`),
      );
      return;
    }
    const minute = Math.max(0, (yardNow() - running!.startedAt) / MINUTE_MS);
    const ok = await refused.attempt(() =>
      say({
        kind: 'GAUGE_READ',
        engine: gauge.engine,
        minute: Number(minute.toFixed(2)),
        temperatureC,
      }),
    );
    if (ok) clear();
  };
  const error = refused.at('temperatureC') ?? refused.at('minute') ?? refused.elsewhere;
  if (!running && readings.length === 0) return null;
  return (
    <section
      aria-label="Gauge"
      className="border-line mt-4 grid gap-3 rounded-[4px_14px_14px_4px] border-[1.5px] p-3"
    >
      <GaugeChart gauge={gauge} readings={readings} />
      <p
        role={watch.standing === 'STOP' ? 'alert' : 'status'}
        className={`m-0 ${watch.standing === 'STOP' ? 'rounded-sm bg-[#8f2f1e] p-3 text-[19px] font-bold text-white' : watch.standing === 'OPEN' ? 'text-spruce font-semibold' : 'font-semibold'}`}
      >
        {watch.words || 'Read the gauge every half minute or so.'}
      </p>
      {may && running && (
        <form
          className="flex flex-wrap items-center gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            void read();
          }}
        >
          <label htmlFor="gauge-now" className="font-bold">
            Gauge now
          </label>
          <input
            id="gauge-now"
            className="box w-24 text-right"
            inputMode="decimal"
            autoComplete="off"
            value={text}
            aria-invalid={error ? true : undefined}
            onChange={(event) => setText(event.target.value)}
          />
          <span className="text-soft">{unitIn('°C')}</span>
          <button type="submit" className="btn flex-1 justify-center" disabled={sending}>
            Enter
          </button>
          {error && (
            <p role="alert" className="field-error m-0 w-full">
              {error}
            </p>
          )}
        </form>
      )}
      {may && watch.standing === 'OPEN' && watch.plateauC != null && (
        <button
          type="button"
          className="btn btn-main justify-center"
          disabled={sending}
          onClick={() =>
            void refused.attempt(() =>
              say({
                kind: 'READING_TAKEN',
                engine: gauge.engine,
                limit,
                value: watch.plateauC!,
              }),
            )
          }
        >
          It holds at {celsius(watch.plateauC)}
        </button>
      )}
      {may && running && <Feed {...feed} />}
      <Table readings={readings} />
    </section>
  );
}

function isOn(card: CardView, step: StepView, waiting: readonly WaitingEntry[]) {
  return ofKind(
    waiting.map(({ entry }) => entry),
    'GAUGE_READ',
  ).filter((entry) => entry.card === card.id && entry.step === step.key);
}

function withWaiting(gauge: GaugeView, entries: EntryOf<'GAUGE_READ'>[]): GaugeView['readings'] {
  const known = new Set(gauge.readings.map((one) => one.minute));
  const waiting = entries
    .filter((entry) => !known.has(entry.minute))
    .map((entry) => ({
      minute: entry.minute,
      temperatureC: entry.temperatureC,
      rpm: entry.rpm ?? null,
      exhaustLitersPerMinute: entry.exhaustLitersPerMinute ?? null,
    }));
  return [...gauge.readings, ...waiting];
}

/** What core says; of readings it has not seen, only whether they are over the limit it gave. */
function watchHere(gauge: GaugeView, readings: GaugeView['readings']): GaugeView['watch'] {
  const last = readings.at(-1);
  if (readings.length === gauge.readings.length || !last) return gauge.watch;
  const { stopAtC, stopBecause } = gauge.limits;
  if (last.temperatureC >= stopAtC) {
    return {
      standing: 'STOP',
      words: `${celsius(last.temperatureC)}: stop the engine, ${stopBecause}.`,
      plateauC: null,
    };
  }
  return { standing: 'WARMING', words: `${celsius(last.temperatureC)}.`, plateauC: null };
}

function useCallOut(call: string, stop: boolean) {
  useEffect(() => {
    if (stop && isFirstTime(`stop ${call}`)) ring(true);
  }, [stop, call]);
}

function Feed({ following, follow, leave, trouble }: ReturnType<typeof useFeed>) {
  const { data: faults = [] } = useQuery(faultsQuery);
  const [fault, setFault] = useState<FaultView['fault']>('NONE');
  return (
    <div className="border-line text-soft flex flex-wrap items-center gap-2 border-t pt-3 text-[15px]">
      <span className="w-full">
        No engine is connected. A simulated one can stand in for it; it runs faster than a real one.
      </span>
      {following ? (
        <button type="button" className="btn" onClick={leave}>
          Leave its gauges
        </button>
      ) : (
        <>
          <label htmlFor="gauge-fault">Wrong with it</label>
          <select
            id="gauge-fault"
            className="box w-56"
            value={fault}
            onChange={(event) => setFault(event.target.value as FaultView['fault'])}
          >
            {faults.map((one) => (
              <option key={one.fault} value={one.fault}>
                {one.words}
              </option>
            ))}
          </select>
          <button type="button" className="btn" onClick={() => follow(fault)}>
            Follow the simulated gauges
          </button>
        </>
      )}
      <RefusedLine words={trouble} />
    </div>
  );
}

/** The same as the drawing, for those who do not see it. */
function Table({ readings }: { readings: GaugeView['readings'] }) {
  if (readings.length === 0) return null;
  return (
    <table className="sr-only">
      <caption>Readings of this run</caption>
      <thead>
        <tr>
          <th>Minute</th>
          <th>Gauge, {unitIn('°C')}</th>
          <th>rpm</th>
          <th>Exhaust water, {unitIn('L/min')}</th>
        </tr>
      </thead>
      <tbody>
        {readings.map((one) => (
          <tr key={one.minute}>
            <td>{one.minute}</td>
            <td>{numberIn('°C', one.temperatureC)}</td>
            <td>{one.rpm ?? '–'}</td>
            <td>
              {one.exhaustLitersPerMinute == null
                ? '–'
                : numberIn('L/min', one.exhaustLitersPerMinute)}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
