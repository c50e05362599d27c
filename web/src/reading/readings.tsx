import { useQuery } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import type { AskOf, AskView, BoatView, ReadingStanding } from '../api/client';
import { boatQuery, readingsQuery } from '../queries/queries';
import { useLine } from '../offline/device';
import { Loading, Trouble } from '../parts/states';
import { useMay } from '../parts/session';
import { clock } from '../words/words';
import { FindPieces } from './find-pieces';
import { ReadNumber } from './read-number';
import { SeeCondition } from './see-condition';
import { withWaiting } from './with-waiting';
import type { StandingShown } from './with-waiting';

/** Every reading a boat can give: taken here and now, judged at once. */
export function Readings() {
  const { boatId = '' } = useParams();
  const boat = useQuery(boatQuery(boatId));
  const readings = useQuery(readingsQuery(boatId));
  const { waiting } = useLine();
  const may = useMay();
  if (!boat.data || !readings.data) {
    const error = boat.error ?? readings.error;
    return error ? (
      <Trouble error={error} again={() => void Promise.all([boat.refetch(), readings.refetch()])} />
    ) : (
      <Loading what="the readings" />
    );
  }
  const last = withWaiting(readings.data, boatId, waiting);
  return (
    <main className="reach mx-auto w-full max-w-[1180px] flex-1 px-5 py-4">
      <h1 className="font-stencil text-[35px] leading-none font-bold tracking-[0.03em] uppercase">
        <Link className="no-underline hover:underline" to={`/boats/${boatId}`}>
          {boat.data.description.name}
        </Link>
        , readings
      </h1>
      <p className="text-soft mt-2 mb-4 max-w-[70ch]">
        Taken beside its cards. The engine maker’s manual comes first where it gives other numbers.
      </p>
      <div className="grid items-start gap-x-6 gap-y-5 lg:grid-cols-2">
        {readings.data.groups.map((group) => (
          <section key={group.title} aria-label={group.title} className="grid gap-2.5">
            <h2 className="stencil text-[19px]">{group.title}</h2>
            <ul className="border-verm text-verm m-0 grid list-none gap-0.5 border-l-[4px] py-0.5 pl-3 text-[14.5px]">
              {group.hazards.map((hazard) => (
                <li key={hazard}>{hazard}</li>
              ))}
            </ul>
            {group.asks.map((ask) => (
              <Reading
                key={`${ask.kind} ${ask.label}`}
                ask={ask}
                boat={boat.data}
                last={standingOf(ask, last)}
                may={may.work}
              />
            ))}
          </section>
        ))}
      </div>
    </main>
  );
}

interface ReadingProps {
  ask: AskView;
  boat: BoatView;
  last: StandingShown | undefined;
  may: boolean;
}

function Reading({ ask, boat, last, may }: ReadingProps) {
  return (
    <div className="grid gap-1">
      {ask.kind === 'SEE' && (
        <SeeCondition
          boat={boat}
          engine={ask.engine}
          condition={ask.condition}
          found={ask.condition.findings.find(({ words }) => words === last?.found)?.key ?? null}
          place={{}}
          may={may}
        />
      )}
      {ask.kind === 'PIECES' && <FindPieces ask={ask} boat={boat} place={{}} may={may} />}
      {ask.kind === 'READ' && (
        <ReadNumber
          ask={{ ...ask, answered: last !== undefined }}
          boat={boat}
          place={{}}
          may={may}
        />
      )}
      {last && (
        <p className="text-soft m-0 pl-3 text-[14px]">
          {ask.kind === 'READ' && (
            <b className={last.call === 'GOOD' ? 'text-ink' : 'text-verm'}>
              {last.found}. {last.todo}{' '}
            </b>
          )}
          {last.waiting ? 'waits to go up' : `${last.by}, ${clock(last.at)}`}
        </p>
      )}
    </div>
  );
}

function standingOf(ask: AskView, last: readonly StandingShown[]): StandingShown | undefined {
  if (ask.kind !== 'READ' && ask.kind !== 'SEE') return undefined;
  const keys = ask.kind === 'SEE' ? [ask.condition.key] : [ask.limit, ask.instead?.key];
  return last.findLast((one) => keys.includes(one.key) && fits(one, ask));
}

/** What went unnamed is of the only engine, or of the boat. */
const fits = (one: ReadingStanding, ask: AskOf<'READ' | 'SEE'>) =>
  ask.engine === null || one.engine === null || one.engine === ask.engine;
