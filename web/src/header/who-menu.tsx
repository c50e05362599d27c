import { useState } from 'react';
import type { RefObject } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import { Popover } from 'radix-ui';
import { Link, useNavigate } from 'react-router';
import { useLine } from '../offline/device';
import { signOut } from '../offline/leaving';
import { roleWords } from '../parts/roles';

interface WhoMenuProps {
  name: string;
  role: string;
  button: RefObject<HTMLButtonElement | null>;
  close: () => void;
  keys: () => void;
}

/** What whoever is signed in can do about that. Comes when it is first asked for. */
export function WhoMenu({ name, role, button, close, keys }: WhoMenuProps) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const { waiting } = useLine();
  const mine = waiting.filter(({ person }) => person === name).length;
  const [asked, setAsked] = useState(false);
  const leave = async () => {
    if (mine > 0 && !asked) {
      setAsked(true);
      return;
    }
    await signOut(queries);
    void navigate('/sign-in');
  };
  return (
    <Popover.Root open onOpenChange={(open) => !open && close()}>
      <Popover.Anchor virtualRef={button} />
      <Popover.Content
        align="end"
        sideOffset={8}
        className="border-ink bg-card text-ink z-30 grid w-60 gap-3 rounded-[3px_12px_12px_3px] border-[1.5px] p-4 shadow-lg"
        onCloseAutoFocus={(event) => {
          event.preventDefault();
          button.current?.focus();
        }}
        onInteractOutside={(event) => {
          // Its own button closes it by itself.
          if (button.current?.contains(event.target as Node)) event.preventDefault();
        }}
      >
        <p className="m-0">
          <b>{name}</b>
          <br />
          <span className="text-soft">{roleWords(role)}</span>
        </p>
        <button type="button" className="plain justify-self-start" onClick={keys}>
          Keys <kbd className="key ml-1">?</kbd>
        </button>
        <Link to="/account" className="plain justify-self-start" onClick={close}>
          My password and devices
        </Link>
        {asked && (
          <p role="alert" className="border-amber m-0 border-l-[3px] pl-2 text-[14.5px]">
            {mine === 1 ? 'One entry waits' : `${mine} entries wait`} here for signal. They stay on
            this device and go up when {name} signs in on it again.
          </p>
        )}
        <button type="button" className="btn justify-self-start" onClick={() => void leave()}>
          {asked ? 'Sign out, they wait' : 'Sign out'}
        </button>
      </Popover.Content>
    </Popover.Root>
  );
}
