import { useEffect, useId, useMemo, useRef, useState } from 'react';
import { useQuery } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { boatsQuery, planQuery } from '../queries/queries';
import { Dialog } from '../parts/dialog';
import { ProtectionMark, protectionWords } from '../parts/protection';

interface Hit {
  key: string;
  to: string;
  title: string;
  more: string;
  protection?: Parameters<typeof protectionWords>[0];
}

const SHOWN = 9;

interface FindProps {
  onClose: () => void;
  /** What was typed before this was there. */
  typed: string;
  /** Enter was pressed before this was there: the first that is found is meant. */
  entered: boolean;
}

/** Finds a boat by its name or berth, or a screen by its name. */
export function Find({ onClose, typed, entered }: FindProps) {
  const { data: boats = [] } = useQuery(boatsQuery);
  const { data: plan } = useQuery(planQuery);
  const navigate = useNavigate();
  const [text, setText] = useState(typed);
  const [at, setAt] = useState(0);
  const listId = useId();
  const hits = useMemo(() => {
    const berths = new Map(plan?.berths.map((berth) => [berth.id, berth.name]));
    const all: Hit[] = boats.map((boat) => ({
      key: boat.id,
      to: `/boats/${boat.id}`,
      title: boat.name,
      more: `${boat.berth ? berths.get(boat.berth) : 'no berth'} · ${protectionWords(boat.protection)}`,
      protection: boat.protection,
    }));
    all.push({ key: 'yard', to: '/', title: 'Yard', more: 'screen' });
    all.push({ key: 'bench', to: '/bench', title: 'Bench', more: 'screen' });
    const wanted = text.trim().toLowerCase();
    return all
      .filter((hit) => `${hit.title} ${hit.more}`.toLowerCase().includes(wanted))
      .sort((a, b) => rank(a, wanted) - rank(b, wanted))
      .slice(0, SHOWN);
  }, [boats, plan, text]);
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
        aria-label="Find a boat, a berth or a screen"
        aria-expanded="true"
        aria-controls={listId}
        aria-activedescendant={hits[at] ? `${listId}-${at}` : undefined}
        placeholder="boat, berth or screen"
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
      {hits.length === 0 && <p className="text-soft m-0 mt-3 px-3">Nothing of that name.</p>}
    </Dialog>
  );
}

function rank(hit: Hit, wanted: string): number {
  return hit.title.toLowerCase().startsWith(wanted) ? 0 : 1;
}
