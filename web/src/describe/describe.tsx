import { keys } from '../api/keys';
import { useDeferredValue, useMemo, useState } from 'react';
import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query';
import { useNavigate, useParams } from 'react-router';
import { api, got } from '../api/client';
import type { BoatView, Catalog, DraftView } from '../api/client';
import { boatQuery, catalogQuery } from '../queries/queries';
import { Refusal } from '../api/refusal';
import { WaterPaths } from '../boat/water-paths';
import { useDraft } from '../offline/draft';
import { Choice, Field } from '../parts/field';
import { RefusedLine } from '../parts/refused-line';
import { useRefused } from '../parts/refused';
import { Loading, Trouble } from '../parts/states';
import { Accessories } from './accessories';
import { ChangePanel } from './change-panel';
import type { Chosen } from './change-panel';
import { EngineDetailsForm, Engines } from './engines';
import { Pick } from './pick';
import { StartFrom, useSaveTemplate } from './start-from';
import { NOTHING, fromDescription, toDescription, toDraft, withLayout } from './typed';
import type { Typed } from './typed';
import { keyIn } from '../words/quantity';

/** Describes a new boat while its owner is on the phone, or an old one anew. */
export function Describe() {
  const { boatId } = useParams();
  const catalog = useQuery(catalogQuery);
  const boat = useQuery({ ...boatQuery(boatId ?? ''), enabled: Boolean(boatId) });
  if (catalog.isPending || (boatId && boat.isPending)) return <Loading what="the boat" />;
  if (catalog.error || boat.error) {
    const again = () => void Promise.all([catalog.refetch(), boat.refetch()]);
    return <Trouble error={catalog.error ?? boat.error} again={again} />;
  }
  return <Describing key={boatId ?? 'new'} catalog={catalog.data} boat={boat.data} />;
}

const FIELDS = [
  'name',
  'hullId',
  'hullLengthM',
  'layout',
  'engines',
  'fuel',
  'cylinders',
  'cooling',
  'exhaust',
  'drains',
  'method',
  'domesticTankLiters',
  'owner',
  'notes',
  'hours',
  'year',
  'oilLiters',
  'coolantLiters',
];

/** A problem deep in the request is said at the field it is about. */
const lastOf = (field: string | null) => (field ?? '').slice((field ?? '').lastIndexOf('.') + 1);

function Describing({ catalog, boat }: { catalog: Catalog; boat: BoatView | undefined }) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [kept, setKept, clearKept] = useDraft(
    keyIn('m', keyIn('L', keyIn('°C', `describe.${boat?.id ?? 'new'}`))),
  );
  const [typed, setTyped] = useState<Typed>(() =>
    kept ? (JSON.parse(kept) as Typed) : boat ? fromDescription(boat.description) : NOTHING,
  );
  const [version] = useState(boat?.version);
  const [chosen, setChosen] = useState<Chosen | null>(null);
  const [saving, setSaving] = useState(false);
  const change = (next: Typed) => {
    setTyped(next);
    setKept(JSON.stringify(next));
  };
  const refused = useRefused(FIELDS);
  const drawn = useDrawn(typed);
  const drawnRefusal = drawn.error instanceof Refusal ? drawn.error : null;
  const at = (field: string) =>
    refused.at(field) ??
    (drawnRefusal && lastOf(drawnRefusal.field) === field ? drawnRefusal.message : null);
  const set =
    <K extends keyof Typed>(field: K) =>
    (value: Typed[K]) =>
      change({ ...typed, [field]: value });
  const save = async () => {
    setSaving(true);
    const ok = await refused.attempt(async () => {
      const body = toDescription(typed);
      try {
        const saved = boat
          ? await got(
              api.PUT('/api/boats/{id}', {
                params: { path: { id: boat.id }, header: { 'If-Match': `"${version}"` } },
                body,
              }),
            )
          : await got(api.POST('/api/boats', { body }));
        queries.setQueryData(keys.boat(saved.id), saved);
        void queries.invalidateQueries({ queryKey: keys.offers(saved.id) });
        void queries.invalidateQueries({ queryKey: keys.boats });
        clearKept();
        void navigate(`/boats/${saved.id}`);
      } catch (error) {
        throw error instanceof Refusal
          ? new Refusal(error.status, lastOf(error.field), error.message)
          : error;
      }
    });
    if (!ok) setSaving(false);
  };
  const leave = () => {
    clearKept();
    void navigate(boat ? `/boats/${boat.id}` : '/');
  };
  const methods = useMemo(
    () => [...new Set(drawn.data?.engines.flatMap((engine) => engine.methods) ?? [])],
    [drawn.data],
  );
  return (
    <main className="grid flex-1 content-start lg:grid-cols-[430px_1fr]">
      <form
        className="border-line grid content-start gap-4 px-5 py-3 lg:border-r"
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          void save();
        }}
      >
        <h1 className="font-stencil text-[26px] leading-none font-bold uppercase">
          {boat ? `Describe ${boat.description.name}` : 'A boat comes in'}
        </h1>
        {!boat && <StartFrom start={change} />}
        <div className="grid grid-cols-[1fr_110px] gap-3">
          <Field
            label="Name"
            autoFocus
            value={typed.name}
            onType={set('name')}
            error={at('name')}
          />
          <Field
            label="Length"
            unit="m"
            inputMode="decimal"
            value={typed.length}
            onType={set('length')}
            error={at('hullLengthM')}
          />
        </div>
        <Pick
          legend="Layout"
          value={typed.layout}
          options={catalog.layouts.map(({ key, words }) => ({ value: key, words }))}
          choose={(layout) => change(withLayout(typed, layout))}
          error={at('layout')}
        />
        {typed.layout && typed.layout !== 'NONE' && (
          <Engines
            typed={typed}
            change={change}
            catalog={catalog}
            choices={drawn.data?.engines.find((e) => e.position !== 'GENERATOR')}
            at={at}
          />
        )}
        {typed.layout && (
          <Accessories
            catalog={catalog}
            answers={typed.answers}
            answer={(answers) => change({ ...typed, answers })}
          />
        )}
        <div className="flex flex-wrap gap-x-5 gap-y-2">
          <Pick
            legend="Used in"
            value={typed.water}
            options={[
              { value: 'SALT', words: 'salt' },
              { value: 'BRACKISH', words: 'brackish' },
              { value: 'FRESH', words: 'fresh water' },
            ]}
            choose={set('water')}
          />
          <Pick
            legend="Hull"
            value={typed.kind}
            options={[
              { value: 'POWER', words: 'power' },
              { value: 'SAIL', words: 'sail' },
            ]}
            choose={set('kind')}
          />
          <label className="flex items-center gap-1.5 self-end pb-1.5 text-[14px]">
            <input
              type="checkbox"
              className="size-4"
              checked={typed.silty}
              onChange={(event) => set('silty')(event.target.checked)}
            />
            silty
          </label>
        </div>
        <details open={Boolean(boat)}>
          <summary className="cursor-pointer text-[14px] font-semibold">
            Owner, hull id, hours, method
          </summary>
          <div className="mt-2 grid gap-3">
            <div className="grid grid-cols-2 gap-3">
              <Field
                label="Hull id"
                value={typed.hullId}
                onType={set('hullId')}
                error={at('hullId')}
              />
              <Field
                label="Domestic tank"
                unit="L"
                inputMode="decimal"
                value={typed.tank}
                onType={set('tank')}
                error={at('domesticTankLiters')}
              />
            </div>
            <Field
              label="Owner, how to reach"
              value={typed.owner}
              onType={set('owner')}
              error={at('owner')}
            />
            <EngineDetailsForm typed={typed} change={change} at={at} />
            <Choice
              label="Winterized"
              value={typed.method}
              onChoose={(value) => set('method')(value as Typed['method'])}
              error={at('method')}
            >
              <option value="">as the yard does it</option>
              {catalog.methods
                .filter(({ key }) => methods.includes(key))
                .map(({ key, words }) => (
                  <option key={key} value={key}>
                    {words}
                  </option>
                ))}
            </Choice>
            <Field label="Notes" value={typed.notes} onType={set('notes')} error={at('notes')} />
          </div>
        </details>
        <RefusedLine words={refused.elsewhere} />
        <div className="bg-paper border-line sticky bottom-0 -mx-5 flex flex-wrap gap-2 border-t px-5 py-2.5">
          <button type="submit" className="btn btn-main" disabled={saving}>
            {boat ? 'Save' : 'Save boat'}
          </button>
          <button type="button" className="btn" onClick={leave}>
            Cancel
          </button>
          {typed.layout && <SaveAsTemplate typed={typed} />}
        </div>
      </form>
      <section aria-label="How it will be drawn" className="min-w-0 py-3">
        {drawnRefusal && !FIELDS.includes(lastOf(drawnRefusal.field)) && (
          <p role="alert" className="field-error mx-5 mt-0">
            {drawnRefusal.message}
          </p>
        )}
        {chosen && drawn.data && (
          <ChangePanel
            chosen={chosen}
            draft={drawn.data}
            typed={typed}
            catalog={catalog}
            change={change}
            done={() => setChosen(null)}
          />
        )}
        <Drawn
          draft={drawn.data}
          chosen={chosen}
          choose={setChosen}
          typed={typed}
          change={change}
        />
      </section>
    </main>
  );
}

/** The boat as the server would write it out, following what is typed. */
function useDrawn(typed: Typed) {
  const settled = useDeferredValue(typed);
  const body = useMemo(() => JSON.stringify(toDraft(settled)), [settled]);
  const query = useQuery({
    queryKey: keys.draft(body),
    queryFn: () =>
      got(api.POST('/api/boats/draft', { body: JSON.parse(body) as ReturnType<typeof toDraft> })),
    enabled: settled.layout !== '',
    placeholderData: keepPreviousData,
    retry: false,
    gcTime: 10_000,
  });
  // While something contradicts itself the last drawing stays, with the reason beside it.
  const [last, setLast] = useState<DraftView>();
  if (query.data && query.data !== last) setLast(query.data);
  return { data: query.data ?? last, error: query.error };
}

interface DrawnProps {
  draft: DraftView | undefined;
  chosen: Chosen | null;
  choose: (chosen: Chosen) => void;
  typed: Typed;
  change: (typed: Typed) => void;
}

function Drawn({ draft, chosen, choose, typed, change }: DrawnProps) {
  if (!draft) {
    return (
      <p className="text-soft px-5">
        Choose the layout: its water path is drawn here, and every volume and fitting on it can be
        changed by a click.
      </p>
    );
  }
  const changes =
    typed.segmentChanges.length + typed.fittingChanges.length + typed.addedDrains.length;
  return (
    <>
      <p className="text-soft m-0 px-5 text-[13.5px]">
        Click a segment for its volume, a fitting for its name, place and tool.
        {changes > 0 && (
          <>
            {' '}
            {changes} {changes === 1 ? 'change' : 'changes'} on this hull ·{' '}
            <button
              type="button"
              className="plain"
              onClick={() =>
                change({ ...typed, segmentChanges: [], fittingChanges: [], addedDrains: [] })
              }
            >
              as usual again
            </button>
          </>
        )}
      </p>
      <WaterPaths
        draft
        circuits={draft.circuits}
        fittings={draft.fittings}
        chosen={chosen?.kind === 'fitting' ? chosen.fitting : null}
        choose={(fitting) => choose({ kind: 'fitting', fitting })}
        editSegment={(circuit, segment) => choose({ kind: 'segment', circuit, segment })}
      />
    </>
  );
}

function SaveAsTemplate({ typed }: { typed: Typed }) {
  const save = useSaveTemplate();
  const [name, setName] = useState<string | null>(null);
  const [saved, setSaved] = useState(false);
  const refused = useRefused(['name']);
  if (saved) return <span className="text-soft self-center text-[14px]">kept as a template</span>;
  if (name === null) {
    return (
      <button type="button" className="plain ml-auto text-[14px]" onClick={() => setName('')}>
        keep as a template
      </button>
    );
  }
  const keep = async () => {
    const ok = await refused.attempt(() => save(name, toDraft(typed)));
    if (ok) setSaved(true);
  };
  return (
    <div className="flex w-full flex-wrap items-end gap-2">
      <div className="flex-1">
        <Field
          label="Name of the template"
          autoFocus
          value={name}
          onType={setName}
          error={refused.at('name') ?? refused.elsewhere}
        />
      </div>
      <button type="button" className="btn" onClick={() => void keep()}>
        Keep it
      </button>
    </div>
  );
}
