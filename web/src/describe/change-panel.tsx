import { useState } from 'react';
import type { Catalog, DraftView, FittingView, PartView, SegmentView } from '../api/client';
import { Choice, Field } from '../parts/field';
import { useEscape } from '../keys/escape';
import { sentence } from '../words/words';
import type { Typed } from './typed';
import { typedIn } from '../words/typed-quantity';
import { boxIn, unitIn } from '../words/quantity';

/** What was chosen on the drawing. */
export type Chosen =
  { kind: 'segment'; circuit: string; segment: string } | { kind: 'fitting'; fitting: string };

interface ChangePanelProps {
  chosen: Chosen;
  draft: DraftView;
  typed: Typed;
  catalog: Catalog;
  change: (typed: Typed) => void;
  done: () => void;
}

/** Changes one segment or fitting of this hull, right beside the drawing. */
export function ChangePanel(props: ChangePanelProps) {
  const { chosen, draft } = props;
  if (chosen.kind === 'segment') {
    const circuit = draft.circuits.find((c) => c.key === chosen.circuit);
    const segment = circuit && find(circuit.path, chosen.segment);
    return segment ? (
      <SegmentPanel
        key={`${chosen.circuit}/${chosen.segment}`}
        {...props}
        segment={segment}
        circuit={chosen.circuit}
      />
    ) : null;
  }
  const fitting = draft.fittings.find((f) => f.key === chosen.fitting);
  return fitting ? <FittingPanel key={fitting.key} {...props} fitting={fitting} /> : null;
}

function find(parts: PartView[], key: string): SegmentView | undefined {
  for (const part of parts) {
    if (part.segment?.key === key) return part.segment;
    for (const branch of part.branches ?? []) {
      const found = find(branch, key);
      if (found) return found;
    }
  }
  return undefined;
}

function Panel({
  title,
  children,
  done,
}: {
  title: string;
  children: React.ReactNode;
  done: () => void;
}) {
  const panel = useEscape<HTMLElement>(done);
  return (
    <section
      aria-label={`Change ${title}`}
      className="border-ink bg-card mx-5 mt-3 grid gap-2.5 rounded-[3px_12px_12px_3px] border-[1.5px] p-3"
      ref={panel}
    >
      <div className="flex items-baseline gap-3">
        <h2 className="text-[15.5px] font-bold">{sentence(title)} on this hull</h2>
        <button type="button" className="plain ml-auto text-[14px]" onClick={done}>
          close
        </button>
      </div>
      {children}
    </section>
  );
}

function SegmentPanel({
  segment,
  circuit,
  typed,
  catalog,
  change,
  done,
}: ChangePanelProps & { segment: SegmentView; circuit: string }) {
  const [liters, setLiters] = useState(boxIn('L', segment.liters));
  const [drain, setDrain] = useState('');
  const [kind, setKind] = useState<Typed['addedDrains'][number]['kind']>('DRAIN_PLUG');
  const others = typed.segmentChanges.filter(
    (c) => c.circuit !== circuit || c.segment !== segment.key,
  );
  const value = typedIn('L', liters, segment.liters);
  const save = (gone: boolean) => {
    change({
      ...typed,
      segmentChanges: [
        ...others,
        { circuit, segment: segment.key, liters: gone ? null : value, gone },
      ],
    });
    done();
  };
  const addDrain = () => {
    change({
      ...typed,
      addedDrains: [
        ...typed.addedDrains,
        { circuit, segment: segment.key, name: drain, kind, where: '', tool: '' },
      ],
    });
    done();
  };
  return (
    <Panel title={segment.name} done={done}>
      <div className="flex flex-wrap items-end gap-2">
        <div className="w-36">
          <Field
            label="Holds"
            unit="L"
            inputMode="decimal"
            autoFocus
            value={liters}
            onType={setLiters}
            error={
              value === null || value <= 0 ? `Enter a number of ${unitIn('L')}, like 1.5.` : null
            }
          />
        </div>
        <button
          type="button"
          className="btn btn-main"
          disabled={value === null || value <= 0}
          onClick={() => save(false)}
        >
          Change
        </button>
        <button type="button" className="btn" onClick={() => save(true)}>
          It has none
        </button>
      </div>
      <form
        className="flex flex-wrap items-end gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          if (drain.trim()) addDrain();
        }}
      >
        <div className="w-56">
          <Field label="A drain more, called" value={drain} onType={setDrain} />
        </div>
        <div className="w-40">
          <Choice label="It is a" value={kind} onChoose={(v) => setKind(v as typeof kind)}>
            {catalog.drainKinds.map((option) => (
              <option key={option.key} value={option.key}>
                {option.words}
              </option>
            ))}
          </Choice>
        </div>
        <button type="submit" className="btn" disabled={!drain.trim()}>
          Add it
        </button>
      </form>
    </Panel>
  );
}

function FittingPanel({
  fitting,
  typed,
  catalog,
  change,
  done,
}: ChangePanelProps & { fitting: FittingView }) {
  const [name, setName] = useState(fitting.name);
  const [where, setWhere] = useState(fitting.where);
  const [tool, setTool] = useState(fitting.tool);
  const [kind, setKind] = useState(fitting.kind);
  const others = typed.fittingChanges.filter((c) => c.fitting !== fitting.key);
  const drains: string[] = [...catalog.drainKinds.map((k) => k.key), 'HOSE_END'];
  const save = (gone: boolean) => {
    change({
      ...typed,
      fittingChanges: [
        ...others,
        {
          fitting: fitting.key,
          name: gone ? null : name,
          kind: gone || kind === fitting.kind ? null : kind,
          where: gone ? null : where,
          tool: gone ? null : tool,
          gone,
        },
      ],
    });
    done();
  };
  return (
    <Panel title={fitting.name} done={done}>
      <form
        className="grid gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          save(false);
        }}
      >
        <div className="grid grid-cols-2 gap-2">
          <Field label="Called" autoFocus value={name} onType={setName} />
          <Field
            label="Where"
            value={where}
            onType={setWhere}
            placeholder="behind the starboard hatch"
          />
          <Field label="Tool" value={tool} onType={setTool} />
          {drains.includes(fitting.kind) && fitting.kind !== 'HOSE_END' && (
            <Choice label="It is a" value={kind} onChoose={(v) => setKind(v as typeof kind)}>
              {catalog.drainKinds.map((option) => (
                <option key={option.key} value={option.key}>
                  {option.words}
                </option>
              ))}
              <option value="HOSE_END">hose end</option>
            </Choice>
          )}
        </div>
        <div className="flex gap-2">
          <button type="submit" className="btn btn-main">
            Change
          </button>
          {drains.includes(fitting.kind) && (
            <button type="button" className="btn" onClick={() => save(true)}>
              It has none
            </button>
          )}
        </div>
      </form>
    </Panel>
  );
}
