import { useState } from 'react';
import { useQuery } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import type { BoatView, FittingView } from '../api/client';
import { useEnter } from '../enter/enter';
import { boatQuery, launchOfQuery } from '../queries/queries';
import { MoveBoat } from '../boat/move-boat';
import { shortDay } from '../words/days';
import { RedTagLines } from '../tags/red-tags';
import { RefusedLine } from '../parts/refused-line';
import { useRefused } from '../parts/refused';
import { useMay } from '../parts/session';
import { Loading, Trouble } from '../parts/states';
import { sentence } from '../words/words';
import { InTheWayList } from './in-the-way';

/** This boat: yes or no, why, and what the lift crew sees to. */
export function LaunchBoat() {
  const { boatId = '' } = useParams();
  const line = useQuery(launchOfQuery(boatId));
  const boat = useQuery(boatQuery(boatId));
  const may = useMay();
  const [moving, setMoving] = useState(false);
  if (!line.data || !boat.data) {
    const error = line.error ?? boat.error;
    return error ? (
      <Trouble error={error} again={() => void Promise.all([line.refetch(), boat.refetch()])} />
    ) : (
      <Loading what="whether it may launch" />
    );
  }
  const { afloat, may: mayLaunch, ready, inTheWay, promisedOn } = line.data;
  return (
    <main className="reach mx-auto w-full max-w-[620px] flex-1 px-5 py-4">
      <h1 className="font-stencil text-[35px] leading-none font-bold tracking-[0.03em] uppercase">
        {line.data.name}
      </h1>
      <p className="text-soft mt-1 mb-3">
        {line.data.berthName}
        {promisedOn && ` · promised ${shortDay(promisedOn)}`}
      </p>
      <div
        role="status"
        className={`rounded-[4px_16px_16px_4px] border-[3px] p-4 ${mayLaunch ? 'border-spruce' : afloat ? 'border-ice' : ready ? 'border-brass' : 'border-verm'}`}
      >
        <p className="font-stencil m-0 text-[44px] leading-none font-bold">
          {afloat ? 'It floats' : mayLaunch ? 'Yes' : ready ? 'Look first' : 'No'}
        </p>
        {!afloat && (
          <div className="mt-2 text-[17px]">
            {mayLaunch ? (
              'Nothing stands between it and the water.'
            ) : (
              <InTheWayList of={inTheWay} />
            )}
          </div>
        )}
      </div>
      {line.data.tags.length > 0 && (
        <div className="mt-4">
          <RedTagLines tags={line.data.tags} />
          <p className="text-soft m-0 mt-1 text-[14px]">
            It may go in, and is not started afterwards.
          </p>
        </div>
      )}
      {!afloat && (may.move || may.work) && <AtTheLift boat={boat.data} />}
      {!afloat && may.move && mayLaunch && (
        <div className="mt-5">
          {moving ? (
            <MoveBoat boat={boat.data} done={() => setMoving(false)} />
          ) : (
            <button type="button" className="btn btn-main" onClick={() => setMoving(true)}>
              It goes in now
            </button>
          )}
        </div>
      )}
      <p className="text-soft mt-6 text-[14.5px]">
        Flooding: a plug at hand, somebody below while it goes in. Boat on stands: lift crew only.
      </p>
      <p className="text-[14.5px]">
        <Link className="plain" to={`/boats/${boatId}`}>
          the whole boat
        </Link>
      </p>
    </main>
  );
}

/** The seacocks are seen SHUT on the day; afloat, something pumps. */
function AtTheLift({ boat }: { boat: BoatView }) {
  const { enter, sending } = useEnter(boat.id);
  const refused = useRefused([]);
  const seacocks = boat.fittings.filter((fitting) => fitting.kind === 'SEACOCK');
  const pumps = boat.fittings.filter(
    (fitting) => fitting.kind === 'BILGE_PUMP' && fitting.state === 'OFF',
  );
  if (seacocks.length === 0 && pumps.length === 0) return null;
  const set = (fitting: FittingView, state: 'SHUT' | 'AUTO', words: string) => (
    <button
      key={fitting.key}
      type="button"
      className="btn w-full"
      disabled={sending}
      onClick={() =>
        void refused.attempt(() =>
          enter({
            entries: [{ kind: 'FITTING_SET', fitting: fitting.key, state }],
            undo: sentence(words),
          }),
        )
      }
    >
      {sentence(words)}
    </button>
  );
  return (
    <section aria-label="At the lift" className="mt-5 grid gap-2">
      <h2 className="stencil text-[18px]">At the lift</h2>
      {seacocks.map((fitting) => set(fitting, 'SHUT', `${fitting.name} seen SHUT`))}
      {pumps.map((fitting) => set(fitting, 'AUTO', `${fitting.name} AUTO`))}
      <RefusedLine words={refused.elsewhere} />
    </section>
  );
}
