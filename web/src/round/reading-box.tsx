import { useId, useRef } from 'react';
import { goToEntry, walked } from './next-entry';

interface ReadingBoxProps {
  label: string;
  unit: string;
  text: string;
  type: (text: string) => void;
  /** Takes the reading in; the walk goes on at once and comes back only if it was refused. */
  enter: () => Promise<boolean>;
  /** Reads it by a digital instrument into the box; left out where there is none. */
  read?: (() => Promise<void>) | undefined;
  error: string | null;
  disabled?: boolean;
}

/** One reading in the walk down the round: Enter takes it in and goes on. */
export function ReadingBox(props: ReadingBoxProps) {
  const { label, unit, text, type, enter, read, error, disabled = false } = props;
  const id = useId();
  const input = useRef<HTMLInputElement>(null);
  const onKeyDown = (event: React.KeyboardEvent<HTMLInputElement>) => {
    if (walked(event)) return;
    if (event.key === 'r' && read) {
      event.preventDefault();
      void read();
      return;
    }
    if (event.key !== 'Enter') return;
    event.preventDefault();
    const box = event.currentTarget;
    if (box.value.trim() === '') {
      goToEntry(box, 1);
      return;
    }
    goToEntry(box, 1);
    void enter().then((taken) => {
      if (!taken) box.focus();
    });
  };
  return (
    <div className="grid gap-0.5">
      <span className="flex items-center gap-1.5">
        <input
          ref={input}
          id={id}
          data-round-entry=""
          aria-label={label}
          className="box w-24 text-right"
          inputMode="text"
          autoComplete="off"
          value={text}
          disabled={disabled}
          aria-invalid={error ? true : undefined}
          aria-describedby={error ? `${id}-error` : undefined}
          onChange={(event) => type(event.target.value)}
          onKeyDown={onKeyDown}
        />
        <span className="text-soft w-7 text-[13.5px]">{unit}</span>
        {read && (
          <button
            type="button"
            className="plain text-[13px]"
            tabIndex={-1}
            title="R reads it with the simulated instrument"
            onClick={() => {
              void read();
              input.current?.focus();
            }}
          >
            read
          </button>
        )}
      </span>
      {error && (
        <p id={`${id}-error`} role="alert" className="field-error m-0">
          {error}
        </p>
      )}
    </div>
  );
}
