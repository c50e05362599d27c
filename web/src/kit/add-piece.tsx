import { keys } from '../api/keys';
import { useState } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import { api, got } from '../api/client';
import type { KitKindView } from '../api/client';
import { Choice, Field } from '../parts/field';
import { RefusedLine } from '../parts/refused-line';
import { useRefused } from '../parts/refused';
import { sentence } from '../words/words';

/** A piece somebody made or bought. */
export function AddPiece({ kinds }: { kinds: KitKindView[] }) {
  const queries = useQueryClient();
  const [name, setName] = useState('');
  const [kind, setKind] = useState<KitKindView['kind']>(kinds[0]!.kind);
  const [size, setSize] = useState('');
  const refused = useRefused(['name', 'size']);
  const add = () =>
    refused.attempt(async () => {
      await got(api.POST('/api/kit', { body: { name, kind, size } }));
      await queries.invalidateQueries({ queryKey: keys.kit });
      setName('');
      setSize('');
    });
  return (
    <section aria-label="Add a piece" className="grid max-w-[640px] gap-3">
      <h2 className="stencil text-[20px]">Add a piece</h2>
      <form
        className="grid gap-3 sm:grid-cols-2"
        onSubmit={(event) => {
          event.preventDefault();
          void add();
        }}
      >
        <Field label="Name" value={name} onType={setName} error={refused.at('name')} />
        <Choice
          label="What it is"
          value={kind}
          onChoose={(chosen) => setKind(kinds.find((one) => one.kind === chosen)!.kind)}
        >
          {kinds.map((one) => (
            <option key={one.kind} value={one.kind}>
              {sentence(one.words)}
            </option>
          ))}
        </Choice>
        <Field
          label="Thread, lid, diameter"
          value={size}
          onType={setSize}
          error={refused.at('size')}
        />
        <div className="self-end">
          <button type="submit" className="btn btn-main">
            Hang it up
          </button>
        </div>
      </form>
      <RefusedLine words={refused.elsewhere} />
    </section>
  );
}
