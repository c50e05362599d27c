import { useState } from 'react';
import { number, typedNumber } from '../words/words';
import { Keypad, byFinger } from '../parts/keypad';

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
  const change = (by: number) => {
    const from = typedNumber(text) ?? usual ?? 0;
    type(number(Math.max(signed ? -Infinity : 0, from + by)));
  };
  return (
    <div className="grid gap-2">
      <div className="flex items-center gap-2">
        {step !== undefined && (
          <button
            type="button"
            className="btn w-14 justify-center text-[22px]"
            aria-label={`${number(step)} less`}
            onClick={() => change(-step)}
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
          placeholder={usual === undefined ? undefined : number(usual)}
          aria-invalid={error ? true : undefined}
          aria-describedby={error ? `${id}-error` : undefined}
          onFocus={() => setKeys(byFinger())}
          onChange={(event) => type(event.target.value)}
        />
        <span className="text-soft w-11">{unit}</span>
        {step !== undefined && (
          <button
            type="button"
            className="btn w-14 justify-center text-[22px]"
            aria-label={`${number(step)} more`}
            onClick={() => change(step)}
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
      {error && (
        <p id={`${id}-error`} role="alert" className="field-error m-0">
          {error}
        </p>
      )}
    </div>
  );
}
