import { keys } from '../api/keys';
import { useState } from 'react';
import { useInfiniteQuery } from '@tanstack/react-query';
import { api, got } from '../api/client';
import type { EntryView } from '../api/client';
import { useEnter } from '../enter/enter';
import { Field } from '../parts/field';
import { useDraft } from '../offline/draft';
import { useRefused } from '../parts/refused';
import { Loading, Trouble } from '../parts/states';
import { moment } from '../words/words';

const PAGE = 40;

interface LogListProps {
  boat: string;
  mayWork: boolean;
  mayMove: boolean;
}

/** What happened to the boat, newest first; entries can be taken back with a reason. */
export function LogList({ boat, mayWork, mayMove }: LogListProps) {
  const log = useInfiniteQuery({
    queryKey: keys.log(boat),
    queryFn: ({ pageParam }) =>
      got(
        api.GET('/api/boats/{id}/log', {
          params: { path: { id: boat }, query: { before: pageParam, limit: PAGE } },
        }),
      ),
    initialPageParam: undefined as number | undefined,
    getNextPageParam: (last) => (last.more ? last.entries.at(-1)?.seq : undefined),
  });
  const [correcting, setCorrecting] = useState<string | null>(null);
  if (log.isPending) return <Loading what="the log" />;
  if (log.error) return <Trouble error={log.error} again={() => void log.refetch()} />;
  const entries = log.data.pages.flatMap((page) => page.entries);
  return (
    <section aria-label="Log" className="px-5 py-3">
      <h2 className="stencil mb-1 text-[18px]">Log</h2>
      <AddNote boat={boat} shown={mayWork} />
      {entries.length === 0 && (
        <p className="text-soft m-0 text-[14px]">Nothing was entered yet.</p>
      )}
      <ol className="m-0 list-none p-0 text-[14px]">
        {entries.map((entry) => (
          <li key={entry.id} className="group grid grid-cols-[104px_1fr] gap-x-3 py-0.5">
            <span className="text-soft">{moment(entry.deviceTime)}</span>
            <span className={entry.replaced ? 'text-soft line-through' : ''}>
              {entry.words}
              {entry.step &&
                entry.kind.startsWith('STEP_') &&
                `: ${entry.step.replaceAll('-', ' ')}`}
              <span className="text-soft"> · {entry.person}</span>
              {entry.correctsWords && (
                <span className="text-soft"> · replaces: {entry.correctsWords}</span>
              )}
              {entry.oneTap && <span className="text-soft"> · {entry.oneTap}</span>}
              {entry.mark && <span className="text-verm"> · {entry.mark}</span>}
              {(entry.kind === 'BERTH_MOVED' ? mayMove : mayWork) && mayTakeBack(entry) && (
                <button
                  type="button"
                  className="plain text-soft ml-3 text-[13px] opacity-100 [@media(hover:hover)]:not-focus:not-group-hover:opacity-0"
                  aria-label={`Undo: ${entry.words}`}
                  onClick={() => setCorrecting(correcting === entry.id ? null : entry.id)}
                >
                  undo
                </button>
              )}
            </span>
            {correcting === entry.id && (
              <TakeBack boat={boat} entry={entry} done={() => setCorrecting(null)} />
            )}
          </li>
        ))}
      </ol>
      {log.hasNextPage && (
        <button
          type="button"
          className="btn mt-2"
          disabled={log.isFetchingNextPage}
          onClick={() => void log.fetchNextPage()}
        >
          Older entries
        </button>
      )}
    </section>
  );
}

function mayTakeBack(entry: EntryView): boolean {
  return (
    entry.mayCorrect &&
    !entry.replaced &&
    entry.kind !== 'CARD_OPENED' &&
    entry.kind !== 'WITHDRAWN'
  );
}

function TakeBack({ boat, entry, done }: { boat: string; entry: EntryView; done: () => void }) {
  const { enter, sending } = useEnter(boat);
  const [reason, setReason, clear] = useDraft(`back.${entry.id}`);
  const refused = useRefused(['reason']);
  const save = async () => {
    const ok = await refused.attempt(() =>
      enter({ entries: [{ kind: 'WITHDRAWN', corrects: entry.id, reason }] }),
    );
    if (!ok) return;
    clear();
    done();
  };
  return (
    <form
      className="bg-paper-2 col-span-2 my-1 flex flex-wrap items-end gap-3 p-3"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <div className="min-w-64 flex-1">
        <Field
          label="Why is it taken back?"
          value={reason}
          onType={setReason}
          autoFocus
          error={refused.at('reason') ?? refused.elsewhere}
        />
      </div>
      <button type="submit" className="btn btn-main" disabled={sending}>
        Take it back
      </button>
      <button type="button" className="btn" onClick={done}>
        Cancel
      </button>
    </form>
  );
}

function AddNote({ boat, shown }: { boat: string; shown: boolean }) {
  const { enter, sending } = useEnter(boat);
  const [text, setText, clear] = useDraft(`note.${boat}`);
  const refused = useRefused(['text']);
  if (!shown) return null;
  const save = async () => {
    if (await refused.attempt(() => enter({ entries: [{ kind: 'NOTED', text }] }))) clear();
  };
  return (
    <form
      className="mb-2 flex items-end gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <div className="max-w-xl flex-1">
        <Field
          label="Note"
          value={text}
          onType={setText}
          error={refused.at('text') ?? refused.elsewhere}
        />
      </div>
      <button type="submit" className="btn" disabled={sending || text.trim() === ''}>
        Write it down
      </button>
    </form>
  );
}
