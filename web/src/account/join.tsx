import { keys } from '../api/keys';
import { useEffect, useState } from 'react';
import type { FormEvent } from 'react';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { api, got } from '../api/client';
import { comesIn } from '../offline/leaving';
import { Field } from '../parts/field';
import { RefusedLine } from '../parts/refused-line';
import { useRefused } from '../parts/refused';
import { Loading } from '../parts/states';
import { ROLES } from '../parts/roles';

/** Somebody who was invited sets their own password, on their own phone. */
export function Join() {
  const [code, setCode] = useState(() => window.location.hash.slice(1));
  // Out of the address then: nobody reads it off the screen or finds it in the history.
  useEffect(() => {
    window.history.replaceState(window.history.state, '', window.location.pathname);
  }, []);
  return (
    <main className="mx-auto grid min-h-dvh max-w-md content-center gap-6 px-6 py-10">
      <h1 className="font-stencil text-[54px] leading-none font-bold tracking-[0.2em]">ELSKO</h1>
      {code ? <Welcome code={code} /> : <TypeCode typed={setCode} />}
    </main>
  );
}

/** Whoever cannot scan it types it. */
function TypeCode({ typed }: { typed: (code: string) => void }) {
  const [text, setText] = useState('');
  return (
    <form
      aria-label="Your code"
      className="grid gap-4"
      onSubmit={(event) => {
        event.preventDefault();
        typed(text.trim());
      }}
    >
      <p className="m-0">A coordinator gives you a code with which you set your own password.</p>
      <Field label="Code" value={text} onType={setText} autoComplete="one-time-code" autoFocus />
      <div>
        <button type="submit" className="btn btn-main" disabled={!text.trim()}>
          Go on
        </button>
      </div>
    </form>
  );
}

function Welcome({ code }: { code: string }) {
  const header = { 'X-Elsko-Code': code };
  const { data, error } = useQuery({
    queryKey: keys.invitation(code),
    queryFn: () => got(api.GET('/api/invitation', { params: { header } })),
    retry: false,
    gcTime: 0,
  });
  const [password, setPassword] = useState('');
  const [busy, setBusy] = useState(false);
  const refused = useRefused(['password']);
  const queries = useQueryClient();
  const navigate = useNavigate();
  if (error) return <RefusedLine words={error.message} />;
  if (!data) return <Loading what="your invitation" />;
  const submit = async (event: FormEvent) => {
    event.preventDefault();
    setBusy(true);
    const ok = await refused.attempt(async () => {
      await got(api.POST('/api/invitation', { params: { header }, body: { password } }));
      await comesIn(queries, await got(api.GET('/api/session')));
    });
    setBusy(false);
    if (ok) void navigate('/', { replace: true });
  };
  return (
    <form aria-label="Set your password" className="grid gap-4" onSubmit={(e) => void submit(e)}>
      <p className="m-0 text-[18px]">
        Good day, <b>{data.name}</b>. You are here as {ROLES[data.role]}.
      </p>
      {/* For whatever keeps passwords on this device. */}
      <input type="hidden" name="username" autoComplete="username" value={data.name} readOnly />
      <Field
        label="Your password"
        type="password"
        value={password}
        onType={setPassword}
        autoComplete="new-password"
        autoFocus
        hint="At least 10 characters. Three words that do not belong together are good."
        error={refused.at('password')}
      />
      <RefusedLine words={refused.elsewhere} />
      <div>
        <button type="submit" className="btn btn-main" disabled={busy}>
          Set it and come in
        </button>
      </div>
    </form>
  );
}
