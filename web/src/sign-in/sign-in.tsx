import { useState } from 'react';
import type { FormEvent } from 'react';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useNavigate, useSearchParams } from 'react-router';
import { api, got } from '../api/client';
import { sessionQuery, welcomeQuery } from '../queries/queries';
import { comesIn } from '../offline/leaving';
import { Field } from '../parts/field';
import { RefusedLine } from '../parts/refused-line';
import { useRefused } from '../parts/refused';
import { HullMotif } from './hull-motif';

export function SignIn() {
  const { data: welcome } = useQuery(welcomeQuery);
  // Asked for its cookie: the first change this page sends carries its token.
  useQuery(sessionQuery);
  const [name, setName] = useState('');
  const [password, setPassword] = useState('');
  const [busy, setBusy] = useState(false);
  const refused = useRefused(['name', 'password']);
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [search] = useSearchParams();
  const to = search.get('to') ?? '/';

  const signIn = async (asName: string, withPassword: string) => {
    setBusy(true);
    const ok = await refused.attempt(async () => {
      const who = await got(
        api.POST('/api/session', { body: { name: asName, password: withPassword } }),
      );
      await comesIn(queries, who);
    });
    setBusy(false);
    if (ok) void navigate(to.startsWith('/') && !to.startsWith('//') ? to : '/', { replace: true });
  };
  const submit = (event: FormEvent) => {
    event.preventDefault();
    void signIn(name, password);
  };

  return (
    <main className="grid min-h-dvh lg:grid-cols-[1fr_520px]">
      <div className="bg-paper-2 border-line relative hidden overflow-hidden border-r lg:block">
        <HullMotif />
      </div>
      <div className="flex flex-col justify-center gap-8 px-6 py-10 sm:px-14">
        <div>
          <h1 className="font-stencil text-[54px] leading-none font-bold tracking-[0.2em]">
            ELSKO
          </h1>
          <p className="text-soft m-0 mt-2 max-w-[34ch]">
            Every boat in the yard: what is left in it, what must be done, and the proof that it
            was.
          </p>
        </div>
        <form onSubmit={submit} className="grid max-w-sm gap-4" aria-label="Sign in">
          <Field
            label="Name"
            value={name}
            onType={setName}
            autoComplete="username"
            autoFocus
            error={refused.at('name')}
          />
          <Field
            label="Password"
            type="password"
            value={password}
            onType={setPassword}
            autoComplete="current-password"
            error={refused.at('password')}
          />
          <RefusedLine words={refused.elsewhere} />
          <div>
            <button type="submit" className="btn btn-main" disabled={busy}>
              Sign in
            </button>
          </div>
        </form>
        {welcome?.demo && (
          <section aria-label="Demonstration accounts" className="max-w-sm">
            <h2 className="stencil text-soft mb-2 text-[15px]">Demonstration: come in as</h2>
            <div className="flex flex-wrap gap-2">
              {welcome.accounts.map((account) => (
                <button
                  key={account.name}
                  type="button"
                  className="btn"
                  disabled={busy}
                  onClick={() => void signIn(account.name, account.password)}
                >
                  {account.name}
                </button>
              ))}
            </div>
            <p className="text-soft m-0 mt-3 text-[13.5px]">
              Everything here is made up. The password of each is “demo”.
            </p>
          </section>
        )}
      </div>
    </main>
  );
}
