import { Suspense, lazy, useCallback, useRef, useState } from 'react';
import { useQuery } from '@tanstack/react-query';
import { Link, NavLink, useNavigate } from 'react-router';
import { yardQuery } from '../queries/queries';
import { FindSoon } from './find-soon';
import { useKey } from '../keys/keys';
import { useHomeIsMyWalk, useMay } from '../parts/session';
import { celsius } from '../words/quantity';

// What opens when it is asked for comes then.
const KeysHelp = lazy(() => import('./keys-help').then((m) => ({ default: m.KeysHelp })));
const WhoMenu = lazy(() => import('./who-menu').then((m) => ({ default: m.WhoMenu })));

/** The line above every desk screen. */
export function Header() {
  const { data: yard } = useQuery(yardQuery);
  const may = useMay();
  const walkFirst = useHomeIsMyWalk();
  const navigate = useNavigate();
  const [open, setOpen] = useState<'find' | 'keys' | null>(null);
  useKey(
    '/',
    useCallback(() => setOpen('find'), []),
  );
  useKey(
    '?',
    useCallback(() => setOpen('keys'), []),
  );
  useKey(
    'y',
    useCallback(() => void navigate('/'), [navigate]),
  );
  useKey(
    'w',
    useCallback(
      () => void navigate(may.role === 'TECHNICIAN' ? '/walks/mine' : '/walks'),
      [navigate, may.role],
    ),
  );
  useKey(
    'b',
    useCallback(() => void navigate('/bench'), [navigate]),
  );
  return (
    <header className="border-ink flex min-h-[46px] flex-wrap items-center gap-x-4 border-b-[1.5px] px-4 sm:h-[46px] sm:flex-nowrap sm:gap-x-6 sm:px-5">
      <Link
        to="/"
        className="text-ink font-stencil text-[25px] font-bold tracking-[0.2em] no-underline"
      >
        ELSKO
      </Link>
      <span className="stencil text-soft hidden text-[14px] md:inline">{yard?.name}</span>
      <nav
        aria-label="Screens"
        className="order-last flex h-10 w-full gap-3.5 overflow-x-auto text-[14.5px] whitespace-nowrap sm:order-none sm:h-full sm:w-auto sm:gap-5 sm:text-[15px]"
      >
        {walkFirst && <Tab to="/" name="My walk" />}
        <Tab to={walkFirst ? '/yard' : '/'} name="Yard" />
        {!walkFirst && (
          <Tab to={may.role === 'TECHNICIAN' ? '/walks/mine' : '/walks'} name="Walks" />
        )}
        <Tab to="/bench" name="Bench" />
        <Tab to="/launch" name="Launch" />
        <Tab to="/cast-off" name="Cast-off" />
        <Tab to="/stores" name="Stores" />
        <Tab to="/book" name="Book" />
        {may.runYard && <Tab to="/settings" name="Settings" />}
      </nav>
      <div className="text-soft ml-auto flex items-center gap-4 text-[14px]">
        <button
          type="button"
          aria-label="Find"
          className="plain flex min-h-11 items-center gap-2 no-underline sm:min-h-8"
          onClick={() => setOpen('find')}
        >
          <kbd className="key hidden sm:inline">/</kbd> find
        </button>
        {yard && (
          <span className="hidden lg:inline">
            protected to{' '}
            <b className="font-stencil text-ink text-[17px] font-semibold">
              {celsius(yard.designLowC)}
            </b>
            , proven at {celsius(yard.designLowC - yard.marginK)}
          </span>
        )}
        <Who name={may.name} role={may.role ?? ''} keys={() => setOpen('keys')} />
      </div>
      {open === 'find' && <FindSoon onClose={() => setOpen(null)} />}
      <Suspense fallback={null}>
        {open === 'keys' && <KeysHelp onClose={() => setOpen(null)} />}
      </Suspense>
    </header>
  );
}

function Tab({ to, name }: { to: string; name: string }) {
  return (
    <NavLink
      to={to}
      end={to === '/'}
      className={({ isActive }) =>
        `text-ink flex items-center border-b-[3px] pt-[3px] no-underline ${isActive ? 'border-brass font-bold' : 'border-transparent'}`
      }
    >
      {name}
    </NavLink>
  );
}

function Who({ name, role, keys }: { name: string; role: string; keys: () => void }) {
  const [open, setOpen] = useState(false);
  const button = useRef<HTMLButtonElement>(null);
  return (
    <>
      <button
        ref={button}
        type="button"
        aria-label={`Signed in as ${name}`}
        aria-haspopup="dialog"
        aria-expanded={open}
        className="stencil border-ink bg-paper text-ink grid size-[30px] place-items-center rounded-full border-[1.5px] text-[15px]"
        onClick={() => setOpen(!open)}
      >
        {name.charAt(0)}
      </button>
      {open && (
        <Suspense fallback={null}>
          <WhoMenu
            name={name}
            role={role}
            button={button}
            close={() => setOpen(false)}
            keys={keys}
          />
        </Suspense>
      )}
    </>
  );
}
