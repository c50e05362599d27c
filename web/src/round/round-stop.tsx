import { useRef } from 'react';
import { Link } from 'react-router';
import type { InstrumentView, RoundStop, ShelfView } from '../api/client';
import { useEnter } from '../api/enter';
import type { Said } from '../api/enter';
import { ProtectionMark, protectionTone, protectionWords } from '../parts/protection';
import { sentence } from '../parts/words';
import { Countersign } from './countersign';
import { RoundBottle } from './round-bottle';
import { jugOf } from './round-jug';

interface RoundStopProps {
  stop: RoundStop;
  shelf: ShelfView;
  instrument: InstrumentView | undefined;
  temperature: string;
  mayWork: boolean;
}

/** One boat's circuit with its bottles. */
export function RoundStopShown(props: RoundStopProps) {
  const { stop, shelf, instrument, temperature, mayWork } = props;
  const { enter } = useEnter(stop.boat);
  const before = useRef<Promise<unknown>>(Promise.resolve());
  const jugSent = useRef('');
  const jug = instrument && jugOf(shelf, stop.lot, instrument.id);
  const send = (sample: Said, undo: string) => {
    const key = jug ? `${jug.lot} ${jug.instrument} ${jug.at}` : '';
    const known = stop.bottles.some(({ point }) => point.jugReading === jug?.reading);
    const withJug = jug && (jugSent.current !== key || !known);
    if (withJug) jugSent.current = key;
    const entries: Said[] = withJug
      ? [
          {
            kind: 'JUG_READ',
            lot: jug.lot,
            instrument: jug.instrument,
            reading: jug.reading,
          },
          sample,
        ]
      : [sample];
    // One after the other, as they were entered.
    const sent = before.current.then(() => enter({ entries, undo }));
    before.current = sent.catch(() => undefined);
    return sent;
  };
  const waits = !instrument
    ? 'Choose what it is read with.'
    : !jug
      ? `Read the jug of lot ${stop.lot} first.`
      : null;
  return (
    <article aria-label={`${stop.boatName}, ${stop.circuitName}`} className="pt-3">
      <header className="flex flex-wrap items-baseline gap-x-3">
        <Link
          to={`/bench/${stop.boat}`}
          tabIndex={-1}
          className="font-stencil text-ink text-[22px] leading-none font-bold uppercase no-underline hover:underline"
        >
          {stop.boatName}
        </Link>
        <span className="text-soft text-[13.5px]">
          {stop.berthName} · {stop.circuitName} · lot {stop.lot}
        </span>
        <span
          className={`ml-auto flex items-center gap-1.5 text-[14px] font-bold ${protectionTone(stop.protection)}`}
          role="status"
        >
          <ProtectionMark of={stop.protection} />
          {protectionWords(stop.protection)}
        </span>
      </header>
      {stop.awaitsCountersign && (
        <Countersign
          boat={stop.boat}
          circuit={{ key: stop.circuit, name: stop.circuitName, sampledBy: stop.sampledBy }}
        />
      )}
      <ul aria-label={`Bottles, ${sentence(stop.boatName)}`} className="m-0 mt-1 list-none p-0">
        {stop.bottles.map((bottle) => (
          <RoundBottle
            key={bottle.mark}
            stop={stop}
            bottle={bottle}
            instrument={instrument}
            temperature={temperature}
            waits={waits}
            mayWork={mayWork}
            send={send}
          />
        ))}
      </ul>
    </article>
  );
}
