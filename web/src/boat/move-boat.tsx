import { useState } from 'react';
import { useQuery } from '@tanstack/react-query';
import type { BoatView } from '../api/client';
import { useEnter } from '../enter/enter';
import { boatsQuery, planQuery } from '../queries/queries';
import { Choice } from '../parts/field';
import { useRefused } from '../parts/refused';

/** Moves the boat to a free berth; going afloat is a launch, and may be refused. */
export function MoveBoat({ boat, done }: { boat: BoatView; done: () => void }) {
  const { data: plan } = useQuery(planQuery);
  const { data: boats } = useQuery(boatsQuery);
  const { enter, sending } = useEnter(boat.id);
  const [berth, setBerth] = useState('');
  const refused = useRefused(['berth']);
  // Nothing is free until it is known who lies where.
  const taken = boats && new Set(boats.map((other) => other.berth));
  const free = taken ? (plan?.berths.filter((place) => !taken.has(place.id)) ?? []) : [];
  const move = async () => {
    const name = free.find((place) => place.id === berth)?.name;
    const ok = await refused.attempt(() =>
      enter({
        entries: [{ kind: 'BERTH_MOVED', berth: berth || null }],
        undo: `${boat.description.name} moved to ${name}`,
      }),
    );
    if (ok) done();
  };
  return (
    <section
      aria-label="Move it"
      className="border-ink bg-card grid gap-3 rounded-[3px_12px_12px_3px] border-[1.5px] p-4"
    >
      <Choice
        label="Move to"
        value={berth}
        onChoose={setBerth}
        error={refused.at('berth') ?? refused.elsewhere}
      >
        <option value="">choose a free berth</option>
        {plan?.areas.map((area) => (
          <optgroup key={area.id} label={`${area.name}${area.kind === 'DOCK' ? ', afloat' : ''}`}>
            {free
              .filter((place) => place.areaId === area.id)
              .map((place) => (
                <option key={place.id} value={place.id}>
                  {place.name}
                </option>
              ))}
          </optgroup>
        ))}
      </Choice>
      <p className="text-soft m-0 text-[13px]">
        Boats on stands are moved by the lift crew only; nobody aboard.
      </p>
      <div className="flex gap-2">
        <button
          type="button"
          className="btn btn-main"
          disabled={sending}
          onClick={() => void move()}
        >
          Move it
        </button>
        <button type="button" className="btn" onClick={done}>
          Cancel
        </button>
      </div>
    </section>
  );
}
