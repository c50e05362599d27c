interface TooSoonProps {
  worked: number;
  soonest: number;
  write: () => void;
  wait: () => void;
}

const MINUTE_S = 60;
const MOST_SECONDS = 120;

const lasts = (seconds: number) =>
  seconds < MOST_SECONDS ? `${seconds} s` : `${Math.floor(seconds / MINUTE_S)} min`;

/** Asks once, where the work cannot be done yet. */
export function TooSoon({ worked, soonest, write, wait }: TooSoonProps) {
  return (
    <div
      role="alertdialog"
      aria-label="Sooner than it can be done"
      className="border-brass grid gap-2 rounded-[4px_20px_20px_4px] border-2 p-3"
    >
      <p className="m-0 text-[15.5px]">
        {worked === 0
          ? 'This step has only just begun'
          : `Only ${lasts(worked)} since the step before`}
        , and its work takes at least {lasts(soonest)}. Written now, it is marked so and proves
        nothing: each of it is looked at again.
      </p>
      <div className="flex gap-2.5">
        <button type="button" className="btn flex-1 justify-center" autoFocus onClick={wait}>
          Not yet
        </button>
        <button type="button" className="btn flex-1 justify-center" onClick={write}>
          Write it all the same
        </button>
      </div>
    </div>
  );
}
