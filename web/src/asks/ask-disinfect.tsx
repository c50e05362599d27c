import { useEnter } from '../enter/enter';
import { Refusal } from '../api/refusal';
import { useDraft } from '../offline/draft';
import { Field } from '../parts/field';
import { RefusedLine } from '../parts/refused-line';
import { useRefused } from '../parts/refused';
import { number, sentence, typedNumber } from '../words/words';
import { CallWords } from '../reading/call-words';
import type { AskProps } from './ask-props';
import { mgPerLiterOf, millilitersFor } from './dose';
import { Tick } from '../parts/tick';
import { typedIn } from '../words/typed-quantity';
import { boxIn, keyIn, saidIn } from '../words/quantity';

const FIELDS = ['tankLiters', 'chlorinePercent', 'milliliters'];

/** Chlorine into domestic water: how much, and what was poured. */
export function AskDisinfect({ ask, card, boat, step, may }: AskProps<'DISINFECT'>) {
  const { enter, sending } = useEnter(boat.id);
  const draft = `ask.${card.id}.${step.key}.dose`;
  const [tankText, setTank] = useDraft(
    keyIn('L', `${draft}.tank`),
    ask.dose.tankLiters === null ? '' : boxIn('L', ask.dose.tankLiters),
  );
  const [percentText, setPercent] = useDraft(`${draft}.percent`);
  const [pouredText, setPoured, clear] = useDraft(keyIn('mL', `${draft}.poured`));
  const refused = useRefused(FIELDS);
  const tank = typedIn('L', tankText, ask.dose.tankLiters);
  const percent = typedNumber(percentText);
  const poured = typedIn('mL', pouredText);
  const { mgPerLiter, mostMgPerLiter } = ask.dose;
  const needed = tank && percent ? millilitersFor(tank, mgPerLiter, percent) : null;
  const strength = tank && percent && poured ? mgPerLiterOf(poured, tank, percent) : null;
  const save = async () => {
    const missing = [tank, percent, poured].indexOf(null);
    if (missing >= 0) {
      refused.refuse(new Refusal(422, FIELDS[missing]!, 'Enter a number, like 4.5.'));
      return;
    }
    const ok = await refused.attempt(() =>
      enter({
        entries: [
          {
            kind: 'DISINFECTED',
            circuit: ask.circuit,
            tankLiters: tank!,
            chlorinePercent: percent!,
            milliliters: poured!,
            card: card.id,
            step: step.key,
          },
        ],
        undo: `${saidIn('mL', poured!)} poured in`,
      }),
    );
    if (ok) clear();
  };
  return (
    <form
      className={`grid gap-3 rounded-[4px_14px_14px_4px] border-[1.5px] p-3 ${ask.answered ? 'border-(--color-done)' : 'border-line'}`}
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <div className="flex items-center gap-3">
        <Tick done={ask.answered} />
        <b>{sentence(ask.label)}</b>
      </div>
      {may && (
        <div className="grid items-start gap-3 sm:grid-cols-3">
          <Field
            label="Tank and lines hold"
            unit="L"
            inputMode="decimal"
            value={tankText}
            onType={setTank}
            error={refused.at('tankLiters')}
          />
          <Field
            label="Available chlorine"
            unit="%"
            inputMode="decimal"
            value={percentText}
            onType={setPercent}
            error={refused.at('chlorinePercent')}
            hint="on the product"
          />
          <Field
            label="Poured in"
            unit="mL"
            inputMode="decimal"
            value={pouredText}
            onType={setPoured}
            error={refused.at('milliliters')}
            hint={needed === null ? undefined : `${saidIn('mL', needed)} give ${mgPerLiter} mg/L`}
          />
        </div>
      )}
      {strength !== null && strength > mostMgPerLiter && (
        <CallWords
          call="STOP"
          words={`That would be ${number(strength, 0)} mg/L: above ${mostMgPerLiter} it burns skin and eyes. Less.`}
        />
      )}
      <RefusedLine words={refused.elsewhere} />
      {may && (
        <button type="submit" className="btn justify-self-end" disabled={sending}>
          {ask.answered ? 'Change' : 'Enter'}
        </button>
      )}
    </form>
  );
}
