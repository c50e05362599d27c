import { keys } from '../api/keys';
import { useInfiniteQuery, useQuery } from '@tanstack/react-query';
import { useSearchParams } from 'react-router';
import { api, got } from '../api/client';
import { boatQuery, boatsQuery, shelfQuery, workersQuery } from '../queries/queries';
import { Choice, Field } from '../parts/field';
import { Loading, Trouble } from '../parts/states';
import { Recall } from './recall';
import { BookLines } from './lines';
import { KINDS, addressOf, fileOf, queryOf, wantedOf } from './wanted';
import type { Wanted } from './wanted';

/** What was done, by whom, with what result? The log of the whole yard. */
export function Book() {
  const [params, setParams] = useSearchParams();
  const wanted = wantedOf(params);
  const set = (over: Partial<Wanted>) =>
    setParams(addressOf({ ...wanted, ...over }), { replace: true });
  const wrong =
    wanted.from && wanted.to && wanted.to < wanted.from
      ? 'The last day comes before the first.'
      : null;
  const { data, error, refetch, hasNextPage, fetchNextPage, isFetchingNextPage } = useInfiniteQuery(
    {
      queryKey: keys.book(wanted),
      queryFn: ({ pageParam }) =>
        got(api.GET('/api/book', { params: { query: { ...queryOf(wanted), before: pageParam } } })),
      initialPageParam: undefined as number | undefined,
      getNextPageParam: (page) => (page.more ? page.lines.at(-1)?.entry.seq : undefined),
      enabled: !wrong,
    },
  );
  const lines = data?.pages.flatMap((page) => page.lines) ?? [];
  return (
    <main className="mx-auto grid w-full max-w-[1160px] flex-1 content-start items-start gap-x-10 gap-y-5 px-5 py-4 lg:grid-cols-[280px_1fr]">
      <div className="grid gap-4 lg:sticky lg:top-4">
        <h1 className="font-stencil text-[35px] leading-none font-bold tracking-[0.03em] uppercase">
          Book
        </h1>
        <Filters wanted={wanted} set={set} wrong={wrong} />
        {!wrong && (
          <p className="m-0 text-[14.5px]">
            <a
              className="plain"
              href={`/api/book/log.csv?${new URLSearchParams(fileOf(wanted)).toString()}`}
              download
            >
              these as a file
            </a>
          </p>
        )}
      </div>
      <div className="grid min-w-0 gap-5">
        {wanted.lot && <Recall lot={wanted.lot} />}
        {!data && !wrong ? (
          error ? (
            <Trouble error={error} again={() => void refetch()} />
          ) : (
            <Loading what="the book" />
          )
        ) : (
          <BookLines lines={lines} />
        )}
        {hasNextPage && (
          <button
            type="button"
            className="btn justify-self-start"
            disabled={isFetchingNextPage}
            onClick={() => void fetchNextPage()}
          >
            Older
          </button>
        )}
      </div>
    </main>
  );
}

interface FiltersProps {
  wanted: Wanted;
  set: (over: Partial<Wanted>) => void;
  wrong: string | null;
}

function Filters({ wanted, set, wrong }: FiltersProps) {
  const { data: boats } = useQuery(boatsQuery);
  const { data: people } = useQuery(workersQuery);
  const { data: shelf } = useQuery(shelfQuery);
  const { data: boat } = useQuery({ ...boatQuery(wanted.boat), enabled: wanted.boat !== '' });
  const names = [...(boats ?? [])].sort((a, b) => a.name.localeCompare(b.name));
  return (
    <form
      aria-label="Search the book"
      className="grid gap-3"
      onSubmit={(event) => event.preventDefault()}
    >
      <Choice label="Boat" value={wanted.boat} onChoose={(id) => set({ boat: id, circuit: '' })}>
        <option value="">every boat</option>
        {names.map(({ id, name }) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </Choice>
      <Choice label="By" value={wanted.person} onChoose={(person) => set({ person })}>
        <option value="">anybody</option>
        {[...(people ?? []), 'owner, by link'].map((name) => (
          <option key={name} value={name}>
            {name}
          </option>
        ))}
      </Choice>
      <Choice label="What" value={wanted.kind} onChoose={(kind) => set({ kind })}>
        <option value="">anything</option>
        {Object.entries(KINDS).map(([kind, words]) => (
          <option key={kind} value={kind}>
            {words}
          </option>
        ))}
      </Choice>
      <Choice label="Product" value={wanted.product} onChoose={(product) => set({ product })}>
        <option value="">any product</option>
        {[...new Set((shelf?.lots ?? []).map(({ productName }) => productName))].map((name) => (
          <option key={name} value={name}>
            {name}
          </option>
        ))}
      </Choice>
      {wanted.boat && (
        <Choice label="Circuit" value={wanted.circuit} onChoose={(circuit) => set({ circuit })}>
          <option value="">any circuit</option>
          {(boat?.circuits ?? []).map(({ key, name }) => (
            <option key={key} value={key}>
              {name}
            </option>
          ))}
        </Choice>
      )}
      <Choice label="Lot" value={wanted.lot} onChoose={(lot) => set({ lot })}>
        <option value="">any lot</option>
        {(shelf?.lots ?? []).map(({ number }) => (
          <option key={number} value={number}>
            {number}
          </option>
        ))}
      </Choice>
      <div className="grid grid-cols-2 gap-3 lg:grid-cols-1">
        <Field label="From" type="date" value={wanted.from} onType={(from) => set({ from })} />
        <Field
          label="To"
          type="date"
          value={wanted.to}
          onType={(to) => set({ to })}
          error={wrong}
        />
      </div>
      <label className="flex min-h-8 items-center gap-2">
        <input
          type="checkbox"
          checked={wanted.corrections !== ''}
          onChange={(event) => set({ corrections: event.target.checked ? 'yes' : '' })}
        />
        only what corrects something
      </label>
    </form>
  );
}
