import { useId, useRef } from 'react';
import { goToEntry, walked } from './next-entry';
import { unitIn } from '../words/quantity';

interface ReadingBoxProps {
  label: string;
  unit: string;
  text: string;
  type: (text: string) => void;
  /** Written on the bottle or the jug. */
  mark: string;
  /** Whether it can be a reading at all; if not, the walk stays here. */
  check: () => boolean;
  /** Takes the reading in; the walk has gone on by then. */
  enter: () => void;
  /** Reads it by a digital instrument into the box; left out where there is none. */
  read?: (() => Promise<void>) | undefined;
  error: string | null;
}

/** One reading in the walk down the round: Enter takes it in and goes on. */
export function ReadingBox(props: ReadingBoxProps) {
  const { label, mark, unit, text, type, check, enter, read, error } = props;
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
    const written = text.trim() !== '';
    if (written && !check()) return;
    goToEntry(event.currentTarget, 1);
    if (written) enter();
  };
  return (
    <div className="grid gap-0.5">
      <span className="flex items-center gap-1.5">
        <input
          ref={input}
          id={id}
          data-round-entry={mark}
          aria-label={label}
          className="box w-24 text-right"
          inputMode="text"
          autoComplete="off"
          value={text}
          aria-invalid={error ? true : undefined}
          aria-describedby={error ? `${id}-error` : undefined}
          onChange={(event) => type(event.target.value)}
          onKeyDown={onKeyDown}
        />
        <span className="text-soft w-7 text-[13.5px]">{unitIn(unit)}</span>
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
