import { useQuery } from '@tanstack/react-query';
import { api, got } from '../api/client';
import { yardQuery } from '../queries/queries';
import { useDraft } from '../offline/draft';
import { Field } from '../parts/field';
import { RefusedLine } from '../parts/refused-line';
import { aboutIn, keyIn, liters, numberIn, unitIn } from '../words/quantity';
import { Copyable } from '../parts/copyable';
import { allNumbers, notANumber } from './numbers';
import { Outcome, Sheet } from './sheet';
import { useAnswer } from './use-answer';

const FIELDS = ['waterParts', 'concentrateParts', 'circuitLiters'];

/** Descaler by parts, in whole containers of the yard's sizes. */
export function DescalerSheet() {
  const { data: yard } = useQuery(yardQuery);
  const [waterParts, setWater] = useDraft('descaler.water', '4');
  const [concentrateParts, setConcentrate] = useDraft('descaler.concentrate', '1');
  const [circuitLiters, setCircuit] = useDraft(keyIn('L', 'descaler.liters'), aboutIn('L', 57));
  const numbers = allNumbers(
    { waterParts, concentrateParts, circuitLiters },
    { circuitLiters: 'L' },
  );
  const { result, at, elsewhere } = useAnswer(
    'ratio',
    numbers,
    (typed) => got(api.POST('/api/bench/ratio', { body: typed })),
    FIELDS,
  );
  return (
    <Sheet title="Descaler" more="Parts of water to parts of concentrate, as the label says.">
      <div className="grid grid-cols-2 gap-3">
        <Field
          label="Water"
          unit="parts"
          value={waterParts}
          onType={setWater}
          error={notANumber(waterParts, '4') ?? at('waterParts')}
        />
        <Field
          label="Concentrate"
          unit="parts"
          value={concentrateParts}
          onType={setConcentrate}
          error={notANumber(concentrateParts, '1') ?? at('concentrateParts')}
        />
        <Field
          label="Circuit takes"
          unit="L"
          value={circuitLiters}
          onType={setCircuit}
          error={notANumber(circuitLiters, numberIn('L', 57), 'L') ?? at('circuitLiters')}
        />
        <p className="text-soft m-0 self-end text-[13.5px]">
          {yard &&
            `Containers here: ${yard.containerLiters.map((l) => numberIn('L', l)).join(', ')} ${unitIn('L')}`}
        </p>
      </div>
      <p className="text-verm m-0 text-[14px] font-semibold">
        Descaler is acid, also where the label says non-toxic: gloves, goggles and rinse water at
        hand; water first, then concentrate; never with bleach or other cleaners. The label and
        local rules decide how it is used and where it goes.
      </p>
      <RefusedLine words={elsewhere} />
      {result && (
        <Outcome
          portions={[
            { name: 'water', liters: result.waterLiters, kind: 'WATER' },
            { name: 'concentrate', liters: result.concentrateLiters, kind: 'CONCENTRATE' },
          ]}
        >
          <p className="m-0 text-[14.5px]">
            Take{' '}
            <b>{result.containers.map((c) => `${c.count} × ${liters(c.liters)}`).join(' and ')}</b>{' '}
            of concentrate;{' '}
            <Copyable
              value={result.concentrateLeftLiters}
              shown={liters(result.concentrateLeftLiters)}
            />{' '}
            stay in the last one. Mixed with all of it there would be{' '}
            <Copyable value={result.wholeTotalLiters} shown={liters(result.wholeTotalLiters)} />,{' '}
            {liters(result.mixedLeftLiters)} more than the circuit takes.
          </p>
        </Outcome>
      )}
    </Sheet>
  );
}
