import { useQuery } from '@tanstack/react-query';
import { api, got } from '../api/client';
import { shelfQuery } from '../queries/queries';
import { useDraft } from '../offline/draft';
import { Choice, Field } from '../parts/field';
import { RefusedLine } from '../parts/refused-line';
import { number } from '../words/words';
import { Copyable } from '../parts/copyable';
import { Guards } from './guards';
import { allNumbers, notANumber } from './numbers';
import { Outcome, Sheet } from './sheet';
import { useAnswer } from './use-answer';
import { aboutIn, keyIn, numberIn } from '../words/quantity';

type Base = 'PG' | 'EG';

async function blended(typed: {
  base: Base;
  concentrateMassFraction: number;
  totalLiters: number;
  targetFreezePointC?: number;
  targetMassFraction?: number;
}) {
  const blend = await got(api.POST('/api/bench/blend', { body: typed }));
  const mixture = await got(
    api.POST('/api/bench/protection', {
      body: { base: typed.base, massFraction: blend.massFraction },
    }),
  );
  return { ...blend, mixture };
}

const FIELDS = [
  'concentrateMassFraction',
  'totalLiters',
  'targetFreezePointC',
  'targetMassFraction',
];

/** Concentrate and water for a drum of a strength. */
export function BlendSheet() {
  const { data: shelf } = useQuery(shelfQuery);
  const [base, setBase] = useDraft('blend.base', 'PG');
  const [concentrate, setConcentrate] = useDraft('blend.concentrate', '100');
  const [total, setTotal] = useDraft(keyIn('L', 'blend.total'), aboutIn('L', 80));
  const [by, setBy] = useDraft('blend.by', 'FREEZE');
  const [freeze, setFreeze] = useDraft(keyIn('°C', 'blend.freeze'), aboutIn('°C', -30));
  const [strength, setStrength] = useDraft('blend.strength', '50');
  const byFreeze = by === 'FREEZE';
  const numbers = allNumbers(
    { concentrate, total, target: byFreeze ? freeze : strength },
    { total: 'L', target: byFreeze ? '°C' : '%' },
  );
  const { result, at, elsewhere } = useAnswer(
    'blend',
    numbers && {
      base: base as Base,
      concentrateMassFraction: numbers.concentrate / 100,
      totalLiters: numbers.total,
      ...(byFreeze
        ? { targetFreezePointC: numbers.target }
        : { targetMassFraction: numbers.target / 100 }),
    },
    blended,
    FIELDS,
  );
  const products = shelf?.products.filter((p) => p.massFraction != null && p.base === base) ?? [];
  return (
    <Sheet title="Blend" more="Concentrate and water for a total. Strengths are by mass.">
      <div className="grid grid-cols-2 gap-3">
        <Choice label="Glycol" value={base} onChoose={setBase}>
          <option value="PG">propylene, PG</option>
          <option value="EG">ethylene, EG</option>
        </Choice>
        <Choice
          label="From the shelf"
          value={
            products.find((p) => String(Math.round(p.massFraction! * 1000) / 10) === concentrate)
              ?.id ?? ''
          }
          onChoose={(id) => {
            const product = products.find((p) => p.id === id);
            if (product) setConcentrate(String(Math.round(product.massFraction! * 1000) / 10));
          }}
        >
          <option value="">something else</option>
          {products.map((p) => (
            <option key={p.id} value={p.id}>
              {p.name}
            </option>
          ))}
        </Choice>
        <Field
          label="Concentrate"
          unit="%"
          value={concentrate}
          onType={setConcentrate}
          error={notANumber(concentrate, '56') ?? at('concentrateMassFraction')}
        />
        <Field
          label="Total"
          unit="L"
          value={total}
          onType={setTotal}
          error={notANumber(total, numberIn('L', 80), 'L') ?? at('totalLiters')}
        />
        <Choice label="To reach" value={by} onChoose={setBy}>
          <option value="FREEZE">a freeze point</option>
          <option value="STRENGTH">a strength</option>
        </Choice>
        {byFreeze ? (
          <Field
            label="Freeze point"
            unit="°C"
            value={freeze}
            onType={setFreeze}
            error={notANumber(freeze, numberIn('°C', -30), '°C') ?? at('targetFreezePointC')}
          />
        ) : (
          <Field
            label="Strength"
            unit="%"
            value={strength}
            onType={setStrength}
            error={notANumber(strength, '38') ?? at('targetMassFraction')}
          />
        )}
      </div>
      {base === 'EG' && (
        <p className="text-verm m-0 text-[14px] font-semibold">
          Ethylene glycol is poisonous: sealed coolant side only, never raw or domestic water.
        </p>
      )}
      <RefusedLine words={elsewhere} />
      {result && (
        <Outcome
          portions={[
            { name: 'concentrate', liters: result.concentrateLiters, kind: 'CONCENTRATE' },
            { name: 'water', liters: result.waterLiters, kind: 'WATER' },
          ]}
        >
          <p className="m-0 text-[14.5px]">
            <Copyable
              value={result.massFraction * 100}
              shown={`${number(result.massFraction * 100)} %`}
              className="font-bold"
            />{' '}
            {base} by mass, {number(result.mixture.volumeFraction * 100)} % by volume.
          </p>
          <Guards mixture={result.mixture} />
        </Outcome>
      )}
    </Sheet>
  );
}
