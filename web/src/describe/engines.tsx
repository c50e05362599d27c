import type { Catalog, EngineChoices } from '../api/client';
import { Choice, Field } from '../parts/field';
import { sentence } from '../words/words';
import { Pick } from './pick';
import { NO_DETAILS, positionsOf, withEngine } from './typed';
import type { Typed, TypedDetails } from './typed';
import { unitIn } from '../words/quantity';

interface EnginesProps {
  typed: Typed;
  change: (typed: Typed) => void;
  catalog: Catalog;
  /** What this kind of engine can have; undefined while nothing is drawn yet. */
  choices: EngineChoices | undefined;
  at: (field: string) => string | null | undefined;
}

const POSITION_WORDS = {
  PORT: 'port engine',
  CENTER: 'engine',
  STARBOARD: 'starboard engine',
  GENERATOR: 'generator',
};

/** The engines that drive it: alike, as they nearly always are. */
export function Engines({ typed, change, catalog, choices, at }: EnginesProps) {
  return (
    <section aria-label="Engines" className="grid gap-2.5">
      <div className="flex flex-wrap gap-x-5 gap-y-2">
        <Pick
          legend="Engines"
          value={String(typed.count) as '1' | '2' | '3'}
          options={[
            { value: '1', words: 'one' },
            { value: '2', words: 'two' },
            { value: '3', words: 'three' },
          ]}
          choose={(value) => change(withEngine(typed, { count: Number(value) }))}
          error={at('engines')}
        />
        <Pick
          legend="Burns"
          value={typed.fuel}
          options={[
            { value: 'PETROL', words: 'petrol' },
            { value: 'DIESEL', words: 'diesel' },
          ]}
          choose={(fuel) => change(withEngine(typed, { fuel }))}
          error={at('fuel')}
        />
        <div className="w-24">
          <Field
            label="Cylinders"
            inputMode="numeric"
            value={typed.cylinders}
            onType={(cylinders) => change(withEngine(typed, { cylinders }))}
            error={at('cylinders')}
          />
        </div>
      </div>
      <Pick
        legend="Cooled by"
        value={typed.cooling}
        options={[
          { value: 'RAW_WATER', words: 'raw water' },
          { value: 'CLOSED', words: 'closed cooling' },
          { value: 'AIR', words: 'air' },
        ]}
        choose={(cooling) => change(withEngine(typed, { cooling }))}
        error={at('cooling')}
      />
      {choices && <Fitted {...{ typed, change, catalog, choices, at }} />}
    </section>
  );
}

function Fitted({
  typed,
  change,
  catalog,
  choices,
  at,
}: EnginesProps & { choices: EngineChoices }) {
  const parts = new Set(typed.parts ?? choices.parts);
  const toggle = (part: NonNullable<Typed['parts']>[number]) => {
    const next = new Set(parts);
    if (!next.delete(part)) next.add(part);
    change({ ...typed, parts: [...next] });
  };
  const words = <K extends string>(list: { key: K; words: string }[], key: K) =>
    list.find((entry) => entry.key === key)?.words ?? key;
  return (
    <>
      <div className="grid grid-cols-2 gap-3">
        <div className="col-span-2">
          <Choice
            label="Size"
            value={typed.powerClass || choices.powerClass}
            onChoose={(value) => change({ ...typed, powerClass: value as Typed['powerClass'] })}
            error={at('powerClass')}
          >
            {catalog.powerClasses.map(({ key, words: size }) => (
              <option key={key} value={key}>
                {size}
              </option>
            ))}
          </Choice>
        </div>
        {choices.exhausts.length > 1 && (
          <Choice
            label="Exhaust"
            value={typed.exhaust || choices.exhaust}
            onChoose={(value) => change({ ...typed, exhaust: value as Typed['exhaust'] })}
            error={at('exhaust')}
          >
            {choices.exhausts.map((exhaust) => (
              <option key={exhaust} value={exhaust}>
                {words(catalog.exhausts, exhaust)}
              </option>
            ))}
          </Choice>
        )}
        {choices.arrangements.length > 1 && (
          <Choice
            label="It drains by"
            value={typed.drains || choices.drains}
            onChoose={(value) => change({ ...typed, drains: value as Typed['drains'] })}
            error={at('drains')}
          >
            {choices.arrangements.map((drains) => (
              <option key={drains} value={drains}>
                {words(catalog.drains, drains)}
              </option>
            ))}
          </Choice>
        )}
      </div>
      {choices.possibleParts.length > 0 && (
        <fieldset className="m-0 border-0 p-0">
          <legend className="p-0 text-[14px] font-semibold">Fitted around it</legend>
          <div className="mt-1 flex flex-wrap gap-x-4 gap-y-0.5">
            {choices.possibleParts.map((part) => (
              <label key={part} className="flex items-center gap-1.5 text-[14px]">
                <input
                  type="checkbox"
                  className="size-4"
                  checked={parts.has(part)}
                  onChange={() => toggle(part)}
                />
                {words(catalog.parts, part)}
              </label>
            ))}
          </div>
        </fieldset>
      )}
    </>
  );
}

/** Hours and fills of each engine, where somebody knows them. */
export function EngineDetailsForm({
  typed,
  change,
  at,
}: Omit<EnginesProps, 'catalog' | 'choices'>) {
  const positions = [
    ...positionsOf(typed),
    ...(typed.answers.GENERATOR === 'YES' ? (['GENERATOR'] as const) : []),
  ];
  return (
    <div className="grid gap-2">
      {positions.map((position) => {
        const details = typed.details[position] ?? NO_DETAILS;
        const field = (name: keyof TypedDetails, label: string, unit?: string) => (
          <Field
            label={label}
            {...(unit ? { unit } : {})}
            inputMode="decimal"
            value={details[name]}
            onType={(value) =>
              change({
                ...typed,
                details: { ...typed.details, [position]: { ...details, [name]: value } },
              })
            }
            error={at(name)}
          />
        );
        return (
          <fieldset key={position} className="m-0 grid grid-cols-4 gap-2 border-0 p-0">
            <legend className="p-0 text-[14px] font-semibold">
              {sentence(POSITION_WORDS[position])}
            </legend>
            {field('hours', 'Hours')}
            {field('year', 'Year')}
            {field('oilLiters', `Oil, ${unitIn('L')}`)}
            {field('coolantLiters', `Coolant, ${unitIn('L')}`)}
            {field('thermostatC', `Thermostat, ${unitIn('°C')}`)}
            {field('plateauC', `Plateau, ${unitIn('°C')}`)}
            {field('alarmC', `Alarm, ${unitIn('°C')}`)}
            {field('mufflerLiters', `Muffler, ${unitIn('L')}`)}
            {field('drawsLitersPerMinute', `Draws, ${unitIn('L/min')}`)}
          </fieldset>
        );
      })}
      {typed.answers.GENERATOR === 'YES' && (
        <div className="flex flex-wrap gap-x-5 gap-y-2">
          <Pick
            legend="Generator burns"
            value={typed.generator.fuel}
            options={[
              { value: 'PETROL', words: 'petrol' },
              { value: 'DIESEL', words: 'diesel' },
            ]}
            choose={(fuel) => change({ ...typed, generator: { ...typed.generator, fuel } })}
          />
          <Pick
            legend="Generator cooled by"
            value={typed.generator.cooling}
            options={[
              { value: 'RAW_WATER', words: 'raw water' },
              { value: 'CLOSED', words: 'closed cooling' },
              { value: 'AIR', words: 'air' },
            ]}
            choose={(cooling) => change({ ...typed, generator: { ...typed.generator, cooling } })}
          />
        </div>
      )}
    </div>
  );
}
