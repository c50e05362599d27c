import { useState } from 'react';
import { useQuery } from '@tanstack/react-query';
import { api, got } from '../api/client';
import type { Invited, PersonView, SignedIn } from '../api/client';
import { sessionsOfQuery } from '../queries/queries';
import { Choice } from '../parts/field';
import { RefusedLine } from '../parts/refused-line';
import { useRefused } from '../parts/refused';
import { clock } from '../words/words';
import { ROLES } from '../parts/roles';

interface OnePersonProps {
  person: PersonView;
  invited: (made: Invited) => void;
  changed: () => void;
}

type Ask = 'code' | 'lock' | 'remove';

const MEANS: Record<Ask, (name: string) => string> = {
  code: (name) =>
    `Whatever ${name} has open ends at once, and the password opens nothing any more. A new one is set with the code.`,
  lock: (name) =>
    `Whatever ${name} has open ends at once. Nobody comes in by that name until it is unlocked.`,
  remove: (name) =>
    `Whatever ${name} has open ends at once. What they entered keeps their name, and nobody else gets it; no walks are planned for them any more.`,
};

/** What a coordinator does about one person. What ends somebody's work is asked about once. */
export function OnePerson({ person, invited, changed }: OnePersonProps) {
  const [asked, setAsked] = useState<Ask | null>(null);
  const refused = useRefused(['role', 'name']);
  const path = { id: person.id };
  const say = (act: () => Promise<unknown>) =>
    void refused.attempt(async () => {
      await act();
      setAsked(null);
      changed();
    });
  const become = (role: string) =>
    say(() =>
      api.PUT('/api/people/{id}/role', {
        params: { path, header: { 'If-Match': `"${person.version}"` } },
        body: { role: role as SignedIn['role'] },
      }),
    );
  const newCode = () =>
    say(async () => invited(await got(api.POST('/api/people/{id}/code', { params: { path } }))));
  const invite = (role: SignedIn['role']) =>
    say(async () =>
      invited(await got(api.POST('/api/people', { body: { name: person.name, role } }))),
    );
  const lock = (locked: boolean) =>
    say(() => api.PUT('/api/people/{id}/locked', { params: { path }, body: { locked } }));
  const remove = () => say(() => api.DELETE('/api/people/{id}', { params: { path } }));
  const act: Record<Ask, () => void> = { code: newCode, lock: () => lock(true), remove };
  const isHere = person.standing !== 'REMOVED' && person.standing !== 'WALKS';
  return (
    <div className="border-line my-2 grid gap-3 border-l-[3px] pl-3">
      {person.codeUntil && (
        <p className="text-soft m-0">Their code sets a password until {clock(person.codeUntil)}.</p>
      )}
      {isHere && person.role && (
        <Choice
          label={`Role of ${person.name}`}
          value={person.role}
          onChoose={become}
          error={refused.at('role')}
        >
          {Object.entries(ROLES).map(([key, words]) => (
            <option key={key} value={key}>
              {words}
            </option>
          ))}
        </Choice>
      )}
      {person.standing === 'ACTIVE' && <SignedInOn person={person.id} />}
      {asked ? (
        <div role="alert" className="border-amber grid gap-2 border-l-[3px] pl-3">
          <p className="m-0">{MEANS[asked](person.name)}</p>
          <div className="flex gap-2">
            <button type="button" className="btn btn-main" onClick={act[asked]}>
              {asked === 'code' ? 'Make the code' : asked === 'lock' ? 'Lock' : 'Remove'}
            </button>
            <button type="button" className="btn" onClick={() => setAsked(null)}>
              Cancel
            </button>
          </div>
        </div>
      ) : (
        <div className="flex flex-wrap gap-2">
          {isHere && person.standing !== 'LOCKED' && (
            <button
              type="button"
              className="btn"
              onClick={() => (person.standing === 'INVITED' ? newCode() : setAsked('code'))}
            >
              New code
            </button>
          )}
          {isHere && (
            <button
              type="button"
              className="btn"
              onClick={() => (person.standing === 'LOCKED' ? lock(false) : setAsked('lock'))}
            >
              {person.standing === 'LOCKED' ? 'Unlock' : 'Lock'}
            </button>
          )}
          {isHere && (
            <button type="button" className="btn" onClick={() => setAsked('remove')}>
              Remove
            </button>
          )}
          {!isHere && (
            <button
              type="button"
              className="btn"
              onClick={() => invite(person.role ?? 'TECHNICIAN')}
            >
              {person.role ? 'Invite again' : 'Invite as technician'}
            </button>
          )}
        </div>
      )}
      <RefusedLine words={refused.at('name') ?? refused.elsewhere} />
    </div>
  );
}

/** Where somebody is signed in by now. */
function SignedInOn({ person }: { person: string }) {
  const { data = [] } = useQuery(sessionsOfQuery(person));
  return (
    <p className="text-soft m-0">
      {data.length === 0
        ? 'Not signed in anywhere.'
        : `Signed in on ${data
            .map(
              (one) =>
                `a ${one.device === 'PHONE' ? 'phone' : 'computer or tablet'}, used last ${clock(one.usedAt)}`,
            )
            .join('; ')}.`}
    </p>
  );
}
