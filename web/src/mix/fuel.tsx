import { api, got } from '../api/client';
import { useDraft } from '../offline/draft';
import { Choice, Field } from '../parts/field';
import { RefusedLine } from '../parts/refused-line';
import { allNumbers, notANumber } from './numbers';
import { Sheet } from './sheet';
import { TankSheet } from './tank-sheet';
import { useAnswer } from './use-answer';
import { useTank } from './use-tank';

const TRIP_FIELDS = ['hours', 'distanceNm', 'speedKn'];
const TANK_FIELDS = ['capacityLiters', 'gaugePercent', 'unusableLiters', 'litersPerHour'];
const TWO = ['port tank', 'starboard tank'];

/** Is there enough fuel for the trip? Each tank is judged for what draws from it. */
export function Fuel() {
  const [by, setBy] = useDraft('fuel.by', 'hours');
  const [hours, setHours] = useDraft('fuel.hours', '6');
  const [distanceNm, setDistance] = useDraft('fuel.distance', '36');
  const [speedKn, setSpeed] = useDraft('fuel.speed', '6');
  const [way, setWay] = useDraft('fuel.way', 'round');
  const [school, setSchool] = useDraft('fuel.school', 'TWENTY_PERCENT');
  const [tanks, setTanks] = useDraft('fuel.tanks', '1');
  const first = useTank('first');
  const second = useTank('second');
  const shown = tanks === '2' ? [first, second] : [first];
  const names = tanks === '2' ? TWO : [''];
  const trip = by === 'hours' ? allNumbers({ hours }) : allNumbers({ distanceNm, speedKn });
  const numbers = shown.flatMap((tank) => (tank.numbers ? [tank.numbers] : []));
  const { result, at, elsewhere } = useAnswer(
    'fuel',
    trip && numbers.length === shown.length
      ? {
          ...trip,
          roundTrip: way === 'round',
          school: school as 'TWENTY_PERCENT' | 'THIRDS',
          tanks: numbers.map((tank, i) => ({ name: names[i], ...tank })),
        }
      : null,
    (body) => got(api.POST('/api/bench/fuel', { body })),
    [...TRIP_FIELDS, ...names.flatMap((_, i) => TANK_FIELDS.map((f) => `tanks[${i}].${f}`))],
  );
  return (
    <main className="grid flex-1 content-start gap-x-10 gap-y-8 px-5 py-4 lg:grid-cols-[340px_1fr]">
      <h1 className="sr-only">Fuel for a trip</h1>
      <Sheet title="The trip" more="Out and back together, at the planned speed.">
        <div className="grid grid-cols-2 gap-3">
          <Choice label="Planned by" value={by} onChoose={setBy}>
            <option value="hours">hours</option>
            <option value="distance">distance</option>
          </Choice>
          <Choice label="Ends" value={way} onChoose={setWay}>
            <option value="round">where it began</option>
            <option value="one">somewhere else</option>
          </Choice>
          {by === 'hours' ? (
            <Field
              label="Under way"
              unit="h"
              value={hours}
              onType={setHours}
              error={notANumber(hours, '6') ?? at('hours')}
            />
          ) : (
            <>
              <Field
                label="Distance"
                unit="nm"
                value={distanceNm}
                onType={setDistance}
                error={notANumber(distanceNm, '36') ?? at('distanceNm')}
              />
              <Field
                label="Speed"
                unit="kn"
                value={speedKn}
                onType={setSpeed}
                error={notANumber(speedKn, '6') ?? at('speedKn')}
              />
            </>
          )}
        </div>
        <Choice label="School" value={school} onChoose={setSchool}>
          <option value="TWENTY_PERCENT">a fifth more than the trip burns</option>
          <option value="THIRDS">a third out, a third back, a third in reserve</option>
        </Choice>
        <Choice label="Tanks" value={tanks} onChoose={setTanks}>
          <option value="1">one for everything</option>
          <option value="2">one for each of two engines</option>
        </Choice>
        <p className="text-soft m-0 text-[14px]">
          Weather, current and a detour are not in it: the skipper decides.
        </p>
        <RefusedLine words={elsewhere} />
      </Sheet>
      <div className="grid content-start gap-8 sm:grid-cols-2">
        {shown.map((tank, i) => (
          <TankSheet
            key={names[i]}
            name={names[i]!}
            tank={tank}
            at={(field) => at(`tanks[${i}].${field}`)}
            result={result?.tanks[i]}
          />
        ))}
      </div>
    </main>
  );
}
