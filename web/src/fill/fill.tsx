import { useQuery } from '@tanstack/react-query';
import { useSearchParams } from 'react-router';
import { boatQuery, boatsQuery } from '../queries/queries';
import { Choice } from '../parts/field';
import { Loading, Trouble } from '../parts/states';
import { sentence } from '../words/words';
import { FillOfCircuit } from './fill-of-circuit';

/** Where will a fill leave it weak? Tried on a boat's own water path; nothing is stored. */
export function Fill() {
  const [at, setAt] = useSearchParams();
  const boats = useQuery(boatsQuery);
  const chosen = at.get('boat') ?? '';
  if (boats.isPending) return <Loading what="the boats" />;
  if (boats.error) {
    return <Trouble error={boats.error} again={() => void boats.refetch()} />;
  }
  const byName = [...boats.data].sort((a, b) => a.name.localeCompare(b.name));
  return (
    <main className="flex-1 px-5 py-3">
      <h1 className="sr-only">What a fill leaves</h1>
      <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
        <div className="w-60">
          <Choice label="Boat" value={chosen} onChoose={(boat) => setAt(boat ? { boat } : {})}>
            <option value="">choose</option>
            {byName.map((boat) => (
              <option key={boat.id} value={boat.id}>
                {boat.name}
              </option>
            ))}
          </Choice>
        </div>
        {chosen && (
          <OfBoat
            key={chosen}
            boat={chosen}
            circuit={at.get('circuit')}
            choose={(circuit) => setAt({ boat: chosen, circuit })}
          />
        )}
      </div>
      {!chosen && (
        <p className="text-soft m-0 mt-4 max-w-prose">
          Choose a boat: its water path is drawn, and you see where the fluid comes to stand, how
          strong, and how much has to go through.
        </p>
      )}
    </main>
  );
}

interface OfBoatProps {
  boat: string;
  circuit: string | null;
  choose: (circuit: string) => void;
}

function OfBoat({ boat: id, circuit, choose }: OfBoatProps) {
  const { data: boat, error, isPending, refetch } = useQuery(boatQuery(id));
  if (isPending) return <Loading what="the boat" />;
  if (error) return <Trouble error={error} again={() => void refetch()} />;
  const sampled = boat.circuits.filter(
    (c) => c.kind !== 'COOLANT' && c.points.some((p) => p.required),
  );
  const shown = sampled.find((c) => c.key === circuit) ?? sampled[0];
  if (!shown) return <p className="m-0 pb-2">Nothing on this boat is filled with antifreeze.</p>;
  return (
    <>
      <div className="w-64">
        <Choice label="Circuit" value={shown.key} onChoose={choose}>
          {sampled.map((c) => (
            <option key={c.key} value={c.key}>
              {sentence(c.name)}
            </option>
          ))}
        </Choice>
      </div>
      <FillOfCircuit key={shown.key} boat={boat} circuit={shown} />
    </>
  );
}
