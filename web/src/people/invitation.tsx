import type { Invited } from '../api/client';
import { clock } from '../words/words';
import { roleWords } from '../parts/roles';
import { SquareCode } from './square-code';

/** What somebody scans to set their own password. It is seen this once. */
export function Invitation({ made, done }: { made: Invited; done: () => void }) {
  const { person } = made;
  return (
    <div
      role="status"
      aria-label={`Code for ${person.name}`}
      className="border-ink bg-card grid justify-items-start gap-3 rounded-[3px_14px_14px_3px] border-[1.5px] p-4"
    >
      <p className="m-0">
        <b>{person.name}</b>
        {person.role && `, ${roleWords(person.role)}`}: scan this with your own phone and set your
        password. It works once, until {clock(made.until)}, and is not shown again.
      </p>
      <SquareCode
        label={`Square code for ${person.name}`}
        size={made.squareSize}
        path={made.square}
      />
      <label className="text-soft grid w-full gap-1 text-[13.5px]">
        Or this address
        <input
          className="box w-full text-[13.5px]"
          readOnly
          value={made.address}
          onFocus={(event) => event.target.select()}
        />
      </label>
      {new URL(made.address).hostname === 'localhost' && (
        <p className="border-amber m-0 border-l-[3px] pl-3 text-[14px]">
          “localhost” is this machine itself: no phone gets here by it. Open Elsko by the address
          that phones use, or write it into the settings, then make a new code.
        </p>
      )}
      <button type="button" className="btn" onClick={done}>
        Done
      </button>
    </div>
  );
}
