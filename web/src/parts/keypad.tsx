import { unitIn, boxIn } from '../words/quantity';

interface KeypadProps {
  text: string;
  type: (text: string) => void;
  usual?: number | undefined;
  unit: string;
  signed: boolean;
  close: () => void;
}

/** Whether a finger is what this device is used with: then our own keys come instead of its keyboard. */
export const byFinger = () => window.matchMedia?.('(pointer: coarse)').matches ?? false;

const DIGITS = '123456789'.split('');
const KEY = 'btn min-h-16 justify-center text-[24px]';

/** Large keys for one number, for gloves: digits, the point, the sign, and what it usually is. */
export function Keypad({ text, type, usual, unit, signed, close }: KeypadProps) {
  const put = (character: string) => type(text + character);
  const turn = () => type(/^[-\u2212]/.test(text) ? text.slice(1) : `\u2212${text}`);
  const point = (
    <button
      type="button"
      className={KEY}
      aria-label="Point"
      disabled={text.includes('.')}
      onClick={() => put('.')}
    >
      .
    </button>
  );
  return (
    <div role="group" aria-label="Keys" className="grid grid-cols-3 gap-2">
      {DIGITS.map((digit) => (
        <button key={digit} type="button" className={KEY} onClick={() => put(digit)}>
          {digit}
        </button>
      ))}
      {signed ? (
        <button type="button" className={KEY} aria-label="Above or below zero" onClick={turn}>
          ±
        </button>
      ) : (
        point
      )}
      <button type="button" className={KEY} onClick={() => put('0')}>
        0
      </button>
      <button
        type="button"
        className={KEY}
        aria-label="Back"
        onClick={() => type(text.slice(0, -1))}
      >
        ⌫
      </button>
      {signed && point}
      {usual !== undefined && (
        <button
          type="button"
          className="btn col-span-2 min-h-16 justify-center"
          onClick={() => type(boxIn(unit, usual))}
        >
          As usual: {boxIn(unit, usual)} {unitIn(unit)}
        </button>
      )}
      <button type="button" className="btn min-h-16 justify-center" onClick={close}>
        Hide keys
      </button>
    </div>
  );
}
