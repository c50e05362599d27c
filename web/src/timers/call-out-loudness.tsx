import { useState } from 'react';
import { keepLoudness, loudness } from './loudness';
import { ring, soundNow } from './ring';

/** How loud this device calls out what is due. */
export function CallOutLoudness() {
  const [percent, setPercent] = useState(loudness);
  return (
    <section aria-label="Call-outs" className="mb-8 break-inside-avoid">
      <h2 className="stencil border-ink border-b-[1.5px] pb-1 text-[19px]">Call-outs here</h2>
      <label className="mt-3 grid gap-1 text-[15px]">
        <span>
          Volume on this device: <b>{percent === 0 ? 'silent, it only shakes' : `${percent} %`}</b>
        </span>
        <input
          type="range"
          min={0}
          max={100}
          step={10}
          value={percent}
          className="h-11 w-full max-w-[320px]"
          onChange={(event) => {
            const now = Number(event.target.value);
            setPercent(now);
            keepLoudness(now);
          }}
        />
      </label>
      <button
        type="button"
        className="btn mt-2"
        onClick={() => {
          soundNow();
          ring(true);
        }}
      >
        Try it
      </button>
    </section>
  );
}
