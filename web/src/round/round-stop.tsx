import { useRef } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import type { InstrumentView, RoundStop } from '../api/client';
import { useEnter } from '../enter/enter';
import type { Said } from '../api/client';
import { shelfQuery } from '../queries/queries';
import { Refusal } from '../api/refusal';
import { ProtectionMark, protectionTone, protectionWords } from '../parts/protection';
import { sentence } from '../words/words';
import { Countersign } from '../sample/countersign';
import { RoundBottle } from './round-bottle';
import type { SampleSaid } from './round-bottle';
import { jugOf } from './round-jug';

interface RoundStopProps {
  stop: RoundStop;
  instrument: InstrumentView | undefined;
  /** The jugs that are on their way, by lot. */
  onTheirWay: Map<string, Promise<unknown>>;
  temperature: string;
  mayWork: boolean;
  notTaken: (mark: string, refused: boolean) => void;
}

/** One boat's circuit with its bottles. */
export function RoundStopShown(props: RoundStopProps) {
  const { stop, instrument, onTheirWay, temperature, mayWork, notTaken } = props;
  const queries = useQueryClient();
  const { enter } = useEnter(stop.boat);
  const before = useRef<Promise<unknown>>(Promise.resolve());
  const jugSent = useRef('');
  const sendNow = async (sample: SampleSaid, undo: string) => {
    await onTheirWay.get(stop.lot!);
    const shelf = queries.getQueryData(shelfQuery.queryKey);
    const jug = shelf && jugOf(shelf, stop.lot, sample.instrument ?? '');
    if (!jug) throw new Refusal(409, 'reading', `Read the jug of lot ${stop.lot} first.`);
    const key = `${jug.lot} ${jug.instrument} ${jug.at}`;
    const known = stop.bottles.some(({ point }) => point.jugReading === jug.reading);
    const first: Said[] =
      jugSent.current === key && known
        ? []
        : [
            {
              kind: 'JUG_READ',
              lot: jug.lot,
              instrument: jug.instrument,
              reading: jug.reading,
            },
          ];
    await enter({ entries: [...first, sample], undo });
    jugSent.current = key;
  };
  const send = (sample: SampleSaid, undo: string) => {
    // One after the other, as they were entered.
    const sent = before.current.then(() => sendNow(sample, undo));
    before.current = sent.catch(() => undefined);
    return sent;
  };
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
            mayWork={mayWork}
            send={send}
            notTaken={notTaken}
          />
        ))}
      </ul>
    </article>
  );
}
