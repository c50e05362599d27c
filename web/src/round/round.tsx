import { useCallback, useState } from 'react';
import { useQuery } from '@tanstack/react-query';
import type { InstrumentView, RoundStop, ShelfView } from '../api/client';
import { roundQuery, shelfQuery, yardQuery } from '../queries/queries';
import { InstrumentChoice } from '../sample/instrument-choice';
import { PolicyWords } from '../sample/policy-words';
import { Field } from '../parts/field';
import { useDraft } from '../offline/draft';
import { ProtectionMark } from '../parts/protection';
import { useMay } from '../parts/session';
import { Loading, Trouble } from '../parts/states';
import { useUsing } from '../parts/using';
import { boxIn, celsius, keyIn, numberIn } from '../words/quantity';
import { goToMark } from './next-entry';
import { RoundJug } from './round-jug';
import { RoundStopShown } from './round-stop';
import { useStops } from './use-stops';

/** An afternoon of sampling: what is filled and not proven, in walking order. */
export function Round() {
  const round = useQuery(roundQuery);
  const shelf = useQuery(shelfQuery);
  if (round.isPending || shelf.isPending) return <Loading what="the round" />;
  if (round.error || shelf.error) {
    const again = () => void Promise.all([round.refetch(), shelf.refetch()]);
    return <Trouble error={round.error ?? shelf.error} again={again} />;
  }
  return <RoundShown now={round.data} fetchedAt={round.dataUpdatedAt} shelf={shelf.data} />;
}

interface RoundShownProps {
  now: RoundStop[];
  fetchedAt: number;
  shelf: ShelfView;
}

function RoundShown({ now, fetchedAt, shelf }: RoundShownProps) {
  const may = useMay();
  const { data: yard } = useQuery(yardQuery);
  const { instrument: usedId } = useUsing();
  const [temperature, setTemperature] = useDraft(keyIn('°C', 'round.temperature'), boxIn('°C', 15));
  const stops = useStops(now, fetchedAt);
  const [onTheirWay] = useState(() => new Map<string, Promise<unknown>>());
  const [refusedMarks, setRefusedMarks] = useState<string[]>([]);
  const notTaken = useCallback(
    (mark: string, refused: boolean) =>
      setRefusedMarks((marks) => [...marks.filter((m) => m !== mark), ...(refused ? [mark] : [])]),
    [],
  );
  const instrument = shelf.instruments.find((i) => i.id === usedId);
  if (stops.length === 0) {
    return (
      <main className="flex-1 p-8">
        <h1 className="stencil text-[22px]">Proof round</h1>
        <p className="m-0 max-w-prose">
          Nothing is filled and unproven. Boats come here when their fill is entered on the card.
        </p>
      </main>
    );
  }
  const lots = [...new Set(stops.map((stop) => stop.lot!))];
  return (
    <main className="grid flex-1 content-start lg:grid-cols-[minmax(0,1fr)_330px]">
      <div className="border-line bg-paper-2 grid gap-x-8 gap-y-2 border-b px-5 py-3 lg:col-span-2 lg:grid-cols-[1fr_auto]">
        <div className="flex flex-wrap items-baseline gap-x-4">
          <h1 className="font-stencil text-[28px] leading-none font-bold uppercase">Proof round</h1>
          <Progress stops={stops} />
          {yard && (
            <span className="text-soft text-[14px]">
              <PolicyWords yard={yard} />
            </span>
          )}
        </div>
        <a className="btn" href="/api/bench/round/labels.pdf" target="_blank" rel="noreferrer">
          Bottle labels
        </a>
        {may.work && (
          <>
            <div className="flex flex-wrap items-start gap-x-5 gap-y-2 lg:col-span-2">
              <div className="w-64">
                <InstrumentChoice shelf={shelf} />
              </div>
              <div className="w-32">
                <Field
                  label="Samples are at"
                  unit="°C"
                  inputMode="text"
                  autoComplete="off"
                  value={temperature}
                  onType={setTemperature}
                  error={outOfRange(temperature, instrument)}
                />
              </div>
              {instrument && (
                <section aria-label="Jugs">
                  <h2 className="m-0 text-[14px] font-semibold">The jugs, once for each lot</h2>
                  <ul className="m-0 mt-1 grid list-none gap-2 p-0">
                    {lots.map((lot) => (
                      <RoundJug
                        key={lot}
                        shelf={shelf}
                        lot={lot}
                        instrument={instrument}
                        onTheirWay={onTheirWay}
                      />
                    ))}
                  </ul>
                </section>
              )}
            </div>
          </>
        )}
      </div>
      <div className="min-w-0 px-5 pb-8">
        {stops.map((stop, i) => (
          <div key={`${stop.boat} ${stop.circuit}`}>
            {stop.row !== stops[i - 1]?.row && (
              <h2 className="stencil border-ink mt-4 border-b-[1.5px] text-[17px]">
                {stop.row || 'no berth'}
              </h2>
            )}
            <RoundStopShown
              stop={stop}
              instrument={instrument}
              onTheirWay={onTheirWay}
              temperature={temperature}
              mayWork={may.work}
              notTaken={notTaken}
            />
          </div>
        ))}
      </div>
      <Walk stops={stops} />
      <NotTaken marks={refusedMarks} />
    </main>
  );
}

function Progress({ stops }: { stops: RoundStop[] }) {
  const unproven = stops.filter((stop) => stop.protection !== 'PROVEN');
  const unread = unproven
    .flatMap((stop) => stop.bottles)
    .filter(({ point }) => !point.verdict && point.couldNot == null).length;
  const proven = stops.length - unproven.length;
  return (
    <span className="text-soft text-[14px]" role="status">
      {unproven.length} {unproven.length === 1 ? 'circuit' : 'circuits'} unproven, {unread} bottles
      unread{proven > 0 && `, ${proven} proven on this round`}
    </span>
  );
}

/** Said before a reading is typed: out of range it would have to be taken again. */
function outOfRange(text: string, instrument: InstrumentView | undefined): string | null {
  const value = Number(text.replace(',', '.'));
  if (!instrument || text.trim() === '' || Number.isNaN(value)) return null;
  const { compensatesFromC: from, compensatesToC: to } = instrument;
  return value < from || value > to
    ? `It reads samples between ${numberIn('°C', from)} and ${celsius(to)}: let them stand.`
    : null;
}

/** Readings that came back while the walk went on: nobody is torn from the box they are in. */
function NotTaken({ marks }: { marks: string[] }) {
  if (marks.length === 0) return null;
  return (
    <div
      role="alert"
      className="border-verm bg-card fixed bottom-4 left-5 z-20 flex flex-wrap items-center gap-3 rounded-[3px_12px_12px_3px] border-2 px-4 py-2.5 text-[14.5px] shadow-lg"
    >
      <b className="text-verm">Not taken:</b>
      {marks.map((mark) => (
        <button key={mark} type="button" className="plain" onClick={() => goToMark(mark)}>
          {mark}
        </button>
      ))}
      <span className="text-soft">
        <kbd className="key">Esc</kbd> goes there
      </span>
    </div>
  );
}

function Walk({ stops }: { stops: RoundStop[] }) {
  return (
    <aside aria-label="The walk" className="border-line hidden px-5 py-4 lg:block lg:border-l">
      <div className="sticky top-4 grid gap-4">
        <section>
          <h2 className="stencil text-[17px]">The walk</h2>
          <ol className="m-0 mt-1 grid list-none gap-0.5 p-0 text-[14px]">
            {stops.map((stop) => (
              <li key={`${stop.boat} ${stop.circuit}`} className="flex items-baseline gap-2">
                <b className="font-stencil w-10 text-[16px] font-semibold">{stop.berthName}</b>
                <ProtectionMark of={stop.protection} />
                <span>{stop.boatName}</span>
                <span className="text-soft ml-auto text-[13px]">{stop.bottles.length} bottles</span>
              </li>
            ))}
          </ol>
        </section>
        <section className="text-soft text-[13.5px]">
          <h2 className="stencil text-ink text-[17px]">Keys</h2>
          <p className="m-0 leading-7">
            <kbd className="key">Enter</kbd> takes a reading in and goes on
            <br />
            <kbd className="key">↑</kbd> <kbd className="key">↓</kbd> walk without entering
            <br />
            <kbd className="key">R</kbd> reads with a digital instrument
            <br />
            <kbd className="key">Esc</kbd> goes to what was not taken
          </p>
          <p className="m-0 mt-2">
            Let hot samples cool. Judged by the frost standard; when in doubt, the label and local
            rules decide.
          </p>
        </section>
      </div>
    </aside>
  );
}
