import { useState } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import { api } from '../api/client';
import { mySessionsQuery } from '../queries/queries';
import { Field } from '../parts/field';
import { useRefused } from '../parts/refused';
import { Save, Section } from '../parts/section';

/** One's own. Every other device is signed out by it. */
export function ChangePassword() {
  const [now, setNow] = useState('');
  const [next, setNext] = useState('');
  const [done, setDone] = useState(false);
  const queries = useQueryClient();
  const refused = useRefused(['now', 'next', 'password']);
  const save = async () => {
    const ok = await refused.attempt(() =>
      api.PUT('/api/session/password', { body: { now, next } }),
    );
    setDone(ok);
    if (!ok) return;
    setNow('');
    setNext('');
    void queries.invalidateQueries({ queryKey: mySessionsQuery.queryKey });
  };
  return (
    <Section title="My password" more="Changing it signs every other device out.">
      <form
        className="grid gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          void save();
        }}
      >
        <Field
          label="Present password"
          type="password"
          value={now}
          onType={setNow}
          autoComplete="current-password"
          error={refused.at('now') ?? refused.at('password')}
        />
        <Field
          label="New password"
          type="password"
          value={next}
          onType={setNext}
          autoComplete="new-password"
          hint="At least 10 characters. Three words that do not belong together are good."
          error={refused.at('next')}
        />
        <Save
          action="Change it"
          trouble={refused.elsewhere}
          done={done ? 'Changed. Other devices are signed out.' : null}
        />
      </form>
    </Section>
  );
}
