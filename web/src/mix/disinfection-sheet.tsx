import { api, got } from '../api/client';
import { Copyable } from '../parts/copyable';
import { useDraft } from '../offline/draft';
import { Field } from '../parts/field';
import { RefusedLine } from '../parts/refused-line';
import { allNumbers, notANumber } from './numbers';
import { Sheet } from './sheet';
import { useAnswer } from './use-answer';
import { aboutIn, keyIn, numberIn, saidIn } from '../words/quantity';

const FIELDS = ['tankLiters', 'mgPerLiter', 'chlorinePercent'];

/** How much of a chlorine product disinfects a tank of domestic water. */
export function DisinfectionSheet() {
  const [tankLiters, setTank] = useDraft(keyIn('L', 'disinfection.tank'), aboutIn('L', 120));
  const [mgPerLiter, setMg] = useDraft('disinfection.mg', '50');
  const [chlorinePercent, setPercent] = useDraft('disinfection.percent', '5');
  const numbers = allNumbers({ tankLiters, mgPerLiter, chlorinePercent }, { tankLiters: 'L' });
  const { result, at, elsewhere } = useAnswer(
    'disinfection',
    numbers,
    (typed) => got(api.POST('/api/bench/disinfection', { body: typed })),
    FIELDS,
  );
  return (
    <Sheet title="Domestic water" more="Free chlorine in tank and lines, in spring.">
      <div className="grid grid-cols-2 gap-3">
        <Field
          label="Tank and lines"
          unit="L"
          value={tankLiters}
          onType={setTank}
          error={notANumber(tankLiters, numberIn('L', 120), 'L') ?? at('tankLiters')}
        />
        <Field
          label="Wanted"
          unit="mg/L"
          value={mgPerLiter}
          onType={setMg}
          error={notANumber(mgPerLiter, '50') ?? at('mgPerLiter')}
        />
        <Field
          label="Available chlorine"
          unit="%"
          value={chlorinePercent}
          onType={setPercent}
          error={notANumber(chlorinePercent, '5') ?? at('chlorinePercent')}
        />
      </div>
      <p className="text-verm m-0 text-[14px] font-semibold">
        Never with acid or descaler about: together they make a gas that kills. Gloves, goggles.
        Local health rules first.
      </p>
      <RefusedLine words={elsewhere} />
      {result && (
        <div className="border-ink grid gap-1.5 border-t-[1.5px] pt-3" aria-live="polite">
          <p className="text-soft m-0 text-[13.5px]">of the product</p>
          <Copyable
            value={result.milliliters}
            shown={saidIn('mL', result.milliliters)}
            className="font-stencil text-[24px] leading-none font-semibold"
          />
          <p className="m-0 text-[14.5px]">
            Every faucet hot and cold until it smells; {result.contactHours} h to stand; then drain
            and rinse until no smell is left.
          </p>
          {result.warning && (
            <p role="alert" className="text-verm m-0 font-semibold">
              {result.warning}
            </p>
          )}
        </div>
      )}
    </Sheet>
  );
}
