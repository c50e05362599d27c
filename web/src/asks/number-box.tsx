import { useState } from 'react';
import { number } from '../words/words';
import { Keypad, byFinger } from '../parts/keypad';
import { typedIn, understood } from '../words/typed-quantity';
import { unitIn, boxIn, stepIn, inTheirs } from '../words/quantity';

interface NumberBoxProps {
  id: string;
  label: string;
  unit: string;
  text: string;
  type: (text: string) => void;
  error: string | null;
  /** What it usually is; one tap away. */
  usual?: number | undefined;
  /** How much plus and minus change it by; left out where they would be no help. */
  step?: number | undefined;
  /** Whether it can be below zero. */
  signed?: boolean | undefined;
}

/** A number: typed, by large keys of our own where there is no keyboard, or up and down from what is usual. */
export function NumberBox(props: NumberBoxProps) {
  const { id, label, unit, text, type, error, usual, step, signed } = props;
  const [keys, setKeys] = useState(false);
  const inSteps = step === undefined ? 0 : stepIn(unit, step);
  const change = (by: number) => {
    const from = inTheirs(unit, typedIn(unit, text) ?? usual ?? 0);
    type(number(Math.max(signed ? -Infinity : 0, from + by)));
  };
  const own = understood(unit, text);
  return (
    <div className="grid gap-2">
      <div className="flex items-center gap-2">
        {step !== undefined && (
          <button
            type="button"
            className="btn w-14 justify-center text-[22px]"
            aria-label={`${number(inSteps)} less`}
            onClick={() => change(-inSteps)}
          >
            −
          </button>
        )}
        <input
          id={id}
          aria-label={label}
          className="box w-28 text-right"
          inputMode={byFinger() ? 'none' : 'decimal'}
          autoComplete="off"
          value={text}
          placeholder={usual === undefined ? undefined : boxIn(unit, usual)}
          aria-invalid={error ? true : undefined}
          aria-describedby={error ? `${id}-error` : undefined}
          onFocus={() => setKeys(byFinger())}
          onChange={(event) => type(event.target.value)}
        />
        <span className="text-soft w-11">{unitIn(unit)}</span>
        {step !== undefined && (
          <button
            type="button"
            className="btn w-14 justify-center text-[22px]"
            aria-label={`${number(inSteps)} more`}
            onClick={() => change(inSteps)}
          >
            +
          </button>
        )}
      </div>
      {keys && (
        <Keypad
          text={text}
          type={type}
          usual={usual}
          unit={unit}
          signed={signed ?? false}
          close={() => setKeys(false)}
        />
      )}
      {own && !error && <p className="text-soft m-0 text-[14.5px]">{own}</p>}
      {error && (
        <p id={`${id}-error`} role="alert" className="field-error m-0">
          {error}
        </p>
      )}
    </div>
  );
}
