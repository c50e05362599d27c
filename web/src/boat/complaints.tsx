import { useState } from 'react';
import { useQuery } from '@tanstack/react-query';
import type { BoatView, CauseView, ComplaintView } from '../api/client';
import { useEnter } from '../enter/enter';
import { boatDatesQuery, complaintsQuery } from '../queries/queries';
import { uuid } from '../api/uuid';
import { shortDay } from '../words/days';
import { Guides } from '../guide/guides';
import { RefusedLine } from '../parts/refused-line';
import { useRefused } from '../parts/refused';
import { clock, number, sentence } from '../words/words';
import { BeforeAndAfter } from './before-and-after';

interface ComplaintsProps {
  boat: BoatView;
  may: boolean;
}

/** What the owner complains of: what lies behind it, in the order it is looked at, and the work. */
export function Complaints({ boat, may }: ComplaintsProps) {
  const { data = [] } = useQuery(complaintsQuery(boat.id));
  const [settled, setSettled] = useState(false);
  const standing = data.filter((one) => one.settledAt === null);
  const done = data.filter((one) => one.settledAt !== null);
  if (data.length === 0) return null;
  return (
    <section aria-label="Complaints" className="border-line border-t px-5 py-3">
      <h2 className="stencil text-[18px]">What the owner says</h2>
      {standing.map((one) => (
        <Standing key={one.id} complaint={one} boat={boat} may={may} />
      ))}
      {done.length > 0 && (
        <button type="button" className="plain text-[14px]" onClick={() => setSettled(!settled)}>
          {settled ? 'hide what was seen to' : `${done.length} seen to`}
        </button>
      )}
      {(settled || standing.length === 0) &&
        done.map((one) => (
          <article key={one.id} className="py-2">
            <h3 className="m-0 text-[16px] font-bold">
              {one.words}
              <span className="text-soft font-normal">
                {' '}
                · {one.by}, {clock(one.at)}; seen to {clock(one.settledAt!)}
              </span>
            </h3>
            <BeforeAndAfter complaint={one} />
          </article>
        ))}
    </section>
  );
}

function Standing({ complaint, boat, may }: ComplaintsProps & { complaint: ComplaintView }) {
  const { data: dates } = useQuery(boatDatesQuery(boat.id));
  const { enter, sending } = useEnter(boat.id);
  const refused = useRefused([]);
  const guide = complaint.causes.find((cause) => cause.guide !== null)?.guide;
  const likeliest = Math.max(...complaint.causes.map((cause) => cause.percent), 1);
  return (
    <article className="py-2">
      <div className="flex flex-wrap items-baseline gap-x-4">
        <h3 className="m-0 text-[19px] font-bold">{complaint.words}</h3>
        <span className="text-soft text-[14px]">
          {complaint.by}, {clock(complaint.at)}
        </span>
      </div>
      <p className="m-0 max-w-[78ch] text-[14.5px]">
        {complaint.oneThing
          ? `Most likely for its minutes first: in this order it is found after ${number(complaint.minutesToFind, 0)} min on average, ${complaint.minutesForAll} at most.`
          : `All of it is looked at: ${complaint.minutesForAll} min.`}{' '}
        {complaint.waiting > 0 && (
          <>
            Going on as it is risks{' '}
            <b>{number(complaint.waiting, 1)}, where an engine is 25 (estimated)</b>.{' '}
          </>
        )}
        {dates?.promisedOn
          ? `Promised by ${shortDay(dates.promisedOn)}.`
          : 'No day is promised yet.'}
      </p>
      <ol className="m-0 mt-2 list-none p-0">
        {complaint.causes.map((cause, at) => (
          <CauseLine
            key={cause.key}
            cause={cause}
            at={at + 1}
            widest={likeliest}
            engine={complaint.engine}
            boat={boat}
            may={may}
          />
        ))}
      </ol>
      {complaint.engine && <BeforeAndAfter complaint={complaint} />}
      {may && guide && (
        <div className="mt-2">
          <Guides boat={boat.id} only={guide} />
        </div>
      )}
      {may && (
        <button
          type="button"
          className="btn mt-2"
          disabled={sending}
          onClick={() =>
            void refused.attempt(() =>
              enter({
                entries: [{ kind: 'WORK_DONE', work: complaint.id }],
                undo: `${complaint.words}: seen to`,
              }),
            )
          }
        >
          It is seen to
        </button>
      )}
      <RefusedLine words={refused.elsewhere} className="mt-2" />
    </article>
  );
}

interface CauseProps extends ComplaintsProps {
  cause: CauseView;
  at: number;
  /** Share of the likeliest, %. */
  widest: number;
  engine: ComplaintView['engine'];
}

/** A cause with how likely it is, as a bar; what looking costs, and the work a tap adds. */
function CauseLine({ cause, at, widest, engine, boat, may }: CauseProps) {
  const { enter, sending } = useEnter(boat.id);
  const refused = useRefused([]);
  const { work } = cause;
  const add = () =>
    void refused.attempt(async () => {
      if (work.card) {
        const circuit = boat.circuits.find(
          (one) => one.kind === 'RAW_WATER' && one.engine === engine,
        );
        const offer = work.choices.find((one) => one.circuit === circuit?.key) ?? work.choices[0];
        await enter({
          entries: [
            {
              kind: 'CARD_OPENED',
              card: uuid(),
              procedure: work.card,
              choices: offer ? { [offer.circuit]: offer.usual } : {},
            },
          ],
        });
        return;
      }
      await enter({
        entries: [
          work.item
            ? { kind: 'DUE_PLANNED', engine: work.perEngine ? engine : null, item: work.item }
            : { kind: 'WORK_ADDED', what: work.what },
        ],
        undo: work.words,
      });
    });
  return (
    <li className="border-line grid grid-cols-[26px_1fr] gap-x-2 border-b py-1.5 sm:grid-cols-[26px_1fr_auto]">
      <span className="font-stencil text-soft text-[19px] leading-6">{at}</span>
      <div className="min-w-0">
        <div className="flex flex-wrap items-center gap-x-3">
          <b className="text-[15.5px]">{sentence(cause.words)}</b>
          <span className="text-soft text-[14px]">{cause.minutes} min to look</span>
        </div>
        <div className="mt-1 flex items-center gap-2" aria-label={`${cause.percent} of 100`}>
          <span className="bg-paper-2 block h-2 w-44 max-w-[40vw]">
            <span
              className="bg-brass block h-2"
              style={{ width: `${(100 * cause.percent) / widest}%` }}
            />
          </span>
          <span className="text-[13.5px]">{cause.percent} of 100</span>
        </div>
        <p className="text-soft m-0 mt-0.5 text-[13.5px]">
          {cause.how}
          {cause.because && <span className="text-ink"> {cause.because}.</span>}
          {cause.risk && ` If it is that and nothing is done: ${cause.risk}.`}
        </p>
        <RefusedLine words={refused.elsewhere} />
      </div>
      <div className="col-start-2 flex items-center sm:col-start-3">
        {work.wanted ? (
          <span className="text-spruce text-[14px] font-semibold">on its work</span>
        ) : (
          may && (
            <button type="button" className="btn text-[14px]" disabled={sending} onClick={add}>
              {work.words}
            </button>
          )
        )}
      </div>
    </li>
  );
}
