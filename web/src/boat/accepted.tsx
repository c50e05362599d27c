import { useState } from 'react';
import type { BoatView } from '../api/client';
import { useEnter } from '../enter/enter';
import { useDraft } from '../offline/draft';
import { isSafe } from '../parts/fleet-standing';
import { Choice, Field } from '../parts/field';
import { useRefused } from '../parts/refused';
import { RefusedLine } from '../parts/refused-line';
import { useEscape } from '../keys/escape';
import { sentence } from '../words/words';
import { typedIn } from '../words/typed-quantity';

/** Circuits that are taken as they are for a while; a coordinator may take another. */
export function Accepted({ boat, may }: { boat: BoatView; may: boolean }) {
  const [open, setOpen] = useState(false);
  const taken = boat.circuits.filter((circuit) => circuit.accepted);
  const left = boat.circuits.filter((circuit) => !circuit.accepted && !isSafe(circuit.protection));
  const offers = may && left.length > 0;
  if (taken.length === 0 && !offers) return null;
  return (
    <section aria-label="Accepted as it is" className="grid gap-1.5 text-[14px]">
      {taken.map((circuit) => (
        <p key={circuit.key} className="m-0">
          <b>{sentence(circuit.name)}</b>: {circuit.accepted}
        </p>
      ))}
      {offers && !open && (
        <button type="button" className="plain justify-self-start" onClick={() => setOpen(true)}>
          accept a circuit as it is, for a while
        </button>
      )}
      {offers && open && <Take boat={boat.id} left={left} done={() => setOpen(false)} />}
    </section>
  );
}

interface TakeProps {
  boat: string;
  left: BoatView['circuits'];
  done: () => void;
}

function Take({ boat, left, done }: TakeProps) {
  const { enter, sending } = useEnter(boat);
  const [picked, setPicked] = useState(left[0]!.key);
  const [reason, setReason, clear] = useDraft(`accept.${boat}`);
  const [until, setUntil] = useState('');
  const [cold, setCold] = useState('');
  const refused = useRefused(['circuit', 'reason', 'until', 'untilC']);
  const save = async () => {
    const ok = await refused.attempt(() =>
      enter({
        entries: [
          {
            kind: 'ACCEPTED',
            circuit: picked,
            reason,
            until: until || undefined,
            untilC: typedIn('°C', cold) ?? undefined,
          },
        ],
      }),
    );
    if (!ok) return;
    clear();
    done();
  };
  const panel = useEscape<HTMLFormElement>(done);
  return (
    <form
      aria-label="Accept as it is"
      className="bg-paper-2 grid gap-2 p-3"
      ref={panel}
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <p className="text-soft m-0 text-[13.5px]">
        It proves nothing: it leaves &ldquo;Decide now&rdquo; and comes back on that day, or before
        a night as cold as that.
      </p>
      <Choice label="Circuit" value={picked} onChoose={setPicked} error={refused.at('circuit')}>
        {left.map((circuit) => (
          <option key={circuit.key} value={circuit.key}>
            {circuit.name}
          </option>
        ))}
      </Choice>
      <Field
        label="Why it may stay so"
        value={reason}
        onType={setReason}
        autoFocus
        error={refused.at('reason')}
      />
      <div className="flex flex-wrap gap-3">
        <Field
          label="Until"
          type="date"
          value={until}
          onType={setUntil}
          error={refused.at('until')}
        />
        <div className="w-32">
          <Field
            label="Or until a night at"
            unit="°C"
            inputMode="text"
            autoComplete="off"
            value={cold}
            onType={setCold}
            error={refused.at('untilC')}
          />
        </div>
      </div>
      <div className="flex gap-3">
        <button type="submit" className="btn btn-main" disabled={sending}>
          Accept it
        </button>
        <button type="button" className="btn" onClick={done}>
          Cancel
        </button>
      </div>
      <RefusedLine words={refused.elsewhere} />
    </form>
  );
}
