import { useId } from 'react';

interface PickProps<T extends string> {
  legend: string;
  hidden?: boolean;
  value: T | '';
  options: { value: T; words: string }[];
  choose: (value: T) => void;
  error?: string | null | undefined;
}

/** One of a few, all in sight: a row of native radio buttons dressed as tabs of a card. */
export function Pick<T extends string>({
  legend,
  hidden,
  value,
  options,
  choose,
  error,
}: PickProps<T>) {
  const name = useId();
  return (
    <fieldset className="m-0 grid gap-1 border-0 p-0">
      <legend className={hidden ? 'sr-only' : 'mb-1 p-0 text-[14px] font-semibold'}>
        {legend}
      </legend>
      <div className="flex flex-wrap gap-1.5">
        {options.map((option) => (
          <label
            key={option.value}
            className="border-line bg-card has-checked:border-ink has-checked:bg-ink has-checked:text-paper has-focus-visible:outline-brass min-h-8 cursor-pointer rounded-[3px_9px_9px_3px] border-[1.5px] px-2.5 py-1 text-[14px] font-semibold has-focus-visible:outline-2"
          >
            <input
              type="radio"
              className="sr-only"
              name={name}
              checked={value === option.value}
              onChange={() => choose(option.value)}
            />
            {option.words}
          </label>
        ))}
      </div>
      {error && (
        <p role="alert" className="field-error m-0">
          {error}
        </p>
      )}
    </fieldset>
  );
}
