import { useEnter } from '../enter/enter';
import type { Said } from '../api/client';
import { Refusal } from '../api/refusal';
import { useDraft } from '../offline/draft';
import { useRefused } from '../parts/refused';
import { useUsing } from '../parts/using';
import { sentence } from '../words/words';
import { keyIn, liters, unitIn } from '../words/quantity';
import type { AskProps } from './ask-props';
import { NumberBox } from './number-box';
import { Row } from './row';
import { aboutLiters } from './usual';
import { typedIn } from '../words/typed-quantity';

/** As finely as a jug is read. */
const LITERS_STEP = 0.5;

interface NumberProps extends AskProps {
  unit: string;
  hint: string;
  /** What is wrong with what was given; null or left out while nothing is. */
  wrong?: string | null;
  /** What it usually is; one tap away. */
  usual?: number;
  /** How much plus and minus change it by; left out where they would be no help. */
  by?: number;
  fields: string[];
  entry: (value: number) => Said;
  words: (value: number) => string;
}

/** Plugs in the bag. */
export function AskCount(props: AskProps<'COUNT'>) {
  const { bag } = props.boat;
  const counted = props.ask.given === null ? bag.expected : Number(props.ask.given);
  const wrong = `${counted} counted, ${bag.expected} expected: ${
    counted > bag.expected ? 'is a drain still open?' : 'which one is missing?'
  }`;
  return (
    <AskNumber
      {...props}
      // Later steps put plugs back: then it was right when it was counted.
      wrong={!props.may || counted === bag.expected ? null : wrong}
      unit="plugs"
      fields={['count']}
      hint={`Should be ${bag.expected}`}
      usual={bag.expected}
      by={1}
      entry={(value) => ({ kind: 'BAG_COUNTED', count: Math.round(value) })}
      words={(value) => `Bag counted: ${value}`}
    />
  );
}

/** Antifreeze that was caught as it ran out. */
export function AskCatch(props: AskProps<'CATCH'>) {
  const { ask } = props;
  return (
    <AskNumber
      {...props}
      unit="L"
      fields={['liters']}
      hint={`${liters(ask.liters)} went in; more comes out, with water in it`}
      by={LITERS_STEP}
      entry={(value) => ({ kind: 'FLUID_CAUGHT', circuit: ask.circuit, liters: value })}
      words={(value) => `${liters(value)} caught`}
    />
  );
}

/** Descaler that went in. */
export function AskDescale(props: AskProps<'DESCALE'>) {
  const { ask } = props;
  return (
    <AskNumber
      {...props}
      unit="L"
      fields={['liters']}
      hint={`${liters(ask.liters)} mixed, ready to use`}
      usual={aboutLiters(ask.liters)}
      by={LITERS_STEP}
      entry={(value) => ({
        kind: 'DESCALER_USED',
        circuit: ask.circuit,
        segments: ask.segments,
        liters: value,
      })}
      words={(value) => `${liters(value)} of descaler`}
    />
  );
}

/** Liters that went in, of the lot in use. */
export function AskFill(props: AskProps<'FILL'>) {
  const { ask } = props;
  const { lot } = useUsing();
  return (
    <AskNumber
      {...props}
      unit="L"
      fields={['liters', 'lot']}
      hint={[`about ${liters(ask.liters)}`, ask.watch].filter(Boolean).join(', ')}
      usual={aboutLiters(ask.liters)}
      by={LITERS_STEP}
      entry={(value) => ({
        kind: 'FLUID_USED',
        circuit: ask.circuit,
        lot,
        liters: value,
        pourPoint: ask.pourPoint ?? undefined,
      })}
      words={(value) => `${liters(value)} into ${ask.label}`}
    />
  );
}

function AskNumber({
  ask,
  card,
  boat,
  step,
  may,
  unit,
  hint,
  fields,
  entry,
  words,
  usual,
  by,
  wrong = null,
}: NumberProps) {
  const { enter, sending } = useEnter(boat.id);
  const [text, setText, clear] = useDraft(
    keyIn(unit, `ask.${card.id}.${step.key}.${ask.kind}.${ask.label}`),
  );
  const refused = useRefused(fields);
  const error = fields.map((field) => refused.at(field)).find(Boolean) ?? refused.elsewhere;
  const save = async () => {
    const value = typedIn(unit, text);
    if (value === null) {
      refused.refuse(new Refusal(422, fields[0]!, `Enter a number of ${unitIn(unit)}, like 4.5.`));
      return;
    }
    const ok = await refused.attempt(() =>
      enter({ entries: [{ ...entry(value), card: card.id, step: step.key }], undo: words(value) }),
    );
    if (ok) clear();
  };
  const id = `ask-${step.key}-${ask.label}`.replace(/\W+/g, '-');
  return (
    <Row
      label={ask.label}
      beside={hint}
      answer={ask.answered ? (ask.given ?? 'entered') : null}
      tone={wrong ? 'bad' : ask.answered ? 'done' : 'open'}
      unfolded={!ask.bundled || text !== ''}
    >
      {wrong && (
        <p role="alert" className="text-brass m-0 font-semibold">
          {wrong}
        </p>
      )}
      {may && (
        <form
          className="flex flex-wrap items-center justify-end gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            void save();
          }}
        >
          <NumberBox
            id={id}
            label={sentence([ask.label, hint].filter(Boolean).join(', '))}
            unit={unit}
            text={text}
            type={setText}
            error={error}
            usual={usual}
            step={by}
          />
          <button type="submit" className="btn" disabled={sending}>
            {ask.answered ? 'Change' : 'Enter'}
          </button>
        </form>
      )}
    </Row>
  );
}
