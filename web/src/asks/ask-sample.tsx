import { useState } from 'react';
import { useQuery } from '@tanstack/react-query';
import { useEnter } from '../enter/enter';
import { shelfQuery, weakestQuery } from '../queries/queries';
import { useLine } from '../offline/device';
import { sampleHere } from '../offline/judge-here';
import { useDraft } from '../offline/draft';
import { RefusedLine } from '../parts/refused-line';
import { useRefused } from '../parts/refused';
import { sentence } from '../words/words';
import { JugForm } from '../sample/jug-form';
import { SampleForm } from '../sample/sample-form';
import { isShort } from '../parts/short';
import { VerdictWords } from '../sample/verdict-words';
import { ofKind } from '../offline/of-kind';
import type { AskProps } from './ask-props';
import { PhotoHere } from '../place/photo-here';
import { NumberHere } from '../place/place';
import { Tick } from '../parts/tick';

/** The undiluted jug to be read. */
export function AskJug({ ask, card, boat, step, may }: AskProps<'JUG'>) {
  return (
    <section
      aria-label={sentence(ask.label)}
      className={`rounded-[4px_14px_14px_4px] border-[1.5px] p-3 ${ask.answered ? 'border-(--color-done)' : 'border-line'}`}
    >
      <div className="mb-2 flex items-center gap-3">
        <Tick done={ask.answered} />
        <h2 className="text-[17px] font-bold">{sentence(ask.label)}</h2>
      </div>
      {may && <JugForm boat={boat} on={{ card: card.id, step: step.key }} again={ask.answered} />}
    </section>
  );
}

/** A low point to be sampled: bottle, drain back IN, reading. */
export function AskSample({ ask, card, boat, step, may }: AskProps<'SAMPLE'>) {
  const { enter, sending } = useEnter(boat.id);
  const refused = useRefused([]);
  const [failing, setFailing] = useState(false);
  const drain = boat.fittings.find((f) => f.key === ask.fitting);
  const point = boat.circuits.flatMap((c) => c.points).find((p) => p.key === ask.lowPoint);
  const here = useSampleHere(ask.lowPoint);
  const out = drain?.forSample ?? false;
  const on = { card: card.id, step: step.key };
  const drainTo = (...states: ('OUT_BAGGED' | 'IN')[]) =>
    void refused.attempt(() =>
      enter({
        entries: states.map((state) => ({
          kind: 'FITTING_SET' as const,
          fitting: ask.fitting!,
          state,
          forSample: true,
          ...on,
        })),
      }),
    );
  const short = isShort(point);
  return (
    <section
      aria-label={sentence(ask.label)}
      className={`rounded-[4px_14px_14px_4px] border-[1.5px] p-3 ${short ? 'border-verm' : ask.answered ? 'border-(--color-done)' : 'border-line'}`}
    >
      <div className="flex flex-wrap items-center gap-3">
        <Tick done={ask.answered} />
        <NumberHere />
        <h2 className="flex-1 text-[17px] font-bold">{sentence(ask.label)}</h2>
        <PhotoHere taken />
        {may && drain && !out && (
          <button
            type="button"
            className="plain text-[14.5px]"
            disabled={sending}
            onClick={() => drainTo('OUT_BAGGED')}
          >
            Drain OUT
          </button>
        )}
        {may && drain && (
          <button
            type="button"
            className="btn text-[16px]"
            disabled={sending}
            onClick={() => (out ? drainTo('IN') : drainTo('OUT_BAGGED', 'IN'))}
          >
            {out ? 'Bottle full, drain IN' : 'Bottle filled, drain IN'}
          </button>
        )}
      </div>
      {out && (
        <p className="text-brass m-0 mt-2 font-semibold">
          The {drain?.name} is OUT: fill the bottle.
        </p>
      )}
      <RefusedLine words={refused.elsewhere} className="mt-2" />
      {point && (point.verdict || point.couldNot) && (
        <div className="mt-2">
          <VerdictWords point={point} />
        </div>
      )}
      {here && (
        <p role="status" className="m-0 mt-2">
          <b className={here.good ? 'text-spruce' : 'text-verm'}>{here.words}</b>{' '}
          <span className="text-soft text-[14.5px]">
            Judged by this device until it has gone up.
          </span>
        </p>
      )}
      {may && point && (
        <div className="mt-2.5">
          <SampleForm boat={boat} point={point} on={on} />
          {failing ? (
            <CouldNot {...{ boat, on, lowPoint: point.key, done: () => setFailing(false) }} />
          ) : (
            <button
              type="button"
              className="plain text-soft mt-1 text-[15px]"
              onClick={() => setFailing(true)}
            >
              No sample possible
            </button>
          )}
        </div>
      )}
    </section>
  );
}

/** What this device makes of a sample that waits, by what core worked out ahead. */
function useSampleHere(lowPoint: string) {
  const { waiting } = useLine();
  const { data: weakest } = useQuery(weakestQuery);
  const { data: shelf } = useQuery(shelfQuery);
  const entries = waiting.map(({ entry }) => entry);
  const sample = ofKind(entries, 'SAMPLE_READ').findLast((one) => one.lowPoint === lowPoint);
  if (!sample) return null;
  const jug = ofKind(entries, 'JUG_READ').findLast((one) => one.lot === sample.lot);
  const known = shelf?.jugs.find(
    (one) => one.lot === sample.lot && one.instrument === sample.instrument,
  );
  return sampleHere(weakest, jug?.reading ?? known?.reading ?? null, sample);
}

interface CouldNotProps {
  boat: AskProps['boat'];
  on: { card: string; step: string };
  lowPoint: string;
  done: () => void;
}

function CouldNot({ boat, on, lowPoint, done }: CouldNotProps) {
  const { enter, sending } = useEnter(boat.id);
  const [reason, setReason, clear] = useDraft(`could-not.${boat.id}.${lowPoint}`);
  const refused = useRefused(['reason']);
  const error = refused.at('reason') ?? refused.elsewhere;
  const save = async () => {
    const ok = await refused.attempt(() =>
      enter({
        entries: [{ kind: 'COULD_NOT_SAMPLE', lowPoint, reason, ...on }],
        undo: 'Could not be sampled',
      }),
    );
    if (!ok) return;
    clear();
    done();
  };
  return (
    <form
      className="mt-2 flex flex-wrap items-center gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <input
        className="box min-w-48 flex-1"
        aria-label="Why no sample is possible"
        placeholder="why no sample is possible"
        autoFocus
        value={reason}
        aria-invalid={error ? true : undefined}
        onChange={(event) => setReason(event.target.value)}
      />
      <button type="submit" className="btn" disabled={sending}>
        Enter
      </button>
      <button type="button" className="btn" onClick={done}>
        Cancel
      </button>
      {error && (
        <p role="alert" className="field-error m-0 w-full">
          {error}
        </p>
      )}
    </form>
  );
}
