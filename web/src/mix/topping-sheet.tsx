import { api, got } from '../api/client';
import { useDraft } from '../offline/draft';
import { Choice, Field } from '../parts/field';
import { RefusedLine } from '../parts/refused-line';
import { aboutIn, keyIn, liters, numberIn } from '../words/quantity';
import { Copyable } from '../parts/copyable';
import { Guards } from './guards';
import { allNumbers, notANumber } from './numbers';
import { Outcome, Sheet } from './sheet';
import { useAnswer } from './use-answer';

interface Typed {
  base: 'PG' | 'EG';
  liters: number;
  presentMassFraction: number;
  targetMassFraction: number;
  concentrateMassFraction: number;
}

const FIELDS = ['liters', 'presentMassFraction', 'targetMassFraction', 'concentrateMassFraction'];

/** What a mixture that is there already needs to become stronger. */
export function ToppingSheet() {
  const [base, setBase] = useDraft('topping.base', 'PG');
  const [present, setPresent] = useDraft('topping.present', '21');
  const [volume, setVolume] = useDraft(keyIn('L', 'topping.liters'), aboutIn('L', 4.5));
  const [target, setTarget] = useDraft('topping.target', '34');
  const [concentrate, setConcentrate] = useDraft('topping.concentrate', '56');
  const numbers = allNumbers({ present, volume, target, concentrate }, { volume: 'L' });
  const { result, at, elsewhere } = useAnswer<
    Typed,
    { addLiters: number; replaceLiters: number } & {
      mixture: Parameters<typeof Guards>[0]['mixture'] | null;
    }
  >(
    'topping',
    numbers && {
      base: base as Typed['base'],
      liters: numbers.volume,
      presentMassFraction: numbers.present / 100,
      targetMassFraction: numbers.target / 100,
      concentrateMassFraction: numbers.concentrate / 100,
    },
    (typed) => got(api.POST('/api/bench/topping', { body: typed })),
    FIELDS,
  );
  return (
    <Sheet title="Topping up" more="What is there is too weak: add to it, or replace some of it.">
      <div className="grid grid-cols-2 gap-3">
        <Choice label="Glycol" value={base} onChoose={setBase}>
          <option value="PG">propylene, PG</option>
          <option value="EG">ethylene, EG</option>
        </Choice>
        <Field
          label="There are"
          unit="L"
          value={volume}
          onType={setVolume}
          error={notANumber(volume, numberIn('L', 4.5), 'L') ?? at('liters')}
        />
        <Field
          label="Measured"
          unit="%"
          value={present}
          onType={setPresent}
          error={notANumber(present, '21') ?? at('presentMassFraction')}
        />
        <Field
          label="To reach"
          unit="%"
          value={target}
          onType={setTarget}
          error={notANumber(target, '34') ?? at('targetMassFraction')}
        />
        <Field
          label="With"
          unit="%"
          value={concentrate}
          onType={setConcentrate}
          error={notANumber(concentrate, '56') ?? at('concentrateMassFraction')}
        />
      </div>
      <RefusedLine words={elsewhere} />
      {result && numbers && (
        <Outcome
          portions={[
            { name: 'there already', liters: numbers.volume, kind: 'PRESENT' },
            { name: 'add, where there is room', liters: result.addLiters, kind: 'CONCENTRATE' },
          ]}
        >
          <p className="m-0 text-[14.5px]">
            Where it is full: take out and replace{' '}
            <Copyable
              value={result.replaceLiters}
              shown={liters(result.replaceLiters)}
              className="font-bold"
            />
            .
          </p>
          {result.mixture && <Guards mixture={result.mixture} />}
        </Outcome>
      )}
    </Sheet>
  );
}
