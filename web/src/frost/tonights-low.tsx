import { keys } from '../api/keys';
import { useState } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import { api, got } from '../api/client';
import type { FrostView } from '../api/client';
import { useRefused } from '../parts/refused';
import { RefusedLine } from '../parts/refused-line';
import { shortDay } from '../words/days';
import { typedIn } from '../words/typed-quantity';
import { numberIn, unitIn, celsius } from '../words/quantity';

interface LowProps {
  tonight: FrostView['weather']['tonight'];
  may: boolean;
}

/** How cold the night gets, by somebody who is there: one field, in place of the forecast's. */
export function TonightsLow({ tonight, may }: LowProps) {
  const queries = useQueryClient();
  const [typed, setTyped] = useState('');
  const refused = useRefused(['lowC']);
  const asked = (change: () => Promise<unknown>) =>
    refused.attempt(async () => {
      await change();
      setTyped('');
      await queries.invalidateQueries({ queryKey: keys.frost });
    });
  if (tonight) {
    return (
      <p className="m-0">
        <b>{celsius(tonight.lowC)}</b> typed in for the night to {shortDay(tonight.morning)}
        {may && (
          <>
            {' · '}
            <button
              type="button"
              className="plain"
              onClick={() => void asked(() => got(api.DELETE('/api/weather/tonight')))}
            >
              back to the forecast&rsquo;s
            </button>
          </>
        )}
        <RefusedLine words={refused.elsewhere} />
      </p>
    );
  }
  if (!may) return null;
  const error = refused.at('lowC') ?? refused.elsewhere;
  return (
    <form
      className="flex flex-wrap items-center gap-1.5"
      onSubmit={(event) => {
        event.preventDefault();
        void asked(() =>
          got(
            api.PUT('/api/weather/tonight', { body: { lowC: typedIn('°C', typed) ?? undefined } }),
          ),
        );
      }}
    >
      <label className="flex items-center gap-1.5">
        tonight&rsquo;s low here
        <input
          className="border-line bg-paper w-14 rounded-[3px] border px-1.5 py-0.5 text-right"
          inputMode="text"
          autoComplete="off"
          placeholder={numberIn('°C', -4)}
          aria-invalid={error ? true : undefined}
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
        />
        {unitIn('°C')}
      </label>
      <button type="submit" className="plain" disabled={typed.trim() === ''}>
        set it
      </button>
      <RefusedLine words={error} />
    </form>
  );
}
