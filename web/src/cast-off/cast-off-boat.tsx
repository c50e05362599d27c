import { useMemo } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import { api } from '../api/client';
import { useMay } from '../parts/session';
import { OwnerLinks } from './owner-links';
import { RoundShown } from './round';
import { ofBoat } from './source';

/** May we go? One boat, for those of the yard. */
export function CastOffBoat() {
  const { boatId = '' } = useParams();
  const queries = useQueryClient();
  const may = useMay();
  const source = useMemo(() => ofBoat(boatId, may.name), [boatId, may.name]);
  return (
    <main className="reach mx-auto w-full max-w-[760px] lg:max-w-[1160px] flex-1 px-5 py-4">
      <RoundShown
        key={source.name}
        source={source}
        may={may.work || may.move}
        keepFuel={
          may.work
            ? async (body, version) => {
                await api.PUT('/api/cast-off/boats/{id}/fuel', {
                  params: { path: { id: boatId }, header: { 'If-Match': `"${version}"` } },
                  body,
                });
                await queries.invalidateQueries({ queryKey: source.queryKey });
              }
            : null
        }
      />
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
