import { useQuery } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import type { EngineTrend, TrendLine } from '../api/client';
import { boatQuery, dueOfQuery, trendsQuery } from '../queries/queries';
import { Loading, Trouble } from '../parts/states';
import { dateOf, day, sentence } from '../words/words';
import { TrendChart } from './trend-chart';
import { ServiceHistory } from './service-history';

/** How did its engines go over the years, and what does that say? */
export function Trends() {
  const { boatId = '' } = useParams();
  const { data: boat } = useQuery(boatQuery(boatId));
  const { data: due } = useQuery(dueOfQuery(boatId));
  const { data, error, refetch } = useQuery(trendsQuery(boatId));
  if (!data || !boat) {
    return error ? (
      <Trouble error={error} again={() => void refetch()} />
    ) : (
      <Loading what="the trends" />
    );
  }
  return (
    <main className="mx-auto grid w-full max-w-[1160px] flex-1 content-start gap-5 px-5 py-4">
      <div className="flex flex-wrap items-end justify-between gap-x-6">
        <h1 className="font-stencil text-[35px] leading-none font-bold tracking-[0.03em] uppercase">
          {boat.description.name}, over the years
        </h1>
        <p className="m-0 text-[14.5px] print:hidden">
          <Link className="plain" to={`/boats/${boatId}`}>
            the whole boat
          </Link>
        </p>
      </div>
      {data.length === 0 && <p className="m-0">It has no engine that is cooled by raw water.</p>}
      {data.map((engine) => (
        <OneEngine key={engine.engine} engine={engine} alone={data.length === 1} />
      ))}
      {due && <ServiceHistory due={due} />}
    </main>
  );
}

function OneEngine({ engine, alone }: { engine: EngineTrend; alone: boolean }) {
  return (
    <section aria-label={sentence(engine.words)} className="grid gap-3">
      {!alone && <h2 className="stencil text-[22px]">{engine.words}</h2>}
      {engine.narrowing.length > 0 && (
        <div
          role="status"
          className="border-verm rounded-[4px_14px_14px_4px] border-2 px-3.5 py-2.5"
        >
          <b className="text-verm">{engine.toDo}</b>
          {engine.narrowing.map((one) => (
            <p key={one.words} className="m-0">
              {one.words}
            </p>
          ))}
        </div>
      )}
      {engine.lines.length === 0 && (
        <p className="m-0">Nothing was read of it yet. Each lay-up and each round adds to it.</p>
      )}
      <div className="grid gap-x-8 gap-y-5 md:grid-cols-2">
        {engine.lines.map((line) => (
          <figure key={line.kind} className="m-0 grid gap-1 print:break-inside-avoid">
            <figcaption className="font-semibold">{sentence(line.words)}</figcaption>
            {line.unit ? (
              <TrendChart
                line={line}
                evidence={
                  engine.narrowing
                    .find(({ kind }) => kind === line.kind)
                    ?.evidence.map((p) => p.at) ?? []
                }
              />
            ) : (
              <Looks line={line} />
            )}
          </figure>
        ))}
      </div>
    </section>
  );
}

/** What was seen and is no number. */
function Looks({ line }: { line: TrendLine }) {
  return (
    <ul className="m-0 list-none p-0">
      {line.points.map((point) => (
        <li key={point.at} className="border-line border-b py-1 text-[14.5px]">
          <span className="text-soft">{day(dateOf(point.at))}</span>{' '}
          <span className={point.good ? '' : 'text-verm font-semibold'}>{point.words}</span>
        </li>
      ))}
    </ul>
  );
}
