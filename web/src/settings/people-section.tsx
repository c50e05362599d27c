import { useState } from 'react';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { api, got } from '../api/client';
import type { SignedIn } from '../api/client';
import { peopleQuery } from '../api/queries';
import { Choice, Field } from '../parts/field';
import { useRefused } from '../parts/refused';
import { RowsFile } from '../parts/rows-file';
import { Save, Section } from './section';

const ROLES: Record<SignedIn['role'], string> = {
  COORDINATOR: 'coordinator: everything',
  TECHNICIAN: 'technician: cards, readings, samples',
  YARD_HAND: 'yard hand: berths and what concerns moving',
  VIEWER: 'viewer: reads',
};

export function PeopleSection() {
  const { data: people = [] } = useQuery(peopleQuery);
  const queries = useQueryClient();
  const [name, setName] = useState('');
  const [role, setRole] = useState<SignedIn['role']>('TECHNICIAN');
  const [password, setPassword] = useState('');
  const refused = useRefused(['name', 'role', 'password']);
  const save = async () => {
    const ok = await refused.attempt(() =>
      api.POST('/api/people', { body: { name, role, password } }),
    );
    if (!ok) return;
    setName('');
    setPassword('');
    void queries.invalidateQueries({ queryKey: peopleQuery.queryKey });
  };
  return (
    <Section title="People">
      <ul className="m-0 list-none p-0 text-[14.5px]">
        {people.map((person) => (
          <li
            key={person.name}
            className="border-line flex justify-between border-t py-1 first:border-t-0"
          >
            <b>{person.name}</b>
            <span className="text-soft">{person.role.toLowerCase().replace('_', ' ')}</span>
          </li>
        ))}
      </ul>
      <form
        className="grid gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          void save();
        }}
      >
        <Field
          label="Name"
          value={name}
          onType={setName}
          autoComplete="off"
          error={refused.at('name')}
        />
        <Choice
          label="Role"
          value={role}
          onChoose={(value) => setRole(value as typeof role)}
          error={refused.at('role')}
        >
          {Object.entries(ROLES).map(([key, words]) => (
            <option key={key} value={key}>
              {words}
            </option>
          ))}
        </Choice>
        <Field
          label="First password"
          type="password"
          value={password}
          onType={setPassword}
          autoComplete="new-password"
          error={refused.at('password')}
        />
        <Save action="Add" trouble={refused.elsewhere} />
      </form>
      <div className="mt-3 grid gap-1.5 text-[14.5px]">
        <p className="m-0">
          Or all of a file with the columns <code>name</code>, <code>role</code> and{' '}
          <code>password</code>.
        </p>
        <RowsFile
          label="File of people"
          done="added"
          send={(csv) =>
            got(
              api.POST('/api/people/import', {
                body: csv,
                bodySerializer: (body) => body,
                headers: { 'Content-Type': 'text/csv' },
              }),
            )
          }
          taken={() => void queries.invalidateQueries({ queryKey: peopleQuery.queryKey })}
        />
      </div>
    </Section>
  );
}

export function ChangePassword() {
  const [now, setNow] = useState('');
  const [next, setNext] = useState('');
  const [done, setDone] = useState(false);
  const refused = useRefused(['now', 'next']);
  const save = async () => {
    const ok = await refused.attempt(() =>
      api.PUT('/api/session/password', { body: { now, next } }),
    );
    setDone(ok);
    if (!ok) return;
    setNow('');
    setNext('');
  };
  return (
    <Section title="My password">
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
          error={refused.at('now')}
        />
        <Field
          label="New password"
          type="password"
          value={next}
          onType={setNext}
          autoComplete="new-password"
          error={refused.at('next')}
        />
        <Save action="Change it" trouble={refused.elsewhere} done={done ? 'Changed.' : null} />
      </form>
    </Section>
  );
}
