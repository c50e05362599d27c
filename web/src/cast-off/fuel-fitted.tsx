import type { CastOffRound, FuelFitted, Position } from '../api/client';
import { Refusal } from '../api/refusal';
import { Choice, Field } from '../parts/field';
import { RefusedLine } from '../parts/refused-line';
import { useRefused } from '../parts/refused';
import { useKept } from './kept';
import { sentence } from '../words/words';
import { typedIn } from '../words/typed-quantity';
import { keyIn, numberIn, saidIn } from '../words/quantity';

interface FittedProps {
  /** What is typed is kept on this device under this name. */
  name: string;
  engines: CastOffRound['engines'];
  save: (fitted: FuelFitted) => Promise<unknown>;
}

const TANK = { capacity: '', unusable: '' };

/** As it stands in its boxes. */
interface Typed {
  each: boolean;
  tanks: (typeof TANK)[];
  burns: Partial<Record<Position, string>>;
  generatorFrom: string;
  speed: string;
}

const NOTHING: Typed = { each: false, tanks: [], burns: {}, generatorFrom: '0', speed: '' };

/** What a boat burns and out of which tanks, said once. */
export function FuelFittedForm({ name, engines, save }: FittedProps) {
  const drives = engines.filter(({ engine }) => engine !== 'GENERATOR');
  const [typed, type] = useKept<Typed>(keyIn('L', `${name}.burns`), NOTHING);
  const { each, burns, generatorFrom, speed } = typed;
  const tanks = engines.map((_, i) => typed.tanks[i] ?? TANK);
  const setTanks = (next: (typeof TANK)[]) => type({ ...typed, tanks: next });
  const shown = each ? drives : [null];
  const fields = [
    'speedKn',
    ...engines.map(({ engine }) => `litersPerHour.${engine}`),
    ...shown.flatMap((_, i) => [`tanks[${i}].capacityLiters`, `tanks[${i}].unusableLiters`]),
  ];
  const refused = useRefused(fields);
  const need = (field: string, unit: string, text: string, low: number, high: number) => {
    const value = typedIn(unit, text);
    if (value === null || value < low || value > high) {
      throw new Refusal(422, field, `From ${numberIn(unit, low, 2)} to ${saidIn(unit, high)}.`);
    }
    return value;
  };
  const fitted = (): FuelFitted => ({
    tanks: shown.map((drive, i) => ({
      name: drive ? `${drive.words.replace(' engine', '')} tank` : '',
      capacityLiters: need(`tanks[${i}].capacityLiters`, 'L', tanks[i]!.capacity, 1, 20_000),
      unusableLiters:
        tanks[i]!.unusable === ''
          ? null
          : need(`tanks[${i}].unusableLiters`, 'L', tanks[i]!.unusable, 0, 20_000),
      feeds: engines
        .map(({ engine }) => engine)
        .filter((engine) => {
          if (!drive) return true;
          return engine === 'GENERATOR' ? Number(generatorFrom) === i : engine === drive.engine;
        }),
    })),
    litersPerHour: Object.fromEntries(
      engines.map(({ engine }) => [
        engine,
        need(`litersPerHour.${engine}`, 'L/h', burns[engine] ?? '', 0.1, 2000),
      ]),
    ),
    speedKn: speed === '' ? null : need('speedKn', 'kn', speed, 0.5, 60),
  });
  return (
    <form
      aria-label="What it burns"
      className="grid gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        void refused.attempt(async () => {
          await save(fitted());
          type(NOTHING);
        });
      }}
    >
      <p className="m-0">Nobody has said what this boat burns. Say it once.</p>
      <div className="grid items-start gap-3 grid-cols-2">
        {engines.map(({ engine, words }) => (
          <Field
            key={engine}
            label={`${sentence(words)} burns`}
            unit="L/h"
            inputMode="decimal"
            value={burns[engine] ?? ''}
            onType={(text) => type({ ...typed, burns: { ...burns, [engine]: text } })}
            error={refused.at(`litersPerHour.${engine}`)}
          />
        ))}
        <Field
          label="At"
          unit="kn"
          inputMode="decimal"
          value={speed}
          onType={(text) => type({ ...typed, speed: text })}
          error={refused.at('speedKn')}
          hint="may be left out"
        />
        {drives.length > 1 && (
          <Choice
            label="Tanks"
            value={each ? 'each' : 'one'}
            onChoose={(to) => type({ ...typed, each: to === 'each' })}
          >
            <option value="one">one for everything</option>
            <option value="each">one for each engine</option>
          </Choice>
        )}
        {each && engines.length > drives.length && (
          <Choice
            label="Generator draws from"
            value={generatorFrom}
            onChoose={(to) => type({ ...typed, generatorFrom: to })}
          >
            {drives.map(({ engine, words }, i) => (
              <option key={engine} value={i}>
                the {words.replace(' engine', '')} tank
              </option>
            ))}
          </Choice>
        )}
      </div>
      {shown.map((drive, i) => {
        const set = (over: Partial<typeof TANK>) =>
          setTanks(tanks.map((tank, j) => (j === i ? { ...tank, ...over } : tank)));
        const name = drive ? `${sentence(drive.words.replace(' engine', ''))} tank` : 'Tank';
        return (
          <div key={drive?.engine ?? 'all'} className="grid items-start gap-3 grid-cols-2">
            <Field
              label={`${name} holds`}
              unit="L"
              inputMode="decimal"
              value={tanks[i]!.capacity}
              onType={(capacity) => set({ capacity })}
              error={refused.at(`tanks[${i}].capacityLiters`)}
            />
            <Field
              label="unusable"
              unit="L"
              inputMode="decimal"
              value={tanks[i]!.unusable}
              onType={(unusable) => set({ unusable })}
              error={refused.at(`tanks[${i}].unusableLiters`)}
              hint="left out: a tenth"
            />
          </div>
        );
      })}
      <RefusedLine words={refused.elsewhere} />
      <button type="submit" className="btn justify-self-start">
        Save consumption
      </button>
    </form>
  );
}
