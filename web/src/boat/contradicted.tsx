import type { BoatView } from '../api/client';
import { useEnter } from '../enter/enter';
import { useDraft } from '../offline/draft';
import { Field } from '../parts/field';
import { useRefused } from '../parts/refused';

/** What came in late and does not go with the rest: somebody says how it really was. */
export function Contradicted({ boat, may }: { boat: BoatView; may: boolean }) {
  if (boat.contradicted.length === 0) return null;
  return (
    <section aria-label="Entered late">
      <h2 className="stencil text-[18px]">Entered late</h2>
      <ul className="m-0 grid list-none gap-3 p-0">
        {boat.contradicted.map((one) => (
          <li key={one.entry} className="border-line border-b pb-2 text-[14.5px]">
            <p className="m-0">{one.words}</p>
            {may && <Settle boat={boat.id} entry={one.entry} />}
          </li>
        ))}
      </ul>
    </section>
  );
}

function Settle({ boat, entry }: { boat: string; entry: string }) {
  const { enter, sending } = useEnter(boat);
  const [text, setText, clear] = useDraft(`settle.${entry}`);
  const refused = useRefused(['found']);
  const save = async () => {
    const ok = await refused.attempt(() =>
      enter({ entries: [{ kind: 'LATE_SETTLED', entry, found: text }] }),
    );
    if (ok) clear();
  };
  return (
    <form
      className="flex flex-wrap items-end gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <div className="min-w-56 flex-1">
        <Field
          label="Looked: how is it really?"
          value={text}
          onType={setText}
          error={refused.at('found') ?? refused.elsewhere}
        />
      </div>
      <button type="submit" className="btn" disabled={sending}>
        Settled
      </button>
    </form>
  );
}
