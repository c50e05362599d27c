import { useState } from 'react';
import type { FittingView } from '../api/client';
import { clock, sentence } from '../words/words';

interface LooseEndsProps {
  fittings: FittingView[];
  choose: (fitting: string) => void;
  maySet: (fitting: FittingView) => boolean;
}

/** Every fitting that is not in its in-commission state, and who left it so. */
export function LooseEnds({ fittings, choose, maySet }: LooseEndsProps) {
  const [all, setAll] = useState(false);
  const loose = fittings.filter((fitting) => fitting.looseEnd);
  const rest = fittings.filter((fitting) => !fitting.looseEnd);
  return (
    <section aria-label="Loose ends">
      <h2 className="stencil text-[18px]">Loose ends · {loose.length}</h2>
      {loose.length === 0 && (
        <p className="text-soft m-0 text-[14px]">Everything is in commission.</p>
      )}
      <ul className="m-0 list-none p-0">
        {loose.map((fitting) => (
          <Row key={fitting.key} fitting={fitting} choose={choose} may={maySet(fitting)} />
        ))}
      </ul>
      <button
        type="button"
        aria-expanded={all}
        className="text-soft border-line mt-2 w-full cursor-pointer border-t pt-2 text-left text-[14px]"
        onClick={() => setAll(!all)}
      >
        {all ? '▾' : '▸'} In commission · {rest.length}
      </button>
      {all && (
        <ul className="m-0 list-none p-0">
          {rest.map((fitting) => (
            <Row key={fitting.key} fitting={fitting} choose={choose} may={maySet(fitting)} />
          ))}
        </ul>
      )}
    </section>
  );
}

function Row({
  fitting,
  choose,
  may,
}: {
  fitting: FittingView;
  choose: (key: string) => void;
  may: boolean;
}) {
  const lost = fitting.state === 'OUT_MISSING';
  return (
    <li className="border-line grid grid-cols-[1fr_auto] gap-x-3 border-t py-1.5 text-[14px] first:border-t-0">
      {may ? (
        <button
          type="button"
          className="plain justify-self-start font-semibold no-underline hover:underline"
          onClick={() => choose(fitting.key)}
        >
          {sentence(fitting.name)}
        </button>
      ) : (
        <span className="font-semibold">{sentence(fitting.name)}</span>
      )}
      <span className={lost ? 'text-verm font-bold' : ''}>
        {fitting.stateWords}
        {fitting.forSample && ', for a sample'}
      </span>
      {fitting.looseEnd && fitting.by && fitting.at && (
        <span className="text-soft col-span-2 text-[13px]">
          {fitting.by}, {clock(fitting.at)}
          {fitting.reason && ` · ${fitting.reason}`}
        </span>
      )}
    </li>
  );
}
