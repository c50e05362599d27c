import { useMemo } from 'react';
import { Link, useParams } from 'react-router';
import { useMay } from '../parts/session';
import { OwnerLinks } from './owner-links';
import { RoundShown } from './round';
import { ofBoat } from './source';

/** May we go? One boat, for those of the yard. */
export function CastOffBoat() {
  const { boatId = '' } = useParams();
  const may = useMay();
  const source = useMemo(() => ofBoat(boatId, may.name, may.work), [boatId, may.name, may.work]);
  return (
    <main className="reach mx-auto w-full max-w-[760px] lg:max-w-[1160px] flex-1 px-5 py-4">
      <RoundShown key={source.name} source={source} may={may.work || may.move} />
      {may.runYard && (
        <div className="mt-6">
          <OwnerLinks boat={boatId} />
        </div>
      )}
      <p className="mt-6 text-[14.5px]">
        <Link className="plain" to={`/boats/${boatId}`}>
          the whole boat
        </Link>
      </p>
    </main>
  );
}
