import { useState } from 'react';
import { useQuery } from '@tanstack/react-query';
import type { BoatView, CardView } from '../api/client';
import { useEnter } from '../enter/enter';
import { workersQuery } from '../queries/queries';
import { Refusal } from '../api/refusal';
import { useDraft } from '../offline/draft';
import { useRefused } from '../parts/refused';

/** "I stop here": who goes on, and what they should know. */
export function HandOver({ boat, card, me }: { boat: BoatView; card: CardView; me: string }) {
  const { data: workers = [] } = useQuery(workersQuery);
  const { enter, sending } = useEnter(boat.id);
  const [open, setOpen] = useState(false);
  const [to, setTo] = useState('');
  const [note, setNote, clear] = useDraft(`hand-over.${card.id}`);
  const refused = useRefused(['to', 'note']);
  const others = workers.filter((name) => name !== me);
  if (!open) {
    return (
      <div>
        <button type="button" className="plain text-[15px]" onClick={() => setOpen(true)}>
          Hand over
        </button>
      </div>
    );
  }
  const save = async () => {
    if (!to) {
      refused.refuse(new Refusal(422, 'to', 'Say who goes on.'));
      return;
    }
    const ok = await refused.attempt(() =>
      enter({
        entries: [{ kind: 'HANDED_OVER', to, note, card: card.id }],
        undo: `${to} goes on with it`,
      }),
    );
    if (!ok) return;
    clear();
    setOpen(false);
  };
  const error = refused.at('to') ?? refused.at('note') ?? refused.elsewhere;
  return (
    <form
      aria-label="Hand over"
      className="border-line grid gap-2 rounded-[4px_14px_14px_4px] border-[1.5px] p-3"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <label className="grid gap-1">
        <b>Who goes on</b>
        <select className="box" value={to} onChange={(event) => setTo(event.target.value)}>
          <option value="">choose</option>
          {others.map((name) => (
            <option key={name}>{name}</option>
          ))}
        </select>
      </label>
      <label className="grid gap-1">
        <b>What they should know</b>
        <input className="box" value={note} onChange={(event) => setNote(event.target.value)} />
      </label>
      {error && (
        <p role="alert" className="field-error m-0">
          {error}
        </p>
      )}
      <div className="flex gap-2.5">
        <button type="button" className="btn" onClick={() => setOpen(false)}>
          Cancel
        </button>
        <button type="submit" className="btn btn-main flex-1 justify-center" disabled={sending}>
          Hand it over
        </button>
      </div>
    </form>
  );
}
