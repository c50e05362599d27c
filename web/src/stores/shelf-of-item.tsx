import { keys } from '../api/keys';
import { useState } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import { api, got } from '../api/client';
import type { ShelfLine, StoreLine } from '../api/client';
import { Refusal } from '../api/refusal';
import { Choice, Field } from '../parts/field';
import { useRefused } from '../parts/refused';
import { clock, day } from '../words/words';
import { amount } from './stores-words';
import { typedIn } from '../words/typed-quantity';
import { unitIn } from '../words/quantity';

interface ShelfProps {
  line: StoreLine;
  mayCount: boolean;
  mayOrder: boolean;
}

/** One item opened: its lots, who takes it when, and what came or was counted. */
export function ShelfOfItem({ line, mayCount, mayOrder }: ShelfProps) {
  return (
    <div className="grid gap-4 py-3 md:grid-cols-[1fr_1fr]">
      <div className="grid content-start gap-3">
        <ul className="m-0 list-none p-0 text-[14.5px]" aria-label="On the shelf">
          {line.shelves.map((one) => (
            <Shelf key={one.shelf} one={one} line={line} />
          ))}
          {line.shelves.length === 0 && <li>There is no lot of it.</li>}
        </ul>
        {mayCount && line.shelves.length > 0 && <Move line={line} />}
        {mayOrder && <BoughtIn line={line} />}
      </div>
      <div>
        <h3 className="m-0 text-[15px]">What takes it</h3>
        {line.uses.length === 0 && <p className="m-0 text-[14.5px]">Nothing that is planned.</p>}
        <ul className="m-0 max-h-64 list-none overflow-y-auto p-0 text-[14.5px]" tabIndex={0}>
          {line.uses.map((use) => (
            <li key={`${use.boat} ${use.day}`} className="border-line flex gap-3 border-b py-1">
              <span className="text-soft w-28 shrink-0">
                {use.day ? day(use.day) : 'not planned'}
              </span>
              <span className="flex-1">{use.boat}</span>
              <span>{amount(line, use.quantity)}</span>
            </li>
          ))}
        </ul>
      </div>
    </div>
  );
}

function Shelf({ one, line }: { one: ShelfLine; line: StoreLine }) {
  return (
    <li className="border-line flex flex-wrap gap-x-3 border-b py-1">
      <b>{one.name}</b>
      <span>{amount(line, one.stock)}</span>
      <span className="text-soft">
        {one.countedAt
          ? `counted ${clock(one.countedAt)}, ${one.countedBy}`
          : 'never counted: what was taken before anything came is not known'}
        {one.expiresOn && ` · good until ${day(one.expiresOn)}`}
      </span>
    </li>
  );
}

/** Something came, or was counted. */
function Move({ line }: { line: StoreLine }) {
  const queries = useQueryClient();
  const [shelf, setShelf] = useState(line.shelves[0]!.shelf);
  const [kind, setKind] = useState<'COUNTED' | 'RECEIVED'>('COUNTED');
  const [quantity, setQuantity] = useState('');
  const [note, setNote] = useState('');
  const refused = useRefused(['shelf', 'quantity', 'note']);
  const save = async () => {
    const entered = typedIn(line.unit, quantity);
    if (entered === null) {
      refused.refuse(new Refusal(422, 'quantity', `Enter ${unitIn(line.unit)}, like 20.`));
      return;
    }
    const ok = await refused.attempt(() =>
      got(api.POST('/api/stores/moves', { body: { shelf, kind, quantity: entered, note } })),
    );
    if (!ok) return;
    setQuantity('');
    setNote('');
    void queries.invalidateQueries({ queryKey: keys.allStores });
  };
  return (
    <form
      className="grid gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <div className="grid grid-cols-2 gap-2">
        <Choice label="What" value={kind} onChoose={(value) => setKind(value as typeof kind)}>
          <option value="COUNTED">counted, there is</option>
          <option value="RECEIVED">came in</option>
        </Choice>
        {line.shelves.length > 1 && (
          <Choice label="Lot" value={shelf} onChoose={setShelf} error={refused.at('shelf')}>
            {line.shelves.map((one) => (
              <option key={one.shelf} value={one.shelf}>
                {one.name}
              </option>
            ))}
          </Choice>
        )}
        <Field
          label="How much"
          unit={line.unit}
          inputMode="decimal"
          value={quantity}
          onType={setQuantity}
          error={refused.at('quantity')}
        />
        <Field label="Note" value={note} onType={setNote} error={refused.at('note')} />
      </div>
      <div>
        <button type="submit" className="btn btn-main">
          Write it down
        </button>
      </div>
      {refused.elsewhere && (
        <p role="alert" className="field-error m-0">
          {refused.elsewhere}
        </p>
      )}
    </form>
  );
}

/** What the yard buys it in. */
function BoughtIn({ line }: { line: StoreLine }) {
  const queries = useQueryClient();
  const [size, setSize] = useState(String(line.packageSize));
  const refused = useRefused(['quantity']);
  const save = async () => {
    const ok = await refused.attempt(() =>
      got(
        api.PUT('/api/stores/packages', {
          body: { item: line.item, quantity: typedIn(line.unit, size) ?? undefined },
        }),
      ),
    );
    if (ok) void queries.invalidateQueries({ queryKey: keys.allStores });
  };
  return (
    <form
      className="flex flex-wrap items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <Field
        label="Bought in packages of"
        unit={line.unit}
        inputMode="decimal"
        value={size}
        onType={setSize}
        error={refused.at('quantity') ?? refused.elsewhere}
      />
      <button type="submit" className="btn">
        Keep
      </button>
    </form>
  );
}
