import { useId, useState } from 'react';
import type { InputHTMLAttributes, ReactNode } from 'react';
import { Keypad, byFinger } from './keypad';
import { understood } from '../words/typed-quantity';
import { dateTyped } from '../words/days';
import { unitIn } from '../words/quantity';

interface Common {
  label: string;
  error?: string | null;
  hint?: string;
}

interface FieldProps extends Common, Omit<InputHTMLAttributes<HTMLInputElement>, 'onChange'> {
  value: string;
  onType: (text: string) => void;
  unit?: string;
  /** It holds a number: with a finger it is typed by large keys of our own. */
  keys?: { signed: boolean; usual?: number | undefined };
}

/** One labelled box; what is wrong with it stands right below it. */
export function Field({ label, error, hint, value, onType, unit, keys, ...rest }: FieldProps) {
  const id = useId();
  const [keyed, setKeyed] = useState(false);
  const own = unit ? understood(unit, value) : rest.type === 'date' ? dateTyped(value) : null;
  const ours =
    keys && byFinger() ? { inputMode: 'none' as const, onFocus: () => setKeyed(true) } : {};
  return (
    <div className="grid content-start gap-1">
      <label htmlFor={id} className="text-[14px] font-semibold">
        {label}
      </label>
      <div className="flex items-center gap-2">
        <input
          {...rest}
          {...ours}
          id={id}
          className="box"
          value={value}
          aria-invalid={error ? true : undefined}
          aria-describedby={error || own || hint ? `${id}-more` : undefined}
          onChange={(event) => onType(event.target.value)}
        />
        {unit && <span className="text-soft whitespace-nowrap">{unitIn(unit)}</span>}
      </div>
      <Below id={`${id}-more`} error={error} hint={own ?? hint} />
      {keys && keyed && (
        <Keypad
          text={value}
          type={onType}
          usual={keys.usual}
          unit={unit ?? ''}
          signed={keys.signed}
          close={() => setKeyed(false)}
        />
      )}
    </div>
  );
}

interface ChoiceProps extends Common {
  value: string;
  onChoose: (value: string) => void;
  children: ReactNode;
}

/** One labelled choice from a short list. */
export function Choice({ label, error, hint, value, onChoose, children }: ChoiceProps) {
  const id = useId();
  return (
    <div className="grid content-start gap-1">
      <label htmlFor={id} className="text-[14px] font-semibold">
        {label}
      </label>
      <select
        id={id}
        className="box"
        value={value}
        aria-invalid={error ? true : undefined}
        aria-describedby={error || hint ? `${id}-more` : undefined}
        onChange={(event) => onChoose(event.target.value)}
      >
        {children}
      </select>
      <Below id={`${id}-more`} error={error} hint={hint} />
    </div>
  );
}

function Below({ id, error, hint }: { id: string; error?: string | null; hint?: string }) {
  if (!error && !hint) return null;
  return (
    <div id={id}>
      {error && (
        <p role="alert" className="field-error m-0">
          {error}
        </p>
      )}
      {!error && hint && <p className="text-soft m-0 text-[13px]">{hint}</p>}
    </div>
  );
}
