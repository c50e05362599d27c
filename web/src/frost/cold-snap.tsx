import { keys } from '../api/keys';
import { useState } from 'react';
import { addDays, format, parseISO } from 'date-fns';
import { useQueryClient } from '@tanstack/react-query';
import { api, got } from '../api/client';
import { Field } from '../parts/field';
import { useRefused } from '../parts/refused';
import { RefusedLine } from '../parts/refused-line';
import { useEscape } from '../keys/escape';
import { typedNumber } from '../words/words';
import { typedIn } from '../words/typed-quantity';

/** A what-if: days that come out colder than the forecast has them. */
export function ColdSnapForm({ today, done }: { today: string; done: () => void }) {
  const queries = useQueryClient();
  const [first, setFirst] = useState(() => format(addDays(parseISO(today), 2), 'yyyy-MM-dd'));
  const [days, setDays] = useState('4');
  const [byK, setByK] = useState('9');
  const refused = useRefused(['first', 'days', 'byK']);
  const send = () =>
    refused.attempt(async () => {
      await got(
        api.PUT('/api/weather/cold-snap', {
          body: {
            first: first || undefined,
            days: typedNumber(days) ?? undefined,
            byK: typedIn('K', byK) ?? undefined,
          },
        }),
      );
      await queries.invalidateQueries({ queryKey: keys.frost });
      done();
    });
  const panel = useEscape<HTMLFormElement>(done);
  return (
    <form
      aria-label="What if it came colder"
      className="border-line flex flex-wrap items-start gap-3 border-t px-5 py-2"
      ref={panel}
      onSubmit={(event) => {
        event.preventDefault();
        void send();
      }}
    >
      <Field
        label="From"
        type="date"
        autoFocus
        value={first}
        onType={setFirst}
        error={refused.at('first')}
      />
      <div className="w-28">
        <Field
          label="For"
          unit="days"
          inputMode="numeric"
          value={days}
          onType={setDays}
          error={refused.at('days')}
        />
      </div>
      <div className="w-28">
        <Field
          label="Colder by"
          unit="K"
          inputMode="decimal"
          value={byK}
          onType={setByK}
          error={refused.at('byK')}
        />
      </div>
      <div className="flex items-center gap-3 self-end pb-0.5">
        <button type="submit" className="btn btn-main">
          Try it
        </button>
        <button type="button" className="plain text-[14px]" onClick={done}>
          leave it
        </button>
      </div>
      <RefusedLine words={refused.elsewhere} />
    </form>
  );
}

/** Back to the forecast as it is. */
export function EndColdSnap() {
  const queries = useQueryClient();
  const refused = useRefused([]);
  const end = () =>
    refused.attempt(async () => {
      await got(api.DELETE('/api/weather/cold-snap'));
      await queries.invalidateQueries({ queryKey: keys.frost });
    });
  return (
    <>
      <button type="button" className="plain" onClick={() => void end()}>
        back to the forecast
      </button>
      <RefusedLine words={refused.elsewhere} />
    </>
  );
}
