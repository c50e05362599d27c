import type { FuelOfTank } from '../api/client';
import { Field } from '../parts/field';
import { number, sentence } from '../words/words';
import { liters } from '../words/quantity';
import { notANumber } from './numbers';
import { Sheet } from './sheet';
import { typedSum } from './typed-sum';
import type { TankTyped } from './use-tank';

interface TankProps {
  name: string;
  tank: TankTyped;
  at: (field: string) => string | null;
  result: FuelOfTank | undefined;
}

/** One tank, what draws from it, and whether it is enough. */
export function TankSheet({ name, tank, at, result }: TankProps) {
  const burnTrouble =
    tank.burn.value.trim() !== '' && typedSum('L/h', tank.burn.value) === null
      ? 'Enter numbers, like 18 + 3.'
      : null;
  return (
    <Sheet
      title={name ? sentence(name) : 'The tank'}
      more="By its gauge; a tenth of it cannot be drawn unless it was measured."
    >
      <div className="grid grid-cols-2 gap-3">
        <Field
          label="Holds"
          unit="L"
          {...tank.capacity}
          error={notANumber(tank.capacity.value, '100') ?? at('capacityLiters')}
        />
        <Field
          label="Gauge shows"
          unit="%"
          {...tank.gauge}
          error={notANumber(tank.gauge.value, '50') ?? at('gaugePercent')}
        />
        <Field
          label="Cannot be drawn"
          unit="L"
          {...tank.unusable}
          error={notANumber(tank.unusable.value, '10') ?? at('unusableLiters')}
        />
        <Field
          label="Burn"
          unit="L/h"
          hint="engines and generator, like 18 + 3"
          {...tank.burn}
          error={burnTrouble ?? at('litersPerHour')}
        />
      </div>
      {result && <Judged of={result} />}
    </Sheet>
  );
}

function Judged({ of }: { of: FuelOfTank }) {
  const go = of.addLiters === 0;
  return (
    <div
      role="status"
      className={`rounded-[4px_14px_14px_4px] border-2 p-3 ${go ? 'border-spruce' : 'border-verm'}`}
    >
      <p className="font-stencil m-0 text-[30px] leading-none font-bold">{go ? 'Go' : 'No go'}</p>
      <p className={`m-0 mt-1 font-semibold ${go ? 'text-spruce' : 'text-verm'}`}>{of.words}</p>
      <p className="m-0 mt-1.5 text-[14.5px]">
        Burns {liters(of.burntLiters)}, wants {liters(of.neededLiters)}, has{' '}
        {liters(of.usableLiters)} that can be drawn. Turn back after {number(of.turnBackHours)} h
        {of.turnBackNm != null && ` or ${number(of.turnBackNm)} nm`} out.
      </p>
    </div>
  );
}
