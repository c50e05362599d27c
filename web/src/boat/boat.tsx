import { useState } from 'react';
import { useQuery } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import type { BoatView, FittingView } from '../api/client';
import { useEnter } from '../enter/enter';
import { boatQuery } from '../queries/queries';
import { machineryWords } from '../parts/boat-words';
import { Guides } from '../guide/guides';
import { useLine } from '../offline/device';
import { provisionalBoat } from '../offline/provisional';
import { ProtectionMark, protectionTone, protectionWords } from '../parts/protection';
import { BoatDates } from './boat-dates';
import { DueOfOneBoat } from '../due/due-of-one-boat';
import { FrostOfBoat } from '../frost/frost-of-boat';
import { BoatPapers } from '../report/boat-papers';
import { RedTags } from '../tags/red-tags';
import { RefusedLine } from '../parts/refused-line';
import { useRefused } from '../parts/refused';
import { useMay } from '../parts/session';
import { Loading, Trouble } from '../parts/states';
import { number } from '../words/words';
import { useTitle } from '../parts/title';
import { Learned } from './learned';
import { LogList } from './log-list';
import { LooseEnds } from './loose-ends';
import { MoveBoat } from './move-boat';
import { OpenReadings } from './open-readings';
import { Accepted } from './accepted';
import { Complaints } from './complaints';
import { Contradicted } from './contradicted';
import { OpenWork } from './open-work';
import { OneVisit } from './one-visit';
import { OpenCard } from './open-card';
import { SetFitting } from './set-fitting';
import { WaterPaths } from './water-paths';
import { saidIn } from '../words/quantity';

/** What is this boat, how was it left, what stands in it? */
export function Boat() {
  const { boatId = '' } = useParams();
  const { data: fetched, error, refetch } = useQuery(boatQuery(boatId));
  const { waiting } = useLine();
  if (!fetched) {
    return error ? (
      <Trouble error={error} again={() => void refetch()} />
    ) : (
      <Loading what="the boat" />
    );
  }
  const boat = provisionalBoat(fetched, waiting);
  return <BoatShown key={boat.id} boat={boat} />;
}

function BoatShown({ boat }: { boat: BoatView }) {
  useTitle(boat.description.name);
  const may = useMay();
  const [chosen, setChosen] = useState<string | null>(null);
  const [open, setOpen] = useState<'move' | null>(null);
  const maySet = (fitting: FittingView) => may.work || (may.move && fitting.concernsMoving);
  const fitting = boat.fittings.find((f) => f.key === chosen);
  const choose = (key: string) => {
    const next = boat.fittings.find((f) => f.key === key);
    if (next && maySet(next)) setChosen(key);
  };
  const d = boat.description;
  const hours = d.engines.flatMap(({ details }) =>
    details.hours == null ? [] : [number(details.hours, 0)],
  );
  return (
    <main className="grid flex-1 content-start lg:grid-cols-[1fr_336px] lg:grid-rows-[auto_auto_1fr]">
      <div className="border-line bg-paper-2 flex flex-wrap items-center gap-x-6 gap-y-2 border-b px-5 py-2.5 lg:col-span-2">
        <h1 className="font-stencil text-[35px] leading-none font-bold tracking-[0.03em] uppercase">
          {d.name}
        </h1>
        <p className="text-soft m-0 text-[14px] leading-[1.4]">
          {saidIn('m', d.hullLengthM)} {d.kind === 'SAIL' ? 'sailing' : 'motor'} boat ·{' '}
          {machineryWords(d)}
          <br />
          {boat.berth
            ? `${boat.berthName}, ${boat.afloat ? 'afloat' : 'ashore'}`
            : 'no berth yet'}{' '}
          · {d.silty && 'silty '}
          {d.waterUsedIn.toLowerCase()} water
          {hours.length > 0 && ` · ${hours.join(' / ')} h`}
          {d.hullId && ` · ${d.hullId}`}
          {d.owner && ` · ${d.owner}`}
          {boat.running.length > 0 && ` · running: ${boat.running.join(', ').toLowerCase()}`}
          {boat.inBay.length > 0 && ` · in the bay: ${boat.inBay.join(', ')}`}
        </p>
        <span className="flex gap-4 text-[14px]">
          {may.move && (
            <button type="button" className="plain" onClick={() => setOpen('move')}>
              move boat
            </button>
          )}
          {may.runYard && (
            <Link className="plain" to={`/boats/${boat.id}/describe`}>
              edit boat
            </Link>
          )}
        </span>
        <div
          className={`bg-card ml-auto flex items-center gap-3 rounded-[3px_14px_14px_3px] border-2 py-1.5 pr-4 pl-3 ${boat.protection === 'HELD' ? 'border-verm' : 'border-ink'}`}
          role="status"
          aria-label="Protection"
        >
          <ProtectionMark of={boat.protection} size={22} />
          <b className={`stencil text-[20px] font-bold ${protectionTone(boat.protection)}`}>
            {protectionWords(boat.protection)}
          </b>
        </div>
      </div>
      <div className="border-line min-w-0 lg:border-r">
        <WaterPaths
          circuits={boat.circuits}
          fittings={boat.fittings}
          chosen={chosen}
          choose={choose}
        />
      </div>
      <aside
        aria-label="What to do"
        className="grid content-start gap-5 px-[18px] py-3.5 lg:col-start-2 lg:row-span-2 lg:row-start-2"
      >
        <RedTags tags={boat.tags} boat={boat.id} mayWork={may.work} mayLift={may.runYard} />
        <Contradicted boat={boat} may={may.work} />
        <OpenWork boat={boat} may={may.work} />
        <OpenReadings boat={boat} may={may.work} />
        {may.work && (
          <div>
            <Guides boat={boat.id} />
          </div>
        )}
        {open === 'move' && <MoveBoat boat={boat} done={() => setOpen(null)} />}
        {fitting && (
          <SetFitting
            key={fitting.key}
            boat={boat}
            fitting={fitting}
            done={() => setChosen(null)}
          />
        )}
        <NextThing boat={boat} mayWork={may.work} />
        <Accepted boat={boat} may={may.runYard} />
        <DueOfOneBoat boat={boat.id} may={may.work} />
        <FrostOfBoat boat={boat.id} protection={boat.protection} />
        <BoatPapers boat={boat} mayMail={may.runYard} mayWork={may.work} />
        <Learned boat={boat} may={may.work} />
        <BoatDates boat={boat.id} mayChange={may.runYard} />
        <LooseEnds fittings={boat.fittings} choose={choose} maySet={maySet} />
        <Bag boat={boat} />
      </aside>
      <div className="border-line min-w-0 border-t lg:border-r">
        <Complaints boat={boat} may={may.work} />
        <OneVisit boat={boat.id} />
        <LogList boat={boat.id} mayWork={may.work} mayMove={may.move} />
      </div>
    </main>
  );
}

function NextThing({ boat, mayWork }: { boat: BoatView; mayWork: boolean }) {
  const openCards = boat.cards.filter((card) => !card.closed);
  const measurable = boat.circuits.some(
    (c) => c.lot && ['FILLED', 'HELD', 'PROVEN'].includes(c.protection),
  );
  const nobodyLooked = boat.circuits.some(
    (c) => c.protection === 'UNKNOWN' && c.kind !== 'UNANSWERED',
  );
  return (
    <section aria-label="Next" className="grid gap-3">
      {boat.decision && (
        <div>
          <h2 className="stencil text-[18px]">To decide</h2>
          <p className="m-0 text-[14.5px]">
            {boat.decision.words} <b>{boat.decision.action}.</b>
          </p>
        </div>
      )}
      {openCards.map((card, i) => (
        <div key={card.id}>
          <Link
            className={i === 0 ? 'btn btn-main' : 'btn'}
            to={`/boats/${boat.id}/cards/${card.id}`}
          >
            {mayWork ? 'Go on with the card' : 'Look at the card'}
          </Link>
          <p className="text-soft m-0 mt-1 text-[13.5px]">
            {card.procedureWords}, opened by {card.openedBy}; {card.heldBy} works on it
          </p>
        </div>
      ))}
      {measurable && (
        <div>
          <Link className="btn" to={`/bench/${boat.id}`}>
            Samples
          </Link>
        </div>
      )}
      {nobodyLooked && mayWork && <SayWhatIsInIt boat={boat} />}
      {mayWork && <OpenCard boat={boat} />}
    </section>
  );
}

function SayWhatIsInIt({ boat }: { boat: BoatView }) {
  const { enter, sending } = useEnter(boat.id);
  const refused = useRefused([]);
  const say = (inService: boolean, words: string) =>
    void refused.attempt(() =>
      enter({
        entries: boat.circuits
          // What is closed holds coolant: nobody looks into it for water.
          .filter(({ kind, path }) => path.length > 0 && kind !== 'COOLANT')
          .map((circuit) => ({
            kind: 'CIRCUIT_SEEN' as const,
            circuit: circuit.key,
            inService,
          })),
        undo: words,
      }),
    );
  return (
    <div className="grid gap-2">
      <div className="flex flex-wrap gap-2">
        <button
          type="button"
          className="btn"
          disabled={sending}
          onClick={() => say(false, 'Water in it')}
        >
          Water in it
        </button>
        <button
          type="button"
          className="btn"
          disabled={sending}
          onClick={() => say(true, 'In service')}
        >
          In service
        </button>
      </div>
      <RefusedLine words={refused.elsewhere} />
    </div>
  );
}

function Bag({ boat }: { boat: BoatView }) {
  const { bag } = boat;
  if (bag.expected === 0 && bag.counted == null && bag.missing.length === 0) return null;
  const wrong = bag.missing.length > 0 || (bag.counted != null && bag.counted !== bag.expected);
  return (
    <section aria-label="The bag" className="text-[14px]">
      <h2 className="stencil text-[18px]">The bag on the wheel</h2>
      <p className={`m-0 ${wrong ? 'text-verm font-bold' : ''}`}>
        {bag.expected} {bag.expected === 1 ? 'plug belongs' : 'plugs belong'} in it
        {bag.counted == null ? ', not counted since one moved' : `, ${bag.counted} counted`}
        {bag.missing.length > 0 && `; missing: ${bag.missing.join(', ')}`}
      </p>
    </section>
  );
}
