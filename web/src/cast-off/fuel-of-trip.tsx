import type { CastOffRound, FuelFitted } from '../api/client';
import { Choice, Field } from '../parts/field';
import { number, sentence } from '../words/words';
import { liters } from '../words/quantity';
import { FuelFittedForm } from './fuel-fitted';
import { wrongOf, wrongWith } from './fuel-typed';
import type { TripTyped, TripWorkedOut } from './fuel-typed';
import type { TankFuel } from './trip-fuel';

interface FuelProps {
  round: CastOffRound;
  typed: TripTyped;
  type: (typed: TripTyped) => void;
  result: TripWorkedOut | null;
  /** What is typed is kept on this device under this name. */
  name: string;
  /** Keeps it with the boat; null where it goes up with the round. */
  keep: ((fitted: FuelFitted) => Promise<unknown>) | null;
}

/** Is there enough for the trip, each tank for what draws from it? */
export function FuelOfTrip({ name, round, typed, type, result, keep }: FuelProps) {
  const fitted = typed.fitted ?? round.fuel;
  const set = (over: Partial<TripTyped>) => type({ ...typed, ...over });
  if (!fitted) {
    return (
      <FuelFittedForm
        name={name}
        engines={round.engines}
        save={async (said) => {
          if (keep) await keep(said);
          else set({ fitted: said });
        }}
      />
    );
  }
  return (
    <div className="grid gap-3">
      <div className="grid items-start gap-3 grid-cols-2">
        <Choice
          label="Planned by"
          value={typed.by}
          onChoose={(by) => set({ by: by as TripTyped['by'] })}
        >
          <option value="hours">hours</option>
          <option value="distance">distance</option>
        </Choice>
        {typed.by === 'hours' ? (
          <Field
            label="Under way, all of it"
            unit="h"
            inputMode="decimal"
            value={typed.hours}
            onType={(hours) => set({ hours })}
            error={wrongOf('hours', typed.hours)}
          />
        ) : (
          <>
            <Field
              label="Distance, all of it"
              unit="nm"
              inputMode="decimal"
              value={typed.distanceNm}
              onType={(distanceNm) => set({ distanceNm })}
              error={wrongOf('distanceNm', typed.distanceNm)}
            />
            <Field
              label="Speed"
              unit="kn"
              inputMode="decimal"
              placeholder={fitted.speedKn?.toString()}
              value={typed.speedKn}
              onType={(speedKn) => set({ speedKn })}
              error={wrongOf('speedKn', typed.speedKn)}
            />
          </>
        )}
        <Choice
          label="Ends"
          value={typed.way}
          onChoose={(way) => set({ way: way as TripTyped['way'] })}
        >
          <option value="round">where it began</option>
          <option value="one">somewhere else</option>
        </Choice>
        <Choice
          label="School"
          value={typed.school}
          onChoose={(school) => set({ school: school as TripTyped['school'] })}
        >
          <option value="TWENTY_PERCENT">a fifth more</option>
          <option value="THIRDS">thirds: out, back, reserve</option>
        </Choice>
        {fitted.tanks.map((tank, i) => (
          <Field
            key={i}
            label={tank.name ? `Gauge, ${tank.name}` : 'Gauge'}
            unit={`% of ${liters(tank.capacityLiters)}`}
            inputMode="decimal"
            value={typed.gauges[i] ?? ''}
            onType={(text) =>
              set({
                gauges: fitted.tanks.map((_, j) => (j === i ? text : (typed.gauges[j] ?? ''))),
              })
            }
            error={wrongWith(typed.gauges[i] ?? '', 0, 100, '%')}
          />
        ))}
      </div>
      {result?.tanks.map((tank, i) => (
        <TankLine key={i} tank={tank} speedKn={result.sent.speedKn} />
      ))}
      <p className="text-soft m-0 text-[14px]">
        Weather, current and a detour are not in it: the skipper decides.
      </p>
    </div>
  );
}

function TankLine({ tank, speedKn }: { tank: TankFuel; speedKn: number | null | undefined }) {
  const turn = speedKn
    ? `${number(tank.turnBackHours * speedKn)} nm out`
    : `${number(tank.turnBackHours)} h out`;
  return (
    <div
      className={`rounded-[4px_14px_14px_4px] border-2 p-3 ${tank.add > 0 ? 'border-verm' : 'border-(--color-done)'}`}
    >
      {tank.name && <b>{sentence(tank.name)}: </b>}
      <b className={tank.add > 0 ? 'text-verm' : 'text-spruce'}>{tank.words}</b>
      <span className="text-soft block text-[14.5px]">
        burns {liters(tank.burnt)}, needs {liters(tank.needed)}, has {liters(tank.usable)} that can
        be drawn · turn back at the latest {turn}
      </span>
    </div>
  );
}
