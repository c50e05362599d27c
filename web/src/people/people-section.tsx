import { keys } from '../api/keys';
import { useState } from 'react';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import { api, got } from '../api/client';
import type { Invited, PersonView, SignedIn } from '../api/client';
import { peopleQuery } from '../queries/queries';
import { Choice, Field } from '../parts/field';
import { useRefused } from '../parts/refused';
import { RowsFile } from '../parts/rows-file';
import { Save, Section } from '../parts/section';
import { Invitation } from './invitation';
import { OnePerson } from './one-person';
import { ROLES, roleWords } from '../parts/roles';

const STANDING: Record<PersonView['standing'], string> = {
  WALKS: 'no account, walks are planned for them',
  INVITED: 'invited',
  ACTIVE: '',
  LOCKED: 'locked',
  REMOVED: 'removed',
};

/** Who is here, what they may do, and how somebody comes and goes. */
export function PeopleSection() {
  const { data: people = [] } = useQuery(peopleQuery);
  const queries = useQueryClient();
  const [chosen, setChosen] = useState<string | null>(null);
  const [made, setMade] = useState<Invited | null>(null);
  const [gone, setGone] = useState(false);
  const again = () => {
    void queries.invalidateQueries({ queryKey: peopleQuery.queryKey });
    void queries.invalidateQueries({ queryKey: keys.audit });
  };
  const invited = (invitation: Invited) => {
    setMade(invitation);
    setChosen(null);
    again();
  };
  const shown = people.filter(({ standing }) => gone || standing !== 'REMOVED');
  const removed = people.length - people.filter(({ standing }) => standing !== 'REMOVED').length;
  return (
    <Section title="People" more="Each sets their own password, on their own phone.">
      {made && <Invitation made={made} done={() => setMade(null)} />}
      <ul className="m-0 list-none p-0 text-[14.5px]">
        {shown.map((person) => (
          <li key={person.id} className="border-line border-t py-1 first:border-t-0">
            <div className="flex justify-between gap-3">
              <button
                type="button"
                className="plain font-bold"
                aria-expanded={chosen === person.id}
                onClick={() => setChosen(chosen === person.id ? null : person.id)}
              >
                {person.name}
              </button>
              <span className="text-soft">
                {[person.role && roleWords(person.role), STANDING[person.standing]]
                  .filter(Boolean)
                  .join(', ')}
              </span>
            </div>
            {chosen === person.id && (
              <OnePerson person={person} invited={invited} changed={again} />
            )}
          </li>
        ))}
      </ul>
      {removed > 0 && (
        <button type="button" className="plain justify-self-start" onClick={() => setGone(!gone)}>
          {gone ? 'Only who is here' : `And ${removed} removed`}
        </button>
      )}
      <Invite invited={invited} />
      <FileOfPeople taken={again} />
      <Link to="/settings/changes" className="plain justify-self-start">
        Who changed people, settings and links
      </Link>
    </Section>
  );
}

function Invite({ invited }: { invited: (made: Invited) => void }) {
  const [name, setName] = useState('');
  const [role, setRole] = useState<SignedIn['role']>('TECHNICIAN');
  const refused = useRefused(['name', 'role']);
  const save = () =>
    refused.attempt(async () => {
      invited(await got(api.POST('/api/people', { body: { name, role } })));
      setName('');
    });
  return (
    <form
      aria-label="Invite somebody"
      className="grid gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <h3 className="stencil m-0 mt-3 text-[15px]">Invite somebody</h3>
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
      <Save action="Invite" trouble={refused.elsewhere} />
    </form>
  );
}

function FileOfPeople({ taken }: { taken: () => void }) {
  return (
    <div className="mt-3 grid gap-1.5 text-[14.5px]">
      <p className="m-0">
        Or all of a file with the columns <code>name</code> and <code>role</code>; then make each
        their code.
      </p>
      <RowsFile
        label="File of people"
        done="invited"
        send={(csv) =>
          got(
            api.POST('/api/people/import', {
              body: csv,
              bodySerializer: (body) => body,
              headers: { 'Content-Type': 'text/csv' },
            }),
          )
        }
        taken={taken}
      />
    </div>
  );
}
