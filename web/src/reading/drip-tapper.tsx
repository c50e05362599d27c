import { useState } from 'react';
import { number } from '../words/words';
import { dripsPerMinute } from './drips';

/** Counts a drip with the thumb: one tap at each drop, the rate from the time between. */
export function DripTapper({ onRate }: { onRate: (perMinute: number) => void }) {
  const [taps, setTaps] = useState<number[]>([]);
  const rate = dripsPerMinute(taps);
  const tap = (at: number) => {
    const next = [...taps, at];
    setTaps(next);
    const now = dripsPerMinute(next);
    if (now !== null) onRate(now);
  };
  return (
    <div className="flex w-full flex-wrap items-center gap-2">
      <button
        type="button"
        className="btn min-h-16 flex-1 justify-center text-[18px]"
        onClick={(event) => tap(event.timeStamp)}
      >
        Tap at each drop
      </button>
      {taps.length > 0 && (
        <button type="button" className="btn" onClick={() => setTaps([])}>
          Count again
        </button>
      )}
      <span role="status" className="text-soft w-full text-[15px]">
        {rate === null
          ? taps.length === 0
            ? 'No drop in a minute: enter 0.'
            : 'And at the next drop.'
          : `${taps.length} drops: ${number(rate)} a minute.`}
      </span>
    </div>
  );
}
