import { useState } from 'react';
import type { AfterSent, CastOffRound } from '../api/client';
import { uuid } from '../api/uuid';
import { Refusal } from '../api/refusal';
import { Field } from '../parts/field';
import { useRefused } from '../parts/refused';
import { sentence, typedNumber } from '../words/words';

interface AfterProps {
  round: CastOffRound;
  say: (after: AfterSent) => void;
  /** Whether it still waited, and is gone now. */
  takeBack: (id: string) => boolean;
}

/** At the end of a season: what there is to complain of, an engine named where there are several. */
function Complain({
  round,
  tell,
}: {
  round: CastOffRound;
  tell: (what: Partial<AfterSent>, words: string) => void;
}) {
  const choices = round.complaints;
  const [picked, setPicked] = useState('');
  const options = choices
    .filter(({ complaint }) => complaint !== 'NOTHING')
    .flatMap((one): { key: string; words: string; said: Partial<AfterSent> }[] =>
      one.perEngine
        ? round.engines.map(({ engine, words }) => ({
            key: `${engine} ${one.complaint}`,
            words: sentence(round.engines.length > 1 ? `${words} ${one.words}` : one.words),
            said: { engine, complaint: one.complaint },
          }))
        : [
            {
              key: one.complaint,
              words: sentence(one.words),
              said: { complaint: one.complaint },
            },
          ],
    );
  const chosen = options.find((option) => option.key === picked);
  if (options.length === 0) return null;
  return (
    <form
      className="flex flex-wrap items-end gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (!chosen) return;
        tell(chosen.said, `${chosen.words}: the yard looks for the cause.`);
        setPicked('');
      }}
    >
      <label className="grid gap-1 font-semibold">
        Something the yard should look for
        <select className="box" value={picked} onChange={(event) => setPicked(event.target.value)}>
          <option value="">choose</option>
          {options.map(({ key, words }) => (
            <option key={key} value={key}>
              {words}
            </option>
          ))}
        </select>
      </label>
      <button type="submit" className="btn" disabled={!chosen}>
        Tell the yard
      </button>
    </form>
  );
}

/** Back again: how long it ran, and whether an engine ran dry or hot. */
export function AfterTrip({ round, say, takeBack }: AfterProps) {
  const [hours, setHours] = useState('');
  const [said, setSaid] = useState<{ id: string; words: string } | null>(null);
  const refused = useRefused(['hours']);
  const tell = (what: Partial<AfterSent>, words: string) => {
    const id = uuid();
    say({ id, deviceTime: new Date().toISOString(), ...what });
    setSaid({ id, words });
  };
  const back = () => {
    const value = typedNumber(hours);
    if (value === null || value <= 0 || value > 1000) {
      refused.refuse(new Refusal(422, 'hours', 'How long it ran, above 0 to 1000 h.'));
      return;
    }
    refused.clear();
    tell({ hours: value }, `Back after ${hours} h.`);
    setHours('');
  };
  return (
    <section aria-label="After the trip" className="grid gap-3">
      <h2 className="stencil border-ink border-b-[1.5px] pb-1 text-[19px]">After the trip</h2>
      {round.flush && (
        <p className="border-brass m-0 border-l-[5px] pl-3 font-semibold">{round.flush}</p>
      )}
      <form
        className="flex flex-wrap items-end gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          back();
        }}
      >
        <Field
          label="It ran for"
          unit="h"
          inputMode="decimal"
          value={hours}
          onType={setHours}
          error={refused.at('hours')}
        />
        <button type="submit" className="btn">
          We are back
        </button>
      </form>
      <div className="grid gap-2 sm:grid-cols-2">
        {round.engines.flatMap(({ engine, words }) =>
          (['RAN_DRY', 'RAN_HOT'] as const).map((trouble) => {
            const what = `${sentence(words)} ran ${trouble === 'RAN_DRY' ? 'dry' : 'hot'}`;
            return (
              <button
                key={`${engine}${trouble}`}
                type="button"
                className="btn"
                onClick={() => tell({ engine, trouble }, `${what}: stopped until it is looked at.`)}
              >
                {what}
              </button>
            );
          }),
        )}
      </div>
      <Complain round={round} tell={tell} />
      <p role="status" className="text-spruce m-0 font-semibold">
        {said?.words}
      </p>
      {said && (
        <button
          type="button"
          className="btn justify-self-start"
          onClick={() =>
            setSaid(
              takeBack(said.id)
                ? null
                : { id: said.id, words: 'It went up already: tell the yard.' },
            )
          }
        >
          Take it back
        </button>
      )}
    </section>
  );
}
