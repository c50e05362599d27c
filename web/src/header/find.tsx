import { useEffect, useId, useMemo, useRef, useState } from 'react';
import { useQuery } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import {
  boatsQuery,
  launchQuery,
  ownersQuery,
  peopleQuery,
  planQuery,
  shelfQuery,
  storesQuery,
} from '../queries/queries';
import { Dialog } from '../parts/dialog';
import { ProtectionMark } from '../parts/protection';
import { useMay } from '../parts/session';
import type { Hit } from './hits';
import { found, hitsOf } from './hits';

const SHOWN = 9;
/** Which parts there are does not depend on how far one looks ahead. */
const ANY_DAYS = 90;

interface FindProps {
  onClose: () => void;
  /** What was typed before this was there. */
  typed: string;
  /** Enter was pressed before this was there: the first that is found is meant. */
  entered: boolean;
}

/** Finds boats by name, owner, berth or hull, lots, instruments, parts, people, papers and screens. */
export function Find({ onClose, typed, entered }: FindProps) {
  const may = useMay();
  const { data: boats = [] } = useQuery(boatsQuery);
  const { data: plan } = useQuery(planQuery);
  const { data: owners = [] } = useQuery(ownersQuery);
  const { data: launches } = useQuery(launchQuery);
  const { data: shelf } = useQuery(shelfQuery);
  const { data: stores } = useQuery(storesQuery(ANY_DAYS));
  const { data: people } = useQuery({ ...peopleQuery, enabled: may.runYard });
  const navigate = useNavigate();
  const [text, setText] = useState(typed);
  const [at, setAt] = useState(0);
  const listId = useId();
  const all = useMemo(
    () =>
      hitsOf({
        boats,
        plan,
        owners,
        launches: launches?.boats ?? [],
        shelf,
        items: stores?.lines ?? [],
        people: people ?? [],
        runYard: may.runYard,
      }),
    [boats, plan, owners, launches, shelf, stores, people, may.runYard],
  );
  const hits = useMemo(() => found(all, text).slice(0, SHOWN), [all, text]);
  const go = (hit: Hit | undefined) => {
    if (!hit) return;
    onClose();
    void navigate(hit.to);
  };
  const enteredBefore = useRef(entered);
  useEffect(() => {
    if (!enteredBefore.current || !hits[0]) return;
    enteredBefore.current = false;
    go(hits[0]);
  });
  return (
    <Dialog title="Find" onClose={onClose}>
      <input
        className="box"
        role="combobox"
        aria-label="Find a boat, an owner, a lot or a screen"
        aria-expanded="true"
        aria-controls={listId}
        aria-activedescendant={hits[at] ? `${listId}-${at}` : undefined}
        placeholder="boat, owner, lot, part, person, paper"
        value={text}
        autoFocus
        onFocus={({ currentTarget }) => currentTarget.setSelectionRange(text.length, text.length)}
        onChange={(event) => {
          setText(event.target.value);
          setAt(0);
        }}
        onKeyDown={(event) => {
          if (event.key === 'ArrowDown') setAt(Math.min(at + 1, hits.length - 1));
          else if (event.key === 'ArrowUp') setAt(Math.max(at - 1, 0));
          else if (event.key === 'Enter') go(hits[at]);
          else return;
          event.preventDefault();
        }}
      />
      <ul id={listId} role="listbox" aria-label="Found" className="m-0 mt-3 list-none p-0">
        {hits.map((hit, i) => (
          // Its keys are those of the box above.
          // eslint-disable-next-line jsx-a11y/click-events-have-key-events
          <li
            key={hit.key}
            id={`${listId}-${i}`}
            role="option"
            aria-selected={i === at}
            className={`flex cursor-pointer items-center gap-3 rounded-sm px-3 py-2 ${i === at ? 'bg-paper-2' : ''}`}
            onMouseEnter={() => setAt(i)}
            onClick={() => go(hit)}
          >
            {hit.protection ? (
              <ProtectionMark of={hit.protection} />
            ) : (
              <span className="w-[18px]" />
            )}
            <span className="font-semibold">{hit.title}</span>
            <span className="text-soft ml-auto text-[13.5px]">{hit.more}</span>
          </li>
        ))}
      </ul>
      {hits.length === 0 && (
        <p className="text-soft m-0 mt-3 px-3">Nothing has that in its name.</p>
      )}
    </Dialog>
  );
}
